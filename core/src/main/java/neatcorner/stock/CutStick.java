package neatcorner.stock;

import java.util.List;
import neatcorner.measure.Length;

/**
 * One stick with the pieces to be cut from it, from left to right.
 *
 * @param stock  index of the stick's kind on the rack
 * @param number which of that kind, from 1
 * @param offcut the longest clear stretch that is left
 */
public record CutStick(Stick stick, int stock, int number, List<CutPiece> cuts, Length offcut) {

    public CutStick {
        cuts = List.copyOf(cuts);
    }

    /** Its name, with the number when there are several of the kind. */
    public String label() {
        return stick.count() > 1 ? stick.name() + " · " + number : stick.name();
    }
}
