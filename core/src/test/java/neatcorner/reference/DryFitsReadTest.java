package neatcorner.reference;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import neatcorner.job.Job;
import neatcorner.job.Jobs;
import neatcorner.measure.Notation;
import neatcorner.measure.Units;
import neatcorner.planner.Planner;
import neatcorner.saw.measured.DryFit;
import neatcorner.saw.measured.DryFitReading;
import neatcorner.saw.measured.DryFitReading.Explanation;
import neatcorner.saw.measured.DryFitReading.Fault;
import neatcorner.station.saw.DryFitWords;
import org.junit.jupiter.api.Test;

/** Frames with a hidden fault, put together as geometry has it and read a little wrong: the fault comes back, and its size. */
class DryFitsReadTest {
    private static final double W = 739;
    private static final double H = 575;
    private static final double CONTACT = 30 * Math.sqrt(2);
    private static final DryFitReading.Frame FRAME = new DryFitReading.Frame(
            List.of(CONTACT, CONTACT, CONTACT, CONTACT), W, H);

    /** What stands open at each corner, clockwise from the top left, and both diagonals. */
    private record Shown(double[] heels, double[] toes, double first, double second) {

        static Shown square() {
            return new Shown(new double[4], new double[4], Math.hypot(W, H), Math.hypot(W, H));
        }

        /** A corner whose miters do not fill the angle that stands there opens at the toe; more than fill it, at the heel. */
        Shown opened(int corner, double radians) {
            double gap = CONTACT * Math.tan(Math.abs(radians));
            (radians > 0 ? toes : heels)[corner] += gap;
            return this;
        }

        DryFit read(Random random) {
            List<Double> heels = new ArrayList<>();
            List<Double> toes = new ArrayList<>();
            for (int i = 0; i < 4; i++) {
                heels.add(Math.max(0, this.heels[i] + 0.04 * random.nextGaussian()));
                toes.add(Math.max(0, this.toes[i] + 0.04 * random.nextGaussian()));
            }
            return new DryFit(heels, toes, List.of(0.0, 0.0, 0.0, 0.0), first + 0.2 * random.nextGaussian(),
                    second + 0.2 * random.nextGaussian(), 0);
        }
    }

    private static double some(Random random, double least, double most) {
        return (least + (most - least) * random.nextDouble()) * (random.nextBoolean() ? 1 : -1);
    }

    private static Explanation likeliest(Shown shown, Random random) {
        return DryFitReading.of(shown.read(random), FRAME, 0.3).getFirst();
    }

    @Test
    void aSawThatIsOffIsFoundWithItsAngle() {
        Cases.of("dry fits, saw", random -> {
            double off = some(random, 0.3, 0.8) / CONTACT;
            Shown shown = Shown.square();
            for (int corner = 0; corner < 4; corner++) {
                shown.opened(corner, 2 * off);
            }
            Explanation found = likeliest(shown, random);
            assertEquals(Fault.SAW_ANGLE, found.causes().getFirst().fault(), found.toString());
            assertEquals(2 * off * CONTACT, found.causes().getFirst().size(), 0.2);
            assertTrue(found.left().isEmpty(), found.toString());
        });
    }

    @Test
    void oneBadCutIsFoundAtItsCorner() {
        Cases.of("dry fits, one cut", random -> {
            int corner = random.nextInt(4);
            double off = some(random, 0.5, 1.5);
            Explanation found = likeliest(Shown.square().opened(corner, off / CONTACT), random);
            assertEquals(Fault.CORNER_CUT, found.causes().getFirst().fault(), found.toString());
            assertEquals(corner, found.causes().getFirst().at());
            assertEquals(-off, found.causes().getFirst().size(), 0.35, found.toString());
        });
    }

