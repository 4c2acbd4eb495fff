package neatcorner.station.fitout;

import java.util.ArrayList;
import java.util.List;
import neatcorner.drawing.Anchor;
import neatcorner.drawing.Box;
import neatcorner.drawing.Figure;
import neatcorner.drawing.FrameBack;
import neatcorner.drawing.FrameFront;
import neatcorner.drawing.Marks;
import neatcorner.drawing.MemberMarks;
import neatcorner.drawing.Point;
import neatcorner.drawing.RingFace;
import neatcorner.drawing.Tint;
import neatcorner.fitout.Layer;
import neatcorner.fitout.Retainers;
import neatcorner.measure.Length;
import neatcorner.outline.Contours;
import neatcorner.outline.Opening;
import neatcorner.plan.Field;
import neatcorner.plan.Plan;

/**
 * The frame face down, its back open: points, clips and screws where they go. Beside it, what goes in, layer over layer in
 * the order in which it is laid in, the first at the bottom, each with what it is cut to.
 */
public final class FitOutFigure {
    /** Of the larger side of the frame. */
    private static final double GAP = 0.42;
    private static final double SLAB = 0.42;
    private static final double SKEW = 0.16;
    private static final double DEEP = 0.13;

    private final Plan plan;
    private final Contours contours;
    private final Marks marks = new Marks();
    private final Box outside;
    private final double unit;

    private FitOutFigure(Plan plan, Contours contours) {
        this.plan = plan;
        this.contours = contours;
        Box whole = MemberMarks.around(plan, FrameFront.box(contours.outside()));
        this.outside = new Box(-whole.right(), whole.top(), -whole.left(), whole.bottom());
        this.unit = Math.max(outside.height(), outside.width() * 0.45);
    }

    /** The figure; that there is no frame, where there is none. */
    public static Figure of(Plan plan) {
        Contours contours = plan.contours();
        return contours == null ? FrameFront.nothing() : new FitOutFigure(plan, contours).draw();
    }

    private Figure draw() {
        new FrameBack(plan, contours, marks, FrameBack::turned).draw();
        new BackMarks(plan, contours, marks).draw();
        retainers();
        screws();
        marks.label(new Point(outside.center().x(), outside.top()), 0, -10, Anchor.MIDDLE, FitOutTexts.TOP, 13, false,
                Tint.FAINT_INK);
        double right = pack();
        Box bounds = new Box(outside.left(), Math.min(outside.top(), outside.center().y() - unit / 2), right,
                Math.max(outside.bottom(), outside.center().y() + unit / 2));
        return new Figure(FitOutTexts.OPEN_BACK, bounds, new Figure.Margin(34, 110, 64, 40), marks.list());
    }

    private void retainers() {
        Retainers kept = plan.job().fitOut().retainers();
        if (!plan.job().hold().isInRabbet() || plan.job().pack().layers().isEmpty()) {
            return;
        }
        RingFace face = new RingFace(contours, plan.job().outline(), plan.job().joint());
        double wall = plan.seat().wall().toMm();
        List<FitOutWork.Along> sides = FitOutWork.of(plan).retainers();
        switch (kept.kind().spread()) {
            case ALL_ROUND -> strip(wall);
            case IN_CORNERS -> triangles(wall);
            case SPACED -> spaced(kept, face, sides, wall);
        }
    }

    private void spaced(Retainers kept, RingFace face, List<FitOutWork.Along> sides, double wall) {
        for (int i = 0; i < sides.size(); i++) {
            for (Length at : sides.get(i).at()) {
                Point edge = face.along(i, false, at.toMm());
                Point out = face.outwards(i, at.toMm());
                retainer(kept, edge.plus(out.x() * wall, out.y() * wall), out);
            }
        }
        if (!sides.isEmpty() && contours.segments().isEmpty()) {
            measures(face, sides, wall);
        }
    }

