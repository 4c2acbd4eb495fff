package neatcorner.piece;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BiPredicate;
import neatcorner.measure.Length;

/**
 * One side of a frame as it is cut.
 *
 * <p>Left and right are as it lies on the saw: front face up, outer edge away from the maker, sight edge towards them.
 *
 * @param name  its letter: A is the top, then clockwise
 * @param place where it goes
 * @param outer length along the edge that lies farthest out: the outer edge, and where the faces slope, that of the back
 * @param sight length along the sight edge of the front
 * @param face  its width as it is cut: the blank's, where that is sawn to a curve later
 * @param reach how far out the outer edge lies from the sight edge in the frame's plane; the face of a flat frame
 */
public record Piece(String name, Place place, Length outer, Length sight, Length face, Length reach, EndCut left,
        EndCut right) {

    /** Of a flat frame. */
    public Piece(String name, Place place, Length outer, Length sight, Length face, EndCut left, EndCut right) {
        this(name, place, outer, sight, face, face, left, right);
    }

    /** The longer of its two edges. */
    public Length longPoint() {
        return Length.max(outer, sight);
    }

    /** The shorter of its two edges. */
    public Length shortPoint() {
        return Length.min(outer, sight);
    }

    /**
     * What it takes of a stick: the distance along it between the outermost points of both edges. At an inward corner that
     * is the sight edge's end, elsewhere the outer edge's.
     */
    public Length span() {
        return outer.plus(sightPast(left)).plus(sightPast(right));
    }

    /** How far the sight edge stands out past the outer edge at an end; nothing but at an inward corner. */
    private Length sightPast(EndCut end) {
        return end.lean() < 0 ? reach.scaled(-end.lean()) : Length.ZERO;
    }

    /** From the outermost point of the left end to that of the outer edge there. */
    public Length outerFromLeft() {
        return sightPast(left);
    }

    /** From the outermost point of the left end to that of the sight edge there. */
    public Length sightFromLeft() {
        return left.lean() > 0 ? reach.scaled(left.lean()) : Length.ZERO;
    }

    /** The most that a cut on either end takes along the stick, for this kerf. */
    public Length kerfAtEnds(Length kerf) {
        return Length.max(left.along(kerf), right.along(kerf));
    }

    /** The pieces in groups of twins, in the order in which the first of each comes. */
    public static List<List<Piece>> twins(List<Piece> pieces) {
        return groups(pieces, Piece::isTwinOf);
    }

    /** The pieces in groups that are cut to one stop, whatever they belong to. */
    public static List<List<Piece>> cutAlike(List<Piece> pieces) {
        return groups(pieces, Piece::isCutLike);
    }

    private static List<List<Piece>> groups(List<Piece> pieces, BiPredicate<Piece, Piece> belong) {
        List<List<Piece>> groups = new ArrayList<>();
        for (Piece piece : pieces) {
            groups.stream().filter(group -> belong.test(group.getFirst(), piece)).findFirst().orElseGet(() -> {
                groups.add(new ArrayList<>());
                return groups.getLast();
            }).add(piece);
        }
        return groups;
    }

    /** The same piece under another name. */
    public Piece named(String newName) {
        return new Piece(newName, place, outer, sight, face, reach, left, right);
    }

    /** The same piece, of a ring that is not the frame: its name says which. */
    public Piece of(String ring) {
        return new Piece(ring + " " + name, new Place.OfRing(ring, place), outer, sight, face, reach, left, right);
    }

    /** True when the two, of one ring, can be cut to one stop with the same saw settings. */
    public boolean isTwinOf(Piece other) {
        return isCutLike(other) && place.ring().equals(other.place.ring());
    }

    /** True when the two can be cut to one stop with the same saw settings, as two braces. */
    public boolean isCutLike(Piece other) {
        return outer.equals(other.outer) && sight.equals(other.sight) && face.equals(other.face)
                && reach.equals(other.reach) && left.isNear(other.left) && right.isNear(other.right);
    }
}
