package neatcorner.desktop.control;

import java.util.List;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/**
 * A small card with a thing's own few choices. It opens beside the thing and stays while they are made; Esc or a click
 * elsewhere puts it away.
 */
public final class Card extends VBox {
    /** Between the card and what it stands beside, pixels. */
    private static final double GAP = 6;

    private final Label heading = new Label();

    /** A card with its id and its heading. */
    public Card(String id, String title, List<? extends Node> content) {
        setId(id);
        getStyleClass().add("card");
        setMaxSize(USE_PREF_SIZE, USE_PREF_SIZE);
        heading.setText(title);
        heading.getStyleClass().add("card-title");
        getChildren().add(heading);
        getChildren().addAll(content);
        setAccessibleText(title);
    }

    /** Says another heading. */
    public void setTitle(String title) {
        heading.setText(title);
        setAccessibleText(title);
    }

    /**
     * Stands below what it belongs to where there is room, else above it, else beside it; never out of the room there is.
     *
     * @param beside where the thing is, in the coordinates of the card's parent
     */
    public void place(Bounds beside, double roomWidth, double roomHeight) {
        double width = Math.min(prefWidth(-1), roomWidth - 2 * GAP);
        double height = Math.min(prefHeight(width), roomHeight - 2 * GAP);
        double below = beside.getMaxY() + GAP;
        double above = beside.getMinY() - GAP - height;
        boolean fitsBelow = below + height <= roomHeight - GAP;
        boolean fitsAbove = above >= GAP;
        double x = fitsBelow || fitsAbove ? beside.getMinX() : beside.getMaxX() + GAP;
        double y = fitsBelow ? below : fitsAbove ? above : beside.getMinY();
        resizeRelocate(within(x, width, roomWidth), within(y, height, roomHeight), width, height);
    }

    private static double within(double at, double size, double room) {
        return Math.round(Math.max(GAP, Math.min(at, room - size - GAP)));
    }
}
