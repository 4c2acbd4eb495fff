package neatcorner.station.hanging;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.function.BiFunction;
import java.util.function.Function;
import neatcorner.hanging.Depth;
import neatcorner.hanging.Hanging;
import neatcorner.measure.Length;
import neatcorner.measure.LengthRange;
import neatcorner.plan.Field;
import neatcorner.plan.Plan;

/** Lengths that are typed on the wall. */
public final class HangingFields {
    /** Of the frame, from the floor. */
    public static final Field CENTER = field("hanging.center", HangingTexts.CENTER_ABOVE_THE_FLOOR, Hanging::centre,
            Hanging::withCentre);
    /** From hook to hook. */
    public static final Field APART = field("hanging.apart", HangingTexts.HOOKS_APART, Hanging::apart,
            Hanging::withApart);
    /** How high the wall is. */
    public static final Field CEILING = field("hanging.ceiling", HangingTexts.CEILING, Hanging::ceiling,
            Hanging::withCeiling);
    /** How high what stands below it is. */
    public static final Field FURNITURE = field("hanging.furniture", HangingTexts.FURNITURE,
            hanging -> Objects.requireNonNullElse(hanging.furniture(), Length.ZERO),
            (hanging, length) -> hanging.withFurniture(length.isPositive() ? length : null));
    /** How far down the rings are. */
    public static final Field RINGS = new Field("hanging.rings", HangingTexts.RINGS_FROM_THE_TOP,
            LengthRange.ALLOWANCE,
            plan -> HangingWork.of(plan).map(work -> plan.job().hanging().rings().in(work.height()))
                    .orElse(Length.ZERO),
            (job, length) -> job.withHanging(job.hanging().withRings(new Depth.Fixed(length))));

    private HangingFields() {}

    private static Field field(String id, String title, Function<Hanging, Length> get,
            BiFunction<Hanging, Length, Hanging> set) {
        return new Field(id, title, LengthRange.ALLOWANCE, plan -> get.apply(plan.job().hanging()),
                (job, length) -> job.withHanging(set.apply(job.hanging(), length)));
    }

    /** Those that this plan has. */
    static List<Field> all(Plan plan) {
        Hanging hanging = plan.job().hanging();
        List<Field> fields = new ArrayList<>();
        if (hanging.by().isOnWall()) {
            fields.addAll(List.of(CENTER, CEILING));
        }
        if (hanging.by().hasRings()) {
            fields.add(RINGS);
        }
        if (hanging.by().isSetApart() && hanging.hooks() > 1) {
            fields.add(APART);
        }
        if (hanging.furniture() != null) {
            fields.add(FURNITURE);
        }
        return fields;
    }
}
