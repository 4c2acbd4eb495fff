package neatcorner.bench;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import neatcorner.drawing.Drawing;
import neatcorner.job.Defaults;
import neatcorner.job.Job;
import neatcorner.job.Reshape;
import neatcorner.measure.Length;
import neatcorner.measure.Notation;
import neatcorner.measure.Units;
import neatcorner.outline.Opening;
import neatcorner.outline.Outline;
import neatcorner.outline.Shape;
import neatcorner.plan.Plan;
import neatcorner.planner.Planner;
import neatcorner.saw.measured.BestOrder;
import neatcorner.saw.measured.CutError;
import neatcorner.saw.measured.GapOdds;
import neatcorner.saw.measured.Shaving;
import neatcorner.station.shape.ShapeFigure;
import neatcorner.station.shape.TemplateFigure;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OperationsPerInvocation;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** Shapes with many sides, templates, and what is judged at the saw. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
public class ShapeBench {
    private static final double[] PLAY = {2.5, 2.5, 2.5, 2.5};
    private static final int FRAMES = 25_000;
    private static final int CORNERS = 4;

    private final Notation notation = Notation.of(Units.MILLIMETRES);
    private final Job manySides = unequal();
    private final Job ellipse = shaped(new Shape.Ellipse(16));
    private final Plan dozen = Planner.plan(shaped(new Shape.Regular(12, false)));
    private final Plan frame = Planner.plan(shaped(new Shape.Rectangle()));
    private final List<CutError> dozenErrors = errors(12);
    private final List<CutError> frameErrors = errors(4);
    private final Job free = new Reshape(shaped(new Shape.Regular(8, false)), false).freed();

    private static Job shaped(Shape shape) {
        Job blank = Defaults.blank(Units.MILLIMETRES);
        return blank.withOutline(Outline.of(shape)).withSize(blank.sizeOf(),
                new Opening(Length.mm(700), Length.mm(500)));
    }

    private static Job unequal() {
        List<Length> widths = new ArrayList<>();
        for (int i = 0; i < 24; i++) {
            widths.add(Length.mm(24 + i % 5));
        }
        Job job = shaped(new Shape.Regular(24, false));
        return job.withOutline(job.outline().withFaceWidths(widths));
    }

    private static List<CutError> errors(int count) {
        Random random = new Random(11);
        List<CutError> errors = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            errors.add(new CutError(0.3 * random.nextGaussian(), 0.002 * random.nextGaussian(),
                    0.002 * random.nextGaussian()));
        }
        return Collections.unmodifiableList(errors);
    }

    @Benchmark
    public Plan twentyFourUnequalSides() {
        return Planner.plan(manySides);
    }

    @Benchmark
    public List<Drawing> ellipseOfSixteenWithTemplates() {
        return TemplateFigure.sheets(Planner.plan(ellipse)).stream()
                .map(sheet -> Drawing.atScale(TemplateFigure.of(sheet, notation.units()), 2.83, notation)).toList();
    }

    @Benchmark
    public BestOrder orderOfTwelve() {
        return BestOrder.of(dozen.pieces(), dozenErrors, false);
    }

    @Benchmark
    public Shaving leastShaving() {
        return Shaving.least(frame.pieces(), frameErrors, 0.15, PLAY, 6);
    }

    /** A corner dragged: another job, its plan, and its drawing laid out. */
    @Benchmark
    public Drawing draggedCorner() {
        return Drawing.of(ShapeFigure.of(Planner.plan(new Reshape(free, false).cornerMoved(2, 7, 3)), false), 900, 600,
                notation);
    }

    /** Time for one corner of the frames cut in imagination. */
    @Benchmark
    @BenchmarkMode(Mode.AverageTime)
    @OutputTimeUnit(TimeUnit.NANOSECONDS)
    @OperationsPerInvocation(FRAMES * CORNERS)
    public GapOdds cornersInImagination() {
        return GapOdds.of(frame.pieces(), new GapOdds.Likely(0.001, 0.0005, 0.05), FRAMES);
    }
}
