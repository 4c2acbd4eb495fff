package neatcorner.corner;

import static neatcorner.corner.ReinforcementKind.BISCUIT;
import static neatcorner.corner.ReinforcementKind.BLOCK;
import static neatcorner.corner.ReinforcementKind.BRACE;
import static neatcorner.corner.ReinforcementKind.BRAD;
import static neatcorner.corner.ReinforcementKind.CORRUGATED;
import static neatcorner.corner.ReinforcementKind.DOWEL;
import static neatcorner.corner.ReinforcementKind.NAIL;
import static neatcorner.corner.ReinforcementKind.PEG;
import static neatcorner.corner.ReinforcementKind.PIN;
import static neatcorner.corner.ReinforcementKind.POCKET_SCREW;
import static neatcorner.corner.ReinforcementKind.SCREW;
import static neatcorner.corner.ReinforcementKind.SLIP;
import static neatcorner.corner.ReinforcementKind.SPLINE;
import static neatcorner.corner.ReinforcementKind.STAPLE;
import static neatcorner.corner.ReinforcementKind.TENON;
import static neatcorner.corner.ReinforcementKind.V_NAIL;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.measure.Units;
import neatcorner.piece.CornerJoint;
import neatcorner.wood.Species;
import org.junit.jupiter.api.Test;

/** What holds corners, as it lies in the drawer: its shape, when it goes in, what it may hold. */
class KindsTest {
    private static final List<ReinforcementKind> ALL = List.of(ReinforcementKind.values());

    private static Set<ReinforcementKind> those(Predicate<ReinforcementKind> are) {
        Set<ReinforcementKind> found = EnumSet.noneOf(ReinforcementKind.class);
        ALL.stream().filter(are).forEach(found::add);
        return found;
    }

    private static Reinforcement of(ReinforcementKind kind) {
        return Reinforcement.of(kind, Length.mm(30), Length.mm(4), Length.mm(10), 2);
    }

    @Test
    void shapesAreThoseOfTheThing() {
        Set<ReinforcementKind> round = EnumSet.of(DOWEL, PIN, BRAD, NAIL, SCREW, POCKET_SCREW, PEG);
        assertEquals(round, those(ReinforcementKind::isRound));
        assertEquals(round, those(kind -> kind.thicknessName().equals("diameter")));
        assertEquals(EnumSet.of(SCREW, POCKET_SCREW), those(ReinforcementKind::isScrew));
        assertEquals(EnumSet.of(TENON, BISCUIT, DOWEL), those(ReinforcementKind::isMortised));
        assertEquals(EnumSet.of(PIN, BRAD, NAIL), those(ReinforcementKind::isFromBothSides));
        assertEquals(EnumSet.of(SPLINE, SLIP, TENON, BISCUIT, DOWEL, BLOCK, PEG), those(ReinforcementKind::isGlued));
        assertEquals(EnumSet.of(TENON, BISCUIT, DOWEL, POCKET_SCREW), those(kind -> !kind.isAfterGlue()),
                "what goes in before the corner is closed");
        assertEquals(ALL.size(), new HashSet<>(ALL.stream().map(ReinforcementKind::title).toList()).size());
        assertTrue(ALL.stream().noneMatch(kind -> kind.title().isBlank() || kind.sizeName().isBlank()));
        assertFalse(those(ReinforcementKind::shows).contains(DOWEL));
        assertTrue(those(ReinforcementKind::shows).containsAll(EnumSet.of(SPLINE, SLIP, NAIL, PEG)));
    }

    /** Common practice: what is driven through a joint holds it while glue sets; a staple pulls at the back alone. */
    @Test
    void whatIsDrivenThroughAJointSparesItsClamps() {
        assertEquals(EnumSet.of(PIN, BRAD, NAIL, SCREW, POCKET_SCREW, V_NAIL, CORRUGATED),
                those(ReinforcementKind::sparesClamps));
        assertEquals(EnumSet.of(DOWEL, PEG), those(kind -> kind.body() == ReinforcementKind.Body.ROD_OF_WOOD));
        assertEquals(EnumSet.of(V_NAIL, STAPLE, BRACE, CORRUGATED),
                those(kind -> kind.body() == ReinforcementKind.Body.PLATE_OF_STEEL));
        assertEquals(List.of("width", "along", "span", "crown", "cutter"),
                List.of(TENON.widthName(), BISCUIT.widthName(), V_NAIL.widthName(), STAPLE.widthName(),
                        SLIP.widthName()));
    }

