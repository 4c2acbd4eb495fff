package neatcorner.hanging;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.measure.Units;
import org.junit.jupiter.api.Test;

/** Frames on a wall, measured as with a rule: where they draw each other, what covers what, what each way of hanging has. */
class OnAWallTest {
    private static final double GAP = 60;
    private static final double WALL = 6000;
    /** From 800 to 1200 across, from 1350 to 1650 up. */
    private static final HungFrame OTHER = new HungFrame(400, 300, 1000, 1500);
    private static final HungFrame MOVING = new HungFrame(200, 100, 0, 0);

    private static HungFrame snapped(double x, double y) {
        return Arrangement.snapped(List.of(OTHER, MOVING), 1, MOVING.at(x, y), WALL, GAP, 10);
    }

    @Test
    void everyLineOfAnotherFrameDrawsOneThatIsDragged() {
        double away = 7;
        for (double across : new double[]{1000, 800 + 100, 1200 - 100, 800 - GAP - 100, 1200 + GAP + 100, WALL / 2}) {
            assertEquals(across, snapped(across + away, 4000).x(), 1e-9);
            assertEquals(across, snapped(across - away, 4000).x(), 1e-9);
            assertEquals(across + 11, snapped(across + 11, 4000).x(), 1e-9, "not from out of reach");
        }
        for (double up : new double[]{1500, 1650 - 50, 1350 + 50, 1650 + GAP + 50, 1350 - GAP - 50}) {
            assertEquals(up, snapped(4000, up + away).y(), 1e-9);
            assertEquals(up, snapped(4000, up - away).y(), 1e-9);
            assertEquals(up - 11, snapped(4000, up - 11).y(), 1e-9, "not from out of reach");
        }
        assertEquals(MOVING.at(4000, 4000), snapped(4000, 4000), "nothing is near, and it does not draw itself");
    }

    @Test
    void theNearestLineDraws() {
        HungFrame close = new HungFrame(400, 300, 1008, 1500);
        List<HungFrame> frames = List.of(OTHER, close, MOVING);
        assertEquals(1000, Arrangement.snapped(frames, 2, MOVING.at(1003, 4000), WALL, GAP, 10).x(), 1e-9);
        assertEquals(1008, Arrangement.snapped(frames, 2, MOVING.at(1005, 4000), WALL, GAP, 10).x(), 1e-9);
    }

    @Test
    void fewFramesStayWhereTheyAre() {
        List<HungFrame> two = List.of(OTHER, MOVING.at(2000, 1500));
        assertEquals(two, Arrangement.equalGaps(two), "two have but one gap");
        assertEquals(1, Arrangement.withGap(List.of(OTHER), GAP).size());
        assertEquals(List.of(1500.0, 1600.0), Arrangement.inLine(List.of(OTHER, MOVING.at(7, 7)), Arrangement.Line.TOP)
                .stream().map(HungFrame::y).toList());
        assertEquals(List.of(1500.0, 1400.0),
                Arrangement.inLine(List.of(OTHER, MOVING.at(7, 7)), Arrangement.Line.BOTTOM)
                        .stream().map(HungFrame::y).toList());
        assertEquals(List.of(1500.0, 1500.0),
                Arrangement.inLine(List.of(OTHER, MOVING.at(7, 7)), Arrangement.Line.CENTER)
                        .stream().map(HungFrame::y).toList());
        assertEquals(List.of(), Arrangement.withGap(List.of(), GAP));
        assertEquals(List.of(), Arrangement.inLine(List.of(), Arrangement.Line.TOP));
        assertEquals(List.of(), Arrangement.centered(List.of(), WALL));
    }

    @Test
    void framesThatTouchDoNotCoverEachOther() {
        assertTrue(OTHER.covers(OTHER.at(1399, 1500)) && OTHER.covers(OTHER.at(1000, 1799)));
        assertTrue(OTHER.covers(OTHER.at(601, 1500)) && OTHER.covers(OTHER.at(1000, 1201)));
        assertFalse(OTHER.covers(OTHER.at(1400, 1500)) || OTHER.covers(OTHER.at(1000, 1800)));
        assertFalse(OTHER.covers(OTHER.at(600, 1500)) || OTHER.covers(OTHER.at(1000, 1200)));
        assertFalse(OTHER.covers(OTHER.at(1399, 1801)), "beside it and above");
        assertTrue(OTHER.covers(MOVING.at(1000, 1500)) && MOVING.at(1000, 1500).covers(OTHER), "one within the other");
        assertEquals(List.of(800.0, 1200.0, 1650.0, 1350.0),
                List.of(OTHER.left(), OTHER.right(), OTHER.top(), OTHER.bottom()));
    }

    /** As hardware is made: what hangs by rings, what is counted, what is set apart, what no wall holds. */
    @Test
    void everyWayOfHangingHasItsOwn() {
        Set<HangBy> rings = EnumSet.of(HangBy.WIRE, HangBy.D_RINGS, HangBy.KEYHOLES);
        Set<HangBy> apart = EnumSet.of(HangBy.WIRE, HangBy.CLEAT, HangBy.SCREWS);
        Set<HangBy> counted = EnumSet.of(HangBy.WIRE, HangBy.CLEAT, HangBy.SCREWS, HangBy.STRIPS);
        for (HangBy by : HangBy.values()) {
            assertEquals(rings.contains(by), by.hasRings(), by.title());
            assertEquals(apart.contains(by), by.isSetApart(), by.title());
            assertEquals(counted.contains(by), by.isCounted(), by.title());
            assertEquals(by != HangBy.EASEL, by.isOnWall(), by.title());
        }
        assertEquals(HangBy.values().length,
                new HashSet<>(Arrays.stream(HangBy.values()).map(HangBy::title).toList()).size());
        assertEquals(WallKind.values().length, Arrays.stream(WallKind.values()).map(WallKind::title)
                .filter(title -> !title.isBlank()).collect(Collectors.toSet()).size());
    }

    /** A right triangle: half the free wire is one leg, the drop from the rings to the hook the other. */
    @Test
    void theWiresAngleFollowsFromTheDrop() {
        Angle angle = Wire.forDrop(Length.mm(400), Length.ZERO, Length.mm(100), Length.mm(30));
        assertEquals(Math.toDegrees(Math.atan2(70, 200)), angle.degrees(), 1e-9);
        Angle apart = Wire.forDrop(Length.mm(400), Length.mm(100), Length.mm(100), Length.mm(30));
        assertEquals(Math.toDegrees(Math.atan2(70, 150)), apart.degrees(), 1e-9, "two hooks take their distance off");
        assertEquals(0, Wire.forDrop(Length.mm(400), Length.ZERO, Length.mm(30), Length.mm(30)).degrees(), 1e-9);
        assertEquals(Length.inches(4), Wire.wrap(Units.INCHES));
    }
}