    /** Law of cosines: a parallelogram's corners are off in turn, and so are its diagonals. */
    @Test
    void aRackedFrameIsFoundByAlternateCornersAndDiagonals() {
        Cases.of("dry fits, racked", random -> {
            double lean = some(random, 0.4, 1.0) / CONTACT;
            double wide = W * W + H * H - 2 * W * H * Math.cos(Math.PI / 2 + lean);
            double narrow = W * W + H * H - 2 * W * H * Math.cos(Math.PI / 2 - lean);
            Shown shown = new Shown(new double[4], new double[4], Math.sqrt(narrow), Math.sqrt(wide));
            for (int corner = 0; corner < 4; corner++) {
                shown.opened(corner, corner % 2 == 0 ? lean : -lean);
            }
            Explanation found = likeliest(shown, random);
            assertEquals(Fault.RACKED, found.causes().getFirst().fault(), found.toString());
            assertTrue(found.left().isEmpty(), found.toString());
        });
    }

    /** Geometry: sides of unequal length drawn up evenly are an isosceles trapezoid, whose diagonals agree. */
    @Test
    void unequalSidesDrawnUpEvenlyAreFound() {
        Cases.of("dry fits, trapezoids", random -> {
            double longer = some(random, 10, 20);
            double turn = Math.asin(longer / 2 / H);
            double diagonal = Math.sqrt(H * H + W * (W + longer));
            Shown shown = new Shown(new double[4], new double[4], diagonal, diagonal);
            shown.opened(0, -turn).opened(1, -turn).opened(2, turn).opened(3, turn);
            Explanation found = likeliest(shown, random);
            assertEquals(Fault.DRAWN_UP, found.causes().getFirst().fault(), found.toString());
            assertEquals(0, found.causes().getFirst().at());
            assertEquals(longer, found.causes().getFirst().size(), 5);
        });
    }

    @Test
    void aCornerOpenAtHeelAndToeAlikeIsNotHomeOrShort() {
        Cases.of("dry fits, seating", random -> {
            int corner = random.nextInt(4);
            Shown shown = Shown.square();
            double gap = 0.5 + random.nextDouble();
            shown.heels[corner] = gap;
            shown.toes[corner] = gap;
            Explanation found = likeliest(shown, random);
            assertEquals(Fault.SEATING, found.causes().getFirst().fault(), found.toString());
            assertEquals(corner, found.causes().getFirst().at());
        });
    }

    /** A saw that is off and one bad cut besides: both are named, and nothing is left. */
    @Test
    void twoCausesAtOnceAreFoundTogether() {
        Cases.of("dry fits, two causes", random -> {
            double off = (random.nextBoolean() ? 1 : -1) * (0.5 + 0.3 * random.nextDouble());
            int corner = random.nextInt(4);
            Shown shown = Shown.square();
            for (int i = 0; i < 4; i++) {
                shown.opened(i, (off + (i == corner ? off * 2 : 0)) / CONTACT);
            }
            Explanation found = likeliest(shown, random);
            List<Fault> faults = found.causes().stream().map(DryFitReading.Cause::fault).toList();
            assertTrue(faults.contains(Fault.SAW_ANGLE) && faults.contains(Fault.CORNER_CUT), found.toString());
            assertTrue(found.left().isEmpty(), found.toString());
        });
    }

    /** A saw that is off, one bad cut, and a corner that is not home: all three are named, and nothing is left. */
    @Test
    void threeCausesAtOnceAreFoundTogether() {
        int[] found = new int[2];
        Cases.of("dry fits, three causes", random -> {
            double off = (random.nextBoolean() ? 1 : -1) * (0.5 + 0.3 * random.nextDouble());
            int corner = random.nextInt(4);
            int open = (corner + 1 + random.nextInt(3)) % 4;
            Shown shown = Shown.square();
            for (int i = 0; i < 4; i++) {
                shown.opened(i, (off + (i == corner ? off * 2 : 0)) / CONTACT);
            }
            double gap = 0.6 + random.nextDouble();
            shown.heels[open] += gap;
            shown.toes[open] += gap;
            Explanation likely = likeliest(shown, random);
            List<Fault> faults = likely.causes().stream().map(DryFitReading.Cause::fault).toList();
            assertTrue(likely.left().isEmpty(), likely.toString());
            found[0]++;
            found[1] += faults.containsAll(List.of(Fault.SAW_ANGLE, Fault.CORNER_CUT, Fault.SEATING)) ? 1 : 0;
        });
        assertTrue(found[1] > 0.9 * found[0], found[1] + " of " + found[0]);
    }

