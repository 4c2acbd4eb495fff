package neatcorner.planner;

import static neatcorner.drawing.Sound.assertSound;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotNull;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.stream.IntStream;
import neatcorner.fitout.Layer;
import neatcorner.fitout.Pack;
import neatcorner.fitout.SizeOf;
import neatcorner.job.Job;
import neatcorner.job.Jobs;
import neatcorner.job.Reshape;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.outline.Loop;
import neatcorner.outline.Opening;
import neatcorner.outline.Outline;
import neatcorner.outline.Shape;
import neatcorner.outline.Vertex;
import neatcorner.piece.Piece;
import neatcorner.plan.Finding;
import neatcorner.plan.FrameFields;
import neatcorner.plan.Level;
import neatcorner.plan.Plan;
import neatcorner.plan.Remedy;
import neatcorner.plan.Station;
import neatcorner.station.opening.OpeningFigure;
import neatcorner.station.shape.ShapeFields;
import neatcorner.station.shape.ShapeFigure;
import neatcorner.station.shape.SolidFigure;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;

/** Jobs of other shapes than rectangles: sizes, findings, and changes made at a corner. */
class ShapePlanTest {

    private static Job shaped(Shape shape, SizeOf of, double width, double height) {
        Job chart = Jobs.withABoard(Jobs.chart());
        return chart.withOutline(Outline.of(shape)).withPack(new Pack(
                chart.pack().layers().stream().filter(layer -> !(layer instanceof Layer.Mat))
                        .toList()))
                .withSize(of, new Opening(Length.mm(width), Length.mm(height)));
    }

    private static Job polygon(double... xy) {
        List<Vertex> vertices = new ArrayList<>();
        for (int i = 0; i < xy.length; i += 2) {
            vertices.add(new Vertex(xy[i], xy[i + 1]));
        }
        Loop loop = Loop.clockwise(vertices);
        return shaped(new Shape.Polygon(loop), SizeOf.SIGHT, loop.box().width().toMm(), loop.box().height().toMm());
    }

    private static Finding finding(Job job, String code) {
        return Planner.plan(job).findings().stream().filter(f -> f.code().equals(code)).findFirst()
                .orElseThrow(() -> new AssertionError("no " + code + " in " + Planner.plan(job).findings()));
    }

    /** Euclid: 180°/7 = 25.714°; long point 2·R·tan with the outside across flats. */
    @Test
    void aHeptagonIsPlannedAcrossFlatsOrCorners() {
        Plan flats = Planner.plan(shaped(new Shape.Regular(7, false), SizeOf.SIGHT, 400, 400));
        assertTrue(flats.canBeMade());
        assertEquals(460, flats.sizes().outside().width().toMm(), 1e-3);
        assertEquals(7, flats.pieces().size());
        assertEquals(460 * Math.tan(Math.PI / 7), flats.pieces().getFirst().longPoint().toMm(), 1e-3);
        Plan corners = Planner.plan(shaped(new Shape.Regular(7, true), SizeOf.SIGHT, 400, 400));
        assertEquals(400 * Math.sin(Math.PI / 7), corners.pieces().getFirst().shortPoint().toMm(), 1e-3);
    }

    @Test
    void anOutlineThatCrossesItselfIsAFindingWithoutPieces() {
        Job bowTie = polygon(0, 0, 300, 200, 300, 0, 0, 220);
        assertEquals(Level.STOP, finding(bowTie, "size.impossible").level());
        assertTrue(Planner.plan(bowTie).pieces().isEmpty());
        assertNull(Planner.plan(bowTie).contours());
    }

    @Test
    void aSideThatVanishesInsideItsNeighborsIsNamed() {
        Job notch = polygon(0, 0, 180, 0, 180, 200, 220, 200, 220, 0, 400, 0, 400, 400, 0, 400);
        Finding finding = finding(notch, "size.impossible");
        assertTrue(
                finding.message().template().contains("vanishes") || finding.message().template().contains("run into"),
                finding.message().template());
        assertTrue(Planner.plan(notch).pieces().isEmpty(), "never a wrong number");
        Remedy remedy = finding.remedy();
        assertNotNull(remedy);
        assertTrue(Planner.plan(remedy.edit().of(notch, Jobs.SHOP)).canBeMade());
    }

