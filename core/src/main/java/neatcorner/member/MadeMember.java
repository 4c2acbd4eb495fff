package neatcorner.member;

import java.util.List;
import neatcorner.measure.Length;
import neatcorner.measure.Mass;
import neatcorner.measure.Sentence;
import neatcorner.outline.Vertex;
import neatcorner.piece.Piece;
import org.jspecify.annotations.Nullable;

/**
 * A member in its place.
 *
 * @param count  how many there are of it
 * @param length of one as it is cut, or along the wood where it is bought
 * @param pieces what is cut of sticks for one frame, square at both ends
 * @param plates what is sawn from boards and sheets for one frame: the rectangle round each
 * @param shapes where each is seen from the front, the middle of the frame's sight opening at 0, 0, y downwards, mm
 * @param volume of its wood, mm³
 * @param fault  why there can be none; null where there can
 */
public record MadeMember(Member member, int count, Length length, List<Piece> pieces, List<Plate> plates,
        List<Shape> shapes, double volume, @Nullable Sentence fault) {

    /** Where it lies, from front to back. */
    public enum Depth {
        /** Before the frame's face. */
        FRONT,
        /** In the opening, within the frame's thickness. */
        WITHIN,
        /** Behind what is held. */
        BEHIND
    }

    /** What is sawn from a board or sheet. */
    public record Plate(int count, Length width, Length height) {}

    /**
     * One of them.
     *
     * @param outline round it
     * @param parts   convex, that it is made up of
     * @param grain   which way it runs, radians from the x axis
     * @param opening that is cut into it; empty where there is none
     */
    public record Shape(List<Vertex> outline, List<List<Vertex>> parts, Depth depth, double grain,
            List<Vertex> opening) {

        /** Without an opening. */
        Shape(List<Vertex> outline, List<List<Vertex>> parts, Depth depth, double grain) {
            this(outline, parts, depth, grain, List.of());
        }

        public Shape {
            outline = List.copyOf(outline);
            parts = parts.stream().map(List::copyOf).toList();
            opening = List.copyOf(opening);
        }

        /** A convex one. */
        static Shape of(List<Vertex> outline, Depth depth, double grain) {
            return new Shape(outline, List.of(outline), depth, grain);
        }

        /** An upright rectangle whose longer sides its grain follows. */
        static Shape box(double left, double top, double right, double bottom, Depth depth) {
            return of(List.of(new Vertex(left, top), new Vertex(right, top), new Vertex(right, bottom),
                    new Vertex(left, bottom)), depth, right - left < bottom - top ? Math.PI / 2 : 0);
        }
    }

    public MadeMember {
        pieces = List.copyOf(pieces);
        plates = List.copyOf(plates);
        shapes = List.copyOf(shapes);
    }

    /** None, because it cannot be. */
    static MadeMember not(Member member, String why) {
        return new MadeMember(member, 0, Length.ZERO, List.of(), List.of(), List.of(), 0,
                Sentence.naming(member.name(), why));
    }

    /** Of its wood. */
    public Mass mass() {
        return new Mass(volume * 1e-9 * member.wood().density());
    }
}
