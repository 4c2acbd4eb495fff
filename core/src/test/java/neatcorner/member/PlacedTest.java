package neatcorner.member;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotNull;
import static org.junit.jupiter.api.Assertions.assertNull;

import java.util.Collections;
import java.util.List;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.outline.Contours;
import neatcorner.outline.Loop;
import neatcorner.outline.Outline;
import neatcorner.outline.Shape;
import neatcorner.outline.Vertex;
import neatcorner.piece.Piece;
import neatcorner.section.Rabbet;
import neatcorner.section.Section;
import neatcorner.wood.Species;
import org.junit.jupiter.api.Test;

/**
 * What belongs to a frame, where a rule would find it: sight 400 × 300, a rabbet 8 wide, sides 40 wide, so 480 × 380 outside.
 * Places are told from the sight's top left corner, which lies somewhere.
 */
class PlacedTest {
    static final double NEAR = 0.01;
    static final double X = 33;
    static final double Y = -71;
    static final Species PINE = Species.named("pine");
    static final Outline RECTANGLE = Outline.of(new Shape.Rectangle());
    static final Ground GROUND = ground(8);

    static Ground ground(double rabbet) {
        Loop sight = new Loop(List.of(new Vertex(X, Y), new Vertex(X + 400, Y), new Vertex(X + 400, Y + 300),
                new Vertex(X, Y + 300)));
        Section section = new Section(PINE, Length.mm(40), Length.mm(20),
                rabbet == 0 ? Rabbet.NONE : Rabbet.plain(Length.mm(rabbet), Length.mm(10)));
        return new Ground(Contours.straight(sight, rabbet, Collections.nCopies(4, Length.mm(40))), RECTANGLE, section);
    }

    static MadeMember placed(MemberKind kind, double width, double thickness) {
        return Placing.of(member(kind, width, thickness), GROUND);
    }

    static Member member(MemberKind kind, double width, double thickness) {
        return new Member("it", "", kind, PINE, Length.mm(width), Length.mm(thickness));
    }

    static MadeMember fits(MadeMember made) {
        assertNull(made.fault(), made.member().kind()::title);
        return made;
    }

    static double area(List<Vertex> shape) {
        double twice = 0;
        for (int i = 0; i < shape.size(); i++) {
            Vertex a = shape.get(i);
            Vertex b = shape.get((i + 1) % shape.size());
            twice += a.x() * b.y() - b.x() * a.y();
        }
        return Math.abs(twice / 2);
    }

    static double area(MadeMember made) {
        return made.shapes().stream().flatMap(shape -> shape.parts().stream()).mapToDouble(PlacedTest::area).sum();
    }

    private static double[] box(MadeMember.Shape shape) {
        return box(shape.outline().stream().map(at -> at.plus(-X, -Y)).toList());
    }

    private static double[] box(List<Vertex> shape) {
        return new double[]{shape.stream().mapToDouble(Vertex::x).min().orElseThrow(),
            shape.stream().mapToDouble(Vertex::y).min().orElseThrow(),
            shape.stream().mapToDouble(Vertex::x).max().orElseThrow(),
            shape.stream().mapToDouble(Vertex::y).max().orElseThrow()};
    }

    static void isBox(double left, double top, double right, double bottom, MadeMember.Shape shape) {
        double[] box = box(shape);
        assertEquals(left, box[0], NEAR, "left");
        assertEquals(top, box[1], NEAR, "top");
        assertEquals(right, box[2], NEAR, "right");
        assertEquals(bottom, box[3], NEAR, "bottom");
    }

