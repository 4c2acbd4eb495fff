package neatcorner.planner;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import neatcorner.drawing.Figure;
import neatcorner.drawing.Mark;
import neatcorner.fitout.SizeOf;
import neatcorner.job.Job;
import neatcorner.job.Jobs;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.measure.Notation;
import neatcorner.measure.Units;
import neatcorner.outline.Opening;
import neatcorner.plan.Finding;
import neatcorner.plan.Level;
import neatcorner.section.Edge;
import neatcorner.section.EdgeShape;
import neatcorner.section.Operation;
import neatcorner.section.Profile;
import neatcorner.section.Rabbet;
import neatcorner.section.RabbetWay;
import neatcorner.section.Spot;
import neatcorner.station.shape.SolidFigure;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

/** A flat pack in a frame whose faces slope, and the level rabbet that carries it. */
class SeatPlanTest {

    private static Job sloped(double slope) {
        Job chart = Jobs.chart();
        return chart.withSize(SizeOf.ART, new Opening(Length.mm(300), Length.mm(200)))
                .withSection(chart.section().withWidth(Length.mm(60)).withThickness(Length.mm(45))
                        .withRabbet(Rabbet.plain(Length.mm(10), Length.mm(12))))
                .sloped(Angle.ofDegrees(slope));
    }

    private static Finding finding(Job job, String code) {
        List<Finding> all = Planner.plan(job).findings();
        return all.stream().filter(finding -> finding.code().equals(code)).findFirst()
                .orElseThrow(() -> new AssertionError(code + " not among " + all));
    }

    private static List<String> codes(Job job) {
        return Planner.plan(job).findings().stream().map(Finding::code).toList();
    }

    private static Job mended(Job job, String code) {
        return Objects.requireNonNull(finding(job, code).remedy()).edit().of(job, Jobs.SHOP);
    }

    /** The rabbet's wall is 12 high; a pack on the lip's edge reaches past it once the faces slope enough. */
    @Test
    void aPackThatNothingHoldsIsAStopAndALevelRabbetMendsIt() {
        Job steep = sloped(52);
        assertEquals(Level.STOP, finding(steep, "pack.not-held").level());
        Job level = mended(steep, "pack.not-held");
        assertEquals(52, level.section().rabbet().tilt().degrees(), 1e-9);
        assertFalse(codes(level).contains("pack.not-held") || codes(level).contains("pack.on-edge"));
    }

    @Test
    void aPackThatLiesOnAnEdgeIsSaidToAndHowFarOut() {
        Job gentle = sloped(15);
        assertEquals(Level.NOTE, finding(gentle, "pack.on-edge").level());
        String said = finding(gentle, "pack.on-edge").message().in(Notation.of(Units.MILLIMETRES));
        assertTrue(said.contains("8.5 mm outside the sight edge"), said);
        assertFalse(codes(mended(gentle, "pack.on-edge")).contains("pack.on-edge"));
    }

    @Test
    void aLevelRabbetStaysLevelWhenTheSlopeIsChanged() {
        Job level = mended(sloped(30), "pack.on-edge");
        Job steeper = level.sloped(Angle.ofDegrees(36));
        assertEquals(36, steeper.section().rabbet().tilt().degrees(), 1e-9);
        assertFalse(codes(steeper).contains("pack.on-edge"), codes(steeper).toString());
        assertFalse(level.sloped(Angle.ZERO).section().rabbet().isTilted(), "level in a flat frame is square");
        Job square = sloped(30).sloped(Angle.ofDegrees(36));
        assertFalse(square.section().rabbet().isTilted(), "a square rabbet stays square");
        Job own = level.withSection(level.section().withRabbet(level.section().rabbet().withTilt(Angle.ofDegrees(12))));
        assertEquals(12, own.sloped(Angle.ofDegrees(36)).section().rabbet().tilt().degrees(), 1e-9,
                "neither level nor square: as the maker has it");
    }

    @Test
    void aRabbetTiltedInAFlatFrameIsAskedAbout() {
        Job flat = mended(sloped(30), "pack.on-edge");
        flat = flat.withOutline(flat.outline().withSlope(Angle.ZERO));
        assertFalse(mended(flat, "rabbet.not-level").section().rabbet().isTilted());
    }

    /** No table saw tilts 52°; the rest is made up by a ramp. */
    @Test
    void aCutPastTheSawsTiltAsksForARamp() {
        Job level = mended(sloped(52), "pack.not-held");
        level = level.withSection(level.section().withMilling(level.section().milling().withWay(RabbetWay.TABLE_SAW)));
        Finding found = finding(level, "pass.too-tilted");
        String said = found.message().in(Notation.of(Units.MILLIMETRES));
        assertEquals(Level.CHECK, found.level());
        assertTrue(said.contains("52°") && said.contains("45°") && said.contains("ramp of 7°"), said);
        assertFalse(codes(mended(sloped(30), "pack.on-edge")).contains("pass.too-tilted"));
    }

    /** The body's back shows where the rabbet runs: one turn of the section, one strip round the frame. */
    @Test
    void theBodyIsTheSectionAsMilled() {
        Job square = sloped(30);
        Job level = mended(square, "pack.on-edge");
        Job rounded = square.withSection(square.section().withMilling(square.section().milling().plus(
                new Operation.Shaped(EdgeShape.CHAMFER, Edge.FRONT_OUTER, Length.mm(8), Length.mm(8), 0))));
        assertFalse(shaded(square, 2.6).equals(shaded(level, 2.6)), "a level rabbet is seen");
        assertTrue(shaded(rounded, 0).size() > shaded(square, 0).size(), "a chamfer is a strip of its own");
    }

    /** Strips that were hollow by a rounding showed no grain. */
    @Test
    void theGrainOfATiltedSectionIsDrawnInConvexParts() {
        for (double slope = 5; slope < 45; slope += 0.7) {
            Job job = sloped(slope);
            job = job.withSection(job.section().withRabbet(job.section().rabbet().withTilt(Angle.ofDegrees(slope))));
            Geometry wood = Profile.of(job.section()).finished();
            double area = 0;
            for (List<Spot> strip : Profile.strips(wood)) {
                Geometry part = polygon(strip);
                assertEquals(part.convexHull().getArea(), part.getArea(), 1e-6, "hollow at " + slope);
                area += part.getArea();
            }
            assertEquals(wood.getArea(), area, 0.2);
        }
    }

    private static Geometry polygon(List<Spot> spots) {
        List<Coordinate> ring = new ArrayList<>(
                spots.stream().map(spot -> new Coordinate(spot.x(), spot.y())).toList());
        ring.add(ring.getFirst());
        return new GeometryFactory().createPolygon(ring.toArray(Coordinate[]::new));
    }

    private static List<Mark.Shaded> shaded(Job job, double pitch) {
        Figure figure = SolidFigure.of(Planner.plan(job), 0, pitch);
        return figure.marks().stream().filter(Mark.Shaded.class::isInstance).map(Mark.Shaded.class::cast).toList();
    }
}
