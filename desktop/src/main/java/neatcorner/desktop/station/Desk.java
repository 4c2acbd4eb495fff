package neatcorner.desktop.station;

import javafx.scene.Node;
import neatcorner.desktop.control.Card;
import neatcorner.desktop.desk.Workbench;
import neatcorner.measure.Quantity;

/** What a station is handed by the window that it stands in; it reaches for nothing else there. */
public interface Desk {

    /** The job on the bench, the notation, the shop's things. */
    Workbench bench();

    /** Opens a card beside the thing that it belongs to, or puts it away when it is open there. */
    void card(Card card, Node beside);

    /** Shows how a number came about. */
    void explain(String name, Quantity value);

    /** What was explained is about other figures than those that come now. */
    void forget();

    /** The station shows something else now: its drawing and its figures are to be shown anew, with the next picture. */
    void refresh();
}
