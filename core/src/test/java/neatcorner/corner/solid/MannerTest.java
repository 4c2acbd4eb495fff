package neatcorner.corner.solid;

import static neatcorner.corner.ReinforcementKind.BISCUIT;
import static neatcorner.corner.ReinforcementKind.BLOCK;
import static neatcorner.corner.ReinforcementKind.BRACE;
import static neatcorner.corner.ReinforcementKind.CORRUGATED;
import static neatcorner.corner.ReinforcementKind.DOWEL;
import static neatcorner.corner.ReinforcementKind.NAIL;
import static neatcorner.corner.ReinforcementKind.PEG;
import static neatcorner.corner.ReinforcementKind.POCKET_SCREW;
import static neatcorner.corner.ReinforcementKind.SPLINE;
import static neatcorner.corner.ReinforcementKind.STAPLE;
import static neatcorner.corner.ReinforcementKind.TENON;
import static neatcorner.corner.ReinforcementKind.V_NAIL;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import neatcorner.corner.Reinforcement;
import neatcorner.corner.ReinforcementKind;
import neatcorner.measure.Angle;
import org.junit.jupiter.api.Test;

/** What each kind of part wants of the wood, as a maker would say it. */
class MannerTest {
    private static Margins margins(ReinforcementKind kind) {
        return Manner.of(kind).margins().apply(Math.PI / 2);
    }

    private static double worth(ReinforcementKind kind, double size, double thin, double wide) {
        return Manner.of(kind).worth().applyAsDouble(CornersOfTest.of(kind, size, thin, wide, 1));
    }

    /** A slot goes right through the heel; what is across the joint is moved every way; a plate lies where it lies. */
    @Test
    void partsAreMovedWhereTheyCanBe() {
        assertEquals(List.of(Room.FRONT, Room.BACK, Room.DEEPER), Room.of(SPLINE));
        assertEquals(List.of(Room.values()), Room.of(DOWEL));
        assertEquals(List.of(Room.values()), Room.of(NAIL));
        assertEquals(List.of(Room.FRONT, Room.BACK, Room.HEEL, Room.TOE), Room.of(BISCUIT), "it is sold in its size");
        assertEquals(List.of(Room.HEEL, Room.TOE, Room.DEEPER), Room.of(V_NAIL), "it comes from the back");
        assertEquals(List.of(Room.HEEL, Room.TOE), Room.of(PEG), "it goes right through");
        assertEquals(List.of(), Room.of(BRACE));
    }

    /** Common practice: 3 mm of wood stay, 6 mm beside what splits; nothing where a part comes out on purpose. */
    @Test
    void woodStaysRoundThem() {
        for (ReinforcementKind splits : List.of(V_NAIL, CORRUGATED)) {
            assertEquals(new Margins(3, 6, 6, 3, 0, 0), margins(splits), splits.title());
        }
        for (ReinforcementKind behind : List.of(STAPLE, POCKET_SCREW, BRACE)) {
            assertEquals(new Margins(3, 3, 3, 3, 0, 0), margins(behind), behind.title());
        }
        assertEquals(new Margins(3, 0, 3, 3, 3, 3), margins(NAIL), "through the outer edge");
        assertEquals(new Margins(0, 3, 3, 3, 0, 0), margins(PEG), "from face to back");
        assertEquals(Margins.NONE, margins(BLOCK));
        assertEquals(3 * Math.sqrt(0.5), margins(SPLINE).hidden(), 1e-9, "3 mm along the diagonal of a square corner");
        assertEquals(0, margins(SPLINE).outer());
        assertTrue(margins(SPLINE).isOpenOutside() && !margins(TENON).isOpenOutside());
    }

    /** More glue, or more steel across the joint, is stronger; a peg's length is the lap's and not its own. */
    @Test
    void theLargerOfAKindIsTheStronger() {
        for (ReinforcementKind kind : ReinforcementKind.values()) {
            assertTrue(worth(kind, 30, 4, 12) >= worth(kind, 20, 4, 12), kind.title());
            assertTrue(worth(kind, 30, 4, 12) > 0, kind.title());
        }
        assertTrue(worth(TENON, 30, 4, 20) > worth(TENON, 30, 8, 12), "cheeks hold, thickness does not");
        assertTrue(worth(DOWEL, 30, 8, 0) > worth(DOWEL, 30, 6, 0));
        assertTrue(worth(PEG, 0, 8, 0) > worth(PEG, 0, 6, 0));
        assertEquals(List.of(4, 1, 3),
                List.of(Manner.of(DOWEL).most(), Manner.of(TENON).most(), Manner.of(V_NAIL).most()));
    }

    /** In a square corner a slip that goes 30 mm in along the diagonal is a triangle of 30 × 60 ÷ 2; tilted, its faces are longer. */
    @Test
    void aTiltedSplineHasMoreFace() {
        Reinforcement straight = CornersOfTest.of(SPLINE, 30, 3, 0, 1);
        Reinforcement tilted = straight.withTilt(Angle.ofDegrees(20));
        double faces = 2 * 30 * 60 / 2.0;
        assertEquals(faces, CornersOfTest.joined(CornersOfTest.wide(), straight).glue().longGrain(), 1e-6);
        assertEquals(faces / Math.cos(Math.toRadians(20)),
                CornersOfTest.joined(CornersOfTest.wide(), tilted).glue().longGrain(), 1e-6);
    }

    /** The mortise of a tenon, the hole of a dowel, a pocket screw's, and the slot of a slip are lost to the joint's own face. */
    @Test
    void whatIsCutAcrossTheJointIsLostToIt() {
        assertEquals(20 * 6, taken(TENON, 40, 6, 20), 1e-9);
        assertEquals(Math.PI * 16, taken(DOWEL, 40, 8, 0), 1e-9);
        assertEquals(Math.PI * 4, taken(POCKET_SCREW, 32, 4, 0), 1e-9);
        assertEquals(30 * 3, taken(SPLINE, 30, 3, 0), 1e-9);
        assertEquals(0,
                taken(NAIL, 40, 2, 0) + taken(BLOCK, 40, 8, 0) + taken(PEG, 0, 8, 0) + taken(STAPLE, 10, 1, 10));
    }

    private static double taken(ReinforcementKind kind, double size, double thin, double wide) {
        return Manner.of(kind).taken().applyAsDouble(CornersOfTest.of(kind, size, thin, wide, 1));
    }
}
