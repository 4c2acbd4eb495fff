package neatcorner.stock;

import java.util.List;
import java.util.Map;
import neatcorner.measure.Length;
import neatcorner.piece.Piece;
import neatcorner.section.Section;
import neatcorner.wood.Species;

/**
 * What pieces are cut from, across the stick. A piece fits a stick of its wood that is as wide and as thick as its blank;
 * from a wider one its blank is ripped first. A stick of the frame's own section is milled already, and nothing but the
 * frame is cut from it, or a ring of the same section.
 *
 * @param frame of the frame itself
 * @param rings of other rings, by their names
 */
public record Blanks(Blank frame, Map<String, Blank> rings) {

    /**
     * What the pieces of one ring are cut from.
     *
     * @param wood      that they are of
     * @param width     of a stick that is milled to this section
     * @param thickness of such a stick
     * @param extra     how much wider than its face a piece is until strips are ripped off it
     * @param section   what is milled of it
     */
    public record Blank(Species wood, Length width, Length thickness, Length extra, Section section) {

        /** Of a ring of such a section. */
        public static Blank of(Section section) {
            return new Blank(section.wood(), section.blankWidth(), section.thickness(),
                    section.blankWidth().minus(section.width()), section);
        }
    }

    public Blanks {
        rings = Map.copyOf(rings);
    }

    /** Of a ring alone. */
    public static Blanks of(Section section) {
        return new Blanks(Blank.of(section), Map.of());
    }

    /** What a piece is cut from. */
    public Blank of(Piece piece) {
        return rings.getOrDefault(piece.place().ring(), frame);
    }

    /** How wide the blank of a piece is. */
    public Length width(Piece piece) {
        return piece.face().plus(of(piece).extra());
    }

    /** Of a stick; the frame's section's where it does not say. */
    public Length width(Stick stick) {
        Length own = stick.width();
        return own == null ? frame.width : own;
    }

    /** Of a stick; the frame's section's where it does not say. */
    public Length thickness(Stick stick) {
        Length own = stick.thickness();
        return own == null ? frame.thickness : own;
    }

    /** Whether a piece can be made of a stick. */
    public boolean fits(Piece piece, Stick stick) {
        return isOfItsWood(piece, stick) && isWideEnough(piece, stick) && isThickEnough(piece, stick);
    }

    /**
     * What a stick is of. One that does not say is of the frame's wood, unless it is
     * just as wide and as thick as what a ring is cut from: then it is there for that.
     */
    public Species wood(Stick stick) {
        Species own = stick.wood();
        return own != null
                ? own
                : rings.values().stream().filter(ring -> ring.width.equals(stick.width())
                        && ring.thickness.equals(stick.thickness())).findFirst().map(Blank::wood).orElse(frame.wood);
    }

    /**
     * Whether a stick is of a piece's wood, and not milled to another section.
     */
    public boolean isOfItsWood(Piece piece, Stick stick) {
        Blank blank = of(piece);
        return stick.isOfTheFrame() ? blank.section.equals(frame.section) : wood(stick).isSameAs(blank.wood);
    }

    /** Whether a stick is as wide as a piece's blank. */
    public boolean isWideEnough(Piece piece, Stick stick) {
        return !width(stick).isLessThan(width(piece));
    }

    /** Whether a stick is as thick as a piece. */
    public boolean isThickEnough(Piece piece, Stick stick) {
        return !thickness(stick).isLessThan(of(piece).thickness);
    }

    /** Whether a piece's blank must be ripped from a stick, which is wider. */
    public boolean isRipped(Piece piece, Stick stick) {
        return width(stick).isMoreThan(width(piece));
    }

    /** The widest blank among some pieces; the frame's section's when there are none. */
    public Length widest(List<Piece> pieces) {
        return pieces.stream().map(this::width).max(Length::compareTo).orElse(frame.width);
    }
}
