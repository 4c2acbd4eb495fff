package neatcorner.planner;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import neatcorner.job.Job;
import neatcorner.measure.Length;
import neatcorner.measure.LengthRange;
import neatcorner.measure.Units;
import neatcorner.plan.Field;
import neatcorner.plan.Plan;
import neatcorner.shop.Shop;
import neatcorner.station.Chapter;

/**
 * A job that was thought in one system, for a shop that works in the other. Either every size stays, and is only said in the
 * other system; or what the maker chose takes the nearest size that such a shop would use, while what is measured or at hand
 * stays: the art, the sticks, the saw, gaps and lengths as cut.
 */
public final class OtherSystem {
    /** Ranges of lengths that makers choose; the others are measured, or at hand. */
    private static final Set<LengthRange> CHOSEN = EnumSet.of(LengthRange.PLAY, LengthRange.ACROSS, LengthRange.LAYER,
            LengthRange.BORDER, LengthRange.ALLOWANCE, LengthRange.CUT, LengthRange.PART, LengthRange.PLACE);
    /** Fields of what is at hand or measured, and of the same border said in another way. */
    private static final List<String> STAY = List.of("stick.", "board.", "sheet.", "knot.", "rocks", "mat.even");

    private OtherSystem() {}

    /** One size that would be another. */
    public record Change(String title, Length from, Length to) {}

    /** The job with the sizes that it has. */
    public static Job saidIn(Units units, Job job) {
        return job.withUnits(units);
    }

    /** The job with the nearest sizes that a shop of that system would use. */
    public static Job nearestIn(Units units, Job job, Shop shop) {
        Plan now = plan(job.withUnits(units), shop);
        for (Field field : chosen(now)) {
            Job next = field.edit(nearest(units, field.in(now))).of(now.job(), shop);
            if (!next.equals(now.job())) {
                now = plan(next, shop);
            }
        }
        return now.job();
    }

    /** What {@link #nearestIn} would change, in the order of the work. */
    public static List<Change> changes(Units units, Job job, Shop shop) {
        Plan plan = plan(job, shop);
        Plan other = plan(nearestIn(units, job, shop), shop);
        return chosen(plan).stream()
                .map(field -> new Change(field.title(), field.in(plan), field.in(other)))
                .filter(change -> !change.from.equals(change.to)).toList();
    }

    /** In haste: where pieces lie on their sticks has no say in it. */
    private static Plan plan(Job job, Shop shop) {
        return Plan.of(job, shop, () -> true);
    }

    private static List<Field> chosen(Plan plan) {
        List<Field> fields = new ArrayList<>();
        for (Chapter chapter : Chapters.ALL) {
            for (Field field : chapter.fields(plan)) {
                if (CHOSEN.contains(field.range()) && !field.id().endsWith(".shows")
                        && STAY.stream().noneMatch(field.id()::startsWith) && !fields.contains(field)) {
                    fields.add(field);
                }
            }
        }
        return fields;
    }

    /** Coarser the longer it is, as rules are read; never nothing where there was something. Common practice. */
    static Length nearest(Units units, Length length) {
        double size = Math.abs(units == Units.INCHES ? length.toInches() : length.toMm());
        double step = units == Units.INCHES ? inchStep(size) : millimetreStep(size);
        double steps = Math.max(size == 0 ? 0 : 1, Math.round(size / step));
        return units.of(Math.copySign(steps * step, length.units()));
    }

    private static double inchStep(double inches) {
        return inches < 0.11 ? 1.0 / 64 : inches < 1 ? 1.0 / 16 : inches < 6 ? 1.0 / 8 : 1.0 / 2;
    }

    private static double millimetreStep(double mm) {
        return mm < 1 ? 0.1 : mm < 10 ? 0.5 : mm < 50 ? 1 : 5;
    }
}
