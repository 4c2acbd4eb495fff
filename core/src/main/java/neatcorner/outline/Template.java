package neatcorner.outline;

import java.util.ArrayList;
import java.util.Collections;
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
public record Template(Path cut, Path rabbet, List<Vertex> blank) {

    public Template {
        blank = List.copyOf(blank);
    }

    /**
     * A line of straight sides and arcs of circles. What is no arc of a circle is in sides that leave their curve by 0.02 mm at
     * most.
     *
     * @param places where it turns
     * @param radii  for each place, of the arc to the next; 0 for a straight side, negative where it turns
     *               counter-clockwise
     * @param fine   the same line in straight sides alone
     */
    public record Path(List<Vertex> places, List<Double> radii, List<Vertex> fine) {

        public Path {
            places = List.copyOf(places);
            radii = List.copyOf(radii);
            fine = List.copyOf(fine);
        }
    }

    /** The template of a segment, its long edge level. */
    public static Template of(Segment segment) {
        double angle = segment.grain();
        Vertex from = segment.inner().getFirst();
        Path cut = path(List.of(segment.outerArc(), segment.innerArc()), from, -angle);
        Path rabbet = path(List.of(segment.wall()), from, -angle);
        Segment.Blank blank = segment.blank();
        double bottom = Math.max(0, turned(segment.inner().getLast(), from, -angle).y());
        double top = bottom - blank.width();
        double left = from(turned(from, from, -angle), blank.left().tan(), bottom);
        List<Vertex> trapezoid = List.of(new Vertex(left - blank.left().tan() * blank.width(), top),
                new Vertex(left - blank.left().tan() * blank.width() + blank.longEdge(), top),
                new Vertex(left + blank.shortEdge(), bottom), new Vertex(left, bottom));
        return new Template(cut, rabbet, trapezoid);
    }

    /** The first edge as it runs, the second back again. */
    private static Path path(List<Arc> edges, Vertex about, double by) {
        List<Vertex> places = new ArrayList<>();
        List<Double> radii = new ArrayList<>();
        List<Vertex> fine = new ArrayList<>();
        for (int i = 0; i < edges.size(); i++) {
            Arc edge = edges.get(i);
            List<Vertex> run = new ArrayList<>(edge.fine().stream().map(v -> turned(v, about, by)).toList());
            if (i == 1) {
                Collections.reverse(run);
            }
            fine.addAll(run);
            if (edge.isCircular()) {
                places.addAll(List.of(run.getFirst(), run.getLast()));
                radii.addAll(List.of(i == 1 ? -edge.radius() : edge.radius(), 0.0));
            } else {
                places.addAll(run);
                radii.addAll(Collections.nCopies(run.size(), 0.0));
            }
        }
        return new Path(places, radii, fine);
    }

    /** Where the joint through a place meets the blank's lower edge. */
    private static double from(Vertex at, double lean, double bottom) {
        return at.x() + lean * (bottom - at.y());
    }

    private static Vertex turned(Vertex v, Vertex about, double by) {
        double x = v.x() - about.x();
        double y = v.y() - about.y();
        return new Vertex(x * Math.cos(by) - y * Math.sin(by), x * Math.sin(by) + y * Math.cos(by));
    }

    /** All its places, to find out how large it is. */
    public Stream<Vertex> places() {
        return Stream.concat(cut.fine().stream(), blank.stream());
    }
}
