package neatcorner.member;

import static neatcorner.member.PlacedTest.GROUND;
import static neatcorner.member.PlacedTest.NEAR;
import static neatcorner.member.PlacedTest.X;
import static neatcorner.member.PlacedTest.Y;
import static neatcorner.member.PlacedTest.area;
import static neatcorner.member.PlacedTest.fits;
import static neatcorner.member.PlacedTest.isBox;
import static neatcorner.member.PlacedTest.member;
import static neatcorner.member.PlacedTest.placed;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotNull;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Collections;
import java.util.List;
import neatcorner.measure.Length;
import neatcorner.outline.Contours;
import neatcorner.outline.Loop;
import neatcorner.outline.Outline;
import neatcorner.outline.Shape;
import neatcorner.outline.Vertex;
import org.junit.jupiter.api.Test;

/** What stands on top of the frame of {@link PlacedTest}, and the band that goes round all that. */
class OnTopTest {
    @Test
    void whatStandsOnTopStandsOnWhatIsThere() {
        MadeMember extension = fits(placed(new MemberKind.Extension(), 90, 20));
        assertEquals(Length.mm(480), extension.length());
        isBox(-40, -40 - 90, 440, -40, extension.shapes().getFirst());
        assertEquals(480 * 90 * 20, extension.volume(), NEAR);
        Ground higher = Placing.after(extension, GROUND);
        assertEquals(Length.mm(90), higher.topped());
        MadeMember head = fits(Placing.of(member(new MemberKind.Head(Length.mm(100)), 50, 20), higher));
        isBox(-40, -130 - 50 - 100, 440, -130, head.shapes().getFirst());
        assertEquals(head.volume(), area(head) * 20, head.volume() * 0.002, "its edge is drawn in short lines");
        double radius = (240.0 * 240 + 100 * 100) / 200;
        double turn = 2 * Math.asin(240 / radius);
        assertEquals((480 * 50 + radius * radius / 2 * (turn - Math.sin(turn))) * 20, head.volume(), 1);
        assertEquals(new MadeMember.Plate(1, Length.mm(480), Length.mm(150)), head.plates().getFirst());
        Ground arched = Placing.after(head, higher);
        assertEquals(Length.mm(140), arched.topped());
        assertEquals(Length.mm(100), arched.shoulder());
        assertEquals(arched, Placing.after(Placing.of(member(new MemberKind.Blocks(), 60, 6), arched), arched));
        assertEquals(arched, Placing.after(Placing.of(member(new MemberKind.Extension(), 0, 6), arched), arched),
                "what has no place is no ground");
        assertNotNull(Placing.of(member(new MemberKind.Head(Length.mm(241)), 50, 20), GROUND).fault(),
                "more than a half circle");
        assertNull(Placing.of(member(new MemberKind.Head(Length.mm(240)), 50, 20), GROUND).fault());
        assertNotNull(Placing.of(member(new MemberKind.Head(Length.ZERO), 50, 20), GROUND).fault());
    }

    /** Two sides as high as the frame and a top between them; of three layers, nine sticks a third as thick. */
    @Test
    void aTrimBandGoesRoundTheFace() {
        MadeMember trim = fits(placed(new MemberKind.Trim(3), 30, 9));
        assertEquals(9, trim.pieces().size());
        assertEquals(6, trim.pieces().stream().filter(piece -> piece.outer().equals(Length.mm(380))).count());
        assertEquals(3, trim.pieces().stream().filter(piece -> piece.outer().equals(Length.mm(420))).count());
        assertEquals(Length.mm(3), trim.member().stick().thickness());
        assertEquals((2 * 380 + 420) * 30 * 9, trim.volume(), NEAR);
        assertEquals(trim.volume(), area(trim) * 9, NEAR);
        assertEquals("it 9", trim.pieces().getLast().name());
    }

    /** Round the arch of a head its band is a part of a ring: half the angle between them times the difference of squares. */
    @Test
    void aTrimBandFollowsAnArch() {
        Ground arched = Placing.after(Placing.of(member(new MemberKind.Head(Length.mm(100)), 50, 20), GROUND), GROUND);
        MadeMember trim = fits(Placing.of(member(new MemberKind.Trim(2), 30, 8), arched));
        assertEquals(4, trim.pieces().size());
        assertTrue(trim.pieces().stream().allMatch(piece -> piece.outer().equals(Length.mm(380 + 50))));
        double radius = (240.0 * 240 + 100 * 100) / 200;
        double half = Math.asin(240 / radius);
        double inner = radius - 30;
        double foot = inner * Math.cos(Math.asin(210 / inner)) - radius * Math.cos(half);
        double slant = -foot;
        trim.pieces().forEach(piece -> {
            assertEquals(430 - slant, piece.sight().toMm(), NEAR,
                    "the inner edge ends where the arch's inner edge does");
            assertEquals(Math.toDegrees(Math.atan2(slant, 30)),
                    piece.left().miter().degrees() + piece.right().miter().degrees(),
                    0.01, "one end is cut at that slant, the other square");
        });
        assertEquals(2, trim.pieces().stream().filter(piece -> piece.left().miter().degrees() > 1).count(),
                "half of them");
        double segment = radius * radius * (half - Math.sin(half) * Math.cos(half));
        double within = Math.asin(210 / inner);
        double hollow = inner * inner * (within - Math.sin(within) * Math.cos(within));
        double band = segment + (480 + 420) / 2.0 * slant - hollow;
        assertEquals((2 * (430 - slant / 2) * 30 + band) * 8, trim.volume(), 1);
        assertEquals(1, trim.plates().size());
        assertEquals(2, trim.plates().getFirst().count());
    }

