package neatcorner.drawing;

import java.util.ArrayList;
import java.util.List;
import neatcorner.job.Shade;
import neatcorner.measure.Angle;
import neatcorner.measure.Notation;
import neatcorner.measure.Quantity;
import neatcorner.plan.Field;
import org.jspecify.annotations.Nullable;

/**
 * A figure laid out at a scale, broken down to primitives in drawing units.
 *
 * @param scale   drawing units in a millimetre of the figure
 * @param originX where the figure's x = 0 lies
 * @param originY where its y = 0 lies
 */
public record Drawing(double width, double height, double scale, double originX, double originY,
        List<Primitive> primitives) {

    /** What a painter has to draw, from back to front. */
    public sealed interface Primitive {}

    /** A filled shape; a light below 1 makes its tint darker, above 1 brighter. */
    public record Fill(List<Point> outline, Tint tint, double light) implements Primitive {

        public Fill(List<Point> outline, Tint tint) {
            this(outline, tint, 1);
        }
    }

    /** A shape in a colour of the maker's; see {@link Mark.Painted}. */
    public record Painted(List<Point> outline, Shade color, double opacity) implements Primitive {}

    /** A photo that fills a box; see {@link Mark.Photo}. */
    public record Photo(List<Point> outline, Box box, String name) implements Primitive {}

    /** A line of a weight. */
    public record Stroke(List<Point> points, Tint tint, double weight, boolean dashed) implements Primitive {}

    /** A line with arcs; see {@link Mark.Path}. */
    public record Path(List<Point> points, List<Double> radii, Stroke fine) implements Primitive {}

    /** A line of text whose baseline starts, centres or ends at a point. */
    public record Text(double x, double y, Anchor anchor, String text, double size, boolean bold, Tint tint)
            implements
                Primitive {}

    /** A figure to be read, and perhaps changed, centred on y; fractions are stacked. */
    public record Value(double x, double y, Anchor anchor, Quantity quantity, String name, @Nullable Field field)
            implements
                Primitive {}

    /** A place to take hold of; see {@link Mark.Handle}. */
    public record Handle(double x, double y, Field field, double dx, double dy) implements Primitive {}

    /** The angle in a corner; see {@link Mark.CornerAngle}. */
    public record CornerAngle(double x, double y, Angle angle, String name, int corner,
            boolean free) implements Primitive {}

    /** A thing that has choices of its own; see {@link Mark.Thing}. */
    public record Thing(List<Point> outline, String key, String name) implements Primitive {}

    /** A corner to take hold of; see {@link Mark.CornerHandle}. */
    public record CornerHandle(double x, double y, int corner, String name) implements Primitive {}

    /** Laid out as large as fits a space, centred. Spaces smaller than the margins get a very small drawing. */
    public static Drawing of(Figure figure, double width, double height, Notation notation) {
        Figure.Margin margin = figure.margin();
        double scale = Math.max(1e-4,
                Math.min((width - margin.left() - margin.right()) / Math.max(1e-6, figure.bounds().width()),
                        (height - margin.top() - margin.bottom()) / Math.max(1e-6, figure.bounds().height())));
        double spareX = width - margin.left() - margin.right() - figure.bounds().width() * scale;
        double spareY = height - margin.top() - margin.bottom() - figure.bounds().height() * scale;
        return at(figure, scale, margin.left() + spareX / 2 - figure.bounds().left() * scale,
                margin.top() + spareY / 2 - figure.bounds().top() * scale, width, height, notation);
    }

    /** Laid out as large as fits a width and a most height, and no higher than it then is. */
    public static Drawing snug(Figure figure, double width, double mostHeight, Notation notation) {
        Figure.Margin margin = figure.margin();
        double byWidth = (width - margin.left() - margin.right()) / Math.max(1e-6, figure.bounds().width());
        double high = figure.bounds().height() * Math.max(1e-4, byWidth) + margin.top() + margin.bottom();
        return of(figure, width, Math.min(mostHeight, high), notation);
    }

    /** Laid out at a given scale, as large as it then is. */
    public static Drawing atScale(Figure figure, double scale, Notation notation) {
        Figure.Margin margin = figure.margin();
        return at(figure, scale, margin.left() - figure.bounds().left() * scale,
                margin.top() - figure.bounds().top() * scale,
                figure.bounds().width() * scale + margin.left() + margin.right(),
                figure.bounds().height() * scale + margin.top() + margin.bottom(), notation);
    }

    /** Laid out at a scale and place, for a view that must not jump while something is dragged. */
    public static Drawing at(Figure figure, double scale, double originX, double originY, double width, double height,
            Notation notation) {
        List<Primitive> primitives = new ArrayList<>();
        LayingOut laying = new LayingOut(scale, originX, originY, Math.hypot(width, height), notation, primitives);
        figure.marks().forEach(laying::add);
        return new Drawing(width, height, scale, originX, originY, List.copyOf(primitives));
    }

    /** Breaks marks down. Nothing farther from the top left corner than {@code seen} is in the picture. */
    private record LayingOut(double scale, double originX, double originY, double seen, Notation notation,
            List<Primitive> out) {
        private static final double GRAIN_WEIGHT = 0.8;
        private static final double TICK = 5;

        void add(Mark mark) {
            switch (mark) {
                case Mark.Area area -> {
                    out.add(new Fill(place(area.outline()), area.fill()));
                    if (area.edge() != null) {
                        out.add(new Stroke(closed(place(area.outline())), area.edge(), area.weight(), false));
                    }
                }
                case Mark.Shaded face -> out.add(new Fill(place(face.outline()), face.tint(), face.light()));
                case Mark.Painted painted ->
                    out.add(new Painted(place(painted.outline()), painted.color(), painted.opacity()));
                case Mark.Photo photo -> {
                    List<Point> box = place(photo.box().corners());
                    out.add(new Photo(place(photo.outline()), new Box(box.getFirst().x(), box.getFirst().y(),
                            box.get(2).x(), box.get(2).y()), photo.name()));
                }
                case Mark.Line line ->
                    out.add(new Stroke(place(line.points()), line.tint(), line.weight(), line.dashed()));
                case Mark.Path path -> out.add(new Path(place(path.points()),
                        path.radii().stream().map(radius -> radius * scale).toList(),
                        new Stroke(place(path.fine()), path.tint(), path.weight(), path.dashed())));
                case Mark.Wood wood -> add(wood);
                case Mark.Hatch hatch -> add(hatch);
                case Mark.Dimension dimension -> add(dimension);
                case Mark.Value value -> {
                    Point at = place(value.at());
                    out.add(new Value(at.x(), at.y(), value.anchor(), value.value(), value.name(), value.field()));
                }
                case Mark.Label label -> {
                    Point at = place(label.at());
                    out.add(new Text(at.x() + label.dx(), at.y() + label.dy(), label.anchor(),
                            notation.words(label.text()), label.size(), label.bold(), label.tint()));
                }
                case Mark.CornerAngle angle -> {
                    Point at = place(angle.at());
                    out.add(new CornerAngle(at.x(), at.y(), angle.value(), angle.name(), angle.corner(),
                            angle.free()));
                }
                case Mark.CornerHandle corner -> {
                    Point at = place(corner.at());
                    out.add(new CornerHandle(at.x(), at.y(), corner.corner(), corner.name()));
                }
                case Mark.Thing thing -> out.add(new Thing(place(thing.outline()), thing.key(), thing.name()));
                case Mark.Handle handle -> {
                    Point at = place(handle.at());
                    out.add(new Handle(at.x(), at.y(), handle.field(), handle.dx(), handle.dy()));
                }
            }
        }

        private void add(Mark.Wood wood) {
            out.add(new Fill(place(wood.filled()), wood.tint()));
            List<List<Point>> grain = new ArrayList<>();
            if (wood.endwise()) {
                wood.parts().forEach(part -> grain.addAll(Grain.rings(part, ringHeart(wood.outline()),
                        ringSpacing(wood.outline()), wood.seed())));
            } else {
                grain.addAll(Grain.along(wood.outline(), wood.parts(), wood.grain(), wood.seed()));
            }
            grain.forEach(line -> out.add(new Stroke(place(line), wood.tint().grain(), GRAIN_WEIGHT, false)));
            out.add(new Stroke(closed(place(wood.outline())), Tint.WOOD_INK, 1.2, false));
            if (!wood.opening().isEmpty()) {
                out.add(new Stroke(closed(place(wood.opening())), Tint.WOOD_INK, 1.2, false));
            }
        }

        private static double ringSpacing(List<Point> outline) {
            return Math.sqrt(Math.abs(Convex.area(outline))) / 15;
        }

        private static Point ringHeart(List<Point> outline) {
            double size = Math.sqrt(Math.abs(Convex.area(outline)));
            double x = outline.stream().mapToDouble(Point::x).average().orElse(0);
            double bottom = outline.stream().mapToDouble(Point::y).max().orElse(0);
            return new Point(x - size * 0.6, bottom + size * 1.4);
        }

        private void add(Mark.Hatch hatch) {
            List<Point> shape = place(hatch.outline());
            double angle = Math.toRadians(hatch.degrees());
            double cos = Math.cos(angle);
            double sin = Math.sin(angle);
            double min = shape.stream().mapToDouble(p -> p.y() * cos - p.x() * sin).min().orElse(0);
            double max = shape.stream().mapToDouble(p -> p.y() * cos - p.x() * sin).max().orElse(0);
            double reach = shape.stream().mapToDouble(p -> Math.hypot(p.x(), p.y())).max().orElse(0);
            double first = Math.max(min, -seen);
            double last = Math.min(max, seen);
            for (double v = Math.ceil(first / hatch.spacing()) * hatch.spacing(); v < last; v += hatch.spacing()) {
                Point a = new Point(-reach * cos - v * sin, -reach * sin + v * cos);
                Point b = new Point(reach * cos - v * sin, reach * sin + v * cos);
                List<Point> line = Convex.clip(a, b, shape);
                if (line != null) {
                    out.add(new Stroke(line, hatch.tint(), 0.9, false));
                }
            }
        }

        private void add(Mark.Dimension dimension) {
            Point a = place(dimension.from());
            Point b = place(dimension.to());
            double length = Math.max(1e-9, Math.hypot(b.x() - a.x(), b.y() - a.y()));
            double ux = (b.x() - a.x()) / length;
            double uy = (b.y() - a.y()) / length;
            double nx = uy * dimension.offset();
            double ny = -ux * dimension.offset();
            double gap = Math.signum(dimension.offset()) * 3;
            Point c = a.plus(nx, ny);
            Point d = b.plus(nx, ny);
            if (dimension.offset() != 0) {
                double over = Math.signum(dimension.offset()) * TICK;
                out.add(construction(a.plus(uy * gap, -ux * gap), c.plus(uy * over, -ux * over)));
                out.add(construction(b.plus(uy * gap, -ux * gap), d.plus(uy * over, -ux * over)));
            }
            out.add(construction(c, d));
            for (Point end : List.of(c, d)) {
                double tx = (ux - uy) * TICK * 0.7;
                double ty = (uy + ux) * TICK * 0.7;
                out.add(new Stroke(List.of(end.plus(-tx, -ty), end.plus(tx, ty)), Tint.INK, 1.4, false));
            }
            Point at = dimension.outside()
                    ? d.plus(ux * 10, uy * 16)
                    : new Point((c.x() + d.x()) / 2, (c.y() + d.y()) / 2);
            Anchor anchor = !dimension.outside() || Math.abs(ux) < 0.5
                    ? Anchor.MIDDLE
                    : ux > 0 ? Anchor.START : Anchor.END;
            out.add(new Value(at.x(), at.y(), anchor, dimension.value(), dimension.name(), dimension.field()));
        }

        private static Stroke construction(Point a, Point b) {
            return new Stroke(List.of(a, b), Tint.CONSTRUCTION, 1, false);
        }

        private Point place(Point p) {
            return new Point(originX + p.x() * scale, originY + p.y() * scale);
        }

        private List<Point> place(List<Point> points) {
            return points.stream().map(this::place).toList();
        }

        private static List<Point> closed(List<Point> points) {
            List<Point> closed = new ArrayList<>(points);
            closed.add(points.getFirst());
            return closed;
        }
    }
}
