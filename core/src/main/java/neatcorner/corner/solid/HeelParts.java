package neatcorner.corner.solid;

import java.util.ArrayList;
import java.util.List;
import neatcorner.corner.Reinforcement;
import neatcorner.outline.Vertex;

/** Splines and slips: let in from the heel as it is at their depth, spread over the solid wood. */
final class HeelParts extends PartPlaces {
    private static final int SLICES = 6;

    HeelParts(CornerWood wood, Reinforcement what, int index) {
        super(wood, what, index);
    }

    List<Part> splines() {
        double tilt = Math.tan(what.tilt().radians());
        List<Part> parts = new ArrayList<>();
        double[] depths = spread(Math.min(size * sinHalf(), solidWall() - margins.hidden()),
                thin * Math.hypot(1, tilt) + size * Math.abs(tilt));
        for (int i = 0; i < what.count(); i++) {
            double lean = i % 2 == 0 ? tilt : -tilt;
            parts.add(part(i, what.count(), 0, depths[i], spline(depths[i], lean)));
        }
        return parts;
    }

    /** A tilted slot lies farther back, or nearer the front, the deeper it goes; its middle is at half its depth. */
    private List<Slab> spline(double middle, double lean) {
        double enters = middle - size / 2 * lean;
        Vertex heel = wood.heel(enters);
        List<Vertex> triangle = triangle(heel, size);
        if (lean == 0) {
            return List.of(Slab.about(middle, thin, triangle));
        }
        List<Slab> slabs = new ArrayList<>();
        int slices = 2 * SLICES;
        Vertex in = wood.bisector();
        Vertex out = new Vertex(-in.x(), -in.y());
        for (int i = 0; i < slices; i++) {
            double near = size * i / slices;
            double far = size * (i + 1) / slices;
            List<Vertex> slice = Plane.clip(Plane.clip(triangle, Plane.along(heel, in, near), in),
                    Plane.along(heel, in, far), out);
            double a = middle + (near - size / 2) * lean;
            double b = middle + (far - size / 2) * lean;
            double half = thin / 2 * Math.hypot(1, lean);
            slabs.add(new Slab(slice, Math.min(a, b) - half, Math.max(a, b) + half));
        }
        return slabs;
    }

    /** Apex at the heel, legs along both outer edges, base square to the diagonal. */
    private List<Vertex> triangle(Vertex heel, double depth) {
        double leg = depth / Math.cos(wood.corner().interior().radians() / 2);
        return List.of(heel, Plane.along(heel, wood.along(), leg), heel.plus(-leg, 0));
    }

    /** The part of a cutter's disc that goes into the corner when its rim reaches this deep along the diagonal. */
    List<Part> slips() {
        List<Part> parts = new ArrayList<>();
        double[] depths = spread(Math.min(size * sinHalf(), solidWall() - margins.hidden()), thin);
        for (int i = 0; i < what.count(); i++) {
            Vertex heel = wood.heel(depths[i]);
            List<Vertex> disc = circle(Plane.along(heel, wood.bisector(), size - wide / 2), wide / 2, 48);
            List<Vertex> inside = Plane.clip(Plane.clip(disc, heel, new Vertex(0, 1)), heel, wood.inward());
            parts.add(part(i, what.count(), 0, depths[i], List.of(Slab.about(depths[i], thin, inside))));
        }
        return parts;
    }
}