    /** On the face: sides from the foot to the top, and what closes them above, edge to edge. */
    @Test
    void aTrimBandLiesAlongTheOuterEdge() {
        List<MadeMember.Shape> flush = fits(placed(new MemberKind.Trim(1), 30, 8)).shapes();
        assertEquals(3, flush.size());
        isBox(-40, -40, -10, 340, flush.get(0));
        isBox(410, -40, 440, 340, flush.get(1));
        isBox(-10, -40, 410, -10, flush.get(2));
        Ground higher = GROUND.with(Length.mm(90), Length.ZERO);
        List<MadeMember.Shape> high = fits(Placing.of(member(new MemberKind.Trim(1), 30, 8), higher)).shapes();
        isBox(-40, -130, -10, 340, high.get(0));
        isBox(-10, -130, 410, -100, high.get(2));
        assertTrue(high.stream().allMatch(shape -> shape.depth() == MadeMember.Depth.FRONT));
        assertEquals(Math.PI / 2, high.get(0).grain(), 1e-9, "along the side");
        assertEquals(0, high.get(2).grain(), 1e-9);
        assertNotNull(placed(new MemberKind.Trim(1), 240, 8).fault(), "two of them would take all of the width");
        assertNull(placed(new MemberKind.Trim(1), 239, 8).fault());
    }

    /** Round an arch both edges of the band have one centre, and each side's inner edge ends where the inner arc begins. */
    @Test
    void aTrimBandMeetsTheArchAtItsCorners() {
        Ground arched = GROUND.with(Length.mm(50), Length.mm(100));
        MadeMember trim = fits(Placing.of(member(new MemberKind.Trim(2), 30, 8), arched));
        double radius = (240.0 * 240 + 100 * 100) / 200;
        Vertex centre = new Vertex(200, -90 - 100 + radius);
        double foot = centre.y() - Math.sqrt((radius - 30) * (radius - 30) - 210 * 210);
        isBox(-40, Math.min(-90, foot), -10, 340, trim.shapes().get(0));
        isBox(410, Math.min(-90, foot), 440, 340, trim.shapes().get(1));
        List<Vertex> band = trim.shapes().get(2).outline().stream().map(at -> at.plus(-X, -Y)).toList();
        long outer = band.stream().filter(at -> Math.abs(at.distanceTo(centre) - radius) < NEAR).count();
        long inner = band.stream().filter(at -> Math.abs(at.distanceTo(centre) - (radius - 30)) < NEAR).count();
        assertEquals(band.size(), outer + inner);
        assertEquals(outer, inner);
        for (Vertex end : List.of(new Vertex(-40, -90), new Vertex(440, -90), new Vertex(-10, foot),
                new Vertex(410, foot))) {
            assertTrue(band.stream().anyMatch(at -> at.distanceTo(end) < NEAR), end + " of " + band);
        }
        assertEquals(new MadeMember.Plate(2, Length.mm(480), Length.mm(Math.max(-90, foot) + 90 + 100)),
                trim.plates().getFirst());
    }

    /** Where the top runs to a point or the corners are cut off, nothing stands on it. */
    @Test
    void onlyALevelTopBearsSomething() {
        for (List<Vertex> sight : List.of(
                List.of(new Vertex(0, 0), new Vertex(200, -100), new Vertex(400, 0), new Vertex(400, 300),
                        new Vertex(0, 300)),
                List.of(new Vertex(100, 0), new Vertex(300, 0), new Vertex(400, 300), new Vertex(0, 300)))) {
            Ground ground = new Ground(
                    Contours.straight(new Loop(sight), 8, Collections.nCopies(sight.size(), Length.mm(40))),
                    Outline.of(new Shape.Polygon(new Loop(sight))), GROUND.section());
            for (MemberKind kind : List.of(new MemberKind.Extension(), new MemberKind.Head(Length.mm(50)),
                    new MemberKind.Trim(1))) {
                assertNotNull(Placing.of(member(kind, 30, 8), ground).fault(), kind.title());
            }
            assertNull(Placing.of(member(new MemberKind.Bar(true, 0.5, Length.ZERO), 30, 8), ground).fault());
        }
    }
}
