package neatcorner.hanging;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import neatcorner.measure.Length;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;

class ArrangementTest {
    private static final double NEAR = 1e-9;

    private static List<HungFrame> some(long seed, int least) {
        Random random = new Random(seed);
        List<HungFrame> frames = new ArrayList<>();
        int count = least + random.nextInt(12);
        for (int i = 0; i < count; i++) {
            frames.add(new HungFrame(100 + random.nextInt(900), 100 + random.nextInt(900), random.nextInt(5000),
                    800 + random.nextInt(900)));
        }
        return frames;
    }

    private static List<Double> gaps(List<HungFrame> frames) {
        List<HungFrame> order = new ArrayList<>(frames);
        order.sort(Comparator.comparingDouble(HungFrame::x));
        List<Double> gaps = new ArrayList<>();
        for (int i = 1; i < order.size(); i++) {
            gaps.add(order.get(i).left() - order.get(i - 1).right());
        }
        return gaps;
    }

    @Property(tries = 200)
    void gapsComeOutEqualAndTheOutermostStay(@ForAll long seed) {
        List<HungFrame> frames = some(seed, 3);
        List<HungFrame> even = Arrangement.equalGaps(frames);
        List<Double> gaps = new ArrayList<>();
        List<Integer> order = new ArrayList<>();
        for (int i = 0; i < frames.size(); i++) {
            order.add(i);
        }
        order.sort(Comparator.comparingDouble(i -> frames.get(i).x()));
        for (int i = 1; i < order.size(); i++) {
            gaps.add(even.get(order.get(i)).left() - even.get(order.get(i - 1)).right());
        }
        gaps.forEach(gap -> assertEquals(gaps.getFirst(), gap, 1e-6));
        assertEquals(frames.get(order.getFirst()).left(), even.get(order.getFirst()).left(), 1e-6);
        assertEquals(frames.get(order.getLast()).right(), even.get(order.getLast()).right(), 1e-6);
        for (int i = 0; i < frames.size(); i++) {
            assertEquals(frames.get(i).y(), even.get(i).y(), NEAR, "nothing moves up or down");
        }
    }

    @Property(tries = 200)
    void aGapIsKeptAndNothingCoversAnything(@ForAll long seed) {
        List<HungFrame> frames = some(seed, 2);
        List<HungFrame> row = Arrangement.withGap(frames, 60);
        gaps(row).forEach(gap -> assertEquals(60, gap, 1e-6));
        double before = frames.stream().mapToDouble(HungFrame::left).min().orElseThrow()
                + frames.stream().mapToDouble(HungFrame::right).max().orElseThrow();
        double after = row.stream().mapToDouble(HungFrame::left).min().orElseThrow()
                + row.stream().mapToDouble(HungFrame::right).max().orElseThrow();
        assertEquals(before, after, 1e-6, "the row's middle stays");
        for (int i = 0; i < row.size(); i++) {
            for (int j = i + 1; j < row.size(); j++) {
                assertFalse(row.get(i).covers(row.get(j)));
            }
        }
    }

    @Property(tries = 100)
    void linesAreCommon(@ForAll long seed) {
        List<HungFrame> frames = some(seed, 1);
        for (HungFrame frame : Arrangement.inLine(frames, Arrangement.Line.TOP)) {
            assertEquals(frames.getFirst().top(), frame.top(), 1e-6);
        }
        for (HungFrame frame : Arrangement.inLine(frames, Arrangement.Line.CENTER)) {
            assertEquals(frames.getFirst().y(), frame.y(), 1e-6);
        }
        for (HungFrame frame : Arrangement.inLine(frames, Arrangement.Line.BOTTOM)) {
            assertEquals(frames.getFirst().bottom(), frame.bottom(), 1e-6);
        }
        List<HungFrame> centered = Arrangement.centered(frames, 4000);
        assertEquals(4000, centered.stream().mapToDouble(HungFrame::left).min().orElseThrow()
                + centered.stream().mapToDouble(HungFrame::right).max().orElseThrow(), 1e-6);
    }

    @Test
    void aDraggedFrameSnapsToGapsLinesAndTheMiddle() {
        HungFrame left = new HungFrame(400, 300, 1000, 1480);
        HungFrame right = new HungFrame(400, 300, 2400, 1480);
        HungFrame moving = new HungFrame(300, 200, 0, 0);
        List<HungFrame> frames = List.of(moving, left, right);
        HungFrame beside = Arrangement.snapped(frames, 0, moving.at(1415, 1470), 4000, 60, 20);
        assertEquals(left.right() + 60 + 150, beside.x(), NEAR, "a gap away");
        assertEquals(1480, beside.y(), NEAR, "middles in line");
        HungFrame between = Arrangement.snapped(frames, 0, moving.at(1690, 1450), 4000, 60, 20);
        assertEquals(1700, between.x(), NEAR, "halfway between the two");
        assertEquals(1430, between.y(), 25, "bottoms in line");
        HungFrame middle = Arrangement.snapped(List.of(moving), 0, moving.at(2008, 900), 4000, 60, 20);
        assertEquals(2000, middle.x(), NEAR, "the middle of the wall");
        assertEquals(900, middle.y(), NEAR);
        HungFrame far = Arrangement.snapped(frames, 0, moving.at(3333, 999), 4000, 60, 20);
        assertEquals(moving.at(3333, 999), far, "nothing is near");
    }

    /** Halfway counts between the nearest on each side, and only between those that hang at its height. */
    @Test
    void halfwayIsBetweenTheNearestAtItsHeight() {
        HungFrame moving = new HungFrame(200, 200, 0, 0);
        HungFrame farLeft = new HungFrame(300, 300, 500, 1500);
        HungFrame left = new HungFrame(300, 300, 1000, 1500);
        HungFrame right = new HungFrame(400, 300, 2500, 1500);
        HungFrame farRight = new HungFrame(300, 300, 3500, 1500);
        HungFrame above = new HungFrame(500, 200, 1700, 2300);
        HungFrame below = new HungFrame(500, 200, 1800, 400);
        List<HungFrame> frames = List.of(moving, farLeft, left, right, farRight, above, below);
        double halfway = (1150 + 2300) / 2.0;
        assertEquals(halfway, Arrangement.snapped(frames, 0, moving.at(halfway + 6, 1530), 9000, 60, 10).x(), NEAR);
        assertEquals(halfway, Arrangement.snapped(frames, 0, moving.at(halfway - 6, 1530), 9000, 60, 10).x(), NEAR);
        HungFrame alone = moving.at(halfway + 6, 1530);
        assertEquals(alone.x(), Arrangement.snapped(List.of(moving, farLeft, left), 0, alone, 9000, 60, 10).x(), NEAR,
                "with none to its right there is no halfway");
        assertEquals(alone.x(), Arrangement.snapped(List.of(moving, right, farRight), 0, alone, 9000, 60, 10).x(), NEAR,
                "nor with none to its left");
    }

    /** Studs 16 in apart: common practice. */
    @Test
    void theNearestStudIsFound() {
        OnWall.Studs studs = new OnWall.Studs(Length.inches(10), Length.inches(16));
        assertEquals(Length.inches(2), studs.off(Length.inches(24)));
        assertEquals(Length.inches(-3), studs.off(Length.inches(29)));
        assertEquals(Length.inches(10), studs.off(Length.ZERO), "none is left of the first");
        assertTrue(new OnWall.Studs(Length.inches(10), Length.ZERO).off(Length.inches(9)).isPositive());
    }
}
