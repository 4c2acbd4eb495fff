package neatcorner.glueup.schedule;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import neatcorner.stock.Search;
import org.jspecify.annotations.Nullable;

/**
 * Lays the steps of all frames into one maker's hours so that the last frame is done as early as possible, and after that all
 * of them as early as possible.
 *
 * <p>Since clamps and places are only taken and freed by hand, a schedule is an order of the steps, each started as early as
 * that order allows. A first one takes, of the steps that can start soonest, the one whose frame can wait least; then it is
 * learned which frames are more urgent than they look. Small shops are searched through ({@link ScheduleSearch}).
 */
public final class Scheduling {
    /** Roughly how many steps are weighed in the variations: a second's work. */
    private static final long PATIENCE = 150_000_000L;
    /** From so many steps on it may take some seconds. */
    private static final int MANY_STEPS = 1000;
    private static final int MORE_PATIENCE = 8;
    private static final int MOST_TRIES = 20_000;

    private final Floor floor;
    private final Lanes lanes;
    private final List<Integer> numbers = new ArrayList<>();
    private final List<String> stuck = new ArrayList<>();
    private long target;

    private Scheduling(Floor floor) {
        this.floor = floor;
        for (int i = 0; i < floor.chains().size(); i++) {
            if (floor.canBeDone(i)) {
                numbers.add(i);
            } else {
                stuck.add(floor.chains().get(i).frame());
            }
        }
        lanes = new Lanes(numbers.stream().map(floor.chains()::get).toList(), floor.calendar());
    }

    /** The best that is found before the search is stopped. The same shop always gets the same schedule otherwise. */
    public static Schedule solve(Floor floor, Search search) {
        return new Scheduling(floor).solve(search);
    }

    private Schedule solve(Search search) {
        int[] capacity = Arrays.stream(Resource.values())
                .mapToInt(resource -> floor.capacity().getOrDefault(resource, 0)).toArray();
        Order first = first(capacity);
        if (first == null || lanes.size() == 0) {
            return unplaced();
        }
        long bound = new ScheduleBound(lanes, capacity, first.end).least();
        target = bound;
        Order best = first;
        Order sharper = decode(urgencies(bound), 0);
        best = sharper != null && sharper.isBetterThan(best) ? sharper : best;
        best = improved(best, bound, capacity, search);
        best = lanes.size() > 1 ? varied(best, bound, search) : best;
        boolean proved = best.end == bound;
        String proof = proved ? ScheduleTexts.HANDS_A_FRAME_ALONE : ScheduleTexts.NO_PROOF_THAT_IT_IS_LEAST;
        if (!proved) {
            ScheduleSearch exact = new ScheduleSearch(lanes, floor, search);
            Order better = exact.solve(best);
            best = better == null ? best : better;
            if (exact.isComplete()) {
                bound = best.end;
                proved = true;
                proof = ScheduleTexts.ALL_ORDERS_WERE_WEIGHED;
            }
        }
        return schedule(best, bound, proved, proof);
    }

    private @Nullable Order first(int[] capacity) {
        Order first = decode(urgencies(Arrays.stream(lanes.alone()).max().orElse(0)), 0);
        return first == null && lanes.hurries()
                ? filled(IntStream.range(0, lanes.size()).toArray(), capacity)
                : first;
    }

    private Schedule unplaced() {
        List<String> all = new ArrayList<>(stuck);
        numbers.forEach(i -> all.add(floor.chains().get(i).frame()));
        return new Schedule(List.of(), floor.chains().stream().map(chain -> 0L).toList(), 0, 0, all.isEmpty(),
                all.isEmpty() ? ScheduleTexts.NOTHING_TO_SCHEDULE : ScheduleTexts.NO_FRAME_CAN_BE, all);
    }

    /** Latest ends of all steps if the last frame is to be done by a moment; the smaller, the more urgent. */
    private double[][] urgencies(long due) {
        long[][] ends = lanes.deadlines(due);
        for (long later = due; ends == null && later < WorkCalendar.NEVER / 8; later += Math.max(60, later / 4)) {
            ends = lanes.deadlines(later);
        }
        return ends == null
                ? lanes.list().stream().map(lane -> new double[lane.size()]).toArray(double[][]::new)
                : Arrays.stream(ends).map(lane -> Arrays.stream(lane).asDoubleStream().toArray())
                        .toArray(double[][]::new);
    }

