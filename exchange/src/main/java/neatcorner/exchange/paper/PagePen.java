package neatcorner.exchange.paper;

import java.io.IOException;
import java.util.List;
import neatcorner.drawing.Anchor;
import neatcorner.drawing.Box;
import neatcorner.drawing.Point;
import neatcorner.drawing.Tint;
import neatcorner.job.Shade;
import neatcorner.section.Face;

/** A pen over a stack of pages, which knows how wide its words are. Places are in points from a page's top left corner. */
interface PagePen extends Pen {

    /** From now on drawing units are points times a scale, from this place. */
    void place(double x, double y, double newScale);

    /** Leaves this page. */
    void newPage() throws IOException;

    /** Of a text, in drawing units. */
    double width(String text, double size, Face face);

    /** As wide as this one's words, but draws nothing: to find out how much room something takes. */
    default PagePen measuring() {
        PagePen drawn = this;
        return new PagePen() {
            @Override
            public void place(double x, double y, double newScale) {}

            @Override
            public void newPage() {}

            @Override
            public double width(String text, double size, Face face) {
                return drawn.width(text, size, face);
            }

            @Override
            public void fill(List<Point> outline, Tint tint) {}

            @Override
            public void paint(List<Point> outline, Shade color, double opacity) {}

            @Override
            public void photo(List<Point> outline, Box box, String name) {}

            @Override
            public void blank(double x, double y, double width, double height) {}

            @Override
            public void stroke(List<Point> points, Tint tint, double weight, boolean dashed) {}

            @Override
            public void write(double x, double y, Anchor anchor, String text, double size, Face face, Tint tint) {}
        };
    }
}
