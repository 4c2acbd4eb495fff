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
                field(name, "play", OpeningTexts.RING_PLAY, LengthRange.PLAY, each -> place(each).play(),
                        (each, length) -> each.withPlace(place(each).withPlay(length)))));
        if (ring.place() instanceof Ring.Place.Against against && against.front() != null) {
            fields.add(field(name, "front", OpeningTexts.RING_FRONT, LengthRange.PLACE, each -> {
                Length front = place(each).front();
                return front == null ? Length.ZERO : front;
            }, (each, length) -> each.withPlace(place(each).withFront(length))));
        }
        return fields;
    }

    /** Throws {@link IllegalStateException} for the frame itself. */
    private static Ring.Place.Against place(Ring ring) {
        return switch (ring.place()) {
            case Ring.Place.Against against -> against;
            case Ring.Place.Frame frame -> throw new IllegalStateException("the frame is no ring of its own");
        };
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
