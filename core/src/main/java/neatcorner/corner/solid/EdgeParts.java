package neatcorner.corner.solid;

import java.util.ArrayList;
import java.util.List;
import neatcorner.corner.Reinforcement;
import neatcorner.measure.Length;
import neatcorner.outline.Vertex;
import neatcorner.piece.CornerJoint;

/** Pins, brads, nails and screws: driven through the outer edge, spread over the thickness. */
final class EdgeParts extends PartPlaces {

    EdgeParts(CornerWood wood, Reinforcement what, int index) {
        super(wood, what, index);
    }

    /** From the outer edge of the piece after, then from that of the piece before, and so on, spread over the thickness. */
    List<Part> throughEdge() {
        int count = what.parts();
        double e = Math.max(0.1, fromHeel());
        double solid = solidWall() - margins.hidden();
        double[] depths = spread(wood.lean().isFlat() ? solid : Math.min(size, solid), thin, count);
        List<Part> parts = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            boolean after = i % 2 == 0;
            Vertex heel = wood.heel(depths[i]);
            Vertex start = after ? Plane.along(heel, wood.along(), e) : heel.plus(-e, 0);
            Vertex in = after ? wood.inward() : new Vertex(0, 1);
            Vertex side = new Vertex(-in.y() * thin / 2, in.x() * thin / 2);
            Vertex end = Plane.along(start, in, size);
            List<Vertex> shape = List.of(start.plus(side.x(), side.y()), end.plus(side.x(), side.y()),
                    end.plus(-side.x(), -side.y()), start.plus(-side.x(), -side.y()));
            parts.add(part(i, count, e, depths[i], List.of(Slab.about(depths[i], thin, shape))));
        }
        return parts;
    }

    /** Two fifths of its length at a square corner, so that well over half of it holds in the mate. */
    private double fromHeel() {
        Length given = what.fromHeel();
        if (given != null) {
            return given.toMm();
        }
        double middle = (solidWall() - margins.hidden()) / 2;
        return wood.joint() == CornerJoint.MITER ? Math.min(0.4 * size * tanMiter(), middle) : middle;
    }

    private double tanMiter() {
        return Math.max(0.1, Math.abs(wood.corner().miterAfter().tan()));
    }
}
