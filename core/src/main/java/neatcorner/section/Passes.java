package neatcorner.section;

import java.util.ArrayList;
import java.util.List;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.wood.Species;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.util.AffineTransformation;

/**
 * The passes that mill a section, in order: what lies on the table, what runs along the fence, how far the tool stands off
 * and up. A router takes no more in one pass than the wood stands. A saw takes a rabbet flat and on edge, with the wood that
 * stays against the fence, so that the strip falls away from it and is not thrown.
 */
public final class Passes {
    /** Deepest router pass in open-grained, splintery wood: three for 10 mm, never more than 3–4 mm, common practice. */
    public static final Length DEEPEST_OPEN_GRAINED = Length.mm(10.0 / 3);
    /** Deepest router pass in other woods, common practice. */
    public static final Length DEEPEST = Length.mm(4);
    /** Deepest cut of a saw blade or dado set in one pass, common practice. */
    public static final Length DEEPEST_SAWN = Length.mm(25);
    /** A table saw's blade tilts no further, common practice. */
    public static final Angle MOST_TILT = Angle.ofDegrees(45);
    /** Width of a blade as it is drawn, mm. */
    private static final double BLADE = 3;

    private final Section section;
    private final List<MillPass> passes = new ArrayList<>();

    private Passes(Section section) {
        this.section = section;
    }

    /** Every pass that a section takes, in order, with fence and height of each. */
    public static List<MillPass> of(Section section) {
        Passes passes = new Passes(section);
        List<Operation> order = section.milling().order(section.rabbet());
        for (int i = 0; i < order.size(); i++) {
            passes.add(i, order.get(i));
        }
        return List.copyOf(passes.passes);
    }

    /** The most that a tool takes off in one pass in a wood. */
    public static Length deepest(Tool tool, Species wood) {
        return switch (tool) {
            case ROUTER -> wood.isOpenGrained() ? DEEPEST_OPEN_GRAINED : DEEPEST;
            case SAW, DADO -> DEEPEST_SAWN;
            case PLANE -> Length.mm(100);
        };
    }

    /** How many passes a depth takes. */
    static int needed(Length depth, Tool tool, Species wood) {
        long most = deepest(tool, wood).units();
        return (int) Math.max(1, (depth.units() + most - 1) / most);
    }

    /** What does an operation. */
    public static Tool tool(Operation operation) {
        return switch (operation) {
            case Operation.PackRabbet pack -> switch (pack.way()) {
                case ROUTER, AFTER_ASSEMBLY -> Tool.ROUTER;
                case TABLE_SAW, FROM_GROOVE, READY -> Tool.SAW;
                case DADO -> Tool.DADO;
            };
            case Operation.Shaped shaped -> shaped.shape().tool();
            case Operation.Groove groove -> Tool.ROUTER;
            case Operation.Rip rip -> Tool.SAW;
        };
    }

    /** How deep the tool goes in, square to the face that it works on. */
    public static Length depth(Operation operation) {
        return switch (operation) {
            case Operation.PackRabbet pack -> pack.rabbet().depth();
            case Operation.Shaped shaped -> shaped.reach();
            case Operation.Groove groove -> groove.depth();
            case Operation.Rip rip -> Length.ZERO;
        };
    }

    private void add(int index, Operation operation) {
        switch (operation) {
            case Operation.PackRabbet pack -> rabbet(index, pack);
            case Operation.Shaped shaped -> shaped(index, shaped);
            case Operation.Groove groove -> stepped(index, groove, groove.face(),
                    groove.face().isWide() ? Face.INNER : Face.FRONT, groove.from(), groove.size(),
                    Cutter.of(section, index));
            case Operation.Rip rip -> passes.add(new MillPass(index, 1, 1, Tool.SAW, Face.BACK, Face.INNER,
                    Length.mm(outerEdge(index)), null, section.thickness(), Cutter.of(section, index)));
        }
    }

    /** Where the outer edge stands after an operation: strips that are ripped off later are still there. */
    private double outerEdge(int index) {
        return section.width().toMm() + section.milling().order(section.rabbet()).stream().skip(index + 1L)
                .mapToDouble(later -> later instanceof Operation.Rip rip ? Math.max(0, rip.size().toMm()) : 0).sum();
    }

