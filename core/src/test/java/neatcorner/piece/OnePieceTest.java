package neatcorner.piece;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.outline.Faces;
import neatcorner.outline.Opening;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** One piece of wood as it lies on the bench. */
class OnePieceTest {
    private static final Length FACE = Length.mm(30);

    private static Piece piece(double outer, double sight, double left, double right) {
        return new Piece("A", Place.Side.TOP, Length.mm(outer), Length.mm(sight), FACE, FACE,
                EndCut.flat(Angle.ofDegrees(left)), EndCut.flat(Angle.ofDegrees(right)));
    }

    @Test
    void whereItGoesIsSaidInWords() {
        assertEquals("left", Place.Side.LEFT.words());
        assertEquals("side 3", new Place.Numbered(3).words());
        assertEquals("segment 2", new Place.OfCurve(2).words());
        assertEquals("2 of 5", new Place.OneOf(2, 5).words());
        Place part = new Place.Part(new Place.OfRing("band", Place.Side.TOP), 1, 2);
        assertEquals("top, part 1 of 2", part.words());
        assertEquals("band", part.ring());
        assertEquals("", new Place.Part(Place.Side.TOP, 1, 2).ring());
        assertEquals(List.of("heel", "outer edge", "toe", "sight edge"),
                List.of(Tip.HEEL.title(), Tip.HEEL.edge(), Tip.TOE.title(), Tip.TOE.edge()));
    }

    /** Joinery: what shows a miter, and what has nothing but end grain to glue. */
    @Test
    void everyJointHasItsGrain() {
        Set<CornerJoint> endGrain = EnumSet.of(CornerJoint.MITER, CornerJoint.BUTT, CornerJoint.DADO);
        Set<CornerJoint> miters = EnumSet.of(CornerJoint.MITER, CornerJoint.MITRED_LAP);
        for (CornerJoint joint : CornerJoint.values()) {
            assertEquals(endGrain.contains(joint), joint.isEndGrain(), joint.title());
            assertEquals(miters.contains(joint), joint.showsMiter(), joint.title());
        }
    }

    /** Common practice: an odd number of fingers, so that one piece has the outer ones, of 6 to 14 mm each. */
    @ParameterizedTest
    @CsvSource({"10, 3", "20, 3", "39, 3", "40, 5", "59, 5", "60, 7"})
    void fingersAreOddAndHandy(double thick, int fingers) {
        assertEquals(fingers, CornerJoint.fingers(Length.mm(thick)));
    }

    /** Common practice: a dado goes a third of the way into its side, to a mark of the maker's rule. */
    @Test
    void aDadoIsAThirdDeep() {
        assertEquals(Length.mm(13), CornerJoint.dado(Length.mm(40)));
        assertEquals(Length.mm(10), CornerJoint.dado(Length.mm(30)));
        assertEquals(Length.mm(1), CornerJoint.dado(Length.mm(1)), "never none");
        assertEquals(Length.inches(0, 1, 2), CornerJoint.dado(Length.inches(0, 23, 16)));
        assertEquals(Length.inches(0, 5, 16), CornerJoint.dado(Length.inches(0, 15, 16)));
    }

    @Test
    void aPieceIsCalledAndBelongsAsItIsTold() {
        Piece top = piece(400, 340, 45, 45);
        assertEquals("K", top.named("K").name());
        assertEquals(top, top.named("K").named("A"));
        Piece ofBand = top.of("band");
        assertEquals("band", ofBand.place().ring());
        assertEquals(top.outer(), ofBand.outer());
        assertFalse(top.isTwinOf(ofBand), "they belong to two rings");
        assertTrue(top.isTwinOf(top.named("C")));
        assertFalse(EndCut.flat(Angle.ofDegrees(45)).isTilted());
        assertTrue(new EndCut(Angle.ZERO, Angle.ofDegrees(-1)).isTilted());
        for (CornerJoint joint : CornerJoint.values()) {
            assertFalse(joint.title().isBlank());
        }
    }

