package neatcorner.station.hanging;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.function.BiFunction;
import java.util.function.Function;
import neatcorner.hanging.Depth;
import neatcorner.hanging.Hanging;
import neatcorner.hanging.OnWall;
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

    /** Of the frame's own middle. */
    public static final Field FROM = onWall("wall.from", HangingTexts.FROM_THE_LEFT, OnWall::from, OnWall::withFrom);
    /** Of the whole wall. */
    public static final Field WALL_WIDTH = onWall("wall.width", HangingTexts.WALL_WIDTH, OnWall::width,
            OnWall::withWidth);
    /** That is wished between frames. */
    public static final Field GAP = onWall("wall.gap", HangingTexts.WISHED_GAP, OnWall::gap, OnWall::withGap);
    /** Of the first stud. */
    public static final Field FIRST_STUD = onWall("wall.stud", HangingTexts.FIRST_STUD, wall -> studs(wall).first(),
            (wall, length) -> wall.withStuds(new OnWall.Studs(length, studs(wall).apart())));
    /** From stud to stud. */
    public static final Field STUDS_APART = onWall("wall.studs", HangingTexts.STUDS_APART,
            wall -> studs(wall).apart(),
            (wall, length) -> wall.withStuds(new OnWall.Studs(studs(wall).first(), length)));

    private HangingFields() {}

    /** How wide one of the other frames of the wall is. */
    public static Field otherWidth(int index) {
        return other("wall.other.width." + index, HangingTexts.OTHER_WIDTH, index, OnWall.Other::width,
                OnWall.Other::withWidth);
    }

    /** How high one of the other frames of the wall is. */
    public static Field otherHeight(int index) {
        return other("wall.other.height." + index, HangingTexts.OTHER_HEIGHT, index, OnWall.Other::height,
                OnWall.Other::withHeight);
    }

    private static OnWall.Studs studs(OnWall wall) {
        return Objects.requireNonNullElse(wall.studs(), new OnWall.Studs(Length.ZERO, Length.ZERO));
    }

    private static Field other(String id, String title, int index, Function<OnWall.Other, Length> get,
            BiFunction<OnWall.Other, Length, OnWall.Other> set) {
        return onWall(id, title, wall -> index < wall.others().size()
                ? get.apply(wall.others().get(index))
                : Length.ZERO, (wall, length) -> {
                    List<OnWall.Other> others = new ArrayList<>(wall.others());
                    if (index < others.size()) {
                        others.set(index, set.apply(others.get(index), LengthRange.FRAME.nearest(length)));
                    }
                    return wall.withOthers(others);
                });
    }

    private static Field onWall(String id, String title, Function<OnWall, Length> get,
            BiFunction<OnWall, Length, OnWall> set) {
        return new Field(id, title, LengthRange.ALLOWANCE, plan -> {
            OnWall wall = plan.job().hanging().onWall();
            return wall == null ? Length.ZERO : get.apply(wall);
        }, (job, length) -> {
            OnWall wall = job.hanging().onWall();
            return wall == null
                    ? job
                    : job.withHanging(job.hanging().withOnWall(set.apply(wall, length)));
        });
    }

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
        OnWall wall = hanging.onWall();
        if (wall != null) {
            fields.addAll(List.of(FROM, WALL_WIDTH, GAP));
        }
        return fields;
    }
}
