package neatcorner.corner.solid;

import static neatcorner.corner.solid.CornersOfTest.joined;
import static neatcorner.corner.solid.CornersOfTest.mm;
import static neatcorner.corner.solid.CornersOfTest.section;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Comparator;
import java.util.DoubleSummaryStatistics;
import java.util.List;
import java.util.function.ToDoubleFunction;
import neatcorner.corner.Reinforcement;
import neatcorner.corner.ReinforcementKind;
import neatcorner.measure.Angle;
import neatcorner.outline.Corner;
import neatcorner.outline.Vertex;
import neatcorner.piece.CornerJoint;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Where each kind of part lies in a square corner of 60 × 24 with an 8 × 12 rabbet, worked out by hand. The heel is the origin,
 * the piece before runs to the left along y = 0, the piece after up along x = 0; the seam goes from the heel to (-60, 60).
 */
class PartsPlacedTest {
    private static final double ROOT = Math.sqrt(2);
    private static final double BIT = 0.02;

    private static CornerWood corner() {
        return corner(CornerJoint.MITER);
    }

    private static CornerWood corner(CornerJoint joint) {
        return new CornerWood(new Corner(Angle.ofDegrees(90), mm(60), mm(60)), joint, section(60, 24, 8, 12), mm(5));
    }

    private static List<Part> parts(Reinforcement what) {
        return joined(corner(), what).parts();
    }

    /** Least and most of something over all places of the slabs. */
    private static void reaches(double least, double most, List<Slab> slabs, ToDoubleFunction<Vertex> what) {
        DoubleSummaryStatistics found = slabs.stream().flatMap(slab -> slab.shape().stream()).mapToDouble(what)
                .summaryStatistics();
        assertEquals(least, found.getMin(), BIT);
        assertEquals(most, found.getMax(), BIT);
    }

    private static double alongSeam(Vertex v) {
        return (v.y() - v.x()) / ROOT;
    }

    private static double acrossSeam(Vertex v) {
        return (v.x() + v.y()) / ROOT;
    }

    private static void deep(double front, double back, List<Slab> slabs) {
        assertEquals(front, slabs.stream().mapToDouble(Slab::from).min().orElseThrow(), BIT);
        assertEquals(back, slabs.stream().mapToDouble(Slab::to).max().orElseThrow(), BIT);
    }

    /** Half of each lies on either side of the joint, its middle where it is asked for; a mortise is 1 mm deeper each way. */
    @ParameterizedTest
    @CsvSource({"DOWEL, 40, 8, 8, 4", "TENON, 40, 6, 20, 10", "BISCUIT, 24, 4, 56, 28"})
    void whatSitsInTheSeamIsHalfInEachPiece(ReinforcementKind kind, double size, double thin, double wide,
            double half) {
        Part part = parts(CornersOfTest.of(kind, size, thin, wide, 1).at(mm(36), mm(9))).getFirst();
        reaches(36 - half, 36 + half, part.slabs(), PartsPlacedTest::alongSeam);
        reaches(-size / 2, size / 2, part.slabs(), PartsPlacedTest::acrossSeam);
        deep(9 - thin / 2, 9 + thin / 2, part.slabs());
        reaches(-size / 2 - 1, size / 2 + 1, part.cut(), PartsPlacedTest::acrossSeam);
        assertEquals(36, part.fromHeel());
        assertEquals(9, part.fromFace());
    }

    /** A round part is widest in its middle, and a chord of its circle elsewhere: at 3 of 4 mm, √(16 − 9). */
    @Test
    void aDowelIsRound() {
        Part dowel = parts(CornersOfTest.of(ReinforcementKind.DOWEL, 40, 8, 8, 1).at(mm(36), mm(10))).getFirst();
        for (Slab slab : dowel.slabs()) {
            double nearest = slab.from() < 10 && slab.to() > 10
                    ? 0
                    : Math.min(Math.abs(slab.from() - 10), Math.abs(slab.to() - 10));
            double half = Math.sqrt(16 - nearest * nearest);
            reaches(36 - half, 36 + half, List.of(slab), PartsPlacedTest::alongSeam);
        }
    }

