package neatcorner.desktop.draw;

import javafx.scene.canvas.Canvas;
import javafx.scene.layout.Region;
import javafx.util.Subscription;
import neatcorner.drawing.Drawing;
import neatcorner.drawing.Figure;
import neatcorner.measure.Notation;
import neatcorner.measure.Units;
import org.jspecify.annotations.Nullable;

/** A small picture of a figure without its numbers. */
public final class Thumbnail extends Region {
    private static final Notation UNREAD = Notation.of(Units.MILLIMETRES);

    private final Canvas canvas = new Canvas();
    private final Palette palette;
    private final Subscription colors;
    private @Nullable Figure figure;

    /** A picture so wide and high at text of the usual size, in ems. */
    public Thumbnail(Palette palette, double width, double height) {
        this.palette = palette;
        getChildren().add(canvas);
        getStyleClass().add("thumbnail");
        setStyle(
                "-fx-min-width: %sem; -fx-max-width: %sem; -fx-min-height: %sem; -fx-max-height: %sem;".formatted(width,
                        width, height, height));
        setMouseTransparent(true);
        colors = palette.recolored().subscribe(this::requestLayout);
    }

    /** Shows a figure, as large as there is room for. */
    public void show(Figure shown) {
        if (!shown.equals(figure)) {
            figure = shown;
            requestLayout();
        }
    }

    /** It will not be shown again. */
    public void forget() {
        colors.unsubscribe();
    }

    @Override
    protected void layoutChildren() {
        canvas.setWidth(getWidth());
        canvas.setHeight(getHeight());
        Figure shown = figure;
        if (shown != null && getWidth() > 1) {
            new CanvasPainter(canvas.getGraphicsContext2D(), palette::color, name -> null)
                    .paint(Drawing.of(shown, getWidth(), getHeight(), UNREAD));
        }
    }
}
