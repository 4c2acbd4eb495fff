package neatcorner.station.corners;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import neatcorner.corner.ReinforcementKind;
import neatcorner.piece.CornerJoint;
import neatcorner.plan.Plan;

/** What to beware of at the corners, said for what was chosen and for nothing else. */
final class CornerCautionWords {
    private CornerCautionWords() {}

    /** In US words, each once; none where nothing is cut or driven that asks for one. */
    static List<String> of(Plan plan) {
        List<String> all = new ArrayList<>();
        of(plan.job().joint().on(plan.job().outline())).ifPresent(all::add);
        plan.job().reinforcement().forEach(each -> of(each.kind()).ifPresent(all::add));
        return all.stream().distinct().toList();
    }

    /** What to beware of where a kind is put in. */
    private static Optional<String> of(ReinforcementKind kind) {
        return switch (kind) {
            case SPLINE -> Optional.of(CornersTexts.SAW_SPLINES_WITH_THE_FRAME);
            case SLIP, BISCUIT ->
                Optional.of(CornersTexts.CLAMP_THE_WORK_BEFORE);
            case TENON ->
                Optional.of(CornersTexts.CLAMP_THE_PIECE_BEFORE);
            case DOWEL, PEG, SCREW, POCKET_SCREW -> Optional.of(CornersTexts.CLAMP_WHAT_YOU_DRILL);
            case V_NAIL, CORRUGATED, STAPLE, PIN, BRAD, NAIL ->
                Optional.of(
                        CornersTexts.KEEP_THE_HAND_THAT_STEADIES);
            case BRACE, BLOCK -> Optional.empty();
        };
    }

    /** What to beware of where a joint is cut. */
    private static Optional<String> of(CornerJoint joint) {
        return switch (joint) {
            case MITER, BUTT, DADO -> Optional.empty();
            case LAP, MITRED_LAP, BOX ->
                Optional.of(
                        CornersTexts.SHORT_ENDS_OVER_A_BLADE);
        };
    }
}