    /** Along the bottom, from its corner to the first one, and from there to the next. */
    private void measures(RingFace face, List<FitOutWork.Along> sides, double wall) {
        int bottom = lowest(face);
        List<Length> at = sides.get(bottom).at();
        Point corner = FrameBack.turned(face.along(bottom, false, 0));
        Point first = FrameBack.turned(face.along(bottom, false, at.getFirst().toMm()));
        double beyond = plan.job().section().width().toMm();
        Point out = face.outwards(bottom, at.getFirst().toMm());
        Point off = new Point(-out.x() * beyond, out.y() * beyond);
        marks.dimension(first.plus(off.x(), off.y()), corner.plus(off.x(), off.y()), offset(corner, first),
                at.getFirst(),
                FitOutTexts.FIRST_FROM_CORNER, FitOutFields.FIRST);
        Point shift = new Point(-out.x() * wall, out.y() * wall);
        handle(corner, first, shift, FitOutFields.FIRST);
        if (at.size() > 1) {
            Point next = FrameBack.turned(face.along(bottom, false, at.get(1).toMm()));
            marks.dimension(next.plus(off.x(), off.y()), first.plus(off.x(), off.y()), 2 * offset(corner, first),
                    at.get(1).minus(at.getFirst()), FitOutTexts.MOST_APART, FitOutFields.MOST);
            handle(first, next, shift, FitOutFields.MOST);
        }
    }

    /** Dragging a place on the way from another one away from that makes a length longer. */
    private void handle(Point from, Point to, Point shift, Field field) {
        double length = Math.max(1e-9, Math.hypot(to.x() - from.x(), to.y() - from.y()));
        marks.handle(to.plus(shift.x(), shift.y()), field, (to.x() - from.x()) / length, (to.y() - from.y()) / length);
    }

    /** Along the top, from the end of its piece to the first screw, and from there to the next. */
    private void measures(FitOutWork.Row row, RingFace face) {
        int top = 0;
        for (int i = 1; i < face.count(); i++) {
            top = face.middle(i).y() < face.middle(top).y() ? i : top;
        }
        List<Length> at = row.along().get(top).at();
        if (at.isEmpty()) {
            return;
        }
        String ring = row.ring().ring().name();
        double start = shift(row, face, top);
        Point out = face.outwards(top, face.length(top, false) / 2);
        Point corner = FrameBack.turned(face.along(top, true, start));
        Point first = FrameBack.turned(face.along(top, true, start + at.getFirst().toMm()));
        marks.dimension(first, corner, -offset(corner, first), at.getFirst(), FitOutTexts.FIRST_SCREW_FROM_END,
                FitOutFields.firstScrew(ring));
        double half = row.ring().section().width().toMm() / 2;
        Point inwards = new Point(out.x() * half, -out.y() * half);
        handle(corner, first, inwards, FitOutFields.firstScrew(ring));
        if (at.size() > 1) {
            Point next = FrameBack.turned(face.along(top, true, start + at.get(1).toMm()));
            marks.dimension(next, first, -offset(corner, first), at.get(1).minus(at.getFirst()),
                    FitOutTexts.SCREWS_MOST_APART, FitOutFields.mostScrews(ring));
            handle(first, next, inwards, FitOutFields.mostScrews(ring));
        }
    }

    /** How far along its outer edge a piece's long point lies. */
    private static double shift(FitOutWork.Row row, RingFace face, int side) {
        return (face.length(side, true) - row.along().get(side).piece().longPoint().toMm()) / 2;
    }

    private static double offset(Point corner, Point first) {
        return first.x() < corner.x() ? -22 : 22;
    }

    private int lowest(RingFace face) {
        int lowest = 0;
        for (int i = 1; i < face.count(); i++) {
            if (face.middle(i).y() > face.middle(lowest).y()) {
                lowest = i;
            }
        }
        return lowest;
    }

    private void retainer(Retainers kept, Point wallFoot, Point out) {
        double w = Math.max(3, unit * 0.008);
        double into = Math.max(kept.into().toMm(), unit * 0.008);
        double over = Math.max(kept.length().toMm() - into, unit * 0.012);
        switch (kept.kind().way()) {
            case DRIVEN -> bar(wallFoot, out, -over, into, w, Tint.METAL);
            case SCREWED -> {
                double reach = plan.job().section().wall().toMm() * 0.5;
                bar(wallFoot, out, -Math.max(12, unit * 0.02), reach + w, w * 1.6, Tint.METAL);
                marks.area(FrameBack.disc(FrameBack.turned(wallFoot.plus(out.x() * reach, out.y() * reach)), w * 0.8),
                        Tint.INK, null, 0);
            }
            case GLUED -> bar(wallFoot, out, -Math.max(10, unit * 0.015), 0, kept.length().toMm(),
                    Tint.wood(plan.job().section().wood()));
        }
    }

