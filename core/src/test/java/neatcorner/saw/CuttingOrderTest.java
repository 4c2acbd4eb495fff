package neatcorner.saw;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
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
import neatcorner.stock.Rack;
import neatcorner.stock.Search;
import neatcorner.stock.Stick;
import neatcorner.stock.StickLayout;
import neatcorner.stock.sticks.LayOut;
import neatcorner.wood.Species;
import org.junit.jupiter.api.Test;

class CuttingOrderTest {
    private static final Blanks BLANKS = new Blanks(new Blanks.Blank(Species.named("pine"), Length.mm(100),
            Length.mm(20), Length.ZERO, Defaults.section(Units.MILLIMETRES)), Map.of());
    private static final Saw SAW = Defaults.saw(Units.MILLIMETRES)
            .withRough(Length.mm(3));

    private static List<Piece> frame(Faces faces) {
        return FramePieces.ofRectangle(new Opening(Length.mm(400), Length.mm(300)), faces);
    }

    private static StickLayout layOut(List<Piece> pieces, int frames, int sticks) {
        Rack rack = new Rack(List.of(new Stick("oak", Length.mm(1000), sticks, null, List.of())), Length.mm(10),
                Keep.NO, false);
        return new LayOut(pieces, frames, rack, BLANKS, SAW.kerf(), SAW.rough()).solve(Search.PATIENT);
    }

    @Test
    void aSquareFrameNeedsOneStop() {
        List<Piece> pieces = FramePieces.ofRectangle(new Opening(Length.mm(300), Length.mm(300)),
                Faces.all(Length.mm(20)));
        List<SawSetting> settings = CuttingOrder.settings(pieces);
        assertEquals(1, settings.size());
        assertEquals(List.of("A", "B", "C", "D"), settings.getFirst().pieces());
    }

    @Test
    void piecesOfSeveralPartsThatAreCutAlikeShareAStop() {
        Piece brace = FramePieces.ofRectangle(new Opening(Length.mm(300), Length.mm(300)), Faces.all(Length.mm(20)))
                .getFirst();
        List<SawSetting> settings = CuttingOrder.settings(List.of(brace.of("left brace"), brace.of("right brace")));
        assertEquals(1, settings.size());
        assertEquals(List.of("left brace A", "right brace A"), settings.getFirst().pieces());
        assertEquals(2, Piece.twins(List.of(brace.of("left brace"), brace.of("right brace"))).size(),
                "they may need different sticks");
    }

    @Test
    void aWiderBottomGivesTheSidesTwoAngles() {
        Faces faces = new Faces(Length.mm(30), Length.mm(30), Length.mm(50), Length.mm(30));
        List<SawSetting> settings = CuttingOrder.settings(frame(faces));
        SawSetting sideB = settings.stream().filter(s -> s.pieces().contains("B")).findFirst().orElseThrow();
        assertEquals(45, sideB.first().miter().degrees(), 1e-9);
        assertEquals(Math.toDegrees(Math.atan2(50, 30)), sideB.miter().degrees(), 1e-9);
        assertFalse(sideB.pieces().contains("D"), "B and D mirror each other: their ends differ, left and right");
    }

    @Test
    void onlyFinalCutsHaveAStopAndMayLieFaceDown() {
        List<Piece> pieces = frame(Faces.all(Length.mm(30)));
        List<SawCut> cuts = CuttingOrder.cuts(pieces, 1, layOut(pieces, 1, 3));
        assertEquals(8, cuts.size());
        assertNull(cuts.getFirst().stop());
        assertFalse(cuts.getFirst().isFaceDown(SAW));
        assertEquals(Length.mm(460), cuts.get(4).stop());
        assertTrue(cuts.get(4).isFaceDown(SAW));
        assertFalse(cuts.get(4).isFaceDown(SAW.withSecondMiter(SecondMiter.SWING_SAW)));
    }

    @Test
    void piecesWithoutAStickAreCutAllTheSame() {
        List<Piece> pieces = frame(Faces.all(Length.mm(30)));
        StickLayout layout = layOut(pieces, 2, 1);
        assertEquals(6, layout.unplaced());
        List<SawCut> cuts = CuttingOrder.cuts(pieces, 2, layout);
        assertEquals(16, cuts.size());
        assertEquals(12, cuts.stream().filter(cut -> cut.stick() == null).count());
    }

    @Test
    void theRoughAllowanceIsPaidForInWood() {
        List<Piece> pieces = frame(Faces.all(Length.mm(30)));
        Rack rack = new Rack(List.of(), Length.ZERO, Keep.NO, false);
        Length with = new LayOut(pieces, 1, rack, BLANKS, SAW.kerf(), Length.mm(3)).taken(pieces.getFirst());
        Length without = new LayOut(pieces, 1, rack, BLANKS, SAW.kerf(), Length.ZERO).taken(pieces.getFirst());
        assertEquals(Length.mm(3), with.minus(without));
        assertEquals(460 + 3 * Math.sqrt(2), without.toMm(), 1e-3);
    }

    @Test
    void theEleventhFrameIsNotTakenForTheEleventhPart() {
        List<Piece> pieces = frame(Faces.all(Length.mm(30))).subList(0, 2);
        Piece one = pieces.getFirst().named("C1");
        Piece eleven = pieces.getLast().named("C11");
        CutPiece placed = new CutPiece(one, 11, Length.ZERO, one.span(), false);
        CutStick stick = new CutStick(new Stick("oak", Length.mm(1000), 1, null, List.of()), 0, 1, List.of(placed),
                Length.ZERO);
        StickLayout layout = new StickLayout(List.of(stick), 21, 0, false, "", null, 0);
        List<SawCut> cuts = CuttingOrder.cuts(List.of(one, eleven), 11, layout);
        assertEquals(44, cuts.size());
        assertEquals(2,
                cuts.stream().filter(cut -> cut.piece().piece().equals(eleven) && cut.piece().frame() == 1).count());
    }
}
