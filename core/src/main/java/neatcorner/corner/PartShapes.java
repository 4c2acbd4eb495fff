package neatcorner.corner;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import neatcorner.measure.Length;
import neatcorner.outline.Vertex;
import neatcorner.piece.CornerJoint;

/**
 * Places the parts of a reinforcement in a corner. Where the maker has not said, they go to the usual place: splines and
 * tenons in the middle of the solid wood, dowels spread along the seam, V-nails near both ends of it, pins spread over the
 * thickness. Slices are never smaller than the part.
 */
final class PartShapes {
    private static final int SLICES = 6;
    private static final double[] NAILS_OF_BRACE = {12, 16, 20, 25, 30};

    private final CornerWood wood;
    private final Reinforcement what;
    private final int index;
    private final Margins margins;
    private final double size;
    private final double thin;
    private final double wide;
    private final SeamSolids solids;

    private PartShapes(CornerWood wood, Reinforcement what, int index) {
        this.wood = wood;
        this.what = what;
        this.index = index;
        this.margins = Margins.of(what.kind(), wood.corner().interior().radians());
        this.size = what.size().toMm();
        this.thin = what.thickness().toMm();
        this.wide = what.width().toMm();
        this.solids = new SeamSolids(wood, size, thin, wide);
    }

    /** None when it is no possible thing, or cannot be put in such a corner at all. */
    static List<Part> of(CornerWood wood, Reinforcement what, int index) {
        boolean needsHeel = switch (what.kind().reach()) {
            case FROM_HEEL, FROM_EDGE, IN_RABBET -> true;
            case ACROSS, FROM_BACK, ON_BACK, THROUGH -> false;
        };
        if (!what.isPossible() || !what.kind().suits(wood.joint()) || (needsHeel && !wood.standsOut())) {
            return List.of();
        }
        return new PartShapes(wood, what, index).parts();
    }

    private List<Part> parts() {
        return switch (what.kind()) {
            case SPLINE -> splines();
            case SLIP -> slips();
            case TENON -> acrossSeam(solids::tenon);
            case BISCUIT -> acrossSeam(solids::biscuit);
            case DOWEL -> acrossSeam(solids::dowel);
            case POCKET_SCREW -> acrossSeam((c, z, deep) -> solids.pocketScrew(c, z));
            case V_NAIL -> fromBack((c, z, deep) -> solids.vNail(c));
            case STAPLE -> fromBack((c, z, deep) -> solids.staple(c));
            case PIN, BRAD, NAIL, SCREW -> throughEdge();
            case BRACE -> brace();
            case BLOCK -> block();
            case PEG -> pegs();
        };
    }

    /** Builds the slabs of a part with its middle at a place along the seam and behind the face, so deep on either side. */
    private interface Solid {
        List<Slab> at(double alongSeam, double behindFace, double deep);
    }

    private Part part(int number, int of, double fromHeel, double fromFace, List<Slab> slabs) {
        return part(number, of, fromHeel, fromFace, slabs, slabs);
    }

    private Part part(int number, int of, double fromHeel, double fromFace, List<Slab> slabs, List<Slab> cut) {
        String name = of == 1 ? what.kind().title() : what.kind().title() + " " + (number + 1);
        return new Part(index, what.kind(), number, name, fromHeel, fromFace, slabs, cut);
    }

    // From the heel

