package neatcorner.station.hanging;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import neatcorner.drawing.Anchor;
import neatcorner.drawing.Box;
import neatcorner.drawing.Figure;
import neatcorner.drawing.FrameBack;
import neatcorner.drawing.FrameFront;
import neatcorner.drawing.Marks;
import neatcorner.drawing.Point;
import neatcorner.drawing.Tint;
import neatcorner.hanging.HangBy;
import neatcorner.hanging.Hanging;
import neatcorner.hanging.Hook;
import neatcorner.hanging.Wire;
import neatcorner.job.Job;
import neatcorner.measure.Length;
import neatcorner.outline.Contours;
import neatcorner.outline.Loop;
import neatcorner.plan.Plan;

/**
 * The wall with the frame where it will hang, somebody beside it, and its hooks behind it; beside the wall the frame from
 * behind, with what it hangs by.
 */
public final class HangingFigure {
    private static final double ROOM = 350;
    private static final double LEAST_WALL = 1200;
    /** The frame from behind takes this share of the wall's height. */
    private static final double BEHIND = 0.52;

    private final Plan plan;
    private final Contours contours;
    private final HangingWork work;
    private final Hanging hanging;
    private final Marks marks = new Marks();
    private final Loop outline;
    /** Of the frame, from left to right. */
    private final double middle;
    private final double floor;
    private final double ceiling;
    private final Box wall;

    private HangingFigure(Plan plan, Contours contours, HangingWork work, Hanging hanging) {
        this.plan = plan;
        this.contours = contours;
        this.work = work;
        this.hanging = hanging;
        this.outline = HangingWork.outermost(plan, contours);
        this.middle = (outline.left() + outline.right()) / 2;
        this.floor = (outline.top() + outline.bottom()) / 2 + hanging.centre().toMm();
        this.ceiling = floor - Math.max(500, hanging.ceiling().toMm());
        double half = Math.max(LEAST_WALL, work.width().toMm() + 2 * ROOM) / 2;
        this.wall = new Box(Math.min(middle - half, outline.left() - 850), ceiling,
                Math.max(middle + half, outline.right() + 700), floor);
    }

    /** The figure; that there is no frame, where there is none. */
    public static Figure of(Plan plan) {
        Contours contours = plan.contours();
        HangingWork work = HangingWork.of(plan).orElse(null);
        return contours == null || work == null
                ? FrameFront.nothing()
                : new HangingFigure(plan, contours, work, plan.job().hanging()).draw();
    }

    /** The frame from behind with what it would hang by, small, to choose by; that there is none, where there is none. */
    public static Figure picture(Plan plan, HangBy by) {
        Contours contours = plan.contours();
        if (contours == null) {
            return FrameFront.nothing();
        }
        Job as = plan.job().withHanging(plan.job().hanging().withBy(by));
        HangingFigure figure = new HangingFigure(plan, contours, HangingWork.as(plan, as.hanging()), as.hanging());
        UnaryOperator<Point> at = FrameBack::turned;
        new FrameBack(plan, contours, figure.marks, at).draw();
        figure.hardware(at, 1, Math.max(figure.work.width().toMm(), figure.work.height().toMm()) * 0.04);
        Loop edge = figure.outline;
        return new Figure(by.title(), new Box(-edge.right(), edge.top(), -edge.left(), edge.bottom()),
                Figure.Margin.all(2), figure.marks.list()).bare();
    }

    private Figure draw() {
        wall();
        Wall.person(marks, wall.left() + 420, floor);
        new FrameFront(plan, contours, marks).drawQuietly();
        hooks();
        heights();
        double right = behind(wall.right() + wall.height() * 0.2);
        Box bounds = new Box(wall.left(), Math.min(wall.top(), outline.top()), right,
                Math.max(wall.bottom(), outline.bottom()));
        return new Figure(HangingTexts.ON_THE_WALL, bounds, new Figure.Margin(26, 70, 34, 70), marks.list());
    }

