package neatcorner.section;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Random;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.wood.Species;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Geometry;

/** What is left of a stick when all is milled, and the passes that get it there. */
class MillingTest {
    private static final Section ASH = new Section(Species.named("white ash"), Length.mm(40), Length.mm(24),
            Rabbet.plain(Length.mm(8), Length.mm(10)));

    private static Section with(Operation... operations) {
        Milling milling = Milling.PLAIN;
        for (Operation operation : operations) {
            milling = milling.plus(operation);
        }
        return ASH.withMilling(milling);
    }

    private static Operation shaped(EdgeShape shape, Edge edge, double size, double depth) {
        return new Operation.Shaped(shape, edge, Length.mm(size), Length.mm(depth), 0);
    }

    /** Common practice: three light passes for a rabbet 10 mm deep in splintery wood. */
    @Test
    void aRabbetOfTenMillimetresInAshTakesThreePasses() {
        List<MillPass> passes = Passes.of(ASH);
        assertEquals(3, passes.size());
        assertEquals(List.of(3.333, 6.667, 10.0),
                passes.stream().map(pass -> Math.round(pass.height().toMm() * 1000) / 1000.0).toList());
        assertEquals(Face.BACK, passes.getFirst().rest());
        assertEquals(3, Passes.of(ASH.withWood(Species.named("black cherry"))).size());
        assertEquals(2, Passes.of(ASH.withWood(Species.named("black cherry"))
                .withRabbet(Rabbet.plain(Length.mm(8), Length.mm(8)))).size());
    }

    /** Common practice: on the table saw a rabbet is two cuts, one flat and one on edge. */
    @Test
    void onTheTableSawARabbetIsCutFlatAndThenOnEdge() {
        List<MillPass> passes = Passes.of(ASH.withMilling(Milling.PLAIN.withWay(RabbetWay.TABLE_SAW)));
        assertEquals(2, passes.size());
        assertEquals(Length.mm(10), passes.get(0).height());
        assertEquals(Length.mm(32), passes.get(0).fence(), "the wood that stays, 40 − 8");
        assertEquals(Face.OUTER, passes.get(0).guide());
        assertEquals(Length.mm(8), passes.get(1).height());
        assertEquals(Length.mm(14), passes.get(1).fence(), "the lip, 24 − 10");
        assertEquals(Face.FRONT, passes.get(1).guide());
        assertEquals(Face.INNER, passes.get(1).rest());
    }

    /** Geometry: areas of squares, quarter circles and triangles. */
    @Test
    void eachShapeTakesItsArea() {
        double plain = 40 * 24 - 8 * 10;
        double quarter = Math.PI / 4;
        assertEquals(plain, Profile.of(ASH).area(), 1e-6);
        assertTakes(25 * (1 - quarter), shaped(EdgeShape.ROUND_OVER, Edge.FRONT_OUTER, 5, 5));
        assertTakes(25 * quarter, shaped(EdgeShape.COVE, Edge.FRONT_OUTER, 5, 5));
        assertTakes(12.5, shaped(EdgeShape.CHAMFER, Edge.BACK_OUTER, 5, 5));
        assertTakes(12.5, shaped(EdgeShape.FACET, Edge.FRONT_INNER, 5, 5));
        assertTakes(24, shaped(EdgeShape.BEVEL, Edge.FRONT_OUTER, 12, 4));
        assertTakes(6 * 3 - Math.PI * 9 / 2 + 2 * 3, shaped(EdgeShape.BEAD, Edge.FRONT_OUTER, 3, 2));
        assertTakes(6 * 4, new Operation.Groove(Face.FRONT, Length.mm(10), Length.mm(6), Length.mm(4), 0));
        assertTakes(0, new Operation.Rip(Length.mm(6)));
    }

    private static void assertTakes(double area, Operation operation) {
        double plain = Profile.of(ASH).area();
        assertEquals(area, plain - Profile.of(with(operation)).area(), 0.05 + area * 0.01, operation.title());
    }

