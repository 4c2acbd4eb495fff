package neatcorner.desktop.draw;

import javafx.scene.layout.Region;
import neatcorner.measure.Length;
import neatcorner.measure.Notation;
import neatcorner.measure.Units;

/** A place in a drawing to take hold of, with the mouse or with the arrow keys. */
abstract class Knob extends Region {
    private final FigureView view;
    private double pressedX;
    private double pressedY;

    Knob(FigureView view) {
        this.view = view;
        getStyleClass().add("knob");
        setFocusTraversable(true);
        setOnMousePressed(e -> {
            requestFocus();
            pressedX = e.getSceneX();
            pressedY = e.getSceneY();
            taken();
            view.hold(this);
            e.consume();
        });
        setOnMouseDragged(e -> {
            moved((e.getSceneX() - pressedX) / view.scale(), (e.getSceneY() - pressedY) / view.scale(), false);
            e.consume();
        });
        setOnMouseReleased(e -> {
            moved((e.getSceneX() - pressedX) / view.scale(), (e.getSceneY() - pressedY) / view.scale(), true);
            view.hold(null);
            e.consume();
        });
        setOnKeyPressed(e -> {
            int steps = e.isShiftDown() ? 10 : 1;
            boolean used = switch (e.getCode()) {
                case RIGHT -> stepped(steps, 0);
                case LEFT -> stepped(-steps, 0);
                case DOWN -> stepped(0, steps);
                case UP -> stepped(0, -steps);
                default -> false;
            };
            if (used) {
                e.consume();
            }
        });
    }

    final FigureView view() {
        return view;
    }

    /** The knob is taken hold of. */
    abstract void taken();

    /** Moved by so many millimetres since it was taken; {@code done} when it is let go. */
    abstract void moved(double dx, double dy, boolean done);

    /** An arrow key was pressed; tells whether it means anything here. */
    abstract boolean stepped(int right, int down);

    /** A length on the step at which things are dragged: the shop's reading step, but no finer than a hand can hold. */
    final Length onStep(Length length) {
        Notation notation = view.notation();
        long step = notation.step().length().units();
        long coarse = notation.units() == Units.MILLIMETRES
                ? Math.max(step, Length.PER_MM / 2)
                : Math.max(step, Length.PER_INCH / 32);
        return new Length(Math.round((double) length.units() / coarse) * coarse);
    }
}