    private void wall() {
        marks.area(wall, Tint.TABLE, null, 0);
        marks.line(Tint.INK, 2, new Point(wall.left(), floor), new Point(wall.right(), floor));
        marks.line(Tint.CONSTRUCTION, 1, new Point(wall.left(), ceiling), new Point(wall.right(), ceiling));
        Length furniture = hanging.furniture();
        if (furniture != null) {
            double half = Math.max(700, work.width().toMm() * 0.65);
            Box box = new Box(-half, floor - furniture.toMm(), half, floor);
            marks.area(box, Tint.BACKING, Tint.CONSTRUCTION, 1.2);
            marks.dimension(new Point(half, box.top()), new Point(half, floor), -16, furniture, HangingTexts.FURNITURE,
                    HangingFields.FURNITURE);
        }
        marks.dimension(new Point(wall.left(), floor), new Point(wall.left(), ceiling), 26, hanging.ceiling(),
                HangingTexts.CEILING, HangingFields.CEILING);
    }

    /** So far right of the frame's middle, and so far below its top edge; seen from the front. */
    private Point below(double right, Length down) {
        return new Point(middle + right, outline.top() + down.toMm());
    }

    private Point on(Hook hook) {
        return new Point(middle + hook.from().toMm(), floor - hook.height().toMm());
    }

    /** What is behind the frame, dashed, and the hooks that carry it. */
    private void hooks() {
        HangingWork.Rings rings = work.rings();
        if (rings != null && work.wire() != null && !work.hooks().isEmpty()) {
            List<Point> run = new ArrayList<>();
            run.add(below(rings.left(), rings.depth()));
            work.hooks().forEach(hook -> run.add(on(hook)));
            run.add(below(rings.right(), rings.depth()));
            marks.dashed(Tint.INK, run.toArray(Point[]::new));
        }
        double radius = wall.height() * 0.007;
        for (Hook hook : work.hooks()) {
            marks.area(FrameBack.disc(on(hook), radius), Tint.METAL, Tint.INK, 1.4);
        }
        if (hanging.by() == HangBy.CLEAT && !work.hooks().isEmpty()) {
            double y = on(work.hooks().getFirst()).y();
            double inset = work.width().toMm() * 0.1;
            marks.dashed(Tint.INK, new Point(outline.left() + inset, y), new Point(outline.right() - inset, y));
        }
    }

    private Hook last() {
        return work.hooks().getLast();
    }

    private void heights() {
        double x = outline.right() + (wall.right() - outline.right()) * 0.35;
        Point center = new Point(x, (outline.top() + outline.bottom()) / 2);
        if (!hanging.by().isOnWall()) {
            return;
        }
        marks.dimension(new Point(x, floor), center, 0, hanging.centre(), HangingTexts.CENTER_ABOVE_THE_FLOOR,
                HangingFields.CENTER);
        marks.line(Tint.CONSTRUCTION, 1, new Point(outline.right(), center.y()), center);
        marks.handle(new Point(middle, center.y()), HangingFields.CENTER, 0, -1);
        if (!work.hooks().isEmpty()) {
            Hook last = last();
            double far = outline.right() + (wall.right() - outline.right()) * 0.78;
            Point at = on(last);
            marks.dashed(Tint.CONSTRUCTION, at, new Point(far, at.y()));
            marks.dimension(new Point(far, floor), new Point(far, at.y()), 0, last.height(), HangingTexts.HOOK_HEIGHT,
                    null);
        }
        if (work.hooks().size() > 1) {
            Point first = on(work.hooks().get(0));
            Point next = on(work.hooks().get(1));
            marks.dimension(new Point(first.x(), outline.top()), new Point(next.x(), outline.top()), 22,
                    work.hooks().get(1).from().minus(work.hooks().get(0).from()), HangingTexts.BETWEEN_HOOKS,
                    hanging.by().isSetApart() ? HangingFields.APART : null);
            if (hanging.by().isSetApart()) {
                marks.handle(on(last()), HangingFields.APART, 2.0 / (work.hooks().size() - 1), 0);
            }
        }
    }

    /** The frame from behind, larger or smaller than it is on the wall; returns how far right it reaches. */
    private double behind(double left) {
        double room = wall.height() * BEHIND;
        double scale = Math.min(room / work.height().toMm(), wall.height() * 0.8 / work.width().toMm());
        double half = work.width().toMm() / 2 * scale;
        double x = left + half;
        double y = ceiling + wall.height() * 0.12 + work.height().toMm() / 2 * scale;
        double cy = (outline.top() + outline.bottom()) / 2;
        UnaryOperator<Point> at = p -> new Point(x - (p.x() - middle) * scale, y + (p.y() - cy) * scale);
        new FrameBack(plan, contours, marks, at).draw();
        double bottom = y + work.height().toMm() / 2 * scale;
        marks.label(new Point(x, bottom), 0, 52, Anchor.MIDDLE, HangingTexts.FROM_BEHIND, 13, false, Tint.FAINT_INK);
        hardware(at, scale, wall.height() * 0.012);
        return x + half;
    }