    /** Whatever is said to be the cause leaves nothing but what a gauge reads wrong; of anything at all it may be none of these. */
    @Test
    void whatLeavesAGapIsNoExplanation() {
        int[] others = new int[1];
        Cases.of("dry fits, anything", random -> {
            List<Double> heels = new ArrayList<>();
            List<Double> toes = new ArrayList<>();
            for (int i = 0; i < 4; i++) {
                heels.add(random.nextInt(3) == 0 ? 0 : 1.5 * random.nextDouble());
                toes.add(random.nextInt(3) == 0 ? 0 : 1.5 * random.nextDouble());
            }
            DryFit seen = new DryFit(heels, toes, List.of(0.0, 0.0, 0.0, 0.0), 0, 0, 0);
            for (Explanation each : DryFitReading.of(seen, FRAME, 0.3)) {
                boolean other = each.causes().getFirst().fault() == Fault.OTHER;
                others[0] += other ? 1 : 0;
                assertTrue(other || each.left().isEmpty(), each + " of " + seen);
                assertTrue(!each.causes().getFirst().fault().equals(Fault.NONE)
                        || Stream.concat(heels.stream(), toes.stream()).allMatch(gap -> gap <= 0.253), seen.toString());
            }
        });
        Cases.met(7, "were none of these", others[0]);
    }

    /** Toes open 0.4, 0.5, 0.2 and 0, diagonals of 760 and 762 where 792 are due: no one cut, and a tape to be read again. */
    @Test
    void readingsThatNoSingleCauseExplainsAreSaidSo() {
        DryFit fit = new DryFit(List.of(0.0, 0.0, 0.0, 0.0), List.of(0.4, 0.5, 0.2, 0.0), List.of(0.0, 0.0, 0.0, 0.0),
                760, 762, 0);
        Job job = Jobs.chart();
        List<String> said = DryFitWords.of(Planner.plan(job.withChecks(job.checks().withDryFit(fit)))).stream()
                .map(sentence -> sentence.in(Notation.of(Units.MILLIMETRES))).toList();
        assertTrue(said.getFirst().contains("is not of this frame"), said.toString());
        assertFalse(String.join(" ", said).contains("Nothing to mend"), said.toString());
        assertTrue(String.join(" ", said).contains("No single cause") || said.stream()
                .anyMatch(sentence -> sentence.startsWith("That leaves unexplained")), said.toString());
    }

    @Test
    void aToePastTheLimitIsSomethingToMend() {
        DryFit fit = DryFit.closed().with(1, 1, 0.35);
        assertTrue(DryFitReading.of(fit, FRAME, 0.3).stream().noneMatch(
                one -> one.causes().getFirst().fault() == Fault.NONE));
        assertTrue(DryFitReading.of(DryFit.closed().with(1, 1, 0.3), FRAME, 0.3).stream().noneMatch(
                one -> one.causes().getFirst().fault() == Fault.NONE), "0.3 is more than a gauge reads wrong");
        assertEquals(Fault.NONE, DryFitReading.of(DryFit.closed(), FRAME, 0.3).getFirst().causes().getFirst().fault());
    }

    @Test
    void aGapThatIsReadComesBackAsItWasRead() {
        DryFit fit = DryFit.closed().with(2, 0, 1.4);
        Explanation found = DryFitReading.of(fit, FRAME, 0.3).getFirst();
        assertEquals(Fault.CORNER_CUT, found.causes().getFirst().fault());
        assertEquals(1.4, Math.abs(found.causes().getFirst().size()), 1e-9);
    }
}
