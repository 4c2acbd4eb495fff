package neatcorner.desktop.station.section;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.TilePane;
import neatcorner.desktop.control.Card;
import neatcorner.desktop.station.Desk;
import neatcorner.desktop.station.WoodSwatch;
import neatcorner.wood.Species;

/** The wood, as it looks. A click opens all woods that are known, to be chosen from or narrowed by typing. */
final class WoodPicker extends Button {
    private final Desk desk;
    private final Consumer<Species> chosen;

    WoodPicker(Desk desk, Consumer<Species> chosen) {
        this.desk = desk;
        this.chosen = chosen;
        setId("wood");
        setMnemonicParsing(false);
        getStyleClass().add("picker");
        setOnAction(e -> open());
    }

    void show(Species wood) {
        if (!wood.name().equals(getText()) || getGraphic() == null) {
            setText(wood.name());
            setGraphic(new WoodSwatch(wood));
            setAccessibleText(SectionTexts.WOOD_IS.formatted(wood.name()));
        }
    }

    private void open() {
        TextField typed = new TextField();
        typed.setId("wood-name");
        typed.setPromptText(SectionTexts.TYPE_A_WOOD);
        TilePane tiles = new TilePane();
        tiles.setPrefColumns(3);
        ScrollPane list = new ScrollPane(tiles);
        list.setFitToWidth(true);
        list.setPrefViewportHeight(300);
        list.setFocusTraversable(false);
        list.getStyleClass().add("wood-list");
        Label none = new Label();
        none.getStyleClass().add("hint");
        none.setId("wood-none");
        Card card = new Card("wood-card", SectionTexts.WOOD, List.of(typed, none, list));
        List<Button> all = Species.KNOWN.stream().map(wood -> tile(wood, card)).toList();
        tiles.getChildren().setAll(all);
        typed.textProperty().subscribe(text -> narrow(text, all, tiles, none));
        typed.setOnAction(e -> named(typed.getText(), card));
        desk.card(card, this);
    }

    private Button tile(Species wood, Card card) {
        Button tile = new Button(wood.name(), new WoodSwatch(wood));
        tile.setUserData(wood);
        tile.getStyleClass().setAll("button", "wood-button");
        tile.setMaxWidth(Double.MAX_VALUE);
        tile.setOnAction(e -> take(wood, card));
        return tile;
    }

    private static void narrow(String text, List<Button> all, TilePane tiles, Label none) {
        List<Button> left = new ArrayList<>(all);
        String wanted = text.strip().toLowerCase(Locale.ROOT);
        Optional<Species> meant = Species.known(text);
        left.removeIf(tile -> !(tile.getText().toLowerCase(Locale.ROOT).contains(wanted)
                || meant.filter(wood -> wood.table().equals(((Species) tile.getUserData()).table())).isPresent()));
        tiles.getChildren().setAll(left);
        none.setText(left.isEmpty() ? SectionTexts.NO_SUCH_WOOD.formatted(text.strip()) : "");
        none.setManaged(left.isEmpty());
    }

    /** The wood of that name; an unknown one keeps the name it is given. */
    private void named(String text, Card card) {
        if (!text.isBlank()) {
            String wanted = text.strip().toLowerCase(Locale.ROOT);
            List<Species> like = Species.KNOWN.stream()
                    .filter(wood -> wood.name().toLowerCase(Locale.ROOT).contains(wanted)).toList();
            take(Species.known(text)
                    .orElseGet(() -> like.isEmpty() ? Species.named(text.strip()) : like.getFirst()), card);
        }
    }

    private void take(Species wood, Card card) {
        desk.card(card, this);
        chosen.accept(wood);
    }
}
