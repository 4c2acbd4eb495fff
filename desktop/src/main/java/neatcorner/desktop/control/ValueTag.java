package neatcorner.desktop.control;

import javafx.geometry.Pos;
import javafx.scene.AccessibleRole;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import neatcorner.measure.Figures;
import neatcorner.measure.Length;
import neatcorner.measure.Notation;
import neatcorner.measure.Quantity;
import neatcorner.measure.Units;
import org.jspecify.annotations.Nullable;

/**
 * A figure that stands in a drawing. If it belongs to a field, a click (or Enter) opens it for typing where it stands; what
 * is typed is shown as understood before it counts. Any figure shows its working on F1.
 */
public final class ValueTag extends StackPane {
    /** What a number can start with besides a digit. */
    private static final String STARTS = ".,-−";

    private final FiguresLabel figures = new FiguresLabel();
    private @Nullable TypedEntry entry;
    private boolean fresh = true;
    private @Nullable Typing change;
    private Runnable working = () -> {};
    private Notation notation = Notation.of(Units.MILLIMETRES);
    private String name = "";
    private String digits = "";

    public ValueTag() {
        getStyleClass().add("value-tag");
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.BUTTON);
        getChildren().add(figures);
        setOnMouseClicked(e -> {
            requestFocus();
            open();
            e.consume();
        });
        setOnKeyPressed(this::keyPressed);
        setOnKeyTyped(this::keyTyped);
    }

    /** Shows a value; {@code change} is null when it only follows from others. */
    public void show(Quantity value, String newName, Notation newNotation, @Nullable Typing newChange,
            Runnable newWorking) {
        notation = newNotation;
        name = newName;
        change = newChange;
        working = newWorking;
        String before = figures.text();
        Figures written = newNotation.figures(value);
        figures.show(written, !(value instanceof Length));
        digits = written.digits() + (value instanceof Length ? "" : written.unit());
        fresh |= !before.equals(figures.text());
        setAccessibleText(newNotation.words(newName) + " " + newNotation.text(value));
        if (newChange == null) {
            getStyleClass().remove("editable");
        } else if (!getStyleClass().contains("editable")) {
            getStyleClass().add("editable");
        }
    }

    /** Takes on the size of what it shows now. */
    public void fit() {
        if (fresh || entry != null) {
            applyCss();
            fresh = false;
        }
        autosize();
    }

    /** The figure as text, for tests and for the finder. */
    String text() {
        return figures.text();
    }

    private void keyPressed(KeyEvent e) {
        if (entry == null && (e.getCode() == KeyCode.ENTER || e.getCode() == KeyCode.F2)) {
            open();
            e.consume();
        } else if (e.getCode() == KeyCode.F1) {
            working.run();
            e.consume();
        }
    }

    /** A number typed on a figure takes its place, whole. */
    private void keyTyped(KeyEvent e) {
        String text = e.getCharacter();
        boolean starts = text.length() == 1
                && (Character.isDigit(text.charAt(0)) || STARTS.indexOf(text.charAt(0)) >= 0);
        if (entry == null && change != null && starts && !e.isControlDown() && !e.isAltDown() && !e.isMetaDown()) {
            open();
            TypedEntry opened = entry;
            if (opened != null) {
                opened.setText(text);
                opened.end();
            }
            e.consume();
        }
    }

    /** Opens the value for typing, or shows its working when it cannot be typed. */
    public void open() {
        Typing target = change;
        if (target == null) {
            working.run();
            return;
        }
        if (entry != null) {
            return;
        }
        Label understood = new Label();
        understood.getStyleClass().add("understood");
        TypedEntry opened = new TypedEntry(target, digits, understood);
        opened.setAccessibleText(notation.words(name));
        opened.whenClosed(this::close);
        entry = opened;
        VBox box = new VBox(opened, understood);
        box.getStyleClass().add("value-entry");
        box.setAlignment(Pos.TOP_CENTER);
        getChildren().setAll(box);
        setViewOrder(-1);
        box.applyCss();
        opened.requestFocus();
        opened.selectAll();
    }

    /** Whether somebody is typing in it. */
    public boolean isOpen() {
        return entry != null;
    }

    /** Who typed and pressed Enter or Esc is on the figure again; who went on elsewhere, as by Tab, is left there. */
    private void close() {
        boolean wentOn = getScene() != null && getScene().getFocusOwner() != entry;
        entry = null;
        fresh = true;
        setViewOrder(0);
        getChildren().setAll(figures);
        if (!wentOn) {
            requestFocus();
        }
    }
}
