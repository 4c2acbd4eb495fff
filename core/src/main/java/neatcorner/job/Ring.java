package neatcorner.job;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import neatcorner.corner.Reinforcement;
import neatcorner.fitout.Screws;
import neatcorner.fitout.SizeOf;
import neatcorner.measure.Length;
import neatcorner.piece.CornerJoint;
import neatcorner.section.Section;
import org.jspecify.annotations.Nullable;

/**
 * A loop of pieces that meet at its corners. A frame is one ring, or several that are set against each other.
 *
 * @param place         what its size follows from
 * @param joint         of its corners; only rectangles have another than the miter
 * @param reinforcement what holds each corner besides glue
 * @param screws        that fasten it, along each of its sides; null for none
 */
@RecordBuilder
public record Ring(Place place, Section section, CornerJoint joint, List<Reinforcement> reinforcement,
        @Nullable Screws screws) implements RingBuilder.With {

    /** What the size of a ring follows from. */
    public sealed interface Place {
        /** From what the job measures: it is the frame itself. */
        record Frame() implements Place {}

        /**
         * From an edge of another ring: its own edge lies on that, but for the play. Throws
         * {@link IllegalArgumentException} for an edge of the art.
         *
         * @param name  of the ring, its maker's word for it, which no other ring of the job has
         * @param of    name of the ring that it is set against; empty for the frame
         * @param edge  of that one: its sight edge, its rabbet's wall or its outer edge
         * @param as    which of its own edges lies there
         * @param play  per side: an outer edge lies so far inside the other ring's, any other edge so far outside it
         * @param front how far its front lies behind the front of the frame, negative before it; null where it comes to lie by
         *              itself
         */
        @RecordBuilder
        record Against(String name, String of, SizeOf edge, SizeOf as, Length play,
                @Nullable Length front) implements RingPlaceAgainstBuilder.With, Place {

            public Against {
                if (edge == SizeOf.ART || as == SizeOf.ART) {
                    throw new IllegalArgumentException("a ring has no edge of the art's");
                }
            }

            /** Whether it lies inside the edge that it is set against, and not round it. */
            public boolean isInside() {
                return as == SizeOf.OUTSIDE;
            }
        }
    }

    public Ring {
        reinforcement = List.copyOf(reinforcement);
    }

    /** The frame itself, mitred and glued. */
    public static Ring frame(Section section) {
        return new Ring(new Place.Frame(), section, CornerJoint.MITER, List.of(), null);
    }

    /** Another ring, mitred and glued. */
    public static Ring against(Place.Against place, Section section) {
        return new Ring(place, section, CornerJoint.MITER, List.of(), null);
    }

    /** What its maker calls it; empty for the frame. */
    public String name() {
        return switch (place) {
            case Place.Frame frame -> "";
            case Place.Against against -> against.name();
        };
    }
}
