package neatcorner.stock;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import neatcorner.measure.Length;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/** Rough lumber to sticks. Allowances are common practice. */
class BoardMillingTest {

    private static RoughBoard board(double length, double width, double thickness, double bow, Span... defects) {
        return new RoughBoard("ash board", Length.mm(length), Length.mm(width), Length.mm(thickness), Length.mm(bow), 1,
                40.0, List.of(defects));
    }

    private static BoardMilling mill(RoughBoard board, double width, double thickness, double longest) {
        return BoardMilling.of(board, Length.mm(width), Length.mm(thickness), Length.mm(longest), Allowances.USUAL);
    }

    /** 150 − 2 = 148 wide: four strips of 30 take 4 × 30 + 3 × 3 = 129, a fifth would take 162. */
    @Test
    void aBoardIsRippedIntoAsManyStripsAsFit() {
        BoardMilling milling = mill(board(2425, 150, 26, 0), 30, 20, 0);
        assertEquals(1, milling.cuts().size());
        assertEquals(4, milling.cuts().getFirst().strips());
        assertEquals(1, milling.cuts().getFirst().layers());
        assertEquals(Length.mm(2400), milling.cuts().getFirst().stick());
        assertEquals(10.0, milling.sticks().getFirst().price());
    }

    /** 52 − 2 = 50 thick: two layers of 20 take 2 × 21.5 + 3.5 = 46.5. */
    @Test
    void aThickBoardIsResawn() {
        assertEquals(2, mill(board(2425, 36, 52, 0), 30, 20, 0).cuts().getFirst().layers());
        assertEquals(1, mill(board(2425, 36, 48, 0), 30, 20, 0).cuts().getFirst().layers());
    }

    @Test
    void aNarrowThickBoardGivesSticksOnEdge() {
        BoardMilling milling = mill(board(2425, 70, 40, 0), 34, 20, 0);
        assertTrue(milling.onEdge());
        assertEquals(3, milling.cuts().getFirst().strips());
    }

    @Test
    void aBowedBoardIsCutShorterFirstWhereThePiecesStillFit() {
        RoughBoard bowed = board(2400, 100, 27, 6);
        assertTrue(mill(bowed, 30, 20, 2000).cuts().isEmpty(), "in one length the bow takes too much");
        BoardMilling thirds = mill(bowed, 30, 20, 700);
        assertEquals(3, thirds.cuts().getFirst().lengths());
        assertEquals(Length.mm(6.0 / 9), thirds.cuts().getFirst().bow(), "a ninth in a third of the length");
        assertFalse(thirds.cuts().getFirst().stick().isLessThan(Length.mm(700)));
    }

    @Test
    void defectsPartTheBoard() {
        BoardMilling milling = mill(board(2400, 100, 27, 0, new Span(Length.mm(1000), Length.mm(1100))), 30, 20, 600);
        assertEquals(List.of(Length.mm(975), Length.mm(1275)),
                milling.cuts().stream().map(BoardMilling.Stretch::stick).toList());
    }

    @Test
    void itSaysHowNarrowAFaceWouldGiveOneStripMore() {
        BoardMilling milling = mill(board(2425, 150, 26, 0), 30, 20, 0);
        Length narrower = milling.forOneMore(true);
        assertEquals(27.2, narrower.toMm(), 0.01);
        assertEquals(5, mill(milling.board(), narrower.toMm(), 20, 0).cuts().getFirst().strips());
    }

    @Property(tries = 400)
    void noMoreWoodComesOutThanIsIn(@ForAll @IntRange(min = 300, max = 4000) int length,
            @ForAll @IntRange(min = 30, max = 300) int width, @ForAll @IntRange(min = 15, max = 80) int thickness,
            @ForAll @IntRange(min = 0, max = 20) int bow, @ForAll @IntRange(min = 10, max = 90) int face,
            @ForAll @IntRange(min = 8, max = 50) int deep) {
        RoughBoard board = board(length, width, thickness, bow);
        BoardMilling milling = mill(board, face, deep, 250);
        double out = milling.total().toMm() * face * deep;
        assertTrue(out < board.volume() * 1e9);
        for (BoardMilling.Stretch cut : milling.cuts()) {
            assertFalse(cut.stick().isLessThan(Length.mm(250)));
            assertTrue(cut.lengths() * cut.rough().toMm() <= length + 1e-6);
        }
    }
}
