package neatcorner.saw.measured;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import neatcorner.measure.Length;
import neatcorner.outline.Contours;
import neatcorner.outline.Faces;
import neatcorner.outline.Opening;
import neatcorner.outline.Outline;
import neatcorner.outline.Shape;
import neatcorner.piece.FramePieces;
import neatcorner.piece.Piece;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/** How errors of the saw add up round a frame, and what mends them. */
class ClosingTest {

    private static double[] play(double each) {
        double[] play = new double[FRAME.size()];
        Arrays.fill(play, each);
        return play;
    }

    static final List<Piece> FRAME = FramePieces.ofRectangle(new Opening(Length.mm(500), Length.mm(400)),
            Faces.all(Length.mm(57)));

    static List<Piece> regular(int n) {
        return FramePieces.of(Contours.straight(Shape.regular(n, 200), 6, Collections.nCopies(n, Length.mm(30))),
                Outline.of(new Shape.Regular(n, false)));
    }

    private static List<CutError> all(int n, double degrees) {
        return Collections.nCopies(n, new CutError(0, Math.toRadians(degrees), Math.toRadians(degrees)));
    }

    /** Common practice: at 0.1° and a 57 mm face, 1.13 mm in one corner, or 0.28 mm in each. */
    @Test
    void eightCutsAddUp() {
        Closing closing = Closing.of(FRAME, all(4, 0.1));
        assertEquals(1.13, closing.lastGap(), 0.005);
        assertEquals(0.28, closing.spreadGap(), 0.005);
        assertTrue(closing.lastAtToe(), "miters too big open inside");
        for (Joint joint : closing.spread()) {
            assertTrue(joint.opensAtToe());
            assertEquals(57 * Math.sqrt(2) * Math.tan(Math.toRadians(0.2)), joint.gap(), 1e-3);
        }
        assertFalse(Closing.of(FRAME, all(4, -0.1)).lastAtToe(), "miters too small open outside");
    }

    /** Geometry: for n sides the last corner takes 2n errors. */
    @Property(tries = 60)
    void anyFrameAddsUpTheSame(@ForAll @IntRange(min = 3, max = 12) int n,
            @ForAll @DoubleRange(min = -0.2, max = 0.2) double degrees) {
        List<Piece> pieces = regular(n);
        double contact = 30 / Math.cos(Math.PI / n);
        Closing closing = Closing.of(pieces, all(n, degrees));
        assertEquals(contact * Math.tan(Math.toRadians(Math.abs(2 * n * degrees))), closing.lastGap(), 1e-6);
        assertEquals(contact * Math.toRadians(Math.abs(2 * degrees)), closing.spreadGap(), 1e-3);
    }

    /** What the band leaves is a closed ring: following every piece and joint comes back to the start. */
    @Property(tries = 100)
    void theSpreadRingCloses(@ForAll @IntRange(min = 3, max = 10) int n, @ForAll long seed) {
        List<Piece> pieces = regular(n);
        List<CutError> errors = random(n, seed, 0.3, 0.1);
        CutLoop ring = new CutLoop(pieces, errors);
        List<Joint> joints = new Spread(ring).joints(ring.misfit());
        double turn = ring.misfit()[0];
        for (int i = 0; i < n; i++) {
            turn += (joints.get(i).heel() - joints.get(i).toe()) / ring.contact(i);
        }
        assertEquals(0, turn, 1e-9);
        Closing closing = Closing.of(pieces, errors);
        double perimeter = 0;
        for (int i = 0; i < n; i++) {
            perimeter += closing.corners().get(i).distanceTo(closing.corners().get((i + 1) % n));
        }
        double cut = 0;
        for (int i = 0; i < n; i++) {
            cut += pieces.get(i).outer().toMm() + errors.get(i).length();
        }
        assertEquals(cut, perimeter, 2.0 * n, "corners stay near the ends of the pieces");
    }