    /** Driven from the back: a V opens towards the toe over the joint, a staple has its crown across and a leg in each piece. */
    @Test
    void whatIsDrivenFromTheBackEndsAtIt() {
        Part nail = parts(CornersOfTest.of(ReinforcementKind.V_NAIL, 10, 1, 9, 1).at(mm(30), null)).getFirst();
        deep(14, 24, nail.slabs());
        reaches(30 - 2.25, 30 + 2.25, nail.slabs(), PartsPlacedTest::alongSeam);
        reaches(-4.5, 4.5, nail.slabs(), PartsPlacedTest::acrossSeam);
        nail.slabs().getFirst().shape().stream().filter(v -> alongSeam(v) < 30)
                .forEach(v -> assertEquals(0, acrossSeam(v), BIT, "its edge lies in the joint"));

        Part staple = parts(CornersOfTest.of(ReinforcementKind.STAPLE, 12, 1, 10, 1).at(mm(30), null)).getFirst();
        reaches(29.5, 30.5, staple.slabs(), PartsPlacedTest::alongSeam);
        for (Slab slab : staple.slabs()) {
            boolean crown = slab.thickness() < 2;
            deep(crown ? 23 : 12, 24, List.of(slab));
            boolean before = slab.shape().stream().mapToDouble(PartsPlacedTest::acrossSeam).sum() < 0;
            reaches(crown || before ? -5 : 4, crown || !before ? 5 : -4, List.of(slab), PartsPlacedTest::acrossSeam);
        }
        assertEquals(3, staple.slabs().size());

        Part waves = parts(CornersOfTest.of(ReinforcementKind.CORRUGATED, 13, 3, 16, 1).at(mm(30), null)).getFirst();
        deep(11, 24, waves.slabs());
        reaches(28.5, 31.5, waves.slabs(), PartsPlacedTest::alongSeam);
        reaches(-8, 8, waves.slabs(), PartsPlacedTest::acrossSeam);
    }

    /** A pocket leads at 15 degrees: a 40 mm screw through the middle of the seam is 5.2 mm nearer to a face at each end. */
    @Test
    void aPocketScrewSlantsThroughTheMiddleOfTheSeam() {
        Part screw = parts(CornersOfTest.of(ReinforcementKind.POCKET_SCREW, 40, 4, 4, 1).at(mm(36), null)).getFirst();
        double run = 20 * Math.cos(Math.toRadians(15));
        reaches(-run, run, screw.slabs(), PartsPlacedTest::acrossSeam);
        reaches(34, 38, screw.slabs(), PartsPlacedTest::alongSeam);
        for (Slab slab : screw.slabs()) {
            double across = slab.shape().stream().mapToDouble(PartsPlacedTest::acrossSeam).average().orElseThrow();
            double middle = 12 - across * Math.tan(Math.toRadians(15));
            assertEquals(middle, (slab.from() + slab.to()) / 2, BIT);
            assertEquals(4 + run / 6 * Math.tan(Math.toRadians(15)), slab.thickness(), BIT);
        }
    }

    /** The first through the outer edge of the piece after, the second through that of the piece before, 10 mm from the heel. */
    @Test
    void pinsAreDrivenFromBothSidesInTurn() {
        List<Part> pins = parts(CornersOfTest.of(ReinforcementKind.NAIL, 30, 2, 2, 1).at(mm(10), mm(7)));
        assertEquals(2, pins.size());
        reaches(9, 11, pins.get(0).slabs(), Vertex::y);
        reaches(-30, 0, pins.get(0).slabs(), Vertex::x);
        reaches(-11, -9, pins.get(1).slabs(), Vertex::x);
        reaches(0, 30, pins.get(1).slabs(), Vertex::y);
    }

    /** Common practice: at two fifths of its length from the heel of a square corner. */
    @Test
    void aPinWithoutAPlaceStandsTwoFifthsOfItsLengthFromTheHeel() {
        assertEquals(12, parts(CornersOfTest.of(ReinforcementKind.NAIL, 30, 2, 2, 1)).getFirst().fromHeel(), BIT);
    }

