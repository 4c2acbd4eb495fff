package neatcorner.reference;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import neatcorner.corner.Inventory;
import neatcorner.corner.Reinforcement;
import neatcorner.corner.ReinforcementKind;
import neatcorner.corner.solid.Clash;
import neatcorner.corner.solid.CornerWood;
import neatcorner.corner.solid.Fitting;
import neatcorner.corner.solid.JoinedCorner;
import neatcorner.corner.solid.Part;
import neatcorner.corner.solid.Room;
import neatcorner.corner.solid.Slab;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.measure.Units;
import neatcorner.outline.Corner;
import neatcorner.outline.Vertex;
import neatcorner.piece.CornerJoint;
import neatcorner.section.Edge;
import neatcorner.section.EdgeShape;
import neatcorner.section.Milling;
import neatcorner.section.Operation;
import neatcorner.section.Rabbet;
import neatcorner.section.Section;
import neatcorner.wood.Species;
import org.junit.jupiter.api.Test;

/**
 * Corners of a frame whose faces slope: every place of a part that is accepted is turned back into the stick's own end, by nothing but
 * a rotation, and must lie in the wood there.
 */
class SlopedCornersTest {
    private static final double NEAR = 0.05;
    /** These come in from outside, and may stand out of the outer face. */
    private static final Set<ReinforcementKind> FROM_OUTSIDE = Set.of(ReinforcementKind.SPLINE, ReinforcementKind.SLIP,
            ReinforcementKind.PIN, ReinforcementKind.BRAD, ReinforcementKind.NAIL, ReinforcementKind.SCREW);
    private static final List<ReinforcementKind> KINDS = List.of(ReinforcementKind.SPLINE, ReinforcementKind.SLIP,
            ReinforcementKind.TENON, ReinforcementKind.DOWEL, ReinforcementKind.BISCUIT, ReinforcementKind.PIN,
            ReinforcementKind.BRAD, ReinforcementKind.NAIL, ReinforcementKind.SCREW, ReinforcementKind.V_NAIL,
            ReinforcementKind.STAPLE, ReinforcementKind.CORRUGATED);

    /** A corner of a frame with all faces alike. */
    private record Frame(double interior, double slope, double width, double thickness, double rabbetWidth,
            double rabbetDepth) {

        CornerWood wood() {
            Section section = new Section(Species.named("white ash"), Length.mm(width), Length.mm(thickness),
                    Rabbet.plain(Length.mm(rabbetWidth), Length.mm(rabbetDepth)));
            return new CornerWood(new Corner(Angle.ofRadians(interior), Length.mm(width), Length.mm(width)),
                    CornerJoint.MITER, section, Length.mm(rabbetDepth), Angle.ofRadians(slope));
        }

        /** How far from the outermost edge, along the frame's plane, the sight edge lies. */
        double reach() {
            return width * Math.cos(slope) + thickness * Math.sin(slope);
        }

        /** A place that is so far from the outermost edge and behind the foremost one, on the stick's own end. */
        double[] own(double fromOuter, double behind) {
            double along = reach() - fromOuter;
            double deep = behind - width * Math.sin(slope);
            return new double[]{along * Math.cos(slope) - deep * Math.sin(slope),
                along * Math.sin(slope) + deep * Math.cos(slope)};
        }

        /** How far out of the wood a place of the stick's end lies; 0 within. */
        double out(double[] own, boolean fromOutside) {
            double x = own[0];
            double y = own[1];
            double out = Math.max(Math.max(-x, fromOutside ? 0 : x - width), Math.max(-y, y - thickness));
            double inRabbet = Math.min(rabbetWidth - x, y - (thickness - rabbetDepth));
            return Math.max(0, Math.max(out, inRabbet));
        }
    }

    @Test
    void whatIsAcceptedLiesInTheWoodAsItIsTurned() {
        int[] accepted = new int[1];
        Cases.of("sloped corners", random -> {
            double thickness = 12 + random.nextInt(20);
            double width = 20 + random.nextInt(50);
            Frame frame = new Frame(Math.PI * (1 - 2.0 / (3 + random.nextInt(6))),
                    Math.toRadians(3 + random.nextInt(35)), width, thickness, 4 + random.nextInt(5),
                    3 + random.nextInt((int) thickness / 2 - 2));
            ReinforcementKind kind = KINDS.get(random.nextInt(KINDS.size()));
            JoinedCorner bare = JoinedCorner.of(frame.wood(), List.of());
            Reinforcement chosen = new Fitting(bare, Length.mm(0.5))
                    .strongest(kind, Inventory.usual(Units.MILLIMETRES)).chosen();
            if (chosen != null) {
                accepted[0]++;
                JoinedCorner corner = JoinedCorner.of(frame.wood(), List.of(chosen));
                assertTrue(corner.isClear(), chosen.toString());
                corner.parts().forEach(part -> within(frame, part));
            }
        });
        Cases.met(35, "were accepted", accepted[0]);
    }

