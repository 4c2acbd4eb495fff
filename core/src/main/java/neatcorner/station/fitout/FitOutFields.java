package neatcorner.station.fitout;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import neatcorner.fitout.CutSizes;
import neatcorner.fitout.Layer;
import neatcorner.fitout.Retainers;
import neatcorner.fitout.Screws;
import neatcorner.fitout.Spacing;
import neatcorner.job.Job;
import neatcorner.measure.Length;
import neatcorner.measure.LengthRange;
import neatcorner.plan.Edit;
import neatcorner.plan.Field;
import neatcorner.plan.FrameFields;
import neatcorner.plan.Plan;

/** Lengths that are typed at the open back. */
public final class FitOutFields {
    /** Of a point, a nail, or the screw of a clip. */
    public static final Field LENGTH = retainers("retainer.length", FitOutTexts.LENGTH_OF_RETAINERS, LengthRange.PART,
            Retainers::length, Retainers::withLength);
    /** The outermost retainer from the corner. */
    public static final Field FIRST = retainers("retainer.first", FitOutTexts.FIRST_FROM_CORNER, LengthRange.ALLOWANCE,
            kept -> kept.spacing().first(),
            (kept, length) -> kept.withSpacing(new Spacing(length, kept.spacing().most())));
    /** The longest space between two. */
    public static final Field MOST = retainers("retainer.most", FitOutTexts.MOST_APART, LengthRange.ALLOWANCE,
            kept -> kept.spacing().most(),
            (kept, length) -> kept.withSpacing(new Spacing(kept.spacing().first(), length)));

    /** Width of a glass that one has: the frame follows it. */
    public static final Field GLASS_WIDTH = glass("glass.width", FitOutTexts.GLASS_WIDTH, true);
    /** Height of a glass that one has: the frame follows it. */
    public static final Field GLASS_HEIGHT = glass("glass.height", FitOutTexts.GLASS_HEIGHT, false);

    private FitOutFields() {}

    /** The rabbet is as much larger than the glass as glass is cut under it. */
    private static Field glass(String id, String title, boolean across) {
        Field opening = across ? FrameFields.OPENING_WIDTH : FrameFields.OPENING_HEIGHT;
        return new Field(id, title, LengthRange.FRAME, plan -> glazing(plan)
                .map(cut -> across ? cut.size().width() : cut.size().height()).orElse(Length.ZERO),
                length -> Edit.jobIn((job, shop) -> job.hold().isInRabbet()
                        ? opening.edit(length.plus(CutSizes.under(job.units()))).of(job, shop)
                        : job));
    }

    private static Optional<FitOutWork.Cut> glazing(Plan plan) {
        return FitOutWork.of(plan).cuts().stream().filter(cut -> cut.layer() instanceof Layer.Glazing).findFirst();
    }

    private static Field retainers(String id, String title, LengthRange range, Function<Retainers, Length> get,
            BiFunction<Retainers, Length, Retainers> set) {
        return new Field(id, title, range, plan -> get.apply(plan.job().fitOut().retainers()),
                (job, length) -> job.withFitOut(
                        job.fitOut().withRetainers(set.apply(job.fitOut().retainers(), length))));
    }

    /** Length of the screws of the ring of that name. */
    public static Field screwLength(String ring) {
        return screws(ring, "length", FitOutTexts.SCREW_LENGTH_OF, LengthRange.PART, Screws::length,
                Screws::withLength);
    }

    /** The outermost screw of a ring from the end of its side; 0 for equal spaces all along. */
    public static Field firstScrew(String ring) {
        return screws(ring, "first", FitOutTexts.FIRST_SCREW_FROM_END, LengthRange.ALLOWANCE,
                screws -> screws.spacing().first(),
                (screws, length) -> screws.withSpacing(new Spacing(length, screws.spacing().most())));
    }

    /** The longest space between two screws of a ring. */
    public static Field mostScrews(String ring) {
        return screws(ring, "most", FitOutTexts.SCREWS_MOST_APART, LengthRange.ALLOWANCE,
                screws -> screws.spacing().most(),
                (screws, length) -> screws.withSpacing(new Spacing(screws.spacing().first(), length)));
    }

    private static Field screws(String ring, String what, String title, LengthRange range,
            Function<Screws, Length> get, BiFunction<Screws, Length, Screws> set) {
        return new Field("screws." + ring + "." + what, title, range,
                plan -> get.apply(Objects.requireNonNull(Objects.requireNonNull(plan.job().ring(ring)).screws())),
                (job, length) -> withScrews(job, ring, screws -> set.apply(screws, length)));
    }

    /** A job with the screws of a ring changed; as it is where that has none. */
    static Job withScrews(Job job, String ring, UnaryOperator<Screws> change) {
        return job.withRing(ring, each -> {
            Screws screws = each.screws();
            return screws == null ? each : each.withScrews(change.apply(screws));
        });
    }

    /** Those that this plan has. */
    static List<Field> all(Plan plan) {
        List<Field> fields = new ArrayList<>();
        if (plan.job().hold().isInRabbet()) {
            fields.addAll(List.of(LENGTH, FIRST, MOST));
            if (glazing(plan).isPresent()) {
                fields.addAll(List.of(GLASS_WIDTH, GLASS_HEIGHT));
            }
        }
        plan.job().rings().stream().filter(ring -> ring.screws() != null).forEach(ring -> fields
                .addAll(List.of(screwLength(ring.name()), firstScrew(ring.name()), mostScrews(ring.name()))));
        return fields;
    }
}
