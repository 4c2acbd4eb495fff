package neatcorner.station.corners;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import neatcorner.corner.Craft;
import neatcorner.corner.Reinforcement;
import neatcorner.corner.ReinforcementKind;
import neatcorner.corner.solid.GlueArea;
import neatcorner.piece.CornerJoint;
import neatcorner.plan.CornerWork;
import neatcorner.plan.Plan;

/**
 * One way to hold the corners of a frame, to be set beside another.
 *
 * @param name    what it is called, as "miter, spline"
 * @param glue    in the commonest corner
 * @param shows   what is seen of it on the finished frame
 * @param tools   what it takes besides a saw and glue
 * @param minutes of work for the whole frame
 * @param fits    whether everything clears
 * @param reasons for it
 * @param against what speaks against it
 */
public record WayToJoin(String name, CornerJoint joint, List<Reinforcement> reinforcement, GlueArea glue, String shows,
        List<String> tools, double minutes, boolean fits, List<String> reasons, List<String> against) {

    private static final List<ReinforcementKind> SCHOOLS = List.of(ReinforcementKind.PIN, ReinforcementKind.V_NAIL,
            ReinforcementKind.SPLINE, ReinforcementKind.TENON, ReinforcementKind.DOWEL, ReinforcementKind.SCREW);

    public WayToJoin {
        reinforcement = List.copyOf(reinforcement);
        tools = List.copyOf(tools);
        reasons = List.copyOf(reasons);
        against = List.copyOf(against);
    }

    /** The way that the job has now. */
    public static WayToJoin of(Plan plan) {
        return of(plan, plan.job().joint(), plan.job().reinforcement());
    }

    /** A way to join a plan's corners, and how strong, quick and visible it is. */
    public static WayToJoin of(Plan plan, CornerJoint joint, List<Reinforcement> reinforcement) {
        CornerWork work = CornerWork.of(plan, joint, reinforcement);
        List<String> names = new ArrayList<>(List.of(joint.title()));
        Set<String> tools = new LinkedHashSet<>();
        List<String> shows = new ArrayList<>();
        List<String> reasons = new ArrayList<>();
        List<String> against = new ArrayList<>();
        double minutes = 0;
        for (Reinforcement each : reinforcement) {
            Craft craft = Craft.of(each.kind());
            names.add(each.count() > 1 ? each.count() + " " + each.kind().title() + "s" : each.kind().title());
            tools.addAll(craft.tools());
            minutes += craft.setUp() + craft.perCorner() * plan.pieces().size();
            reasons.add(craft.reason());
            against.add(craft.against());
            if (each.kind().shows()) {
                shows.add(each.kind().title() + "s");
            }
        }
        if (reinforcement.isEmpty()) {
            reasons.add(CornersTexts.NOTHING_BUT_SAW_AND_GLUE);
            against.add(CornersTexts.GLUED_MITER_IS_END);
        }
        return new WayToJoin(String.join(", ", names), joint, reinforcement,
                work.kinds().isEmpty() ? new GlueArea(0, 0) : work.kinds().getFirst().corner().glue(),
                CornerWords.shows(shows), List.copyOf(tools),
                minutes, work.kinds().stream().allMatch(kind -> kind.corner().isClear()), reasons, against);
    }

    /** The main schools, each with the strongest that fits this frame; those that do not fit are left out. */
    public static List<WayToJoin> schools(Plan plan) {
        List<WayToJoin> ways = new ArrayList<>(List.of(of(plan, CornerJoint.MITER, List.of())));
        for (ReinforcementKind kind : SCHOOLS) {
            fitted(plan, CornerJoint.MITER, kind).ifPresent(ways::add);
        }
        if (plan.job().outline().isRectangle() && !plan.job().outline().isSloped()) {
            fitted(plan, CornerJoint.MITRED_LAP, ReinforcementKind.PEG).ifPresent(ways::add);
        }
        return ways;
    }

    private static Optional<WayToJoin> fitted(Plan plan, CornerJoint joint, ReinforcementKind kind) {
        return CornerChoices.strongest(plan, kind, CornerWork.of(plan, joint, List.of()))
                .map(chosen -> of(plan, joint, List.of(chosen)));
    }
}