    /** Upright slats 30 wide every 60: five show 270 of the 300 from the first's top to the last's foot, 15 are left at each end. */
    @Test
    void slatsAreSetOutFromTheMiddle() {
        MadeMember slats = fits(placed(new MemberKind.Slats(Length.mm(12), Length.mm(60), Angle.ZERO), 30, 8));
        assertEquals(5, slats.count());
        assertEquals(Length.mm(400 + 2 * 12), slats.length());
        assertEquals(5, slats.pieces().size());
        assertEquals("it 3", slats.pieces().get(2).name());
        isBox(0, 15, 400, 45, slats.shapes().getFirst());
        isBox(0, 255, 400, 285, slats.shapes().getLast());
        assertEquals(5 * 424 * 30 * 8, slats.volume(), NEAR);
        MadeMember tilted = fits(
                placed(new MemberKind.Slats(Length.mm(12), Length.mm(60), Angle.ofDegrees(90)), 30, 8));
        assertEquals(8, box(tilted.shapes().getFirst())[3] - box(tilted.shapes().getFirst())[1], NEAR, "seen on edge");
        assertNotNull(placed(new MemberKind.Slats(Length.mm(40), Length.mm(60), Angle.ZERO), 30, 8).fault(),
                "a groove through the side");
        assertNull(placed(new MemberKind.Slats(Length.mm(39), Length.mm(60), Angle.ZERO), 30, 8).fault());
        assertNotNull(placed(new MemberKind.Slats(Length.mm(12), Length.ZERO, Angle.ZERO), 30, 8).fault());
        assertNotNull(placed(new MemberKind.Slats(Length.mm(12), Length.mm(60), Angle.ZERO), 301, 8).fault());
        assertEquals(1, fits(placed(new MemberKind.Slats(Length.mm(12), Length.mm(60), Angle.ZERO), 300, 8)).count());
    }

    /** Behind the rabbet it is 416 × 316; without one, 400 × 300. */
    @Test
    void aBarReachesFromWallToWall() {
        MadeMember level = fits(placed(new MemberKind.Bar(false, 0.5, Length.mm(1)), 50, 18));
        assertEquals(Length.mm(416 - 2), level.length());
        isBox(-8 + 1, 150 - 25, 408 - 1, 150 + 25, level.shapes().getFirst());
        assertEquals(area(level) * 18, level.volume(), NEAR);
        MadeMember upright = fits(placed(new MemberKind.Bar(true, 0.25, Length.mm(1)), 50, 18));
        assertEquals(Length.mm(316 - 2), upright.length());
        isBox(-8 + 104 - 25, -8 + 1, -8 + 104 + 25, 308 - 1, upright.shapes().getFirst());
        MadeMember first = fits(placed(new MemberKind.Bar(true, 0, Length.ZERO), 50, 18));
        isBox(-8, -8, 42, 308, first.shapes().getFirst());
        MadeMember last = fits(placed(new MemberKind.Bar(false, 1, Length.ZERO), 50, 18));
        isBox(-8, 258, 408, 308, last.shapes().getFirst());
        MadeMember whole = fits(Placing.of(member(new MemberKind.Bar(true, 0.5, Length.ZERO), 50, 18), ground(0)));
        assertEquals(Length.mm(300), whole.length());
        assertNotNull(placed(new MemberKind.Bar(true, 0.5, Length.ZERO), 417, 18).fault());
        assertNotNull(placed(new MemberKind.Bar(true, 0.5, Length.mm(158)), 50, 18).fault());
        assertEquals(List.of("it"), level.pieces().stream().map(Piece::name).toList());
    }

    @Test
    void trianglesAndBlocksSitInAllCorners() {
        MadeMember triangles = fits(placed(new MemberKind.Triangles(), 60, 6));
        assertEquals(4, triangles.count());
        assertEquals(4 * 60 * 60 / 2.0, area(triangles), NEAR);
        assertEquals(area(triangles) * 6, triangles.volume(), NEAR);
        isBox(-8, -8, 52, 52, triangles.shapes().getFirst());
        MadeMember blocks = fits(placed(new MemberKind.Blocks(), 60, 6));
        assertEquals(4 * 60 * 60, area(blocks), NEAR);
        assertEquals(area(blocks) * 6, blocks.volume(), NEAR);
        isBox(348, 248, 408, 308, blocks.shapes().get(2));
        assertEquals(new MadeMember.Plate(4, Length.mm(60), Length.mm(60)), blocks.plates().getFirst());
        assertNull(placed(new MemberKind.Blocks(), 158, 6).fault());
        assertNotNull(placed(new MemberKind.Blocks(), 158.1, 6).fault(), "two of them on a side of 316");
    }

