package neatcorner.desktop.draw;

import neatcorner.drawing.Drawing;
import neatcorner.measure.Length;
import neatcorner.plan.Field;

/** A knob that changes one length. */
final class HandleKnob extends Knob {
    private final Field field;
    private double perRight;
    private double perDown;
    private Length before = Length.ZERO;

    HandleKnob(FigureView view, Field field) {
        super(view);
        this.field = field;
        setId("knob-" + field.id().replace('.', '-'));
    }

    void show(Drawing.Handle shown) {
        perRight = shown.dx();
        perDown = shown.dy();
        boolean across = perRight != 0;
        String way = across ? "across" : "down";
        if (!getStyleClass().getLast().equals(way)) {
            getStyleClass().setAll("knob", way);
        }
        setAccessibleText(view().notation().words(DrawTexts.DRAG_TO_CHANGE.formatted(field.title())));
        double w = across ? 10 : 26;
        double h = across ? 26 : 10;
        setMinSize(w, h);
        setPrefSize(w, h);
        double zoom = view().zoom();
        resizeRelocate(shown.x() * zoom - w / 2, shown.y() * zoom - h / 2, w, h);
    }

    @Override
    void taken() {
        before = view().changes().measure(field);
    }

    @Override
    void moved(double dx, double dy, boolean done) {
        view().changes().dragged(field, onStep(before.plus(Length.mm(dx * perRight + dy * perDown))), done);
    }

    @Override
    boolean stepped(int right, int down) {
        double sign = Math.signum(perRight + perDown);
        Length step = view().notation().step().length();
        view().changes().dragged(field, view().changes().measure(field).plus(step.scaled(sign * (right + down))), true);
        return true;
    }
}
