package neatcorner.stock.sticks;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import neatcorner.measure.Length;
import neatcorner.stock.Search;
import org.jspecify.annotations.Nullable;

/**
 * Moves parts between the bars that are taken anyway, so that one of them keeps the longest stretch that it can: the room
 * for its parts is made shorter by halving, each time asking whether all parts still find a place.
 */
final class LongestOffcut {
    private static final int MOST_PARTS = 160;
    private static final int MOST_BARS = 3;
    private static final int STEPS = 9;
    private static final int NODES = 150;

    private final Nesting nesting;
    private final Search search;
    private final PartsLeft parts;

    LongestOffcut(Nesting nesting, Search search) {
        this.nesting = nesting;
        this.search = search;
        this.parts = PartsLeft.of(nesting);
    }

    /** The same bars, filled so that the longest offcut is as long as was found; the layout itself when it is no longer. */
    Nesting.Result improve(Nesting.Result result) {
        if (!result.isComplete() || nesting.total() > MOST_PARTS || result.bars() < 2) {
            return result;
        }
        int[] bars = new int[nesting.bars().size()];
        result.fillings().forEach(filling -> bars[filling.bar()] += filling.times());
        long longest = result.fillings().stream().mapToLong(this::offcut).max().orElse(0);
        List<Nesting.Filling> best = null;
        int[] tried = IntStream.range(0, bars.length).filter(bar -> bars[bar] > 0).boxed()
                .sorted((a, b) -> nesting.bars().get(b).largestRoom().compareTo(nesting.bars().get(a).largestRoom()))
                .limit(MOST_BARS).mapToInt(Integer::intValue).toArray();
        for (int bar : tried) {
            long low = longest;
            long high = nesting.bars().get(bar).largestRoom().units() + 1;
            for (int step = 0; step < STEPS && high - low > Length.PER_MM && !search.isCancelled(); step++) {
                long middle = (low + high) / 2;
                List<Nesting.Filling> found = withOffcut(bars, bar, middle);
                if (found == null) {
                    high = middle;
                } else {
                    low = middle;
                    longest = middle;
                    best = found;
                }
            }
        }
        return best == null
                ? result
                : new Nesting.Result(best, result.missing(), result.bound(), result.proved(), result.proof());
    }

    private long offcut(Nesting.Filling filling) {
        long longest = 0;
        for (int room = 0; room < filling.counts().size(); room++) {
            long left = nesting.bars().get(filling.bar()).rooms().get(room).units();
            for (int kind = 0; kind < nesting.parts().size(); kind++) {
                left -= filling.counts().get(room).get(kind) * nesting.parts().get(kind).taken().units();
            }
            longest = Math.max(longest, left);
        }
        return longest;
    }

    /** One room: of which bar, its place on it, and what of it may be used. */
    private record Room(int bar, int place, long length) {}

    private @Nullable List<Nesting.Filling> withOffcut(int[] bars, int kept, long offcut) {
        List<List<Room>> taken = new ArrayList<>();
        boolean spared = false;
        for (int bar = 0; bar < bars.length; bar++) {
            for (int i = 0; i < bars[bar]; i++) {
                List<Room> rooms = new ArrayList<>();
                for (int place = 0; place < nesting.bars().get(bar).rooms().size(); place++) {
                    Length room = nesting.bars().get(bar).rooms().get(place);
                    boolean spare = !spared && bar == kept && room.equals(nesting.bars().get(bar).largestRoom());
                    spared |= spare;
                    rooms.add(new Room(bar, place, room.units() - (spare ? offcut : 0)));
                }
                taken.add(rooms);
            }
        }
        long[] lengths = taken.stream().flatMap(List::stream).mapToLong(Room::length).distinct().toArray();
        int[] free = new int[lengths.length];
        for (List<Room> rooms : taken) {
            for (Room room : rooms) {
                free[indexOf(lengths, room.length)]++;
            }
        }
        List<RoomPacking.Filled> found = new RoomPacking(parts, lengths, free, NODES, search).run();
        return found == null ? null : fillings(taken, lengths, new ArrayList<>(found));
    }

    private static int indexOf(long[] lengths, long length) {
        for (int i = 0; i < lengths.length; i++) {
            if (lengths[i] == length) {
                return i;
            }
        }
        throw new IllegalArgumentException("no such room: " + length);
    }

    private List<Nesting.Filling> fillings(List<List<Room>> taken, long[] lengths, List<RoomPacking.Filled> waiting) {
        List<Nesting.Filling> fillings = new ArrayList<>();
        for (List<Room> rooms : taken) {
            List<List<Integer>> counts = new ArrayList<>();
            boolean used = false;
            for (Room room : rooms) {
                int[] contents = new int[parts.left.length];
                for (RoomPacking.Filled filled : waiting) {
                    if (lengths[filled.room()] == room.length) {
                        contents = filled.counts();
                        used = true;
                        waiting.remove(filled);
                        break;
                    }
                }
                Integer[] own = new Integer[contents.length];
                for (int i = 0; i < contents.length; i++) {
                    own[parts.kind[i]] = contents[i];
                }
                counts.add(Arrays.asList(own));
            }
            if (used) {
                fillings.add(new Nesting.Filling(rooms.getFirst().bar, 1, counts));
            }
        }
        return List.copyOf(fillings);
    }
}
