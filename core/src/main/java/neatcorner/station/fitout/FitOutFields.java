package neatcorner.station.fitout;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import neatcorner.fitout.FitOut;
import neatcorner.fitout.Layer;
import neatcorner.fitout.Retainers;
import neatcorner.fitout.Screws;
import neatcorner.fitout.Spacing;
import neatcorner.job.Job;
import neatcorner.job.Ring;
import neatcorner.measure.Length;
import neatcorner.measure.LengthRange;
import neatcorner.plan.Edit;
import neatcorner.plan.Field;
import neatcorner.plan.FrameFields;
import neatcorner.plan.Lens;
import neatcorner.plan.Plan;

/** Lengths that are typed at the open back. */
public final class FitOutFields {
    private static final Lens<Job, Retainers> RETAINERS = Lens.job(Job::fitOut, Job::withFitOut)
            .to(FitOut::retainers, FitOut::withRetainers);
    private static final Lens<Job, Spacing> SPACING = RETAINERS.to(Retainers::spacing, Retainers::withSpacing);

    /** Of a point, a nail, or the screw of a clip. */
    public static final Field LENGTH = new Field("retainer.length", FitOutTexts.LENGTH_OF_RETAINERS, LengthRange.PART,
            RETAINERS.to(Retainers::length, Retainers::withLength));
    /** The outermost retainer from the corner. */
    public static final Field FIRST = new Field("retainer.first", FitOutTexts.FIRST_FROM_CORNER, LengthRange.ALLOWANCE,
            first(SPACING));
    /** The longest space between two. */
    public static final Field MOST = new Field("retainer.most", FitOutTexts.MOST_APART, LengthRange.ALLOWANCE,
            most(SPACING));

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
                        ? opening.edit(length.plus(job.cutUnder())).of(job, shop)
                        : job));
    }

    private static Optional<FitOutWork.Cut> glazing(Plan plan) {
        return FitOutWork.of(plan).cuts().stream().filter(cut -> cut.layer() instanceof Layer.Glazing).findFirst();
    }

    private static Lens<Job, Length> first(Lens<Job, Spacing> spacing) {
        return spacing.to(Spacing::first, (spaces, length) -> new Spacing(length, spaces.most()));
    }

    private static Lens<Job, Length> most(Lens<Job, Spacing> spacing) {
        return spacing.to(Spacing::most, (spaces, length) -> new Spacing(spaces.first(), length));
    }

    /** The screws of the ring of a name, where it has any. */
    static Lens<Job, Screws> screws(String ring) {
        return Lens.<Ring>job(job -> job.ring(ring), (job, changed) -> job.withRing(ring, was -> changed))
                .to(Ring::screws, Ring::withScrews);
    }

    /** Length of the screws of the ring of that name. */
    public static Field screwLength(String ring) {
        return new Field("screws." + ring + ".length", FitOutTexts.SCREW_LENGTH_OF, LengthRange.PART,
                screws(ring).to(Screws::length, Screws::withLength));
    }

    /** The outermost screw of a ring from the end of its side; 0 for equal spaces all along. */
    public static Field firstScrew(String ring) {
        return new Field("screws." + ring + ".first", FitOutTexts.FIRST_SCREW_FROM_END, LengthRange.ALLOWANCE,
                first(screws(ring).to(Screws::spacing, Screws::withSpacing)));
    }

    /** The longest space between two screws of a ring. */
    public static Field mostScrews(String ring) {
        return new Field("screws." + ring + ".most", FitOutTexts.SCREWS_MOST_APART, LengthRange.ALLOWANCE,
                most(screws(ring).to(Screws::spacing, Screws::withSpacing)));
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
