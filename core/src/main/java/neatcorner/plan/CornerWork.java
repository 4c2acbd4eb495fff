package neatcorner.plan;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import neatcorner.corner.Reinforcement;
import neatcorner.corner.solid.CornerWood;
import neatcorner.corner.solid.JoinedCorner;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.outline.Contours;
import neatcorner.outline.Corner;
import neatcorner.piece.CornerJoint;
import neatcorner.piece.Piece;
import neatcorner.section.Section;

/**
 * The corners of a frame with all that holds them, those that are alike together. A corner that is another's mirror image is
 * alike; the wider side, or the one that runs through, is taken as the one after it.
 *
 * @param kinds the commonest first; empty when there is no frame to make
 */
public record CornerWork(List<Kind> kinds) {

    public CornerWork {
        kinds = List.copyOf(kinds);
    }

    /** Corners that are alike, named by the letters of their pieces, as "A–B". */
    public record Kind(JoinedCorner corner, List<String> at) {

        public Kind {
            at = List.copyOf(at);
        }
    }

    private static final Derived<CornerWork> WORK = new Derived<>(
            plan -> of(plan, plan.job().joint(), plan.job().reinforcement()));

    /** Most edits change no corner. */
    private static final Recent<Joined, JoinedCorner> LATELY = new Recent<>(24);

    /** All that a corner's solids follow from. */
    private record Joined(Corner at, CornerJoint joint, Section section, Length behind, List<Reinforcement> held) {

        Joined {
            held = List.copyOf(held);
        }

        JoinedCorner corner() {
            return JoinedCorner.of(new CornerWood(at, joint, section, behind), held);
        }
    }

    private record Key(long interior, Length before, Length after) {}

    /** The corners of a plan, each kind once. */
    public static CornerWork of(Plan plan) {
        return Objects.requireNonNull(plan.derived(WORK));
    }

    /** As if the frame were joined in another way. */
    public static CornerWork of(Plan plan, CornerJoint joint, List<Reinforcement> reinforcement) {
        Contours contours = plan.contours();
        if (contours == null || plan.pieces().isEmpty() || !plan.job().section().isSound()) {
            return new CornerWork(List.of());
        }
        Map<Key, List<String>> names = new LinkedHashMap<>();
        Map<Key, Corner> corners = new LinkedHashMap<>();
        int count = plan.pieces().size();
        for (int i = 0; i < count; i++) {
            Corner corner = corner(plan, contours, i, joint);
            if (!corner.before().isPositive() || !corner.after().isPositive()) {
                return new CornerWork(List.of());
            }
            Key key = new Key(Math.round(corner.interior().degrees() * 1e5), corner.before(), corner.after());
            names.computeIfAbsent(key, none -> new ArrayList<>())
                    .add(plan.pieces().get(Math.floorMod(i - 1, count)).name() + "–" + plan.pieces().get(i).name());
            corners.putIfAbsent(key, corner);
        }
        Length behind = Length.max(Length.ZERO, plan.spareDepth());
        List<Kind> kinds = new ArrayList<>();
        corners.forEach((key, corner) -> kinds.add(new Kind(LATELY.get(new Joined(corner,
                joint.on(plan.job().outline()), plan.job().section(), behind, reinforcement), Joined::corner),
                names.getOrDefault(key, List.of()))));
        kinds.sort((a, b) -> Integer.compare(b.at().size(), a.at().size()));
        return new CornerWork(kinds);
    }

    /** The corner at which a piece starts. */
    private static Corner corner(Plan plan, Contours contours, int index, CornerJoint joint) {
        if (!contours.segments().isEmpty()) {
            int count = plan.pieces().size();
            Piece before = plan.pieces().get(Math.floorMod(index - 1, count));
            Piece after = plan.pieces().get(index);
            double turn = before.right().miter().degrees() + after.left().miter().degrees();
            Length face = plan.job().section().width();
            return new Corner(Angle.ofDegrees(180 - turn), face, face);
        }
        Corner corner = contours.corner(index);
        boolean mirrored = switch (joint.on(plan.job().outline())) {
            case MITER -> corner.before().isMoreThan(corner.after());
            case MITRED_LAP -> false;
            case BUTT, LAP, BOX -> index % 2 == 0;
        };
        return mirrored ? corner.mirrored() : corner;
    }

    /** How many corners there are in all. */
    public int count() {
        return kinds.stream().mapToInt(kind -> kind.at().size()).sum();
    }
}