    /** Joinery: nothing goes into a lap but what goes through it; a spline wants a miter; nails want a face to go through. */
    @Test
    void everyKindSuitsItsJoints() {
        Set<ReinforcementKind> inside = EnumSet.of(TENON, BISCUIT, DOWEL, V_NAIL, STAPLE, POCKET_SCREW, CORRUGATED);
        Set<ReinforcementKind> always = EnumSet.of(BRACE, BLOCK);
        Set<ReinforcementKind> driven = EnumSet.of(PIN, BRAD, NAIL, SCREW);
        for (CornerJoint joint : CornerJoint.values()) {
            Set<ReinforcementKind> suit = EnumSet.copyOf(always);
            switch (joint) {
                case MITER -> {
                    suit.addAll(inside);
                    suit.addAll(driven);
                    suit.addAll(EnumSet.of(SPLINE, SLIP));
                }
                case BUTT, DADO -> {
                    suit.addAll(inside);
                    suit.addAll(driven);
                }
                case BOX -> {
                    suit.addAll(driven);
                    suit.add(PEG);
                }
                case LAP, MITRED_LAP -> suit.add(PEG);
            }
            assertEquals(suit, those(kind -> kind.suits(joint)), joint.title());
        }
    }

    @Test
    void aThingHasSizesOfItsOwn() {
        for (ReinforcementKind kind : ALL) {
            Reinforcement what = of(kind);
            assertTrue(what.isPossible(), kind.title());
            assertFalse(what.withThickness(Length.ZERO).isPossible(), kind.title());
            assertEquals(kind == PEG, what.withSize(Length.ZERO).isPossible(), "a peg is as long as the lap is thick");
            assertEquals(kind.widthName().isEmpty(), what.withWidth(Length.ZERO).isPossible(), kind.title());
            assertEquals(EnumSet.of(PIN, BRAD, NAIL).contains(kind) ? 4 : 2, what.parts(), kind.title());
        }
        assertTrue(of(SPLINE).withTilt(Angle.ofDegrees(45)).isPossible());
        assertFalse(of(SPLINE).withTilt(Angle.ofDegrees(-45.1)).isPossible());
        assertThrows(IllegalArgumentException.class, () -> of(PIN).withCount(0));
        assertThrows(IllegalArgumentException.class, () -> of(PIN).withCount(13));
        assertEquals(12, of(PIN).withCount(12).count());
    }

    @Test
    void theLargestLieInFront() {
        Inventory shop = Inventory.usual(Units.MILLIMETRES);
        for (ReinforcementKind kind : ALL) {
            List<Reinforcement> some = shop.of(kind);
            assertFalse(some.isEmpty(), kind.title() + " is sold");
            for (int i = 1; i < some.size(); i++) {
                assertFalse(some.get(i).size().isMoreThan(some.get(i - 1).size()), kind.title());
            }
            assertTrue(some.stream().allMatch(item -> item.kind() == kind && item.count() == 1));
        }
        Reinforcement odd = of(TENON).at(Length.mm(3), Length.mm(4));
        Inventory more = shop.plus(odd);
        assertEquals(odd.withCount(1).at(null, null), more.items().getLast());
        assertEquals(shop, more.without(more.items().getLast()));
        assertEquals(shop, shop.without(odd), "there is none like it");
        assertThrows(IllegalArgumentException.class, () -> Inventory.biscuit(15));
        assertEquals(Inventory.biscuit(0).width(), Length.mm(47));
    }

