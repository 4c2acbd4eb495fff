package neatcorner.desktop.control;

import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;

/**
 * A field for a length or an angle. While one types, a label says what was understood, or what was not and where; Enter or
 * leaving the field takes what was understood, Esc gives up. When the window is left for another, nothing is taken, and
 * typing can go on afterwards.
 */
public final class TypedEntry extends TextField {
    private final Typing typing;
    private final Label understood;
    private final String before;
    private boolean finished;
    private Runnable closed = () -> {};

    TypedEntry(Typing typing, String text, Label understood) {
        super(text);
        this.typing = typing;
        this.understood = understood;
        this.before = text;
        getStyleClass().add("length-entry");
        setPrefColumnCount(Math.max(6, text.length() + 2));
        textProperty().addListener((observed, old, now) -> explain());
        setOnAction(e -> take());
        setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ESCAPE) {
                cancel();
                e.consume();
            }
        });
        focusedProperty().addListener((observed, old, now) -> {
            boolean left = !now && (getScene() == null || getScene().getWindow() == null
                    || getScene().getWindow().isFocused());
            if (left) {
                if (getText().equals(before) || typing.read(getText()) instanceof Typing.NotUnderstood) {
                    cancel();
                } else {
                    take();
                }
            }
        });
        explain();
    }

    /** What to do when typing has ended, just before what was typed is taken, if anything was. */
    void whenClosed(Runnable newClosed) {
        closed = newClosed;
    }

    private void explain() {
        switch (typing.read(getText())) {
            case Typing.Understood read -> {
                understood.setText(read.echo());
                understood.getStyleClass().remove("not-understood");
                setPrefColumnCount(Math.max(6, getText().length() + 2));
            }
            case Typing.NotUnderstood not -> {
                understood.setText(not.message());
                if (!understood.getStyleClass().contains("not-understood")) {
                    understood.getStyleClass().add("not-understood");
                }
            }
        }
    }

    private void take() {
        if (!finished && typing.read(getText()) instanceof Typing.Understood read) {
            finished = true;
            closed.run();
            if (!getText().equals(before)) {
                read.take().run();
            }
        }
    }

    private void cancel() {
        if (!finished) {
            finished = true;
            closed.run();
        }
    }
}
