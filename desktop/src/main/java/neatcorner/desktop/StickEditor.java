package neatcorner.desktop;

import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Spinner;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import neatcorner.measure.Notation;
import neatcorner.plan.Job;
import neatcorner.plan.LargestFrame;
import neatcorner.plan.Plan;
import neatcorner.stock.Rack;
import neatcorner.stock.Stick;
import org.jspecify.annotations.Nullable;

/** The stick that was clicked: its name, how many there are, what one costs, and what can be asked of it. */
final class StickEditor extends FlowPane {
    private final Workbench bench;
    private final TextField name = new TextField();
    private final Spinner<Integer> count = new Spinner<>(0, 10_000, 1);
    private final TextField price = new TextField();
    private final Label said = new Label();
    private final Button clear;
    private int index;
    private boolean showing;

    StickEditor(Workbench bench) {
        this.bench = bench;
        getStyleClass().add("stick-editor");
        HBox.setHgrow(this, Priority.ALWAYS);
        setAlignment(Pos.CENTER_LEFT);
        name.setPrefColumnCount(12);
        name.setId("stick-name");
        price.setPrefColumnCount(6);
        price.setId("stick-price");
        price.setPromptText("paid for");
        count.setEditable(true);
        count.setPrefWidth(84);
        count.setId("stick-count");
        onEnterOrLeaving(name,
                () -> change(stick -> name.getText().isBlank() ? stick : stick.withName(name.getText().strip())));
        onEnterOrLeaving(price, this::takePrice);
        count.valueProperty().addListener((observed, old, now) -> {
            if (!showing && now != null) {
                change(stick -> stick.withCount(now));
            }
        });
        clear = Controls.chip("Clear defects", () -> change(stick -> stick.withDefects(List.of())));
        clear.setId("clear-defects");
        Button largest = Controls.chip("Largest frame from this stick", this::largest);
        largest.setId("largest-frame");
        Button remove = Controls.chip("Remove", this::remove);
        said.getStyleClass().add("hint");
        for (Node node : List.of(Controls.captioned("Stick", name), Controls.captioned("how many", count),
                Controls.captioned("price of one", price), largest, clear, remove, said)) {
            getChildren().add(node);
        }
    }

    private static void onEnterOrLeaving(TextField field, Runnable run) {
        field.setOnAction(e -> run.run());
        field.focusedProperty().addListener((observed, old, now) -> {
            if (!now) {
                run.run();
            }
        });
    }

    void show(Plan plan, Notation notation, int newIndex) {
        List<Stick> sticks = plan.job().stock().sticks();
        setVisible(!sticks.isEmpty());
        setManaged(!sticks.isEmpty());
        if (sticks.isEmpty()) {
            return;
        }
        showing = true;
        if (newIndex != index) {
            said.setText("");
        }
        index = newIndex;
        Stick stick = sticks.get(index);
        if (!name.isFocused()) {
            name.setText(stick.name());
        }
        Double cost = stick.price();
        if (!price.isFocused()) {
            price.setText(cost == null ? "" : notation.bare(new neatcorner.measure.Money(cost)));
        }
        count.getValueFactory().setValue(stick.count());
        clear.setDisable(stick.defects().isEmpty());
        showing = false;
    }

    private @Nullable Stick stick() {
        List<Stick> sticks = bench.job().stock().sticks();
        return index < sticks.size() ? sticks.get(index) : null;
    }

    private void change(java.util.function.UnaryOperator<Stick> changed) {
        Stick stick = stick();
        if (stick != null) {
            Job job = bench.job();
            bench.edit(job.withStock(job.stock().withStick(index, changed.apply(stick))));
        }
    }

    private void takePrice() {
        String text = price.getText().strip().replace(',', '.');
        if (text.isEmpty()) {
            said.setText("");
            change(stick -> stick.withPrice(null));
            return;
        }
        try {
            double value = Double.parseDouble(text);
            if (value >= 0 && value < 1e9) {
                said.setText("");
                change(stick -> stick.withPrice(value));
                return;
            }
        } catch (NumberFormatException e) {
            // said below, together with prices that cannot be
        }
        said.setText("“" + price.getText() + "” is not a price: expected a number such as 18.50.");
    }

    private void largest() {
        Stick stick = stick();
        if (stick == null) {
            return;
        }
        Optional<Job> job = LargestFrame.jobFrom(bench.job(), stick);
        job.ifPresentOrElse(found -> {
            bench.edit(found);
            Notation notation = bench.notation().get();
            said.setText("The frame is now the largest of its proportion from this stick: "
                    + notation.bare(found.size().width()) + " × " + notation.text(found.size().height()) + ".");
        }, () -> said.setText("Not even a small frame fits on this stick."));
    }

    private void remove() {
        Rack rack = bench.job().stock();
        if (index < rack.sticks().size()) {
            bench.edit(bench.job().withStock(rack.withoutStick(index)));
        }
    }
}
