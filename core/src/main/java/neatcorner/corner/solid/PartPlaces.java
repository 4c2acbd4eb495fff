package neatcorner.corner.solid;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import neatcorner.corner.Reinforcement;
import neatcorner.measure.Length;
import neatcorner.outline.Vertex;

/** Where the parts of a reinforcement may lie in a corner: what its kinds have in common. */
abstract class PartPlaces {
    /** In how fine steps a place is sought where faces slope, mm. */
    private static final double FINE = 0.25;

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

    /** Width of the wood beside the rabbet, of the narrower side, as it is cut in the frame's plane. */
    final double solidWall() {
        if (wood.lean().isFlat()) {
            return Math.min(wood.before(), wood.after()) - wood.rabbet();
        }
        double own = Length.min(wood.faces().before(), wood.faces().after()).toMm()
                - wood.section().rabbet().widest().toMm();
        double thickness = wood.section().thickness().toMm();
        return wood.lean().isUpright()
                ? (thickness - wood.section().rabbet().depth().toMm()) / wood.lean().slope().sin()
                : own / wood.lean().slope().cos();
    }

    /** Middles of the parts behind each other, in the wood that is open at this distance from the outer edge and outwards. */
    final double[] spread(double deep, double thick) {
        return spread(deep, thick, what.count());
    }

    final double[] spread(double deep, double thick, int count) {
        Walls walls = wood.walls(true, margins);
        List<Walls.Run> open = wood.lean().isFlat() || !margins.isOpenOutside()
                ? walls.through(Math.min(walls.width() - margins.outer() - 0.1, walls.width() - deep),
                        walls.width() - margins.outer())
                : fromOutside(walls, Math.max(0.1, deep), thick);
        Walls.Run run = open.stream().max(Comparator.comparingDouble(Walls.Run::length))
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

    /** Where faces slope: between which depths what reaches so far into the wood, from where that begins, is in open wood. */
    private List<Walls.Run> fromOutside(Walls walls, double deep, double thick) {
        List<Walls.Run> runs = new ArrayList<>();
        double from = Double.NaN;
        for (double z = thick / 2; z <= wood.thickness() + FINE; z += FINE) {
            double outer = walls.width() - wood.begins(true, z);
            boolean open = walls.across(z - thick / 2, z + thick / 2).stream()
                    .anyMatch(run -> run.from() <= outer - deep && run.to() >= outer);
            if (open) {
                from = Double.isNaN(from) ? z - thick / 2 : from;
            } else if (!Double.isNaN(from)) {
                runs.add(new Walls.Run(from, z - FINE + thick / 2));
                from = Double.NaN;
            }
        }
        return runs;
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
