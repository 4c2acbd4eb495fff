package neatcorner.piece;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.outline.Contours;
import neatcorner.outline.Corner;
import neatcorner.outline.Faces;
import neatcorner.outline.Opening;
import neatcorner.outline.Outline;
import neatcorner.outline.Segment;
import neatcorner.outline.Shape;
import neatcorner.outline.Vertex;

/** The pieces of a frame of any shape, named by letters clockwise from the top; the segments of a curve come first. */
public final class FramePieces {
    private static final List<Place> OF_RECTANGLE = List.of(Place.Side.values());
    private static final List<Place> OF_ARCH = List.of(Place.Side.RIGHT, Place.Side.BOTTOM, Place.Side.LEFT);

    private static final EndCut SQUARE = EndCut.flat(Angle.ZERO);

    private FramePieces() {}

    /** The pieces of a mitred frame: segments of its curve first, then straight ones, each clockwise from the top. */
    public static List<Piece> of(Contours contours, Outline outline) {
        List<Piece> pieces = new ArrayList<>();
        for (Segment segment : contours.segments()) {
            pieces.add(segment(segment, pieces.size()));
        }
        for (int i = 0; i < contours.straight().size(); i++) {
            pieces.add(contours.segments().isEmpty()
                    ? mitred(contours, outline, i)
                    : besideCurve(contours, i, pieces.size()));
        }
        return List.copyOf(pieces);
    }

    /** Of a rectangle whose corners are joined in another way than by miters; others are mitred whatever is asked. */
    public static List<Piece> of(Contours contours, Outline outline, CornerJoint joint) {
        List<Piece> mitred = of(contours, outline);
        return switch (joint.on(outline)) {
            case MITER -> mitred;
            case MITRED_LAP -> mitred.stream().map(FramePieces::squareAtTheRight).toList();
            case LAP, BOX -> mitred.stream().map(piece -> square(piece, piece.outer())).toList();
            case BUTT -> IntStream.range(0, mitred.size()).mapToObj(
                    i -> square(mitred.get(i), i % 2 == 0 ? mitred.get(i).sight() : mitred.get(i).outer())).toList();
            case DADO -> IntStream.range(0, mitred.size()).mapToObj(i -> square(mitred.get(i), i % 2 == 0
                    ? mitred.get(i).sight().plus(CornerJoint.dado(mitred.get((i + 3) % 4).face()))
                            .plus(CornerJoint.dado(mitred.get(i + 1).face()))
                    : mitred.get(i).outer())).toList();
        };
    }

    private static Piece square(Piece piece, Length length) {
        return new Piece(piece.name(), piece.place(), length, length, piece.face(), SQUARE, SQUARE);
    }

    /** Its half behind runs on to the long point there; the show half is mitred by hand. */
    private static Piece squareAtTheRight(Piece piece) {
        Length sight = piece.outer().minus(piece.face().scaled(piece.left().lean()));
        return new Piece(piece.name(), piece.place(), piece.outer(), sight, piece.face(), piece.left(), SQUARE);
    }

    /** Of a flat rectangle: A (top), B (right), C (bottom), D (left). */
    public static List<Piece> ofRectangle(Opening sight, Faces faces) {
        return of(Contours.rectangle(sight, 0, faces.list()), Outline.rectangle());
    }

    /** A, B … Z, AA, AB … */
    static String name(int index) {
        String last = String.valueOf((char) ('A' + index % 26));
        return index < 26 ? last : name(index / 26 - 1) + last;
    }

    /**
     * A side between two mitred corners. On a sloped frame with h half the turn at the corner and S the slope: tan μ = tan
     * h · cos S, sin β = sin h · sin S (compound-miter geometry).
     */
    private static Piece mitred(Contours contours, Outline outline, int side) {
        Corner start = contours.corner(side);
        Corner end = contours.corner((side + 1) % contours.widths().size());
        EndCut left;
        EndCut right;
        if (outline.isSloped()) {
            left = compound(start.interior(), outline.slope());
            right = compound(end.interior(), outline.slope());
        } else {
            left = EndCut.flat(start.miterAfter());
            right = EndCut.flat(end.miterBefore());
        }
        Place place = outline.shape() instanceof Shape.Rectangle
                ? OF_RECTANGLE.get(side)
                : new Place.Numbered(side + 1);
        return new Piece(name(side), place, Length.mm(contours.outside().along(side, contours.sight())),
                Length.mm(contours.sight().length(side)), contours.widths().get(side), contours.reach().get(side), left,
                right);
    }

    private static EndCut compound(Angle interior, Angle slope) {
        double half = Math.PI / 2 - interior.radians() / 2;
        return new EndCut(Angle.ofRadians(Math.atan(Math.tan(half) * slope.cos())),
                Angle.ofRadians(Math.asin(Math.sin(half) * slope.sin())));
    }

    /** A straight side of an arch; at its springing ends the joint runs from sight edge to outer edge. */
    private static Piece besideCurve(Contours contours, int index, int number) {
        int side = contours.straight().get(index);
        double sight = contours.sight().length(side);
        double outer = contours.outside().along(side, contours.sight());
        double face = contours.widths().get(index).toMm();
        return new Piece(name(number), OF_ARCH.get(index), Length.mm(outer), Length.mm(sight),
                contours.widths().get(index), EndCut.flat(end(contours, side, side, -1, face)),
                EndCut.flat(end(contours, side, side + 1, 1, face)));
    }

    /** The miter at one end: how far the outer edge reaches past the sight edge, over the face width. */
    private static Angle end(Contours contours, int side, int vertex, int sign, double face) {
        Vertex from = contours.sight().at(side);
        Vertex to = contours.sight().at(side + 1);
        double length = from.distanceTo(to);
        Vertex in = contours.sight().at(vertex);
        Vertex out = contours.outside().at(vertex);
        double past = ((out.x() - in.x()) * (to.x() - from.x()) + (out.y() - in.y()) * (to.y() - from.y())) / length;
        return Angle.ofSlope(sign * past, face);
    }

    private static Piece segment(Segment segment, int number) {
        Segment.Blank blank = segment.blank();
        return new Piece(name(number), new Place.OfCurve(number + 1), Length.mm(blank.longEdge()),
                Length.mm(blank.shortEdge()), Length.mm(blank.width()), EndCut.flat(blank.left()),
                EndCut.flat(blank.right()));
    }
}
