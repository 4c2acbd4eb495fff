package neatcorner.station.section;

import java.util.ArrayList;
import java.util.List;
import neatcorner.drawing.Anchor;
import neatcorner.drawing.Box;
import neatcorner.drawing.Convex;
import neatcorner.drawing.Figure;
import neatcorner.drawing.Marks;
import neatcorner.drawing.Point;
import neatcorner.drawing.Tint;
import neatcorner.fitout.Layer;
import neatcorner.job.Defaults;
import neatcorner.job.Hold;
import neatcorner.measure.Length;
import neatcorner.plan.Field;
import neatcorner.plan.FrameFields;
import neatcorner.plan.Plan;
import neatcorner.section.Operation;
import neatcorner.section.Rabbet;
import neatcorner.section.Section;
import neatcorner.section.Spot;

/** The stick's end with the pack lying in its rabbet: front face up, sight edge at x = 0, the opening to the left. */
public final class SectionFigure {
    private final Plan plan;
    private final Section section;
    private final Marks marks = new Marks();
    private final double w;
    private final double t;
    private final double rw;
    private final double rd;
    private final double reach;
    /** Where dimensions beside the outer edge begin: beyond what goes round it. */
    private double beside;
    /** Where the foremost of all begins. */
    private double above;

    private SectionFigure(Plan plan) {
        this.plan = plan;
        this.section = plan.job().section();
        this.w = Math.max(1, section.width().toMm());
        this.t = Math.max(1, section.thickness().toMm());
        this.rw = clamp(section.rabbet().width().toMm(), w);
        this.rd = clamp(section.rabbet().depth().toMm(), t);
        this.reach = plan.job().hold() instanceof Hold.Nothing ? 0 : Math.max(8, w * 0.55);
        this.beside = w;
    }

    private static double clamp(double value, double most) {
        return Math.max(0, Math.min(value, most));
    }

    /** The finished section with its pack. */
    public static Figure of(Plan plan) {
        return of(plan, SectionLook.FINISHED);
    }

    /** At one of its passes, or with its safe zone; a section that is not sound is shown as it was asked for. */
    public static Figure of(Plan plan, SectionLook look) {
        SectionFigure figure = new SectionFigure(plan);
        if (look.pass() >= 0 && plan.job().section().isSound()) {
            return figure.drawPass(look.pass());
        }
        return figure.draw(look.safeZone());
    }

    private Figure drawPass(int pass) {
        new MilledWood(section, marks).drawPass(pass);
        double extra = section.milling().operations().stream()
                .mapToDouble(
                        op -> op instanceof Operation.Rip rip ? Math.max(0, rip.size().toMm()) : 0)
                .sum();
        return new Figure(SectionTexts.SECTION_AT_ONE_OF_ITS_PASSES,
                new Box(-w * 0.2, -t * 0.2, w * 1.2 + extra, t * 1.2),
                new Figure.Margin(40, 120, 40, 130), marks.list());
    }

    private boolean isMilled() {
        return (section.milling().shapes() || section.rabbet().isTilted()) && section.isSound();
    }

    /** The bare section with its main dimensions, to be printed at full size. */
    public static Figure fullSize(Plan plan) {
        SectionFigure figure = new SectionFigure(plan);
        figure.drawWood();
        figure.drawDimensions();
        return new Figure(SectionTexts.SECTION_AT_FULL_SIZE, new Box(0, 0, figure.w, figure.t),
                new Figure.Margin(48, 120, 64, 110), figure.marks.list());
    }

    private Figure draw(boolean safeZone) {
        boolean sloped = plan.job().outline().isSloped();
        TiltedPack tilted = sloped ? new TiltedPack(plan, marks, reach) : null;
        RingSection rings = RingSection.isThere(plan) ? new RingSection(plan, marks, reach) : null;
        if (rings != null) {
            Box all = rings.bounds(new Box(0, 0, w, t));
            beside = all.right();
            above = all.top();
        }
        boolean packed = plan.job().hold().isInRabbet();
        if (tilted != null) {
            tilted.draw();
        } else if (packed) {
            drawPack();
        } else if (rings != null && !(plan.job().hold() instanceof Hold.InGroove)) {
            rings.drawHeld();
        }
        drawWood();
        if (rings != null && plan.job().hold() instanceof Hold.InGroove) {
            rings.drawHeld();
        }
        if (rings != null) {
            rings.drawRings();
        }
        if (!sloped && packed && !plan.job().pack().layers().isEmpty()) {
            drawRetainer();
        }
        if (safeZone && section.isSound()) {
            plan.safeZone().ifPresent(new MilledWood(section, marks)::drawSafeZone);
        }
        drawDimensions();
        if (rings != null) {
            rings.drawDimensions();
        }
        drawHandles();
        if (isMilled()) {
            new MilledWood(section, marks).drawSizes();
        }
        double packBottom = packed ? t - rd + plan.job().pack().thickness().toMm() : t;
        Box flat = new Box(-reach, 0, w, Math.max(t, packBottom));
        Box stick = tilted == null ? flat : tilted.bounds(flat);
        Box bounds = rings == null ? stick : rings.bounds(stick);
        return new Figure(SectionTexts.SECTION_WITH_THE_PACK, bounds,
                new Figure.Margin(64, 130, 76, reach > 0 ? 200 : 130), marks.list());
    }