    static List<CutError> random(int n, long seed, double lengths, double degrees) {
        Random random = new Random(seed);
        List<CutError> errors = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            errors.add(new CutError(lengths * random.nextGaussian(), Math.toRadians(degrees * random.nextGaussian()),
                    Math.toRadians(degrees * random.nextGaussian())));
        }
        return errors;
    }

    /** By symmetry a pair that is too long by the same leaves the frame square and its joints closed. */
    @Test
    void aPairTooLongByTheSameIsOnlyALargerFrame() {
        CutError longer = new CutError(2, 0, 0);
        Closing closing = Closing.of(FRAME, List.of(longer, CutError.NONE, longer, CutError.NONE));
        assertEquals(0, closing.spreadGap(), 1e-9);
        assertEquals(closing.diagonals().get(0).toMm(), closing.diagonals().get(1).toMm(), 1e-3);
        Closing uneven = Closing.of(FRAME, List.of(longer, CutError.NONE, CutError.NONE, CutError.NONE));
        assertTrue(uneven.lean() > Shaving.MOST_LEAN, "one side too long leans the frame");
        assertEquals(2, uneven.lastMiss(), 1e-9);
    }

    /** Law of cosines: a 400 × 300 frame leaning by 0.5° has diagonals 4.19 mm apart. */
    @Test
    void diagonalsTellTheSkew() {
        double lean = Math.toRadians(0.5);
        double first = Math.sqrt(400 * 400 + 300 * 300 - 2.0 * 400 * 300 * Math.cos(Math.PI / 2 + lean));
        double second = Math.sqrt(400 * 400 + 300 * 300 - 2.0 * 400 * 300 * Math.cos(Math.PI / 2 - lean));
        Squareness square = new Squareness(new Opening(Length.mm(400), Length.mm(300)), Length.mm(first),
                Length.mm(second));
        assertEquals(0.5, square.skew().degrees(), 0.001);
        assertEquals(300 * lean, square.push().toMm(), 0.01);
    }

    @Test
    void theOddsAgreeWithTheClosedForm() {
        GapOdds odds = GapOdds.of(FRAME, new GapOdds.Likely(Math.toRadians(0.1), 0, 0), 100);
        assertEquals(1.13, odds.lastClosed(), 0.005);
        assertEquals(odds.lastClosed(), odds.last()[50], 0.001);
        assertEquals(odds.spreadClosed(), odds.spread()[50], 0.001);
        GapOdds chance = GapOdds.of(FRAME, new GapOdds.Likely(0, Math.toRadians(0.05), 0), 40_000);
        double sigma = 57 * Math.sqrt(2) * Math.toRadians(0.05) * Math.sqrt(8);
        assertEquals(0.6827, GapOdds.shareUnder(chance.last(), sigma), 0.01, "normal distribution, one sigma");
        assertEquals(chance.last()[20_000], GapOdds.stayUnder(chance.last(), 0.5), 1e-12);
        assertEquals(chance.last()[100],
                GapOdds.of(FRAME, new GapOdds.Likely(0, Math.toRadians(0.05), 0), 40_000).last()[100], 0, "seeded");
    }

    /** Every order of six pieces weighed one by one gives the same best. */
    @Property(tries = 12)
    void theBestOrderIsTheBestOfAll(@ForAll long seed, @ForAll boolean canTurn) {
        List<Piece> pieces = regular(5);
        List<CutError> errors = random(5, seed, 0.6, 0.15);
        BestOrder best = BestOrder.of(pieces, errors, canTurn);
        double least = leastCost(pieces, errors, canTurn, new ArrayList<>(), new boolean[5]);
        assertEquals(least, cost(pieces, best.placed(errors)), 1e-4 + least * 1e-6);
        assertTrue(best.proved());
    }

    private static double cost(List<Piece> pieces, List<CutError> errors) {
        CutLoop ring = new CutLoop(pieces, errors);
        double[] misfit = ring.misfit();
        double[] force = Spread.times(new Spread(ring).cost(), misfit);
        return misfit[0] * force[0] + misfit[1] * force[1] + misfit[2] * force[2];
    }

    private static double leastCost(List<Piece> pieces, List<CutError> errors, boolean canTurn, List<CutError> placed,
            boolean[] used) {
        if (placed.size() == errors.size()) {
            return cost(pieces, placed);
        }
        double least = Double.MAX_VALUE;
        for (int i = 0; i < errors.size(); i++) {
            if (!used[i]) {
                used[i] = true;
                for (CutError error : canTurn
                        ? List.of(errors.get(i), errors.get(i).flipped())
                        : List.of(errors.get(i))) {
                    placed.add(error);
                    least = Math.min(least, leastCost(pieces, errors, canTurn, placed, used));
                    placed.removeLast();
                }
                used[i] = false;
            }
        }
        return least;
    }

    @Test
    void onlyTwinsChangePlaces() {
        List<CutError> errors = random(4, 5, 0.5, 0.1);
        BestOrder best = BestOrder.of(FRAME, errors, false);
        for (int i = 0; i < 4; i++) {
            assertEquals(i % 2, best.pieces().get(i) % 2, "long sides stay long sides");
        }
        assertThrows(IllegalArgumentException.class, () -> BestOrder.of(regular(13), random(13, 1, 1, 1), false));
    }

    @Test
    void twelvePiecesAreBalanced() {
        List<CutError> errors = random(12, 3, 0.5, 0.05);
        BestOrder best = BestOrder.of(regular(12), errors, false);
        assertTrue(best.after() <= best.before() + 1e-9);
        assertEquals(12, best.pieces().stream().distinct().count());
    }

    /** Applied, the shaving brings every gap under the limit, and no piece loses more than the play. */
    @Property(tries = 60)
    void shavingMendsWhatItCan(@ForAll long seed) {
        List<CutError> errors = random(4, seed, 0.25, 0.08);
        Shaving shaving = Shaving.least(FRAME, errors, 0.2, play(2.5), 6);
        if (shaving.recut() < 0) {
            assertTrue(shaving.gap() <= 0.2 + 1e-6, shaving.toString());
            assertTrue(Closing.of(FRAME, shaving.after()).lean() <= Shaving.MOST_LEAN);
            assertTrue(shaving.shaves().stream().allMatch(shave -> shave.heel() >= 0 && shave.toe() >= 0));
            for (int i = 0; i < 4; i++) {
                assertTrue(shaving.after().get(i).length() > errors.get(i).length() - 2.6 * 2);
            }
        } else {
            assertTrue(shaving.gap() <= Closing.of(FRAME, errors).spreadGap());
        }
    }

    /**
     * Geometry: the end of a piece lies between its outer edge at y = 0 and its inner one at y = face, on a line that leans by
     * the miter. What is shaved is measured square to that line, at its outer end (the heel) and its inner one (the toe).
     */
    @Test
    void whatIsShavedIsGone() {
        int shaves = 0;
        for (int seed = 0; seed < 40; seed++) {
            List<CutError> errors = random(4, seed, 0.25, 0.08);
            Shaving shaving = Shaving.least(FRAME, errors, 0.2, play(2.5), 6);
            List<CutError> expected = new ArrayList<>(errors);
            for (Shaving.Shave shave : shaving.shaves()) {
                Piece piece = FRAME.get(shave.piece());
                double miter = (shave.right() ? piece.right() : piece.left()).miter().radians();
                double face = piece.face().toMm();
                double heel = shave.heel() / Math.cos(miter);
                double toe = face * Math.tan(miter) + shave.toe() / Math.cos(miter);
                double turn = Math.atan((toe - heel) / face) - miter;
                CutError was = expected.get(shave.piece());
                expected.set(shave.piece(), shave.right()
                        ? new CutError(was.length() - heel, was.left(), was.right() + turn)
                        : new CutError(was.length() - heel, was.left() + turn, was.right()));
                shaves++;
            }
            for (int i = 0; i < 4 && shaving.recut() < 0; i++) {
                assertEquals(expected.get(i).length(), shaving.after().get(i).length(), 1e-9);
                assertEquals(expected.get(i).left(), shaving.after().get(i).left(), 1e-4);
                assertEquals(expected.get(i).right(), shaving.after().get(i).right(), 1e-4);
            }
        }
        assertTrue(shaves > 20, shaves + " shaves");
    }

    /** Shaves too small for any hand are left away; here they add up to a gap, and to a lean, over its limit. */
    @Test
    void whatIsLeftAwayOpensNoGap() {
        shavingMendsWhatItCan(30809);
        shavingMendsWhatItCan(53500);
    }

    @Test
    void aGoodFrameIsLeftAloneAndABadPieceIsCutAgain() {
        List<CutError> good = Collections.nCopies(4, CutError.NONE);
        assertTrue(Shaving.least(FRAME, good, 0.2, play(2), 6).shaves().isEmpty());
        CutError shortC = new CutError(-6, 0, 0);
        Shaving recut = Shaving.least(FRAME, List.of(CutError.NONE, CutError.NONE, shortC, CutError.NONE), 0.2, play(2),
                6);
        assertEquals(2, recut.recut(), recut + " C is far too short for its mate to be shaved to it");
        assertEquals(0, recut.gap(), 1e-9);
    }

    /** A gain that no gauge shows is no reason to change what lies in order; one that brings a gap under the limit is. */
    @Test
    void anOrderIsOfferedWhereItGains() {
        BestOrder worse = new BestOrder(List.of(2, 1, 0, 3), List.of(false, false, false, false), 0.20, 0.22, true, 24);
        assertTrue(worse.ifWorthIt(0.3).isAsCut());
        assertEquals(0.20, worse.ifWorthIt(0.3).after());
        BestOrder little = new BestOrder(List.of(2, 1, 0, 3), List.of(false, false, false, false), 0.28, 0.25, true,
                24);
        assertTrue(little.ifWorthIt(0.3).isAsCut());
        assertEquals(little, little.ifWorthIt(0.26), "it is let pass only then");
        BestOrder much = new BestOrder(List.of(2, 1, 0, 3), List.of(false, false, false, false), 0.6, 0.5, true, 24);
        assertEquals(much, much.ifWorthIt(0.3));
    }
}
