package neatcorner.member;

import io.soabase.recordbuilder.core.RecordBuilder;
import neatcorner.measure.Length;
import neatcorner.section.Rabbet;
import neatcorner.section.Section;
import neatcorner.wood.Species;

/**
 * Things alike that belong to a frame and are no ring of it.
 *
 * @param name      its maker's word for it, which no other member and no ring of the job has
 * @param of        name of the ring that it belongs to; empty for the frame
 * @param wood      that it is of; of no matter where it is bought
 * @param width     as it is seen from the front: of a bar, a slat, a leg of a triangle, a hole
 * @param thickness from front to back, all layers together
 */
@RecordBuilder
public record Member(String name, String of, MemberKind kind, Species wood, Length width,
        Length thickness) implements MemberBuilder.With {

    /** What its straight pieces are cut from, square across: one layer of it. */
    public Section stick() {
        Length layer = kind instanceof MemberKind.Trim trim ? thickness.scaled(1.0 / trim.layers()) : thickness;
        return new Section(wood, width, layer, Rabbet.NONE);
    }
}
