package neatcorner.desktop;

import java.util.function.Consumer;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import neatcorner.measure.Length;
import neatcorner.measure.LengthText;
import neatcorner.measure.Notation;
import org.jspecify.annotations.Nullable;

/**
 * A field for a length. While one types, a label says what was understood, or what was not and where; Enter or leaving the
 * field takes an understood length, Esc gives up.
 */
final class LengthEntry extends TextField {
    private final Notation notation;
    private final Label understood;
    private final String before;
    private boolean finished;
    private Consumer<Length> done = length -> {};
    private Runnable cancelled = () -> {};

    LengthEntry(Notation notation, String text, Label understood) {
        super(text);
        this.notation = notation;
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
            if (!now) {
                if (getText().equals(before) || length() == null) {
                    cancel();
                } else {
                    take();
                }
            }
        });
        explain();
    }

    void whenDone(Consumer<Length> taken, Runnable givenUp) {
        done = taken;
        cancelled = givenUp;
    }

    private @Nullable Length length() {
        return LengthText.read(getText(), notation.units()) instanceof LengthText.Understood read
                ? read.length()
                : null;
    }

    private void explain() {
        switch (LengthText.read(getText(), notation.units())) {
            case LengthText.Understood read -> {
                understood.setText("= " + notation.text(read.length()));
                understood.getStyleClass().remove("not-understood");
                setPrefColumnCount(Math.max(6, getText().length() + 2));
            }
            case LengthText.NotUnderstood not -> {
                understood.setText(not.message(getText()));
                if (!understood.getStyleClass().contains("not-understood")) {
                    understood.getStyleClass().add("not-understood");
                }
            }
        }
    }

    private void take() {
        Length length = length();
        if (length != null && !finished) {
            finished = true;
            if (getText().equals(before)) {
                cancelled.run();
            } else {
                done.accept(length);
            }
        }
    }

    private void cancel() {
        if (!finished) {
            finished = true;
            cancelled.run();
        }
    }
}
