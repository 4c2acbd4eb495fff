package neatcorner.job;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import neatcorner.corner.Reinforcement;
import neatcorner.piece.CornerJoint;
import neatcorner.section.Section;

/**
 * What a loop of pieces is made of and how they meet: the frame itself, or a ring that is set against it. Its size and place are
 * said elsewhere, and so are face widths, which belong to the sides of the frame's outline.
 *
 * @param section       of all its pieces: their wood, edges, rabbet, and what mills them
 * @param joint         of its corners; only rectangles have another than the miter
 * @param reinforcement what holds each corner besides glue
 */
@RecordBuilder
public record Make(Section section, CornerJoint joint, List<Reinforcement> reinforcement) implements MakeBuilder.With {

    public Make {
        reinforcement = List.copyOf(reinforcement);
    }

    /** Mitred and glued. */
    public static Make mitred(Section section) {
        return new Make(section, CornerJoint.MITER, List.of());
    }
}
