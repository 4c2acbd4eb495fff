package neatcorner.saw.measured;

import java.util.ArrayList;
import java.util.List;
import neatcorner.outline.Vertex;
import neatcorner.piece.Piece;

/**
 * The pieces of a frame joined in a ring, each with its own errors, and how far the ring is from closing. Pieces run
 * clockwise seen from the front; lengths are millimetres, angles radians. Errors are small, so what they do is taken to the
 * first order.
 *
 * @param pieces as they should be
 * @param cut    as they are, in the same order
 */
record CutLoop(List<Piece> pieces, List<CutError> cut) {

    CutLoop {
        pieces = List.copyOf(pieces);
        cut = List.copyOf(cut);
    }

    int size() {
        return pieces.size();
    }

    /** The outer corners as they should be; corner i is where piece i starts, and the ring starts at 0, 0 to the right. */
    Vertex[] corners() {
        Vertex[] corners = new Vertex[size() + 1];
        double heading = 0;
        corners[0] = new Vertex(0, 0);
        for (int i = 0; i < size(); i++) {
            double length = pieces.get(i).outer().toMm();
            corners[i + 1] = corners[i].plus(length * Math.cos(heading), length * Math.sin(heading));
            heading += turn(i);
        }
        return corners;
    }

    /** By how much the way turns from piece i to the next. */
    double turn(int i) {
        return pieces.get(i).right().miter().radians() + next(i).left().miter().radians();
    }

    /** By how much the two cuts at the joint after piece i turn the way too far. */
    double turnError(int i) {
        return cut.get(i).right() + cut.get((i + 1) % size()).left();
    }

    private Piece next(int i) {
        return pieces.get((i + 1) % size());
    }

    /** Length along which the faces touch at the joint after piece i. */
    double contact(int i) {
        return pieces.get(i).face().toMm() / Math.cos(pieces.get(i).right().miter().radians());
    }

    /** Direction of piece i. */
    double heading(int i) {
        double heading = 0;
        for (int k = 0; k < i; k++) {
            heading += turn(k);
        }
        return heading;
    }

    /** Unit vector from heel to toe at the joint after piece i. */
    Vertex inwards(int i) {
        double along = heading(i) + Math.PI / 2 + pieces.get(i).right().miter().radians();
        return new Vertex(Math.cos(along), Math.sin(along));
    }

    /** What one cut piece in one place adds to the misfit of the ring: turn, then right, then down. */
    double[] share(int place, CutError error) {
        return share(place, error, corners(), heading(place));
    }

    double[] share(int place, CutError error, Vertex[] corners, double heading) {
        Vertex start = corners[place];
        Vertex end = corners[place + 1];
        Vertex last = corners[0];
        return new double[]{error.left() + error.right(),
            error.length() * Math.cos(heading) - error.left() * (last.y() - start.y())
                    - error.right() * (last.y() - end.y()),
            error.length() * Math.sin(heading) + error.left() * (last.x() - start.x())
                    + error.right() * (last.x() - end.x())};
    }

    /** How far the ring, joined tight at every corner but the last, is from closing there: turn, right, down. */
    double[] misfit() {
        double[] sum = new double[3];
        Vertex[] corners = corners();
        double heading = 0;
        for (int i = 0; i < size(); i++) {
            double[] share = share(i, cut.get(i), corners, heading);
            for (int k = 0; k < 3; k++) {
                sum[k] += share[k];
            }
            heading += turn(i);
        }
        return sum;
    }

    /** The pieces one after the other from 0, 0, each turned and shifted against the last as the joint between them is. */
    List<Placed> placed(List<Joint> joints) {
        List<Placed> placed = new ArrayList<>();
        double heading = 0;
        Vertex at = new Vertex(0, 0);
        for (int i = 0; i < size(); i++) {
            double length = pieces.get(i).outer().toMm() + cut.get(i).length();
            Vertex end = at.plus(length * Math.cos(heading), length * Math.sin(heading));
            placed.add(new Placed(at, end, heading));
            Joint joint = joints.get(i);
            Vertex in = inwards(i);
            at = end.plus(
                    in.y() * joint.heel() + in.x() * joint.step(), -in.x() * joint.heel() + in.y() * joint.step());
            heading += turn(i) + turnError(i) + joint.turn(contact(i));
        }
        return placed;
    }
}
