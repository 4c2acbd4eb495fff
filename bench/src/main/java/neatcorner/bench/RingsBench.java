package neatcorner.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import neatcorner.drawing.Drawing;
import neatcorner.job.Defaults;
import neatcorner.job.Job;
import neatcorner.job.Preset;
import neatcorner.job.Ring;
import neatcorner.measure.Notation;
import neatcorner.measure.Units;
import neatcorner.plan.Plan;
import neatcorner.planner.Planner;
import neatcorner.station.fitout.FitOutFigure;
import neatcorner.station.hanging.HangingFigure;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** A floater with a strainer and a band, without wood on the rack: what planning takes beside nesting. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
public class RingsBench {
    private final Job plain = Defaults.blank(Units.MILLIMETRES);
    private final Job job = rings(plain);
    private final Plan plan = Planner.plan(job);
    private final Notation notation = Notation.of(Units.MILLIMETRES);

    private static Job rings(Job plain) {
        List<Ring> rings = new ArrayList<>(Preset.FLOATER.of(plain, Units.MILLIMETRES).rings());
        rings.addAll(Preset.STRAINER.of(plain, Units.MILLIMETRES).rings());
        rings.addAll(Preset.BACK_BAND.of(plain, Units.MILLIMETRES).rings());
        return Preset.FLOATER.of(plain, Units.MILLIMETRES).withRings(rings);
    }

    @Benchmark
    public Plan ofOneRing() {
        return Planner.plan(plain);
    }

    @Benchmark
    public Plan ofFourRings() {
        return Planner.plan(job);
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
