package neatcorner.exchange.paper;

import java.io.IOException;
import java.util.List;
import neatcorner.drawing.Anchor;
import neatcorner.drawing.Box;
import neatcorner.drawing.Point;
import neatcorner.drawing.Tint;
import neatcorner.job.Shade;

/** Draws everything a little smaller, from a page's top left corner, so that more goes on it. */
final class ReducedPen implements PagePen {
    private final PagePen pen;
    private final double share;

    /** @param share of the usual size */
    ReducedPen(PagePen pen, double share) {
        this.pen = pen;
        this.share = share;
        place(0, 0, 1);
    }

    @Override
    public void place(double x, double y, double newScale) {
        pen.place(x * share, y * share, newScale * share);
    }

    @Override
    public void newPage() throws IOException {
        pen.newPage();
        place(0, 0, 1);
    }

    @Override
    public double width(String text, double size, Face face) {
        return pen.width(text, size, face);
    }

    @Override
    public void fill(List<Point> outline, Tint tint) {
        pen.fill(outline, tint);
    }

    @Override
    public void paint(List<Point> outline, Shade color, double opacity) {
        pen.paint(outline, color, opacity);
    }

    @Override
    public void photo(List<Point> outline, Box box, String name) {
        pen.photo(outline, box, name);
    }

    @Override
    public void blank(double x, double y, double width, double height) {
        pen.blank(x, y, width, height);
    }

    @Override
    public void stroke(List<Point> points, Tint tint, double weight, boolean dashed) {
        pen.stroke(points, tint, weight, dashed);
    }

    @Override
    public void write(double x, double y, Anchor anchor, String text, double size, Face face, Tint tint) {
        pen.write(x, y, anchor, text, size, face, tint);
    }
}
