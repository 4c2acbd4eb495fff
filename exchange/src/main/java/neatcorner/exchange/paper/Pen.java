package neatcorner.exchange.paper;

import java.util.List;
import neatcorner.drawing.Anchor;
import neatcorner.drawing.Box;
import neatcorner.drawing.Drawing;
import neatcorner.drawing.Point;
import neatcorner.drawing.Tint;
import neatcorner.job.Shade;

/** What a paper medium can do: fill, stroke and write, in drawing units with y down. */
public interface Pen {

    /** The faces that are shipped. */
    enum Face {
        TEXT,
        BOLD,
        FIGURES,
        BOLD_FIGURES
    }

    void fill(List<Point> outline, Tint tint);

    /** Fills with a colour of the maker's, through which so much of what lies below is seen. */
    void paint(List<Point> outline, Shade color, double opacity);

    /** Draws a photo, by the name of its file, so that it fills the box; only within the outline. */
    void photo(List<Point> outline, Box box, String name);

    /** Fills with the paper's own white. */
    void blank(double x, double y, double width, double height);

    void stroke(List<Point> points, Tint tint, double weight, boolean dashed);

    /** Strokes a line with arcs; in short straight sides where the format has no arcs. */
    default void path(Drawing.Path path) {
        stroke(path.fine().points(), path.fine().tint(), path.fine().weight(), path.fine().dashed());
    }

    /** Writes on a baseline. */
    void write(double x, double y, Anchor anchor, String text, double size, Face face, Tint tint);
}
