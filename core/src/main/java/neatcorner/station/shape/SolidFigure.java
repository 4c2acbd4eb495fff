package neatcorner.station.shape;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import neatcorner.drawing.Box;
import neatcorner.drawing.Figure;
import neatcorner.drawing.Marks;
import neatcorner.drawing.Point;
import neatcorner.drawing.Tint;
import neatcorner.measure.Length;
import neatcorner.outline.Contours;
import neatcorner.outline.Loop;
import neatcorner.outline.Vertex;
import neatcorner.plan.Plan;
import neatcorner.section.Profile;
import neatcorner.section.Spot;
import org.locationtech.jts.simplify.DouglasPeuckerSimplifier;

/**
 * The frame put together, as a body: its section swept round the outline, shaded by the light, with grain along each piece.
 * Faces are drawn from the farthest to the nearest (painter's algorithm; Newell, Newell and Sancha, 1972).
 */
public final class SolidFigure {
    private static final double[] LIGHT = unit(-0.45, -0.6, -0.66);
    private static final double DARKEST = 0.5;
    private static final double BRIGHTEST = 1.2;
    /** Faces of a curve lie a little over each other, so that no light shows between them. */
    private static final double SEAM = 0.08;
    private static final double[] GRAIN = {0.18, 0.37, 0.52, 0.71, 0.86};
    /** A strip of the section with less than this shows no grain of its own, mm. */
    private static final double NARROW = 3;
    /** How far a curve of the section may be drawn off, mm. */
    private static final double CURVE = 0.12;
    /** Where the section turns by less, no edge is seen, radians. */
    private static final double CREASE = Math.toRadians(28);

    private final Plan plan;
    private final Contours contours;
    private final double[][] turn;
    private final List<Face> faces = new ArrayList<>();
    private final double[][] section;
    private final boolean[] creased;

    /** A flat face in space with its grain. */
    private record Face(List<double[]> corners, double light, double depth, List<double[][]> grain,
            List<double[][]> edges) {}

    private SolidFigure(Plan plan, Contours contours, double yaw, double pitch) {
        this.plan = plan;
        this.contours = contours;
        this.turn = rotation(yaw, pitch);
        this.section = section(plan);
        this.creased = creased(section);
    }

    /**
     * Seen from the front, turned by two angles in radians: {@code yaw} about the upright axis, then {@code pitch} about
     * the level one.
     */
    public static Figure of(Plan plan, double yaw, double pitch) {
        Contours contours = plan.contours();
        return contours == null || !plan.job().section().isSound()
                ? ShapeFigure.of(plan, false)
                : new SolidFigure(plan, contours, yaw, pitch).draw();
    }

    private Figure draw() {
        Loop[] loops = new Loop[section.length];
        double[] depths = new double[section.length];
        double slope = plan.job().outline().slope().radians();
        for (int k = 0; k < section.length; k++) {
            loops[k] = at(section[k][0], section[k][1], slope);
            depths[k] = section[k][1] * Math.cos(slope) - section[k][0] * Math.sin(slope);
        }
        int sides = contours.sight().sides();
        for (int side = 0; side < sides; side++) {
            for (int k = 0; k < section.length; k++) {
                int next = (k + 1) % section.length;
                add(loops[k], depths[k], loops[next], depths[next], side, k);
            }
        }
        faces.sort(Comparator.comparingDouble(Face::depth).reversed());
        Marks marks = new Marks();
        Tint wood = Tint.wood(plan.job().section().wood());
        Box bounds = null;
        for (Face face : faces) {
            List<Point> outline = face.corners.stream().map(c -> new Point(c[0], c[1])).toList();
            marks.shaded(outline, wood, face.light);
            face.grain.forEach(line -> marks.line(wood.grain(), 0.6, new Point(line[0][0], line[0][1]),
                    new Point(line[1][0], line[1][1])));
            face.edges.forEach(line -> marks.line(Tint.WOOD_INK, 0.9, new Point(line[0][0], line[0][1]),
                    new Point(line[1][0], line[1][1])));
            for (Point p : outline) {
                bounds = bounds == null ? new Box(p.x(), p.y(), p.x(), p.y()) : around(bounds, p);
            }
        }
        return new Figure(ShapeTexts.FRAME_PUT_TOGETHER, bounds == null ? new Box(0, 0, 1, 1) : bounds,
                Figure.Margin.all(40), marks.list());
    }

    /** The section as milled, curves in fewer steps: across from the sight edge, and back from the face; from front to outside. */
    private static double[][] section(Plan plan) {
        List<Spot> spots = Profile.outlines(DouglasPeuckerSimplifier.simplify(
                Profile.of(plan.job().section()).finished(), CURVE)).stream()
                .max(Comparator.comparingInt(List::size)).orElse(List.of());
        double[][] turns = spots.stream().map(spot -> new double[]{spot.x(), spot.y()}).toArray(double[][]::new);
        double area = 0;
        for (int k = 0; k < turns.length; k++) {
            double[] next = turns[(k + 1) % turns.length];
            area += turns[k][0] * next[1] - next[0] * turns[k][1];
        }
        if (area < 0) {
            Collections.reverse(Arrays.asList(turns));
        }
        return turns;
    }

