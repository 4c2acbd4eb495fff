package neatcorner.saw.measured;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import neatcorner.measure.Length;
import neatcorner.outline.Vertex;
import neatcorner.piece.Piece;

/**
 * How a frame of measured pieces will close, by both ways of closing it.
 *
 * @param lastGap   opening of the last corner when all others are closed tight: the faces along the contact times the tangent
 *                  of all angle errors together
 * @param lastMiss  how far the ends miss each other there, side by side
 * @param spread    the joint after each piece, when a band spreads the error over all corners
 * @param banded    where the pieces lie as the band leaves them
 * @param tight     where they lie with every corner tight but the last
 * @param angleSum  of all errors, radians; positive when the miters are too big
 * @param lean      the most that a corner's angle is off as the band leaves it, radians
 */
public record Closing(double lastGap, boolean lastAtToe, double lastMiss, List<Joint> spread, List<Placed> banded,
        List<Placed> tight, double angleSum, double lean) {

    public Closing {
        spread = List.copyOf(spread);
        banded = List.copyOf(banded);
        tight = List.copyOf(tight);
    }

    /** Throws {@link IllegalArgumentException} unless there is an error for each piece. */
    public static Closing of(List<Piece> pieces, List<CutError> errors) {
        if (pieces.size() != errors.size() || pieces.size() < 3) {
            throw new IllegalArgumentException("three pieces or more, each with its errors");
        }
        CutLoop ring = new CutLoop(pieces, errors);
        double[] misfit = ring.misfit();
        List<Joint> joints = new Spread(ring).joints(misfit);
        double contact = ring.contact(pieces.size() - 1);
        return new Closing(contact * Math.tan(Math.abs(misfit[0])), misfit[0] > 0, Math.hypot(misfit[1], misfit[2]),
                joints, ring.placed(joints), ring.placed(Collections.nCopies(ring.size(), new Joint(0, 0, 0))),
                misfit[0],
                lean(ring, joints));
    }

    private static double lean(CutLoop ring, List<Joint> joints) {
        double lean = 0;
        for (int i = 0; i < ring.size(); i++) {
            lean = Math.max(lean, Math.abs(ring.turnError(i) + joints.get(i).turn(ring.contact(i))));
        }
        return lean;
    }

    /** The widest gap when a band spreads the error. */
    public double spreadGap() {
        return spread.stream().mapToDouble(Joint::gap).max().orElse(0);
    }

    /**
     * The outer corners as the band leaves them; corner i is where piece i starts. Where a joint stands open, halfway between
     * the ends of its two pieces, as a tape over both would read it.
     */
    public List<Vertex> corners() {
        List<Vertex> corners = new ArrayList<>();
        for (int i = 0; i < banded.size(); i++) {
            Vertex before = banded.get((i + banded.size() - 1) % banded.size()).end();
            Vertex after = banded.get(i).start();
            corners.add(new Vertex((before.x() + after.x()) / 2, (before.y() + after.y()) / 2));
        }
        return corners;
    }

    /** Distances between opposite corners of a frame with four sides: from the first, then from the second. */
    public List<Length> diagonals() {
        if (banded.size() != 4) {
            return List.of();
        }
        return List.of(Length.mm(corners().get(0).distanceTo(corners().get(2))),
                Length.mm(corners().get(1).distanceTo(corners().get(3))));
    }
}
