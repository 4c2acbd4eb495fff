package neatcorner.stock.sticks;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import neatcorner.job.Defaults;
import neatcorner.measure.Length;
import neatcorner.measure.Units;
import neatcorner.outline.Faces;
import neatcorner.outline.Opening;
import neatcorner.piece.FramePieces;
import neatcorner.piece.Piece;
import neatcorner.stock.Blanks;
import neatcorner.stock.CutPiece;
import neatcorner.stock.CutStick;
import neatcorner.stock.Keep;
import neatcorner.stock.Pin;
import neatcorner.stock.Rack;
import neatcorner.stock.Search;
import neatcorner.stock.Span;
import neatcorner.stock.Stick;
import neatcorner.stock.StickLayout;
import neatcorner.wood.Species;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class LayOutTest {
    private static final Blanks BLANKS = new Blanks(new Blanks.Blank(Species.named("pine"), Length.mm(100),
            Length.mm(20), Length.ZERO, Defaults.section(Units.MILLIMETRES)), Map.of());

    private static List<Piece> frame(double sightWidth, double sightHeight, double face) {
        return FramePieces.ofRectangle(new Opening(Length.mm(sightWidth), Length.mm(sightHeight)),
                Faces.all(Length.mm(face)));
    }

    private static Stick stick(double length, int count, Span... defects) {
        return new Stick("ash", Length.mm(length), count, null, List.of(defects));
    }

    private static Span span(double from, double to) {
        return new Span(Length.mm(from), Length.mm(to));
    }

    private static StickLayout layOut(List<Piece> pieces, int frames, Rack rack, double kerf) {
        return new LayOut(pieces, frames, rack, BLANKS, Length.mm(kerf), Length.ZERO).solve(Search.PATIENT);
    }

    private static Rack rack(Keep keep, boolean flippable, Stick... sticks) {
        return new Rack(List.of(sticks), Length.mm(10), keep, flippable);
    }

    @Test
    void piecesFollowEachOtherAKerfAtTheMiterApart() {
        StickLayout layout = layOut(frame(679, 515, 30), 1, rack(Keep.WISH, false, stick(3000, 1)), 3);
        List<CutPiece> cuts = layout.sticks().getFirst().cuts();
        assertEquals(List.of("A", "B", "C", "D"), cuts.stream().map(cut -> cut.piece().name()).toList());
        assertEquals(Length.mm(10), cuts.get(0).at());
        assertEquals(10 + 739 + 3 * Math.sqrt(2), cuts.get(1).at().toMm(), 1e-3);
        assertEquals(3000 - 10 - 2 * (739 + 575) - 12 * Math.sqrt(2), layout.longestOffcut().toMm(), 2e-3);
    }

    /** Common practice: four pieces of 7 3/8 in come from one 30 in stick (for a 7 1/4 in frame, cut full). */
    @Test
    void fourPiecesOfSevenAndThreeEighthsFitAThirtyInchStick() {
        List<Piece> pieces = FramePieces.ofRectangle(new Opening(Length.inches(6.375), Length.inches(6.375)),
                Faces.all(Length.inches(0.5)));
        assertEquals(Length.inches(7, 3, 8), pieces.getFirst().longPoint());
        Rack rack = new Rack(List.of(new Stick("pine", Length.inches(30), 1, null, List.of())), Length.ZERO, Keep.NO,
                false);
        StickLayout layout = new LayOut(pieces, 1, rack, BLANKS, Length.inches(0, 1, 16), Length.ZERO)
                .solve(Search.PATIENT);
        assertTrue(layout.isComplete());
    }

    @Test
    void piecesLaidEndForEndShareTheirCuts() {
        List<Piece> pieces = frame(400, 300, 50);
        StickLayout handed = layOut(pieces, 1, rack(Keep.NO, false, stick(2400, 1)), 3);
        StickLayout flipped = layOut(pieces, 1, rack(Keep.NO, true, stick(2400, 1)), 3);
        assertEquals(150, flipped.longestOffcut().minus(handed.longestOffcut()).toMm(), 1e-3);
        assertEquals(List.of(false, true, false, true),
                flipped.sticks().getFirst().cuts().stream().map(CutPiece::flipped).toList());
    }

    @Test
    void aFrameIsKeptOnOneStickWhereItCostsNothing() {
        List<Piece> pieces = frame(340, 240, 30);
        StickLayout layout = layOut(pieces, 2, rack(Keep.WISH, false, stick(1500, 4)), 3);
        assertEquals(2, layout.sticks().size());
        assertEquals(0, layout.splitFrames());
        for (CutStick stick : layout.sticks()) {
            assertEquals(1, stick.cuts().stream().map(CutPiece::frame).distinct().count());
        }
    }

    @Test
    void aFrameThatMustStayTogetherTakesAnotherStickRatherThanBeSplit() {
        List<Piece> pieces = frame(340, 240, 30);
        StickLayout apart = layOut(pieces, 3, rack(Keep.NO, false, stick(2200, 4)), 3);
        StickLayout together = layOut(pieces, 3, rack(Keep.MUST, false, stick(2200, 4)), 3);
        assertEquals(2, apart.sticks().size());
        assertEquals(3, together.sticks().size());
        assertEquals(0, together.splitFrames());
    }

    @Test
    void overlappingDefectsLeaveOnlyWhatIsReallyClear() {
        Stick stick = stick(1000, 1, span(200, 300), span(250, 400), span(390, 420), span(950, 1200));
        assertEquals(List.of(span(10, 200), span(420, 950)), stick.clear(Length.mm(10)));
        assertEquals(List.of(), stick(100, 1, span(0, 100)).clear(Length.mm(10)));
    }

    @Property(tries = 300)
    void nothingIsLostNothingOverlapsAndNoDefectIsTouched(@ForAll @IntRange(min = 60, max = 900) int width,
            @ForAll @IntRange(min = 60, max = 900) int height, @ForAll @IntRange(min = 1, max = 5) int frames,
            @ForAll @IntRange(min = 0, max = 2000) int defectAt, @ForAll Keep keep, @ForAll boolean flippable) {
        Rack rack = rack(keep, flippable, stick(2400, 4, span(defectAt, defectAt + 60)), stick(1300, 3));
        List<Piece> pieces = frame(width, height, 40);
        check(layOut(pieces, frames, rack, 3), frames);
    }

    @Property(tries = 300)
    void aPieceThatIsHeldStaysOnItsStickAndTheRestMakesWay(@ForAll @IntRange(min = 60, max = 900) int width,
            @ForAll @IntRange(min = 60, max = 900) int height, @ForAll @IntRange(min = 1, max = 4) int frames,
            @ForAll @IntRange(min = 0, max = 3) int piece, @ForAll @IntRange(min = 1, max = 3) int number,
            @ForAll boolean second) {
        Rack rack = rack(Keep.WISH, false, stick(2400, 6, span(600, 640)), stick(1300, 3));
        List<Piece> pieces = frame(width, height, 40);
        String letter = pieces.get(piece).name();
        Pin pin = new Pin(letter, frames, second ? 1 : 0, number);
        StickLayout layout = layOut(pieces, frames, rack.pinned(pin), 3);
        check(layout, frames);
        CutStick holder = layout.sticks().stream().filter(stick -> stick.cuts().stream().anyMatch(pin::holds))
                .findFirst().orElseThrow();
        assertEquals(pin.stock(), holder.stock());
        assertEquals(number, holder.number());
        long sticks = layout.sticks().stream().map(stick -> stick.stock() + "/" + stick.number()).distinct().count();
        assertEquals(layout.sticks().size(), sticks, "no stick is named twice");
        Rack two = rack.pinned(pin).pinned(new Pin(letter, frames, 0, 1));
        assertEquals(1, two.pins().size(), "a piece is held once");
        assertEquals(rack, two.released(letter, frames));
    }

    @Test
    void pinsOfWhatIsNotThereArePassedOver() {
        Rack rack = rack(Keep.NO, false, stick(2400, 2));
        List<Piece> pieces = frame(500, 400, 40);
        StickLayout plain = layOut(pieces, 1, rack, 3);
        for (Pin pin : List.of(new Pin("Z", 1, 0, 1), new Pin("A", 9, 0, 1), new Pin("A", 1, 7, 1),
                new Pin("A", 1, 0, 5))) {
            assertEquals(plain, layOut(pieces, 1, rack.pinned(pin), 3));
        }
    }

    private static void check(StickLayout layout, int frames) {
        Set<String> seen = new HashSet<>();
        for (CutStick stick : layout.sticks()) {
            List<CutPiece> cuts = new ArrayList<>(stick.cuts());
            for (int i = 0; i < cuts.size(); i++) {
                CutPiece cut = cuts.get(i);
                assertTrue(seen.add(cut.label(2)), "cut twice: " + cut.label(2));
                Span taken = new Span(cut.at(), cut.end());
                assertFalse(taken.from().isLessThan(Length.mm(10)));
                assertFalse(taken.to().isMoreThan(stick.stick().length()));
                stick.stick().defects().forEach(defect -> assertFalse(taken.overlaps(defect), "in a defect"));
                if (i > 0) {
                    Length between = cut.at().minus(cuts.get(i - 1).end());
                    double gap = between.toMm() + (layoutShares(cut, cuts.get(i - 1)) ? 40 : 0);
                    assertTrue(gap > 3 * Math.sqrt(2) - 1e-3, "the saw needs its kerf");
                }
            }
        }
        assertEquals(4 * frames, seen.size() + layout.unplaced());
    }

    private static boolean layoutShares(CutPiece cut, CutPiece before) {
        return cut.flipped() != before.flipped();
    }

    /** The numbers of the sticks that each frame's pieces come from. */
    private static Map<Integer, Set<Integer>> sticksOf(StickLayout layout) {
        Map<Integer, Set<Integer>> sticks = new HashMap<>();
        for (CutStick stick : layout.sticks()) {
            stick.cuts().forEach(cut -> sticks.computeIfAbsent(cut.frame(), none -> new HashSet<>())
                    .add(stick.number()));
        }
        return sticks;
    }

    @Property(tries = 150)
    void aFrameOfWhichAPieceIsHeldComesOffThatPiecesStick(@ForAll @IntRange(min = 1, max = 6) int frames,
            @ForAll @IntRange(min = 0, max = 3) int piece, @ForAll @IntRange(min = 1, max = 6) int frame,
            @ForAll @IntRange(min = 1, max = 3) int number, @ForAll boolean must) {
        List<Piece> pieces = frame(200, 300, 20);
        int held = Math.min(frame, frames);
        Rack rack = rack(must ? Keep.MUST : Keep.WISH, false, stick(2500, 4))
                .pinned(new Pin(pieces.get(piece).name(), held, 0, number));
        StickLayout layout = layOut(pieces, frames, rack, 3);
        assertTrue(layout.isComplete());
        assertEquals(Set.of(number), sticksOf(layout).get(held));
        assertEquals(0, layout.splitFrames());
        assertTrue(sticksOf(layout).values().stream().allMatch(sticks -> sticks.size() == 1));
        StickLayout apart = layOut(pieces, frames, rack.withKeep(Keep.NO), 3);
        assertTrue(must || layout.sticks().size() == apart.sticks().size(), "a wish costs no wood");
    }

    @Test
    void framesHeldOnSeveralSticksAreSplitAsTheMakerWants() {
        List<Piece> pieces = frame(200, 300, 20);
        Rack rack = rack(Keep.MUST, false, stick(2500, 4)).pinned(new Pin("A", 1, 0, 1)).pinned(new Pin("B", 1, 0, 2));
        StickLayout layout = layOut(pieces, 3, rack, 3);
        assertTrue(layout.isComplete());
        assertEquals(1, layout.splitFrames(), "the other two are whole");
        Rack tight = rack(Keep.MUST, false, stick(800, 8)).pinned(new Pin("A", 1, 0, 1));
        assertEquals(0, layOut(pieces, 1, tight, 3).unplaced(), "no stick is long enough for all of it");
        assertEquals(1, layOut(pieces, 1, tight, 3).splitFrames());
    }
}
