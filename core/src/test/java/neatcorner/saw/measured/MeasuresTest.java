package neatcorner.saw.measured;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.outline.Opening;
import neatcorner.piece.Piece;
import neatcorner.wood.Climate;
import neatcorner.wood.Species;
import org.junit.jupiter.api.Test;

/** What was measured, kept beside what was planned. */
class MeasuresTest {
    private static final List<Piece> PIECES = ClosingTest.regular(4);

    @Test
    void whatWasNotMeasuredIsAsPlanned() {
        Piece first = PIECES.getFirst();
        MeasuredPiece longer = MeasuredPiece.asPlanned(first).withOuter(first.outer().plus(Length.mm(0.4)))
                .withRight(Angle.ofDegrees(first.right().miter().degrees() - 0.2));
        Checks checks = Checks.none().with(longer);
        CutError error = checks.errors(PIECES).getFirst();
        assertEquals(0.4, error.length(), 1e-6);
        assertEquals(0, error.left(), 1e-12);
        assertEquals(-0.2, Math.toDegrees(error.right()), 1e-6);
        assertEquals(List.of(CutError.NONE, CutError.NONE, CutError.NONE), checks.errors(PIECES).subList(1, 4));
        MeasuredPiece left = MeasuredPiece.asPlanned(first).withLeft(Angle.ofDegrees(45.3));
        assertEquals(0.3, Math.toDegrees(left.error(first).left()), 1e-6);
    }

    /** A to Z, then what has two letters; a piece measured again is there once. */
    @Test
    void measuredPiecesStandInTheOrderOfTheirNames() {
        MeasuredPiece any = MeasuredPiece.asPlanned(PIECES.getFirst());
        Checks checks = Checks.none().with(any.withPiece("AA")).with(any.withPiece("C")).with(any.withPiece("B"))
                .with(any.withPiece("C").withOuter(Length.mm(9)));
        assertEquals(List.of("B", "C", "AA"), checks.measured().stream().map(MeasuredPiece::piece).toList());
        assertEquals(Length.mm(9), checks.measured().get(1).outer());
    }

    @Test
    void aReadingOfTheDryFitChangesNoOther() {
        DryFit fit = DryFit.closed().withDiagonals(500, 501).with(0, 0, 0.1).with(1, 1, 0.2).with(2, 2, 0.3);
        assertEquals(List.of(0.1, 0.0, 0.0, 0.0), fit.heels());
        assertEquals(List.of(0.0, 0.2, 0.0, 0.0), fit.toes());
        assertEquals(List.of(0.0, 0.0, 0.3, 0.0), fit.steps());
        assertEquals(500, fit.first());
        assertEquals(501, fit.second());
        assertThrows(IllegalArgumentException.class,
                () -> new DryFit(List.of(0.0), fit.toes(), fit.steps(), 0, 0, 0));
    }

    /** Pushing a 400 × 300 frame by 1 mm along makes its diagonals √(401² + 300²) and √(399² + 300²). */
    @Test
    void aRackedFrameIsPushedBackAsFarAsItWas() {
        Squareness racked = new Squareness(new Opening(Length.mm(400), Length.mm(300)),
                Length.mm(Math.hypot(401, 300)), Length.mm(Math.hypot(399, 300)));
        assertEquals(1, racked.push().toMm(), 0.01);
        assertEquals(Math.hypot(401, 300) - 500, racked.pull().toMm(), 0.01);
        assertEquals(1 / 300.0, racked.skew().radians(), 1e-5);
    }

    /** Two cuts of one saw share what a test corner shows: 1 mm open over 100 at the outside, half of 0.573 degrees too small. */
    @Test
    void aTestCornerShowsTwiceTheErrorOfACut() {
        TestCorner open = new TestCorner(TestCorner.Where.HEEL, Length.mm(1), Length.mm(100));
        assertEquals(-Math.toDegrees(0.01) / 2, open.error().degrees(), 1e-3);
        assertEquals(Angle.ZERO, new TestCorner(TestCorner.Where.CLOSED, Length.mm(1), Length.mm(100)).error());
        assertEquals(Angle.ZERO, new TestCorner(TestCorner.Where.TOE, Length.ZERO, Length.mm(100)).error());
        assertFalse(open.isTilt());
        assertFalse(new TestCorner(TestCorner.Where.TOE, Length.mm(1), Length.mm(100)).isTilt());
        assertTrue(new TestCorner(TestCorner.Where.FACE, Length.mm(1), Length.mm(100)).isTilt());
        assertTrue(new TestCorner(TestCorner.Where.BACK, Length.mm(1), Length.mm(100)).isTilt());
    }

    @Test
    void aJointIsPressedUntilItTouches() {
        Joint crossed = new Joint(-0.2, 0.3, 0);
        assertEquals(0.5, crossed.gap(), 1e-12);
        assertTrue(crossed.opensAtToe());
        assertFalse(new Joint(0.3, 0.1, 0).opensAtToe());
        assertEquals(0.3, new Joint(0.3, 0.1, 0).gap(), 1e-12);
    }

    /**
     * Wood that shrinks across by s turns a 45 degree miter to atan(1 / (1 - s)): steeper, so that the corner opens inside, by the
     * face's diagonal times twice the turn.
     */
    @Test
    void aCornerThatDriesOpensAtItsToe() {
        Climate dry = Climate.HEATED_HOUSE;
        SeasonGap gap = SeasonGap.of(PIECES, Species.named("pine"), dry, dry.dry());
        double turn = 2 * (Math.atan(1 / (1 + gap.strain())) - Math.PI / 4);
        assertTrue(gap.strain() < 0 && gap.isAtToe());
        assertEquals(turn, gap.opening().radians(), 1e-6);
        assertEquals(PIECES.getFirst().face().toMm() * Math.sqrt(2) * Math.tan(turn), gap.gap().toMm(), 1e-3);
        SeasonGap damp = SeasonGap.of(PIECES, Species.named("pine"), dry, dry.damp());
        assertFalse(damp.isAtToe());
    }
}
