package neatcorner.desktop.station;

import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Button;
import neatcorner.desktop.control.Card;
import org.jspecify.annotations.Nullable;

/** A button that opens a card with choices that are not always needed. */
public final class CardButton extends Button {
    private final Desk desk;
    private final Card card;

    /** @param id the button's; the card's is followed by {@code -card} */
    public CardButton(Desk desk, String id, String text, String title, List<? extends Node> content) {
        super(text);
        this.desk = desk;
        card = new Card(id + "-card", title, content);
        setId(id);
        setMnemonicParsing(false);
        getStyleClass().addAll("chip", "card-button");
        setMinWidth(USE_PREF_SIZE);
        setOnAction(e -> toggle());
    }

    /** A part of its card, by its id; null when it is not there or not shown now. */
    public @Nullable Node part(String id) {
        Node found = card.lookup("#" + id);
        return found == null || !isWholeShown(found) ? null : found;
    }

    private boolean isWholeShown(Node part) {
        Node each = part;
        while (each != null && each != card) {
            if (!each.isVisible()) {
                return false;
            }
            each = each.getParent();
        }
        return isVisible();
    }

    /** Opens the card, or puts it away. */
    public void toggle() {
        openAt(this);
    }

    /** Opens the card beside something else that it is about, or puts it away. */
    public void openAt(Node thing) {
        desk.card(card, thing);
    }
}
