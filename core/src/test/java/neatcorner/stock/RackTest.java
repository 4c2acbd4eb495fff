package neatcorner.stock;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import neatcorner.measure.Length;
import neatcorner.outline.Faces;
import neatcorner.outline.Opening;
import neatcorner.piece.FramePieces;
import neatcorner.piece.Piece;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

class RackTest {

    private static Span span(double from, double to) {
        return new Span(Length.mm(from), Length.mm(to));
    }

    private static Stick stick(double length, int count, Span... defects) {
        return new Stick("ash", Length.mm(length), count, 4.0, List.of(defects));
    }

    private static Rack rack(Stick... sticks) {
        return new Rack(List.of(sticks), Length.mm(10), Keep.NO, false);
    }

    @Test
    void aSoundStickIsClearFromItsTrimToItsEnd() {
        assertEquals(List.of(span(10, 2400)), stick(2400, 1).clear(Length.mm(10)));
    }

    @Test
    void defectsCutAStickIntoClearStretches() {
        assertEquals(List.of(span(10, 300), span(350, 1000), span(1010, 2400)),
                stick(2400, 1, span(1000, 1010), span(300, 350)).clear(Length.mm(10)));
    }

    @Test
    void defectsMayOverlapTouchAndStickOutAtTheEnds() {
        assertEquals(List.of(span(400, 600)),
                stick(1000, 1, span(-50, 200), span(150, 400), span(600, 700), span(700, 2000)).clear(Length.ZERO));
    }

    @Test
    void aStickThatIsAllDefectOrAllTrimHasNothingClear() {
        assertEquals(List.of(), stick(500, 1, span(0, 500)).clear(Length.ZERO));
        assertEquals(List.of(), stick(8, 1).clear(Length.mm(10)));
        assertTrue(rack(stick(500, 1, span(0, 500))).longestClear().isEmpty());
    }

    @Property(tries = 300)
    void clearStretchesAreInOrderApartAndFreeOfDefects(
            @ForAll @Size(max = 8) List<@IntRange(min = -100, max = 2600) Integer> starts,
            @ForAll @IntRange(max = 60) int trim) {
        List<Span> defects = starts.stream().map(from -> span(from, from + 37)).toList();
        Stick stick = new Stick("s", Length.mm(2400), 1, null, defects);
        Length before = Length.mm(trim).minus(Length.mm(1));
        for (Span clear : stick.clear(Length.mm(trim))) {
            assertTrue(clear.from().isMoreThan(before) && clear.length().isPositive());
            assertFalse(clear.to().isMoreThan(Length.mm(2400)));
            defects.forEach(defect -> assertFalse(defect.overlaps(clear)));
            before = clear.to();
        }
    }

    @Property(tries = 200)
    void nothingIsLostBetweenDefectsAndClearStretches(
            @ForAll @Size(max = 6) List<@IntRange(min = 0, max = 2300) Integer> starts) {
        List<Span> defects = starts.stream().map(from -> span(from, from + 50)).toList();
        Stick stick = new Stick("s", Length.mm(2400), 1, null, defects);
        boolean[] bad = new boolean[2400];
        for (int start : starts) {
            for (int i = start; i < Math.min(2400, start + 50); i++) {
                bad[i] = true;
            }
        }
        int clear = 0;
        for (boolean each : bad) {
            clear += each ? 0 : 1;
        }
        assertEquals(Length.mm(clear), Length.sum(stick.clear(Length.ZERO).stream().map(Span::length).toList()));
    }

    @Test
    void spansThatOnlyTouchDoNotOverlap() {
        assertFalse(span(0, 10).overlaps(span(10, 20)));
        assertTrue(span(0, 10).overlaps(span(9, 20)));
        assertTrue(span(0, 10).contains(Length.mm(10)));
    }

    @Test
    void theRackIsChangedStickByStick() {
        Rack rack = rack(stick(2400, 1), stick(1200, 0));
        assertEquals(Length.mm(2390), rack.longestClear().orElseThrow());
        assertEquals(3, rack.plusStick(stick(900, 1)).sticks().size());
        assertEquals(Length.mm(1200), rack.withoutStick(0).sticks().getFirst().length());
        assertTrue(rack.withoutStick(0).longestClear().isEmpty(), "there are none of it");
        Stick dear = rack.sticks().getFirst().withPrice(9.5).withName("best").withCount(3).withLength(Length.mm(3000));
        assertEquals(dear, rack.withStick(0, each -> dear).sticks().getFirst());
        assertEquals(Keep.MUST, rack.withKeep(Keep.MUST).keepFrameTogether());
        assertTrue(rack.withFlippable(true).flippable());
        assertEquals(Length.mm(25), rack.withEndTrim(Length.mm(25)).endTrim());
    }

    @Test
    void whatWasPutInCannotBeChangedFromOutside() {
        List<Stick> sticks = new ArrayList<>(List.of(stick(2400, 1)));
        Rack rack = new Rack(sticks, Length.ZERO, Keep.NO, false);
        sticks.clear();
        assertEquals(1, rack.sticks().size());
        assertThrows(UnsupportedOperationException.class, () -> rack.sticks().clear());
    }

    @Test
    void aStickThatIsOneOfManyIsNumbered() {
        assertEquals("ash", new CutStick(stick(2400, 1), 0, 1, List.of(), Length.ZERO).label());
        assertEquals("ash · 2", new CutStick(stick(2400, 3), 0, 2, List.of(), Length.ZERO).label());
    }

    @Test
    void aPieceIsLabelledWithItsFrameWhenThereAreMany() {
        Piece piece = FramePieces.ofRectangle(
                new Opening(Length.mm(200), Length.mm(100)),
                Faces.all(Length.mm(20))).getFirst();
        CutPiece cut = new CutPiece(piece, 3, Length.mm(10), Length.mm(254.25), false);
        assertEquals("A", cut.label(1));
        assertEquals("A3", cut.label(4));
        assertEquals(Length.mm(250), cut.end());
    }

    @Test
    void aKnotIsInOneStickAndItsLikeAreSound() {
        Rack rack = rack(stick(1000, 1), stick(2400, 3, span(5, 9)), stick(3000, 1))
                .withPins(List.of(new Pin("A", 1, 1, 1), new Pin("B", 1, 1, 2), new Pin("C", 1, 1, 3),
                        new Pin("D", 1, 2, 1), new Pin("E", 1, 0, 1)));
        Rack knotty = rack.withDefect(1, 2, span(700, 740));
        assertEquals(List.of(1, 2, 1, 1), knotty.sticks().stream().map(Stick::count).toList());
        assertEquals(List.of(span(5, 9)), knotty.sticks().get(1).defects());
        assertEquals(List.of(span(5, 9), span(700, 740)), knotty.sticks().get(2).defects());
        assertEquals("ash · knot", knotty.sticks().get(2).name());
        assertEquals(List.of(new Pin("A", 1, 1, 1), new Pin("B", 1, 2, 1), new Pin("C", 1, 1, 2),
                new Pin("D", 1, 3, 1), new Pin("E", 1, 0, 1)), knotty.pins());
        Rack twice = knotty.withDefect(2, 1, span(900, 910));
        assertEquals(knotty.sticks().size(), twice.sticks().size(), "another in the same stick");
        assertEquals(3, twice.sticks().get(2).defects().size());
        assertEquals("ash · knot 2", knotty.withDefect(1, 0, span(1, 2)).sticks().get(2).name());
        assertEquals(rack, rack.withDefect(7, 1, span(1, 2)), "a stick that is gone");
    }
}
