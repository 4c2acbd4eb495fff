package neatcorner.station.section;

import java.util.ArrayList;
import java.util.List;
import neatcorner.drawing.Anchor;
import neatcorner.drawing.Box;
import neatcorner.drawing.Marks;
import neatcorner.drawing.Point;
import neatcorner.drawing.Tint;
import neatcorner.fitout.Layer;
import neatcorner.measure.Angle;
import neatcorner.plan.FrameFields;
import neatcorner.plan.Plan;
import neatcorner.section.Seat;

/**
 * The pack in a frame whose faces slope, drawn on the stick's end as it lies: level in the frame, so tilted against the stick,
 * carried by the edge or the floor that it really lies on.
 */
final class TiltedPack {
    private final Plan plan;
    private final Marks marks;
    private final double reach;
    private final Angle slope;
    private final Seat seat;
    private final List<Point> drawn = new ArrayList<>();

    TiltedPack(Plan plan, Marks marks, double reach) {
        this.plan = plan;
        this.marks = marks;
        this.reach = reach;
        this.slope = plan.job().outline().slope();
        this.seat = plan.seat();
    }

    /** On the stick's end: so far out of the sight edge and so far behind it, as the frame lies. */
    private Point at(double out, double behind) {
        return new Point(out * slope.cos() - behind * slope.sin(), out * slope.sin() + behind * slope.cos());
    }

    void draw() {
        double level = level();
        double front = level;
        double wall = seat.wall().minus(plan.job().clearance()).toMm();
        double in = seat.carry().toMm() - reach;
        List<Layer> layers = plan.job().pack().layers();
        List<Point> edges = new ArrayList<>();
        for (int i = 0; i < layers.size(); i++) {
            Layer layer = layers.get(i);
            double back = front + Math.max(0, layer.thickness().toMm());
            List<Point> box = List.of(at(in, front), at(wall, front), at(wall, back), at(in, back));
            drawn.addAll(box);
            SectionFigure.drawLayer(marks, layer, box);
            edges.add(at(in, (front + back) / 2));
            front = back;
        }
        name(layers, edges);
        Point from = at(in, level);
        Point to = at(seat.wall().toMm() + reach * 0.4, level);
        drawn.addAll(List.of(from, to));
        marks.dashed(Tint.CONSTRUCTION, from, to);
        marks.label(from, 0, -10, Anchor.START, SectionTexts.LEVEL_THE_FRAMES_PLANE, 13, false, Tint.FAINT_INK);
    }

    /** Names and thicknesses a line apart, left of the pack. */
    private void name(List<Layer> layers, List<Point> edges) {
        double left = drawn.stream().mapToDouble(Point::x).min().orElse(0) - reach * 0.25;
        double line = plan.job().section().thickness().toMm() * 0.16;
        double y = edges.isEmpty() ? 0 : edges.getFirst().y();
        for (int i = 0; i < layers.size(); i++) {
            Layer layer = layers.get(i);
            Point elbow = new Point(left, y + i * line);
            marks.line(Tint.CONSTRUCTION, 1, edges.get(i), elbow);
            marks.label(elbow, -76, 5, Anchor.END, layer.title(), 14, false, Tint.INK);
            marks.value(elbow.plus(-reach * 0.02, 0), Anchor.END, layer.thickness(),
                    SectionTexts.LAYER_THICKNESS.formatted(layer.title()),
                    FrameFields.layer(i));
        }
    }

    /** How far behind the front sight edge the pack's front lies: on the innermost wood that carries it. */
    private double level() {
        var floor = plan.job().section().rabbetTurns().getFirst();
        var foot = plan.job().section().rabbetTurns().get(1);
        return Math.max(floor.y() * slope.cos() - floor.x() * slope.sin(),
                foot.y() * slope.cos() - foot.x() * slope.sin());
    }

    Box bounds(Box wood) {
        double left = Math.min(wood.left(), drawn.stream().mapToDouble(Point::x).min().orElse(wood.left()));
        double top = Math.min(wood.top(), drawn.stream().mapToDouble(Point::y).min().orElse(wood.top()));
        double right = Math.max(wood.right(), drawn.stream().mapToDouble(Point::x).max().orElse(wood.right()));
        double bottom = Math.max(wood.bottom(), drawn.stream().mapToDouble(Point::y).max().orElse(wood.bottom()));
        return new Box(left, top, right, bottom);
    }
}
