package neatcorner.desktop.draw;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.layout.FlowPane;
import neatcorner.drawing.Figure;

/** Things to choose from by their pictures, of which some are taken. Hears of presses, not of {@link #show}. */
public class PictureChoice<T> extends FlowPane {

    /**
     * One thing to choose.
     *
     * @param id       of its tile
     * @param figure   what decides for or against it, in a few words; may be empty
     * @param more     what else, in a few words; may be empty
     * @param possible whether it can be had; what cannot is pale, but can be pressed to hear why
     */
    public record Option<T>(T value, String id, String name, String figure, String more, boolean possible,
            boolean taken,
            Figure picture) {}

    /** As wide as two tiles of a card with text of the usual size. */
    private static final double CARD = 500;

    private final Palette palette;
    private final double width;
    private final double height;
    private final Consumer<T> chosen;
    private final Map<String, PictureTile> tiles = new LinkedHashMap<>();
    private List<Option<T>> last = List.of();
    private boolean oneRow;
    private boolean named = true;

    /** With pictures so wide and high, in ems. */
    public PictureChoice(Palette palette, double width, double height, Consumer<T> chosen) {
        this.palette = palette;
        this.width = width;
        this.height = height;
        this.chosen = chosen;
        getStyleClass().add("picture-choice");
    }

    /** Never wraps. */
    public final PictureChoice<T> inOneRow() {
        oneRow = true;
        return this;
    }

    /** In a card, two beside each other. */
    public final PictureChoice<T> inCard() {
        getStyleClass().add("card-pictures");
        setPrefWrapLength(CARD);
        return this;
    }

    /** Names are told when they are pointed at, and read out; pictures say enough. */
    public final PictureChoice<T> withoutNames() {
        named = false;
        return this;
    }

    @Override
    protected double computePrefWidth(double h) {
        return oneRow
                ? getManagedChildren().stream().mapToDouble(tile -> snapSizeX(tile.prefWidth(-1)) + getHgap()).sum()
                        + snappedLeftInset() + snappedRightInset()
                : super.computePrefWidth(h);
    }

    @Override
    protected double computePrefHeight(double w) {
        return oneRow
                ? getManagedChildren().stream().mapToDouble(tile -> snapSizeY(tile.prefHeight(-1))).max().orElse(0)
                        + snappedTopInset() + snappedBottomInset()
                : super.computePrefHeight(w);
    }

    @Override
    protected double computeMinWidth(double h) {
        return oneRow ? computePrefWidth(h) : super.computeMinWidth(h);
    }

    /** Shows what there is to choose from; tiles that stay keep the keys. */
    public final void show(List<Option<T>> options) {
        if (options.equals(last)) {
            return;
        }
        last = List.copyOf(options);
        List<Node> shown = new ArrayList<>();
        for (Option<T> option : options) {
            PictureTile tile = tiles.computeIfAbsent(option.id(), id -> new PictureTile(palette, id, width, height));
            tile.setNamed(named);
            if (oneRow) {
                tile.tell();
            }
            tile.show(option, () -> chosen.accept(option.value()));
            shown.add(tile);
        }
        tiles.values().removeIf(tile -> {
            boolean gone = !shown.contains(tile);
            if (gone) {
                tile.forget();
            }
            return gone;
        });
        if (!getChildren().equals(shown)) {
            getChildren().setAll(shown);
        }
    }
}
