package neatcorner.glueup.schedule;

import java.util.List;
import java.util.stream.IntStream;

/** Spans of working time, in minutes from the start of a plan, in order and apart. */
public final class WorkCalendar {
    /** Later than any plan: there is no working time left. */
    public static final long NEVER = Long.MAX_VALUE / 4;
    private final long[] from;
    private final long[] to;
    /** Working minutes before each span. */
    private final long[] before;

    /** From a minute up to another, which is no longer in it. */
    public record Span(long from, long to) {}

    public WorkCalendar(List<Span> spans) {
        from = spans.stream().mapToLong(Span::from).toArray();
        to = spans.stream().mapToLong(Span::to).toArray();
        before = new long[from.length + 1];
        for (int i = 0; i < from.length; i++) {
            before[i + 1] = before[i] + to[i] - from[i];
        }
    }

    /** Round the clock. */
    public static WorkCalendar always() {
        return new WorkCalendar(List.of(new Span(0, NEVER)));
    }

    /** Whether there is no time to work in. */
    public boolean isEmpty() {
        return from.length == 0;
    }

    /** Working time, in minutes from the start, in order. */
    public List<Span> spans() {
        return IntStream.range(0, from.length).mapToObj(i -> new Span(from[i], to[i])).toList();
    }

    /** The longest single span, minutes. */
    public long longest() {
        long longest = 0;
        for (int i = 0; i < from.length; i++) {
            longest = Math.max(longest, to[i] - from[i]);
        }
        return longest;
    }

    /** The first span that ends after a moment. */
    private int spanAfter(long time) {
        int low = 0;
        int high = to.length;
        while (low < high) {
            int middle = (low + high) >>> 1;
            if (to[middle] > time) {
                high = middle;
            } else {
                low = middle + 1;
            }
        }
        return low;
    }

    /** The earliest start, not before a moment, of work that is done without a break; {@link #NEVER} when there is none. */
    public long place(long ready, long minutes) {
        for (int i = spanAfter(ready); i < from.length; i++) {
            long start = Math.max(from[i], ready);
            if (start + minutes <= to[i]) {
                return start;
            }
        }
        return NEVER;
    }

    /** The latest end, not after a moment, of work that is done without a break; negative when there is none. */
    public long placeBefore(long due, long minutes) {
        for (int i = Math.min(spanAfter(due), from.length - 1); i >= 0; i--) {
            long end = Math.min(to[i], due);
            if (end - minutes >= from[i]) {
                return end;
            }
        }
        return -1;
    }

    /** Working minutes before a moment. */
    public long worked(long time) {
        int i = spanAfter(time);
        return before[i] + (i < from.length ? Math.max(0, time - from[i]) : 0);
    }

    /** When so many working minutes will have passed; {@link #NEVER} when there are not so many. */
    public long after(long minutes) {
        for (int i = 0; i < from.length; i++) {
            if (before[i + 1] >= minutes) {
                return from[i] + minutes - before[i];
            }
        }
        return NEVER;
    }

    /** How many breaks between spans lie wholly before a moment. */
    int breaksBefore(long time) {
        return Math.max(0, spanAfter(time - 1));
    }

    /** The start of the next working time, not before a moment. */
    public long next(long time) {
        int i = spanAfter(time);
        return i < from.length ? Math.max(time, from[i]) : NEVER;
    }
}