    @Test
    void anArchHigherThanHalfItsWidthIsNotAFlatArc() {
        Job arch = shaped(new Shape.Arch(Shape.Curve.SEGMENT, Length.mm(260), 0), SizeOf.SIGHT, 400, 600);
        Remedy remedy = finding(arch, "size.impossible").remedy();
        assertNotNull(remedy);
        assertTrue(Planner.plan(remedy.edit().of(arch, Jobs.SHOP)).canBeMade());
    }

    @Test
    void tooFewSegmentsCrossTheGrainAndTooManyAreNotAskedFor() {
        Job ring = shaped(new Shape.Circle(4), SizeOf.SIGHT, 500, 500);
        Remedy remedy = finding(ring, "grain.short").remedy();
        assertNotNull(remedy);
        Plan mended = Planner.plan(remedy.edit().of(ring, Jobs.SHOP));
        assertTrue(mended.findings().stream().noneMatch(f -> f.code().equals("grain.short")));
        assertEquals(6, mended.pieces().size(), "30° is the most: six segments");
        Job narrow = ring.withOutline(Outline.of(new Shape.Circle(6)).withBoardWidth(Length.mm(50)));
        assertNotNull(finding(narrow, "board.narrow").remedy());
    }

    @Test
    void aSlopedFrameTiltsTheSaw() {
        Job box = shaped(new Shape.Regular(5, false), SizeOf.SIGHT, 400, 400);
        Plan plan = Planner.plan(box.withOutline(box.outline().withSlope(Angle.ofDegrees(60))));
        Piece piece = plan.pieces().getFirst();
        assertEquals(Math.toDegrees(Math.atan(Math.tan(Math.toRadians(36)) * 0.5)), piece.left().miter().degrees(),
                1e-9);
        assertEquals(Math.toDegrees(Math.asin(Math.sin(Math.toRadians(36)) * Math.sin(Math.toRadians(60)))),
                piece.left().bevel().degrees(), 1e-9);
        assertTrue(piece.left().bevel().isNear(plan.settings().getFirst().bevel()));
    }

    @Test
    void draggingACornerKeepsARectangleAndARegularFrameWhatTheyAre() {
        Job rectangle = shaped(new Shape.Rectangle(), SizeOf.SIGHT, 400, 300);
        Job wider = new Reshape(rectangle, false).cornerMoved(1, 10, -5);
        assertEquals(new Opening(Length.mm(420), Length.mm(310)), wider.size());
        assertTrue(wider.outline().isRectangle());
        Job hexagon = shaped(new Shape.Regular(6, true), SizeOf.SIGHT, 400, 400);
        Vertex out = Shape.regular(6, 1).at(0);
        double reach = Math.hypot(out.x(), out.y());
        Job larger = new Reshape(hexagon, false).cornerMoved(0, 20 * out.x() / reach, 20 * out.y() / reach);
        assertEquals(440, larger.size().width().toMm(), 1e-3);
    }

    @Test
    void aFreeCornerMovesAloneOrWithItsMirrorImage() {
        Job house = polygon(0, 100, 150, 0, 300, 100, 300, 300, 0, 300);
        Loop before = ((Shape.Polygon) house.outline().shape()).loop();
        Loop top = Shape.fromTheTop(before);
        int corner = top.vertices().indexOf(new Vertex(300, 300));
        Loop alone = ((Shape.Polygon) new Reshape(house, false).cornerMoved(corner, 10, 4).outline().shape()).loop();
        assertEquals(new Vertex(310, 304), alone.at(corner));
        assertTrue(alone.vertices().contains(new Vertex(0, 300)));
        Loop both = ((Shape.Polygon) new Reshape(house, true).cornerMoved(corner, 10, 4).outline().shape()).loop();
        assertTrue(both.vertices().contains(new Vertex(-10, 304)), both.toString());
    }