    /** A slot so deep along the diagonal lays a triangle bare with legs √2 as long; a cutter's disc reaches as deep. */
    @Test
    void slotsAreAsDeepAsTheyAreAlongTheDiagonal() {
        Part spline = parts(Reinforcement.spline(mm(20), mm(3), 1).at(null, mm(9))).getFirst();
        reaches(-20 * ROOT, 0, spline.slabs(), Vertex::x);
        reaches(0, 20 * ROOT, spline.slabs(), Vertex::y);
        reaches(0, 20, spline.slabs(), PartsPlacedTest::alongSeam);
        deep(7.5, 10.5, spline.slabs());

        Part slip = parts(CornersOfTest.of(ReinforcementKind.SLIP, 12, 4, 100, 1).at(null, mm(9))).getFirst();
        assertEquals(12, slip.slabs().getFirst().shape().stream().mapToDouble(PartsPlacedTest::alongSeam).max()
                .orElseThrow(), 0.15);
        // Where the disc's rim crosses the outer edge, from its middle 38 mm outside the heel: √(50² − 26.87²) − 26.87.
        assertEquals(Math.sqrt(50 * 50 - 38 * 38 / 2.0) - 38 / ROOT, slip.slabs().getFirst().shape().stream()
                .mapToDouble(Vertex::y).max().orElseThrow(), 0.15);
    }

    /** Half of a slot that leans by 10 degrees lies behind its middle, half in front; a pair leans to either side. */
    @Test
    void aTiltedSlotLeansAboutItsMiddle() {
        Reinforcement tilted = Reinforcement.spline(mm(20), mm(3), 2).withTilt(
                Angle.ofDegrees(10)).at(null, mm(12));
        double half = 1.5 / Math.cos(Math.toRadians(10));
        double lean = 10 * Math.tan(Math.toRadians(10));
        List<Part> pair = parts(tilted);
        for (int i = 0; i < 2; i++) {
            Part part = pair.get(i);
            deep(part.fromFace() - lean - half, part.fromFace() + lean + half, part.slabs());
            Slab first = part.slabs().getFirst();
            assertEquals(i == 0, (first.from() + first.to()) / 2 < part.fromFace(), "it leans");
        }
        assertEquals(12, (pair.get(0).fromFace() + pair.get(1).fromFace()) / 2, BIT);
    }

    /** Its corner is in the corner of the rabbet, 52 mm from each outer edge; its legs lie along the rabbet's walls. */
    @Test
    void aBlockFillsTheCornerOfTheRabbet() {
        Part block = parts(CornersOfTest.of(ReinforcementKind.BLOCK, 30, 5, 30, 1)).getFirst();
        reaches(-82, -52, block.slabs(), Vertex::x);
        reaches(52, 82, block.slabs(), Vertex::y);
        deep(19, 24, block.slabs());
        assertEquals(450, Math.abs(Plane.area(block.slabs().getFirst().shape())), BIT);
    }

    /** Right through, on the diagonal; several stand in a row along it with their middle where it is asked for. */
    @Test
    void pegsStandOnTheDiagonal() {
        List<Part> pegs = JoinedCorner.of(corner(CornerJoint.LAP),
                List.of(CornersOfTest.of(ReinforcementKind.PEG, 24, 8, 8, 2).at(mm(36), null))).parts();
        pegs.forEach(peg -> {
            reaches(-4, 4, peg.slabs(),
                    PartsPlacedTest::acrossSeam);
            deep(0, 24, peg.slabs());
        });
        assertEquals(36, pegs.stream().mapToDouble(Part::fromHeel).average().orElseThrow(), BIT);
    }

