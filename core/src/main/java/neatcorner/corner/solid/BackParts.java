package neatcorner.corner.solid;

import java.util.ArrayList;
import java.util.List;
import neatcorner.corner.Reinforcement;
import neatcorner.measure.Length;
import neatcorner.outline.Vertex;

/** Braces on the back, blocks in the rabbet, pegs right through. */
final class BackParts extends PartPlaces {
    private static final double[] NAILS_OF_BRACE = {12, 16, 20, 25, 30};

    BackParts(CornerWood wood, Reinforcement what, int index) {
        super(wood, what, index);
    }

    /** A plate along each side, with its screws; only the screws are in the wood. */
    List<Part> brace() {
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

    /** In the corner of the rabbet; none where there is no rabbet. */
    List<Part> block() {
        if (wood.section().rabbet().isNone()) {
            return List.of();
        }
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

    List<Part> pegs() {
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
}