    private void drawWood() {
        marks.label(new Point(w / 2, above), 0, -40, Anchor.MIDDLE, SectionTexts.FRONT, 13, false, Tint.FAINT_INK);
        marks.label(new Point(rw + (w - rw) / 2, t), 0, 60, Anchor.MIDDLE, SectionTexts.BACK, 13, false,
                Tint.FAINT_INK);
        if (isMilled()) {
            new MilledWood(section, marks).drawFinished();
            return;
        }
        Tint tint = Tint.wood(section.wood());
        double floor = t - rd;
        List<Point> outline = new ArrayList<>(List.of(new Point(0, 0), new Point(w, 0), new Point(w, t)));
        List<List<Point>> parts = new ArrayList<>();
        Rabbet.Step step = section.rabbet().step();
        parts.add(new Box(0, 0, w, floor).corners());
        if (step == null) {
            outline.addAll(List.of(new Point(rw, t), new Point(rw, floor), new Point(0, floor)));
            parts.add(new Box(rw, floor, w, t).corners());
        } else {
            double sw = clamp(step.width().toMm(), w);
            double stepFloor = t - clamp(step.depth().toMm(), rd);
            outline.addAll(List.of(new Point(sw, t), new Point(sw, stepFloor), new Point(rw, stepFloor),
                    new Point(rw, floor), new Point(0, floor)));
            parts.add(new Box(rw, floor, w, stepFloor).corners());
            parts.add(new Box(sw, stepFloor, w, t).corners());
        }
        parts.removeIf(part -> Math.abs(Convex.area(part)) < 1e-9);
        marks.endGrain(outline, parts, tint);
    }

    private void drawPack() {
        double y = t - rd;
        List<Layer> layers = plan.job().pack().layers();
        double labelAt = 0;
        for (int i = 0; i < layers.size(); i++) {
            Layer layer = layers.get(i);
            double thickness = Math.max(0, layer.thickness().toMm());
            Rabbet.Step step = layer instanceof Layer.Backing ? section.rabbet().step() : null;
            double wall = rw;
            if (step != null) {
                y = Math.max(y, t - step.depth().toMm());
                wall = step.width().toMm();
            }
            double play = plan.job().clearance().toMm();
            double inner = layer instanceof Layer.Spacers
                    ? Math.max(0, wall - play - Layer.Spacers.WIDE.toMm())
                    : -reach;
            Box box = new Box(inner, y, Math.max(-reach, wall - play), y + thickness);
            drawLayer(marks, layer, box.corners());
            labelAt = drawLayerLabel(layer, i, box, labelAt);
            y += thickness;
        }
    }

    static void drawLayer(Marks marks, Layer layer, List<Point> box) {
        switch (layer) {
            case Layer.Glazing glazing -> {
                marks.area(box, Tint.GLASS, Tint.GLASS_EDGE, 1.2);
                marks.hatch(box, -60, 26, Tint.GLASS_EDGE);
            }
            case Layer.Mat mat -> {
                marks.area(box, Tint.MAT, Tint.INK, 1);
                marks.hatch(box, 90, 7, Tint.CONSTRUCTION);
            }
            case Layer.Spacers spacers -> marks.area(box, Tint.MAT_CORE, Tint.INK, 1);
            case Layer.Art art -> marks.area(box, Tint.ART_LINE, Tint.ART_LINE, 1.2);
            case Layer.Backing backing -> {
                marks.area(box, Tint.BACKING, Tint.INK, 1);
                marks.hatch(box, 45, 9, Tint.BACKING_LINE);
            }
        }
    }

    /** Name and thickness beside the layer, kept a line apart from the one above; returns where the next may stand. */
    private double drawLayerLabel(Layer layer, int index, Box box, double earliest) {
        double line = t * 0.115;
        double y = Math.max((box.top() + box.bottom()) / 2, earliest);
        Point edge = new Point(-reach, (box.top() + box.bottom()) / 2);
        Point elbow = new Point(-reach - w * 0.06, y);
        marks.line(Tint.CONSTRUCTION, 1, edge, elbow);
        marks.label(elbow, -76, 5, Anchor.END, layer.title(), 14, false, Tint.INK);
        marks.value(elbow.plus(-w * 0.01, 0), Anchor.END, layer.thickness(),
                SectionTexts.LAYER_THICKNESS.formatted(layer.title()),
                FrameFields.layer(index));
        return y + line;
    }

