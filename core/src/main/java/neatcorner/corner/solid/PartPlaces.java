package neatcorner.corner.solid;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import neatcorner.corner.Reinforcement;
import neatcorner.measure.Length;
import neatcorner.outline.Vertex;

/** Where the parts of a reinforcement may lie in a corner: what its kinds have in common. */
abstract class PartPlaces {
    final CornerWood wood;
    final Reinforcement what;
    final Margins margins;
    final double size;
    final double thin;
    final double wide;
    private final int index;

    PartPlaces(CornerWood wood, Reinforcement what, int index) {
        this.wood = wood;
        this.what = what;
        this.index = index;
        this.margins = Manner.of(what.kind()).margins().apply(wood.corner().interior().radians());
        this.size = what.size().toMm();
        this.thin = what.thickness().toMm();
        this.wide = what.width().toMm();
    }

    final Part part(int number, int of, double fromHeel, double fromFace, List<Slab> slabs) {
        return part(number, of, fromHeel, fromFace, slabs, slabs);
    }

    final Part part(int number, int of, double fromHeel, double fromFace, List<Slab> slabs, List<Slab> cut) {
        String name = of == 1 ? what.kind().title() : what.kind().title() + " " + (number + 1);
        return new Part(index, what.kind(), number, name, fromHeel, fromFace, slabs, cut);
    }

    final double sinHalf() {
        return Math.sin(wood.corner().interior().radians() / 2);
    }

    /** Width of the wood beside the rabbet, of the narrower side. */
    final double solidWall() {
        return Math.min(wood.before(), wood.after()) - wood.rabbet();
    }

    /** Middles of the parts behind each other, in the wood that is open at this distance from the outer edge and outwards. */
    final double[] spread(double deep, double thick) {
        return spread(deep, thick, what.count());
    }

    final double[] spread(double deep, double thick, int count) {
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

    /** Drawn round the circle, so that nothing of it is left out. */
    static List<Vertex> circle(Vertex centre, double radius, int sides) {
        double out = radius / Math.cos(Math.PI / sides);
        List<Vertex> circle = new ArrayList<>(sides);
        for (int i = 0; i < sides; i++) {
            double angle = 2 * Math.PI * (i + 0.5) / sides;
            circle.add(centre.plus(out * Math.cos(angle), out * Math.sin(angle)));
        }
        return circle;
    }
}
