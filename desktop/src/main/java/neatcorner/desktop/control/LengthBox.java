package neatcorner.desktop.control;

import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import neatcorner.desktop.desk.Workbench;
import neatcorner.measure.Notation;
import neatcorner.plan.Field;
import neatcorner.plan.Plan;

/** A field of the job that has no place in a drawing: its name, and its value to be clicked and typed over. */
public final class LengthBox extends HBox {
    private final Workbench bench;
    private final Field field;
    private final ValueTag tag = new ValueTag();
    private final Label caption = new Label();
    private final String name;

    public LengthBox(Workbench bench, Field field, String name) {
        this.bench = bench;
        this.field = field;
        this.name = name;
        getStyleClass().add("captioned");
        setAlignment(Pos.CENTER_LEFT);
        caption.getStyleClass().add("caption");
        caption.setMinWidth(USE_PREF_SIZE);
        tag.getStyleClass().add("boxed");
        tag.setId("field-" + field.id().replace('.', '-').replace(' ', '-'));
        caption.setLabelFor(tag);
        getChildren().addAll(caption, tag);
    }

    /** Shows the field as a plan has it. */
    public void show(Plan plan, Notation notation) {
        caption.setText(notation.words(name));
        tag.show(field.in(plan), field.title(), notation,
                Typing.field(notation, field, bench::refusal,
                        length -> bench.change(field.title(), field.edit(length))),
                () -> {});
    }

    void open() {
        tag.open();
    }
}
