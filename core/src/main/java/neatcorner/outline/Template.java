package neatcorner.outline;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/**
 * The full-size template of a segment, laid as it is drawn on its blank: the grain runs to the right, the outer edge is up;
 * millimetres.
 *
 * @param cut    the line to saw, closed
 * @param rabbet the rabbet's wall
 * @param blank  the board it is sawn from, closed: a trapezoid whose slanted ends are the joints
 */
public record Template(List<Vertex> cut, List<Vertex> rabbet, List<Vertex> blank) {

    public Template {
        cut = List.copyOf(cut);
        rabbet = List.copyOf(rabbet);
        blank = List.copyOf(blank);
    }

    public static Template of(Segment segment) {
        double angle = segment.grain();
        Vertex from = segment.inner().getFirst();
        List<Vertex> cut = turned(segment.outline(), from, -angle);
        List<Vertex> rabbet = turned(segment.rabbet(), from, -angle);
        Segment.Blank blank = segment.blank();
        double bottom = cut.stream().mapToDouble(Vertex::y).max().orElseThrow();
        double top = bottom - blank.width();
        double left = from(cut.get(segment.outer().size() + segment.inner().size() - 1), blank.left().tan(), bottom);
        List<Vertex> trapezoid = List.of(new Vertex(left - blank.left().tan() * blank.width(), top),
                new Vertex(left - blank.left().tan() * blank.width() + blank.longEdge(), top),
                new Vertex(left + blank.shortEdge(), bottom), new Vertex(left, bottom));
        return new Template(cut, rabbet, trapezoid);
    }

    /** Where the joint through a place meets the blank's lower edge. */
    private static double from(Vertex at, double lean, double bottom) {
        return at.x() + lean * (bottom - at.y());
    }

    private static List<Vertex> turned(List<Vertex> places, Vertex about, double by) {
        List<Vertex> turned = new ArrayList<>();
        for (Vertex v : places) {
            double x = v.x() - about.x();
            double y = v.y() - about.y();
            turned.add(new Vertex(x * Math.cos(by) - y * Math.sin(by), x * Math.sin(by) + y * Math.cos(by)));
        }
        return turned;
    }

    /** All its places, to find out how large it is. */
    public Stream<Vertex> places() {
        return Stream.concat(cut.stream(), blank.stream());
    }
}
