package neatcorner.station.hanging;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import neatcorner.drawing.Marks;
import neatcorner.drawing.Point;
import neatcorner.drawing.Tint;

/** What is drawn of every wall. */
final class Wall {
    /** Somebody of middling height, mm. */
    private static final double PERSON = 1700;

    private Wall() {}

    /** Somebody who stands before it, as a quiet shape: one sees how large the frames are. */
    static void person(Marks marks, double x, double floor) {
        double h = PERSON;
        UnaryOperator<Point> at = p -> new Point(x + p.x() * h, floor - p.y() * h);
        List<Point> body = List.of(new Point(-0.055, 0), new Point(-0.075, 0.47), new Point(-0.115, 0.46),
                new Point(-0.13, 0.70), new Point(-0.11, 0.81), new Point(-0.035, 0.845), new Point(0.035, 0.845),
                new Point(0.11, 0.81), new Point(0.13, 0.70), new Point(0.115, 0.46), new Point(0.075, 0.47),
                new Point(0.055, 0), new Point(0.01, 0), new Point(0, 0.42), new Point(-0.01, 0));
        marks.shaded(body.stream().map(at).toList(), Tint.TABLE, 0.86);
        List<Point> head = new ArrayList<>();
        for (int i = 0; i < 24; i++) {
            double a = i * Math.PI / 12;
            head.add(at.apply(new Point(0.05 * Math.cos(a), 0.925 + 0.068 * Math.sin(a))));
        }
        marks.shaded(head, Tint.TABLE, 0.86);
    }
}