    /** At which of its turns the section has an edge that is seen; a curve has none. */
    private static boolean[] creased(double[][] section) {
        boolean[] creased = new boolean[section.length];
        for (int k = 0; k < section.length; k++) {
            double[] before = section[(k + section.length - 1) % section.length];
            double[] after = section[(k + 1) % section.length];
            double in = Math.atan2(section[k][1] - before[1], section[k][0] - before[0]);
            double out = Math.atan2(after[1] - section[k][1], after[0] - section[k][0]);
            creased[k] = Math.abs(Math.IEEEremainder(out - in, 2 * Math.PI)) > CREASE;
        }
        return creased;
    }

    /** Where a place of the section runs round the frame; wider sides have it farther out in proportion. */
    private Loop at(double across, double back, double slope) {
        double w = plan.job().section().width().toMm();
        if (contours.segments().isEmpty()) {
            double[] out = contours.widths().stream().map(Length::toMm)
                    .mapToDouble(width -> across * width / w * Math.cos(slope) + back * Math.sin(slope)).toArray();
            return contours.sight().offset(out);
        }
        List<Vertex> between = new ArrayList<>();
        for (int i = 0; i < contours.sight().sides(); i++) {
            Vertex in = contours.sight().at(i);
            Vertex out = contours.outside().at(i);
            between.add(in.plus((out.x() - in.x()) * across / w, (out.y() - in.y()) * across / w));
        }
        return new Loop(between);
    }

    private void add(Loop a, double depthA, Loop b, double depthB, int side, int strip) {
        double[] p = turned(a.at(side), depthA);
        double[] q = turned(a.at(side + 1), depthA);
        double[] r = turned(b.at(side + 1), depthB);
        double[] s = turned(b.at(side), depthB);
        double[] normal = cross(minus(q, p), minus(s, p));
        if (normal[2] >= 0) {
            return;
        }
        double length = Math.sqrt(normal[0] * normal[0] + normal[1] * normal[1] + normal[2] * normal[2]);
        double facing = length < 1e-9
                ? 0
                : (normal[0] * LIGHT[0] + normal[1] * LIGHT[1] + normal[2] * LIGHT[2]) / length;
        double light = DARKEST + (BRIGHTEST - DARKEST) * Math.max(0, facing);
        int next = (strip + 1) % section.length;
        double wide = Math.hypot(section[next][0] - section[strip][0], section[next][1] - section[strip][1]);
        List<double[][]> grain = new ArrayList<>();
        for (double share : wide < NARROW ? new double[0] : GRAIN) {
            grain.add(new double[][]{mix(p, s, share), mix(q, r, share)});
        }
        List<double[][]> edges = new ArrayList<>();
        if (creased[strip]) {
            edges.add(new double[][]{p, q});
        }
        if (creased[next]) {
            edges.add(new double[][]{s, r});
        }
        if (isJoint(side)) {
            edges.add(new double[][]{p, s});
        }
        if (isJoint((side + 1) % contours.sight().sides())) {
            edges.add(new double[][]{q, r});
        }
        double over = isJoint((side + 1) % contours.sight().sides()) ? 0 : SEAM;
        double depth = (p[2] + q[2] + r[2] + s[2]) / 4;
        faces.add(new Face(List.of(p, mix(p, q, 1 + over), mix(s, r, 1 + over), s), light, depth, grain, edges));
    }

    /** Whether a piece starts with this side of the loops; a curved piece has many sides. */
    private boolean isJoint(int side) {
        if (contours.segments().isEmpty()) {
            return true;
        }
        int steps = contours.segments().getFirst().inner().size() - 1;
        return side % steps == 0 || side > steps * contours.segments().size();
    }

    private double[] turned(Vertex v, double depth) {
        double[] in = {v.x(), v.y(), depth};
        double[] out = new double[3];
        for (int i = 0; i < 3; i++) {
            out[i] = turn[i][0] * in[0] + turn[i][1] * in[1] + turn[i][2] * in[2];
        }
        return out;
    }

    private static double[][] rotation(double yaw, double pitch) {
        double cy = Math.cos(yaw);
        double sy = Math.sin(yaw);
        double cp = Math.cos(pitch);
        double sp = Math.sin(pitch);
        return new double[][]{{cy, 0, sy}, {sp * sy, cp, -sp * cy}, {-cp * sy, sp, cp * cy}};
    }

    private static double[] unit(double x, double y, double z) {
        double length = Math.sqrt(x * x + y * y + z * z);
        return new double[]{x / length, y / length, z / length};
    }

    private static double[] minus(double[] a, double[] b) {
        return new double[]{a[0] - b[0], a[1] - b[1], a[2] - b[2]};
    }

    private static double[] cross(double[] a, double[] b) {
        return new double[]{a[1] * b[2] - a[2] * b[1], a[2] * b[0] - a[0] * b[2], a[0] * b[1] - a[1] * b[0]};
    }

    private static double[] mix(double[] a, double[] b, double share) {
        return new double[]{a[0] + (b[0] - a[0]) * share, a[1] + (b[1] - a[1]) * share, a[2] + (b[2] - a[2]) * share};
    }

    private static Box around(Box box, Point p) {
        return new Box(Math.min(box.left(), p.x()), Math.min(box.top(), p.y()), Math.max(box.right(), p.x()),
                Math.max(box.bottom(), p.y()));
    }
}