    @Test
    void typingASideLeavesAllCornersButTwo() {
        Job job = polygon(0, 0, 400, 0, 400, 300, 0, 300);
        Plan longer = Planner.plan(ShapeFields.side(0, false).edit(Length.mm(450)).of(job, Jobs.SHOP));
        assertEquals(450, ShapeFields.side(0, false).in(longer).toMm(), 1e-3);
        assertEquals(450, ShapeFields.side(2, false).in(longer).toMm(), 1e-3, "the side across gives");
        assertEquals(300, ShapeFields.side(1, false).in(longer).toMm(), 1e-3);
        Job turned = new Reshape(job, false).cornerTurned(0, Angle.ofDegrees(100));
        Loop loop = Shape.fromTheTop(((Shape.Polygon) turned.outline().shape()).loop());
        assertTrue(loop.vertices().size() == 4);
        assertTrue(IntStream.range(0, 4).anyMatch(
                i -> Math.abs(loop.interior(i).degrees() - 100) < 1e-3), loop.toString());
    }

    @Test
    void mirroredAnglesStayAlike() {
        Job house = polygon(0, 100, 150, 0, 300, 100, 300, 300, 0, 300);
        Loop before = Shape.fromTheTop(((Shape.Polygon) house.outline().shape()).loop());
        int eaves = before.vertices().indexOf(new Vertex(300, 100));
        Job opened = new Reshape(house, true).cornerTurned(eaves, Angle.ofDegrees(130));
        Loop loop = ((Shape.Polygon) opened.outline().shape()).loop();
        long alike = IntStream.range(0, 5)
                .filter(i -> Math.abs(loop.interior(i).degrees() - 130) < 1e-3).count();
        assertEquals(2, alike);
    }

    @Test
    void aFreedFrameHasTheSamePieces() {
        Job octagon = shaped(new Shape.Regular(8, false), SizeOf.RABBET, 400, 400);
        List<Piece> before = Planner.plan(octagon).pieces();
        List<Piece> after = Planner.plan(new Reshape(octagon, false).freed()).pieces();
        assertEquals(before.size(), after.size());
        for (int i = 0; i < before.size(); i++) {
            assertEquals(before.get(i).outer().toMm(), after.get(i).outer().toMm(), 1e-3);
            assertEquals(before.get(i).left().miter().degrees(), after.get(i).left().miter().degrees(), 1e-3);
        }
    }

    @Test
    void aFreeOutlineIsStretchedByItsOverallSize() {
        Job ell = polygon(0, 0, 400, 0, 400, 150, 200, 150, 200, 300, 0, 300);
        Plan plan = Planner.plan(ell);
        Plan wider = Planner.plan(FrameFields.SIGHT_WIDTH.edit(Length.mm(500)).of(plan.job(), Jobs.SHOP));
        assertEquals(500, wider.sizes().sight().width().toMm(), 0.01);
        assertEquals(300, wider.sizes().sight().height().toMm(), 0.01);
        assertEquals(6, wider.pieces().size());
        assertEquals(250, wider.pieces().get(2).shortPoint().toMm() - plan.pieces().get(2).shortPoint().toMm() + 200,
                0.01,
                "what lies across grows with the whole");
    }

    @Test
    void sizesFollowTheMakersStartForEveryShape() {
        List<Job> jobs = List.of(shaped(new Shape.Regular(5, false), SizeOf.ART, 300, 300),
                shaped(new Shape.Circle(0), SizeOf.ART, 300, 300), shaped(new Shape.Ellipse(0), SizeOf.ART, 400, 300),
                shaped(new Shape.Arch(Shape.Curve.ELLIPSE, Length.mm(90), 0), SizeOf.ART, 300, 500),
                shaped(new Shape.Arch(Shape.Curve.SEGMENT, Length.mm(90), 0), SizeOf.ART, 300, 500));
        for (Job job : jobs) {
            Plan plan = Planner.plan(job);
            assertTrue(plan.canBeMade(), job.outline().toString());
            for (SizeOf of : SizeOf.values()) {
                Plan again = Planner.plan(job.startingFrom(of));
                assertEquals(plan.sizes().outside().width().toMm(), again.sizes().outside().width().toMm(), 0.01);
                assertEquals(plan.pieces().getFirst().outer().toMm(), again.pieces().getFirst().outer().toMm(), 0.05,
                        job.outline() + " from " + of);
            }
        }
    }

