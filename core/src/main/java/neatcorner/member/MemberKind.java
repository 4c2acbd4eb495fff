package neatcorner.member;

import io.soabase.recordbuilder.core.RecordBuilder;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.section.Section;

/** What a member is, and the sizes that only such a member has. Common practice throughout. */
public sealed interface MemberKind {
    /** Trim is glued up of no more layers than this. */
    int MOST_LAYERS = 8;
    /** No frame has more bought things of a kind than this. */
    int MOST_BOUGHT = 40;

    /** What a maker calls it, in US words. */
    String title();

    /** What it is of. */
    Matter matter();

    /** Whether it is made of wood, not bought, and not a hole. */
    default boolean isWood() {
        return matter() == Matter.WOOD;
    }

    /** Whether it is sawn to a line that is not straight. */
    default boolean isSawnToALine() {
        return SettingOut.of(this).sawn();
    }

    /** Whether it goes on from outside when the frame stands, not into the frame. */
    default boolean isOutside() {
        return SettingOut.of(this).outside();
    }

    /** What a member is of. */
    enum Matter {
        WOOD,
        /** Bought. */
        METAL,
        /** A hole. */
        AIR
    }

    /**
     * Slats between the left and the right side, all cut to one stop.
     *
     * @param groove how deep they stand in a groove of each side
     * @param pitch  from one to the next
     * @param tilt   out of the frame's plane
     */
    @RecordBuilder
    record Slats(Length groove, Length pitch, Angle tilt) implements MemberKindSlatsBuilder.With, MemberKind {
        @Override
        public String title() {
            return "slats";
        }

        @Override
        public Matter matter() {
            return Matter.WOOD;
        }
    }

    /**
     * A bar across the opening: a brace where a wire pulls, a bar that takes a weight.
     *
     * @param upright whether it stands, else it lies level
     * @param at      share of the opening from the top, or from the left where it stands, 0 … 1
     * @param play    at each end
     */
    @RecordBuilder
    record Bar(boolean upright, double at, Length play) implements MemberKindBarBuilder.With, MemberKind {
        @Override
        public String title() {
            return "bar across";
        }

        @Override
        public Matter matter() {
            return Matter.WOOD;
        }
    }

    /** Triangles of plywood in the corners of the back; their legs are as long as the member is wide. */
    record Triangles() implements MemberKind {
        @Override
        public String title() {
            return "corner triangles";
        }

        @Override
        public Matter matter() {
            return Matter.WOOD;
        }
    }

    /** Blocks glued into the corners of the back, as long along both sides as the member is wide. */
    record Blocks() implements MemberKind {
        @Override
        public String title() {
            return "corner blocks";
        }

        @Override
        public Matter matter() {
            return Matter.WOOD;
        }
    }

    /** A piece on top of the frame that makes it higher by its width. */
    record Extension() implements MemberKind {
        @Override
        public String title() {
            return "extension";
        }

        @Override
        public Matter matter() {
            return Matter.WOOD;
        }
    }

    /**
     * An arched head on top, cut from one board; at its ends it is as high as the member is wide.
     *
     * @param rise of the arch over its ends
     */
    @RecordBuilder
    record Head(Length rise) implements MemberKindHeadBuilder.With, MemberKind {
        @Override
        public String title() {
            return "arched head";
        }

        @Override
        public Matter matter() {
            return Matter.WOOD;
        }
    }

    /**
     * A band along the outer edge, on the face of sides, extension and head, glued up of equal thin layers from one template.
     *
     * @param layers 1 … {@link #MOST_LAYERS}
     */
    record Trim(int layers) implements MemberKind {
        @Override
        public String title() {
            return "trim band";
        }

        @Override
        public Matter matter() {
            return Matter.WOOD;
        }
    }

    /**
     * A face cut from one sheet before the frame, its outer edge scalloped. The member's width is of no matter.
     *
     * @param cover  how far it reaches inside the opening
     * @param beyond how far it is wished to reach past the outside, to where two arcs meet
     * @param repeat wished from one such place to the next
     * @param wave   how far an arc rises over the line between them
     */
    @RecordBuilder
    record Face(Length cover, Length beyond, Length repeat,
            Length wave) implements MemberKindFaceBuilder.With, MemberKind {
        @Override
        public String title() {
            return "scalloped face";
        }

        @Override
        public Matter matter() {
            return Matter.WOOD;
        }
    }

    /**
     * Things bought and screwed on; the member's width is their length along the wood.
     *
     * @param count 1 … {@link #MOST_BOUGHT}
     */
    record Bought(Fitting fitting, int count) implements MemberKind {
        @Override
        public String title() {
            return fitting.title();
        }

        @Override
        public Matter matter() {
            return Matter.METAL;
        }
    }

    /**
     * Round holes in the top and the bottom side that air goes through; the member's width is their diameter.
     *
     * @param watts given off inside; each side has 10 cm² for every 10 W (from memory)
     * @param slot  how long one is from end to end; no longer than it is wide for a round hole
     */
    record Vents(double watts, Length slot) implements MemberKind {
        private static final double MM2_PER_WATT = 100;

        /** Round holes. */
        public Vents(double watts) {
            this(watts, Length.ZERO);
        }

        /** How much of a side's depth they can lead through: all of it, or what is behind its lip. */
        public static Length deep(Section section) {
            return section.rabbet().isNone() ? section.thickness() : section.rabbet().depth();
        }

        /** Of one that is so wide, rounded at its ends, mm. */
        double length(Length width) {
            return Length.max(slot, width).toMm();
        }

        @Override
        public String title() {
            return "vents";
        }

        @Override
        public Matter matter() {
            return Matter.AIR;
        }

        /** What the heat wants in one side, mm². */
        public double area() {
            return watts * MM2_PER_WATT;
        }

        /** How many so wide one side needs, at least one. */
        public int holes(Length width) {
            double w = width.toMm();
            double one = Math.PI / 4 * w * w + (length(width) - w) * w;
            return (int) Math.max(1, Math.ceil(area() / one - 1e-9));
        }
    }

    /** What is bought. */
    enum Fitting {
        /** Along the left side. */
        HINGES("hinges"),
        /** Along the left and the right side, to press what is inside against the front. */
        BRACKETS("brackets");

        private final String title;

        Fitting(String title) {
            this.title = title;
        }

        /** What a maker calls them, in US words. */
        public String title() {
            return title;
        }
    }
}