    /** A bar square to the wall, from so far inside it to so far outside. */
    private void bar(Point foot, Point out, double from, double to, double width, Tint tint) {
        List<Point> corners = new ArrayList<>();
        double[][] shape = {{from, -width / 2}, {to, -width / 2}, {to, width / 2}, {from, width / 2}};
        for (double[] corner : shape) {
            corners.add(FrameBack.turned(foot.plus(out.x() * corner[0] - out.y() * corner[1],
                    out.y() * corner[0] + out.x() * corner[1])));
        }
        marks.area(corners, tint, Tint.INK, 0.8);
    }

    private void strip(double wall) {
        List<Point> outer = FrameFront.points(contours.at(wall));
        List<Point> inner = FrameFront.points(contours.at(wall - plan.job().fitOut().retainers().length().toMm()));
        for (int i = 0; i < outer.size(); i++) {
            int next = (i + 1) % outer.size();
            List<Point> side = List.of(outer.get(i), outer.get(next), inner.get(next), inner.get(i)).stream()
                    .map(FrameBack::turned).toList();
            marks.wood(side, Tint.wood(plan.job().section().wood()),
                    Math.atan2(side.get(1).y() - side.get(0).y(), side.get(1).x() - side.get(0).x()), 71 + i);
        }
    }

    private void triangles(double wall) {
        List<Point> corners = FrameFront.points(contours.at(wall));
        double leg = plan.job().fitOut().retainers().length().toMm();
        for (int i = 0; i < corners.size() && contours.segments().isEmpty(); i++) {
            Point at = corners.get(i);
            Point before = corners.get((i + corners.size() - 1) % corners.size());
            Point after = corners.get((i + 1) % corners.size());
            marks.area(List.of(FrameBack.turned(at), FrameBack.turned(towards(at, before, leg)),
                    FrameBack.turned(towards(at, after, leg))), Tint.WOOD_PINE, Tint.WOOD_INK, 1);
        }
    }

    private static Point towards(Point from, Point to, double length) {
        double whole = Math.max(1e-9, Math.hypot(to.x() - from.x(), to.y() - from.y()));
        return from.plus((to.x() - from.x()) / whole * length, (to.y() - from.y()) / whole * length);
    }

    private void screws() {
        FrameBack back = new FrameBack(plan, contours, marks, FrameBack::turned);
        double radius = Math.max(2.5, unit * 0.006);
        for (FitOutWork.Row row : FitOutWork.of(plan).screws()) {
            RingFace face = back.face(row.ring());
            double half = row.ring().section().width().toMm() / 2;
            for (int i = 0; i < row.along().size() && i < face.count(); i++) {
                double shift = shift(row, face, i);
                for (Length at : row.along().get(i).at()) {
                    Point edge = face.along(i, true, at.toMm() + shift);
                    Point out = face.outwards(i, face.length(i, false) / 2);
                    Point place = FrameBack.turned(edge.plus(-out.x() * half, -out.y() * half));
                    marks.area(FrameBack.disc(place, radius), Tint.METAL, Tint.INK, 1);
                    marks.line(Tint.INK, 1, place.plus(-radius * 0.7, 0), place.plus(radius * 0.7, 0));
                }
            }
            if (row.equals(FitOutWork.of(plan).screws().getFirst()) && contours.segments().isEmpty()) {
                measures(row, face);
            }
            String name = FitOutTexts.SCREW_OF.formatted(row.ring().ring().name());
            marks.thing(FrameFront.points(contours.outside()).stream().map(FrameBack::turned).toList(),
                    "ring-" + row.ring().ring().name(), name);
        }
    }

    /** Layer over layer, the first to go in at the bottom; returns how far right they reach. */
    private double pack() {
        List<Layer> layers = plan.job().layersToCut();
        if (layers.isEmpty()) {
            return outside.right();
        }
        double left = outside.right() + unit * GAP;
        double each = Math.min(unit / layers.size(), unit * 0.24);
        double top = outside.center().y() - each * layers.size() / 2;
        for (int i = 0; i < layers.size(); i++) {
            double y = top + each * (layers.size() - 1 - i) + (each - unit * DEEP) / 2;
            slab(layers.get(i), i + 1, left, y);
        }
        return left + unit * (SLAB + SKEW);
    }

