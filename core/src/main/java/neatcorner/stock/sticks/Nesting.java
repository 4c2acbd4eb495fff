package neatcorner.stock.sticks;

import java.util.List;
import neatcorner.measure.Length;
import neatcorner.stock.Keep;
import neatcorner.stock.Search;

/**
 * Parts to be cut from bars, in lengths only. The aim, in this order: least cost, fewest bars, most frames kept whole (when
 * that is wished), longest single offcut.
 *
 * @param parts kinds of part
 * @param bars  kinds of bar
 * @param frame how many of each kind of part make one frame; empty when nothing is to be kept together
 * @param keep  whether a frame's parts must or may come from one bar
 */
public record Nesting(List<Part> parts, List<Bar> bars, List<Integer> frame, Keep keep) {
    /** Bars of one kind are counted no further than this. */
    public static final int MOST_BARS = 1_000_000;

    /** A kind of part: the length it takes of a bar, saw kerf included, and how many are wanted. */
    public record Part(Length taken, int count) {}

    /**
     * A kind of bar: the lengths of its clear rooms, how many there are, what one costs.
     *
     * @param started whether it is cut in any case, so that it does not count as one more
     */
    public record Bar(List<Length> rooms, int count, double cost, boolean started) {

        public Bar(List<Length> rooms, int count, double cost) {
            this(rooms, count, cost, false);
        }

        /** A bar without defects, as many as wanted, at no stated price. */
        public static Bar endless(Length room) {
            return new Bar(List.of(room), MOST_BARS, 0);
        }

        Length capacity() {
            return Length.sum(rooms);
        }

        Length largestRoom() {
            return rooms.stream().max(Length::compareTo).orElse(Length.ZERO);
        }
    }

    /**
     * One bar's filling, repeated.
     *
     * @param bar    index of the kind of bar
     * @param times  how many bars are cut like this
     * @param counts for each room of the bar, how many of each kind of part lie in it
     */
    public record Filling(int bar, int times, List<List<Integer>> counts) {

        /** How many of that kind of part one such bar holds. */
        public int countOf(int part) {
            int sum = 0;
            for (List<Integer> room : counts) {
                sum += room.get(part);
            }
            return sum;
        }
    }

    /**
     * A layout, and how good it is known to be.
     *
     * @param fillings how the bars are cut
     * @param missing  for each kind of part, how many found no place
     * @param bound    no layout of all the parts can use fewer bars at this cost; 0 when parts are missing
     * @param proved   whether this layout is proved to be the least
     * @param proof    by what, or how far from proved, in words
     */
    public record Result(List<Filling> fillings, List<Integer> missing, int bound, boolean proved, String proof) {

        /** How many bars are taken. */
        public int bars() {
            return fillings.stream().mapToInt(Filling::times).sum();
        }

        /** Whether every part has its place. */
        public boolean isComplete() {
            return missing.stream().allMatch(count -> count == 0);
        }

        /** What the bars taken cost, in the prices' own money. */
        public double cost(Nesting nesting) {
            return fillings.stream().mapToDouble(f -> f.times() * nesting.bars.get(f.bar()).cost()).sum();
        }
    }

    public Nesting {
        parts = List.copyOf(parts);
        bars = List.copyOf(bars);
        frame = List.copyOf(frame);
    }

    /** Parts to be cut from bars, any part from any bar. */
    public static Nesting of(List<Part> parts, List<Bar> bars) {
        return new Nesting(parts, bars, List.of(), Keep.NO);
    }

    /** Lays out the parts. The same problem always gets the same answer, unless the search is stopped. */
    public Result solve(Search search) {
        if (total() == 0) {
            return new Result(List.of(), parts.stream().map(part -> 0).toList(), 0, true, "nothing to cut");
        }
        if (FewKindsSearch.suits(this)) {
            Result every = new FewKindsSearch(this, search).solve();
            if (every != null) {
                return every;
            }
        }
        if (keep == Keep.MUST && !frame.isEmpty()) {
            return new WholeFrames(this, search).solve();
        }
        Result apart = new LongestOffcut(this, search).improve(EqualBarsSearch.suits(this)
                ? new EqualBarsSearch(this, search).solve()
                : new MixedBarsSearch(this, search).solve());
        if (keep == Keep.WISH && !frame.isEmpty() && apart.isComplete()) {
            Result whole = new WholeFrames(this, search).solve();
            if (whole.isComplete() && whole.bars() <= apart.bars() && whole.cost(this) < apart.cost(this) + 1e-9) {
                return new Result(whole.fillings, whole.missing, apart.bound, apart.proved, apart.proof);
            }
        }
        return apart;
    }

    int total() {
        return parts.stream().mapToInt(Part::count).sum();
    }
}