    private void rabbet(int index, Operation.PackRabbet pack) {
        Rabbet rabbet = pack.rabbet();
        if (pack.way() == RabbetWay.READY || rabbet.isNone()) {
            return;
        }
        if (rabbet.isTilted()) {
            tilted(index);
            return;
        }
        switch (pack.way()) {
            case TABLE_SAW -> sawn(index, rabbet);
            case FROM_GROOVE -> cheek(index, rabbet);
            case READY -> {
                // comes with the stick
            }
            case ROUTER, DADO, AFTER_ASSEMBLY -> {
                Rabbet.Step step = rabbet.step();
                if (step != null) {
                    stepped(index, pack, step.width(), step.depth());
                }
                stepped(index, pack, rabbet.width(), rabbet.depth());
            }
        }
    }

    /** One step of the pack's rabbet, the tool let into its fence; after assembly, along its bearing. */
    private void stepped(int index, Operation.PackRabbet pack, Length width, Length depth) {
        Operation.PackRabbet one = new Operation.PackRabbet(Rabbet.plain(width, depth), pack.way(), pack.passes());
        stepped(index, one, Face.BACK, Face.INNER, Length.ZERO, width, Cutter.of(section, index, one));
    }

    /** A grooved board's rabbet is its groove and its back cheek, half and half: only the cheek is sawn off. */
    private void cheek(int index, Rabbet rabbet) {
        passes.add(new MillPass(index, 1, 1, Tool.SAW, Face.BACK, Face.OUTER,
                Length.mm(outerEdge(index) - rabbet.width().toMm()), null, new Length(rabbet.depth().units() / 2),
                Cutter.of(section, index)));
    }

    /**
     * Cuts from the back as high as each step is deep, then on edge those that free the strips: the sight edge on the table,
     * the front against the fence.
     */
    private void sawn(int index, Rabbet rabbet) {
        double t = section.thickness().toMm();
        Rabbet.Step step = rabbet.step();
        int of = step == null ? 2 : 4;
        int number = 1;
        if (step != null) {
            passes.add(flat(index, of, number++, step.width(), step.depth()));
        }
        passes.add(flat(index, of, number++, rabbet.width(), rabbet.depth()));
        if (step != null) {
            passes.add(onEdge(index, of, number++, step.width(), step.depth(), t));
        }
        passes.add(onEdge(index, of, number, rabbet.width(), rabbet.depth(), t));
    }

    private MillPass flat(int index, int of, int number, Length width, Length depth) {
        double t = section.thickness().toMm();
        double at = width.toMm();
        return new MillPass(index, of, number, Tool.SAW, Face.BACK, Face.OUTER, Length.mm(outerEdge(index) - at), null,
                depth, Cutter.box(at - BLADE, t - depth.toMm(), at, t + 1));
    }

    private static MillPass onEdge(int index, int of, int number, Length width, Length depth, double t) {
        double at = t - depth.toMm();
        return new MillPass(index, of, number, Tool.SAW, Face.INNER, Face.FRONT, Length.mm(at), null, width,
                Cutter.box(-1, at, width.toMm(), t + 1));
    }

    /** A rabbet turned against the stick: its wall and its floor are each a cut with the blade tilted. */
    private void tilted(int index) {
        Rabbet rabbet = section.rabbet();
        Rabbet.Step step = rabbet.step();
        int of = step == null ? 2 : 4;
        Geometry whole = Cutter.of(section, index);
        int number = 1;
        if (step != null) {
            passes.add(tiltedWall(index, of, number++, RabbetCut.step(section, step)));
        }
        passes.add(tiltedWall(index, of, number++, RabbetCut.front(section)));
        if (step != null) {
            passes.add(tiltedFloor(index, of, number++, RabbetCut.step(section, step), whole));
        }
        passes.add(tiltedFloor(index, of, number, RabbetCut.front(section), whole));
    }

    /** Flat on the back up to 45°, else on the sight edge with the back against the fence. */
    private MillPass tiltedWall(int index, int of, int number, RabbetCut cut) {
        double tilt = section.rabbet().tilt().radians();
        double t = section.thickness().toMm();
        Spot foot = cut.foot();
        Geometry kerf = slot(foot, cut.top(), tilt);
        if (tilt <= MOST_TILT.radians() + 1e-9 || cut.top().x() > 1e-6) {
            double atTable = foot.x() - (t - foot.y()) * Math.tan(tilt);
            return new MillPass(index, of, number, Tool.SAW, Face.BACK, Face.OUTER,
                    Length.mm(outerEdge(index) - atTable), null, Length.mm(t - foot.y()), section.rabbet().tilt(), true,
                    kerf);
        }
        double atTable = foot.y() + foot.x() / Math.tan(tilt);
        return new MillPass(index, of, number, Tool.SAW, Face.INNER, Face.BACK, Length.mm(t - atTable), null,
                Length.mm(foot.x()), section.rabbet().tilt().complement(), false, kerf);
    }

