package neatcorner.corner.solid;

import java.util.ArrayList;
import java.util.List;
import neatcorner.outline.Vertex;

/**
 * The solids that cross a corner's seam, each with its middle at a place along the seam ({@code c}, from its start) and
 * behind the face ({@code z}), so {@code deep} on either side; millimetres.
 */
final class SeamSolids {
    /** How far a V-nail reaches along the seam, mm. */
    static final double VEE = 4.5;
    /** A pocket leads its screw in at this slope to the face: common practice. */
    static final double POCKET_SLOPE = Math.tan(Math.toRadians(15));
    private static final int SLICES = 6;

    private final CornerWood wood;
    private final double size;
    private final double thin;
    private final double wide;

    /** Of a part's governing size, its thickness or diameter, and its second size. */
    SeamSolids(CornerWood wood, double size, double thin, double wide) {
        this.wood = wood;
        this.size = size;
        this.thin = thin;
        this.wide = wide;
    }

    private Vertex onSeam(double c, double across) {
        CornerWood.Seam seam = wood.seam();
        return Plane.along(Plane.along(seam.start(), seam.direction(), c), seam.across(), across);
    }

    List<Slab> tenon(double c, double z, double deep) {
        return List.of(Slab.about(z, thin, rectangle(c, wide / 2, deep)));
    }

    List<Slab> biscuit(double c, double z, double deep) {
        return List.of(Slab.about(z, thin, lens(c, deep)));
    }

    private List<Vertex> rectangle(double c, double half, double deep) {
        return List.of(onSeam(c - half, -deep), onSeam(c - half, deep), onSeam(c + half, deep), onSeam(c + half,
                -deep));
    }

    /** A biscuit: two arcs that meet at its ends on the seam. */
    private List<Vertex> lens(double c, double half) {
        double whole = 2 * half;
        double radius = (wide * wide + whole * whole) / (4 * whole);
        double reach = Math.asin(Math.min(1, wide / (2 * radius)));
        List<Vertex> lens = new ArrayList<>();
        for (int side = -1; side <= 1; side += 2) {
            for (int i = 0; i < SLICES * 2; i++) {
                double angle = -reach + 2 * reach * i / (SLICES * 2);
                double deep = radius * Math.cos(angle) - (radius - half);
                lens.add(onSeam(c - side * radius * Math.sin(angle), side * deep));
            }
        }
        return lens;
    }

    /** In slices, each as wide as the dowel is at its widest there. */
    List<Slab> dowel(double c, double z, double deep) {
        List<Slab> slabs = new ArrayList<>();
        double r = thin / 2;
        for (int i = 0; i < SLICES; i++) {
            double low = -r + 2 * r * i / SLICES;
            double high = -r + 2 * r * (i + 1) / SLICES;
            double nearest = low < 0 && high > 0 ? 0 : Math.min(Math.abs(low), Math.abs(high));
            double half = Math.sqrt(Math.max(0, r * r - nearest * nearest));
            slabs.add(new Slab(rectangle(c, half, deep), z + low, z + high));
        }
        return slabs;
    }

    /** Slants from the back of the piece before into the piece after, through the middle of the seam. */
    List<Slab> pocketScrew(double c, double z) {
        List<Slab> slabs = new ArrayList<>();
        double cos = Math.cos(Math.atan(POCKET_SLOPE));
        int slices = SLICES * 2;
        for (int i = 0; i < slices; i++) {
            double from = (-size / 2 + size * i / slices) * cos;
            double to = (-size / 2 + size * (i + 1) / slices) * cos;
            double deep = z - (from + to) / 2 * POCKET_SLOPE;
            double half = thin / 2 + (to - from) / 2 * POCKET_SLOPE;
            double back = Math.min(wood.thickness(), deep + half);
            if (deep - half < back) {
                slabs.add(new Slab(List.of(onSeam(c - thin / 2, from), onSeam(c - thin / 2, to),
                        onSeam(c + thin / 2, to), onSeam(c + thin / 2, from)), deep - half, back));
            }
        }
        return slabs;
    }

    List<Slab> vNail(double c) {
        List<Vertex> vee = List.of(onSeam(c - VEE / 2, 0), onSeam(c + VEE / 2, wide / 2),
                onSeam(c + VEE / 2, -wide / 2));
        return List.of(new Slab(vee, wood.thickness() - size, wood.thickness()));
    }

    /** All the wood that its waves lie in: it is as thick as they are high. */
    List<Slab> corrugated(double c) {
        return List.of(new Slab(rectangle(c, thin / 2, wide / 2), wood.thickness() - size, wood.thickness()));
    }

    /** A crown across the joint and two legs. */
    List<Slab> staple(double c) {
        double t = wood.thickness();
        double leg = thin / 2;
        return List.of(new Slab(rectangle(c, leg, wide / 2), t - thin, t),
                new Slab(List.of(onSeam(c - leg, -wide / 2), onSeam(c - leg, -wide / 2 + thin),
                        onSeam(c + leg, -wide / 2 + thin), onSeam(c + leg, -wide / 2)), t - size, t),
                new Slab(List.of(onSeam(c - leg, wide / 2), onSeam(c - leg, wide / 2 - thin),
                        onSeam(c + leg, wide / 2 - thin), onSeam(c + leg, wide / 2)), t - size, t));
    }
}
