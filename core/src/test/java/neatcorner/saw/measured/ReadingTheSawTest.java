package neatcorner.saw.measured;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.saw.SawLog;
import neatcorner.saw.SawReading;
import neatcorner.saw.SawScale;
import neatcorner.wood.Climate;
import neatcorner.wood.Species;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/** Test corners, the log of a saw, a dry fit, and what the seasons do to a miter. */
class ReadingTheSawTest {

    /** Common practice: δ = ½ · atan(gap / contact); open at the toe means too big. */
    @Test
    void aTestCornerTellsTheErrorOfOneCut() {
        TestCorner toe = new TestCorner(TestCorner.Where.TOE, Length.mm(0.4), Length.mm(80));
        assertEquals(Math.toDegrees(Math.atan(0.4 / 80)) / 2, toe.error().degrees(), 1e-9);
        TestCorner heel = new TestCorner(TestCorner.Where.HEEL, Length.mm(0.4), Length.mm(80));
        assertEquals(-toe.error().degrees(), heel.error().degrees(), 1e-12);
        assertEquals(Angle.ZERO, new TestCorner(TestCorner.Where.CLOSED, Length.mm(1), Length.mm(80)).error());
        assertTrue(new TestCorner(TestCorner.Where.BACK, Length.mm(0.1), Length.mm(20)).isTilt());
    }

    @Test
    void aScaleReadsFromSquareOrFromTheFence() {
        SawScale square = new SawScale(SawScale.Zero.SQUARE, Length.mm(200), Length.mm(400));
        SawScale fence = new SawScale(SawScale.Zero.FENCE, Length.mm(200), Length.mm(400));
        assertEquals(22.5, square.reads(Angle.ofDegrees(22.5)).degrees(), 1e-9);
        assertEquals(67.5, fence.reads(Angle.ofDegrees(22.5)).degrees(), 1e-9);
        assertEquals(200 * Math.toRadians(0.2), square.travel(Angle.ofDegrees(-0.2)).toMm(), 1e-3);
        assertEquals(400 * Math.tan(Math.toRadians(0.2)), square.shim(Angle.ofDegrees(0.2)).toMm(), 1e-3);
    }

    private static SawReading reading(int day, double degrees) {
        return new SawReading(LocalDate.of(2026, 3, day), Angle.ofDegrees(45), Angle.ofDegrees(degrees), false, false);
    }

    @Test
    void theLogKnowsWhatTheSawIsOffByNowAndHowItDrifted() {
        SawLog log = SawLog.empty().plus(reading(1, 0.2));
        assertEquals(0.2, log.steady().degrees(), 1e-9);
        log = log.turned();
        assertEquals(0, log.steady().degrees(), 1e-9, "turned away");
        log = log.plus(reading(2, 0.05));
        assertEquals(0.05, log.steady().degrees(), 1e-9);
        assertEquals(0.25, log.drift().degrees(), 1e-9);
        assertEquals(SawLog.USUAL_CHANCE, log.chance());
        log = log.plus(reading(3, -0.05)).plus(reading(4, 0.0));
        assertEquals(0.05, log.chance().degrees(), 1e-9);
    }

    private static final DryFitReading.Frame FRAME = new DryFitReading.Frame(List.of(80.0, 80.0, 80.0, 80.0), 614, 514);

    private static DryFitReading.Fault first(DryFit fit) {
        return DryFitReading.of(fit, FRAME, 0.3).getFirst().causes().getFirst().fault();
    }

    private static DryFit fit(double[] heels, double[] toes, double first, double second, double step) {
        List<Double> steps = List.of(step, 0.0, 0.0, 0.0);
        return new DryFit(Arrays.stream(heels).boxed().toList(),
                Arrays.stream(toes).boxed().toList(), steps, first, second, 0);
    }

