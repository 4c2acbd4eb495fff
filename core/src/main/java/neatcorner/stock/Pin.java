package neatcorner.stock;

/**
 * A piece that the maker has given to a stick: it stays there, and the rest is laid out around it.
 *
 * @param piece  its letter
 * @param frame  of which frame, from 1
 * @param stock  index of the kind of stick on the rack
 * @param number which of that kind, from 1
 */
public record Pin(String piece, int frame, int stock, int number) {

    /** Whether it holds that piece of that frame. */
    public boolean holds(CutPiece cut) {
        return cut.piece().name().equals(piece) && cut.frame() == frame;
    }
}
