package neatcorner.hanging;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.IntStream;

/** Ways to set frames out on a wall. Each gives all of them in the order in which they were given; common practice. */
public final class Arrangement {
    /** Nobody sees less on a wall, mm. */
    static final double NEAR = 0.05;

    private Arrangement() {}

    /** Which of their edges lies on the common line. */
    public enum Line {
        TOP,
        CENTER,
        BOTTOM
    }

    /** Side by side as they hang, the outermost where they are, with the same gap between all. */
    public static List<HungFrame> equalGaps(List<HungFrame> frames) {
        if (frames.size() < 3) {
            return frames;
        }
        List<Integer> order = order(frames);
        double from = frames.get(order.getFirst()).left();
        double to = frames.get(order.getLast()).right();
        double wide = frames.stream().mapToDouble(HungFrame::width).sum();
        return row(frames, order, from, (to - from - wide) / (frames.size() - 1));
    }

    /** Side by side as they hang, with a gap, the middle of them all where it is. */
    public static List<HungFrame> withGap(List<HungFrame> frames, double gap) {
        if (frames.isEmpty()) {
            return frames;
        }
        double wide = frames.stream().mapToDouble(HungFrame::width).sum() + gap * (frames.size() - 1);
        return row(frames, order(frames), (left(frames) + right(frames) - wide) / 2, gap);
    }

    /** On one line with the first of them. */
    public static List<HungFrame> inLine(List<HungFrame> frames, Line line) {
        if (frames.isEmpty()) {
            return frames;
        }
        HungFrame first = frames.getFirst();
        return frames.stream().map(frame -> frame.at(frame.x(), switch (line) {
            case TOP -> first.top() - frame.height() / 2;
            case CENTER -> first.y();
            case BOTTOM -> first.bottom() + frame.height() / 2;
        })).toList();
    }

    /** All of them moved together to the middle of a wall. */
    public static List<HungFrame> centered(List<HungFrame> frames, double wall) {
        double by = frames.isEmpty() ? 0 : wall / 2 - (left(frames) + right(frames)) / 2;
        return frames.stream().map(frame -> frame.at(frame.x() + by, frame.y())).toList();
    }

    /**
     * Where a frame comes to lie that is dragged near to a place: on a line with another's middle or edges, a gap beside or
     * over another, halfway between two, in the middle of the wall; each way for itself, and only from within a reach.
     */
    public static HungFrame snapped(List<HungFrame> frames, int moving, HungFrame wished, double wall, double gap,
            double reach) {
        List<HungFrame> others = IntStream.range(0, frames.size()).filter(i -> i != moving).mapToObj(frames::get)
                .toList();
        List<Double> across = new ArrayList<>(List.of(wall / 2));
        List<Double> up = new ArrayList<>();
        double halfWide = wished.width() / 2;
        double halfHigh = wished.height() / 2;
        for (HungFrame other : others) {
            across.addAll(List.of(other.x(), other.left() + halfWide, other.right() - halfWide,
                    other.left() - gap - halfWide, other.right() + gap + halfWide));
            up.addAll(List.of(other.y(), other.top() - halfHigh, other.bottom() + halfHigh,
                    other.top() + gap + halfHigh, other.bottom() - gap - halfHigh));
        }
        nextTo(others, wished).ifPresent(across::add);
        return wished.at(nearest(across, wished.x(), reach), nearest(up, wished.y(), reach));
    }

    /** Halfway between the nearest frames to the left and to the right that hang at its height. */
    private static Optional<Double> nextTo(List<HungFrame> others, HungFrame wished) {
        List<HungFrame> beside = others.stream().filter(other -> other.top() > wished.bottom()
                && other.bottom() < wished.top()).toList();
        OptionalDouble left = beside.stream().filter(other -> other.x() < wished.x()).mapToDouble(HungFrame::right)
                .max();
        OptionalDouble right = beside.stream().filter(other -> other.x() > wished.x()).mapToDouble(HungFrame::left)
                .min();
        return left.isPresent() && right.isPresent()
                ? Optional.of((left.getAsDouble() + right.getAsDouble()) / 2)
                : Optional.empty();
    }

    private static double nearest(List<Double> places, double wished, double reach) {
        double best = wished;
        double least = reach;
        for (double place : places) {
            double off = Math.abs(place - wished);
            if (off < least) {
                least = off;
                best = place;
            }
        }
        return best;
    }

    private static List<HungFrame> row(List<HungFrame> frames, List<Integer> order, double from, double gap) {
        List<HungFrame> placed = new ArrayList<>(frames);
        double left = from;
        for (int i : order) {
            HungFrame frame = frames.get(i);
            placed.set(i, frame.at(left + frame.width() / 2, frame.y()));
            left += frame.width() + gap;
        }
        return placed;
    }

    private static List<Integer> order(List<HungFrame> frames) {
        return IntStream.range(0, frames.size()).boxed()
                .sorted(Comparator.comparingDouble(i -> frames.get(i).x())).toList();
    }

    private static double left(List<HungFrame> frames) {
        return frames.stream().mapToDouble(HungFrame::left).min().orElse(0);
    }

    private static double right(List<HungFrame> frames) {
        return frames.stream().mapToDouble(HungFrame::right).max().orElse(0);
    }
}
