package neatcorner.desktop.control;

import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import neatcorner.measure.Angle;
import neatcorner.measure.Notation;

/** An angle that has no place in a drawing: its name, and its value to be clicked and typed over. */
public final class AngleBox extends HBox {
    private final ValueTag tag = new ValueTag();
    private final Label caption = new Label();
    private final String name;
    private final double least;
    private final double most;
    private final Consumer<Angle> taken;

    public AngleBox(String name, String id, double least, double most, Consumer<Angle> taken) {
        this.name = name;
        this.least = least;
        this.most = most;
        this.taken = taken;
        getStyleClass().add("captioned");
        setAlignment(Pos.CENTER_LEFT);
        caption.getStyleClass().add("caption");
        caption.setMinWidth(USE_PREF_SIZE);
        tag.getStyleClass().add("boxed");
        tag.setId("field-" + id);
        caption.setLabelFor(tag);
        getChildren().addAll(caption, tag);
    }

    /** Shows an angle in a notation. */
    public void show(Angle value, Notation notation) {
        caption.setText(notation.words(name));
        tag.show(value, name, notation, Typing.angle(notation, least, most, taken), () -> {});
    }
}
