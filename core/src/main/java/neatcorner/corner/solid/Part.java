package neatcorner.corner.solid;

import java.util.List;
import neatcorner.corner.ReinforcementKind;

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
