package neatcorner.station.hanging;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import neatcorner.hanging.Depth;
import neatcorner.hanging.Hanging;
import neatcorner.hanging.OnWall;
import neatcorner.job.Job;
import neatcorner.measure.Length;
import neatcorner.measure.LengthRange;
import neatcorner.plan.Field;
import neatcorner.plan.Lens;
import neatcorner.plan.Plan;

/** Lengths that are typed on the wall. */
public final class HangingFields {
    private static final Lens<Job, Hanging> HANGING = Lens.job(Job::hanging, Job::withHanging);
    private static final Lens<Job, OnWall> WALL = HANGING.to(Hanging::onWall, Hanging::withOnWall);
    private static final Lens<Job, OnWall.Studs> STUDS = WALL.to(HangingFields::studs, OnWall::withStuds);

    /** Of the frame, from the floor. */
    public static final Field CENTER = field("hanging.center", HangingTexts.CENTER_ABOVE_THE_FLOOR,
            HANGING.to(Hanging::centre, Hanging::withCentre));
    /** From hook to hook. */
    public static final Field APART = field("hanging.apart", HangingTexts.HOOKS_APART,
            HANGING.to(Hanging::apart, Hanging::withApart));
    /** How high the wall is. */
    public static final Field CEILING = field("hanging.ceiling", HangingTexts.CEILING,
            HANGING.to(Hanging::ceiling, Hanging::withCeiling));
    /** How high what stands below it is. */
    public static final Field FURNITURE = field("hanging.furniture", HangingTexts.FURNITURE,
            HANGING.to(hanging -> Objects.requireNonNullElse(hanging.furniture(), Length.ZERO),
                    (hanging, length) -> hanging.withFurniture(length.isPositive() ? length : null)));
    /** How far down the rings are. */
    public static final Field RINGS = new Field("hanging.rings", HangingTexts.RINGS_FROM_THE_TOP,
            LengthRange.ALLOWANCE,
            plan -> HangingWork.of(plan).map(work -> plan.job().hanging().rings().in(work.height()))
                    .orElse(Length.ZERO),
            (job, length) -> job.withHanging(job.hanging().withRings(new Depth.Fixed(length))));

    /** Of the frame's own middle. */
    public static final Field FROM = field("wall.from", HangingTexts.FROM_THE_LEFT,
            WALL.to(OnWall::from, OnWall::withFrom));
    /** Of the whole wall. */
    public static final Field WALL_WIDTH = field("wall.width", HangingTexts.WALL_WIDTH,
            WALL.to(OnWall::width, OnWall::withWidth));
    /** That is wished between frames. */
    public static final Field GAP = field("wall.gap", HangingTexts.WISHED_GAP, WALL.to(OnWall::gap, OnWall::withGap));
    /** Of the first stud. */
    public static final Field FIRST_STUD = field("wall.stud", HangingTexts.FIRST_STUD,
            STUDS.to(OnWall.Studs::first, (studs, length) -> new OnWall.Studs(length, studs.apart())));
    /** From stud to stud. */
    public static final Field STUDS_APART = field("wall.studs", HangingTexts.STUDS_APART,
            STUDS.to(OnWall.Studs::apart, (studs, length) -> new OnWall.Studs(studs.first(), length)));

    private HangingFields() {}

    /** How wide one of the other frames of the wall is. */
    public static Field otherWidth(int index) {
        return field("wall.other.width." + index, HangingTexts.OTHER_WIDTH, others(index).to(OnWall.Other::width,
                (other, length) -> other.withWidth(LengthRange.FRAME.nearest(length))));
    }

    /** How high one of the other frames of the wall is. */
    public static Field otherHeight(int index) {
        return field("wall.other.height." + index, HangingTexts.OTHER_HEIGHT, others(index).to(OnWall.Other::height,
                (other, length) -> other.withHeight(LengthRange.FRAME.nearest(length))));
    }

    private static OnWall.Studs studs(OnWall wall) {
        return Objects.requireNonNullElse(wall.studs(), new OnWall.Studs(Length.ZERO, Length.ZERO));
    }

    private static Lens<Job, OnWall.Other> others(int index) {
        return Lens.at(WALL.to(OnWall::others, OnWall::withOthers), index);
    }

    private static Field field(String id, String title, Lens<Job, Length> place) {
        return new Field(id, title, LengthRange.ALLOWANCE, place);
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
