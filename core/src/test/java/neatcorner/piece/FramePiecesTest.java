package neatcorner.piece;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.outline.Contours;
import neatcorner.outline.Loop;
import neatcorner.outline.Opening;
import neatcorner.outline.Outline;
import neatcorner.outline.Segment;
import neatcorner.outline.Shape;
import neatcorner.outline.Vertex;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FramePiecesTest {
    private static final Outline FLAT = Outline.rectangle();

    private static List<Length> widths(double... mm) {
        List<Length> widths = new ArrayList<>();
        for (double each : mm) {
            widths.add(Length.mm(each));
        }
        return widths;
    }

    private static List<Piece> regular(int n, double apothem, double face) {
        return FramePieces.of(Contours.straight(Shape.regular(n, apothem), 6,
                Collections.nCopies(n, Length.mm(face))), Outline.of(new Shape.Regular(n, false)));
    }

    /** Euclid, angle sum of a polygon: 180°/n. */
    @ParameterizedTest
    @CsvSource({"3, 60", "4, 45", "5, 36", "6, 30", "7, 25.714286", "8, 22.5", "12, 15", "24, 7.5"})
    void regularFramesHaveTheMitersOfTheTables(int n, double miter) {
        for (Piece piece : regular(n, 200, 30)) {
            assertEquals(miter, piece.left().miter().degrees(), 1e-6);
            assertEquals(miter, piece.right().miter().degrees(), 1e-6);
            assertEquals(2 * 230 * Math.tan(Math.PI / n), piece.longPoint().toMm(), 1e-3);
            assertEquals(2 * 200 * Math.tan(Math.PI / n), piece.shortPoint().toMm(), 1e-3);
        }
    }

    /** Compound-miter tables for crown moulding, from memory: 45°: 35.26/30.00; 52°: 31.62/33.86. */
    @ParameterizedTest
    @CsvSource({"45, 35.26, 30.00", "52, 31.62, 33.86", "0, 45, 0", "90, 0, 45"})
    void slopedRectanglesHaveTheAnglesOfTheTables(double slope, double miter, double bevel) {
        Outline outline = FLAT.withSlope(Angle.ofDegrees(slope));
        double reach = 60 * outline.slope().cos();
        for (Piece piece : FramePieces.of(Contours.rectangle(new Opening(Length.mm(400), Length.mm(300)), 6,
                widths(60, 60, 60, 60), widths(reach, reach, reach, reach)), outline)) {
            assertEquals(miter, piece.left().miter().degrees(), 0.005);
            assertEquals(bevel, piece.right().bevel().degrees(), 0.005);
            double grows = piece.outer().minus(piece.sight()).toMm();
            assertEquals(2 * 60 * piece.left().miter().tan(), grows, 1e-3, "long point follows from the miter");
        }
    }

    /** Geometry: 40 mm against 60 mm at a square corner, 56.31° and 33.69°. */
    @Test
    void unequalWidthsShareACorner() {
        List<Piece> pieces = FramePieces.of(Contours.rectangle(new Opening(Length.mm(400), Length.mm(300)), 6,
                widths(40, 60, 40, 60)), FLAT);
        assertEquals(56.31, pieces.getFirst().right().miter().degrees(), 0.005);
        assertEquals(33.69, pieces.get(1).left().miter().degrees(), 0.005);
        assertEquals(Length.mm(520), pieces.getFirst().outer());
    }

    /** At a reflex corner the miter is negative and the sight edge is the longer one. */
    @Test
    void anEllHasOneCornerThatTurnsTheOtherWay() {
        Loop ell = new Loop(List.of(new Vertex(0, 0), new Vertex(400, 0), new Vertex(400, 150), new Vertex(200, 150),
                new Vertex(200, 300), new Vertex(0, 300)));
        List<Piece> pieces = FramePieces.of(
                Contours.straight(ell, 6, widths(20, 20, 20, 20, 20, 20)),
                Outline.of(new Shape.Polygon(ell)));
        Piece c = pieces.get(2);
        assertEquals("C", c.name());
        assertEquals(45, c.left().miter().degrees(), 1e-9);
        assertEquals(-45, c.right().miter().degrees(), 1e-9);
        assertEquals(Length.mm(200), c.sight());
        assertEquals(Length.mm(200), c.outer(), "longer at one end, shorter at the other");
        assertEquals(Length.mm(440), pieces.getFirst().outer());
    }

    /** Laid round, each piece turned by the sum of the two miters at its corner, they come back to where they began. */
    @Property(tries = 300)
    void piecesLaidEndToEndCloseTheLoop(@ForAll @IntRange(min = 3, max = 24) int n,
            @ForAll @IntRange(min = 1, max = 1_000_000) int seed) {
        Random random = new Random(seed);
        List<Vertex> vertices = new ArrayList<>();
        double[] faces = new double[n];
        for (int i = 0; i < n; i++) {
            double angle = 2 * Math.PI * (i + 0.3 * random.nextDouble()) / n;
            double radius = 400 + 60 * random.nextDouble();
            vertices.add(new Vertex(radius * Math.sin(angle), -radius * Math.cos(angle)));
            faces[i] = 15 + 10 * random.nextDouble();
        }
        List<Piece> pieces = FramePieces.of(Contours.straight(new Loop(vertices), 5, widths(faces)),
                FLAT.withShape(new Shape.Polygon(new Loop(vertices))));
        for (boolean sight : new boolean[]{true, false}) {
            double x = 0;
            double y = 0;
            double heading = 0;
            for (int i = 0; i < n; i++) {
                Piece piece = pieces.get(i);
                double length = (sight ? piece.sight() : piece.outer()).toMm();
                x += length * Math.cos(heading);
                y += length * Math.sin(heading);
                heading += piece.right().miter().radians() + pieces.get((i + 1) % n).left().miter().radians();
            }
            assertEquals(0, Math.hypot(x, y), 1e-3 * n);
            assertEquals(2 * Math.PI, heading, 1e-9);
        }
    }

    /** Geometry: a ring of radii r … R in n segments, h = 180°/n: width R − r·cos h, long edge 2·R·tan h. */
    @ParameterizedTest
    @CsvSource({"6", "8", "12", "16"})
    void aRingIsSawnFromBlanks(int n) {
        double r = 200;
        double big = 240;
        double h = Math.PI / n;
        Contours ring = Contours.round(new Opening(Length.mm(400), Length.mm(400)), new Contours.Band(6, 40, 150), n);
        assertEquals(n, ring.segments().size());
        for (Segment segment : ring.segments()) {
            Segment.Blank blank = segment.blank();
            assertEquals(big - r * Math.cos(h), blank.width(), 1e-6);
            assertEquals(2 * big * Math.tan(h), blank.longEdge(), 1e-6);
            assertEquals(2 * r * Math.sin(h), blank.shortEdge(), 1e-6);
            assertEquals(180.0 / n, blank.left().degrees(), 1e-6);
            assertEquals(180.0 / n, blank.right().degrees(), 1e-6);
        }
    }

    @Test
    void theFewestSegmentsFitTheBoardAndKeepTheGrain() {
        Opening size = new Opening(Length.mm(1000), Length.mm(1000));
        Contours wide = Contours.round(size, new Contours.Band(6, 60, 150), 0);
        Contours narrow = Contours.round(size, new Contours.Band(6, 60, 80), 0);
        assertTrue(wide.segments().size() < narrow.segments().size());
        for (Contours ring : List.of(wide, narrow)) {
            int n = ring.segments().size();
            double board = ring.equals(wide) ? 150 : 80;
            assertTrue(560 - 500 * Math.cos(Math.PI / n) <= board);
            assertTrue(n == 6 || 560 - 500 * Math.cos(Math.PI / (n - 1)) > board || 180.0 / (n - 1) > 29);
        }
    }

    @Test
    void anEllipseIsSymmetricalAndItsBlanksAreAboutEquallyWide() {
        Contours ellipse = Contours.round(new Opening(Length.mm(600), Length.mm(400)), new Contours.Band(6, 40, 150),
                8);
        List<Segment.Blank> blanks = ellipse.segments().stream().map(Segment::blank).toList();
        for (int i = 0; i < 4; i++) {
            assertEquals(blanks.get(i).width(), blanks.get(7 - i).width(), 0.02);
            assertEquals(blanks.get(i).longEdge(), blanks.get(7 - i).longEdge(), 0.02);
            assertEquals(blanks.get(i).left().degrees(), blanks.get(7 - i).right().degrees(), 0.02);
        }
        double most = blanks.stream().mapToDouble(Segment.Blank::width).max().orElseThrow();
        double least = blanks.stream().mapToDouble(Segment.Blank::width).min().orElseThrow();
        assertTrue(most < 1.2 * least, least + " … " + most);
        assertEquals(680, ellipse.outside().box().width().toMm(), 0.5);
    }

    /** Geometry: the joints of one curve turn it by the whole of its angle. */
    @Test
    void theJointsOfARingTurnItOnceRound() {
        Contours ellipse = Contours.round(new Opening(Length.mm(600), Length.mm(400)), new Contours.Band(6, 40, 150),
                10);
        double sum = ellipse.segments().stream().map(Segment::blank)
                .mapToDouble(blank -> blank.left().degrees() + blank.right().degrees()).sum();
        assertEquals(360, sum, 1e-6);
    }

    @Test
    void aSemicircleStandsOnSquareCutSides() {
        Contours arch = Contours.arch(Shape.Curve.SEMICIRCLE, new Opening(Length.mm(400), Length.mm(600)), 200,
                new Contours.Band(6, 40, 150), 4);
        List<Piece> pieces = FramePieces.of(arch, FLAT);
        assertEquals(7, pieces.size());
        Piece right = pieces.get(4);
        assertEquals(Place.Side.RIGHT, right.place());
        assertEquals(0, right.left().miter().degrees(), 1e-6);
        assertEquals(45, right.right().miter().degrees(), 1e-6);
        assertEquals(400, right.sight().toMm(), 1e-3);
        assertEquals(440, right.outer().toMm(), 1e-3);
        Piece bottom = pieces.get(5);
        assertEquals(480, bottom.outer().toMm(), 1e-3);
        assertEquals(22.5, pieces.getFirst().left().miter().degrees(), 1e-6);
        assertEquals(640 + 40, arch.outside().box().height().toMm(), 0.01);
    }

    /** Geometry: where a flat arc meets an upright, the joint runs from edge to edge, so both ends match there. */
    @Test
    void aSegmentalArchMeetsItsSidesInAMatchingJoint() {
        double half = 200;
        double rise = 80;
        Contours arch = Contours.arch(Shape.Curve.SEGMENT, new Opening(Length.mm(400), Length.mm(500)), rise,
                new Contours.Band(6, 40, 150), 3);
        Vertex in = arch.segments().getLast().inner().getLast();
        Vertex out = arch.segments().getLast().outer().getLast();
        assertEquals(half, in.x(), 1e-9);
        assertEquals(0, in.y(), 1e-9);
        assertEquals(half + 40, out.x(), 1e-9);
        double radius = (half * half + rise * rise) / (2 * rise) + 40;
        assertEquals(radius, Math.hypot(out.x(), out.y() - (radius - 40 - rise)), 1e-9);
        Piece right = FramePieces.of(arch, FLAT).get(3);
        assertEquals(Math.toDegrees(Math.atan2(-out.y(), 40)), right.left().miter().degrees(), 1e-6);
    }

    @Test
    void piecesBeyondTheAlphabetGoOn() {
        assertEquals("A", FramePieces.name(0));
        assertEquals("Z", FramePieces.name(25));
        assertEquals("AA", FramePieces.name(26));
        assertEquals("AB", FramePieces.name(27));
    }
}
