package neatcorner.reference;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Random;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.section.Edge;
import neatcorner.section.EdgeShape;
import neatcorner.section.Face;
import neatcorner.section.Layers;
import neatcorner.section.MillPass;
import neatcorner.section.Milling;
import neatcorner.section.Operation;
import neatcorner.section.Passes;
import neatcorner.section.Profile;
import neatcorner.section.Rabbet;
import neatcorner.section.RabbetWay;
import neatcorner.section.Section;
import neatcorner.section.Tool;
import neatcorner.wood.Species;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;

/**
 * A stick milled by doing what each pass says and nothing else: this face on the table, that against the fence, the blade or
 * bit so far from it and so high. What falls off is gone. In the end the stick's end must be the section that was asked for.
 */
class PassesFollowedTest {
    private static final GeometryFactory FACTORY = new GeometryFactory();
    private static final double KERF = 2.4;

    @Test
    void followedToTheLetterThePassesGiveTheSection() {
        Cases.of("passes", random -> follow(section(random)));
    }

    /** Common practice: two cuts for each step; of a double rabbet one pair alone would leave a strip on. */
    @Test
    void aDoubleRabbetTakesFourSawCuts() {
        Section section = new Section(Species.named("white ash"), Length.mm(40), Length.mm(22),
                new Rabbet(Length.mm(6), Length.mm(14), new Rabbet.Step(Length.mm(12), Length.mm(6))),
                new Milling(Layers.NONE, RabbetWay.TABLE_SAW, 0, 0, List.of()));
        assertEquals(4, Passes.of(section).size());
        follow(section);
    }

    /** Geometry: a slope 5 across and 10 down, run on to the table 20 below, meets it 30 + 5 from the fence. */
    @Test
    void aBevelIsMeasuredAtTheTable() {
        Section section = plain(30, 20, new Operation.Shaped(EdgeShape.BEVEL, Edge.FRONT_OUTER, Length.mm(5),
                Length.mm(10), 0));
        MillPass bevel = Passes.of(section).getLast();
        assertEquals(Length.mm(35), bevel.fence());
        assertEquals(Face.INNER, bevel.guide());
        follow(section);
    }

    /** Geometry: an S whose two quarters meet in one upright tangent. */
    @Test
    void anOgeeIsACoveAndARoundOverSetIn() {
        List<Operation> ogee = new ArrayList<>(Operation.Shaped.ogee(Edge.FRONT_OUTER, Length.mm(6), Length.mm(4)));
        Section section = plain(40, 22, ogee.toArray(Operation[]::new));
        double taken = 40 * 22 - 6 * 8 - Profile.of(section).area();
        double cove = 6 * 4 + Math.PI * 36 / 4;
        double round = 16 - Math.PI * 16 / 4;
        assertEquals(cove + round, taken, 0.3);
        assertTrue(Profile.of(section).isWhole());
    }

    private static Section plain(double width, double thickness, Operation... operations) {
        return new Section(Species.named("white ash"), Length.mm(width), Length.mm(thickness),
                Rabbet.plain(Length.mm(6), Length.mm(8)),
                new Milling(Layers.NONE, RabbetWay.TABLE_SAW, 0, 0, List.of(operations)));
    }

    private static Section section(Random random) {
        Section drawn = AnyJob.section(random);
        RabbetWay[] ways = {RabbetWay.ROUTER, RabbetWay.TABLE_SAW, RabbetWay.DADO};
        List<Operation> operations = new ArrayList<>();
        for (int i = 0; i < random.nextInt(3); i++) {
            Edge edge = Edge.values()[random.nextInt(3)];
            operations.add(switch (random.nextInt(4)) {
                case 0 -> new Operation.Groove(random.nextBoolean() ? Face.FRONT : Face.OUTER,
                        AnyJob.between(random, 0, 5), AnyJob.between(random, 3, 5), AnyJob.between(random, 1, 4), 0);
                case 1 -> new Operation.Rip(AnyJob.between(random, 2, 8));
                case 2 -> new Operation.Shaped(EdgeShape.BEVEL, edge, AnyJob.between(random, 1, 8),
                        AnyJob.between(random, 1, 8), 0);
                default -> new Operation.Shaped(EdgeShape.RABBET, edge, AnyJob.between(random, 1, 5),
                        AnyJob.between(random, 1, 5), 0);
            });
        }
        operations.sort((a, b) -> Boolean.compare(b instanceof Operation.Rip, a instanceof Operation.Rip));
        Rabbet rabbet = drawn.rabbet();
        if (random.nextInt(4) == 0) {
            double[] tilts = {90, 45, 5 + random.nextInt(40)};
            rabbet = new Rabbet(rabbet.width(), rabbet.depth(), null, Angle.ofDegrees(tilts[random.nextInt(3)]));
        }
        return drawn.withRabbet(rabbet).withMilling(new Milling(Layers.NONE, ways[random.nextInt(3)], 0,
                random.nextInt(3), operations));
    }

