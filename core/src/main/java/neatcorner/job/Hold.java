package neatcorner.job;

import neatcorner.fitout.FrameSizes;
import neatcorner.fitout.SizeOf;
import neatcorner.measure.Length;
import neatcorner.section.Section;
import org.jspecify.annotations.Nullable;

/** How a frame holds what it frames; which of its sizes follow from which depends on it. */
public sealed interface Hold {

    /** The edge of the frame's wood that the edge of what is held follows: the sight edge, or the outer one. */
    SizeOf follows();

    /**
     * How far outside that edge, per side, the edge of what is held lies; negative inside it.
     *
     * @param wall how far the rabbet's wall stands outside the sight edge
     */
    Length beyond(Length wall);

    /**
     * How far behind the frame's face the front of what is held lies; null where that is no thing of its own.
     *
     * @param section of the frame's wood
     * @param carrier how far behind the face the front of what carries it lies; where nothing does, that of the rabbet
     * @param deep    how thick what is held is
     */
    @Nullable
    Length front(Section section, Length carrier, Length deep);

    /** The one length that this way of holding has; zero where it has none. */
    Length room();

    /** The same way of holding with another such length. */
    Hold withRoom(Length room);

    /** The gap that is seen between what is held and the wood round it, per side. */
    default Length gap() {
        return Length.ZERO;
    }

    /** Whether a ring behind it has to carry what is held. */
    default boolean isCarried() {
        return false;
    }

    /** Where what is held lies, for sizes that follow from it. */
    default FrameSizes.Held held(Length wall) {
        return new FrameSizes.Held(follows(), beyond(wall));
    }

    /** Whether what is held stays where it is, and the frame is brought to it: nothing of it is cut, and it carries the frame. */
    default boolean staysUp() {
        return false;
    }

    /** Whether a pack lies in the rabbet, behind its lip. */
    default boolean isInRabbet() {
        return false;
    }

    /**
     * In a rabbet behind the lip.
     *
     * @param play between the pack and the rabbet's wall, per side
     */
    record InRabbet(Length play) implements Hold {
        @Override
        public SizeOf follows() {
            return SizeOf.SIGHT;
        }

        @Override
        public Length beyond(Length wall) {
            return wall.minus(play);
        }

        @Override
        public Length front(Section section, Length carrier, Length deep) {
            return section.lip();
        }

        @Override
        public Length room() {
            return play;
        }

        @Override
        public InRabbet withRoom(Length room) {
            return new InRabbet(room);
        }

        @Override
        public boolean isInRabbet() {
            return true;
        }
    }

    /**
     * Floating inside the rim, carried from behind: sight = art + 2 · gap.
     *
     * @param gap seen between the art and the rim, per side
     */
    record Floating(Length gap) implements Hold {
        @Override
        public SizeOf follows() {
            return SizeOf.SIGHT;
        }

        @Override
        public Length beyond(Length wall) {
            return gap.negate();
        }

        @Override
        public Length front(Section section, Length carrier, Length deep) {
            return carrier.minus(deep);
        }

        @Override
        public Length room() {
            return gap;
        }

        @Override
        public Floating withRoom(Length room) {
            return new Floating(room);
        }

        @Override
        public boolean isCarried() {
            return true;
        }
    }

    /**
     * A panel flush with the face, held from behind: sight = panel + 2 · play.
     *
     * @param play between the panel and the wood, per side
     */
    record Panel(Length play) implements Hold {
        @Override
        public SizeOf follows() {
            return SizeOf.SIGHT;
        }

        @Override
        public Length beyond(Length wall) {
            return play.negate();
        }

        @Override
        public Length front(Section section, Length carrier, Length deep) {
            return Length.ZERO;
        }

        @Override
        public Length room() {
            return play;
        }

        @Override
        public Panel withRoom(Length room) {
            return new Panel(room);
        }

        @Override
        public Length gap() {
            return play;
        }

        @Override
        public boolean isCarried() {
            return true;
        }
    }

    /**
     * Laid over a mirror that stays on its wall: outside = mirror + 2 · beyond.
     *
     * @param beyond how far the frame reaches past the mirror, per side
     */
    record OverMirror(Length beyond) implements Hold {
        @Override
        public SizeOf follows() {
            return SizeOf.OUTSIDE;
        }

        @Override
        public Length beyond(Length wall) {
            return beyond.negate();
        }

        @Override
        public Length front(Section section, Length carrier, Length deep) {
            return section.thickness();
        }

        @Override
        public Length room() {
            return beyond;
        }

        @Override
        public OverMirror withRoom(Length room) {
            return new OverMirror(room);
        }

        @Override
        public boolean staysUp() {
            return true;
        }
    }

    /**
     * Fabric wrapped round the frame itself: outside = what is seen.
     *
     * @param fold how far it reaches onto the back
     */
    record Wrapped(Length fold) implements Hold {
        @Override
        public SizeOf follows() {
            return SizeOf.OUTSIDE;
        }

        @Override
        public Length beyond(Length wall) {
            return Length.ZERO;
        }

        @Override
        public @Nullable Length front(Section section, Length carrier, Length deep) {
            return null;
        }

        @Override
        public Length room() {
            return fold;
        }

        @Override
        public Wrapped withRoom(Length room) {
            return new Wrapped(room);
        }
    }

    /**
     * In a groove of the frame's inner faces, put in while the frame is glued up.
     *
     * @param deep  how deep the groove is
     * @param play  between what is held and the groove's bottom, per side
     * @param front how far behind the face it starts
     */
    record InGroove(Length deep, Length play, Length front) implements Hold {
        @Override
        public SizeOf follows() {
            return SizeOf.SIGHT;
        }

        @Override
        public Length beyond(Length wall) {
            return deep.minus(play);
        }

        @Override
        public Length front(Section section, Length carrier, Length deep) {
            return front;
        }

        @Override
        public Length room() {
            return play;
        }

        @Override
        public InGroove withRoom(Length room) {
            return new InGroove(deep, room, front);
        }
    }

    /**
     * Nothing: the frame is what there is to see; its sight size or its outside is what was measured.
     *
     * @param play of one of a pair of leaves that turn in an opening: at its stiles, between the two, above and below; zero where it
     *             turns in none
     */
    record Nothing(Length play) implements Hold {

        /** Of a frame that turns in no opening. */
        public Nothing() {
            this(Length.ZERO);
        }

        @Override
        public SizeOf follows() {
            return SizeOf.SIGHT;
        }

        @Override
        public Length beyond(Length wall) {
            return Length.ZERO;
        }

        @Override
        public @Nullable Length front(Section section, Length carrier, Length deep) {
            return null;
        }

        @Override
        public Length room() {
            return play;
        }

        @Override
        public Nothing withRoom(Length room) {
            return new Nothing(room);
        }
    }
}