    @Test
    void aStripThatIsRippedOffWasPartOfTheBlank() {
        Profile profile = Profile.of(with(new Operation.Rip(Length.mm(6))));
        assertEquals(46, profile.after(0).getEnvelopeInternal().getWidth(), 1e-9);
        assertEquals(40, profile.finished().getEnvelopeInternal().getWidth(), 1e-9);
    }

    @Test
    void aTiltedBladeIsSetByTheSlope() {
        MillPass pass = Passes.of(with(shaped(EdgeShape.BEVEL, Edge.FRONT_OUTER, 12, 12))).getLast();
        assertEquals(45, Objects.requireNonNull(pass.tilt()).degrees(), 1e-9);
        MillPass wide = Passes.of(with(shaped(EdgeShape.BEVEL, Edge.FRONT_OUTER, 24, 8))).getLast();
        assertEquals(Face.INNER, wide.rest(), "a wide slope is cut on edge");
        assertEquals(Math.toDegrees(Math.atan(8 / 24.0)), Objects.requireNonNull(wide.tilt()).degrees(),
                1e-9);
    }

    @Test
    void aDeepCoveLeavesTooLittleToRestOnForWhatFollows() {
        Operation cove = shaped(EdgeShape.COVE, Edge.FRONT_OUTER, 20, 20);
        Operation round = shaped(EdgeShape.ROUND_OVER, Edge.FRONT_INNER, 8, 8);
        assertEquals(List.of(), Support.lost(with(round)));
        assertEquals(List.of(2), Support.lost(with(cove, round)));
        Operation slope = shaped(EdgeShape.BEVEL, Edge.FRONT_OUTER, 30, 8);
        Section last = with(slope, shaped(EdgeShape.ROUND_OVER, Edge.FRONT_INNER, 4, 4));
        assertEquals(List.of(2), Support.lost(last));
        assertEquals(List.of(), Support.lost(last.withMilling(last.milling().moved(2, 1))),
                "a slope is cut on edge, so what rests on the front comes before it");
    }

    /** Common practice: 5 mm from what shows, 3 mm from the rabbet and the back. */
    @Test
    void theSafeZoneOfAPlainSectionIsTheWallLessItsMargins() {
        SafeZone zone = SafeZone.of(ASH).orElseThrow();
        assertEquals(List.of(11.0, 5.0, 35.0, 21.0),
                zone.largest().stream().map(value -> (double) Math.round(value)).toList());
        Section slight = ASH.withWidth(Length.mm(15)).withThickness(Length.mm(14))
                .withRabbet(Rabbet.plain(Length.mm(8), Length.mm(8)));
        assertTrue(SafeZone.of(slight).isEmpty());
    }

    @Test
    void boardsGluedUpHaveTheirOwnDensities() {
        Species walnut = Species.named("black walnut");
        Layers layers = new Layers(true, List.of(new Ply(ASH.wood(), Length.mm(20), Length.ZERO),
                new Ply(walnut, Length.mm(20), Length.ZERO)));
        Section mixed = ASH.withMilling(Milling.PLAIN.withLayers(layers));
        assertEquals((ASH.wood().density() + walnut.density()) / 2, mixed.density(), 1e-9);
        assertEquals(Profile.of(ASH).area(), Profile.of(mixed).area(), 1e-6);
    }

    @Test
    void aBoardThatIsSteppedBackLeavesAStep() {
        Layers layers = new Layers(false, List.of(new Ply(ASH.wood(), Length.mm(8), Length.mm(5)),
                new Ply(ASH.wood(), Length.mm(16), Length.ZERO)));
        Profile profile = Profile.of(ASH.withMilling(Milling.PLAIN.withLayers(layers)));
        assertEquals(Profile.of(ASH).area() - 5 * 8, profile.area(), 1e-6);
    }

