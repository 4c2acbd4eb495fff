package neatcorner.station.glueup;

import java.util.ArrayList;
import java.util.List;
import neatcorner.drawing.Anchor;
import neatcorner.drawing.Box;
import neatcorner.drawing.Figure;
import neatcorner.drawing.Marks;
import neatcorner.drawing.Point;
import neatcorner.drawing.Tint;
import neatcorner.glueup.jig.JigDesign;
import neatcorner.measure.Length;
import neatcorner.measure.Units;
import neatcorner.outline.Vertex;

/** The parts of a jig side by side, or one of them at full size. */
public final class JigFigure {
    private JigFigure() {}

    /** All templates in rows. */
    public static Figure of(JigDesign design) {
        Marks marks = new Marks();
        double x = 0;
        double y = 0;
        double row = 0;
        double right = 0;
        double wide = design.templates().stream().mapToDouble(JigFigure::width).max().orElse(100);
        double limit = Math.max(wide, Math.min(700, 4 * wide));
        double gap = limit * 0.2;
        for (JigDesign.Template template : design.templates()) {
            if (x > 0 && x + width(template) > limit) {
                x = 0;
                y += row + gap;
                row = 0;
            }
            draw(template, new Point(x, y), marks, true);
            x += width(template) + gap;
            right = Math.max(right, x - gap);
            row = Math.max(row, height(template));
        }
        return new Figure(design.kind().title(), new Box(0, 0, Math.max(right, 1), Math.max(y + row, 1)),
                new Figure.Margin(44, 80, 50, 70), marks.list());
    }

    /** One part, its millimetres those of the wood, with a line to measure before it is trusted. */
    public static Figure fullSize(JigDesign.Template template, Units units) {
        Marks marks = new Marks();
        draw(template, new Point(0, 0), marks, false);
        double w = width(template);
        double h = height(template);
        Point bar = new Point(0, h + 12);
        double measured = marks.measuredLine(bar, units);
        return new Figure(GlueUpTexts.TEMPLATE.formatted(template.name()), new Box(0, 0, Math.max(w, measured), h + 12),
                new Figure.Margin(12, 12, 24, 12), marks.list());
    }

    private static double width(JigDesign.Template template) {
        return template.outline().stream().mapToDouble(Vertex::x).max().orElse(0);
    }

    private static double height(JigDesign.Template template) {
        return template.outline().stream().mapToDouble(Vertex::y).max().orElse(0);
    }

    private static void draw(JigDesign.Template template, Point at, Marks marks, boolean sized) {
        List<Point> outline = placed(template.outline(), at);
        marks.area(outline, sized ? Tint.BACKING : Tint.ART, Tint.INK, 1.2);
        for (List<Vertex> line : template.lines()) {
            marks.dashed(Tint.INK, placed(line, at).toArray(Point[]::new));
        }
        for (JigDesign.Hole hole : template.holes()) {
            List<Point> circle = new ArrayList<>();
            for (int i = 0; i <= 24; i++) {
                circle.add(at.plus(hole.at().x() + hole.diameter() / 2 * Math.cos(i * Math.PI / 12),
                        hole.at().y() + hole.diameter() / 2 * Math.sin(i * Math.PI / 12)));
            }
            marks.line(Tint.INK, 1, circle.toArray(Point[]::new));
        }
        double w = width(template);
        double h = height(template);
        marks.label(at.plus(w / 2, 0), 0, -10, Anchor.MIDDLE, template.name(), 13, true, Tint.INK);
        if (sized) {
            marks.dimension(at.plus(0, h), at.plus(w, h), -20, Length.mm(w),
                    GlueUpTexts.TEMPLATE_LENGTH.formatted(template.name()),
                    null);
            marks.dimension(at.plus(w, 0), at.plus(w, h), 20, Length.mm(h),
                    GlueUpTexts.TEMPLATE_WIDTH.formatted(template.name()),
                    null);
        }
    }

    private static List<Point> placed(List<Vertex> outline, Point at) {
        return outline.stream().map(v -> at.plus(v.x(), v.y())).toList();
    }
}
