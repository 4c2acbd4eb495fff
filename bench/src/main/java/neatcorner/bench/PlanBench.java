package neatcorner.bench;

import java.util.List;
import java.util.concurrent.TimeUnit;
import neatcorner.drawing.Drawing;
import neatcorner.job.Defaults;
import neatcorner.job.Job;
import neatcorner.measure.Length;
import neatcorner.measure.Notation;
import neatcorner.measure.Units;
import neatcorner.plan.Plan;
import neatcorner.planner.Planner;
import neatcorner.station.opening.OpeningFigure;
import neatcorner.stock.Span;
import neatcorner.stock.Stick;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** One rectangle job with twelve sticks, as it is planned on each keystroke. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
public class PlanBench {
    private final Job job = twelveSticks();
    private final Plan plan = Planner.plan(job);
    private final Notation notation = Notation.of(Units.MILLIMETRES);

    private static Job twelveSticks() {
        Job blank = Defaults.blank(Units.MILLIMETRES).withQuantity(2);
        return blank.withStock(blank.stock().withSticks(List.of(
                new Stick("long", Length.mm(2400), 4, 18.5, List.of(new Span(Length.mm(310), Length.mm(350)))),
                new Stick("middle", Length.mm(1800), 4, 14.0, List.of()),
                new Stick("short", Length.mm(1200), 4, 8.0, List.of()))));
    }

    @Benchmark
    public Plan plan() {
        return Planner.plan(job);
    }

    @Benchmark
    public Drawing layOutTheDrawing() {
        return Drawing.of(OpeningFigure.of(plan), 900, 600, notation);
    }
}