    private static void within(Frame frame, Part part) {
        Vertex along = new Vertex(Math.cos(Math.PI - frame.interior), Math.sin(Math.PI - frame.interior));
        Vertex inward = new Vertex(-along.y(), along.x());
        for (Slab slab : part.slabs()) {
            for (Vertex v : places(slab.shape())) {
                double fromBefore = v.y();
                double fromAfter = v.x() * inward.x() + v.y() * inward.y();
                // the halves of a mitred corner with equal faces meet where both are as far
                double seam = fromBefore - fromAfter;
                if (Math.abs(seam) > 1e-6) {
                    double outer = seam < 0 ? fromBefore : fromAfter;
                    for (double z : new double[]{slab.from(), (slab.from() + slab.to()) / 2, slab.to()}) {
                        double out = frame.out(frame.own(outer, z), FROM_OUTSIDE.contains(part.kind()));
                        assertTrue(out < NEAR, part.name() + " is " + out + " mm out of the wood of " + frame);
                    }
                }
            }
        }
    }

    /**
     * What is asked for in any place: what is called clear is in wood with its whole length, and nothing of it comes out again.
     * Each place of its middle plane is turned back into the stick's end.
     */
    @Test
    void whatComesInFromOutsideIsInWoodFromWhereTheFaceIsAtItsDepth() {
        int[] clear = new int[2];
        Cases.of("parts from outside sloped corners", random -> {
            double thickness = 14 + random.nextInt(40);
            Frame frame = new Frame(Math.PI * (1 - 2.0 / (3 + random.nextInt(6))),
                    Math.toRadians(3 + random.nextInt(60)), 20 + random.nextInt(50), thickness, 4 + random.nextInt(5),
                    3 + random.nextInt((int) thickness / 2 - 2));
            boolean key = random.nextBoolean();
            Length place = Length.mm(random.nextDouble() * frame.wood().thickness());
            Reinforcement what = key
                    ? Reinforcement.spline(Length.mm(4 + random.nextInt(30)), Length.mm(2), 1).at(null, place)
                    : Reinforcement.of(ReinforcementKind.NAIL, Length.mm(15 + random.nextInt(30)), Length.mm(1),
                            Length.mm(1), 1).at(null, place);
            JoinedCorner corner = JoinedCorner.of(frame.wood(), List.of(what));
            if (corner.isClear()) {
                clear[key ? 0 : 1]++;
                corner.parts().forEach(part -> allInWood(frame, part));
                if (key) {
                    double depth = what.size().toMm();
                    assertEquals(2 * depth * depth * Math.tan(frame.interior / 2), corner.glue().longGrain(), 1e-2);
                }
            }
        });
        Cases.met(5, "keys were clear", clear[0]);
        Cases.met(5, "nails were clear", clear[1]);
    }

    private static void allInWood(Frame frame, Part part) {
        Vertex along = new Vertex(Math.cos(Math.PI - frame.interior), Math.sin(Math.PI - frame.interior));
        Vertex inward = new Vertex(-along.y(), along.x());
        Slab slab = part.slabs().getFirst();
        double z = (slab.from() + slab.to()) / 2;
        double nearest = Double.MAX_VALUE;
        for (Vertex v : places(slab.shape())) {
            double outer = Math.min(v.y(), v.x() * inward.x() + v.y() * inward.y());
            double out = frame.out(frame.own(outer, z), false);
            assertTrue(out < NEAR, () -> part.name() + " is " + out + " mm in the air beside the wood of " + frame);
            nearest = Math.min(nearest, outer);
        }
        double[] before = frame.own(nearest - 0.2, z);
        assertTrue(frame.out(before, false) > 0, () -> part.name() + " begins inside the wood of " + frame);
    }

    /** Forward and back along a slanting face: by its room a slot stays clear, half a millimetre further it does not. */
    @Test
    void aSlotMovesAlongTheFaceAsFarAsIsSaid() {
        int[] moved = new int[1];
        Cases.of("slots moved on slopes", random -> {
            Frame frame = new Frame(Math.PI / 2, Math.toRadians(5 + random.nextInt(40)), 25 + random.nextInt(40),
                    20 + random.nextInt(30), 5, 5);
            Reinforcement slot = Reinforcement.spline(Length.mm(5 + random.nextInt(8)), Length.mm(2), 1);
            JoinedCorner corner = JoinedCorner.of(frame.wood(), List.of(slot));
            if (!corner.isClear()) {
                return;
            }
            double at = corner.parts().getFirst().fromFace();
            corner.rooms(0).forEach((room, free) -> {
                if (room == Room.FRONT || room == Room.BACK) {
                    int way = room == Room.FRONT ? -1 : 1;
                    moved[0]++;
                    assertTrue(clear(frame, slot, at + way * (free - 0.01)), room + " by " + free + " in " + frame);
                    assertTrue(!clear(frame, slot, at + way * (free + 0.5)), room + " past " + free + " in " + frame);
                }
            });
        });
        Cases.met(25, "were moved", moved[0]);
    }

