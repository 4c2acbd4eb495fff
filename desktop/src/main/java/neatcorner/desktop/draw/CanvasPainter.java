package neatcorner.desktop.draw;

import java.util.List;
import java.util.function.Function;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.image.Image;
import javafx.scene.paint.Color;
import javafx.scene.shape.StrokeLineCap;
import javafx.scene.shape.StrokeLineJoin;
import javafx.scene.text.Font;
import javafx.scene.text.FontWeight;
import javafx.scene.text.TextAlignment;
import neatcorner.drawing.Drawing;
import neatcorner.drawing.Point;
import neatcorner.drawing.Tint;
import org.jspecify.annotations.Nullable;

/** Paints the shapes and texts of a drawing on a canvas; values and handles are nodes of their own above it. */
final class CanvasPainter {
    private static final String TEXT_FONT = "Atkinson Hyperlegible Next";

    private final GraphicsContext g;
    private final Function<Tint, Color> color;
    private final Function<String, @Nullable Image> photos;

    /** @param photos by the names of their files; null for one that is not here, or not yet */
    CanvasPainter(GraphicsContext g, Function<Tint, Color> color, Function<String, @Nullable Image> photos) {
        this.g = g;
        this.color = color;
        this.photos = photos;
    }

    void paint(Drawing now) {
        g.clearRect(0, 0, now.width(), now.height());
        g.setLineCap(StrokeLineCap.ROUND);
        g.setLineJoin(StrokeLineJoin.ROUND);
        Drawing.Stroke open = null;
        for (Drawing.Primitive primitive : now.primitives()) {
            if (open != null && !(primitive instanceof Drawing.Stroke stroke && isAlike(open, stroke))) {
                g.stroke();
                open = null;
            }
            switch (primitive) {
                case Drawing.Fill fill -> {
                    Color plain = color.apply(fill.tint());
                    g.setFill(fill.light() == 1 ? plain : plain.deriveColor(0, 1, fill.light(), 1));
                    double[] xs = fill.outline().stream().mapToDouble(Point::x).toArray();
                    double[] ys = fill.outline().stream().mapToDouble(Point::y).toArray();
                    g.fillPolygon(xs, ys, xs.length);
                }
                case Drawing.Painted painted -> {
                    g.setFill(Color.rgb(painted.color().rgb() >> 16, painted.color().rgb() >> 8 & 0xff,
                            painted.color().rgb() & 0xff, painted.opacity()));
                    double[] xs = painted.outline().stream().mapToDouble(Point::x).toArray();
                    double[] ys = painted.outline().stream().mapToDouble(Point::y).toArray();
                    g.fillPolygon(xs, ys, xs.length);
                }
                case Drawing.Photo photo -> photo(photo);
                case Drawing.Stroke stroke -> {
                    if (open == null) {
                        begin(stroke);
                        open = stroke;
                    }
                    trace(stroke.points());
                }
                case Drawing.Path path -> {
                    begin(path.fine());
                    trace(path.fine().points());
                    g.stroke();
                }
                case Drawing.Text text -> {
                    g.setFill(color.apply(text.tint()));
                    g.setFont(Font.font(TEXT_FONT, text.bold() ? FontWeight.BOLD : FontWeight.NORMAL, text.size()));
                    g.setTextAlign(switch (text.anchor()) {
                        case START -> TextAlignment.LEFT;
                        case MIDDLE -> TextAlignment.CENTER;
                        case END -> TextAlignment.RIGHT;
                    });
                    g.fillText(text.text(), text.x(), text.y());
                }
                case Drawing.Value value -> {
                    // a tag stands there
                }
                case Drawing.CornerAngle angle -> {
                    // a tag stands there
                }
                case Drawing.Thing thing -> {
                    // a spot lies over it
                }
                case Drawing.Handle handle -> {
                    // a knob stands there
                }
                case Drawing.CornerHandle handle -> {
                    // a knob stands there
                }
            }
        }
        if (open != null) {
            g.stroke();
        }
    }

    /** As large as fills its box, its middle in the middle. */
    private void photo(Drawing.Photo photo) {
        Image image = photos.apply(photo.name());
        if (image == null || image.getWidth() < 1) {
            return;
        }
        double zoom = Math.max(photo.box().width() / image.getWidth(), photo.box().height() / image.getHeight());
        double wide = image.getWidth() * zoom;
        double high = image.getHeight() * zoom;
        Point middle = photo.box().center();
        g.save();
        g.beginPath();
        trace(photo.outline());
        g.closePath();
        g.clip();
        g.drawImage(image, middle.x() - wide / 2, middle.y() - high / 2, wide, high);
        g.restore();
    }

    /** Strokes that follow each other with the same pen are drawn as one path: a renderer's work goes by paths. */
    private static boolean isAlike(Drawing.Stroke a, Drawing.Stroke b) {
        return a.tint() == b.tint() && a.weight() == b.weight() && a.dashed() == b.dashed();
    }

    private void begin(Drawing.Stroke stroke) {
        g.setStroke(color.apply(stroke.tint()));
        g.setLineWidth(stroke.weight());
        if (stroke.dashed()) {
            g.setLineDashes(6, 5);
        } else {
            g.setLineDashes();
        }
        g.beginPath();
    }

    private void trace(List<Point> points) {
        g.moveTo(points.getFirst().x(), points.getFirst().y());
        for (Point point : points.subList(1, points.size())) {
            g.lineTo(point.x(), point.y());
        }
    }
}
