package neatcorner.stock;

import java.util.List;
import neatcorner.measure.Length;
import neatcorner.piece.Piece;
import neatcorner.section.Section;

/**
 * What pieces are cut from, across the stick. A piece fits a stick that is as wide and as thick as its blank; from a wider
 * one its blank is ripped first.
 *
 * @param width     of a stick of which the rack says nothing else
 * @param thickness likewise
 * @param extra     how much wider than its face a piece is until strips are ripped off it
 */
public record Blanks(Length width, Length thickness, Length extra) {

    /** Of a section's sticks. */
    public static Blanks of(Section section) {
        return new Blanks(section.blankWidth(), section.thickness(), section.blankWidth().minus(section.width()));
    }

    /** How wide the blank of a piece is. */
    public Length width(Piece piece) {
        return piece.face().plus(extra);
    }

    /** Of a stick; the section's where it does not say. */
    public Length width(Stick stick) {
        Length own = stick.width();
        return own == null ? width : own;
    }

    /** Of a stick; the section's where it does not say. */
    public Length thickness(Stick stick) {
        Length own = stick.thickness();
        return own == null ? thickness : own;
    }

    /** Whether a piece can be made of a stick. */
    public boolean fits(Piece piece, Stick stick) {
        return isWideEnough(piece, stick) && isThickEnough(stick);
    }

    /** Whether a stick is as wide as a piece's blank. */
    public boolean isWideEnough(Piece piece, Stick stick) {
        return !width(stick).isLessThan(width(piece));
    }

    /** Whether a stick is as thick as the section. */
    public boolean isThickEnough(Stick stick) {
        return !thickness(stick).isLessThan(thickness);
    }

    /** Whether a piece's blank must be ripped from a stick, which is wider. */
    public boolean isRipped(Piece piece, Stick stick) {
        return width(stick).isMoreThan(width(piece));
    }

    /** The widest blank among some pieces; the section's when there are none. */
    public Length widest(List<Piece> pieces) {
        return pieces.stream().map(this::width).max(Length::compareTo).orElse(width);
    }
}