    private void hardware(UnaryOperator<Point> at, double scale, double size) {
        HangingWork.Rings rings = work.rings();
        double top = outline.top();
        if (rings != null) {
            Point right = at.apply(below(rings.left(), rings.depth()));
            Point left = at.apply(below(rings.right(), rings.depth()));
            Wire wire = work.wire();
            if (wire != null) {
                List<Point> run = new ArrayList<>(List.of(left));
                work.hooks().reversed().forEach(hook -> run.add(at.apply(below(hook.from().toMm(), wire.drop()))));
                run.add(right);
                marks.line(Tint.INK, 2.4, run.toArray(Point[]::new));
                marks.line(Tint.METAL, 1.2, run.toArray(Point[]::new));
                work.hooks().forEach(hook -> marks.area(FrameBack.disc(
                        at.apply(below(hook.from().toMm(), wire.drop())), size * 0.6), Tint.METAL, Tint.INK, 1.2));
            }
            ring(left, size);
            ring(right, size);
            Point corner = at.apply(new Point(outline.right(), top));
            marks.dimension(new Point(corner.x(), left.y()), corner, 44, rings.depth(),
                    HangingTexts.RINGS_FROM_THE_TOP, HangingFields.RINGS);
            double bottom = at.apply(new Point(0, outline.bottom())).y();
            marks.dimension(new Point(left.x(), bottom), new Point(right.x(), bottom), -22, rings.span(),
                    HangingTexts.RING_SPAN, null);
            marks.handle(left, HangingFields.RINGS, 0, 1 / scale);
            return;
        }
        if (work.upon() != HangingWork.Upon.WALL) {
            return;
        }
        Point hung = at.apply(below(0, work.drop()));
        switch (hanging.by()) {
            case SAWTOOTH -> marks.area(new Box(hung.x() - size * 2, hung.y() - size * 0.5, hung.x() + size * 2,
                    hung.y() + size * 0.5), Tint.METAL, Tint.INK, 1.2);
            case CLEAT -> cleat(at, size);
            case STRIPS, SCREWS -> work.hooks().forEach(hook -> marks.area(FrameBack.disc(
                    at.apply(below(hook.from().toMm(), work.drop())), size * 0.6), Tint.METAL,
                    Tint.INK, 1.2));
            case EASEL -> {
                Point foot = at.apply(new Point(middle, outline.bottom()));
                Point hinge = at.apply(new Point(middle,
                        outline.bottom() - work.height().toMm() * HangingWork.HINGED));
                marks.area(List.of(hinge.plus(-size, 0), hinge.plus(size, 0), foot.plus(size * 2.4, 0),
                        foot.plus(-size * 2.4, 0)), Tint.BACKING, Tint.INK, 1.2);
            }
            case WIRE, D_RINGS, KEYHOLES -> {
            }
        }
    }

    private void cleat(UnaryOperator<Point> at, double size) {
        double inset = work.width().toMm() * 0.1;
        double y = outline.top() + work.drop().toMm();
        double deep = Math.max(12, plan.job().section().width().toMm() * 0.4);
        List<Point> strip = List.of(new Point(outline.left() + inset, y - deep), new Point(outline.right() - inset,
                y - deep), new Point(outline.right() - inset, y + deep), new Point(outline.left() + inset, y + deep));
        marks.wood(strip.stream().map(at).toList(), Tint.wood(plan.job().section().wood()), 0, 91);
        bumper(at, outline.left(), 1, size);
        bumper(at, outline.right(), -1, size);
    }

    /** In a lower corner; {@code way} is 1 where the frame lies to the right of that. */
    private void bumper(UnaryOperator<Point> at, double edge, int way, double size) {
        double half = plan.job().section().width().toMm() / 2;
        List<Point> felt = FrameBack.disc(at.apply(new Point(edge + way * half, outline.bottom() - half)), size * 0.75);
        marks.area(felt, Tint.BACKING, Tint.INK, 1.4);
        marks.thing(felt, "bumper" + way, HangingTexts.BUMPER);
    }

    private void ring(Point at, double size) {
        marks.area(FrameBack.disc(at, size), Tint.METAL, Tint.INK, 1.4);
        marks.area(FrameBack.disc(at, size * 0.55), Tint.TABLE, Tint.INK, 1);
    }
}