    /** An outermost hinge stands a sixth of the height from the end; clips along both sides. */
    @Test
    void whatIsBoughtIsSetOutAlongTheSides() {
        MadeMember hinges = fits(placed(new MemberKind.Bought(MemberKind.Fitting.HINGES, 3), 60, 2));
        double[] middles = hinges.shapes().stream().mapToDouble(shape -> (box(shape)[1] + box(shape)[3]) / 2).toArray();
        assertEquals(-40 + 380 / 6.0, middles[0], NEAR);
        assertEquals(150, middles[1], NEAR);
        assertEquals(340 - 380 / 6.0, middles[2], NEAR);
        isBox(-40, middles[1] - 30, 0, middles[1] + 30, hinges.shapes().get(1));
        assertNull(placed(new MemberKind.Bought(MemberKind.Fitting.HINGES, 6), 60, 2).fault());
        assertNotNull(placed(new MemberKind.Bought(MemberKind.Fitting.HINGES, 7), 60, 2).fault(), "420 of 380");
        MemberKind.Fitting other = MemberKind.Fitting.values()[1];
        MadeMember both = fits(placed(new MemberKind.Bought(other, 5), 20, 2));
        assertEquals(3, both.shapes().stream().filter(shape -> box(shape)[0] < 0).count());
        assertEquals(2, both.shapes().stream().filter(shape -> Math.abs(box(shape)[2] - 440) < NEAR).count());
        assertEquals(0, both.volume());
        MadeMember one = fits(placed(new MemberKind.Bought(MemberKind.Fitting.HINGES, 1), 30, 2));
        isBox(-40, 135, -10, 165, one.shapes().getFirst());
    }

    /** From memory: 10 cm² on each side for every 10 W. Holes of 20 mm have 3.14 cm²: 30 W take ten. */
    @Test
    void holesLetTheWarmAirThrough() {
        assertEquals(10, new MemberKind.Vents(30).holes(Length.mm(20)));
        assertEquals(1, new MemberKind.Vents(0).holes(Length.mm(20)));
        assertNotNull(placed(new MemberKind.Vents(1), 20, 1).fault(),
                "a side 10 deep behind its rabbet has no wood round it");
        MadeMember vents = fits(vents(30, 20, 0));
        assertEquals(20, vents.count());
        isBox(20 - 10, -20 - 10, 20 + 10, -20 + 10, vents.shapes().getFirst());
        isBox(380 - 10, 320 - 10, 380 + 10, 320 + 10, vents.shapes().getLast());
    }

    /** 10 mm between holes of 20, and 10 to every edge: 13 in a row of 400, 3 rows in 100; slots of 80 have 1514 mm², 4 in a row. */
    @Test
    void whatARowHasNoRoomForGoesIntoTheNext() {
        assertEquals(2 * 39, fits(vents(122, 20, 0)).count(), "39 of 314 mm² are good for 122 W");
        assertNotNull(vents(123, 20, 0).fault());
        assertEquals(2 * 12, fits(vents(181, 20, 80)).count(), "12 of 1514 mm² are good for 181 W");
        assertNotNull(vents(182, 20, 80).fault());
    }

    /** Seven slots of 80 × 20 are good for 100 W: four in a row and three behind it, in the middle of sides 40 wide. */
    @Test
    void slotsAreSeenWhereTheyAreCut() {
        MadeMember slots = fits(vents(100, 20, 80));
        assertEquals(2 * 7, slots.count());
        assertEquals(Length.mm(80), slots.length());
        assertEquals(8, slots.shapes().size(), "one row of each side");
        isBox(10, -30, 90, -10, slots.shapes().getFirst());
        isBox(310, 310, 390, 330, slots.shapes().getLast());
    }

    /** A hole that is wider than a side lets itself be seen there is drawn over seven tenths of it; small ones keep 5 mm of wood. */
    @Test
    void holesKeepWoodBetweenThem() {
        isBox(100 - 14, -20 - 14, 100 + 14, -20 + 14, fits(vents(10, 30, 0)).shapes().getFirst());
        assertEquals(2 * 245, fits(vents(69.27, 6, 0)).count(), "35 in a row of 400, seven rows in 100");
        assertNotNull(vents(69.4, 6, 0).fault());
    }

    /** In sides 100 deep and without a rabbet: 3 rows of 20 with 10 between and 10 at the edges take 100. */
    private static MadeMember vents(double watts, double width, double slot) {
        Section deep = new Section(PINE, Length.mm(40), Length.mm(100), Rabbet.NONE);
        return Placing.of(member(new MemberKind.Vents(watts, Length.mm(slot)), width, 1),
                new Ground(ground(0).contours(), RECTANGLE, deep));
    }

