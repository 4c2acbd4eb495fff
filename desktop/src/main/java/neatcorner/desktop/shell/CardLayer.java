package neatcorner.desktop.shell;

import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Pane;
import neatcorner.desktop.control.Card;
import org.jspecify.annotations.Nullable;

/** Lies over the window and shows one {@link Card} at a time beside what it belongs to. */
final class CardLayer extends Pane {
    private @Nullable Card card;
    private @Nullable Node beside;

    CardLayer() {
        setPickOnBounds(false);
    }

    /** Esc puts the card away, where nothing else wants it. */
    void key(KeyEvent e) {
        if (e.getCode() == KeyCode.ESCAPE && card != null) {
            close();
            e.consume();
        }
    }

    /** Opens a card, or puts it away when it is open there. */
    void toggle(Card wanted, Node thing) {
        boolean open = card != null && card.getId().equals(wanted.getId()) && beside == thing;
        close();
        if (!open) {
            card = wanted;
            beside = thing;
            getChildren().setAll(wanted);
            wanted.applyCss();
            first(wanted).requestFocus();
        }
    }

    /** The first part of a card that takes keys; the card itself where there is none. */
    private static Node first(Node in) {
        return in.lookupAll("*").stream().filter(Node::isFocusTraversable).findFirst().orElse(in);
    }

    /** Puts the card away; who had the keys before it was opened has them again. */
    void close() {
        Node thing = beside;
        if (card != null && thing != null) {
            boolean hadKeys = getScene() != null && isWithin(getScene().getFocusOwner(), this);
            card = null;
            beside = null;
            getChildren().clear();
            if (hadKeys) {
                thing.requestFocus();
            }
        }
    }

    /** A press elsewhere puts the card away; one on what it belongs to is left to that. */
    void pressed(MouseEvent e) {
        Node hit = e.getPickResult().getIntersectedNode();
        if (card != null && !isWithin(hit, this) && !isWithin(hit, beside)) {
            close();
        }
    }

    private static boolean isWithin(@Nullable Node node, @Nullable Node whole) {
        Node each = node;
        while (each != null && each != whole) {
            each = each.getParent();
        }
        return each != null && each == whole;
    }

    @Override
    protected void layoutChildren() {
        Card open = card;
        Node thing = beside;
        if (open != null && thing != null) {
            open.place(sceneToLocal(thing.localToScene(thing.getLayoutBounds())), getWidth(), getHeight());
        }
    }
}
