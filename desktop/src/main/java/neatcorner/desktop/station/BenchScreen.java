package neatcorner.desktop.station;

import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import neatcorner.measure.Notation;
import neatcorner.plan.Plan;
import neatcorner.plan.Station;
import neatcorner.planner.Chapters;

/** What fills the screen at the bench: Space or → goes on, Backspace or ← goes back, Esc leaves. */
public abstract class BenchScreen extends BorderPane {
    private final Runnable left;
    private final Label cautioned = new Label();

    /** Hidden until it is opened; {@code left} runs when it is closed. */
    public BenchScreen(String id, Runnable left) {
        this.left = left;
        setId(id);
        getStyleClass().add("bench-view");
        setVisible(false);
        setManaged(false);
        cautioned.setWrapText(true);
        cautioned.setMaxWidth(Double.MAX_VALUE);
        cautioned.getStyleClass().addAll("caution", "bench-caution");
        setBottom(cautioned);
        addEventHandler(KeyEvent.KEY_PRESSED, this::key);
    }

    /** Comes up, with what is current. */
    public abstract void open();

    /** Another plan, or another notation. */
    public abstract void show(Plan plan, Notation notation);

    /** Shows what to beware of at a station, as the station itself does. */
    protected final void beware(Station station, Plan plan, Notation notation) {
        String cautions = StationView.joined(Chapters.at(station).cautions(plan), notation);
        cautioned.setText("! " + cautions);
        cautioned.setVisible(!cautions.isEmpty());
        cautioned.setManaged(!cautions.isEmpty());
    }

    /** Goes on to the next thing. */
    public abstract void next();

    /** Goes back to the thing before. */
    public abstract void back();

    /** Leaves the bench view. */
    public final void close() {
        setVisible(false);
        setManaged(false);
        left.run();
    }

    /** Brings it up; what it shows is up to the caller. */
    public final void appear() {
        setVisible(true);
        setManaged(true);
        toFront();
    }

    /** A button that keeps the keys with the screen. */
    public static Button button(String text, Runnable run) {
        Button button = new Button(text);
        button.setFocusTraversable(false);
        button.setOnAction(e -> run.run());
        return button;
    }

    private void key(KeyEvent e) {
        boolean used = true;
        if (e.getCode() == KeyCode.SPACE || e.getCode() == KeyCode.RIGHT) {
            next();
        } else if (e.getCode() == KeyCode.BACK_SPACE || e.getCode() == KeyCode.LEFT) {
            back();
        } else if (e.getCode() == KeyCode.ESCAPE) {
            close();
        } else {
            used = false;
        }
        if (used) {
            e.consume();
        }
    }
}
