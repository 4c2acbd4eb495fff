package neatcorner.desktop.station.glueup;

import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.Region;
import neatcorner.drawing.Mark;
import org.jspecify.annotations.Nullable;

/** One step on the timeline: a block of work, and the bar of the wait after it. It can be clicked, dragged and nudged. */
final class DayStep extends Label {
    /** It is never drawn narrower, so that it can be taken hold of. */
    private static final double LEAST = 6;
    /** Where a name has room. */
    private static final double NAMED = 34;
    /** As wide as its number. */
    private static final double LETTERED = 8;

    private final Region rest = new Region();
    private DayTimeline.@Nullable Mark mark;
    private double pressedX;
    private double pressedAt;

    /** From where to where it goes, and its rest after it; pixels of the timeline. */
    record Place(double top, double height, double from, double to, double until) {}

    DayStep(DayTimeline timeline) {
        rest.getStyleClass().add("timeline-wait");
        rest.setMouseTransparent(true);
        setFocusTraversable(true);
        setOnMouseEntered(
                e -> setTooltip(new Tooltip(mark().frame() + "\n" + (mark().task() + 1) + ": " + mark().name())));
        setMinWidth(0);
        setOnMousePressed(e -> {
            timeline.taken();
            pressedX = e.getSceneX();
            pressedAt = getLayoutX();
            setViewOrder(-1);
        });
        setOnMouseDragged(e -> {
            if (!mark().isDone()) {
                setLayoutX(Math.max(timeline.leftmost(), pressedAt + e.getSceneX() - pressedX));
            }
        });
        setOnMouseReleased(e -> {
            setViewOrder(0);
            timeline.released(this, !mark().isDone() && Math.abs(e.getSceneX() - pressedX) > 3);
        });
        setOnKeyPressed(e -> key(timeline, e));
    }

    private void key(DayTimeline timeline, KeyEvent e) {
        boolean right = e.getCode() == KeyCode.RIGHT;
        if ((right || e.getCode() == KeyCode.LEFT) && !mark().isDone()) {
            timeline.nudge(this, right);
            e.consume();
        } else if (e.getCode() == KeyCode.ENTER || e.getCode() == KeyCode.SPACE) {
            timeline.released(this, false);
            e.consume();
        }
    }

    /** The bar of its wait. */
    Region rest() {
        return rest;
    }

    /** What it shows. Throws {@link IllegalStateException} before it shows anything. */
    DayTimeline.Mark mark() {
        DayTimeline.Mark now = mark;
        if (now == null) {
            throw new IllegalStateException("nothing is shown");
        }
        return now;
    }

    void show(DayTimeline.Mark next, boolean isChosen, String id, Place place) {
        mark = next;
        setId(id);
        double wide = place.to - place.from;
        setText(wide > NAMED ? next.name() : wide > LETTERED ? String.valueOf(next.task() + 1) : "");
        setAccessibleText(next.frame() + ": " + next.name());
        setStyle(isChosen, next.isDone() ? "timeline-done" : "timeline-step");
        setPrefSize(Math.max(LEAST, place.to - place.from - 1), place.height);
        relocate(place.from, place.top);
        rest.setVisible(place.until > place.to);
        rest.setPrefSize(Math.max(1, place.until - place.to), 6);
        rest.relocate(place.to, place.top + place.height / 2 - 3);
    }

    private void setStyle(boolean isChosen, String kind) {
        String chosen = "timeline-chosen";
        if (!getStyleClass().contains(kind) || getStyleClass().contains(chosen) != isChosen) {
            getStyleClass().setAll("label", kind);
            if (isChosen) {
                getStyleClass().add(chosen);
            }
        }
    }
}
