package neatcorner.job;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import neatcorner.corner.Reinforcement;
import neatcorner.piece.CornerJoint;
import neatcorner.section.Section;

/**
 * A loop of pieces that meet at its corners. A frame is one ring, or several that are set against each other.
 *
 * @param place         what its size follows from
 * @param joint         of its corners; only rectangles have another than the miter
 * @param reinforcement what holds each corner besides glue
 */
@RecordBuilder
public record Ring(Place place, Section section, CornerJoint joint, List<Reinforcement> reinforcement)
        implements
            RingBuilder.With {

    /** What the size of a ring follows from. */
    public sealed interface Place {
        /** From what the job measures: it is the frame itself. */
        record Frame() implements Place {}
    }

    public Ring {
        reinforcement = List.copyOf(reinforcement);
    }

    /** The frame itself, mitred and glued. */
    public static Ring frame(Section section) {
        return new Ring(new Place.Frame(), section, CornerJoint.MITER, List.of());
    }
}
