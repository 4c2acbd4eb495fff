package neatcorner.corner.solid;

import static neatcorner.corner.solid.CornersOfTest.joined;
import static neatcorner.corner.solid.CornersOfTest.mm;
import static neatcorner.corner.solid.CornersOfTest.section;
import static neatcorner.corner.solid.CornersOfTest.square;
import static neatcorner.corner.solid.CornersOfTest.wide;
import static neatcorner.corner.solid.CornersOfTest.wood;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Objects;
import neatcorner.corner.Inventory;
import neatcorner.corner.Reinforcement;
import neatcorner.corner.ReinforcementKind;
import neatcorner.corner.ScrewGauge;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.measure.Units;
import neatcorner.outline.Corner;
import neatcorner.piece.CornerJoint;
import neatcorner.section.Edge;
import neatcorner.section.EdgeShape;
import neatcorner.section.Milling;
import neatcorner.section.Operation;
import neatcorner.wood.Species;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class ReinforcementTest {
    private static final Inventory SHOP = Inventory.usual(Units.MILLIMETRES);

    private static Clash only(JoinedCorner corner) {
        assertEquals(1, corner.clashes().size(), corner.clashes().toString());
        return corner.clashes().getFirst();
    }

    /** Common practice: both faces of the triangle, 2·d²·tan(φ/2). */
    @ParameterizedTest
    @CsvSource({"90, 22, 968", "135, 20, 1931.371", "108, 15, 619.372"})
    void aSplineGluesBothFacesOfItsTriangle(double interior, double depth, double area) {
        JoinedCorner corner = joined(wood(interior, 60, 60, section(60, 20, 6, 10)),
                Reinforcement.spline(mm(depth), mm(3), 1));
        assertEquals(area, corner.glue().longGrain(), 0.01);
    }

    /** Common practice: the diagonal to the rabbet's wall, (w − rw) / sin(φ/2), less 3 mm. */
    @ParameterizedTest
    @CsvSource({"90, 30, 6, 30.941", "135, 42, 7, 34.884", "108, 40, 8, 36.555"})
    void aSplineMayGoToThreeMillimetresFromTheRabbet(double interior, double w, double rw, double deepest) {
        CornerWood wood = wood(interior, w, w, section(w, 20, rw, 12));
        JoinedCorner fits = joined(wood, Reinforcement.spline(mm(deepest - 0.01), mm(3), 1));
        assertTrue(fits.isClear(), fits.clashes().toString());
        assertEquals(0.01, fits.leastRooms(0).getOrDefault(Room.DEEPER, -1.0), 0.005);
        Clash near = only(joined(wood, Reinforcement.spline(mm(deepest + 0.1), mm(3), 1)));
        assertEquals(Clash.With.RABBET, near.with());
        assertFalse(near.breach());
        assertTrue(only(joined(wood, Reinforcement.spline(mm(deepest + 3.2), mm(3), 1))).breach());
    }

    /** The joint runs to the wide side, so the narrow side has less of the spline: it reaches 24 mm at 50.9 mm of depth. */
    @Test
    void twoWidthsShareASplineAtTheirOwnMiter() {
        CornerWood uneven = wood(90, 30, 60, section(30, 20, 6, 12));
        double atRabbet = 24 / Math.sin(Math.atan(0.5)) * Math.cos(Math.PI / 4 - Math.atan(0.5));
        assertTrue(joined(uneven, Reinforcement.spline(mm(atRabbet - 5), mm(3), 1)).isClear());
        assertTrue(joined(uneven, Reinforcement.spline(mm(atRabbet + 0.2), mm(3), 1)).clashes().stream()
                .anyMatch(clash -> clash.with() == Clash.With.RABBET && clash.breach()));
    }

    @Test
    void severalSplinesStandBehindEachOtherAndATiltedPairSpreads() {
        JoinedCorner two = joined(wide(), Reinforcement.spline(mm(30), mm(3), 2));
        assertTrue(two.isClear());
        assertTrue(two.parts().get(0).gapTo(two.parts().get(1)) > 3);
        JoinedCorner tilted = joined(wide(), Reinforcement.spline(mm(30), mm(3), 2).withTilt(Angle.ofDegrees(8)));
        assertTrue(tilted.isClear(), tilted.clashes().toString());
        JoinedCorner steep = joined(wide(), Reinforcement.spline(mm(40), mm(3), 2).withTilt(Angle.ofDegrees(30)));
        assertFalse(steep.isClear());
    }

    /**
     * Common practice: a mortise is no deeper than s / tan μ − 3 mm, s from the heel to its nearer side; it is 1 mm deeper than its
     * half of the tenon.
     */
    @Test
    void aTenonTooNearTheHeelBreaksOut() {
        double s = 20;
        double half = s / Math.tan(Math.PI / 4) - 3 - 1;
        Reinforcement at = CornersOfTest.of(ReinforcementKind.TENON, 2 * half + 0.2, 6, 20, 1).at(mm(s + 10), null);
        Clash out = only(joined(wide(), at));
        assertEquals(Clash.With.OUTER, out.with());
        assertTrue(out.breach());
        Clash near = only(joined(wide(), at.withSize(mm(2 * half - 0.2))));
        assertFalse(near.breach(), "it stays in the wood, but outside the safe zone");
        assertTrue(joined(wide(), at.withSize(mm(2 * (s - 5 * Math.sqrt(2) - 1) - 0.2))).isClear());
    }

    /** Common standard: sizes 0, 10 and 20 are 47 × 15, 53 × 19 and 56 × 23 mm, 4 mm thick. */
    @Test
    void biscuitsHaveTheirStandardSizes() {
        assertEquals(List.of(mm(47), mm(53), mm(56)),
                List.of(0, 10, 20).stream().map(Inventory::biscuit).map(Reinforcement::width).toList());
        assertThrows(IllegalArgumentException.class, () -> Inventory.biscuit(5));
        assertFalse(joined(square(), Inventory.biscuit(0)).isClear(), "no biscuit goes into a 30 mm face");
        assertTrue(joined(wide(), Inventory.biscuit(20)).isClear());
    }

    /** ASME B18.6.1: 0.060 + 0.013 × N inches; pilots are common practice. */
    @Test
    void screwsAreAsThickAsTheirGaugeSays() {
        assertEquals(Length.inches(0.138), new ScrewGauge(6).diameter());
        assertEquals(8, ScrewGauge.nearest(Length.inches(0.165)).number());
        assertEquals(0.7 * 0.138, new ScrewGauge(6).pilot(Species.named("white oak")).toInches(), 1e-4);
        assertEquals(0.6 * 0.138, new ScrewGauge(6).pilot(Species.named("eastern white pine")).toInches(), 1e-4);
        assertThrows(IllegalArgumentException.class, () -> new ScrewGauge(25));
    }

    @Test
    void aVNailEndsThreeMillimetresBehindTheFace() {
        assertTrue(joined(square(), CornersOfTest.of(ReinforcementKind.V_NAIL, 17, 0.6, 9, 2)).isClear());
        Clash face = joined(square(), CornersOfTest.of(ReinforcementKind.V_NAIL, 18, 0.6, 9, 1)).clashes().getFirst();
        assertEquals(Clash.With.FACE, face.with());
        assertEquals(1, face.by(), 1e-6);
        assertTrue(joined(square(), CornersOfTest.of(ReinforcementKind.V_NAIL, 21, 0.6, 9, 1)).clashes().getFirst()
                .breach());
    }

    @Test
    void aPinTooFarFromTheHeelRunsIntoTheRabbet() {
        Reinforcement pin = CornersOfTest.of(ReinforcementKind.PIN, 25, 0.6, 0, 1);
        assertTrue(joined(square(), pin).isClear());
        assertTrue(joined(square(), pin.at(mm(20), null)).isClear());
        assertTrue(joined(square(), pin.at(mm(23), null)).clashes().stream()
                .allMatch(clash -> clash.with() == Clash.With.RABBET));
        assertFalse(joined(square(), pin.at(mm(23), null)).isClear());
    }

    @Test
    void partsThatMeetAreFound() {
        JoinedCorner corner = joined(wide(), Reinforcement.spline(mm(60), mm(3), 1),
                CornersOfTest.of(ReinforcementKind.TENON, 40, 6, 20, 1).at(null, mm(12.5)));
        assertTrue(corner.clashes().stream().anyMatch(clash -> clash.with() == Clash.With.PART && clash.breach()));
        assertEquals(1, corner.clashesOf(1).size());
    }

    @Test
    void milledEdgesTakeRoomAway() {
        Milling round = Milling.PLAIN
                .plus(new Operation.Shaped(EdgeShape.ROUND_OVER, Edge.FRONT_OUTER, mm(9), mm(9), 0));
        CornerWood rounded = wood(90, 30, 30, section(30, 20, 6, 12).withMilling(round));
        Part spline = joined(rounded, Reinforcement.spline(mm(20), mm(3), 1)).parts().getFirst();
        assertTrue(spline.fromFace() > 12, "behind the round edge: " + spline.fromFace());
        JoinedCorner open = joined(rounded, Reinforcement.spline(mm(20), mm(3), 1).at(null, mm(7)));
        assertEquals(Clash.With.MILLED, open.clashes().getFirst().with());
    }

    @Test
    void aBlockGoesOnlyBehindThePack() {
        assertTrue(joined(square(), CornersOfTest.of(ReinforcementKind.BLOCK, 30, 5, 0, 1)).isClear());
        Clash pack = only(joined(square(), CornersOfTest.of(ReinforcementKind.BLOCK, 30, 6, 0, 1)));
        assertEquals(Clash.With.PACK, pack.with());
        assertEquals(1, pack.by(), 1e-6);
    }

    @Test
    void otherJointsTakeOtherParts() {
        CornerWood lap = new CornerWood(new Corner(Angle.RIGHT, mm(40), mm(40)), CornerJoint.MITRED_LAP,
                section(40, 20, 6, 10), mm(5));
        JoinedCorner pegged = joined(lap, CornersOfTest.of(ReinforcementKind.PEG, 0, 8, 0, 2));
        assertTrue(pegged.isClear(), pegged.clashes().toString());
        assertTrue(pegged.glue().longGrain() > 800, "half of the cheek and two pegs: " + pegged.glue());
        assertEquals(List.of(0), joined(lap, Reinforcement.spline(mm(10), mm(3), 1)).missing());
        CornerWood butt = new CornerWood(new Corner(Angle.RIGHT, mm(60), mm(60)), CornerJoint.BUTT,
                section(60, 30, 6, 10), mm(5));
        assertTrue(joined(butt, CornersOfTest.of(ReinforcementKind.DOWEL, 40, 8, 0, 2)).isClear());
        assertEquals(Clash.With.RABBET,
                joined(butt, CornersOfTest.of(ReinforcementKind.DOWEL, 40, 8, 0, 1).at(null, mm(22))).clashes()
                        .getFirst().with());
        assertEquals(Clash.With.OUTER,
                only(joined(butt, CornersOfTest.of(ReinforcementKind.DOWEL, 130, 8, 0, 1))).with());
        assertEquals(60.0 * 20, joined(butt).glue().endGrain(), 1e-6);
        CornerWood box = new CornerWood(new Corner(Angle.RIGHT, mm(18), mm(18)), CornerJoint.BOX,
                section(18, 60, 4, 10), mm(5));
        assertEquals(7, box.fingers());
        assertEquals(5 * 324 + 14 * 14, joined(box).glue().longGrain(), 1e-4,
                "one of six lies behind the rabbet's floor");
        CornerWood plain = new CornerWood(new Corner(Angle.RIGHT, mm(30), mm(30)), CornerJoint.LAP,
                section(30, 20, 6, 12), mm(5));
        assertEquals(576, joined(plain).glue().longGrain(), 1e-4, "24 × 24: the rabbet is deeper than half");
    }

    @Test
    void aCornerThatTurnsInwardsTakesNothingFromOutside() {
        CornerWood reflex = wood(250, 40, 40, section(40, 20, 6, 10));
        assertEquals(List.of(0), joined(reflex, Reinforcement.spline(mm(10), mm(3), 1)).missing());
        assertFalse(joined(reflex, CornersOfTest.of(ReinforcementKind.V_NAIL, 12, 0.6, 9, 1)).parts().isEmpty());
    }

    @ParameterizedTest
    @EnumSource(value = ReinforcementKind.class, mode = EnumSource.Mode.EXCLUDE, names = "PEG")
    void theStrongestThatFitsIsClear(ReinforcementKind kind) {
        JoinedCorner bare = joined(wide());
        Fitting.Fit fit = new Fitting(bare, mm(0.5)).strongest(kind, SHOP);
        Reinforcement chosen = assertNotNull(fit.chosen(), kind.title());
        assertTrue(joined(wide(), chosen).isClear());
        Reinforcement next = fit.next();
        if (next != null) {
            assertFalse(joined(wide(), next).isClear(), "the next larger does not fit, so there is a reason");
            assertTrue(fit.why() != null || !joined(wide(), next).missing().isEmpty());
        }
    }

    private static <T> T assertNotNull(@Nullable T value, String what) {
        org.junit.jupiter.api.Assertions.assertNotNull(value, what);
        return Objects.requireNonNull(value);
    }

    @Test
    void nothingIsFittedWhereNothingFits() {
        CornerWood slim = wood(90, 12, 12, section(12, 12, 5, 8));
        assertNull(new Fitting(joined(slim), mm(0.5)).strongest(ReinforcementKind.BISCUIT, SHOP).chosen());
        assertNull(new Fitting(joined(slim), mm(0.5)).strongest(ReinforcementKind.PEG, SHOP).chosen());
    }

    @Test
    void whatClashesIsMovedBeforeItIsShortened() {
        Reinforcement off = CornersOfTest.of(ReinforcementKind.TENON, 30, 5, 18, 1).at(mm(22), null);
        Fitting.Mended moved = new Fitting(joined(wide(), off), mm(0.5)).mend(0, SHOP).orElseThrow();
        assertEquals(Fitting.How.MOVED, moved.how());
        assertTrue(joined(wide(), moved.reinforcement()).isClear());
        Reinforcement deep = Reinforcement.spline(mm(40), mm(3), 1);
        Fitting.Mended shorter = new Fitting(joined(square(), deep), mm(0.5)).mend(0, SHOP).orElseThrow();
        assertEquals(Fitting.How.SHORTENED, shorter.how());
        assertEquals(mm(30.5), shorter.reinforcement().size());
        Reinforcement many = CornersOfTest.of(ReinforcementKind.DOWEL, 20, 5, 0, 6);
        Fitting.Mended fewer = new Fitting(joined(square(), many), mm(0.5)).mend(0, SHOP).orElseThrow();
        assertEquals(Fitting.How.FEWER, fewer.how());
        assertTrue(joined(square(), fewer.reinforcement()).isClear());
    }

    @Test
    void impossibleThingsMakeNoPart() {
        assertEquals(List.of(0), joined(square(), Reinforcement.spline(mm(0), mm(3), 1)).missing());
        assertEquals(List.of(0), joined(square(), Reinforcement.spline(mm(20), mm(-1), 1)).missing());
        assertThrows(IllegalArgumentException.class, () -> Reinforcement.spline(mm(20), mm(3), 0));
    }
}
