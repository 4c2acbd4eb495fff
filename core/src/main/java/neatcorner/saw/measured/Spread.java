package neatcorner.saw.measured;

import java.util.ArrayList;
import java.util.List;
import neatcorner.outline.Vertex;

/**
 * How a ring of pieces closes when a band presses all corners alike: each joint turns and shifts a little, so that the sum
 * of their squares is least (least squares with three conditions: the ring must close in turn, across and down; method of
 * Lagrange). A joint's turn counts by the opening it makes along the contact.
 */
final class Spread {
    private final CutLoop ring;
    private final Vertex[] corners;
    private final double[][] inverse;

    Spread(CutLoop ring) {
        this.ring = ring;
        this.corners = ring.corners();
        double[][] sum = new double[3][3];
        for (int i = 0; i < ring.size(); i++) {
            double easy = ease(i);
            double[] g = lever(i);
            double[] a = {1, g[0], g[1]};
            for (int r = 0; r < 3; r++) {
                for (int c = 0; c < 3; c++) {
                    sum[r][c] += easy * a[r] * a[c];
                }
            }
            sum[1][1] += 1;
            sum[2][2] += 1;
        }
        inverse = invert(sum);
    }

    /** The cost of closing: a quadratic form in the misfit. */
    double[][] cost() {
        return inverse;
    }

    /** How easily a joint turns, against shifting by a millimetre. */
    private double ease(int joint) {
        double contact = ring.contact(joint);
        return 12 / (contact * contact);
    }

    /** What a turn at a joint's middle moves at the end of the ring, for each radian. */
    private double[] lever(int joint) {
        Vertex in = ring.inwards(joint);
        double half = ring.contact(joint) / 2;
        Vertex middle = corners[joint + 1].plus(in.x() * half, in.y() * half);
        return new double[]{-(corners[0].y() - middle.y()), corners[0].x() - middle.x()};
    }

    /** Openings at heel and toe and the step along each joint that close a misfit; linear in it. */
    List<Joint> joints(double[] misfit) {
        double[] force = times(inverse, misfit);
        List<Joint> joints = new ArrayList<>();
        for (int i = 0; i < ring.size(); i++) {
            double[] g = lever(i);
            double turn = -ease(i) * (force[0] + g[0] * force[1] + g[1] * force[2]);
            double dx = -force[1];
            double dy = -force[2];
            Vertex in = ring.inwards(i);
            Vertex across = new Vertex(in.y(), -in.x());
            double apart = dx * across.x() + dy * across.y();
            double opening = turn * ring.contact(i) / 2;
            joints.add(new Joint(apart + opening, apart - opening, dx * in.x() + dy * in.y()));
        }
        return joints;
    }

    static double[] times(double[][] matrix, double[] vector) {
        double[] result = new double[3];
        for (int r = 0; r < 3; r++) {
            result[r] = matrix[r][0] * vector[0] + matrix[r][1] * vector[1] + matrix[r][2] * vector[2];
        }
        return result;
    }

    /** By the adjugate; the matrix of a ring of three or more joints is positive definite. */
    private static double[][] invert(double[][] m) {
        double[][] inverse = new double[3][3];
        double determinant = 0;
        for (int i = 0; i < 3; i++) {
            determinant += m[0][i] * (m[1][(i + 1) % 3] * m[2][(i + 2) % 3] - m[1][(i + 2) % 3] * m[2][(i + 1) % 3]);
        }
        for (int i = 0; i < 3; i++) {
            for (int j = 0; j < 3; j++) {
                inverse[j][i] = (m[(i + 1) % 3][(j + 1) % 3] * m[(i + 2) % 3][(j + 2) % 3]
                        - m[(i + 1) % 3][(j + 2) % 3] * m[(i + 2) % 3][(j + 1) % 3]) / determinant;
            }
        }
        return inverse;
    }
}
