package neatcorner.desktop.station.sticks;

import java.util.List;
import java.util.function.IntFunction;
import javafx.scene.layout.HBox;
import neatcorner.desktop.control.LengthBox;
import neatcorner.measure.Notation;
import neatcorner.plan.Plan;

/** The lengths of the one thing on the rack that is picked. */
final class LengthRow extends HBox {
    private final IntFunction<List<LengthBox>> make;
    private List<LengthBox> boxes = List.of();
    private int shown = -1;

    /** @param make the boxes for the thing of that index */
    LengthRow(IntFunction<List<LengthBox>> make) {
        this.make = make;
        getStyleClass().add("captioned");
    }

    void show(int index, Plan plan, Notation notation) {
        if (shown != index) {
            shown = index;
            boxes = make.apply(index);
            getChildren().setAll(boxes);
        }
        boxes.forEach(box -> box.show(plan, notation));
    }
}
