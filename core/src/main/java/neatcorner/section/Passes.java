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
 * and up. A router takes no more in one pass than the wood stands; a saw takes a rabbet in two, flat and on edge.
 */
public final class Passes {
    /** Deepest router pass in open-grained, splintery wood: three for 10 mm, never more than 3–4 mm, common practice. */
    public static final Length DEEPEST_OPEN_GRAINED = Length.mm(10.0 / 3);
    /** Deepest router pass in other woods, common practice. */
    public static final Length DEEPEST = Length.mm(4);
    /** Deepest cut of a saw blade or dado set in one pass, common practice. */
    public static final Length DEEPEST_SAWN = Length.mm(25);
    private static final double BLADE = 3;

    private final Section section;
    private final List<MillPass> passes = new ArrayList<>();

    private Passes(Section section) {
        this.section = section;
    }

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
                case TABLE_SAW, FROM_GROOVE -> Tool.SAW;
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
            case Operation.Shaped shaped -> switch (shaped.shape()) {
                case ROUND_OVER, COVE, BEAD, CHAMFER, FACET -> shaped.size();
                case BEVEL, RABBET -> shaped.depth();
            };
            case Operation.Groove groove -> groove.depth();
            case Operation.Rip rip -> Length.ZERO;
        };
    }

    private void add(int index, Operation operation) {
        switch (operation) {
            case Operation.PackRabbet pack -> rabbet(index, pack);
            case Operation.Shaped shaped -> shaped(index, shaped);
            case Operation.Groove groove -> stepped(index, groove, groove.face(),
                    groove.face().isWide() ? Face.INNER : Face.FRONT, groove.from(), Cutter.of(section, index));
            case Operation.Rip rip -> passes.add(new MillPass(index, 1, 1, Tool.SAW, Face.BACK, Face.INNER,
                    Length.mm(Cutter.of(section, index).getEnvelopeInternal().getMinX()), section.thickness(), null,
                    Cutter.of(section, index)));
        }
    }

    /** A grooved board's rabbet is its groove and its back cheek, half and half: only the cheek is sawn off. */
    private void rabbet(int index, Operation.PackRabbet pack) {
        Rabbet rabbet = pack.rabbet();
        if (pack.way() == RabbetWay.TABLE_SAW && rabbet.step() == null) {
            sawn(index, rabbet);
        } else if (pack.way() == RabbetWay.FROM_GROOVE) {
            Length cheek = new Length(rabbet.depth().units() / 2);
            passes.add(new MillPass(index, 1, 1, Tool.SAW, Face.BACK, Face.INNER, rabbet.width(), cheek, null,
                    Cutter.of(section, index)));
        } else {
            Rabbet.Step step = rabbet.step();
            if (step != null) {
                Operation.PackRabbet wide = new Operation.PackRabbet(
                        Rabbet.plain(step.width(), step.depth()), pack.way(), pack.passes());
                stepped(index, wide, Face.BACK, Face.INNER, step.width(), Cutter.of(section, index, wide));
            }
            Operation.PackRabbet deep = new Operation.PackRabbet(Rabbet.plain(rabbet.width(), rabbet.depth()),
                    pack.way(), pack.passes());
            stepped(index, deep, Face.BACK, Face.INNER, rabbet.width(), Cutter.of(section, index, deep));
        }
    }

    /** A cut from the back as high as the rabbet is deep, then one on edge that frees the strip. */
    private void sawn(int index, Rabbet rabbet) {
        double rw = rabbet.width().toMm();
        double t = section.thickness().toMm();
        double floor = t - rabbet.depth().toMm();
        passes.add(new MillPass(index, 2, 1, Tool.SAW, Face.BACK, Face.INNER, rabbet.width(), rabbet.depth(), null,
                Cutter.box(Math.max(0, rw - BLADE), floor, rw, t + 1)));
        passes.add(new MillPass(index, 2, 2, Tool.SAW, Face.INNER, Face.BACK, rabbet.depth(), rabbet.width(), null,
                Cutter.box(-1, floor, rw, t + 1)));
    }

    private void shaped(int index, Operation.Shaped shaped) {
        Geometry whole = Cutter.of(section, index);
        switch (shaped.shape().tool()) {
            case ROUTER, DADO -> stepped(index, shaped, shaped.edge().face(), shaped.edge().side(),
                    shaped.shape() == EdgeShape.BEAD
                            ? shaped.size().times(2).plus(shaped.depth())
                            : shaped.size(),
                    whole);
            case PLANE -> passes.add(new MillPass(index, 1, 1, Tool.PLANE, shaped.edge().face().opposite(),
                    shaped.edge().side().opposite(), Length.ZERO, shaped.size(), null, whole));
            case SAW -> sloped(index, shaped, whole);
        }
    }

    /** A slope with the blade tilted no further than 45°: flat on the table, or on edge where it is wider than deep. */
    private void sloped(int index, Operation.Shaped shaped, Geometry whole) {
        Edge edge = shaped.edge();
        double across = shaped.size().toMm();
        double down = Math.max(1e-9, shaped.depth().toMm());
        passes.add(across <= down
                ? new MillPass(index, 1, 1, Tool.SAW, edge.face().opposite(), edge.side().opposite(),
                        section.width().minus(shaped.size()), section.thickness(),
                        Angle.ofRadians(Math.atan2(across, down)), whole)
                : new MillPass(index, 1, 1, Tool.SAW, edge.side().opposite(), edge.face().opposite(),
                        section.thickness().minus(shaped.depth()), section.width(),
                        Angle.ofRadians(Math.atan2(down, across)), whole));
    }

    /** The same tool, raised from pass to pass until it is at its full depth. */
    private void stepped(int index, Operation operation, Face rest, Face guide, Length fence, Geometry whole) {
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
            passes.add(new MillPass(index, count, pass, tool, rest, guide, fence, height, null, cut));
        }
    }

    private static Geometry moved(Geometry whole, double dx, double dy) {
        return AffineTransformation.translationInstance(dx, dy).transform(whole);
    }
}