    /**
     * Frames are put in one by one, those that take longest first; then the order of the frames is varied, where there are
     * several, and what is no worse is kept. Orders in which frames with the same steps have changed over are one.
     */
    private Order improved(Order start, long bound, int[] capacity, Search search) {
        Order best = start;
        int m = lanes.size();
        int steps = lanes.steps();
        long tries = m < 2 ? 0 : Math.min(MOST_TRIES, patience(steps) / Math.max(1, (long) steps * steps));
        SplittableRandom random = new SplittableRandom(steps);
        long[] alone = lanes.alone();
        int[] kept = IntStream.range(0, m).boxed().sorted(Comparator.comparingLong((Integer c) -> -alone[c]))
                .mapToInt(Integer::intValue).toArray();
        Order now = filled(kept, capacity);
        if (now == null) {
            return best;
        }
        best = now.isBetterThan(best) ? now : best;
        int[] kinds = lanes.kinds();
        Map<List<Integer>, Optional<Order>> known = new HashMap<>();
        for (long i = 0; i < tries && best.end > bound && !search.isCancelled(); i++) {
            int[] tried = moved(kept, random);
            Order order = known.computeIfAbsent(Arrays.stream(tried).mapToObj(lane -> kinds[lane]).toList(),
                    alike -> Optional.ofNullable(filled(tried, capacity))).orElse(null);
            if (order != null && order.isNoWorseThan(now)) {
                now = order;
                kept = tried;
                best = now.isBetterThan(best) ? now : best;
            }
        }
        return best;
    }

    /** Steps are laid out by how urgent they are, and the urgencies varied; what is no worse is kept. */
    private Order varied(Order start, long bound, Search search) {
        Order best = start;
        Order now = null;
        int steps = lanes.steps();
        long tries = Math.min(MOST_TRIES, patience(steps) / Math.max(1, 14L * steps * lanes.size()));
        SplittableRandom random = new SplittableRandom(steps);
        double[][] kept = urgencies(bound);
        for (int i = 0; i < tries && best.end > bound && !search.isCancelled(); i++) {
            double[][] tried = nudged(kept, random);
            Order order = decode(tried, random.nextInt(4) == 0 ? random.nextInt(40) : 0);
            boolean byLateness = i < tries / 2;
            if (order != null && (now == null || (byLateness ? order.isNoWorseThan(now) : !now.isBetterThan(order)))) {
                now = order;
                kept = tried;
                best = now.isBetterThan(best) ? now : best;
            }
        }
        return best;
    }

    private static long patience(int steps) {
        return steps < MANY_STEPS ? PATIENCE : MORE_PATIENCE * PATIENCE;
    }

    /** One frame, or some steps, made more or less urgent. */
    private static double[][] nudged(double[][] urgencies, SplittableRandom random) {
        double[][] changed = urgencies.clone();
        double most = random.nextInt(3) == 0 ? 600 : 90;
        for (int i = 0; i <= random.nextInt(2); i++) {
            int lane = random.nextInt(changed.length);
            double[] one = changed[lane].clone();
            double by = (random.nextDouble() - 0.5) * 2 * most;
            int from = one.length == 0 || random.nextBoolean() ? 0 : random.nextInt(one.length);
            for (int t = from; t < one.length; t++) {
                one[t] += by;
            }
            changed[lane] = one;
        }
        return changed;
    }

    /** One frame put elsewhere in the order, or two changed over. */
    private static int[] moved(int[] order, SplittableRandom random) {
        int[] changed = order.clone();
        int a = random.nextInt(order.length);
        int b = random.nextInt(order.length);
        if (random.nextBoolean()) {
            changed[a] = order[b];
            changed[b] = order[a];
        } else {
            int moving = order[a];
            if (a < b) {
                System.arraycopy(order, a + 1, changed, a, b - a);
            } else {
                System.arraycopy(order, b, changed, b + 1, a - b);
            }
            changed[b] = moving;
        }
        return changed;
    }

    private @Nullable Order filled(int[] order, int[] capacity) {
        Timetable table = new Timetable(lanes, capacity);
        return table.fill(order) ? started(table.order()) : null;
    }

    /** Every step of an order as early as the order allows. */
    private @Nullable Order started(int[] order) {
        Lanes.Timing timed = lanes.timed(order, order.length);
        if (timed == null) {
            return null;
        }
        long[] ready = timed.ready();
        return new Order(order, Arrays.stream(ready).max().orElse(0), Arrays.stream(ready).sum(), late(ready));
    }

