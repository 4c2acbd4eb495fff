package neatcorner.desktop.station.corners;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.BiConsumer;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import neatcorner.corner.Reinforcement;
import neatcorner.corner.ReinforcementKind;
import neatcorner.desktop.control.Controls;
import neatcorner.desktop.draw.Palette;
import neatcorner.desktop.draw.PictureChoice;
import neatcorner.measure.Notation;
import neatcorner.measure.Sentence;
import neatcorner.plan.Plan;
import neatcorner.station.corners.CornerChoices;
import org.jspecify.annotations.Nullable;

/** All that this corner can be held with, each as a small picture of it; what holds it now is marked. */
final class HeldWith extends VBox {
    private final PictureChoice<Held> choice;
    private final HoldEditor editor;
    private final Label says = new Label();
    private final ToggleButton also = new ToggleButton(CornersTexts.AND_ALSO);
    private Sentence said = Sentence.of("");

    /** A kind, or none. */
    private record Held(@Nullable ReinforcementKind kind, String id) {}

    /** @param taken hears which kind was pressed, null for nothing but glue, and where */
    HeldWith(Palette palette, HoldEditor editor, BiConsumer<@Nullable ReinforcementKind, Node> taken,
            Runnable refresh) {
        this.editor = editor;
        choice = new PictureChoice<>(palette, 2.1, 2.1, held -> taken.accept(held.kind, tile(held.id)));
        setId("held-with");
        getStyleClass().add("held-with");
        Label title = new Label(CornersTexts.HELD_WITH);
        title.getStyleClass().add("held-title");
        title.setMinWidth(USE_PREF_SIZE);
        also.setId("hold-also");
        also.getStyleClass().add("chip");
        also.setMinWidth(USE_PREF_SIZE);
        also.setOnAction(e -> refresh.run());
        says.setId("corner-says");
        says.getStyleClass().add("caption");
        says.setMinWidth(0);
        HBox.setHgrow(says, Priority.ALWAYS);
        HBox heading = new HBox(title, editor.chips(), also, says);
        heading.setAlignment(Pos.CENTER_LEFT);
        heading.getStyleClass().add("held-heading");
        getChildren().addAll(heading, choice);
    }

    private Node tile(String id) {
        Node found = lookup("#" + id);
        return found == null ? this : found;
    }

    /** Whether what is pressed next is added to what holds the corner already. */
    boolean isAlso() {
        return also.isSelected();
    }

    /** Something was added. */
    void taken() {
        also.setSelected(false);
    }

    /** Why no more goes in. */
    void say(Sentence why) {
        said = why;
    }

    /** The id of the tile of a kind. */
    static String id(ReinforcementKind kind) {
        return Controls.id("hold-", kind);
    }

    void show(Plan plan, CornerChoices.Ways ways, Notation notation) {
        List<Reinforcement> now = plan.job().reinforcement();
        Set<ReinforcementKind> taken = now.stream().map(Reinforcement::kind).collect(Collectors.toSet());
        also.setVisible(!now.isEmpty());
        also.setManaged(!now.isEmpty());
        boolean weak = plan.job().joint().on(plan.job().outline()).isEndGrain();
        List<PictureChoice.Option<Held>> options = new ArrayList<>();
        if (!ways.holds().isEmpty() && !isAlso()) {
            options.add(new PictureChoice.Option<>(new Held(null, "hold-nothing"), "hold-nothing",
                    CornersTexts.ONLY_GLUE, notation.words(weak ? CornersTexts.END_GRAIN : CornersTexts.LONG_GRAIN), "",
                    true, now.isEmpty(),
                    ways.bare()));
        }
        for (CornerChoices.Hold hold : ways.holds()) {
            String id = id(hold.kind());
            options.add(new PictureChoice.Option<>(new Held(hold.kind(), id), id,
                    notation.words(CornersTexts.shortName(hold.kind())), hold.figure().in(notation),
                    hold.time().in(notation), hold.what() != null, taken.contains(hold.kind()), hold.picture()));
        }
        choice.show(options);
        editor.chips().setVisible(!now.isEmpty());
        editor.chips().setManaged(!now.isEmpty());
        says.setText(weak && now.isEmpty() && said.template().isEmpty()
                ? notation.words(CornersTexts.GLUE_IS_WEAK)
                : said.in(notation));
    }
}
