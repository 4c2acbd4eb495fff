package neatcorner.drawing;

import java.util.List;

/**
 * Two mitred scraps closed to a corner: the first comes from the left, the second goes down, the heel at 0, 0. The second
 * may be turned about the heel or the toe to show where the joint is open.
 *
 * @param miter    radians
 * @param face     face width, mm
 * @param length   of each scrap along its outer edge, mm
 * @param opening  radians between the faces as drawn; positive opens the toe, negative the heel
 */
public record CornerSketch(double miter, double face, double length, double opening) {

    /** Draws two mitred sides that meet at a heel, with their letters. */
    public void draw(Marks marks, Point heel, Tint tint, String first, String second) {
        double run = Math.tan(miter) * face;
        List<Point> left = List.of(heel.plus(-length, 0), heel, heel.plus(-run, face), heel.plus(-length, face));
        marks.wood(left, tint, 0, 21);
        marks.label(heel.plus(-length * 0.7, face / 2), 0, 5, Anchor.MIDDLE, first, 16, true, tint.letters());
        Point toe = heel.plus(-run, face);
        double turn = 2 * miter;
        double ux = Math.cos(turn);
        double uy = Math.sin(turn);
        List<Point> right = List.of(heel, heel.plus(ux * length, uy * length),
                heel.plus(ux * length - uy * face, uy * length + ux * face), toe);
        Point pivot = opening > 0 ? heel : toe;
        List<Point> opened = right.stream().map(p -> turned(p, pivot, -opening)).toList();
        marks.wood(opened, tint, turn - opening, 22);
        Point middle = turned(heel.plus(ux * length * 0.7 - uy * face / 2, uy * length * 0.7 + ux * face / 2), pivot,
                -opening);
        marks.label(middle, 0, 5, Anchor.MIDDLE, second, 16, true, tint.letters());
    }

    /** Where the opening is widest, seen from the middle of the corner. */
    public Point mouth(Point heel) {
        Point toe = heel.plus(-Math.tan(miter) * face, face);
        return opening > 0 ? toe : heel;
    }

    private static Point turned(Point p, Point about, double by) {
        double x = p.x() - about.x();
        double y = p.y() - about.y();
        return about.plus(x * Math.cos(by) - y * Math.sin(by), x * Math.sin(by) + y * Math.cos(by));
    }
}
