package neatcorner.corner.solid;

import java.util.List;
import neatcorner.corner.ReinforcementKind;
import neatcorner.outline.Vertex;

/**
 * One solid in the corner.
 *
 * @param of       index of the reinforcement that it belongs to
 * @param number   within its reinforcement, from 0
 * @param name     as "spline", or "dowel 2" where there are several
 * @param fromHeel where its middle lies along the seam, or along the outer edge for what is driven through it, mm
 * @param fromFace where its middle lies behind the front face, mm
 * @param slabs    the part itself
 * @param cut      what is cut or driven away for it: its mortise, deeper than the part by the room for glue
 */
public record Part(int of, ReinforcementKind kind, int number, String name, double fromHeel, double fromFace,
        List<Slab> slabs, List<Slab> cut) {

    public Part {
        slabs = List.copyOf(slabs);
        cut = List.copyOf(cut);
    }

    /** What one sees of it from the front, as if the wood were clear: outlines, mm. */
    public List<List<Vertex>> fromFront() {
        return kind.isRound() || kind == ReinforcementKind.SPLINE
                ? List.of(Plane.hull(slabs.stream().flatMap(slab -> slab.shape().stream()).toList()))
                : slabs.stream().map(Slab::shape).distinct().toList();
    }

    /** What one sees of it looking at a seam: its outlines, x along the seam from its start, y behind the front face, mm. */
    public List<List<Vertex>> throughSeam(CornerWood.Seam seam) {
        return kind.isRound() || kind == ReinforcementKind.SPLINE
                ? List.of(Plane.hull(slabs.stream().flatMap(slab -> seen(slab, seam).stream()).toList()))
                : slabs.stream().map(slab -> slab.throughSeam(seam)).distinct().toList();
    }

    /** Of a round part, only where the slab is as wide as the part there: at its middle. */
    private List<Vertex> seen(Slab slab, CornerWood.Seam seam) {
        List<Vertex> corners = slab.throughSeam(seam);
        double middle = (slab.from() + slab.to()) / 2;
        return kind.isRound() && slabs.size() > 1
                ? corners.stream().map(v -> new Vertex(v.x(), middle)).toList()
                : corners;
    }

    Part swept(double dx, double dy, double dz) {
        return with(slabs.stream().map(slab -> slab.swept(dx, dy, dz)).toList(),
                cut.stream().map(slab -> slab.swept(dx, dy, dz)).toList());
    }

    Part with(List<Slab> newSlabs, List<Slab> newCut) {
        return new Part(of, kind, number, name, fromHeel, fromFace, newSlabs, newCut);
    }

    double gapTo(Part other) {
        double gap = Double.MAX_VALUE;
        for (Slab a : cut) {
            for (Slab b : other.cut) {
                gap = Math.min(gap, a.gapTo(b));
            }
        }
        return gap;
    }
}
