package neatcorner.stock.sticks;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.function.Function;
import neatcorner.measure.Length;
import org.jspecify.annotations.Nullable;

/** Puts the pieces of one clear stretch in an order in which they fit, though what lies between two depends on both. */
final class NeighbourOrder {
    /** More pieces than this are not tried in every order. */
    private static final int MOST = 9;

    /** What lies behind a piece; the second is null for the last. */
    interface Between {
        Length between(LayOut.Named named, LayOut.@Nullable Named next);
    }

    private final Between between;

    NeighbourOrder(Between between) {
        this.between = between;
    }

    /**
     * The pieces as they are given when they fit; else steepest first; else in the order that takes least, where they are
     * few enough to find it. One that fits, if any of these does.
     */
    List<LayOut.Named> within(List<LayOut.Named> pieces, Length room, Function<LayOut.Named, Length> body) {
        Length left = room.minus(Length.sum(pieces.stream().map(body).toList()));
        if (!gaps(pieces).isMoreThan(left)) {
            return pieces;
        }
        List<LayOut.Named> steepest = new ArrayList<>(pieces);
        steepest.sort(Comparator.comparing((LayOut.Named named) -> steepness(named)).reversed());
        if (!gaps(steepest).isMoreThan(left) || pieces.size() > MOST) {
            return steepest;
        }
        return least(pieces);
    }

    private static double steepness(LayOut.Named named) {
        return Math.max(Math.abs(named.piece().left().lean()), Math.abs(named.piece().right().lean()));
    }

    private Length gaps(List<LayOut.Named> pieces) {
        Length sum = Length.ZERO;
        for (int i = 0; i < pieces.size(); i++) {
            sum = sum.plus(between.between(pieces.get(i), i + 1 < pieces.size() ? pieces.get(i + 1) : null));
        }
        return sum;
    }

    /** The shortest way through all pieces, by dynamic programming over sets (Held and Karp, 1962). */
    private List<LayOut.Named> least(List<LayOut.Named> pieces) {
        int n = pieces.size();
        long[][] best = new long[1 << n][n];
        int[][] after = new int[1 << n][n];
        for (long[] row : best) {
            Arrays.fill(row, Long.MAX_VALUE);
        }
        for (int set = 1; set < 1 << n; set++) {
            for (int first = 0; first < n; first++) {
                int rest = set & ~(1 << first);
                if (rest == set) {
                    continue;
                }
                if (rest == 0) {
                    best[set][first] = between.between(pieces.get(first), null).units();
                    continue;
                }
                for (int next = 0; next < n; next++) {
                    if ((rest & 1 << next) != 0) {
                        long length = between.between(pieces.get(first), pieces.get(next)).units() + best[rest][next];
                        if (length < best[set][first]) {
                            best[set][first] = length;
                            after[set][first] = next;
                        }
                    }
                }
            }
        }
        int set = (1 << n) - 1;
        int at = 0;
        for (int first = 1; first < n; first++) {
            at = best[set][first] < best[set][at] ? first : at;
        }
        List<LayOut.Named> order = new ArrayList<>();
        while (set != 0) {
            order.add(pieces.get(at));
            int next = after[set][at];
            set &= ~(1 << at);
            at = next;
        }
        return order;
    }
}
