package neatcorner.section;

import java.util.ArrayList;
import java.util.List;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.operation.overlayng.OverlayNG;

/** The place that an operation's tool sweeps on the stick's end, whether there is wood or not. */
final class Cutter {
    private static final GeometryFactory FACTORY = new GeometryFactory();
    private static final int STEPS = 16;
    /** How far a tool reaches into the air beyond the stick, so that nothing is left standing on its edge. */
    private static final double AIR = 1;

    private final double w;
    private final double t;

    private Cutter(Section section) {
        this.w = section.width().toMm();
        this.t = section.thickness().toMm();
    }

    /** Of the operation at a place of the whole order. */
    static Geometry of(Section section, int place) {
        return of(section, place, section.milling().order(section.rabbet()).get(place));
    }

    /** Of an operation as it would be at that place. */
    static Geometry of(Section section, int place, Operation operation) {
        Cutter cutter = new Cutter(section);
        return switch (operation) {
            case Operation.PackRabbet pack -> pack.rabbet().isTilted()
                    ? cutter.tiltedRabbet(section.withRabbet(pack.rabbet()))
                    : cutter.packRabbet(pack.rabbet());
            case Operation.Shaped shaped -> cutter.shaped(shaped);
            case Operation.Groove groove -> cutter.groove(groove);
            case Operation.Rip rip -> {
                double rest = section.milling().order(section.rabbet()).stream().skip(place + 1L)
                        .filter(Operation.Rip.class::isInstance).mapToDouble(later -> mm(later.size())).sum();
                yield box(cutter.w + rest, -AIR, cutter.w + rest + mm(rip.size()) + AIR, cutter.t + AIR);
            }
        };
    }

    private static double mm(Length length) {
        return Math.max(0, length.toMm());
    }

    static Geometry box(double left, double top, double right, double bottom) {
        return polygon(List.of(new Spot(left, top), new Spot(right, top), new Spot(right, bottom),
                new Spot(left, bottom)));
    }

    static Geometry polygon(List<Spot> spots) {
        Coordinate[] ring = new Coordinate[spots.size() + 1];
        for (int i = 0; i <= spots.size(); i++) {
            Spot spot = spots.get(i % spots.size());
            ring[i] = new Coordinate(spot.x(), spot.y());
        }
        return FACTORY.createPolygon(ring);
    }

    private Geometry packRabbet(Rabbet rabbet) {
        if (rabbet.isNone()) {
            return box(-2 * AIR, t, -AIR, t + AIR);
        }
        Geometry cut = box(-AIR, t - mm(rabbet.depth()), mm(rabbet.width()), t + AIR);
        Rabbet.Step step = rabbet.step();
        return step == null
                ? cut
                : Profile.overlay(cut, box(-AIR, t - mm(step.depth()), mm(step.width()), t + AIR), OverlayNG.UNION);
    }

    private Geometry tiltedRabbet(Section section) {
        Rabbet.Step step = section.rabbet().step();
        Geometry cut = behind(section.rabbet().tilt(), RabbetCut.front(section));
        return step == null
                ? cut
                : Profile.overlay(cut, behind(section.rabbet().tilt(), RabbetCut.step(section, step)),
                        OverlayNG.UNION);
    }

    /** All that lies behind a floor and inside its wall. */
    private Geometry behind(Angle tilt, RabbetCut cut) {
        double far = w + t + AIR;
        double wall = RabbetCut.out(tilt, cut.foot());
        double floor = RabbetCut.level(tilt, cut.foot());
        return polygon(List.of(RabbetCut.at(tilt, -far, floor), RabbetCut.at(tilt, wall, floor),
                RabbetCut.at(tilt, wall, far), RabbetCut.at(tilt, -far, far)));
    }

    private Geometry groove(Operation.Groove groove) {
        double from = groove.from().toMm();
        double to = from + mm(groove.size());
        double depth = mm(groove.depth());
        return switch (groove.face()) {
            case FRONT -> box(from, -AIR, to, depth);
            case BACK -> box(from, t - depth, to, t + AIR);
            case INNER -> box(-AIR, from, depth, to);
            case OUTER -> box(w - depth, from, w + AIR, to);
        };
    }

    /** Drawn for the front sight edge, with u across the face and v down the side, then turned to its own edge. */
    private Geometry shaped(Operation.Shaped op) {
        double size = mm(op.size());
        double depth = mm(op.depth());
        List<Spot> sweep = new ArrayList<>();
        switch (op.shape()) {
            case ROUND_OVER -> {
                sweep.addAll(List.of(new Spot(-AIR, size), new Spot(-AIR, -AIR), new Spot(size, -AIR)));
                arc(sweep, size, size, size, 270, 180);
            }
            case COVE -> {
                sweep.addAll(List.of(new Spot(-AIR, size), new Spot(-AIR, -AIR), new Spot(size, -AIR)));
                arc(sweep, 0, 0, size, 0, 90);
            }
            case BEAD -> {
                sweep.addAll(List.of(new Spot(-AIR, size), new Spot(-AIR, -AIR), new Spot(2 * size + depth, -AIR),
                        new Spot(2 * size + depth, size)));
                arc(sweep, size, size, size, 360, 180);
            }
            case CHAMFER, FACET -> corner(sweep, size, size);
            case BEVEL -> corner(sweep, size, depth);
            case RABBET -> sweep.addAll(List.of(new Spot(-AIR, -AIR), new Spot(size, -AIR), new Spot(size, depth),
                    new Spot(-AIR, depth)));
        }
        double inset = mm(op.inset());
        double sunk = mm(op.sunk());
        Geometry swept = placed(op, sweep, inset, sunk);
        return inset + sunk <= 0 ? swept : Profile.overlay(swept, beside(op, inset, sunk), OverlayNG.UNION);
    }

    /** A tool that is set in leaves nothing standing between itself and the edge. */
    private Geometry beside(Operation.Shaped op, double inset, double sunk) {
        double across = op.width().toMm();
        double down = op.reach().toMm();
        List<Spot> sweep = List.of(new Spot(-AIR, -AIR), new Spot(across, -AIR), new Spot(across, sunk),
                new Spot(inset, sunk), new Spot(inset, down), new Spot(-AIR, down));
        return placed(op, sweep, 0, 0);
    }

    private Geometry placed(Operation.Shaped op, List<Spot> sweep, double inset, double sunk) {
        return polygon(sweep.stream().map(spot -> new Spot(spot.x() + inset, spot.y() + sunk))
                .map(spot -> new Spot(op.edge().isInner() ? spot.x() : w - spot.x(),
                        op.edge().isFront() ? spot.y() : t - spot.y()))
                .toList());
    }

    private static void corner(List<Spot> sweep, double across, double down) {
        sweep.addAll(List.of(new Spot(-AIR, -AIR), new Spot(across, -AIR), new Spot(across, 0), new Spot(0, down),
                new Spot(-AIR, down)));
    }

    private static void arc(List<Spot> sweep, double x, double y, double radius, double from, double to) {
        for (int i = 0; i <= STEPS; i++) {
            double angle = Math.toRadians(from + (to - from) * i / STEPS);
            sweep.add(new Spot(x + radius * Math.cos(angle), y + radius * Math.sin(angle)));
        }
    }
}
