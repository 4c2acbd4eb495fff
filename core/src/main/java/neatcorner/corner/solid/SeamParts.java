package neatcorner.corner.solid;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import neatcorner.corner.Reinforcement;
import neatcorner.corner.ReinforcementKind;
import neatcorner.measure.Length;

/** What crosses the seam: tenons and biscuits in the middle of the solid wood, dowels spread along it, V-nails near both ends. */
final class SeamParts extends PartPlaces {
    private final SeamSolids solids;

    SeamParts(CornerWood wood, Reinforcement what, int index) {
        super(wood, what, index);
        this.solids = new SeamSolids(wood, size, thin, wide);
    }

    /** Builds the slabs of a part with its middle at a place along the seam and behind the face, so deep on either side. */
    private interface Solid {
        List<Slab> at(double alongSeam, double behindFace, double deep);
    }

    List<Part> tenons() {
        return acrossSeam(solids::tenon);
    }

    List<Part> biscuits() {
        return acrossSeam(solids::biscuit);
    }

    List<Part> dowels() {
        return acrossSeam(solids::dowel);
    }

    List<Part> pocketScrews() {
        return acrossSeam((c, z, deep) -> solids.pocketScrew(c, z));
    }

    List<Part> vNails() {
        return fromBack((c, z, deep) -> solids.vNail(c));
    }

    List<Part> staples() {
        return fromBack((c, z, deep) -> solids.staple(c));
    }

    List<Part> corrugated() {
        return alongSeam(seamRoom(thin / 2, wide / 2, wood.thickness() - size / 2), thin, wood.thickness() - size / 2,
                (c, z, deep) -> solids.corrugated(c));
    }

    private List<Part> acrossSeam(Solid solid) {
        double deep = what.kind() == ReinforcementKind.BISCUIT ? 0 : cutDepth();
        double half = (what.kind().isRound() ? thin : wide) / 2;
        Length given = what.fromFace();
        double z = given != null
                ? given.toMm()
                : wood.joint().isButted()
                        ? inFrontOfRabbet()
                        : spread(solidWall() - margins.hidden(), thin, 1)[0];
        if (what.kind() == ReinforcementKind.POCKET_SCREW) {
            z = wood.thickness() / 2;
        }
        return alongSeam(seamRoom(half, deep, z), 2 * half, z, solid);
    }

    /** A butt joint meets at the sight edge of the piece that runs through, where there is wood only in front of its rabbet. */
    private double inFrontOfRabbet() {
        Margins through = margins.throughSight();
        return wood.walls(false, through).through(0, wood.after() - margins.outer()).stream()
                .max(Comparator.comparingDouble(Walls.Run::length)).map(Walls.Run::middle)
                .orElse(wood.thickness() / 2);
    }

    private List<Part> fromBack(Solid solid) {
        double half = what.kind() == ReinforcementKind.STAPLE ? thin / 2 : SeamSolids.VEE / 2;
        double z = what.kind() == ReinforcementKind.STAPLE
                ? wood.thickness() - thin / 2
                : wood.thickness() - size / 2;
        double deep = what.kind() == ReinforcementKind.STAPLE ? wide / 2 : 0;
        return alongSeam(seamRoom(half, deep, z), 2 * half, z, solid);
    }

    private List<Part> alongSeam(Walls.Run room, double each, double z, Solid solid) {
        List<Part> parts = new ArrayList<>();
        int count = what.count();
        Length given = what.fromHeel();
        double middle = given != null ? given.toMm() : room.middle();
        double apart = count == 1 ? 0 : Math.max(each + Clearance.BETWEEN, room.length() / (count - 1));
        for (int i = 0; i < count; i++) {
            double c = middle + (i - (count - 1) / 2.0) * apart;
            parts.add(part(i, count, c, z, solid.at(c, z, size / 2), solid.at(c, z, cutDepth())));
        }
        return parts;
    }

    /** How deep a mortise, hole or slot goes on either side; as deep as the part where there is none. */
    private double cutDepth() {
        return size / 2 + (what.kind().isMortised() ? ReinforcementKind.GLUE_ROOM.toMm() : 0);
    }

    /** The widest run of wood that is open at a depth, from the sight edge outwards. */
    private Walls.Run open(boolean before, double z) {
        double half = Math.min(thin, size) / 2;
        return wood.walls(before, margins).across(Math.max(0, z - half), Math.min(wood.thickness(), z + half)).stream()
                .max(Comparator.comparingDouble(Walls.Run::length))
                .orElse(new Walls.Run(wood.rabbet(), wood.rabbet()));
    }

    /**
     * Where along the seam, from the outer edge, the middle of a part may lie that reaches so far to either side of it. On the
     * side of the heel its far corners come nearer the outer edge (the face's normal runs out towards it); on the side of
     * the toe its middle comes nearest to the rabbet. Where the faces slope, it is as long as the wood is at that depth.
     */
    private Walls.Run seamRoom(double half, double deep, double z) {
        double least = -Double.MAX_VALUE;
        double most = Double.MAX_VALUE;
        CornerWood.Seam seam = wood.seam();
        double solid = wood.rabbet() + margins.hidden();
        for (boolean before : new boolean[]{true, false}) {
            double cos = before ? seam.direction().y() : Plane.dot(seam.direction(), wood.inward());
            double sin = Math.sqrt(Math.max(0, 1 - cos * cos));
            double width = before ? wood.before() : wood.after();
            Walls.Run open = wood.lean().isFlat()
                    ? new Walls.Run(solid, width - margins.outer())
                    : open(before, z);
            if (cos > 1e-6) {
                least = Math.max(least, half + (width - open.to() + deep * sin) / cos);
                most = Math.min(most, (width - open.from()) / cos - half);
            }
        }
        return new Walls.Run(least, most);
    }
}
