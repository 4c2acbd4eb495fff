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
        rows.add(Slate.Row.large(ShapeTexts.PIECES_OF_A_FRAME, Reading.computed(ShapeTexts.PIECES,
                Scalar.count(plan.pieces().size()), ShapeTexts.ONE_FOR_EACH_SIDE)));
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
        if (plan.job().outline().shape() instanceof Shape.Regular regular && regular.sides() % 2 == 1) {
            rows.add(Slate.Row.plain(ShapeTexts.SIGHT_CORNER_TO_FLAT, Reading.computed(ShapeTexts.SIGHT_CORNER_TO_FLAT,
                    ShapeFields.cornerToFlat(contours.sight()), ShapeTexts.CORNER_TO_FLAT_FORMULA)));
            rows.add(Slate.Row.plain(ShapeTexts.OUTSIDE_CORNER_TO_FLAT, Reading.computed(
                    ShapeTexts.OUTSIDE_CORNER_TO_FLAT, ShapeFields.cornerToFlat(contours.outside()),
                    ShapeTexts.CORNER_TO_FLAT_FORMULA)));
        }
        Length around = Length.mm(contours.outside().perimeter());
        rows.add(Slate.Row.plain(ShapeTexts.ROUND_THE_OUTSIDE,
                Reading.computed(ShapeTexts.ROUND_THE_OUTSIDE, around, ShapeTexts.ALL_OUTER_EDGES_ADDED)));
        rows.add(Slate.Row.plain(ShapeTexts.STICK_NEEDED, Reading.computed(ShapeTexts.STICK_NEEDED, plan.stickNeeded(),
                ShapeTexts.OUTERMOST_POINTS_SLANTED_KERFS)));
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
            String name = ShapeTexts.CORNER_BETWEEN.formatted(before.name(), piece.name());
            Reading corner = plan.job().outline().shape() instanceof Shape.Polygon
                    ? Reading.given(name, interior)
                    : Reading.computed(name, interior, "180° − 360° ÷ %s".formatted(plan.pieces().size()));
            rows.add(Slate.Row.large(name, corner));
            rows.add(Slate.Row.plain(ShapeTexts.MITER, miter(plan, before.name(), before.right(), corner),
                    miter(plan, piece.name(), piece.left(), corner)));
            if (piece.left().isTilted()) {
                rows.add(Slate.Row.plain(ShapeTexts.TILT,
                        Reading.computed(ShapeTexts.TILT_OF.formatted(piece.name()), piece.left().bevel(),
                                ShapeTexts.TILT_FORMULA,
                                corner,
                                slope(plan))));
            }
        }
        if (plan.job().outline().isSloped()) {
            rows.add(Slate.Row.large(ShapeTexts.FACES_SLOPE_INWARDS, slope(plan)));
            rows.add(Slate.Row.plain(ShapeTexts.OUTER_EDGE_BEFORE_SIGHT, Reading.computed(ShapeTexts.OUTER_EDGE_FORWARD,
                    plan.job().section().width().scaled(plan.job().outline().slope().sin()),
                    ShapeTexts.FORWARD_FORMULA, Reading.given(ShapeTexts.FACE_WIDTH, plan.job().section().width()),
                    slope(plan))));
            rows.add(Slate.Row.plain(ShapeTexts.REACH_SIGHT_EDGE_TO_OUTSIDE, Reading.computed(ShapeTexts.REACH,
                    plan.job().section().reach(plan.job().outline().slope()),
                    ShapeTexts.REACH_FORMULA, slope(plan))));
        }
    }

    private static Reading slope(Plan plan) {
        return Reading.given(ShapeTexts.SLOPE, plan.job().outline().slope());
    }

    /** Lengths of pieces that are cut square, and what is taken off at their ends. */
    private static void square(Plan plan, List<Slate.Row> rows) {
        for (Piece piece : plan.pieces().subList(0, 2)) {
            String twin = plan.pieces().get(piece.equals(plan.pieces().get(0)) ? 2 : 3).name();
            rows.add(Slate.Row.large(ShapeTexts.LENGTH_OF_TWINS.formatted(piece.name(), twin),
                    Reading.computed(ShapeTexts.LENGTH_OF_TWINS.formatted(piece.name(), twin), piece.outer(),
                            !plan.job().joint().isButted() || piece.place() == Place.Side.RIGHT
                                    ? ShapeTexts.IT_RUNS_THROUGH_THE_OUTSIDE
                                    : plan.job().joint() == CornerJoint.DADO
                                            ? ShapeTexts.IT_STANDS_IN_THE_DADOES
                                            : ShapeTexts.IT_STANDS_BETWEEN_THE_SIDES)));
        }
        joint(plan, rows);
    }

    private static void joint(Plan plan, List<Slate.Row> rows) {
        Length thickness = plan.job().section().thickness();
        Reading thick = Reading.given(ShapeTexts.THICKNESS, thickness);
        switch (plan.job().joint()) {
            case LAP, MITRED_LAP -> {
                rows.add(Slate.Row.large(ShapeTexts.CHEEK_TAKE_OFF,
                        Reading.computed(ShapeTexts.CHEEK, new Length(thickness.units() / 2),
                                ShapeTexts.CHEEK_FORMULA, thick)));
                rows.add(Slate.Row.plain(ShapeTexts.OVER, Reading.computed(ShapeTexts.WIDTH_OF_THE_CHEEK,
                        plan.job().section().width(), ShapeTexts.AS_WIDE_AS_THE_PIECE)));
            }
            case BOX -> {
                int fingers = CornerJoint.fingers(thickness);
                rows.add(Slate.Row.large(ShapeTexts.FINGERS, Reading.computed(ShapeTexts.FINGERS, Scalar.count(fingers),
                        ShapeTexts.FINGERS_FORMULA, thick)));
                rows.add(Slate.Row.plain(ShapeTexts.EACH,
                        Reading.computed(ShapeTexts.FINGER, new Length(thickness.units() / fingers),
                                "{0} ÷ %s".formatted(fingers), thick)));
            }
            case DADO -> rows.add(Slate.Row.large(ShapeTexts.DADO, Reading.computed(ShapeTexts.DADO,
                    CornerJoint.dado(plan.job().section().width()), ShapeTexts.DADO_FORMULA)));
            case MITER, BUTT -> {
                // nothing is taken off
            }
        }
    }

    private static Reading miter(Plan plan, String piece, EndCut end, Reading corner) {
        if (plan.job().outline().isSloped()) {
            return Reading.computed(ShapeTexts.MITER_OF.formatted(piece), end.miter(),
                    ShapeTexts.SLOPED_MITER_FORMULA,
                    corner,
                    slope(plan));
        }
        return end.lean() == 0 && plan.job().joint() == CornerJoint.MITRED_LAP
                ? Reading.computed(ShapeTexts.CUT_OF.formatted(piece), end.miter(),
                        ShapeTexts.SQUARE_TO_LONG_POINT)
                : Reading.computed(ShapeTexts.MITER_OF.formatted(piece), end.miter(),
                        ShapeTexts.MITER_FORMULA, corner);
    }

    private static void segments(Contours contours, List<Slate.Row> rows) {
        Segment.Blank widest = contours.segments().stream().map(Segment::blank)
                .max(Comparator.comparingDouble(Segment.Blank::width)).orElseThrow();
        rows.add(Slate.Row.large(ShapeTexts.SEGMENTS, Reading.computed(ShapeTexts.SEGMENTS,
                Scalar.count(contours.segments().size()),
                ShapeTexts.AS_ASKED_FOR_OR_THE_FEWEST)));
        rows.add(Slate.Row.large(ShapeTexts.BOARD, Reading.computed(ShapeTexts.BOARD_WIDTH, Length.mm(widest.width()),
                ShapeTexts.HIGHEST_POINT_OF_THE_OUTER)));
        rows.add(Slate.Row.plain(ShapeTexts.BLANK,
                Reading.computed(ShapeTexts.BLANK_LENGTH, Length.mm(widest.longEdge()),
                        ShapeTexts.BETWEEN_THE_JOINTS_ALONG)));
        rows.add(Slate.Row.plain(ShapeTexts.JOINTS,
                Reading.computed(ShapeTexts.JOINT, widest.left(), ShapeTexts.FROM_A_SQUARE_CUT),
                Reading.computed(ShapeTexts.JOINT_OTHER_END, widest.right(), ShapeTexts.FROM_A_SQUARE_CUT)));
        rows.add(Slate.Row.plain(ShapeTexts.ACROSS_THE_GRAIN,
                Reading.computed(ShapeTexts.STEEPEST_ACROSS_THE_GRAIN, widest.runOut(),
                        ShapeTexts.WHERE_THE_CURVE_LEAVES)));
    }
}
