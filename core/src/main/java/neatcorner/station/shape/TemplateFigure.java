package neatcorner.station.shape;

import java.util.ArrayList;
import java.util.List;
import neatcorner.drawing.Anchor;
import neatcorner.drawing.Box;
import neatcorner.drawing.Figure;
import neatcorner.drawing.FrameFront;
import neatcorner.drawing.Marks;
import neatcorner.drawing.Point;
import neatcorner.drawing.Tint;
import neatcorner.job.Cutting;
import neatcorner.measure.Units;
import neatcorner.member.MemberTemplates;
import neatcorner.outline.Contours;
import neatcorner.outline.Template;
import neatcorner.outline.Vertex;
import neatcorner.piece.Piece;
import neatcorner.plan.Plan;

/** The templates of a frame's curved pieces, to be printed at full size and glued on the blanks. */
public final class TemplateFigure {

    private TemplateFigure() {}

    /**
     * One template and the pieces it serves.
     *
     * @param pieces letters of the pieces that are alike
     */
    public record Sheet(List<String> pieces, Template template) {

        public Sheet {
            pieces = List.copyOf(pieces);
        }

        /** "A, B, C". */
        public String letters() {
            return String.join(", ", pieces);
        }
    }

    /** One for each kind of segment, and for what else is sawn to a curve; none when nothing is. */
    public static List<Sheet> sheets(Plan plan) {
        Contours contours = plan.contours();
        if (contours == null) {
            return List.of();
        }
        List<Sheet> sheets = new ArrayList<>();
        for (MemberTemplates.Named each : Cutting.templates(plan.job())) {
            sheets.add(new Sheet(each.part().isEmpty()
                    ? List.of(each.member().name())
                    : List.of(each.member().name(), each.part()), each.template()));
        }
        if (contours.segments().isEmpty()) {
            return sheets;
        }
        List<Piece> curved = plan.pieces().subList(0, contours.segments().size());
        for (List<Piece> twins : Piece.twins(curved)) {
            int first = curved.indexOf(twins.getFirst());
            sheets.add(new Sheet(twins.stream().map(Piece::name).toList(),
                    Template.of(contours.segments().get(first))));
        }
        return sheets;
    }

    /** A sheet as a figure, its millimetres those of the wood. */
    public static Figure of(Sheet sheet, Units units) {
        Marks marks = new Marks();
        Template template = sheet.template();
        marks.line(Tint.CONSTRUCTION, 0.8, closed(template.blank()));
        marks.path(template.cut(), true, Tint.INK, 1.2, false);
        if (!template.rabbet().places().isEmpty()) {
            marks.path(template.rabbet(), false, Tint.INK, 1, true);
        }
        Box box = bounds(template);
        Point middle = FrameFront.point(template.cut().fine().get(template.cut().fine().size() / 4));
        double length = Math.min(60, box.width() * 0.3);
        Point arrow = new Point(middle.x() - length / 2, middle.y() + box.height() * 0.3);
        marks.line(Tint.INK, 1, arrow, arrow.plus(length, 0));
        marks.line(Tint.INK, 1, arrow.plus(length - 4, -2), arrow.plus(length, 0), arrow.plus(length - 4, 2));
        marks.label(arrow.plus(length / 2, 0), 0, -4, Anchor.MIDDLE, ShapeTexts.GRAIN, 10, false, Tint.INK);
        marks.label(arrow.plus(length / 2, 0), 0, 16, Anchor.MIDDLE, sheet.letters(), 14, true, Tint.INK);
        Point bar = new Point(box.center().x() - 50, box.bottom() + 12);
        double measured = marks.measuredLine(bar, units);
        return new Figure(ShapeTexts.TEMPLATE_OF.formatted(sheet.letters()),
                new Box(Math.min(box.left(), bar.x()), box.top(), Math.max(box.right(), bar.x() + measured), bar.y()),
                new Figure.Margin(12, 12, 24, 12), marks.list());
    }

    private static Box bounds(Template template) {
        double left = template.places().mapToDouble(Vertex::x).min().orElse(0);
        double right = template.places().mapToDouble(Vertex::x).max().orElse(0);
        double top = template.places().mapToDouble(Vertex::y).min().orElse(0);
        double bottom = template.places().mapToDouble(Vertex::y).max().orElse(0);
        return new Box(left, top, right, bottom);
    }

    private static Point[] closed(List<Vertex> outline) {
        List<Point> points = new ArrayList<>(outline.stream().map(FrameFront::point).toList());
        points.add(points.getFirst());
        return points.toArray(Point[]::new);
    }
}
