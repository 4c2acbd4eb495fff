package neatcorner.station.hanging;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.UnaryOperator;
import neatcorner.hanging.Arrangement;
import neatcorner.hanging.Hanging;
import neatcorner.hanging.Hook;
import neatcorner.hanging.HungFrame;
import neatcorner.hanging.OnWall;
import neatcorner.job.Job;
import neatcorner.measure.Length;
import neatcorner.plan.Plan;

/**
 * All frames of a wall where they hang, the job's own first.
 *
 * @param names of the frames, by their makers
 */
public record WallWork(OnWall wall, List<HungFrame> frames, List<String> names, List<Spot> hooks) {

    /**
     * A hook on the wall.
     *
     * @param frame  which of the frames hangs on it
     * @param from   the left corner of the wall
     * @param height above the floor
     */
    public record Spot(int frame, Length from, Length height) {}

    public WallWork {
        frames = List.copyOf(frames);
        names = List.copyOf(names);
        hooks = List.copyOf(hooks);
    }

    /** Of a plan; empty where there is no frame, or no wall was spoken of. */
    public static Optional<WallWork> of(Plan plan) {
        OnWall wall = plan.job().hanging().onWall();
        return wall == null ? Optional.empty() : HangingWork.of(plan).map(work -> of(plan.job(), wall, work));
    }

    private static WallWork of(Job job, OnWall wall, HangingWork work) {
        Hanging hanging = job.hanging();
        List<HungFrame> frames = new ArrayList<>();
        List<String> names = new ArrayList<>();
        List<Spot> hooks = new ArrayList<>();
        frames.add(new HungFrame(work.width().toMm(), work.height().toMm(), wall.from().toMm(),
                hanging.centre().toMm()));
        names.add(job.title());
        for (Hook hook : work.hooks()) {
            hooks.add(new Spot(0, wall.from().plus(hook.from()), hook.height()));
        }
        for (OnWall.Other other : wall.others()) {
            frames.add(new HungFrame(other.width().toMm(), other.height().toMm(), other.from().toMm(),
                    other.centre().toMm()));
            names.add(other.name());
            Length top = other.centre().plus(other.height().scaled(0.5));
            for (OnWall.HungBy hook : other.hooks()) {
                hooks.add(new Spot(frames.size() - 1, other.from().plus(hook.right()), top.minus(hook.down())));
            }
        }
        hooks.sort(Comparator.comparing(Spot::from));
        return new WallWork(wall, frames, names, hooks);
    }

    /** A frame of a plan as another's wall knows it, its middle at a place of that wall. */
    public static Optional<OnWall.Other> other(Plan plan, String file, Length from) {
        return HangingWork.of(plan).map(work -> {
            Length top = work.top(plan.job());
            return new OnWall.Other(plan.job().title(), file, work.width(), work.height(), from,
                    plan.job().hanging().centre(), work.hooks().stream()
                            .map(hook -> new OnWall.HungBy(hook.from(), top.minus(hook.height()))).toList());
        });
    }

    /** The job with the frames of its wall set out in another way; as it is where there is no wall. */
    public static Job arranged(Job job, UnaryOperator<List<HungFrame>> way) {
        OnWall wall = job.hanging().onWall();
        if (wall == null) {
            return job;
        }
        return of(quick(job)).map(work -> with(job, wall, work.frames, way.apply(work.frames))).orElse(job);
    }

    private static Plan quick(Job job) {
        return Plan.of(job.withStock(job.stock().withSticks(List.of())), () -> true);
    }

    /** What stays where it is keeps its length to the last unit. */
    private static Job with(Job job, OnWall wall, List<HungFrame> before, List<HungFrame> frames) {
        List<OnWall.Other> others = new ArrayList<>();
        for (int i = 1; i < frames.size(); i++) {
            OnWall.Other other = wall.others().get(i - 1);
            others.add(other.withFrom(moved(other.from(), before.get(i).x(), frames.get(i).x()))
                    .withCentre(moved(other.centre(), before.get(i).y(), frames.get(i).y())));
        }
        return job.withHanging(job.hanging()
                .withCentre(moved(job.hanging().centre(), before.getFirst().y(), frames.getFirst().y()))
                .withOnWall(wall.withFrom(moved(wall.from(), before.getFirst().x(), frames.getFirst().x()))
                        .withOthers(others)));
    }

    private static Length moved(Length now, double before, double after) {
        return before == after ? now : Length.mm(after);
    }

    /** The job with one of its frames dragged by so much, to where it snaps. */
    public static Job dragged(Job job, int frame, double right, double up, double reach) {
        OnWall wall = Objects.requireNonNullElseGet(job.hanging().onWall(), () -> OnWall.usual(job.units()));
        return arranged(job, frames -> {
            if (frame < 0 || frame >= frames.size()) {
                return frames;
            }
            HungFrame now = frames.get(frame);
            List<HungFrame> moved = new ArrayList<>(frames);
            moved.set(frame, Arrangement.snapped(frames, frame, now.at(now.x() + right, now.y() + up),
                    wall.width().toMm(), wall.gap().toMm(), reach));
            return moved;
        });
    }
}
