package neatcorner.job;

import neatcorner.fitout.FrameSizes;
import neatcorner.fitout.SizeOf;
import neatcorner.measure.Length;

/** How a frame holds what it frames; which of its sizes follow from which depends on it. */
public sealed interface Hold {

    /**
     * In a rabbet behind the lip.
     *
     * @param play between the pack and the rabbet's wall, per side
     */
    record InRabbet(Length play) implements Hold {}

    /**
     * Floating inside the rim, carried from behind: sight = art + 2 · gap.
     *
     * @param gap seen between the art and the rim, per side
     */
    record Floating(Length gap) implements Hold {}

    /**
     * A panel flush with the face, held from behind: sight = panel + 2 · play.
     *
     * @param play between the panel and the wood, per side
     */
    record Panel(Length play) implements Hold {}

    /**
     * Laid over a mirror that stays on its wall: outside = mirror + 2 · beyond.
     *
     * @param beyond how far the frame reaches past the mirror, per side
     */
    record OverMirror(Length beyond) implements Hold {}

    /**
     * Fabric wrapped round the frame itself: outside = what is seen.
     *
     * @param fold how far it reaches onto the back
     */
    record Wrapped(Length fold) implements Hold {}

    /**
     * In a groove of the frame's inner faces, put in while the frame is glued up.
     *
     * @param deep  how deep the groove is
     * @param play  between what is held and the groove's bottom, per side
     * @param front how far behind the face it starts
     */
    record InGroove(Length deep, Length play, Length front) implements Hold {}

    /** Nothing: the frame is what there is to see; its sight size or its outside is what was measured. */
    record Nothing() implements Hold {}

    /** The edge of the frame's wood that the edge of what is held follows: the sight edge, or the outer one. */
    default SizeOf follows() {
        return switch (this) {
            case InRabbet rabbet -> SizeOf.SIGHT;
            case Floating floating -> SizeOf.SIGHT;
            case Panel panel -> SizeOf.SIGHT;
            case OverMirror mirror -> SizeOf.OUTSIDE;
            case Wrapped wrapped -> SizeOf.OUTSIDE;
            case InGroove groove -> SizeOf.SIGHT;
            case Nothing nothing -> SizeOf.SIGHT;
        };
    }

    /**
     * How far outside that edge, per side, the edge of what is held lies; negative inside it.
     *
     * @param wall how far the rabbet's wall stands outside the sight edge
     */
    default Length beyond(Length wall) {
        return switch (this) {
            case InRabbet rabbet -> wall.minus(rabbet.play);
            case Floating floating -> floating.gap.negate();
            case Panel panel -> panel.play.negate();
            case OverMirror mirror -> mirror.beyond.negate();
            case Wrapped wrapped -> Length.ZERO;
            case InGroove groove -> groove.deep.minus(groove.play);
            case Nothing nothing -> Length.ZERO;
        };
    }

    /** Where what is held lies, for sizes that follow from it. */
    default FrameSizes.Held held(Length wall) {
        return new FrameSizes.Held(follows(), beyond(wall));
    }

    /** Whether a pack lies in the rabbet, behind its lip. */
    default boolean isInRabbet() {
        return this instanceof InRabbet;
    }

    /** The one length that this way of holding has; zero where it has none. */
    default Length room() {
        return switch (this) {
            case InRabbet rabbet -> rabbet.play;
            case Floating floating -> floating.gap;
            case Panel panel -> panel.play;
            case OverMirror mirror -> mirror.beyond;
            case Wrapped wrapped -> wrapped.fold;
            case InGroove groove -> groove.play;
            case Nothing nothing -> Length.ZERO;
        };
    }

    /** The same way of holding with another such length. */
    default Hold withRoom(Length room) {
        return switch (this) {
            case InRabbet rabbet -> new InRabbet(room);
            case Floating floating -> new Floating(room);
            case Panel panel -> new Panel(room);
            case OverMirror mirror -> new OverMirror(room);
            case Wrapped wrapped -> new Wrapped(room);
            case InGroove groove -> new InGroove(groove.deep, room, groove.front);
            case Nothing nothing -> nothing;
        };
    }
}