    /** A glazier's point pushed into the wall behind the pack. */
    private void drawRetainer() {
        Length spare = plan.spareDepth();
        double packBottom = t - spare.toMm();
        if (spare.isNegative()) {
            marks.dashed(Tint.CUT, new Point(-reach, t), new Point(rw, t));
            return;
        }
        Rabbet.Step step = section.rabbet().step();
        double wall = step == null ? rw : step.width().toMm();
        double thick = Math.min(0.8, spare.toMm());
        marks.area(new Box(wall - Math.min(6, w * 0.2), packBottom, wall + Math.min(4, w * 0.12), packBottom + thick),
                Tint.METAL, Tint.INK, 0.8);
        if (spare.isPositive()) {
            marks.dimension(new Point(-reach * 0.35, packBottom), new Point(-reach * 0.35, t), 0, spare,
                    SectionTexts.SPARE_DEPTH, null);
            marks.dashed(Tint.CONSTRUCTION, new Point(-reach, t), new Point(rw, t));
        }
        if (spare.isLessThan(Defaults.retainerRoom(plan.job().units()))) {
            marks.label(new Point(-reach * 0.35, t), 0, 30, Anchor.MIDDLE, SectionTexts.TIGHT, 13, true, Tint.CUT);
        }
    }

    private void drawDimensions() {
        Point back = new Point(beside, t);
        marks.dimension(new Point(0, above), new Point(w, above), 24, section.width(), SectionTexts.FACE_WIDTH,
                FrameFields.FACE_WIDTH);
        marks.dimension(new Point(beside, 0), back, 70, section.thickness(), SectionTexts.THICKNESS,
                SectionFields.THICKNESS);
        if (section.rabbet().isTilted()) {
            drawTiltedRabbet();
            return;
        }
        if (section.rabbet().isNone()) {
            return;
        }
        marks.dimension(new Point(0, t), new Point(rw, t), -30, section.rabbet().width(), SectionTexts.RABBET_WIDTH,
                SectionFields.RABBET_WIDTH);
        marks.dimension(new Point(beside, t - rd), back, 24, section.rabbet().depth(), SectionTexts.RABBET_DEPTH,
                SectionFields.RABBET_DEPTH);
        Rabbet.Step step = section.rabbet().step();
        if (step != null) {
            double sw = step.width().toMm();
            double sd = step.depth().toMm();
            marks.dimension(new Point(0, t), new Point(sw, t), -62, step.width(), SectionTexts.SECOND_STEP_WIDTH,
                    SectionFields.STEP_WIDTH);
            marks.dimension(new Point(sw + (w - sw) * 0.45, t - sd), new Point(sw + (w - sw) * 0.45, t), 0,
                    step.depth(), SectionTexts.SECOND_STEP_DEPTH, SectionFields.STEP_DEPTH);
        }
        marks.dimension(new Point(rw * 0.5, 0), new Point(rw * 0.5, t - rd), 0, section.lip(), SectionTexts.LIP, null);
    }

    /** Width along the floor, depth from the floor to the plane of the back's sight edge. */
    private void drawTiltedRabbet() {
        List<Spot> turns = section.rabbetTurns();
        Point floor = new Point(turns.get(0).x(), turns.get(0).y());
        Point foot = new Point(turns.get(1).x(), turns.get(1).y());
        marks.dimension(floor, foot, 34, section.rabbet().width(), SectionTexts.RABBET_WIDTH,
                SectionFields.RABBET_WIDTH);
        double depth = section.rabbet().depth().toMm();
        double tilt = section.rabbet().tilt().radians();
        Point up = new Point(-Math.sin(tilt) * depth, Math.cos(tilt) * depth);
        marks.dimension(foot, foot.plus(up.x(), up.y()), 34, section.rabbet().depth(), SectionTexts.RABBET_DEPTH,
                SectionFields.RABBET_DEPTH);
    }

    private void drawHandles() {
        if (!section.rabbet().isTilted() && !section.rabbet().isNone()) {
            marks.handle(new Point(rw, t - rd / 2), SectionFields.RABBET_WIDTH, 1, 0);
            marks.handle(new Point(rw / 2, t - rd), SectionFields.RABBET_DEPTH, 0, -1);
        }
        handle(new Point(w, t * 0.25), FrameFields.FACE_WIDTH, 1, 0);
        handle(new Point(rw + (w - rw) * 0.7, t), SectionFields.THICKNESS, 0, 1);
    }

    private void handle(Point at, Field field, double dx, double dy) {
        marks.handle(at, field, dx, dy);
    }
}
