package neatcorner.piece;

import java.util.Locale;

/** Where a piece goes in its frame. */
public sealed interface Place {

    /** In words and in files: {@code top}, {@code side 3}, {@code segment 2}, {@code left, part 1 of 2}. */
    String words();

    /** One of a rectangle's or an arch's straight sides, the frame seen from the front. */
    enum Side implements Place {
        TOP, RIGHT, BOTTOM, LEFT;

        @Override
        public String words() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /**
     * A side of any other shape with corners.
     *
     * @param number from 1, clockwise from the top
     */
    record Numbered(int number) implements Place {

        @Override
        public String words() {
            return "side " + number;
        }
    }

    /**
     * A part of a curve.
     *
     * @param number from 1, clockwise from the top
     */
    record OfCurve(int number) implements Place {

        @Override
        public String words() {
            return "segment " + number;
        }
    }

    /**
     * A place in a ring that is not the frame itself.
     *
     * @param ring the ring's name
     * @param of   where in that ring
     */
    record OfRing(String ring, Place of) implements Place {

        @Override
        public String words() {
            return of.words();
        }
    }

    /**
     * One of several alike that are no side of a ring: a slat, a bar.
     *
     * @param number from 1
     */
    record OneOf(int number, int count) implements Place {

        @Override
        public String words() {
            return number + " of " + count;
        }
    }

    /** The name of the ring, or of the slats or bars, that it belongs to; empty for the frame. */
    default String ring() {
        return switch (this) {
            case OfRing in -> in.ring;
            case Part part -> part.whole.ring();
            case Side side -> "";
            case Numbered numbered -> "";
            case OfCurve curve -> "";
            case OneOf one -> "";
        };
    }

    /**
     * A part of a piece that is too long for any stick.
     *
     * @param number from 1, from the piece's left end
     * @param count  how many parts the piece has
     */
    record Part(Place whole, int number, int count) implements Place {

        @Override
        public String words() {
            return whole.words() + ", part " + number + " of " + count;
        }
    }
}
