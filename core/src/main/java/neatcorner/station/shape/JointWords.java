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
            case LAP -> List.of(
                    Sentence.of(
                            "Top and bottom: take the front half off both ends, {0} deep, as far as the side that they"
                                    + " meet is wide.",
                            half),
                    Sentence.of(
                            "Sides: take the back half off both ends, {0} deep, as far as the top or bottom is wide.",
                            half));
            case MITRED_LAP -> List.of(
                    Sentence.of(
                            "Right end of every piece: from the long point, saw the front half off at the miter, {0}, down"
                                    + " to {1}; the half behind keeps its whole length.",
                            miter(plan), half),
                    Sentence.of(
                            "Left end of every piece, mitred already: take the back half off square, {0} deep, from the toe"
                                    + " on.",
                            half));
            case BOX -> List.of(Sentence.of(
                    "Divide the thickness into {0} fingers of {1}. The sides keep the first at the front and every other one"
                            + " after it, top and bottom the ones between, as long as the other piece is wide.",
                    Scalar.count(CornerJoint.fingers(thickness)),
                    new Length(thickness.units() / CornerJoint.fingers(thickness))));
        };
    }

    private static Angle miter(Plan plan) {
        return plan.pieces().getFirst().left().miter();
    }
}