    /** In the middle of the flat of the back, 26 mm from each outer edge; nails as long as they may be: 20 of 24 mm. */
    @Test
    void aBraceLiesOnTheMiddleOfTheBack() {
        Reinforcement brace = CornersOfTest.of(ReinforcementKind.BRACE, 80, 2, 16, 2);
        List<List<Vertex>> plates = BackParts.plates(corner(), brace);
        List<Slab> before = List.of(new Slab(plates.get(0), 0, 1));
        List<Slab> after = List.of(new Slab(plates.get(1), 0, 1));
        reaches(-80, -18, before, Vertex::x);
        reaches(18, 34, before, Vertex::y);
        reaches(-34, -18, after, Vertex::x);
        reaches(18, 80, after, Vertex::y);

        List<Part> screws = parts(brace);
        assertEquals(4, screws.size());
        // 0.7 and 1.7 of the halves of what the leg has beyond its corner, 54 mm.
        double[] at = {26 + 54 * 0.35, 26 + 54 * 0.85};
        for (int i = 0; i < 4; i++) {
            List<Slab> screw = screws.get(i).slabs();
            deep(6, 24, screw);
            reaches(i < 2 ? -at[i] - 1.75 : -27.75, i < 2 ? -at[i] + 1.75 : -24.25, screw, Vertex::x);
            reaches(i < 2 ? 24.25 : at[i - 2] - 1.75, i < 2 ? 27.75 : at[i - 2] + 1.75, screw, Vertex::y);
        }
    }

    /** Two widths: each leg of a brace lies in the middle of its own side's back, each leg of a block along its own rabbet. */
    @Test
    void ofTwoWidthsEachSideHasItsOwnMiddle() {
        CornerWood uneven = CornersOfTest.wood(90, 60, 40, section(60, 24, 8, 12));
        List<Part> screws = joined(uneven, CornersOfTest.of(ReinforcementKind.BRACE, 80, 2, 16, 1)).parts();
        reaches(24.25, 27.75, screws.get(0).slabs(), Vertex::y);
        reaches(-17.75, -14.25, screws.get(1).slabs(), Vertex::x);
        for (List<Vertex> plate : BackParts.plates(uneven, CornersOfTest.of(ReinforcementKind.BRACE, 80, 2, 16, 1))) {
            double from = plate.stream().mapToDouble(Vertex::y).max().orElseThrow() > 70 ? 8 : 18;
            assertEquals((80 - from) * 16, Math.abs(Plane.area(plate)), BIT);
        }
        List<Part> block = joined(uneven, CornersOfTest.of(ReinforcementKind.BLOCK, 20, 5, 20, 1)).parts();
        reaches(-52, -32, block.getFirst().slabs(), Vertex::x);
        reaches(52, 72, block.getFirst().slabs(), Vertex::y);
    }

    /** In a corner of 120 degrees the rabbets' walls, 52 and 32 mm in, meet where both distances are kept. */
    @Test
    void aBlockLiesInAnyCorner() {
        CornerWood wide = CornersOfTest.wood(120, 60, 40, section(60, 24, 8, 12));
        Part block = joined(wide, CornersOfTest.of(ReinforcementKind.BLOCK, 20, 5, 20, 1)).parts().getFirst();
        // The piece after goes off at 60 degrees: its inward normal is (-sin 60, cos 60).
        Vertex inner = block.slabs().getFirst().shape().stream()
                .min(Comparator.comparingDouble(v -> Math.abs(v.y() - 52) + Math.abs(v.y() / 2
                        - v.x() * Math.sqrt(3) / 2 - 32)))
                .orElseThrow();
        assertEquals(52, inner.y(), BIT);
        assertEquals(32, inner.y() / 2 - inner.x() * Math.sqrt(3) / 2, BIT);
    }

    /** Two fifths of it are through before it crosses the joint, whatever the corner; it is a rod, not a crossed ribbon. */
    @ParameterizedTest
    @CsvSource({"90", "108", "120"})
    void aPinCrossesTheJointAfterTwoFifths(double interior) {
        CornerWood any = CornersOfTest.wood(interior, 60, 60, section(60, 24, 8, 12));
        for (Part pin : joined(any, CornersOfTest.of(ReinforcementKind.NAIL, 30, 2, 2, 1)).parts()) {
            assertEquals(12, pin.fromHeel() * Math.tan(Math.toRadians(interior / 2)), BIT);
            assertEquals(60, Math.abs(Plane.area(pin.slabs().getFirst().shape())), BIT);
        }
    }

