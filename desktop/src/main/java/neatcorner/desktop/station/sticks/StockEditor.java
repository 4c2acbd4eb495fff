package neatcorner.desktop.station.sticks;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.Spinner;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import neatcorner.desktop.control.Controls;
import neatcorner.desktop.control.TypedNumber;
import org.jspecify.annotations.Nullable;

/** Name, count and price of something on the rack, with what else belongs to it; used for sticks, boards and sheets. */
final class StockEditor extends FlowPane {
    private final TextField name = new TextField();
    private final Spinner<Integer> count;
    private final TextField price = new TextField();
    private final Label said = new Label();
    private String shownName = "";
    private String shownPrice = "";
    private boolean showing;

    /** What it tells of edits. */
    record Edits(Consumer<String> named, Consumer<Integer> counted, Consumer<@Nullable Double> priced) {}

    /**
     * @param id     what its parts' ids begin with
     * @param title  what is edited
     * @param before between the name and the count
     * @param after  at the end
     */
    StockEditor(String id, String title, Edits edits, List<? extends Node> before, List<? extends Node> after) {
        getStyleClass().add("stick-editor");
        setAlignment(Pos.CENTER_LEFT);
        name.setPrefColumnCount(12);
        name.setId(id + "-name");
        price.setPrefColumnCount(6);
        price.setId(id + "-price");
        price.setPromptText("paid for");
        count = TypedNumber.count(id + "-count", "How many", 0, 10_000, this::say);
        said.getStyleClass().add("hint");
        onEnterOrLeaving(name, () -> {
            if (!name.getText().isBlank() && !name.getText().equals(shownName)) {
                edits.named.accept(name.getText().strip());
            }
        });
        onEnterOrLeaving(price, () -> {
            if (!price.getText().equals(shownPrice)) {
                takePrice(edits.priced);
            }
        });
        count.valueProperty().addListener((observed, old, now) -> {
            if (!showing && now != null) {
                edits.counted.accept(now);
            }
        });
        List<Node> nodes = new ArrayList<>(List.of(Controls.captioned(title, name)));
        nodes.addAll(before);
        nodes.add(Controls.captioned("how many", count));
        nodes.add(Controls.captioned("price of one", price));
        nodes.addAll(after);
        nodes.add(said);
        getChildren().addAll(nodes);
    }

    private static void onEnterOrLeaving(TextField field, Runnable run) {
        field.setOnAction(e -> run.run());
        field.focusedProperty().addListener((observed, old, now) -> {
            if (!now) {
                run.run();
            }
        });
    }

    void show(String newName, int newCount, String newPrice) {
        showing = true;
        shownName = newName;
        shownPrice = newPrice;
        if (!name.isFocused()) {
            name.setText(newName);
        }
        if (!price.isFocused()) {
            price.setText(newPrice);
        }
        count.getValueFactory().setValue(newCount);
        showing = false;
    }

    /** A remark beside it. */
    void say(String text) {
        said.setText(text);
    }

    private void takePrice(Consumer<@Nullable Double> priced) {
        String text = price.getText().strip().replace(',', '.');
        if (text.isEmpty()) {
            said.setText("");
            priced.accept(null);
            return;
        }
        try {
            double value = Double.parseDouble(text);
            if (value >= 0 && value < 1e9) {
                said.setText("");
                priced.accept(value);
                return;
            }
        } catch (NumberFormatException e) {
            // said below, together with prices that cannot be
        }
        said.setText("“" + price.getText() + "” is not a price: expected a number such as 18.50.");
    }
}
