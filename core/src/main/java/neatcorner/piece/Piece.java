package neatcorner.piece;

import java.util.ArrayList;
import java.util.List;
import neatcorner.measure.Length;

/**
 * One side of a frame as it is cut.
 *
 * <p>Left and right are as it lies on the saw: front face up, outer edge away from the maker, sight edge towards them.
 *
 * @param name  its letter: A is the top, then clockwise
 * @param side  where it goes: top, right, bottom, left
 * @param outer length along the outer edge
 * @param sight length along the sight edge
 * @param face  its face width
 */
public record Piece(String name, String side, Length outer, Length sight, Length face, EndCut left, EndCut right) {

    /** The longer of its two edges: what it takes of a stick. */
    public Length longPoint() {
        return Length.max(outer, sight);
    }

    public Length shortPoint() {
        return Length.min(outer, sight);
    }

    /** The miter that leans the most; the waste to the next piece on the stick follows from it. */
    public double steepestMiterRadians() {
        return Math.max(Math.abs(left.miter().radians()), Math.abs(right.miter().radians()));
    }

    /** The width of wood that a slanted cut takes along the stick: k / cos μ, with μ the larger of the two miters. */
    public Length kerfAtMiter(Length kerf) {
        return kerf.scaled(1 / Math.cos(steepestMiterRadians()));
    }

    /** The pieces in groups of twins, in the order in which the first of each comes. */
    public static List<List<Piece>> twins(List<Piece> pieces) {
        List<List<Piece>> groups = new ArrayList<>();
        for (Piece piece : pieces) {
            groups.stream().filter(group -> group.getFirst().isTwinOf(piece)).findFirst().orElseGet(() -> {
                groups.add(new ArrayList<>());
                return groups.getLast();
            }).add(piece);
        }
        return groups;
    }

    /** True when the two can be cut to one stop with the same saw settings. */
    public boolean isTwinOf(Piece other) {
        return outer.equals(other.outer) && sight.equals(other.sight) && face.equals(other.face)
                && left.isNear(other.left) && right.isNear(other.right);
    }
}
