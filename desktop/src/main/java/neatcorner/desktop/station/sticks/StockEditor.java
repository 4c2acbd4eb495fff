package neatcorner.desktop.station.sticks;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.regex.Pattern;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.Spinner;
import javafx.scene.control.TextField;
import javafx.scene.control.TextFormatter;
import javafx.scene.layout.FlowPane;
import javafx.util.StringConverter;
import neatcorner.desktop.control.Controls;
import neatcorner.desktop.control.TypedNumber;
import neatcorner.measure.Money;
import neatcorner.measure.Notation;
import neatcorner.measure.Units;
import org.jspecify.annotations.Nullable;

/** Name, count and price of something on the rack, with what else belongs to it; used for sticks, boards and sheets. */
final class StockEditor extends FlowPane {
    private static final Pattern PRICE = Pattern.compile("\\d{1,9}(\\.\\d{0,6})?|\\.\\d{1,6}");

    private final TextField name = new TextField();
    private final Spinner<Integer> count;
    private final TextField price = new TextField();
    private final Label said = new Label();
    private final TextFormatter<String> names = new TextFormatter<>(new NameText());
    private final TextFormatter<Price> prices = new TextFormatter<>(new PriceText());
    private Notation notation = Notation.of(Units.MILLIMETRES);
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
        price.setPromptText(SticksTexts.PAID_FOR);
        count = TypedNumber.count(id + "-count", SticksTexts.COUNT, 0, 10_000, this::say);
        said.getStyleClass().add("hint");
        name.setTextFormatter(names);
        price.setTextFormatter(prices);
        names.valueProperty().addListener((observed, old, now) -> {
            if (!showing) {
                edits.named.accept(now);
            }
        });
        prices.valueProperty().addListener((observed, old, now) -> {
            if (!showing) {
                edits.priced.accept(now.ofOne);
            }
        });
        count.valueProperty().addListener((observed, old, now) -> {
            if (!showing && now != null) {
                edits.counted.accept(now);
            }
        });
        List<Node> nodes = new ArrayList<>(List.of(Controls.captioned(title, name)));
        nodes.addAll(before);
        nodes.add(Controls.captioned(SticksTexts.HOW_MANY, count));
        nodes.add(Controls.captioned(SticksTexts.PRICE_OF_ONE, price));
        nodes.addAll(after);
        nodes.add(said);
        getChildren().addAll(nodes);
    }

    void show(String newName, int newCount, @Nullable Double newPrice, Notation newNotation) {
        notation = newNotation;
        showing = true;
        show(name, names, newName);
        show(price, prices, new Price(newPrice));
        count.getValueFactory().setValue(newCount);
        showing = false;
    }

    /** What is being typed stays. */
    private static <T> void show(TextField field, TextFormatter<T> formatter, T value) {
        if (!field.isFocused() && !value.equals(formatter.getValue())) {
            formatter.setValue(value);
        }
    }

    /** A remark beside it. */
    void say(String text) {
        said.setText(text);
    }

    /** A name that is all blanks is none: the old one comes back. */
    private static final class NameText extends StringConverter<String> {
        @Override
        public String toString(@Nullable String value) {
            return value == null ? "" : value;
        }

        @Override
        public String fromString(String text) {
            if (text.isBlank()) {
                throw new IllegalArgumentException("no name");
            }
            return text.strip();
        }
    }

    /** Null for what is paid for. */
    private record Price(@Nullable Double ofOne) {}

    /** What is no price is not taken: it is said, and the old one comes back. */
    private final class PriceText extends StringConverter<Price> {
        @Override
        public String toString(@Nullable Price value) {
            Double ofOne = value == null ? null : value.ofOne;
            return ofOne == null ? "" : notation.bare(new Money(ofOne));
        }

        @Override
        public Price fromString(String text) {
            String typed = text.strip().replace(',', '.');
            if (!typed.isEmpty() && !PRICE.matcher(typed).matches()) {
                said.setText(SticksTexts.NOT_A_PRICE.formatted(text));
                throw new IllegalArgumentException("no price");
            }
            said.setText("");
            return new Price(typed.isEmpty() ? null : Double.valueOf(typed));
        }
    }
}