    /** Whatever is asked for, there is a plan: with whole pieces, or with a finding that says why there are none. */
    @Property
    void anyShapeOfAnySizeHasAPlan(@ForAll long seed) {
        Random random = new Random(seed);
        double width = Math.pow(10, random.nextDouble() * 4) - 1;
        double height = Math.pow(10, random.nextDouble() * 4) - 1;
        Job job = shaped(anyShape(random), SizeOf.values()[random.nextInt(4)], width, height);
        Job sloped = random.nextInt(4) == 0
                ? job.withOutline(job.outline().withSlope(Angle.ofDegrees(random.nextInt(91))))
                : job;
        Plan plan = Planner.plan(sloped);
        assertTrue(!plan.pieces().isEmpty() || !plan.canBeMade(), sloped.outline() + " " + sloped.size());
        for (Piece piece : plan.pieces()) {
            assertTrue(piece.shortPoint().isPositive() && !piece.shortPoint().isMoreThan(piece.longPoint()),
                    sloped.outline() + " " + piece);
            assertTrue(Double.isFinite(piece.left().miter().degrees() + piece.right().bevel().degrees()));
        }
        for (Station station : Station.values()) {
            assertSound(Chapters.at(station).slate(plan));
        }
        assertSound(ShapeFigure.of(plan, false));
        assertSound(OpeningFigure.of(plan));
        assertSound(SolidFigure.of(plan, 0.3, 0.2));
    }

    private static Shape anyShape(Random random) {
        return switch (random.nextInt(6)) {
            case 0 -> new Shape.Rectangle();
            case 1 -> new Shape.Regular(3 + random.nextInt(22), random.nextBoolean());
            case 2 -> new Shape.Arch(Shape.Curve.values()[random.nextInt(3)], Length.mm(random.nextInt(900)),
                    random.nextInt(8));
            case 3 -> new Shape.Circle(random.nextBoolean() ? 0 : 3 + random.nextInt(30));
            case 4 -> new Shape.Ellipse(random.nextBoolean() ? 0 : 3 + random.nextInt(30));
            default -> {
                List<Vertex> vertices = new ArrayList<>();
                int corners = 3 + random.nextInt(9);
                for (int i = 0; i < corners; i++) {
                    vertices.add(new Vertex(random.nextInt(800), random.nextInt(800)));
                }
                yield new Shape.Polygon(Loop.clockwise(vertices));
            }
        };
    }

    /** Mirrored left to right, a frame has the same pieces the other way round, with their ends exchanged. */
    @Property
    void aMirroredFrameHasMirroredPieces(@ForAll long seed) {
        Random random = new Random(seed);
        int corners = 4 + random.nextInt(6);
        List<Vertex> vertices = new ArrayList<>();
        for (int i = 0; i < corners; i++) {
            double angle = 2 * Math.PI * (i + 0.3 * random.nextDouble()) / corners;
            double radius = 300 + 60 * random.nextDouble();
            vertices.add(new Vertex(radius * Math.sin(angle), -radius * Math.cos(angle)));
        }
        Loop loop = new Loop(vertices);
        Loop mirror = Loop.clockwise(vertices.stream().map(v -> new Vertex(-v.x(), v.y())).toList());
        List<String> pieces = ends(loop, false);
        assertEquals(pieces, ends(mirror, true));
    }

    private static List<String> ends(Loop loop, boolean mirrored) {
        Job job = shaped(new Shape.Polygon(loop), SizeOf.SIGHT, 600, 600);
        return Planner.plan(job).pieces().stream().map(piece -> {
            double left = piece.left().miter().degrees();
            double right = piece.right().miter().degrees();
            return String.format(Locale.ROOT, "%.2f %.2f %.3f %.3f", piece.outer().toMm(),
                    piece.sight().toMm(), mirrored ? right : left, mirrored ? left : right);
        }).sorted().toList();
    }
}
