package neatcorner.corner.solid;

import static neatcorner.corner.solid.CornersOfTest.mm;
import static neatcorner.corner.solid.CornersOfTest.section;
import static neatcorner.corner.solid.CornersOfTest.wood;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import neatcorner.corner.Reinforcement;
import neatcorner.corner.ReinforcementKind;
import neatcorner.outline.Vertex;
import neatcorner.section.Profile;
import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

/** Whatever is put into whatever corner: what is accepted lies in the wood, and has the room it is said to have. */
class ClearanceTest {
    private static final GeometryFactory FACTORY = new GeometryFactory();

    private static Reinforcement part(int kind, double size, double place) {
        return switch (kind) {
            case 0 -> Reinforcement.spline(mm(size), mm(3), 1);
            case 1 -> CornersOfTest.of(ReinforcementKind.TENON, size, 5, 16, 1).at(mm(place), null);
            case 2 -> CornersOfTest.of(ReinforcementKind.DOWEL, size, 6, 0, 1).at(mm(place), null);
            case 3 -> CornersOfTest.of(ReinforcementKind.V_NAIL, size / 2, 0.6, 9, 1).at(mm(place), null);
            case 4 -> CornersOfTest.of(ReinforcementKind.PIN, size, 1, 0, 1).at(mm(place / 2), null);
            case 5 -> CornersOfTest.of(ReinforcementKind.SLIP, size, 4, 100, 1);
            default -> CornersOfTest.of(ReinforcementKind.STAPLE, size / 3, 1.2, 10, 1).at(mm(place), null);
        };
    }

    private static CornerWood corner(double interior, double before, double wider) {
        return wood(interior, before, before + wider, section(before, 22, 7, 12));
    }

    /** Seen from the front and sampled behind it, against JTS: each slab within the union of the two pieces' wood. */
    @Property(tries = 400)
    void noAcceptedPartLeavesTheWood(@ForAll @IntRange(max = 6) int kind,
            @ForAll @DoubleRange(min = 50, max = 160) double interior,
            @ForAll @DoubleRange(min = 24, max = 80) double before, @ForAll @DoubleRange(max = 30) double wider,
            @ForAll @DoubleRange(min = 4, max = 60) double size,
            @ForAll @DoubleRange(min = 4, max = 80) double place) {
        CornerWood wood = corner(interior, before, wider);
        JoinedCorner joined = CornersOfTest.joined(wood, part(kind, size, place));
        Assume.that(joined.isClear());
        for (Slab slab : joined.parts().getFirst().slabs()) {
            for (double share : new double[]{0.01, 0.5, 0.99}) {
                double z = slab.from() + (slab.to() - slab.from()) * share;
                Geometry outside = polygon(slab.shape()).difference(woodAt(wood, z).buffer(1e-6));
                assertTrue(outside.getArea() < 1e-3, () -> "out of the wood by " + outside);
            }
        }
    }

    /** Sampled behind the face, against JTS: what sticks out of the wood is said to be through, and nothing else is. */
    @Property(tries = 400)
    void whatLeavesTheWoodIsSaidToBeThrough(@ForAll @IntRange(max = 6) int kind,
            @ForAll @DoubleRange(min = 50, max = 160) double interior,
            @ForAll @DoubleRange(min = 24, max = 80) double before, @ForAll @DoubleRange(max = 30) double wider,
            @ForAll @DoubleRange(min = 4, max = 60) double size,
            @ForAll @DoubleRange(min = 4, max = 80) double place) {
        CornerWood wood = corner(interior, before, wider);
        JoinedCorner joined = CornersOfTest.joined(wood, part(kind, size, place));
        Assume.that(!joined.parts().isEmpty());
        double out = 0;
        for (Part part : joined.parts()) {
            for (Slab slab : part.cut()) {
                for (double share : new double[]{0.01, 0.25, 0.5, 0.75, 0.99}) {
                    double z = slab.from() + (slab.to() - slab.from()) * share;
                    out = Math.max(out, z < 0 || z > wood.thickness()
                            ? 1000
                            : polygon(slab.shape()).difference(woodAt(wood, z).buffer(1e-6)).getArea());
                }
            }
        }
        boolean said = joined.clashes().stream().anyMatch(Clash::out);
        double left = out;
        assertTrue(left < 0.5 || said, () -> left + " mm² out, and " + joined.clashes());
        assertTrue(left > 1e-3 || !said || edges(joined), () -> "nothing is out, but " + joined.clashes());
    }

