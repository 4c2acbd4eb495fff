package neatcorner.saw.measured;

import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import neatcorner.piece.Piece;

/**
 * What a saw's likely error will do to a frame before it is cut, from many frames cut in imagination (Monte Carlo, always
 * with the same seed), and by the closed form for an error that is the same in every cut.
 *
 * @param lastClosed   gap in the last corner when every cut is off by the steady error: contact · tan 2nδ
 * @param spreadClosed gap in each corner when a band spreads it: contact · tan 2δ
 * @param last         gaps in the last corner, sorted
 * @param spread       widest gap of each frame when spread, sorted
 */
public record GapOdds(double lastClosed, double spreadClosed, double[] last, double[] spread) {

    /**
     * How a saw errs.
     *
     * @param steady  the same in every cut, radians; positive when miters come out too big
     * @param chance  standard deviation of a cut about that, radians
     * @param lengths standard deviation of a length cut to the stop, millimetres
     */
    public record Likely(double steady, double chance, double lengths) {}

    /** Throws {@link IllegalArgumentException} for fewer than three pieces or no frames. */
    public static GapOdds of(List<Piece> pieces, Likely likely, int frames) {
        int n = pieces.size();
        if (n < 3 || frames < 1) {
            throw new IllegalArgumentException("three pieces or more, and at least one frame");
        }
        CutLoop ring = new CutLoop(pieces, Collections.nCopies(n, CutError.NONE));
        double[][] shares = shares(ring);
        double[][] joints = joints(ring);
        double contact = ring.contact(n - 1);
        RandomGenerator random = RandomGeneratorFactory.of("Xoroshiro128PlusPlus").create(20_231);
        double[] last = new double[frames];
        double[] spread = new double[frames];
        for (int frame = 0; frame < frames; frame++) {
            double turn = 0;
            double right = 0;
            double down = 0;
            for (int k = 0; k < 3 * n; k++) {
                double[] share = shares[k];
                double error = k % 3 == 0
                        ? likely.lengths * random.nextGaussian()
                        : likely.steady + likely.chance * random.nextGaussian();
                turn += share[0] * error;
                right += share[1] * error;
                down += share[2] * error;
            }
            last[frame] = contact * Math.abs(turn);
            double widest = 0;
            for (int k = 0; k < n; k++) {
                double[] j = joints[k];
                double heel = j[0] * turn + j[1] * right + j[2] * down;
                double toe = j[3] * turn + j[4] * right + j[5] * down;
                double most = Math.max(heel, toe);
                double least = Math.min(heel, toe);
                widest = Math.max(widest, least < 0 ? most - least : most);
            }
            spread[frame] = widest;
        }
        Arrays.sort(last);
        Arrays.sort(spread);
        double steady = Math.abs(likely.steady);
        return new GapOdds(contact * Math.tan(2 * n * steady), contact * Math.tan(2 * steady), last, spread);
    }

    /** What an error of one in each length, left end and right end adds to the misfit, piece by piece. */
    private static double[][] shares(CutLoop ring) {
        double[][] shares = new double[3 * ring.size()][];
        for (int i = 0; i < ring.size(); i++) {
            shares[3 * i] = ring.share(i, new CutError(1, 0, 0));
            shares[3 * i + 1] = ring.share(i, new CutError(0, 1, 0));
            shares[3 * i + 2] = ring.share(i, new CutError(0, 0, 1));
        }
        return shares;
    }

    /** Openings at heel and toe of each joint for each part of the misfit. */
    private static double[][] joints(CutLoop ring) {
        Spread spread = new Spread(ring);
        double[][] joints = new double[ring.size()][6];
        for (int part = 0; part < 3; part++) {
            double[] unit = new double[3];
            unit[part] = 1;
            List<Joint> opened = spread.joints(unit);
            for (int i = 0; i < ring.size(); i++) {
                joints[i][part] = opened.get(i).heel();
                joints[i][part + 3] = opened.get(i).toe();
            }
        }
        return joints;
    }

    /** The gap that so large a share of frames stay under. */
    public static double stayUnder(double[] sorted, double share) {
        return sorted[(int) Math.min(sorted.length - 1, Math.floor(share * sorted.length))];
    }

    /** The share of frames with no gap over a limit. */
    public static double shareUnder(double[] sorted, double limit) {
        int at = Arrays.binarySearch(sorted, limit);
        return (double) (at < 0 ? -at - 1 : at) / sorted.length;
    }
}
