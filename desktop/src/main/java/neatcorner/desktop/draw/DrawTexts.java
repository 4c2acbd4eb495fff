package neatcorner.desktop.draw;

/**
 * What is said of things in a drawing that can be dragged. {@code %s} stands for what is filled in.
 */
final class DrawTexts {
    // CornerKnob

    static final String DRAG_TO_MOVE = "Drag to move: %s";

    // HandleKnob

    static final String DRAG_TO_CHANGE = "Drag to change: %s";

    private DrawTexts() {}
}