    /** Slices between the sampled ones may graze the front of a rabbet. */
    private static boolean edges(JoinedCorner joined) {
        return joined.clashes().stream().filter(Clash::out).allMatch(clash -> clash.by() < 0.6);
    }

    @Property(tries = 300)
    void aPartMovedByItsRoomIsClearAndAMillimetreFurtherIsNot(@ForAll @IntRange(max = 6) int kind,
            @ForAll @DoubleRange(min = 50, max = 160) double interior,
            @ForAll @DoubleRange(min = 24, max = 80) double before, @ForAll @DoubleRange(max = 30) double wider,
            @ForAll @DoubleRange(min = 4, max = 50) double size,
            @ForAll @DoubleRange(min = 4, max = 80) double place) {
        CornerWood wood = corner(interior, before, wider);
        Reinforcement what = part(kind, size, place);
        JoinedCorner joined = CornersOfTest.joined(wood, what);
        Assume.that(joined.isClear());
        Part part = joined.parts().getFirst();
        for (Map.Entry<Room, Double> room : joined.rooms(0).entrySet()) {
            assertTrue(clear(wood, what, part, room.getKey(), Math.max(0, room.getValue() - 0.003)),
                    () -> room + " is not there");
            assertFalse(clear(wood, what, part, room.getKey(), room.getValue() + 1), () -> room + " is not all");
        }
    }

    /** The part put elsewhere, or made longer, as a maker would type it; one of a pair alone. */
    private static boolean clear(CornerWood wood, Reinforcement what, Part part, Room room, double by) {
        double heel = part.fromHeel() + (room == Room.TOE ? by : room == Room.HEEL ? -by : 0);
        double face = part.fromFace() + (room == Room.BACK ? by : room == Room.FRONT ? -by : 0);
        Reinforcement moved = what.at(mm(heel), mm(face));
        if (room == Room.DEEPER) {
            moved = moved.withSize(moved.size().plus(mm(by)));
        }
        List<Part> parts = PartShapes.of(wood, moved, 0);
        if (parts.isEmpty()) {
            return false;
        }
        Part first = parts.getFirst();
        double dz = first.kind().reach() == ReinforcementKind.Reach.FROM_BACK ? 0 : face - first.fromFace();
        Part there = new Part(0, first.kind(), 0, first.name(), first.fromHeel(), first.fromFace() + dz,
                first.slabs().stream().map(slab -> new Slab(slab.shape(), slab.from() + dz, slab.to() + dz)).toList(),
                first.cut().stream().map(slab -> new Slab(slab.shape(), slab.from() + dz, slab.to() + dz)).toList());
        JoinedCorner others = CornersOfTest.joined(wood, what);
        List<Part> all = new ArrayList<>(others.parts());
        all.set(0, there);
        return new Clearance(wood, all).isClear(there, 0);
    }

    private static Geometry polygon(List<Vertex> shape) {
        Coordinate[] ring = new Coordinate[shape.size() + 1];
        for (int i = 0; i <= shape.size(); i++) {
            Vertex v = shape.get(i % shape.size());
            ring[i] = new Coordinate(v.x(), v.y());
        }
        return FACTORY.createPolygon(ring).buffer(0);
    }

    /** The wood of both pieces at a depth, seen from the front. */
    private static Geometry woodAt(CornerWood wood, double z) {
        Geometry all = null;
        for (boolean before : new boolean[]{true, false}) {
            double width = before ? wood.before() : wood.after();
            double from = z > wood.thickness() - wood.section().rabbet().depth().toMm() ? wood.rabbet() : 0;
            Geometry piece = polygon(wood.piece(before, 400, wood.seam()))
                    .intersection(strip(wood, before, width - from));
            all = all == null ? piece : all.union(piece);
        }
        assertTrue(Profile.of(wood.section()).isWhole());
        return Objects.requireNonNull(all);
    }

    /** Everything within a distance of one side's outer edge. */
    private static Geometry strip(CornerWood wood, boolean before, double deep) {
        Vertex along = before ? new Vertex(1, 0) : wood.along();
        Vertex in = before ? new Vertex(0, 1) : wood.inward();
        Vertex a = new Vertex(-500 * along.x(), -500 * along.y());
        Vertex b = new Vertex(500 * along.x(), 500 * along.y());
        return polygon(List.of(a, b, b.plus(in.x() * deep, in.y() * deep), a.plus(in.x() * deep, in.y() * deep)));
    }
}
