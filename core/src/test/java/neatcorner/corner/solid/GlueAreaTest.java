package neatcorner.corner.solid;

import static neatcorner.corner.ReinforcementKind.BLOCK;
import static neatcorner.corner.ReinforcementKind.BRAD;
import static neatcorner.corner.ReinforcementKind.DOWEL;
import static neatcorner.corner.ReinforcementKind.SCREW;
import static neatcorner.corner.ReinforcementKind.TENON;
import static neatcorner.corner.solid.CornersOfTest.mm;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.outline.Corner;
import neatcorner.piece.CornerJoint;
import neatcorner.section.Rabbet;
import neatcorner.section.Section;
import neatcorner.wood.Species;
import neatcorner.corner.Reinforcement;
import org.junit.jupiter.api.Test;

/** Glue by what can be measured with a rule: faces that lie on each other. */
class GlueAreaTest {
    /** 70 × 25 less a rabbet of 8 × 12, cut at 45°: the seam is √2 times as wide as the section. */
    private static final double SEAM = (70 * 25 - 8 * 12) * Math.sqrt(2);
    private static final double NEAR = 0.5;

    private static GlueArea glue(Reinforcement... all) {
        JoinedCorner joined = CornersOfTest.joined(CornersOfTest.wide(), all);
        assertTrue(joined.clashes().isEmpty(), () -> joined.clashes().toString());
        return joined.glue();
    }

    @Test
    void aBareMiterIsAllEndGrain() {
        assertEquals(SEAM, glue().endGrain(), NEAR);
        assertEquals(0, glue().longGrain());
    }

    /** A block of 30 mm legs, 5 mm thick, lies on a side of each piece with 30 × 5 mm. */
    @Test
    void aBlockHoldsOneFaceOfEachPiece() {
        GlueArea glue = glue(CornersOfTest.of(BLOCK, 30, 5, 0, 1));
        assertEquals(2 * 30 * 5, glue.longGrain(), NEAR);
        assertEquals(SEAM, glue.endGrain(), NEAR, "it takes nothing out of the seam");
    }

    /** Common practice: half of a round hole's wall is end grain. The hole's own end is lost to the seam. */
    @Test
    void dowelsHoldWithHalfTheirWall() {
        GlueArea glue = glue(CornersOfTest.of(DOWEL, 40, 8, 0, 2));
        assertEquals(2 * Math.PI * 8 * 40 / 2, glue.longGrain(), NEAR);
        assertEquals(SEAM - 2 * Math.PI * 4 * 4, glue.endGrain(), NEAR);
    }

    /** A loose tenon of 40 × 20, 6 thick, has two cheeks; its mortise is 20 × 6 of the seam. */
    @Test
    void aTenonHoldsWithBothCheeks() {
        GlueArea glue = glue(CornersOfTest.of(TENON, 40, 6, 20, 1));
        assertEquals(2 * 40 * 20, glue.longGrain(), 2 * 40 * 20 * 0.12);
        assertEquals(SEAM - 20 * 6, glue.endGrain(), NEAR);
    }

    @Test
    void whatIsDrivenHoldsNoGlue() {
        for (Reinforcement driven : List.of(CornersOfTest.of(BRAD, 40, 1.2, 0, 1),
                CornersOfTest.of(SCREW, 50, 4, 0, 1))) {
            assertEquals(0, CornersOfTest.joined(CornersOfTest.wide(), driven).glue().longGrain());
        }
    }

    /** The front half is mitred: 54.6 × half of 34.8 along 45°; a rabbet 7.4 deep lies behind that and takes nothing. */
    @Test
    void aRabbetBehindAMitredLapTakesNothingOffItsMiter() {
        double miter = 54.6 * 34.8 / 2 * Math.sqrt(2);
        assertEquals(miter, joined(CornerJoint.MITRED_LAP, 54.6, 34.8, 11.7, 7.4).endGrain(), 0.5);
        double deep = (54.6 * 34.8 / 2 - 11.7 * (25 - 34.8 / 2)) * Math.sqrt(2);
        assertEquals(deep, joined(CornerJoint.MITRED_LAP, 54.6, 34.8, 11.7, 25).endGrain(), 0.5,
                "what is deeper than half does");
    }

    /** At the end of a side a dado has its bottom, 12 wide, and one wall, a third as deep as the side is thick; the other is off. */
    @Test
    void aDadoAtTheEndOfAPieceHasOneWall() {
        assertEquals((12 + 4) * 90, joined(CornerJoint.DADO, 12, 90, 0, 0).endGrain(), 0.5);
    }

    private static GlueArea joined(CornerJoint joint, double width, double thickness, double rabbetWide,
            double rabbetDeep) {
        Section section = new Section(Species.named("white oak"), mm(width), mm(thickness),
                rabbetWide == 0 ? Rabbet.NONE : Rabbet.plain(mm(rabbetWide), mm(rabbetDeep)));
        return JoinedCorner.of(new CornerWood(new Corner(Angle.RIGHT, mm(width), mm(width)), joint, section, mm(0)),
                List.of()).glue();
    }

    /** Sides 24 thick, with a rabbet of 8 that begins so far behind the face. */
    private static CornerWood unlike(CornerJoint joint, double before, double after, double begins) {
        Section section = new Section(Species.named("white ash"), Length.mm(before), Length.mm(24),
                Rabbet.plain(Length.mm(8), Length.mm(24 - begins)));
        return new CornerWood(new Corner(Angle.RIGHT, Length.mm(before), Length.mm(after)), joint, section,
                Length.ZERO);
    }

    private static double cheeks(CornerWood wood) {
        return GlueArea.of(wood, List.of(), List.of()).longGrain();
    }

    /** Half and half at 12: there the side after still has all its 40, the one before behind it has 70 less the rabbet's 8. */
    @Test
    void aLapHoldsWhereBothHaveWood() {
        assertEquals((70 - 8) * 40, cheeks(unlike(CornerJoint.LAP, 70, 40, 12)), NEAR);
        assertEquals(70 * 40, cheeks(unlike(CornerJoint.LAP, 70, 40, 20)), NEAR);
        assertEquals((70 - 8) * (40 - 8), cheeks(unlike(CornerJoint.LAP, 70, 40, 6)), NEAR);
    }

    /** Three fingers by turns, 8 each: at the first plane the rabbet begins, at the second both sides lack its 8. */
    @Test
    void fingersHoldOnEachPlaneBetweenThem() {
        CornerWood wood = unlike(CornerJoint.BOX, 70, 40, 8);
        assertEquals(3, wood.fingers());
        assertEquals(62 * 40 + 62 * 32, cheeks(wood), NEAR);
    }

    /** The half behind is a square of 70, of which the mitred half in front covers one side of the diagonal. */
    @Test
    void aMitredLapHoldsOnHalfASquare() {
        assertEquals(70 * 70 / 2.0, cheeks(unlike(CornerJoint.MITRED_LAP, 70, 70, 20)), NEAR);
        assertEquals(62 * 62 / 2.0, cheeks(unlike(CornerJoint.MITRED_LAP, 70, 70, 12)), NEAR);
    }

    /**
     * Of 70 and 40 the triangle has these legs; where both lack their rabbet's 8 a trapezium is left of it, 32 high, 62 wide at
     * the outer edge and 8 × 70/40 − 8 = 6 at the rabbet's wall.
     */
    @Test
    void aMitredLapOfUnlikeSidesHoldsOnATrapezium() {
        assertEquals((62 + 6) / 2.0 * 32, cheeks(unlike(CornerJoint.MITRED_LAP, 70, 40, 6)), NEAR);
    }
}