    /** Every other one leans the other way. */
    @Test
    void theThirdSlotLeansAsTheFirst() {
        List<Part> three = parts(Reinforcement.spline(mm(8), mm(1), 3).withTilt(Angle.ofDegrees(8)));
        boolean[] forward = new boolean[3];
        for (int i = 0; i < 3; i++) {
            Slab entry = three.get(i).slabs().getFirst();
            forward[i] = (entry.from() + entry.to()) / 2 < three.get(i).fromFace();
        }
        assertTrue(forward[0] && !forward[1] && forward[2]);
    }

    /** From the front a dowel is a rectangle, at its seam a flat strip as wide as it; a staple shows its crown and both legs. */
    @Test
    void partsAreSeenFromTheFrontAndAtTheSeam() {
        CornerWood.Seam seam = corner().seam();
        Part dowel = parts(CornersOfTest.of(ReinforcementKind.DOWEL, 40, 8, 8, 1).at(mm(36), mm(10))).getFirst();
        List<List<Vertex>> front = dowel.fromFront();
        assertEquals(1, front.size());
        assertEquals(40 * 8, Math.abs(Plane.area(front.getFirst())), BIT);
        List<List<Vertex>> end = dowel.throughSeam(seam);
        assertEquals(1, end.size());
        assertEquals(8, end.getFirst().stream().mapToDouble(Vertex::x).max().orElseThrow()
                - end.getFirst().stream().mapToDouble(Vertex::x).min().orElseThrow(), BIT);
        assertTrue(end.getFirst().stream().allMatch(v -> Math.hypot(v.x() - 36, v.y() - 10) < 4.5), "it is round");

        Part staple = parts(CornersOfTest.of(ReinforcementKind.STAPLE, 12, 1, 10, 1).at(mm(30), null)).getFirst();
        assertEquals(3, staple.fromFront().size());
        assertEquals(2, staple.throughSeam(seam).size(), "one leg hides the other");
        assertEquals(10, joined(corner(), CornersOfTest.of(ReinforcementKind.DOWEL, 40, 8, 8, 1)).toBack(dowel).toMm(),
                BIT);
    }

    private static double room(JoinedCorner corner, int part, Room way) {
        return corner.rooms(part).getOrDefault(way, Double.NaN);
    }

    /** Where the maker names no place, it has as much room towards the heel as towards the toe, and several use all of it. */
    @ParameterizedTest
    @CsvSource({"DOWEL, 30, 8, 8, MITER", "TENON, 30, 6, 20, MITER", "V_NAIL, 10, 1, 9, MITER",
        "STAPLE, 12, 1, 10, MITER", "CORRUGATED, 13, 3, 12, MITER", "PEG, 24, 8, 8, LAP"})
    void whatHasNoPlaceLiesInTheMiddleOfItsRoom(ReinforcementKind kind, double size, double thin, double wide,
            CornerJoint joint) {
        JoinedCorner one = JoinedCorner.of(corner(joint), List.of(CornersOfTest.of(kind, size, thin, wide, 1)));
        assertEquals(room(one, 0, Room.HEEL), room(one, 0, Room.TOE), 0.1);
        if (kind != ReinforcementKind.TENON) {
            JoinedCorner two = JoinedCorner.of(corner(joint), List.of(CornersOfTest.of(kind, size, thin, wide, 2)));
            double first = two.parts().getFirst().fromHeel();
            double last = two.parts().getLast().fromHeel();
            assertEquals(one.parts().getFirst().fromHeel(), (first + last) / 2, BIT);
            assertEquals(0, room(two, 0, Room.HEEL), 0.2, "spread as far as they go");
            assertEquals(0, room(two, 1, Room.TOE), 0.2, "spread as far as they go");
        }
    }
}