    /**
     * An order of steps as lanes, with what it comes to.
     *
     * @param late minutes by which frames are done after the bound, added up
     */
    record Order(int[] lanes, long end, long sum, long late) {

        /** Whether a search goes on from this rather than from the other. */
        boolean isNoWorseThan(Order other) {
            return late < other.late || (late == other.late && !other.isBetterThan(this));
        }

        boolean isBetterThan(Order other) {
            return end < other.end || (end == other.end && sum < other.sum);
        }
    }

    /**
     * Takes step after step: of those that could start within so many minutes of the soonest, the most urgent, and none that
     * would keep one too long that must follow soon. Null when the working time does not suffice, or all frames wait for what
     * another holds.
     */
    private @Nullable Order decode(double[][] urgencies, int within) {
        int m = lanes.size();
        int[] next = new int[m];
        long[] ready = lanes.ready();
        long[] latest = lanes.latest();
        int[] free = floor.free();
        int total = lanes.steps();
        int[] order = new int[total];
        long[] starts = new long[m];
        long now = 0;
        for (int step = 0; step < total; step++) {
            long soonest = WorkCalendar.NEVER;
            for (int c = 0; c < m; c++) {
                Lane lane = lanes.get(c);
                starts[c] = WorkCalendar.NEVER;
                if (next[c] < lane.size()) {
                    long from = Math.max(now, Math.max(ready[c], lane.notBefore[next[c]]));
                    if (from <= soonest + within && lane.canTake(next[c], free)) {
                        starts[c] = lanes.place(c, next[c], from);
                        if (lanes.hurries() && !keepsAll(c, starts[c], next, ready, latest)) {
                            starts[c] = WorkCalendar.NEVER;
                        }
                        soonest = Math.min(soonest, starts[c]);
                    }
                }
            }
            int chosen = -1;
            for (int c = 0; c < m; c++) {
                if (starts[c] <= soonest + within && starts[c] < WorkCalendar.NEVER
                        && (chosen < 0 || urgencies[c][next[c]] < urgencies[chosen][next[chosen]])) {
                    chosen = c;
                }
            }
            if (chosen < 0) {
                return null;
            }
            Lane lane = lanes.get(chosen);
            int task = next[chosen]++;
            now = starts[chosen] + lane.hands[task];
            latest[chosen] = lanes.latestAfter(chosen, task, now);
            lanes.done(chosen, task, now + lane.wait[task], ready);
            lane.move(task, free);
            order[step] = chosen;
        }
        return new Order(order, Arrays.stream(ready).max().orElse(0), Arrays.stream(ready).sum(), late(ready));
    }

    /** Whether everything that must begin soon still can when a lane's next step is done at a moment. */
    private boolean keepsAll(int c, long start, int[] next, long[] ready, long[] latest) {
        if (start >= WorkCalendar.NEVER || start > latest[c]) {
            return false;
        }
        int task = next[c];
        long end = start + lanes.get(c).hands[task];
        int[] nextThen = next.clone();
        long[] readyThen = ready.clone();
        long[] latestThen = latest.clone();
        nextThen[c]++;
        readyThen[c] = end + lanes.get(c).wait[task];
        latestThen[c] = lanes.latestAfter(c, task, end);
        return lanes.canKeep(end, nextThen, readyThen, latestThen);
    }

    private long late(long[] ready) {
        return Arrays.stream(ready).map(done -> Math.max(0, done - target)).sum();
    }

    private Schedule schedule(Order order, long bound, boolean proved, String proof) {
        List<Schedule.Step> steps = new ArrayList<>();
        int[] next = new int[lanes.size()];
        Lanes.Timing timed = Objects.requireNonNull(lanes.timed(order.lanes(), order.lanes().length),
                "an order that keeps");
        long[] ready = timed.ready();
        for (int k = 0; k < order.lanes().length; k++) {
            int c = order.lanes()[k];
            Lane lane = lanes.get(c);
            int task = next[c]++;
            long end = timed.starts()[k] + lane.hands[task];
            steps.add(new Schedule.Step(numbers.get(c), task, timed.starts()[k], end, end + lane.wait[task]));
        }
        List<Long> done = new ArrayList<>();
        for (int i = 0; i < floor.chains().size(); i++) {
            int lane = numbers.indexOf(i);
            done.add(lane < 0 ? 0L : ready[lane]);
        }
        return new Schedule(steps, done, order.end(), Math.min(bound, order.end()), proved, proof, stuck);
    }
}