    private static void follow(Section section) {
        if (!section.isSound() || section.lip().toMm() < 1 || section.wall().toMm() < 1
                || !Profile.of(section).isWhole()) {
            return;
        }
        List<MillPass> passes = Passes.of(section);
        if (passes.stream().anyMatch(pass -> pass.tilt() != null && pass.tilt().degrees() > 45.001)) {
            return;
        }
        double t = section.thickness().toMm();
        double outer = section.width().toMm() + section.milling().operations().stream()
                .mapToDouble(op -> op instanceof Operation.Rip rip ? rip.size().toMm() : 0).sum();
        Geometry wood = box(0, 0, outer, t);
        for (MillPass pass : passes) {
            double edge = wood.getEnvelopeInternal().getMaxX();
            Geometry cut = swept(pass, edge, t);
            wood = kept(OverlayNGRobust.overlay(wood, cut, OverlayNG.DIFFERENCE));
        }
        Geometry wanted = Profile.of(section).finished();
        Geometry off = OverlayNGRobust.overlay(wanted, wood, OverlayNG.SYMDIFFERENCE);
        assertTrue(off.buffer(-0.005).isEmpty(), () -> "off by " + off.getArea() + " mm² in " + section + ": " + off);
    }

    /** What a tool cuts, told from the table and the fence, turned to the stick's own end. */
    private static Geometry swept(MillPass pass, double outer, double t) {
        double near = pass.fence().toMm();
        Length said = pass.wide();
        double wide = said == null ? KERF : said.toMm();
        double height = pass.height().toMm();
        double lean = pass.tilt() == null ? 0 : pass.tilt().tan() * (pass.leans() ? -1 : 1);
        double norm = Math.hypot(1, lean);
        double below = pass.isInFence() ? -1 : 0;
        double[] tip = {near + lean * height, height};
        double[] foot = {near - lean, -1};
        List<double[]> shape = List.of(new double[]{foot[0] + below, foot[1]},
                new double[]{foot[0] + wide / norm, foot[1] - lean * wide / norm},
                new double[]{tip[0] + wide / norm, tip[1] - lean * wide / norm},
                new double[]{tip[0] + below, tip[1]});
        Coordinate[] ring = new Coordinate[5];
        for (int i = 0; i < 5; i++) {
            ring[i] = placed(shape.get(i % 4), pass.rest(), pass.guide(), outer, t);
        }
        return FACTORY.createPolygon(ring);
    }

    /** A place so far from the fence and so high above the table. */
    private static Coordinate placed(double[] place, Face table, Face fence, double outer, double t) {
        double x = 0;
        double y = 0;
        for (Object[] each : new Object[][]{{fence, place[0]}, {table, place[1]}}) {
            double off = (double) each[1];
            switch ((Face) each[0]) {
                case FRONT -> y = off;
                case BACK -> y = t - off;
                case INNER -> x = off;
                case OUTER -> x = outer - off;
            }
        }
        return new Coordinate(x, y);
    }

    /** The largest piece: the rest has fallen off. */
    private static Geometry kept(Geometry wood) {
        @Nullable
        Geometry largest = null;
        for (int i = 0; i < wood.getNumGeometries(); i++) {
            Geometry part = wood.getGeometryN(i);
            if (largest == null || part.getArea() > largest.getArea()) {
                largest = part;
            }
        }
        return Objects.requireNonNull(largest);
    }

    private static Geometry box(double left, double top, double right, double bottom) {
        return FACTORY.createPolygon(new Coordinate[]{new Coordinate(left, top), new Coordinate(right, top),
            new Coordinate(right, bottom), new Coordinate(left, bottom), new Coordinate(left, top)});
    }

    /** A saw's strip must not be caught between blade and fence: what stays is against the fence. */
    @Test
    void noStripIsCaughtBetweenBladeAndFence() {
        Cases.of("strips fall free", random -> {
            Section section = section(random);
            for (MillPass pass : section.isSound() ? Passes.of(section) : List.<MillPass>of()) {
                assertTrue(pass.tool() != Tool.SAW || pass.guide() != Face.INNER || pass.rest() == Face.BACK
                        || pass.rest() == Face.FRONT, "the sight edge against the fence would catch the strip");
            }
        });
    }
}
