package neatcorner.station.opening;

import java.util.ArrayList;
import java.util.List;
import neatcorner.job.Job;
import neatcorner.job.Ring;
import neatcorner.measure.Length;
import neatcorner.measure.LengthRange;
import neatcorner.measure.Theirs;
import neatcorner.plan.Field;
import neatcorner.plan.Lens;
import neatcorner.section.Section;

/** The lengths that a ring has, by its name. */
public final class RingFields {
    private RingFields() {}

    /** Those of one ring that is set against another. */
    public static List<Field> of(Ring ring) {
        String name = ring.name();
        Lens<Job, Ring> here = Lens.job(job -> job.ring(name), (job, changed) -> job.withRing(name, was -> changed));
        Lens<Job, Section> section = here.to(Ring::section, Ring::withSection);
        Lens<Job, Ring.Place> place = here.to(Ring::place, Ring::withPlace);
        List<Field> fields = new ArrayList<>(List.of(
                field(name, "width", OpeningTexts.MEMBER_WIDTH, LengthRange.ACROSS,
                        section.to(Section::width, Section::withWidth)),
                field(name, "thickness", OpeningTexts.MEMBER_THICKNESS, LengthRange.ACROSS,
                        section.to(Section::thickness, Section::withThickness)),
                field(name, "play", OpeningTexts.RING_PLAY, LengthRange.PLAY,
                        place.to(Ring.Place::play, Ring.Place::withPlay))));
        if (ring.place().front() != null) {
            fields.add(field(name, "front", OpeningTexts.RING_FRONT, LengthRange.PLACE,
                    place.to(Ring.Place::front, Ring.Place::withFront)));
        }
        return fields;
    }

    private static Field field(String name, String id, String title, LengthRange range, Lens<Job, Length> place) {
        return new Field("ring." + id + "." + name, OpeningTexts.OF_A_PART.formatted(Theirs.words(name), title), range,
                place);
    }
}
