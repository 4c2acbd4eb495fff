package neatcorner.desktop.draw;

import neatcorner.drawing.Drawing;
import neatcorner.measure.Length;

/** A knob that moves a corner of the outline. */
final class CornerKnob extends Knob {
    private static final double SIZE = 14;
    private final int corner;

    CornerKnob(FigureView view, int corner) {
        super(view);
        this.corner = corner;
        getStyleClass().add("corner");
        setId("corner-" + corner);
        setMinSize(SIZE, SIZE);
        setPrefSize(SIZE, SIZE);
    }

    void show(Drawing.CornerHandle shown) {
        setAccessibleText(DrawTexts.DRAG_TO_MOVE.formatted(shown.name()));
        double zoom = view().zoom();
        resizeRelocate(shown.x() * zoom - SIZE / 2, shown.y() * zoom - SIZE / 2, SIZE, SIZE);
    }

    @Override
    void taken() {
        // where it moves from is the job on the bench
    }

    @Override
    void moved(double dx, double dy, boolean done) {
        view().changes().cornerMoved(corner, onStep(Length.mm(dx)).toMm(), onStep(Length.mm(dy)).toMm(), done);
    }

    @Override
    boolean stepped(int right, int down) {
        double step = view().notation().step().length().toMm();
        view().changes().cornerMoved(corner, right * step, down * step, true);
        return true;
    }
}
