package neatcorner.saw.measured;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import neatcorner.piece.Piece;

/**
 * Where each cut piece goes so that errors cancel: pieces that should be alike may change places, and be turned end for end
 * where the section allows.
 *
 * <p>What a piece adds to the misfit depends only on it and on its place, so the cost of an order is a quadratic form of a
 * sum. The places are parted in two halves; for each choice of pieces for the first half, the sums of both halves are
 * listed and the two that come nearest to cancelling are found by sweeping a sorted list (the method of meeting in the
 * middle; Horowitz and Sahni, 1974). Up to {@value #MOST_EXACT} pieces the result is the best there is, or within a
 * thousandth of a millimetre of a frame with no misfit to cancel.
 *
 * @param pieces   index of the piece that goes in each place
 * @param turned   whether the piece in each place is turned end for end
 * @param before   widest gap, spread, in the order as cut
 * @param after    widest gap in this order
 * @param proved   whether no order is better
 * @param examined how many orders that stood for
 */
public record BestOrder(List<Integer> pieces, List<Boolean> turned, double before, double after, boolean proved,
        double examined) {
    public static final int MOST_EXACT = 12;
    private static final double GOOD_ENOUGH = 1e-3;

    public BestOrder {
        pieces = List.copyOf(pieces);
        turned = List.copyOf(turned);
    }

    /** A gain that can be read off a gap, mm: common practice. */
    private static final double READ = 0.05;

    /**
     * Itself where it gains what can be seen, or brings a gap under what is let pass; else the pieces as they were cut. What is
     * weighed for an order is all gaps together: the widest of them may gain nothing by it.
     *
     * @param limit a gap that is let pass, mm
     */
    public BestOrder ifWorthIt(double limit) {
        boolean passes = before > limit && after <= limit;
        return passes || after <= before - READ
                ? this
                : new BestOrder(IntStream.range(0, pieces.size()).boxed().toList(),
                        Collections.nCopies(pieces.size(), false), before, before, proved, examined);
    }

    /** Whether the pieces are best left as they are. */
    public boolean isAsCut() {
        for (int i = 0; i < pieces.size(); i++) {
            if (pieces.get(i) != i || turned.get(i)) {
                return false;
            }
        }
        return true;
    }

    /** The errors in their new places. */
    public List<CutError> placed(List<CutError> errors) {
        List<CutError> placed = new ArrayList<>();
        for (int i = 0; i < pieces.size(); i++) {
            CutError error = errors.get(pieces.get(i));
            placed.add(turned.get(i) ? error.flipped() : error);
        }
        return placed;
    }

    /**
     * The best order of pieces with these errors. Throws {@link IllegalArgumentException} for more than {@value
     * #MOST_EXACT} pieces.
     */
    public static BestOrder of(List<Piece> pieces, List<CutError> errors, boolean canTurn) {
        if (pieces.size() > MOST_EXACT) {
            throw new IllegalArgumentException("orders of up to " + MOST_EXACT + " pieces are searched");
        }
        return new Search(new CutLoop(pieces, errors), canTurn).best();
    }

    /** A half of the places filled. */
    private record Half(double x, double y, int[] choice) {}

    private static final class Search {
        private final CutLoop ring;
        private final int n;
        private final boolean canTurn;
        private final double[][][] across;
        private final double[] whiten = new double[3];
        private final double[] target = new double[2];
        private double best = Double.MAX_VALUE;
        private int[] order = {};
        private double examined;

        Search(CutLoop ring, boolean canTurn) {
            this.ring = ring;
            this.n = ring.size();
            this.canTurn = canTurn;
            double[][] cost = new Spread(ring).cost();
            double turn = ring.misfit()[0];
            whiten[0] = Math.sqrt(cost[1][1]);
            whiten[1] = cost[1][2] / whiten[0];
            whiten[2] = Math.sqrt(cost[2][2] - whiten[1] * whiten[1]);
            double determinant = cost[1][1] * cost[2][2] - cost[1][2] * cost[1][2];
            double tx = -turn * (cost[2][2] * cost[0][1] - cost[1][2] * cost[0][2]) / determinant;
            double ty = -turn * (cost[1][1] * cost[0][2] - cost[1][2] * cost[0][1]) / determinant;
            target[0] = whiten[0] * tx + whiten[1] * ty;
            target[1] = whiten[2] * ty;
            across = new double[n][2 * n][];
            var corners = ring.corners();
            for (int place = 0; place < n; place++) {
                double heading = ring.heading(place);
                for (int piece = 0; piece < n; piece++) {
                    CutError error = ring.cut().get(piece);
                    across[place][2 * piece] = whitened(ring.share(place, error, corners, heading));
                    across[place][2 * piece + 1] = whitened(ring.share(place, error.flipped(), corners, heading));
                }
            }
        }

        /** Right and down in measures in which the cost is a plain distance. */
        private double[] whitened(double[] share) {
            return new double[]{whiten[0] * share[1] + whiten[1] * share[2], whiten[2] * share[2]};
        }

        BestOrder best() {
            int[] asCut = new int[n];
            double x = 0;
            double y = 0;
            for (int i = 0; i < n; i++) {
                asCut[i] = 2 * i;
                x += across[i][2 * i][0];
                y += across[i][2 * i][1];
            }
            order = asCut;
            best = Math.hypot(x - target[0], y - target[1]) - 1e-9;
            int half = n / 2;
            for (int mask = 0; mask < 1 << n && best > GOOD_ENOUGH; mask++) {
                if (Integer.bitCount(mask) == half) {
                    meet(mask, half);
                }
            }
            return result();
        }

        private void meet(int mask, int half) {
            List<Half> first = halves(0, half, mask);
            if (first.isEmpty()) {
                return;
            }
            List<Half> second = halves(half, n, (1 << n) - 1 - mask);
            examined += (double) first.size() * second.size();
            first.sort(Comparator.comparingDouble(Half::x));
            double[] xs = first.stream().mapToDouble(Half::x).toArray();
            for (Half other : second) {
                nearest(first, xs, other);
            }
        }

        private void nearest(List<Half> first, double[] xs, Half other) {
            double wanted = target[0] - other.x;
            int found = Arrays.binarySearch(xs, wanted);
            int at = found < 0 ? -found - 1 : found;
            for (int i = at; i < xs.length && xs[i] - wanted < best; i++) {
                weigh(first.get(i), other);
            }
            for (int i = at - 1; i >= 0 && wanted - xs[i] < best; i--) {
                weigh(first.get(i), other);
            }
        }

        private void weigh(Half a, Half b) {
            double distance = Math.hypot(a.x + b.x - target[0], a.y + b.y - target[1]);
            if (distance < best) {
                best = distance;
                order = new int[n];
                System.arraycopy(a.choice, 0, order, 0, a.choice.length);
                System.arraycopy(b.choice, 0, order, a.choice.length, b.choice.length);
            }
        }

        private List<Half> halves(int from, int to, int mask) {
            List<Half> halves = new ArrayList<>();
            fill(from, from, to, mask, 0, 0, new int[to - from], halves);
            return halves;
        }

        private void fill(int from, int place, int to, int left, double x, double y, int[] choice, List<Half> out) {
            if (place == to) {
                out.add(new Half(x, y, choice.clone()));
                return;
            }
            for (int piece = 0; piece < n; piece++) {
                if ((left >> piece & 1) == 1 && ring.pieces().get(piece).isTwinOf(ring.pieces().get(place))) {
                    boolean turns = canTurn && ring.pieces().get(piece).left().isNear(ring.pieces().get(piece).right());
                    for (int turned = 0; turned <= (turns ? 1 : 0); turned++) {
                        double[] add = across[place][2 * piece + turned];
                        choice[place - from] = 2 * piece + turned;
                        fill(from, place + 1, to, left & ~(1 << piece), x + add[0], y + add[1], choice, out);
                    }
                }
            }
        }

        private BestOrder result() {
            List<Integer> pieces = Arrays.stream(order).mapToObj(choice -> choice / 2).toList();
            List<Boolean> turned = Arrays.stream(order).mapToObj(choice -> choice % 2 == 1).toList();
            double before = Closing.of(ring.pieces(), ring.cut()).spreadGap();
            BestOrder found = new BestOrder(pieces, turned, before, before, true, examined);
            double after = Closing.of(ring.pieces(), found.placed(ring.cut())).spreadGap();
            return new BestOrder(pieces, turned, before, after, true, examined);
        }
    }
}
