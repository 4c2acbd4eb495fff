package neatcorner.station.corners;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import neatcorner.corner.ReinforcementKind;
import neatcorner.piece.CornerJoint;
import neatcorner.plan.Plan;

/** What to beware of at the corners, said for what was chosen and for nothing else. */
public final class CornerCautionWords {
    private CornerCautionWords() {}

    /** In US words, each once; empty where nothing is cut or driven that asks for one. */
    public static String of(Plan plan) {
        List<String> all = new ArrayList<>();
        of(plan.job().joint().on(plan.job().outline())).ifPresent(all::add);
        plan.job().reinforcement().forEach(each -> of(each.kind()).ifPresent(all::add));
        if (!all.isEmpty()) {
            all.add("The tool's own manual decides.");
        }
        return all.stream().distinct().collect(Collectors.joining(" "));
    }

    /** What to beware of where a kind is put in. */
    private static Optional<String> of(ReinforcementKind kind) {
        return switch (kind) {
            case SPLINE -> Optional.of("Saw splines with the frame clamped to its cradle, never held by hand.");
            case SLIP, BISCUIT ->
                Optional.of("Clamp the work before the cutter plunges, and keep both hands on the tool.");
            case TENON ->
                Optional.of("Clamp the piece before the mortise is cut; fingers stay out of line with the cutter.");
            case DOWEL, PEG, SCREW, POCKET_SCREW -> Optional.of("Clamp what you drill, and do not hold it by hand.");
            case V_NAIL, CORRUGATED, STAPLE, PIN, BRAD, NAIL ->
                Optional.of(
                        "Keep the hand that steadies the corner a nail's length away: hard grain turns nails aside.");
            case BRACE, BLOCK -> Optional.empty();
        };
    }

    /** What to beware of where a joint is cut. */
    private static Optional<String> of(CornerJoint joint) {
        return switch (joint) {
            case MITER, BUTT -> Optional.empty();
            case LAP, MITRED_LAP, BOX ->
                Optional.of(
                        "Short ends over a blade ride in a jig or on a miter gauge with a stop, never in the hand.");
        };
    }
}
