package neatcorner.station.shape;

import java.util.ArrayList;
import java.util.List;
import neatcorner.drawing.Figure;
import neatcorner.drawing.Pictogram;
import neatcorner.drawing.Point;
import neatcorner.drawing.Tint;

/** Small pictures of the kinds of outline. */
public final class ShapePictures {
    private ShapePictures() {}

    /** Four sides, square. */
    public static Figure rectangle(Tint wood) {
        return new Pictogram(ShapeTexts.RECTANGLE).ring(wood, Pictogram.points(3, 1, 21, 1, 21, 23, 3, 23),
                Pictogram.points(7, 5, 17, 5, 17, 19, 7, 19), 0, 1, 2, 3).figure();
    }

    /** Equal sides. */
    public static Figure regular(Tint wood) {
        double start = Math.PI / 8;
        return new Pictogram(ShapeTexts.EQUAL_SIDES)
                .ring(wood, round(12, 12, start, 8), round(7.5, 7.5, start, 8), 0, 1, 2, 3, 4, 5,
                        6, 7)
                .figure();
    }

    /** Corners where they are wanted. */
    public static Figure free(Tint wood) {
        return new Pictogram(ShapeTexts.FREE_CORNERS).ring(wood, Pictogram.points(6, 2, 20, 1, 23, 22, 1, 20),
                Pictogram.points(9, 6, 16.5, 5.5, 18.5, 17.5, 5.5, 16.5), 0, 1, 2, 3).figure();
    }

    /** A curve on two uprights. */
    public static Figure arch(Tint wood) {
        List<Point> outer = new ArrayList<>(Pictogram.arc(12, 11, 10, 10, Math.PI, 2 * Math.PI, 12));
        outer.addAll(Pictogram.points(22, 23, 2, 23));
        List<Point> inner = new ArrayList<>(Pictogram.arc(12, 11, 6, 6, Math.PI, 2 * Math.PI, 12));
        inner.addAll(Pictogram.points(18, 19, 6, 19));
        return new Pictogram(ShapeTexts.ARCHED_TOP).ring(wood, outer, inner, 0, 6, 12, 13, 14).figure();
    }

    /** Round. */
    public static Figure circle(Tint wood) {
        return new Pictogram(ShapeTexts.CIRCLE)
                .ring(wood, round(11.5, 11.5, 0, 24), round(7.5, 7.5, 0, 24), 0, 6, 12, 18)
                .figure();
    }

    /** Longer than wide. */
    public static Figure ellipse(Tint wood) {
        return new Pictogram(ShapeTexts.ELLIPSE).ring(wood, round(8.5, 11.5, 0, 24), round(5, 8, 0, 24), 0, 6, 12, 18)
                .figure();
    }

    private static List<Point> round(double rx, double ry, double start, int steps) {
        return Pictogram.arc(12, 12, rx, ry, start, start + 2 * Math.PI, steps).subList(0, steps);
    }
}
