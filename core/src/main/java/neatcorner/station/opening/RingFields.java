package neatcorner.station.opening;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BiFunction;
import java.util.function.Function;
import neatcorner.job.Ring;
import neatcorner.measure.Length;
import neatcorner.measure.LengthRange;
import neatcorner.measure.Theirs;
import neatcorner.plan.Field;

/** The lengths that a ring has, by its name. */
public final class RingFields {
    private RingFields() {}

    /** Those of one ring that is set against another. */
    public static List<Field> of(Ring ring) {
        String name = ring.name();
        List<Field> fields = new ArrayList<>(List.of(
                field(name, "width", OpeningTexts.MEMBER_WIDTH, LengthRange.ACROSS, each -> each.section().width(),
                        (each, length) -> each.withSection(each.section().withWidth(length))),
                field(name, "thickness", OpeningTexts.MEMBER_THICKNESS, LengthRange.ACROSS,
                        each -> each.section().thickness(),
                        (each, length) -> each.withSection(each.section().withThickness(length))),
                field(name, "play", OpeningTexts.RING_PLAY, LengthRange.PLAY, each -> each.place().play(),
                        (each, length) -> each.withPlace(each.place().withPlay(length)))));
        if (ring.place().front() != null) {
            fields.add(field(name, "front", OpeningTexts.RING_FRONT, LengthRange.PLACE, each -> {
                Length front = each.place().front();
                return front == null ? Length.ZERO : front;
            }, (each, length) -> each.withPlace(each.place().withFront(length))));
        }
        return fields;
    }

    private static Field field(String name, String id, String title, LengthRange range, Function<Ring, Length> get,
            BiFunction<Ring, Length, Ring> set) {
        return new Field("ring." + id + "." + name, OpeningTexts.OF_A_PART.formatted(Theirs.words(name), title), range,
                plan -> {
                    Ring ring = plan.job().ring(name);
                    return ring == null ? Length.ZERO : get.apply(ring);
                }, (job, length) -> job.withRing(name, ring -> set.apply(ring, length)));
    }
}
