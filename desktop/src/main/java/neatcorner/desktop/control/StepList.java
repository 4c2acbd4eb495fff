package neatcorner.desktop.control;

import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.VBox;

/** A list of things to do that stands beside a drawing and scrolls. */
public class StepList extends ScrollPane {
    private final VBox rows = new VBox();

    public StepList(String id) {
        setId(id);
        getStyleClass().add("steps");
        rows.getStyleClass().add("step-rows");
        setContent(rows);
        setFitToWidth(true);
        setHbarPolicy(ScrollBarPolicy.NEVER);
        setMinWidth(290);
        setPrefWidth(330);
    }

    public final void setRows(List<Node> nodes) {
        rows.getChildren().setAll(nodes);
    }
}
