package neatcorner.reference;

import java.util.ArrayList;
import java.util.List;

/**
 * A frame of straight sides as solids: the sight edge is given; every long edge of every side is a straight line in space,
 * and ends where it meets the matching edge of the next side. No angle and no miter is used to find them.
 *
 * <p>Coordinates: x to the right, y down, z back from the sight edge's plane; millimetres.
 */
final class SolidSides {
    private final double[][] sight;
    private final double[] faces;
    private final double thickness;
    private final double slope;

    /**
     * @param sight corners of the sight edge, clockwise as seen; side i runs from corner i to the next
     * @param slope of the faces, radians
     */
    SolidSides(double[][] sight, double[] faces, double thickness, double slope) {
        this.sight = sight;
        this.faces = faces;
        this.thickness = thickness;
        this.slope = slope;
    }

    /** Where the edge at a place of the section (share of the width, share of the thickness) turns corner i. */
    double[] corner(int i, double across, double back) {
        int n = sight.length;
        int before = (i + n - 1) % n;
        double[] a = line(before, across, back);
        double[] b = line(i, across, back);
        double cross = a[2] * b[3] - a[3] * b[2];
        double z = back * thickness * Math.cos(slope) - across * faces[i] * Math.sin(slope);
        if (Math.abs(cross) < 1e-12) {
            return new double[]{b[0], b[1], z};
        }
        double t = ((b[0] - a[0]) * b[3] - (b[1] - a[1]) * b[2]) / cross;
        return new double[]{a[0] + t * a[2], a[1] + t * a[3], z};
    }

    /** A point on the edge and its direction, seen from the front. */
    private double[] line(int side, double across, double back) {
        double[] p = sight[side];
        double[] q = sight[(side + 1) % sight.length];
        double length = Math.hypot(q[0] - p[0], q[1] - p[1]);
        double dx = (q[0] - p[0]) / length;
        double dy = (q[1] - p[1]) / length;
        double out = across * faces[side] * Math.cos(slope) + back * thickness * Math.sin(slope);
        return new double[]{p[0] + dy * out, p[1] - dx * out, dx, dy};
    }

    /** Along a side, measured from where its front sight edge starts: where an edge of it starts, and where it ends. */
    double[] ends(int side, double across, double back) {
        double[] origin = corner(side, 0, 0);
        double[] l = line(side, 0, 0);
        double[] from = corner(side, across, back);
        double[] to = corner(side + 1 == sight.length ? 0 : side + 1, across, back);
        return new double[]{(from[0] - origin[0]) * l[2] + (from[1] - origin[1]) * l[3],
            (to[0] - origin[0]) * l[2] + (to[1] - origin[1]) * l[3]};
    }

    /** The four long edges of a side: front sight, front outer, back outer, back sight; where each starts and ends. */
    List<double[]> edges(int side) {
        List<double[]> edges = new ArrayList<>();
        for (double[] place : new double[][]{{0, 0}, {1, 0}, {1, 1}, {0, 1}}) {
            edges.add(ends(side, place[0], place[1]));
        }
        return edges;
    }

    /** Width and height of the box round the edge at a place of the section. */
    double[] box(double across, double back) {
        double left = Double.MAX_VALUE;
        double right = -Double.MAX_VALUE;
        double top = Double.MAX_VALUE;
        double bottom = -Double.MAX_VALUE;
        for (int i = 0; i < sight.length; i++) {
            double[] p = corner(i, across, back);
            left = Math.min(left, p[0]);
            right = Math.max(right, p[0]);
            top = Math.min(top, p[1]);
            bottom = Math.max(bottom, p[1]);
        }
        return new double[]{right - left, bottom - top};
    }
}
