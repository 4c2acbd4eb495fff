package neatcorner.member;

import neatcorner.measure.Length;
import neatcorner.outline.Contours;
import neatcorner.outline.Loop;
import neatcorner.outline.Outline;
import neatcorner.section.Section;

/**
 * The ring that a member belongs to.
 *
 * @param contours its edges
 * @param outline  of the frame
 * @param topped   how much higher than that ring what stands on it makes it, so far
 * @param shoulder of the head that stands on top of all: how high its arch rises; nothing where there is none
 */
public record Ground(Contours contours, Outline outline, Section section, Length topped, Length shoulder) {

    /** Alone. */
    public Ground(Contours contours, Outline outline, Section section) {
        this(contours, outline, section, Length.ZERO, Length.ZERO);
    }

    /** With so much on top, and an arch that rises so far over that. */
    Ground with(Length more, Length rise) {
        return new Ground(contours, outline, section, topped.plus(more), rise);
    }

    /** Whether it has sides and corners alone. */
    boolean isStraight() {
        return contours.segments().isEmpty();
    }

    /** What is open behind it: inside the rabbet's wall, or inside the sight edge where it has no rabbet. */
    Loop opening() {
        return section.rabbet().isNone() ? contours.sight() : contours.rabbet();
    }

    Loop outside() {
        return contours.outside();
    }
}
