package neatcorner.desktop.draw;

import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** A small picture with its name and the figure that decides for it, to be pressed. */
final class PictureTile extends ToggleButton {
    private static final PseudoClass IMPOSSIBLE = PseudoClass.getPseudoClass("impossible");

    private final Thumbnail picture;
    private final Label name = new Label();
    private final Label figure = new Label();
    private final Label more = new Label();
    private final VBox words = new VBox(name, figure, more);

    PictureTile(Palette palette, String id, double width, double height) {
        picture = new Thumbnail(palette, width, height);
        setId(id);
        getStyleClass().add("picture-tile");
        name.getStyleClass().add("tile-name");
        figure.getStyleClass().add("tile-figure");
        more.getStyleClass().add("tile-figure");
        words.setAlignment(Pos.CENTER_LEFT);
        HBox content = new HBox(picture, words);
        content.getStyleClass().add("tile-content");
        content.setAlignment(Pos.CENTER_LEFT);
        content.setMouseTransparent(true);
        setGraphic(content);
    }

    void show(PictureChoice.Option<?> option, Runnable pressed) {
        picture.show(option.picture());
        name.setText(option.name());
        say(figure, option.figure());
        say(more, option.more());
        pseudoClassStateChanged(IMPOSSIBLE, !option.possible());
        picture.setOpacity(option.possible() ? 1 : 0.4);
        setSelected(option.taken());
        setAccessibleText(Stream.of(option.name(), option.figure(), option.more()).filter(text -> !text.isEmpty())
                .collect(Collectors.joining(", ")));
        setOnAction(e -> {
            setSelected(option.taken());
            pressed.run();
        });
    }

    /** Whether its words are shown; without, its name is told when it is pointed at. */
    void setNamed(boolean isNamed) {
        words.setVisible(isNamed);
        words.setManaged(isNamed);
        if (!isNamed) {
            tell();
        }
    }

    /** What it is is told when it is pointed at: its words may have no room. */
    void tell() {
        if (getTooltip() == null) {
            Tooltip told = new Tooltip();
            told.textProperty().bind(accessibleTextProperty());
            setTooltip(told);
        }
    }

    private static void say(Label label, String text) {
        label.setText(text);
        label.setVisible(!text.isEmpty());
        label.setManaged(!text.isEmpty());
    }

    void forget() {
        picture.forget();
    }
}