    @Property(tries = 300)
    void millingOnlyEverTakesWoodAway(@ForAll long seed) {
        Random random = new Random(seed);
        Section section = ASH;
        for (int i = 0; i < 1 + random.nextInt(5); i++) {
            section = section.withMilling(section.milling().plus(any(random)));
        }
        Profile profile = Profile.of(section);
        double before = profile.after(0).getArea();
        for (Profile.Stage stage : profile.stages()) {
            assertEquals(before, stage.after().getArea() + stage.removed().getArea(), 1e-3);
            before = stage.after().getArea();
        }
        Geometry finished = profile.finished();
        assertTrue(finished.getEnvelopeInternal().getMaxX() <= 40 + 1e-6);
        double strips = Profile.strips(finished).stream().map(Cutter::polygon).mapToDouble(Geometry::getArea).sum();
        assertEquals(finished.getArea(), strips, 0.02 * finished.getArea() + 0.1);
        SafeZone.of(section).ifPresent(zone -> {
            Geometry box = Cutter.box(zone.largest().get(0), zone.largest().get(1), zone.largest().get(2),
                    zone.largest().get(3));
            assertTrue(finished.buffer(0.3).covers(box.buffer(SafeZone.FROM_HIDDEN - 0.3)), zone.toString());
        });
        assertEquals(section.milling().order(section.rabbet()).size(), profile.stages().size());
        assertTrue(Passes.of(section).size() >= profile.stages().size());
    }

    private static Operation any(Random random) {
        double size = 1 + random.nextInt(9);
        Edge edge = Edge.values()[random.nextInt(4)];
        return switch (random.nextInt(3)) {
            case 0 -> new Operation.Groove(Face.values()[random.nextInt(4)], Length.mm(random.nextInt(12)),
                    Length.mm(3 + random.nextInt(4)), Length.mm(size), 0);
            case 1 -> new Operation.Rip(Length.mm(size));
            default -> shaped(EdgeShape.values()[random.nextInt(7)], edge, size, 1 + random.nextInt(6));
        };
    }

    @Property(tries = 200)
    void movingACutKeepsAllTheOthersInOrder(@ForAll long seed) {
        Random random = new Random(seed);
        Milling milling = Milling.PLAIN;
        int count = 1 + random.nextInt(5);
        for (int i = 0; i < count; i++) {
            milling = milling.plus(new Operation.Rip(Length.mm(i + 1)));
        }
        milling = milling.moved(0, random.nextInt(count + 1));
        int from = random.nextInt(count + 1);
        int to = random.nextInt(count + 1);
        List<Operation> expected = new ArrayList<>(milling.order(ASH.rabbet()));
        expected.add(to, expected.remove(from));
        assertEquals(expected, milling.moved(from, to).order(ASH.rabbet()));
        assertFalse(milling.without(from).order(ASH.rabbet()).size() > count + 1);
    }

    /**
     * A rabbet of 35.8 from the sight edge that is open to the front, and a groove in the outer face that reaches 2.8 of the
     * 2.8 mm that are left of 38.6: what is in front of the groove has come off, though 35.8 and 38.6 − 2.8 differ in the
     * sixteenth digit. With 0.3 mm between them it hangs on.
     */
    @Test
    void whatHangsOnByNothingHasComeOff() {
        assertFalse(Profile.of(groovedToTheRabbet(2.8)).isWhole());
        assertTrue(Profile.of(groovedToTheRabbet(2.5)).isWhole());
    }

    private static Section groovedToTheRabbet(double deep) {
        return new Section(Species.named("white ash"), Length.mm(38.6), Length.mm(40.5),
                new Rabbet(Length.mm(4.5), Length.mm(35.8), null, Angle.ofDegrees(90)),
                new Milling(Layers.NONE, RabbetWay.DADO, 0, 1, List.of(new Operation.Groove(Face.OUTER, Length.mm(3.9),
                        Length.mm(4.5), Length.mm(deep), 0))));
    }
}