    /** As hardware stores commonly sell them; a size that is cut to measure is none. */
    @Test
    void drawersHoldWhatIsSold() {
        Inventory metric = Inventory.usual(Units.MILLIMETRES);
        assertEquals(List.of(50.0, 40.0, 30.0, 20.0), sizes(metric, TENON));
        assertEquals(List.of(8.0, 6.0, 5.0, 4.0),
                metric.of(TENON).stream().map(item -> item.thickness().toMm()).toList());
        assertEquals(List.of(40.0, 30.0, 20.0), sizes(metric, DOWEL));
        assertEquals(List.of(15.0, 12.0, 10.0, 7.0, 5.0), sizes(metric, V_NAIL));
        assertEquals(List.of(25.0, 15.0), sizes(metric, PIN));
        assertEquals(List.of(40.0, 25.0), sizes(metric, BRAD));
        assertEquals(List.of(50.0, 40.0), sizes(metric, NAIL));
        assertEquals(List.of(10.0, 6.0), sizes(metric, STAPLE));
        assertEquals(List.of(10.0, 6.0), sizes(metric, CORRUGATED));
        assertEquals(List.of(50.0, 40.0, 25.0), sizes(metric, SCREW));
        assertEquals(List.of(32.0, 25.0), sizes(metric, POCKET_SCREW));
        assertEquals(List.of(75.0, 40.0), sizes(metric, BRACE));
        assertEquals(List.of(50.0, 30.0), sizes(metric, BLOCK));
        assertEquals(List.of(8.0, 6.0), metric.of(PEG).stream().map(item -> item.thickness().toMm()).toList());
        assertEquals(List.of(23.0, 19.0, 15.0), sizes(metric, BISCUIT));
        assertEquals(List.of(0.0), sizes(metric, SPLINE));
        Inventory inches = Inventory.usual(Units.INCHES);
        assertEquals(metric.items().size(), inches.items().size());
        assertEquals(List.of(Length.inches(2), Length.inches(1.5), Length.inches(1)),
                inches.of(SCREW).stream().map(Reinforcement::size).toList());
        assertEquals(List.of(Length.inches(0, 5, 16), Length.inches(0, 1, 4)),
                inches.of(PEG).stream().map(Reinforcement::thickness).toList());
    }

    private static List<Double> sizes(Inventory shop, ReinforcementKind kind) {
        return shop.of(kind).stream().map(item -> item.size().toMm()).toList();
    }

    /** ASME B18.6.1: number 8 is 0.164 in thick. Common practice: pilots of 60 % in softwood and 70 % in hardwood. */
    @Test
    void aScrewsNumberTellsItsHoles() {
        ScrewGauge eight = new ScrewGauge(8);
        assertEquals(0.164, eight.diameter().toInches(), 1e-3);
        assertEquals(0.7 * 0.164, eight.pilot(Species.named("white oak")).toInches(), 1e-3);
        assertEquals(0.6 * 0.164, eight.pilot(Species.named("eastern white pine")).toInches(), 1e-3);
        assertEquals(2 * 0.164, eight.head().toInches(), 1e-3);
        assertEquals(eight.diameter(), Inventory.screw(SCREW, 8, Length.mm(50)).thickness());
        assertEquals(0, ScrewGauge.nearest(Length.ZERO).number());
        assertThrows(IllegalArgumentException.class, () -> new ScrewGauge(25));
        assertThrows(IllegalArgumentException.class, () -> new ScrewGauge(-1));
        assertEquals(24, new ScrewGauge(24).number());
    }

    /** Whoever has done it before: setting up takes longer than a corner, and nothing is done without a tool or for nothing. */
    @Test
    void everyWayAsksForToolsAndTime() {
        for (Craft craft : Arrays.stream(ReinforcementKind.values()).map(Craft::of).toList()) {
            assertFalse(craft.tools().isEmpty());
            assertTrue(craft.setUp() >= craft.perCorner() && craft.perCorner() > 0, craft.toString());
            assertFalse(craft.reason().isBlank() || craft.against().isBlank());
        }
    }
}