    private List<Part> splines() {
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
        List<Vertex> triangle = triangle(size);
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
            List<Vertex> slice = Plane.clip(Plane.clip(triangle, Plane.along(new Vertex(0, 0), in, near), in),
                    Plane.along(new Vertex(0, 0), in, far), out);
            double a = middle + (near - size / 2) * lean;
            double b = middle + (far - size / 2) * lean;
            double half = thin / 2 * Math.hypot(1, lean);
            slabs.add(new Slab(slice, Math.min(a, b) - half, Math.max(a, b) + half));
        }
        return slabs;
    }

    /** Apex at the heel, legs along both outer edges, base square to the diagonal. */
    private List<Vertex> triangle(double depth) {
        double leg = depth / Math.cos(wood.corner().interior().radians() / 2);
        return List.of(new Vertex(0, 0), Plane.along(new Vertex(0, 0), wood.along(), leg), new Vertex(-leg, 0));
    }

    /** The part of a cutter's disc that goes into the corner when its rim reaches this deep along the diagonal. */
    private List<Part> slips() {
        List<Part> parts = new ArrayList<>();
        double[] depths = spread(Math.min(size * sinHalf(), solidWall() - margins.hidden()), thin);
        Vertex centre = Plane.along(new Vertex(0, 0), wood.bisector(), size - wide / 2);
        List<Vertex> disc = circle(centre, wide / 2, 48);
        List<Vertex> inside = Plane.clip(Plane.clip(disc, new Vertex(0, 0), new Vertex(0, 1)), new Vertex(0, 0),
                wood.inward());
        for (int i = 0; i < what.count(); i++) {
            parts.add(part(i, what.count(), 0, depths[i], List.of(Slab.about(depths[i], thin, inside))));
        }
        return parts;
    }

    private double sinHalf() {
        return Math.sin(wood.corner().interior().radians() / 2);
    }

    /** Width of the wood beside the rabbet, of the narrower side. */
    private double solidWall() {
        return Math.min(wood.before(), wood.after()) - wood.rabbet();
    }

    /** Middles of the parts behind each other, in the wood that is open at this distance from the outer edge and outwards. */
    private double[] spread(double deep, double thick) {
        return spread(deep, thick, what.count());
    }

    private double[] spread(double deep, double thick, int count) {
        Walls walls = wood.walls(true, margins);
        double outermost = walls.width() - margins.outer();
        Walls.Run run = walls.through(Math.min(outermost - 0.1, walls.width() - deep), outermost).stream()
                .max(Comparator.comparingDouble(Walls.Run::length))
                .orElse(new Walls.Run(0, wood.thickness()));
        double[] at = new double[count];
        Length given = what.fromFace();
        double room = run.length();
        for (int i = 0; i < count; i++) {
            at[i] = run.from() + room * (i + 1) / (count + 1);
        }
        if (count > 1 && room > thick) {
            double step = (room - thick) / (count - 1);
            double most = Math.min(step, 3 * thick + room / 6);
            for (int i = 0; i < count; i++) {
                at[i] = run.middle() + (i - (count - 1) / 2.0) * most;
            }
        }
        if (given != null) {
            double shift = given.toMm() - (at[0] + at[count - 1]) / 2;
            for (int i = 0; i < count; i++) {
                at[i] += shift;
            }
        }
        return at;
    }

    // Across the seam

    private List<Part> acrossSeam(Solid solid) {
        double deep = what.kind() == ReinforcementKind.BISCUIT ? 0 : cutDepth();
        double half = switch (what.kind()) {
            case TENON, BISCUIT -> wide / 2;
            default -> thin / 2;
        };
        Length given = what.fromFace();
        double z = given != null
                ? given.toMm()
                : wood.joint() == CornerJoint.BUTT
                        ? inFrontOfRabbet()
                        : spread(solidWall() - margins.hidden(), thin, 1)[0];
        if (what.kind() == ReinforcementKind.POCKET_SCREW) {
            z = wood.thickness() / 2;
        }
        return alongSeam(seamRoom(half, deep), 2 * half, z, solid);
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
        return alongSeam(seamRoom(half, deep), 2 * half, z, solid);
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

    /**
     * Where along the seam, from the outer edge, the middle of a part may lie that reaches so far to either side of it. On the
     * side of the heel its far corners come nearer the outer edge (the face's normal runs out towards it); on the side of
     * the toe its middle comes nearest to the rabbet.
     */
    private Walls.Run seamRoom(double half, double deep) {
        double least = -Double.MAX_VALUE;
        double most = Double.MAX_VALUE;
        CornerWood.Seam seam = wood.seam();
        double solid = wood.rabbet() + margins.hidden();
        for (boolean before : new boolean[]{true, false}) {
            double cos = before ? seam.direction().y() : Plane.dot(seam.direction(), wood.inward());
            double sin = Math.sqrt(Math.max(0, 1 - cos * cos));
            double width = before ? wood.before() : wood.after();
            if (cos > 1e-6) {
                least = Math.max(least, half + (margins.outer() + deep * sin) / cos);
                most = Math.min(most, (width - solid) / cos - half);
            }
        }
        return new Walls.Run(least, most);
    }

    // Through the outer edge

    /** From the outer edge of the piece after, then from that of the piece before, and so on, spread over the thickness. */
    private List<Part> throughEdge() {
        int count = what.parts();
        double e = Math.max(0.1, fromHeel());
        double[] depths = spread(solidWall() - margins.hidden(), thin, count);
        List<Part> parts = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            boolean after = i % 2 == 0;
            Vertex start = after ? Plane.along(new Vertex(0, 0), wood.along(), e) : new Vertex(-e, 0);
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

    // On the back, in the rabbet, through

    /** A plate along each side, with its screws; only the screws are in the wood. */
    private List<Part> brace() {
        double t = wood.thickness();
        double screw = 3.5;
        double deep = NAILS_OF_BRACE[0];
        for (double length : NAILS_OF_BRACE) {
            deep = length - thin <= t - 2 * margins.front() ? length : deep;
        }
        List<Part> parts = new ArrayList<>();
        for (int leg = 0; leg < 2; leg++) {
            boolean before = leg == 0;
            double middle = (before ? wood.before() : wood.after()) / 2 - wood.rabbet() / 2;
            for (int i = 0; i < what.count(); i++) {
                double at = middle + (size - middle) * (i + 0.7) / what.count();
                Vertex on = before
                        ? new Vertex(-at, middle)
                        : Plane.along(Plane.along(new Vertex(0, 0), wood.along(), at), wood.inward(), middle);
                parts.add(part(parts.size(), 2 * what.count(), at, t,
                        List.of(new Slab(circle(on, screw / 2, 12), t - Math.max(1, deep - thin), t))));
            }
        }
        return parts;
    }

    /** Plate of a flat brace on the back: an L of two straps. */
    static List<List<Vertex>> plates(CornerWood wood, Reinforcement brace) {
        double half = brace.width().toMm() / 2;
        double leg = brace.size().toMm();
        List<List<Vertex>> plates = new ArrayList<>();
        for (boolean before : new boolean[]{true, false}) {
            double middle = (before ? wood.before() : wood.after()) / 2 - wood.rabbet() / 2;
            Vertex run = before ? new Vertex(-1, 0) : wood.along();
            Vertex in = before ? new Vertex(0, 1) : wood.inward();
            Vertex a = Plane.along(Plane.along(new Vertex(0, 0), run, middle - half), in, middle);
            Vertex b = Plane.along(Plane.along(new Vertex(0, 0), run, leg), in, middle);
            plates.add(List.of(Plane.along(a, in, -half), Plane.along(b, in, -half), Plane.along(b, in, half),
                    Plane.along(a, in, half)));
        }
        return plates;
    }

    private List<Part> block() {
        double turn = wood.corner().interior().radians();
        double rb = wood.before() - wood.rabbet();
        double ra = wood.after() - wood.rabbet();
        Vertex inner = Math.abs(Math.sin(turn)) < 1e-9
                ? new Vertex(0, rb)
                : new Vertex((rb * wood.along().x() - ra) / wood.along().y(), rb);
        List<Vertex> shape = List.of(inner, Plane.along(inner, wood.along(), size), inner.plus(-size, 0));
        double t = wood.thickness();
        return List.of(part(0, 1, 0, t - thin / 2, List.of(new Slab(shape, t - thin, t))));
    }

    private List<Part> pegs() {
        double t = wood.thickness();
        Length given = what.fromHeel();
        double diagonal = Math.hypot(wood.toe().x(), wood.toe().y());
        Vertex in = wood.toToe();
        double half = thin / 2;
        double least = (margins.outer() + half) * diagonal / Math.min(wood.before(), wood.after());
        double most = diagonal * (1 - (wood.rabbet() + margins.hidden() + half) / Math.min(wood.before(),
                wood.after()));
        Walls.Run room = new Walls.Run(least, most);
        List<Part> parts = new ArrayList<>();
        double middle = given != null ? given.toMm() : room.middle();
        double apart = what.count() == 1
                ? 0
                : Math.max(thin + Clearance.BETWEEN, room.length() / (what.count() - 1));
        for (int i = 0; i < what.count(); i++) {
            double c = middle + (i - (what.count() - 1) / 2.0) * apart;
            parts.add(part(i, what.count(), c, t / 2,
                    List.of(new Slab(circle(Plane.along(new Vertex(0, 0), in, c), half, 16), 0, t))));
        }
        return parts;
    }

    /** Drawn round the circle, so that nothing of it is left out. */
    private static List<Vertex> circle(Vertex centre, double radius, int sides) {
        double out = radius / Math.cos(Math.PI / sides);
        List<Vertex> circle = new ArrayList<>(sides);
        for (int i = 0; i < sides; i++) {
            double angle = 2 * Math.PI * (i + 0.5) / sides;
            circle.add(centre.plus(out * Math.cos(angle), out * Math.sin(angle)));
        }
        return circle;
    }
}