    private static boolean clear(Frame frame, Reinforcement slot, double behind) {
        return JoinedCorner.of(frame.wood(), List.of(slot.at(null, Length.mm(behind)))).isClear();
    }

    /** A key's depth counts from the outer face at its own depth: a bevel that takes that face away lays it open. */
    @Test
    void woodThatIsMilledAwayIsNoWoodOnASlopeEither() {
        Section section = new Section(Species.named("white oak"), Length.mm(37.8), Length.mm(45.5), Rabbet.NONE)
                .withMilling(Milling.PLAIN.plus(new Operation.Shaped(EdgeShape.BEVEL, Edge.FRONT_OUTER, Length.mm(15.1),
                        Length.mm(13.6), 0)));
        CornerWood wood = new CornerWood(new Corner(Angle.ofDegrees(90), section.width(), section.width()),
                CornerJoint.MITER, section, Length.ZERO, Angle.ofDegrees(50));
        Set<Clash.With> inBevel = JoinedCorner.of(wood, List.of(Reinforcement.spline(Length.mm(15), Length.mm(3), 1)
                .at(null, Length.mm(6.9)))).clashes().stream().map(Clash::with).collect(Collectors.toSet());
        assertTrue(inBevel.contains(Clash.With.MILLED), inBevel.toString());
        assertTrue(JoinedCorner.of(wood, List.of(Reinforcement.spline(Length.mm(15), Length.mm(3), 1)
                .at(null, Length.mm(22)))).isClear(), "behind the bevel");
    }

    /** Corners of an outline, and places between them. */
    private static List<Vertex> places(List<Vertex> outline) {
        List<Vertex> places = new ArrayList<>();
        for (int i = 0; i < outline.size(); i++) {
            Vertex a = outline.get(i);
            Vertex b = outline.get((i + 1) % outline.size());
            for (int k = 0; k < 8; k++) {
                places.add(new Vertex(a.x() + (b.x() - a.x()) * k / 8, a.y() + (b.y() - a.y()) * k / 8));
            }
        }
        return places;
    }

    @Test
    void aTrayTakesSplinesAndDowelsButNothingThatWantsAFlatBack() {
        Frame tray = new Frame(Math.PI / 2, Math.toRadians(20), 45, 20, 6, 8);
        JoinedCorner bare = JoinedCorner.of(tray.wood(), List.of());
        Fitting fitting = new Fitting(bare, Length.mm(0.5));
        Inventory inventory = Inventory.usual(Units.MILLIMETRES);
        assertNotNull(fitting.strongest(ReinforcementKind.SPLINE, inventory).chosen());
        assertNotNull(fitting.strongest(ReinforcementKind.DOWEL, inventory).chosen());
        assertEquals(null, fitting.strongest(ReinforcementKind.V_NAIL, inventory).chosen(), "its back is no plane");
        assertEquals(45 * Math.cos(tray.slope) + 20 * Math.sin(tray.slope), tray.wood().before(), 1e-3);
        assertEquals(20 * Math.cos(tray.slope) + 45 * Math.sin(tray.slope), tray.wood().thickness(), 1e-9);
    }

    @Test
    void whatIsInTheWayIsNamedAsTheStickHasIt() {
        Frame tray = new Frame(Math.PI / 2, Math.toRadians(20), 45, 20, 6, 8);
        Reinforcement spline = new Fitting(JoinedCorner.of(tray.wood(), List.of()), Length.mm(0.5))
                .strongest(ReinforcementKind.SPLINE, Inventory.usual(Units.MILLIMETRES)).chosen();
        assertNotNull(spline);
        double middle = JoinedCorner.of(tray.wood(), List.of(spline)).parts().getFirst().fromFace();
        assertEquals(Set.of(Clash.With.FACE), inTheWay(tray, spline.at(null, Length.mm(middle - 8))));
        assertEquals(Set.of(Clash.With.BACK), inTheWay(tray, spline.at(null, Length.mm(middle + 8))));
    }

    @Test
    void aDowelThatComesOutOfTheOuterFaceIsABreach() {
        Frame tray = new Frame(Math.PI / 2, Math.toRadians(20), 45, 20, 6, 8);
        Reinforcement dowel = new Fitting(JoinedCorner.of(tray.wood(), List.of()), Length.mm(0.5))
                .strongest(ReinforcementKind.DOWEL, Inventory.usual(Units.MILLIMETRES)).chosen();
        assertNotNull(dowel);
        Reinforcement out = dowel.withCount(1).at(Length.mm(6), null);
        assertTrue(JoinedCorner.of(tray.wood(), List.of(out)).clashes().stream().anyMatch(Clash::breach),
                "it comes out beside the heel");
    }

    private static Set<Clash.With> inTheWay(Frame frame, Reinforcement what) {
        return JoinedCorner.of(frame.wood(), List.of(what)).clashes().stream().map(Clash::with)
                .collect(Collectors.toSet());
    }
}
