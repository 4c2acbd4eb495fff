package neatcorner.desktop.control;

import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import neatcorner.measure.Notation;
import neatcorner.measure.Sentence;

/** Small controls that the stations share: captioned fields, chips, and rows of choices of which one is taken. */
public final class Controls {

    private Controls() {}

    /** A control with its name before it. */
    public static HBox captioned(String caption, Node... controls) {
        Label label = new Label(caption);
        label.getStyleClass().add("caption");
        label.setMinWidth(Region.USE_PREF_SIZE);
        if (controls.length > 0) {
            label.setLabelFor(controls[0]);
        }
        HBox box = new HBox(label);
        box.getChildren().addAll(controls);
        box.setAlignment(Pos.CENTER_LEFT);
        box.getStyleClass().add("captioned");
        return box;
    }

    /** Fills a box with steps to take, one a line; without any it takes no room. */
    public static void say(VBox says, List<Sentence> sentences, Notation notation) {
        says.getChildren().setAll(sentences.stream().map(sentence -> {
            Label label = new Label("→ " + sentence.in(notation));
            label.setWrapText(true);
            label.getStyleClass().add("saying");
            return label;
        }).toList());
        says.setVisible(!sentences.isEmpty());
        says.setManaged(!sentences.isEmpty());
    }

    /** The id of what stands for one of several values: {@code hold-} and {@code V_NAIL} give {@code hold-v-nail}. */
    public static String id(String before, Enum<?> each) {
        return before + each.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** A small round button. */
    public static Button chip(String text, Runnable run) {
        Button chip = new Button(text);
        chip.setMnemonicParsing(false);
        chip.getStyleClass().add("chip");
        chip.setOnAction(e -> run.run());
        return chip;
    }

    /** One of several choices is always taken; {@code chosen} hears of clicks, not of {@link Choices#show}. */
    public static final class Choices<T> extends HBox {
        private final ToggleGroup group = new ToggleGroup();

        public Choices(Consumer<T> chosen) {
            getStyleClass().add("choices");
            setAlignment(Pos.CENTER_LEFT);
            group.selectedToggleProperty().addListener((observed, old, now) -> {
                if (now == null && old != null) {
                    old.setSelected(true);
                }
            });
            this.chosen = chosen;
        }

        private final Consumer<T> chosen;

        /** With one more choice, and the id of its button. */
        public Choices<T> with(T value, String text, String id) {
            ToggleButton button = new ToggleButton(text);
            button.setUserData(value);
            button.setId(id);
            button.getStyleClass().add("choice");
            button.setToggleGroup(group);
            button.setMinWidth(USE_PREF_SIZE);
            button.setOnAction(e -> chosen.accept(value));
            getChildren().add(button);
            return this;
        }

        /** Shows which is chosen; nobody is told. */
        public void show(T value) {
            group.getToggles().stream().filter(toggle -> value.equals(toggle.getUserData())).findFirst()
                    .ifPresent(group::selectToggle);
        }

        /** Renames the choice of a value, as when the spelling changes. */
        public void rename(T value, String text) {
            group.getToggles().stream().filter(toggle -> value.equals(toggle.getUserData()))
                    .forEach(toggle -> ((ToggleButton) toggle).setText(text));
        }
    }

    /** One of the things on the rack, by its name. */
    public static final class Picker extends HBox {
        private final MenuButton menu = new MenuButton();
        private final Runnable chosen;
        private int index;

        public Picker(String id, Runnable chosen) {
            this.chosen = chosen;
            menu.setId(id + "-picker");
            getChildren().add(menu);
            setAlignment(Pos.CENTER_LEFT);
        }

        /** Which is chosen, from 0. */
        public int index() {
            return index;
        }

        /** Chooses one by its index; nobody is told. */
        public void choose(int newIndex) {
            index = newIndex;
        }

        /** Shows these names to choose from. */
        public void show(List<String> names) {
            index = Math.max(0, Math.min(index, names.size() - 1));
            setVisible(names.size() > 1);
            setManaged(names.size() > 1);
            menu.getItems().clear();
            for (int i = 0; i < names.size(); i++) {
                int place = i;
                MenuItem item = new MenuItem((i + 1) + "  " + names.get(i));
                item.setMnemonicParsing(false);
                item.setOnAction(e -> {
                    index = place;
                    chosen.run();
                });
                menu.getItems().add(item);
            }
            menu.setText(names.isEmpty() ? "" : ControlTexts.ONE_OF.formatted(index + 1, names.size()));
        }
    }
}
