package neatcorner.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import neatcorner.drawing.Drawing;
import neatcorner.hanging.OnWall;
import neatcorner.job.Cutting;
import neatcorner.job.Defaults;
import neatcorner.job.Job;
import neatcorner.job.Preset;
import neatcorner.job.Ring;
import neatcorner.measure.Length;
import neatcorner.measure.Notation;
import neatcorner.measure.Units;
import neatcorner.plan.Plan;
import neatcorner.planner.Planner;
import neatcorner.station.fitout.FitOutFigure;
import neatcorner.station.hanging.HangingFigure;
import neatcorner.station.hanging.WallFigure;
import neatcorner.station.hanging.WallWork;
import neatcorner.stock.Rack;
import neatcorner.stock.Search;
import neatcorner.stock.Stick;
import neatcorner.stock.StickLayout;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/**
 * A floater with a strainer and a band, with sticks for all of it: what planning takes, and what of that is nesting. And a
 * wall of thirty frames: what a step of dragging one of them takes, up to the drawing.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
public class RingsBench {
    private final Job plain = Defaults.blank(Units.MILLIMETRES);
    private final Job job = stocked(rings(plain));
    private final Plan plan = Planner.plan(job);
    private final Cutting cutting = Cutting.of(job);
    private final Job thirty = thirty(plain);
    private final Notation notation = Notation.of(Units.MILLIMETRES);

    private static Job rings(Job plain) {
        List<Ring> rings = new ArrayList<>(Preset.FLOATER.of(plain, Units.MILLIMETRES).rings());
        rings.addAll(Preset.STRAINER.of(plain, Units.MILLIMETRES).rings());
        rings.addAll(Preset.BACK_BAND.of(plain, Units.MILLIMETRES).rings());
        return Preset.FLOATER.of(plain, Units.MILLIMETRES).withRings(rings);
    }

    /** A stick of everything, long enough for all its pieces. */
    private static Job stocked(Job job) {
        Rack rack = job.stock().plusStick(new Stick("frame", Length.mm(3000), 2, null, List.of()));
        for (Ring ring : job.rings()) {
            rack = rack.plusStick(new Stick(ring.name(), Length.mm(3000), 2, null, List.of(), ring.section().wood(),
                    ring.section().width(), ring.section().thickness()));
        }
        return job.withStock(rack);
    }

    private static Job thirty(Job job) {
        List<OnWall.Other> others = new ArrayList<>();
        Plan plan = Plan.of(job, () -> true);
        for (int i = 1; i < 30; i++) {
            others.add(WallWork.other(plan, "", Length.mm(200 + 120 * i)).orElseThrow()
                    .withCentre(Length.mm(900 + 17 * i)));
        }
        return job.withHanging(job.hanging().withOnWall(OnWall.usual(Units.MILLIMETRES).withOthers(others)));
    }

    @Benchmark
    public Plan ofOneRing() {
        return Planner.plan(plain);
    }

    @Benchmark
    public Plan ofFourRings() {
        return Planner.plan(job);
    }

    /** What of that is nesting. */
    @Benchmark
    public StickLayout nestingAlone() {
        return cutting.layOut(Search.PATIENT);
    }

    /** As fast as a finger moves: the frame snaps, the job is planned, the wall is drawn. */
    @Benchmark
    public Drawing draggingOneOfThirty() {
        Job moved = WallWork.dragged(thirty, 7, 13, 4, 20);
        return Drawing.of(WallFigure.of(Plan.of(moved, () -> true)), 900, 600, notation);
    }

    @Benchmark
    public Drawing theOpenBack() {
        return Drawing.of(FitOutFigure.of(plan), 900, 600, notation);
    }

    @Benchmark
    public Drawing theWall() {
        return Drawing.of(HangingFigure.of(plan), 900, 600, notation);
    }
}