    @Test
    void aFaceIsAsLargeAsItsArcsAndOpenInside() {
        MadeMember face = fits(
                placed(new MemberKind.Face(Length.mm(5), Length.mm(10), Length.mm(50), Length.mm(9)), 1, 4));
        Scallops arcs = SheetFace.scallops((MemberKind.Face) face.member().kind(), GROUND.outside());
        double[] box = box(face.shapes().getFirst());
        assertEquals(-40 - arcs.atSides() - 9, box[0], 0.1);
        assertEquals(340 + arcs.atEnds() + 9, box[3], 0.1);
        assertEquals(new MadeMember.Plate(1, Length.mm(480 + 2 * arcs.atSides() + 18),
                Length.mm(380 + 2 * arcs.atEnds() + 18)), face.plates().getFirst());
        assertEquals((area(face.shapes().getFirst().outline()) - 390 * 290) * 4, face.volume(), NEAR);
        assertNotNull(
                placed(new MemberKind.Face(Length.mm(150), Length.mm(10), Length.mm(50), Length.mm(9)), 1, 4).fault());
        assertNotNull(
                placed(new MemberKind.Face(Length.mm(5), Length.mm(10), Length.mm(50), Length.ZERO), 1, 4).fault());
    }

    /** Each arc begins on the line round the frame, and bulges out of it by the wave; its radius follows by Pythagoras. */
    @Test
    void aFacesArcsAreArcs() {
        MadeMember face = fits(
                placed(new MemberKind.Face(Length.mm(5), Length.mm(10), Length.mm(50), Length.mm(9)), 1, 4));
        Scallops arcs = SheetFace.scallops((MemberKind.Face) face.member().kind(), GROUND.outside());
        assertEquals(480 + 2 * arcs.atSides(), arcs.across() * arcs.chord(), NEAR);
        assertEquals(380 + 2 * arcs.atEnds(), arcs.down() * arcs.chord(), NEAR);
        double radius = (arcs.chord() * arcs.chord() / 4 + 81) / 18;
        double left = -40 - arcs.atSides();
        double top = -40 - arcs.atEnds();
        List<Vertex> outer = face.shapes().getFirst().outline().stream().map(at -> at.plus(-X, -Y)).toList();
        int all = 2 * (arcs.across() + arcs.down());
        int steps = outer.size() / all;
        assertEquals(all * steps, outer.size());
        for (int i = 0; i < arcs.across(); i++) {
            Vertex middle = new Vertex(left + (i + 0.5) * arcs.chord(), top - 9 + radius);
            for (int step = 0; step <= steps; step++) {
                assertEquals(radius, outer.get(i * steps + step).distanceTo(middle), NEAR);
            }
            assertEquals(top, outer.get(i * steps).y(), NEAR);
        }
        for (int i = 0; i < arcs.down(); i++) {
            int from = (arcs.across() + i) * steps;
            assertEquals(-left + 400, outer.get(from).x(), NEAR);
            assertEquals(top + i * arcs.chord(), outer.get(from).y(), NEAR);
        }
        isOpening(face.shapes().getFirst());
    }

    private static void isOpening(MadeMember.Shape face) {
        double[] box = box(face.opening().stream().map(at -> at.plus(-X, -Y)).toList());
        assertEquals(5, box[0], NEAR);
        assertEquals(5, box[1], NEAR);
        assertEquals(395, box[2], NEAR);
        assertEquals(295, box[3], NEAR);
        double parts = face.parts().stream().mapToDouble(PlacedTest::area).sum();
        assertEquals(area(face.outline()) - 390 * 290, parts, 2, "what is drawn of it");
    }

