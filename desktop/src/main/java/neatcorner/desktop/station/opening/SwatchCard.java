package neatcorner.desktop.station.opening;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.Region;
import javafx.scene.layout.TilePane;
import javafx.scene.layout.VBox;
import neatcorner.desktop.control.Card;
import neatcorner.desktop.station.Desk;
import neatcorner.job.Shade;
import neatcorner.measure.Notation;
import neatcorner.measure.Sentence;
import neatcorner.measure.Units;

/** A button with the color that is taken, and a card of swatches to take another from. */
final class SwatchCard extends Button {
    private static final double MOST_HEIGHT = 330;

    private final Desk desk;
    private final List<Choice> choices;
    private final Optional<Consumer<Shade>> other;
    private String title;
    private Notation notation = Notation.of(Units.MILLIMETRES);

    /** Something to take: its name, what its swatch looks like, and what taking it does. */
    record Choice(String name, Supplier<Node> swatch, Runnable take) {}

    /** @param other hears of a color that was typed; none where there are only these */
    SwatchCard(Desk desk, String id, String title, List<Choice> choices, Optional<Consumer<Shade>> other) {
        this.desk = desk;
        this.choices = choices;
        this.other = other;
        this.title = title;
        setId(id);
        getStyleClass().addAll("chip", "card-button");
        setMinWidth(USE_PREF_SIZE);
        setTooltip(new Tooltip());
        setOnAction(e -> toggle());
    }

    /** Made when it is opened: a window that starts has no need of so many swatches. */
    private Card card() {
        TilePane tiles = new TilePane();
        tiles.setPrefColumns(choices.size() > 8 ? 3 : 2);
        for (Choice choice : choices) {
            tiles.getChildren().add(tile(choice));
        }
        ScrollPane list = new ScrollPane(tiles);
        list.setFitToWidth(true);
        list.setMaxHeight(MOST_HEIGHT);
        list.setFocusTraversable(false);
        list.getStyleClass().add("wood-list");
        List<Node> content = new ArrayList<>(List.of(list));
        other.ifPresent(taken -> content.add(typed(getId(), taken)));
        return new Card(getId() + "-card", Sentence.capital(notation.words(title)), content);
    }

    private Button tile(Choice choice) {
        Button tile = new Button(notation.words(choice.name), choice.swatch.get());
        tile.getStyleClass().setAll("button", "wood-button");
        tile.setMaxWidth(Double.MAX_VALUE);
        tile.setOnAction(e -> {
            toggle();
            choice.take.run();
        });
        return tile;
    }

    private Node typed(String id, Consumer<Shade> taken) {
        TextField field = new TextField();
        field.setId(id + "-other");
        field.setPromptText(OpeningTexts.ANOTHER_COLOR);
        field.setAccessibleText(OpeningTexts.ANOTHER_COLOR);
        Label why = new Label();
        why.getStyleClass().add("hint");
        field.setOnAction(e -> Shade.read(field.getText().strip()).ifPresentOrElse(shade -> {
            toggle();
            taken.accept(shade);
        }, () -> why.setText(OpeningTexts.NO_COLOR)));
        VBox box = new VBox(field, why);
        return box;
    }

    private void toggle() {
        desk.card(card(), this);
    }

    /** Says what is taken now. */
    void show(String newTitle, String name, Node swatch, Notation newNotation) {
        title = newTitle;
        notation = newNotation;
        setText(Sentence.capital(notation.words(title)));
        String now = notation.words(title) + ": " + notation.words(name);
        setAccessibleText(now);
        getTooltip().setText(now);
        setGraphic(swatch);
    }

    /** A swatch of a color. */
    static Region swatch(Shade shade) {
        Region swatch = new Region();
        swatch.getStyleClass().add("swatch");
        swatch.setStyle("-fx-background-color: " + shade + ";");
        return swatch;
    }
}
