package neatcorner.corner.solid;

import java.util.List;
import neatcorner.outline.Vertex;

/**
 * A slice of a part: a convex shape in the frame's plane, and from where to where it lies behind the front face.
 *
 * @param shape seen from the front, mm from the heel
 * @param from  mm behind the front face
 * @param to    more than {@code from}
 */
public record Slab(List<Vertex> shape, double from, double to) {

    public Slab {
        shape = List.copyOf(shape);
    }

    /** So thick, with its middle so far behind the face. */
    static Slab about(double middle, double thick, List<Vertex> shape) {
        return new Slab(shape, middle - thick / 2, middle + thick / 2);
    }

    /** All that it sweeps over while it is moved. */
    Slab swept(double dx, double dy, double dz) {
        return new Slab(dx == 0 && dy == 0 ? shape : Plane.swept(shape, dx, dy), Math.min(from, from + dz),
                Math.max(to, to + dz));
    }

    /** Front to back, mm. */
    public double thickness() {
        return to - from;
    }

    /** As one sees it looking at a seam: its corners, x along the seam from its start, y behind the front face, mm. */
    public List<Vertex> throughSeam(CornerWood.Seam seam) {
        double low = Double.MAX_VALUE;
        double high = -Double.MAX_VALUE;
        for (Vertex v : shape) {
            double along = Plane.dot(v.plus(-seam.start().x(), -seam.start().y()), seam.direction());
            low = Math.min(low, along);
            high = Math.max(high, along);
        }
        return List.of(new Vertex(low, from), new Vertex(high, from), new Vertex(high, to), new Vertex(low, to));
    }

    /** The shortest way from one slab to another, in the plane and behind it. */
    double gapTo(Slab other) {
        double behind = Math.max(0, Math.max(other.from - to, from - other.to));
        return Math.hypot(behind, Plane.gap(shape, other.shape));
    }
}
