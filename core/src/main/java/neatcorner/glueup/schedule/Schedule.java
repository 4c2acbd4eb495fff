package neatcorner.glueup.schedule;

import java.util.List;

/**
 * When each step of each frame is done.
 *
 * @param steps  in the order in which the maker does them
 * @param done   for each chain, the minute at which its last wait is over
 * @param end    the last of those
 * @param bound  no schedule ends before this minute
 * @param proved whether none can end earlier
 * @param proof  what the bound rests on, in words
 * @param stuck  frames with steps that cannot be placed at all
 */
public record Schedule(List<Step> steps, List<Long> done, long end, long bound, boolean proved, String proof,
        List<String> stuck) {

    public Schedule {
        steps = List.copyOf(steps);
        done = List.copyOf(done);
        stuck = List.copyOf(stuck);
    }

    /**
     * One step in time.
     *
     * @param chain which frame, as a number
     * @param task  which of its steps
     * @param start minute at which the hands start
     * @param end   minute at which the hands are free
     * @param ready minute at which the wait after it is over
     */
    public record Step(int chain, int task, long start, long end, long ready) {}

    /** Whether the bound is near enough to tell a maker something: a tenth of the whole, and not half the truth. */
    public boolean isBoundWorthSaying() {
        return gap() <= 0.1;
    }

    /** How much later than the bound it ends, as a share of the whole. */
    public double gap() {
        return end <= 0 ? 0 : (end - bound) / (double) end;
    }
}