    /** At 45° a miter's toe lies a face's width in from its heel; at an inward corner it stands out as far. */
    @Test
    void bothEdgesAreMeasuredFromTheLeftmostPoint() {
        Piece mitred = piece(400, 340, 45, 45);
        assertEquals(400, mitred.span().toMm(), 1e-3);
        assertEquals(0, mitred.outerFromLeft().toMm(), 1e-3);
        assertEquals(30, mitred.sightFromLeft().toMm(), 1e-3);
        Piece inward = piece(400, 400, -45, 45);
        assertEquals(430, inward.span().toMm(), 1e-3, "the sight edge stands out at the left");
        assertEquals(30, inward.outerFromLeft().toMm(), 1e-3);
        assertEquals(0, inward.sightFromLeft().toMm(), 1e-3);
        assertEquals(Length.mm(430), piece(400, 400, 45, -45).span());
        Piece square = piece(400, 400, 0, 0);
        assertEquals(Length.ZERO, square.sightFromLeft());
        assertEquals(Length.mm(400), square.shortPoint());
    }

    /** A blade set at 45° passes through √2 of its kerf along the stick, and once more as much with the blade at 45° too. */
    @Test
    void aSlantingBladeTakesMoreOfTheStick() {
        Length kerf = Length.mm(3);
        assertEquals(3, EndCut.flat(Angle.ZERO).along(kerf).toMm(), 1e-3);
        assertEquals(3 * Math.sqrt(2), EndCut.flat(Angle.ofDegrees(45)).along(kerf).toMm(), 1e-3);
        assertEquals(6, new EndCut(Angle.ofDegrees(45), Angle.ofDegrees(45)).along(kerf).toMm(), 1e-3);
        assertFalse(EndCut.flat(Angle.ofDegrees(45)).isNear(EndCut.flat(Angle.ofDegrees(44))));
        assertFalse(EndCut.flat(Angle.ZERO).isNear(new EndCut(Angle.ZERO, Angle.ofDegrees(1))));
        assertTrue(EndCut.flat(Angle.ofDegrees(45)).isNear(EndCut.flat(Angle.ofDegrees(45))));
    }

    /** Parts laid over each other by the scarf are as long together as the piece; their outer ends are the piece's. */
    @Test
    void scarfedPartsMakeUpThePiece() {
        Scarf scarf = new Scarf(8, Length.mm(20));
        assertEquals(Length.mm(160), scarf.overlap());
        Piece whole = piece(3000, 2940, 45, 45);
        List<Piece> parts = scarf.parts(whole, Length.mm(1200));
        assertEquals(3, parts.size(), "two would be 1580 mm long");
        double together = parts.stream().mapToDouble(part -> part.outer().toMm()).sum() - 2 * 160;
        assertEquals(3000, together, 0.01);
        assertEquals(2940, parts.stream().mapToDouble(part -> part.sight().toMm()).sum() - 2 * 160, 0.01);
        assertTrue(parts.stream().allMatch(part -> !part.span().isMoreThan(Length.mm(1200))));
        assertEquals(List.of("A1", "A2", "A3"), parts.stream().map(Piece::name).toList());
        assertEquals(whole.left(), parts.getFirst().left());
        assertEquals(whole.right(), parts.getLast().right());
        for (EndCut inner : List.of(parts.get(0).right(), parts.get(1).left(), parts.get(1).right(),
                parts.get(2).left())) {
            assertEquals(EndCut.flat(Angle.ZERO), inner, "square, then sloped");
        }
        assertEquals(List.of(whole), scarf.parts(whole, Length.mm(3000)), "it fits");
        assertEquals(List.of(), scarf.parts(whole, Length.mm(240)), "the scarf is half of that and more");
        assertFalse(scarf.parts(whole, Length.mm(241)).isEmpty());
        assertEquals(2, scarf.parts(whole, Length.mm(1580)).size(), "just long enough");
        assertEquals(3, scarf.parts(whole, Length.mm(1579)).size());
        Piece inward = piece(3000, 3000, -45, 45);
        List<Piece> bent = scarf.parts(inward, Length.mm(2000));
        assertEquals(2, bent.size());
        assertEquals(3030, bent.stream().mapToDouble(part -> part.span().toMm()).sum() - 160, 0.01);
        assertEquals(3000, bent.stream().mapToDouble(part -> part.outer().toMm()).sum() - 160, 0.01);
    }

    @Test
    void aRectangleHasFourPieces() {
        List<Piece> pieces = FramePieces.ofRectangle(new Opening(Length.mm(500), Length.mm(400)), Faces.all(FACE));
        assertEquals(List.of(500.0, 400.0, 500.0, 400.0), pieces.stream().map(piece -> piece.sight().toMm()).toList());
        assertEquals(List.of(560.0, 460.0, 560.0, 460.0), pieces.stream().map(piece -> piece.outer().toMm()).toList());
        assertEquals(2, Piece.twins(pieces).size());
    }
}
