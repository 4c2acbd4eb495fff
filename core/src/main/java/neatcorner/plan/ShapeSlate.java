package neatcorner.plan;

import java.util.ArrayList;
import java.util.List;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.measure.Reading;
import neatcorner.measure.Scalar;
import neatcorner.outline.Contours;
import neatcorner.outline.Segment;
import neatcorner.piece.Piece;

/** The slate at the shape: corner angles and what the saw makes of them, or the segments of a curve. */
final class ShapeSlate {
    private static final int MOST_CORNERS = 8;

    private ShapeSlate() {}

    static Slate of(Plan plan) {
        List<Slate.Row> rows = new ArrayList<>();
        rows.add(Slate.Row.large("Pieces of a frame", Reading.given("Pieces", Scalar.count(plan.pieces().size()))));
        Contours contours = plan.contours();
        if (contours == null) {
            return new Slate(rows);
        }
        if (contours.segments().isEmpty()) {
            corners(plan, contours, rows);
        } else {
            segments(contours, rows);
        }
        Length around = Length.mm(contours.outside().perimeter());
        rows.add(Slate.Row.plain("Round the outside",
                Reading.computed("Round the outside", around, "all outer edges, added up")));
        rows.add(Slate.Row.plain("Stick needed", Reading.computed("Stick needed", plan.stickNeeded(),
                "long points, slanted kerfs and rough allowances of all pieces")));
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
            Reading corner = Reading.given("Corner " + before.name() + piece.name(), interior);
            rows.add(Slate.Row.large("Corner " + before.name() + piece.name(), corner));
            rows.add(Slate.Row.plain("Miter", miter(before.name(), before.right().miter(), corner),
                    miter(piece.name(), piece.left().miter(), corner)));
            if (piece.left().bevel().degrees() > 1e-9) {
                rows.add(Slate.Row.plain("Tilt", Reading.computed("Tilt of " + piece.name(), piece.left().bevel(),
                        "sin of half the turn × sin of the slope", corner)));
            }
        }
    }

    private static Reading miter(String piece, Angle miter, Reading corner) {
        return Reading.computed("Miter of " + piece, miter,
                "tan = (other face ÷ this face + cos {0}) ÷ sin {0}", corner);
    }

    private static void segments(Contours contours, List<Slate.Row> rows) {
        Segment.Blank widest = contours.segments().stream().map(Segment::blank)
                .max(java.util.Comparator.comparingDouble(Segment.Blank::width)).orElseThrow();
        rows.add(Slate.Row.large("Segments", Reading.given("Segments", Scalar.count(contours.segments().size()))));
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
