package neatcorner.saw;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import neatcorner.job.Defaults;
import neatcorner.job.Job;
import neatcorner.job.Jobs;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.measure.Units;
import neatcorner.outline.Faces;
import neatcorner.outline.Opening;
import neatcorner.piece.EndCut;
import neatcorner.piece.FramePieces;
import neatcorner.piece.Piece;
import neatcorner.piece.Place;
import neatcorner.planner.Planner;
import neatcorner.stock.CutPiece;
import org.junit.jupiter.api.Test;

class SawTest {
    private static final Saw SAW = Defaults.saw(Units.MILLIMETRES);
    private static final Piece PIECE = FramePieces.ofRectangle(new Opening(Length.mm(400), Length.mm(300)),
            new Faces(Length.mm(40), Length.mm(60), Length.mm(40), Length.mm(50)))
            .getFirst();
    private static final CutPiece CUT = new CutPiece(PIECE, 1, Length.mm(10), Length.mm(600), false);

    @Test
    void itReachesUpToItsLastDegreeEitherWay() {
        assertTrue(SAW.reachesMiter(Angle.ofDegrees(50)) && SAW.reachesMiter(Angle.ofDegrees(-50)));
        assertFalse(SAW.reachesMiter(Angle.ofDegrees(50.01)));
    }

    @Test
    void itIsSetOneThingAtATime() {
        assertEquals(Length.mm(2), SAW.withKerf(Length.mm(2)).kerf());
        assertEquals(Length.mm(5), SAW.withRough(Length.mm(5)).rough());
        assertEquals(Length.mm(200), SAW.withMinHold(Length.mm(200)).minHold());
        assertEquals(SecondMiter.SWING_SAW, SAW.withSecondMiter(SecondMiter.SWING_SAW).secondMiter());
    }

    @Test
    void theFirstCutIsTheLeftEndTheFinalOneTheRight() {
        SawCut first = new SawCut(SawCut.Kind.FIRST_MITER, CUT, null, null);
        SawCut last = new SawCut(SawCut.Kind.FINAL_MITER, CUT, null, PIECE.outer());
        assertEquals(PIECE.left().miter(), first.miter());
        assertEquals(PIECE.right().miter(), last.miter());
        assertNull(first.stop());
        assertEquals(PIECE.outer(), last.stop());
    }

    @Test
    void onlyAMakerWhoTurnsPiecesOverHasThemFaceDown() {
        SawCut first = new SawCut(SawCut.Kind.FIRST_MITER, CUT, null, null);
        SawCut last = new SawCut(SawCut.Kind.FINAL_MITER, CUT, null, PIECE.outer());
        assertFalse(first.isFaceDown(SAW));
        assertTrue(last.isFaceDown(SAW));
        assertFalse(last.isFaceDown(SAW.withSecondMiter(SecondMiter.SWING_SAW)));
    }

    /** Geometry: k / cos μ with μ the steeper of the two miters. */
    @Test
    void aSlantedKerfTakesMoreOfTheStick() {
        double steepest = Math.atan(60.0 / 40);
        assertEquals(3 / Math.cos(steepest), PIECE.right().along(Length.mm(3)).toMm(), 1e-3);
        assertEquals(3 / Math.cos(steepest), PIECE.kerfAtEnds(Length.mm(3)).toMm(), 1e-3);
        EndCut tilted = new EndCut(Angle.ofDegrees(35.26), Angle.ofDegrees(30));
        assertEquals(3 / Math.cos(Math.toRadians(35.26)) / Math.cos(Math.toRadians(30)),
                tilted.along(Length.mm(3)).toMm(), 1e-3);
    }

    @Test
    void twinsShareAStopAndOthersDoNot() {
        Piece same = new Piece("Z", Place.Side.BOTTOM, PIECE.outer(), PIECE.sight(), PIECE.face(), PIECE.left(),
                PIECE.right());
        Piece longer = new Piece("Y", Place.Side.BOTTOM, PIECE.outer().plus(Length.mm(1)), PIECE.sight(), PIECE.face(),
                PIECE.left(), PIECE.right());
        Piece bevelled = new Piece("X", Place.Side.BOTTOM, PIECE.outer(), PIECE.sight(), PIECE.face(),
                new EndCut(PIECE.left().miter(), Angle.ofDegrees(5)), PIECE.right());
        assertTrue(PIECE.isTwinOf(same));
        assertFalse(PIECE.isTwinOf(longer) || PIECE.isTwinOf(bevelled));
        List<List<Piece>> groups = Piece.twins(List.of(PIECE, longer, same, bevelled));
        assertEquals(List.of(2, 1, 1), groups.stream().map(List::size).toList());
    }

    @Test
    void aPieceAtAReflexCornerIsLongestOnItsSightEdge() {
        Piece reflex = new Piece("R", new Place.Numbered(1), Length.mm(200), Length.mm(230), Length.mm(30),
                EndCut.flat(Angle.ofDegrees(-45)), EndCut.flat(Angle.ZERO));
        assertEquals(Length.mm(230), reflex.longPoint());
        assertEquals(Length.mm(200), reflex.shortPoint());
    }

    /** Geometry: turned over, a tilted cut would lean the wrong way, so the saw is swung instead. */
    @Test
    void aPieceUnderATiltedBladeIsNotTurnedOver() {
        Job flat = Jobs.chart();
        Job sloped = flat.withOutline(flat.outline().withSlope(Angle.ofDegrees(30)));
        assertTrue(Planner.plan(flat).cuts().getLast().isFaceDown(flat.saw()));
        assertFalse(Planner.plan(sloped).cuts().getLast().isFaceDown(sloped.saw()));
    }

    @Test
    void beyondItsRangeTheSawIsSetToTheComplement() {
        assertEquals(30, SAW.set(Angle.ofDegrees(60)).degrees(), 1e-9);
        assertEquals(-30, SAW.set(Angle.ofDegrees(-60)).degrees(), 1e-9);
        assertEquals(45, SAW.set(Angle.ofDegrees(45)).degrees(), 1e-9);
        assertTrue(SAW.clicksAt(Angle.ofDegrees(22.5)));
        assertFalse(SAW.clicksAt(Angle.ofDegrees(25.71)));
    }
}
