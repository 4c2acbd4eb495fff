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
 * A loop of pieces that is set against the frame, or against another ring.
 *
 * @param place  what its size follows from, and what it is called
 * @param make  what it is made of
 * @param screws that fasten it, along each of its sides; null for none
 */
@RecordBuilder
public record Ring(Place place, Make make, @Nullable Screws screws) implements RingBuilder.With {

    /**
     * An edge of another ring, on which an edge of its own lies, but for the play. Throws {@link IllegalArgumentException} for an
     * edge of the art.
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
    public record Place(String name, String of, SizeOf edge, SizeOf as, Length play,
            @Nullable Length front) implements RingPlaceBuilder.With {

        public Place {
            if (edge == SizeOf.ART || as == SizeOf.ART) {
                throw new IllegalArgumentException("a ring has no edge of the art's");
            }
        }

        /** Whether it lies inside the edge that it is set against, and not round it. */
        public boolean isInside() {
            return as == SizeOf.OUTSIDE;
        }
    }

    /** Mitred and glued. */
    public Ring(Place place, Section section) {
        this(place, Make.mitred(section), null);
    }

    /** What its maker calls it. */
    public String name() {
        return place.name();
    }

    /** Of its pieces. */
    public Section section() {
        return make.section();
    }

    /** Of its corners. */
    public CornerJoint joint() {
        return make.joint();
    }

    /** What holds each of its corners besides glue. */
    public List<Reinforcement> reinforcement() {
        return make.reinforcement();
    }

    /** With another section. */
    public Ring withSection(Section section) {
        return withMake(make.withSection(section));
    }

    /** With its corners joined in another way. */
    public Ring withJoint(CornerJoint joint) {
        return withMake(make.withJoint(joint));
    }

    /** With its corners held by something else. */
    public Ring withReinforcement(List<Reinforcement> all) {
        return withMake(make.withReinforcement(all));
    }
}