    private void slab(Layer layer, int number, double left, double y) {
        double w = unit * SLAB;
        double skew = unit * SKEW;
        double deep = unit * DEEP;
        double thick = Math.max(unit * 0.012, layer.thickness().toMm());
        List<Point> face = List.of(new Point(left + skew, y), new Point(left + skew + w, y),
                new Point(left + w, y + deep), new Point(left, y + deep));
        List<Point> edge = List.of(new Point(left, y + deep), new Point(left + w, y + deep),
                new Point(left + w, y + deep + thick), new Point(left, y + deep + thick));
        List<Point> side = List.of(new Point(left + w, y + deep), new Point(left + skew + w, y),
                new Point(left + skew + w, y + thick), new Point(left + w, y + deep + thick));
        Tint tint = tint(layer);
        marks.area(side, edgeTint(layer), Tint.INK, 0.8);
        marks.area(edge, edgeTint(layer), Tint.INK, 0.8);
        marks.area(face, tint, Tint.INK, 1);
        if (layer instanceof Layer.Mat) {
            marks.area(List.of(within(face, 0.22, 0.22), within(face, 0.78, 0.22), within(face, 0.78, 0.78),
                    within(face, 0.22, 0.78)), Tint.ART, Tint.MAT_CORE, 1.5);
        } else if (layer instanceof Layer.Art && plan.job().pack().mat().isPresent()) {
            for (double across : new double[]{0.24, 0.66}) {
                marks.area(List.of(within(face, across, -0.10), within(face, across + 0.10, -0.10),
                        within(face, across + 0.10, 0.10), within(face, across, 0.10)), Tint.MAT, Tint.INK, 0.8);
            }
        } else if (layer instanceof Layer.Spacers) {
            marks.area(List.of(within(face, 0.06, 0.06), within(face, 0.94, 0.06), within(face, 0.94, 0.94),
                    within(face, 0.06, 0.94)), Tint.TABLE, Tint.CONSTRUCTION, 1);
        } else if (layer instanceof Layer.Glazing) {
            marks.hatch(face, -30, 34, Tint.GLASS_EDGE);
        } else if (layer instanceof Layer.Backing) {
            marks.hatch(face, 20, 14, Tint.BACKING_LINE);
        }
        marks.label(new Point(left, y + deep), -14, -8, Anchor.END, number + "  " + layer.title(), 14, true, Tint.INK);
        if (layer.isSheet()) {
            Opening cut = plan.cut(layer);
            boolean leads = layer instanceof Layer.Glazing && plan.job().hold().isInRabbet();
            Point foot = new Point(left, y + deep + thick);
            marks.dimension(foot, foot.plus(w, 0), -13, cut.width(),
                    leads ? FitOutTexts.GLASS_WIDTH : FitOutTexts.LAYER_WIDTH.formatted(layer.title()),
                    leads ? FitOutFields.GLASS_WIDTH : null);
            marks.dimension(new Point(left + skew + w, y), new Point(left + w, y + deep), 34, cut.height(),
                    leads ? FitOutTexts.GLASS_HEIGHT : FitOutTexts.LAYER_HEIGHT.formatted(layer.title()),
                    leads ? FitOutFields.GLASS_HEIGHT : null);
        }
    }

    private static Point within(List<Point> face, double across, double down) {
        Point top = between(face.get(0), face.get(1), across);
        Point bottom = between(face.get(3), face.get(2), across);
        return between(top, bottom, down);
    }

    private static Point between(Point a, Point b, double share) {
        return new Point(a.x() + (b.x() - a.x()) * share, a.y() + (b.y() - a.y()) * share);
    }

    private static Tint tint(Layer layer) {
        return switch (layer) {
            case Layer.Glazing glazing -> Tint.GLASS;
            case Layer.Mat mat -> Tint.MAT;
            case Layer.Spacers spacers -> Tint.MAT_CORE;
            case Layer.Art art -> Tint.ART;
            case Layer.Backing backing -> Tint.BACKING;
        };
    }

    private static Tint edgeTint(Layer layer) {
        return switch (layer) {
            case Layer.Glazing glazing -> Tint.GLASS_EDGE;
            case Layer.Mat mat -> Tint.MAT_CORE;
            case Layer.Spacers spacers -> Tint.CONSTRUCTION;
            case Layer.Art art -> Tint.ART_LINE;
            case Layer.Backing backing -> Tint.BACKING_LINE;
        };
    }
}
