package neatcorner.stock.sticks;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import neatcorner.measure.Length;
import neatcorner.stock.Search;
import org.jspecify.annotations.Nullable;

/**
 * Lays out many equal frames so that each comes from one bar: first how many whole frames a bar of each kind holds, then
 * which bars hold all of them, in which a frame is only a number.
 */
final class WholeFrames {
    private static final int MOST_NODES = 4_000;

    private final Nesting nesting;
    private final Search search;
    private final PartsLeft parts;
    /** Whether a stick may hold more than was found, since a search ended early. */
    private boolean open;

    WholeFrames(Nesting nesting, Search search) {
        this.nesting = nesting;
        this.search = search;
        this.parts = PartsLeft.of(nesting);
    }

    /** Frames that find no place are missing altogether. */
    Nesting.Result solve() {
        int frames = nesting.parts().getFirst().count() / nesting.frame().getFirst();
        int[] holds = new int[nesting.bars().size()];
        List<Nesting.Bar> bars = new ArrayList<>();
        for (int bar = 0; bar < holds.length; bar++) {
            while (holds[bar] < frames && filled(bar, holds[bar] + 1) != null) {
                holds[bar]++;
            }
            Nesting.Bar whole = nesting.bars().get(bar);
            bars.add(new Nesting.Bar(List.of(new Length(holds[bar])), whole.count(), whole.cost(), whole.started()));
        }
        Nesting.Result counted = Nesting.of(List.of(new Nesting.Part(new Length(1), frames)), bars).solve(search);
        List<Nesting.Filling> fillings = new ArrayList<>();
        for (Nesting.Filling filling : counted.fillings()) {
            List<List<Integer>> rooms = filled(filling.bar(), filling.countOf(0));
            if (rooms != null) {
                fillings.add(new Nesting.Filling(filling.bar(), filling.times(), rooms));
            }
        }
        int left = counted.missing().getFirst();
        List<Integer> missing = nesting.frame().stream().map(each -> each * left).toList();
        String proof = !counted.isComplete()
                ? "there is not enough wood for all frames to be whole"
                : open
                        ? "a stick may hold more whole frames than were found to fit"
                        : "no fewer sticks hold that many whole frames";
        return new Nesting.Result(fillings, missing, open ? Math.min(1, counted.bound()) : counted.bound(),
                counted.proved() && !open, proof);
    }

    /** So many frames in the rooms of one bar; null when they do not fit. */
    private @Nullable List<List<Integer>> filled(int bar, int frames) {
        PartsLeft some = parts.copy();
        for (int i = 0; i < some.left.length; i++) {
            some.left[i] = frames * nesting.frame().get(some.kind[i]);
        }
        List<Length> rooms = nesting.bars().get(bar).rooms();
        if (some.total() > nesting.bars().get(bar).capacity().units()) {
            return null;
        }
        int[] one = new int[rooms.size()];
        Arrays.fill(one, 1);
        RoomPacking packing = new RoomPacking(some, rooms.stream().mapToLong(Length::units).toArray(), one, MOST_NODES,
                search);
        List<RoomPacking.Filled> found = packing.run();
        if (found == null && packing.isOpen()) {
            found = longestFirst(rooms, some);
            open |= found == null;
        }
        if (found == null) {
            return null;
        }
        Integer[][] counts = new Integer[rooms.size()][some.left.length];
        for (Integer[] room : counts) {
            Arrays.fill(room, 0);
        }
        for (RoomPacking.Filled filled : found) {
            for (int i = 0; i < some.left.length; i++) {
                counts[filled.room()][some.kind[i]] = filled.counts()[i];
            }
        }
        return Arrays.stream(counts).map(List::of).toList();
    }

    /** Each room filled with the longest that still fit, which is quick and may miss a way. */
    private static @Nullable List<RoomPacking.Filled> longestFirst(List<Length> rooms, PartsLeft parts) {
        PartsLeft rest = parts.copy();
        List<RoomPacking.Filled> filled = new ArrayList<>();
        for (int room = 0; room < rooms.size(); room++) {
            int[] counts = rest.longestFirst(rooms.get(room).units());
            rest.take(counts);
            filled.add(new RoomPacking.Filled(room, counts));
        }
        return rest.isEmpty() ? filled : null;
    }
}