    /** What is no wood is bought, or a hole; what is sawn to a line takes a template. */
    @Test
    void everyKindIsWhatItIs() {
        List<MemberKind> sawn = List.of(new MemberKind.Head(Length.mm(100)), new MemberKind.Trim(2),
                new MemberKind.Face(Length.mm(5), Length.mm(10), Length.mm(50), Length.mm(9)));
        List<MemberKind> straight = List.of(new MemberKind.Slats(Length.mm(12), Length.mm(60), Angle.ZERO),
                new MemberKind.Bar(true, 0.5, Length.ZERO), new MemberKind.Triangles(), new MemberKind.Blocks(),
                new MemberKind.Extension());
        List<MemberKind> bought = List.of(new MemberKind.Bought(MemberKind.Fitting.HINGES, 2),
                new MemberKind.Vents(10));
        Ground high = new Ground(GROUND.contours(), RECTANGLE, GROUND.section().withThickness(Length.mm(60))
                .withRabbet(Rabbet.plain(Length.mm(8), Length.mm(50))))
                .with(Length.mm(7), Length.mm(3));
        for (List<MemberKind> some : List.of(sawn, straight, bought)) {
            for (MemberKind kind : some) {
                assertFalse(kind.title().isBlank());
                assertEquals(some != bought, kind.isWood(), kind.title());
                assertEquals(some == sawn, kind.isSawnToALine(), kind.title());
                assertEquals(some == sawn || kind instanceof MemberKind.Extension, kind.isOutside(),
                        kind.title() + " goes on from outside");
                MadeMember made = fits(Placing.of(member(kind, 20, 8), high));
                assertEquals(kind instanceof MemberKind.Head || kind instanceof MemberKind.Extension,
                        !Placing.after(made, high).equals(high), kind.title() + " is ground for what comes after it");
                assertEquals(some == sawn, !MemberTemplates.of(made, high).isEmpty(), kind.title());
            }
        }
        assertEquals(List.of(MemberKind.Matter.METAL, MemberKind.Matter.AIR),
                bought.stream().map(MemberKind::matter).toList());
        assertEquals(List.of("hinges", "brackets"),
                List.of(MemberKind.Fitting.HINGES.title(), MemberKind.Fitting.BRACKETS.title()));
        assertEquals("brackets", new MemberKind.Bought(MemberKind.Fitting.BRACKETS, 2).title());
        MadeMember blocks = fits(placed(new MemberKind.Blocks(), 60, 6));
        assertEquals(4 * 60 * 60 * 6 * 1e-9 * PINE.density(), blocks.mass().kilograms(), 1e-6);
    }

    /** A bar across a trapezoid is as long as the narrower of its two edges. */
    @Test
    void aBarMeetsSlantingSides() {
        List<Vertex> sight = List.of(new Vertex(100, 0), new Vertex(300, 0), new Vertex(400, 300), new Vertex(0, 300));
        Section whole = GROUND.section().withRabbet(Rabbet.NONE);
        Ground ground = new Ground(Contours.straight(new Loop(sight), 0, Collections.nCopies(4, Length.mm(40))),
                Outline.of(new Shape.Polygon(new Loop(sight))), whole);
        MadeMember bar = fits(Placing.of(member(new MemberKind.Bar(false, 0.5, Length.ZERO), 60, 8), ground));
        assertEquals(200 + 2 * 120 / 3.0, bar.length().toMm(), NEAR, "at 120 below the top");
        MadeMember upright = fits(Placing.of(member(new MemberKind.Bar(true, 0.25, Length.ZERO), 60, 8), ground));
        assertEquals(300 - 90, upright.length().toMm(), NEAR,
                "its left edge meets the slant at 70 across, 90 below the top");
    }

    @Test
    void whatHasNoPlaceSaysWhy() {
        assertNotNull(Placing.nowhere(member(new MemberKind.Blocks(), 60, 6)).fault());
        assertNotNull(Placing.twice(member(new MemberKind.Blocks(), 60, 6)).fault());
        assertNotNull(placed(new MemberKind.Blocks(), 0, 6).fault());
        assertNotNull(placed(new MemberKind.Blocks(), 60, 0).fault());
        Ground sloped = new Ground(GROUND.contours(), RECTANGLE.withSlope(Angle.ofDegrees(10)), GROUND.section());
        assertNotNull(Placing.of(member(new MemberKind.Blocks(), 60, 6), sloped).fault());
        Ground round = new Ground(GROUND.contours(), Outline.of(new Shape.Regular(6, false)), GROUND.section());
        for (MemberKind kind : List.of(new MemberKind.Slats(Length.mm(12), Length.mm(60), Angle.ZERO),
                new MemberKind.Vents(3),
                new MemberKind.Face(Length.mm(5), Length.mm(10), Length.mm(50), Length.mm(9)))) {
            assertNotNull(Placing.of(member(kind, 20, 8), round).fault(), kind.title());
        }
    }
}
