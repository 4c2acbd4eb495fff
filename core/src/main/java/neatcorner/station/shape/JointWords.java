package neatcorner.station.shape;

import java.util.List;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.measure.Scalar;
import neatcorner.measure.Sentence;
import neatcorner.piece.CornerJoint;
import neatcorner.plan.Plan;

/** What is done to the ends of the pieces once they are sawn to length, where corners are lapped or fingered. */
public final class JointWords {
    private JointWords() {}

    /** In order; nothing for miters and butt corners. */
    public static List<Sentence> of(Plan plan) {
        if (plan.pieces().isEmpty()) {
            return List.of();
        }
        Length thickness = plan.job().section().thickness();
        Length half = new Length(thickness.units() / 2);
        return switch (plan.job().joint().on(plan.job().outline())) {
            case MITER, BUTT -> List.of();
            case DADO -> List.of(Sentence.of(ShapeTexts.SIDES_TAKE_A_DADO,
                    CornerJoint.dado(plan.job().section().width()), plan.job().section().width()));
            case LAP -> List.of(
                    Sentence.of(
                            ShapeTexts.TOP_AND_BOTTOM_TAKE,
                            half),
                    Sentence.of(
                            ShapeTexts.SIDES_TAKE_THE_BACK,
                            half));
            case MITRED_LAP -> List.of(
                    Sentence.of(
                            ShapeTexts.RIGHT_END_OF_EVERY,
                            miter(plan), half),
                    Sentence.of(
                            ShapeTexts.LEFT_END_OF_EVERY,
                            half));
            case BOX -> List.of(Sentence.of(
                    ShapeTexts.DIVIDE_THE_THICKNESS_INTO,
                    Scalar.count(CornerJoint.fingers(thickness)),
                    new Length(thickness.units() / CornerJoint.fingers(thickness))));
        };
    }

    private static Angle miter(Plan plan) {
        return plan.pieces().getFirst().left().miter();
    }
}