    /** On the sight edge with the front against the fence; where the floor begins on the front, flat on that. */
    private MillPass tiltedFloor(int index, int of, int number, RabbetCut cut, Geometry whole) {
        double tilt = section.rabbet().tilt().radians();
        Spot foot = cut.foot();
        double atInner = foot.y() - foot.x() * Math.tan(tilt);
        if (atInner >= 0) {
            return new MillPass(index, of, number, Tool.SAW, Face.INNER, Face.FRONT, Length.mm(atInner), null,
                    Length.mm(foot.x()), section.rabbet().tilt(), false, whole);
        }
        double atTable = foot.x() - foot.y() / Math.tan(tilt);
        return new MillPass(index, of, number, Tool.SAW, Face.FRONT, Face.OUTER, Length.mm(outerEdge(index) - atTable),
                null, Length.mm(foot.y()), section.rabbet().tilt().complement(), true, whole);
    }

    /** The blade's own width inside a wall, from its foot to where it comes out. */
    private static Geometry slot(Spot foot, Spot top, double tilt) {
        double dx = -BLADE * Math.cos(tilt);
        double dy = -BLADE * Math.sin(tilt);
        double ux = -Math.sin(tilt);
        double uy = Math.cos(tilt);
        Spot end = new Spot(top.x() + ux * BLADE, top.y() + uy * BLADE);
        return Cutter.polygon(List.of(foot, end, new Spot(end.x() + dx, end.y() + dy),
                new Spot(foot.x() + dx, foot.y() + dy)));
    }

    private void shaped(int index, Operation.Shaped shaped) {
        Geometry whole = Cutter.of(section, index);
        switch (shaped.shape().tool()) {
            case ROUTER, DADO -> stepped(index, shaped, shaped.edge().face(), shaped.edge().side(), Length.ZERO,
                    shaped.width(), whole);
            case PLANE -> passes.add(new MillPass(index, 1, 1, Tool.PLANE, shaped.edge().face().opposite(),
                    shaped.edge().side().opposite(), Length.ZERO, shaped.size(), shaped.size(), whole));
            case SAW -> sloped(index, shaped, whole);
        }
    }

    /**
     * A slope with the blade tilted no further than 45°: flat on the table, or on edge where it is wider than deep. What counts
     * at the fence is where the slope, run on, meets the table.
     */
    private void sloped(int index, Operation.Shaped shaped, Geometry whole) {
        Edge edge = shaped.edge();
        double across = Math.max(1e-9, shaped.size().toMm());
        double down = Math.max(1e-9, shaped.depth().toMm());
        double w = edge.isInner() ? outerEdge(index) : section.width().toMm();
        double t = section.thickness().toMm();
        passes.add(across <= down
                ? new MillPass(index, 1, 1, Tool.SAW, edge.face().opposite(), edge.side().opposite(),
                        Length.mm(w - across + t * across / down), null, section.thickness(),
                        Angle.ofRadians(Math.atan2(across, down)), true, whole)
                : new MillPass(index, 1, 1, Tool.SAW, edge.side().opposite(), edge.face().opposite(),
                        Length.mm(t - down + w * down / across), null, Length.mm(w),
                        Angle.ofRadians(Math.atan2(down, across)), true, whole));
    }

    /** The same tool, raised from pass to pass until it is at its full depth. */
    private void stepped(int index, Operation operation, Face rest, Face guide, Length fence, Length wide,
            Geometry whole) {
        Length depth = depth(operation);
        Tool tool = tool(operation);
        int count = operation.passes() > 0
                ? operation.passes()
                : needed(depth, tool, section.wood());
        for (int pass = 1; pass <= count; pass++) {
            Length height = depth.scaled(pass / (double) count);
            double back = depth.minus(height).toMm();
            Geometry cut = switch (rest) {
                case FRONT -> moved(whole, 0, -back);
                case BACK -> moved(whole, 0, back);
                case INNER -> moved(whole, -back, 0);
                case OUTER -> moved(whole, back, 0);
            };
            passes.add(new MillPass(index, count, pass, tool, rest, guide, fence, wide, height, cut));
        }
    }

    private static Geometry moved(Geometry whole, double dx, double dy) {
        return AffineTransformation.translationInstance(dx, dy).transform(whole);
    }
}
