package neatcorner.desktop.draw;

import java.util.function.Consumer;
import javafx.scene.AccessibleAction;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Region;
import javafx.scene.shape.Polygon;
import neatcorner.drawing.Drawing;
import neatcorner.drawing.Point;
import neatcorner.measure.Notation;

/** A thing in a drawing that can be pressed, with the mouse or with Enter and Space, for its own choices. */
final class ThingSpot extends Region {
    /** What is drawn smaller is still this wide to the mouse, pixels. */
    private static final double LEAST = 14;

    private final Consumer<Node> pressed;

    ThingSpot(String id, Consumer<Node> pressed) {
        this.pressed = pressed;
        setId("thing-" + id.replace(' ', '-'));
        getStyleClass().add("thing");
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.BUTTON);
        setOnMousePressed(e -> {
            requestFocus();
            e.consume();
        });
        setOnMouseClicked(e -> {
            pressed.accept(this);
            e.consume();
        });
        setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ENTER || e.getCode() == KeyCode.SPACE) {
                pressed.accept(this);
                e.consume();
            }
        });
    }

    @Override
    public void executeAccessibleAction(AccessibleAction action, Object... parameters) {
        if (action == AccessibleAction.FIRE) {
            pressed.accept(this);
        } else {
            super.executeAccessibleAction(action, parameters);
        }
    }

    void show(Drawing.Thing thing, Notation notation, double zoom) {
        double left = thing.outline().stream().mapToDouble(Point::x).min().orElse(0) * zoom;
        double top = thing.outline().stream().mapToDouble(Point::y).min().orElse(0) * zoom;
        double right = thing.outline().stream().mapToDouble(Point::x).max().orElse(0) * zoom;
        double bottom = thing.outline().stream().mapToDouble(Point::y).max().orElse(0) * zoom;
        double width = Math.max(LEAST, right - left);
        double height = Math.max(LEAST, bottom - top);
        boolean small = width > right - left || height > bottom - top;
        Polygon shape = new Polygon();
        thing.outline().forEach(p -> shape.getPoints().addAll(p.x() * zoom - left, p.y() * zoom - top));
        setShape(small ? null : shape);
        setPickOnBounds(small);
        setAccessibleText(notation.words(thing.name()));
        setPrefSize(width, height);
        resizeRelocate((left + right - width) / 2, (top + bottom - height) / 2, width, height);
    }
}