    /** Errors put into a frame held square, with readings a little wrong, come back as their cause. */
    @Property(tries = 200)
    void theCauseThatWasPutInIsTheOneThatComesOut(@ForAll @IntRange(min = 0, max = 5) int cause, @ForAll long seed) {
        Random random = new Random(seed);
        double size = 0.5 + random.nextDouble();
        double[] heels = new double[4];
        double[] toes = new double[4];
        double second = 720;
        int corner = random.nextInt(4);
        DryFitReading.Fault expected;
        switch (cause) {
            case 0 -> {
                Arrays.fill(toes, size);
                expected = DryFitReading.Fault.SAW_ANGLE;
            }
            case 1 -> {
                Arrays.fill(heels, size);
                expected = DryFitReading.Fault.SAW_ANGLE;
            }
            case 2 -> {
                heels[corner] = size;
                toes[corner] = size;
                heels[(corner + 1) % 4] = size;
                toes[(corner + 1) % 4] = size;
                expected = DryFitReading.Fault.SHORT_PIECE;
            }
            case 3 -> {
                toes[corner] = size;
                expected = DryFitReading.Fault.CORNER_CUT;
            }
            case 4 -> {
                second = 720 - 3 - size;
                // a parallelogram: its corners are off in turn by what its diagonals say
                double lean = (3 + size) * FRAME.diagonal() / (2 * FRAME.width() * FRAME.height());
                for (int i = 0; i < 4; i++) {
                    (i % 2 == 0 ? heels : toes)[i] = FRAME.contact().get(i) * lean;
                }
                expected = DryFitReading.Fault.RACKED;
            }
            default -> expected = DryFitReading.Fault.NONE;
        }
        for (int i = 0; i < 4; i++) {
            heels[i] = Math.max(0, heels[i] + 0.05 * random.nextGaussian());
            toes[i] = Math.max(0, toes[i] + 0.05 * random.nextGaussian());
        }
        List<DryFitReading.Explanation> all = DryFitReading.of(fit(heels, toes, 800.7, second + 80.7, 0), FRAME, 0.3);
        assertEquals(expected, all.getFirst().causes().getFirst().fault(), all.toString());
        assertTrue(all.getFirst().odds() > 0.2, all.toString());
        assertTrue(all.stream().mapToDouble(DryFitReading.Explanation::odds).sum() < 1 + 1e-9);
    }

    @Test
    void aSteppedFaceIsTheBladeOrTheThickness() {
        double[] none = new double[4];
        assertEquals(DryFitReading.Fault.BEVEL, first(fit(none, none, 800.7, 800.7, 0.6)));
        DryFit winding = new DryFit(List.of(0.0, 0.0, 0.0, 0.0), List.of(0.0, 0.0, 0.0, 0.0),
                List.of(0.0, 0.0, 0.0, 0.0), 0, 0, 3);
        assertEquals(DryFitReading.Fault.WIND, first(winding));
        assertThrows(IllegalArgumentException.class,
                () -> new DryFit(List.of(0.0), List.of(0.0), List.of(0.0), 0, 0, 0));
    }

    /** Geometry: at 45° a corner opens by |s| radians and |s|·w·√2 at its far end; drying opens the toe. */
    @Test
    void dryAirOpensTheToeAndDampTheHeel() {
        Climate house = Climate.HEATED_HOUSE;
        SeasonGap dry = SeasonGap.of(ClosingTest.FRAME, Species.named("black cherry"), house, house.dry());
        double strain = .00248 * (house.dry().moisture() - 8);
        assertTrue(dry.isAtToe());
        assertEquals(strain, dry.strain(), 1e-9);
        assertEquals(Math.abs(strain) * 57 * Math.sqrt(2), dry.gap().toMm(), 0.01);
        SeasonGap damp = SeasonGap.of(ClosingTest.FRAME, Species.named("black cherry"), house, house.damp());
        assertTrue(!damp.isAtToe());
        SeasonGap quarter = SeasonGap.of(ClosingTest.FRAME, Species.named("black cherry"), house.withFlat(false),
                house.damp());
        assertTrue(damp.gap().isMoreThan(quarter.gap()), "quarter-sawn moves less");
    }

    @Test
    void readingsAreKeptInOrder() {
        List<SawReading> readings = new ArrayList<>();
        SawLog log = SawLog.empty();
        for (int day = 1; day < 5; day++) {
            readings.add(reading(day, day / 10.0));
            log = log.plus(readings.getLast());
        }
        assertEquals(readings, log.readings());
    }
}
