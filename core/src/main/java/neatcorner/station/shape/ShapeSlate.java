package neatcorner.station.shape;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.measure.Reading;
import neatcorner.measure.Scalar;
import neatcorner.outline.Contours;
import neatcorner.outline.Segment;
import neatcorner.outline.Shape;
import neatcorner.piece.CornerJoint;
import neatcorner.piece.EndCut;
import neatcorner.piece.Piece;
import neatcorner.piece.Place;
import neatcorner.plan.Plan;
import neatcorner.plan.Slate;

/** The slate at the shape: corner angles and what the saw makes of them, or the segments of a curve. */
public final class ShapeSlate {
    private static final int MOST_CORNERS = 8;

    private ShapeSlate() {}

    static Slate of(Plan plan) {
        List<Slate.Row> rows = new ArrayList<>();
        rows.add(Slate.Row.large("Pieces of a frame", Reading.computed("Pieces",
                Scalar.count(plan.pieces().size()), "one for each side, and for each segment of a curve")));
        Contours contours = plan.contours();
        if (contours == null) {
            return new Slate(rows);
        }
        if (!plan.job().joint().showsMiter() && plan.job().outline().isRectangle()) {
            square(plan, rows);
        } else if (contours.segments().isEmpty()) {
            corners(plan, contours, rows);
            joint(plan, rows);
        } else {
            segments(contours, rows);
        }
        Length around = Length.mm(contours.outside().perimeter());
        rows.add(Slate.Row.plain("Round the outside",
                Reading.computed("Round the outside", around, "all outer edges, added up")));
        rows.add(Slate.Row.plain("Stick needed", Reading.computed("Stick needed", plan.stickNeeded(),
                "outermost points, slanted kerfs and rough allowances of all pieces")));
        return new Slate(rows);
    }

    private static void corners(Plan plan, Contours contours, List<Slate.Row> rows) {
        Angle shown = null;
        int count = 0;
        for (int i = 0; i < plan.pieces().size() && count < MOST_CORNERS; i++) {
            Angle interior = contours.sight().interior(i);
            Piece piece = plan.pieces().get(i);
            Piece before = plan.pieces().get((i + plan.pieces().size() - 1) % plan.pieces().size());
            if (shown != null && shown.isNear(interior) && contours.widths().stream().distinct().count() == 1) {
                continue;
            }
            shown = interior;
            count++;
            String name = "Corner " + before.name() + piece.name();
            Reading corner = plan.job().outline().shape() instanceof Shape.Polygon
                    ? Reading.given(name, interior)
                    : Reading.computed(name, interior, "180° − 360° ÷ " + plan.pieces().size());
            rows.add(Slate.Row.large(name, corner));
            rows.add(Slate.Row.plain("Miter", miter(plan, before.name(), before.right(), corner),
                    miter(plan, piece.name(), piece.left(), corner)));
            if (piece.left().isTilted()) {
                rows.add(Slate.Row.plain("Tilt", Reading.computed("Tilt of " + piece.name(), piece.left().bevel(),
                        "the angle whose sine is the sine of half the turn, 90° − {0} ÷ 2, × the sine of {1}", corner,
                        slope(plan))));
            }
        }
        if (plan.job().outline().isSloped()) {
            rows.add(Slate.Row.large("Faces slope inwards", slope(plan)));
            rows.add(Slate.Row.plain("Outer edge, forward of the sight edge", Reading.computed("Outer edge, forward",
                    plan.job().section().width().scaled(plan.job().outline().slope().sin()),
                    "{0} × the sine of {1}", Reading.given("Face width", plan.job().section().width()),
                    slope(plan))));
            rows.add(Slate.Row.plain("Reach, sight edge to outside", Reading.computed("Reach",
                    plan.job().section().reach(plan.job().outline().slope()),
                    "the largest of across × the cosine of {0} + back × its sine on the stick's end", slope(plan))));
        }
    }

    private static Reading slope(Plan plan) {
        return Reading.given("Slope", plan.job().outline().slope());
    }

    /** Lengths of pieces that are cut square, and what is taken off at their ends. */
    private static void square(Plan plan, List<Slate.Row> rows) {
        for (Piece piece : plan.pieces().subList(0, 2)) {
            String twin = plan.pieces().get(piece.equals(plan.pieces().get(0)) ? 2 : 3).name();
            rows.add(Slate.Row.large("Length of " + piece.name() + ", " + twin,
                    Reading.computed("Length of " + piece.name() + ", " + twin, piece.outer(),
                            plan.job().joint() != CornerJoint.BUTT || piece.place() == Place.Side.RIGHT
                                    ? "it runs through: the outside size"
                                    : "it stands between the sides: the sight size")));
        }
        joint(plan, rows);
    }

    private static void joint(Plan plan, List<Slate.Row> rows) {
        Length thickness = plan.job().section().thickness();
        Reading thick = Reading.given("Thickness", thickness);
        switch (plan.job().joint()) {
            case LAP, MITRED_LAP -> {
                rows.add(Slate.Row.large("Cheek, take off", Reading.computed("Cheek", new Length(thickness.units() / 2),
                        "half of {0}, over the width of the other piece", thick)));
                rows.add(Slate.Row.plain("over", Reading.computed("Width of the cheek",
                        plan.job().section().width(), "as wide as the piece that it meets")));
            }
            case BOX -> {
                int fingers = CornerJoint.fingers(thickness);
                rows.add(Slate.Row.large("Fingers", Reading.computed("Fingers", Scalar.count(fingers),
                        "an odd number, each about [10 mm|3/8 in] of {0}", thick)));
                rows.add(Slate.Row.plain("each", Reading.computed("Finger", new Length(thickness.units() / fingers),
                        "{0} ÷ " + fingers, thick)));
            }
            case MITER, BUTT -> {
                // nothing is taken off
            }
        }
    }

    private static Reading miter(Plan plan, String piece, EndCut end, Reading corner) {
        if (plan.job().outline().isSloped()) {
            return Reading.computed("Miter of " + piece, end.miter(),
                    "the angle whose tangent is the tangent of half the turn, 90° − {0} ÷ 2, × the cosine of {1}",
                    corner,
                    slope(plan));
        }
        return end.lean() == 0 && plan.job().joint() == CornerJoint.MITRED_LAP
                ? Reading.computed("Cut of " + piece, end.miter(), "square to the long point; its show half is mitred")
                : Reading.computed("Miter of " + piece, end.miter(),
                        "the angle whose tangent is (other face ÷ this face + cos {0}) ÷ sin {0}", corner);
    }

    private static void segments(Contours contours, List<Slate.Row> rows) {
        Segment.Blank widest = contours.segments().stream().map(Segment::blank)
                .max(Comparator.comparingDouble(Segment.Blank::width)).orElseThrow();
        rows.add(Slate.Row.large("Segments", Reading.computed("Segments",
                Scalar.count(contours.segments().size()),
                "as asked for, or the fewest that the board and the grain allow")));
        rows.add(Slate.Row.large("Board", Reading.computed("Board width", Length.mm(widest.width()),
                "the highest point of the outer edge above the ends of the inner one")));
        rows.add(Slate.Row.plain("Blank", Reading.computed("Blank length", Length.mm(widest.longEdge()),
                "between the joints, along the outside of the blank")));
        rows.add(Slate.Row.plain("Joints", Reading.computed("Joint", widest.left(), "from a square cut"),
                Reading.computed("Joint, other end", widest.right(), "from a square cut")));
        rows.add(Slate.Row.plain("Across the grain", Reading.computed("Steepest across the grain", widest.runOut(),
                "where the curve leaves the blank's grain the most")));
    }
}
