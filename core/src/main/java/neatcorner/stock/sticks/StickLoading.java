package neatcorner.stock.sticks;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BiPredicate;
import java.util.function.Function;
import java.util.function.ToIntFunction;
import java.util.stream.IntStream;
import neatcorner.measure.Length;
import neatcorner.piece.Piece;
import neatcorner.stock.Keep;
import neatcorner.stock.Rack;
import neatcorner.stock.Search;
import neatcorner.stock.Stick;

/**
 * Which kinds of piece come from which stick. Kinds that fit the same sticks are laid out together; where sticks are too
 * narrow or too thin for some, those that fit the fewest come first, and what they leave on a stick is there for the others.
 */
final class StickLoading {
    private final List<List<Piece>> kinds;
    private final int frames;
    private final Rack rack;
    private final BiPredicate<Piece, Stick> fits;
    private final Function<Piece, Length> taken;
    private final Length triangle;

    /**
     * @param kinds    the pieces of one frame, twins together
     * @param fits     whether a piece can be cut from a stick, across it
     * @param taken    length of stick that a piece takes
     * @param triangle what every clear stretch loses
     */
    StickLoading(List<List<Piece>> kinds, int frames, Rack rack, BiPredicate<Piece, Stick> fits,
            Function<Piece, Length> taken, Length triangle) {
        this.kinds = kinds;
        this.frames = frames;
        this.rack = rack;
        this.fits = fits;
        this.taken = taken;
        this.triangle = triangle;
    }

    /**
     * @param sticks those that pieces are held to first, perhaps with nothing more on them
     * @param bound  no loading of all pieces takes fewer sticks at this cost
     */
    record Result(List<Loaded> sticks, int unplaced, double cost, int bound, boolean proved, String proof) {}

    /** A stick with the kinds of piece that lie in each clear stretch, and the pieces chosen for it. */
    static final class Loaded {
        final int stock;
        final int number;
        final List<List<Integer>> rooms;
        final List<LayOut.Named> named = new ArrayList<>();
        private final List<Length> free;

        Loaded(int stock, int number, List<Length> free, int kinds) {
            this.stock = stock;
            this.number = number;
            this.free = new ArrayList<>(free);
            this.rooms = new ArrayList<>();
            free.forEach(room -> rooms.add(new ArrayList<>(Collections.nCopies(kinds, 0))));
        }

        Loaded copy() {
            Loaded copy = new Loaded(stock, number, free, rooms.isEmpty() ? 0 : rooms.getFirst().size());
            for (int room = 0; room < rooms.size(); room++) {
                copy.rooms.set(room, new ArrayList<>(rooms.get(room)));
            }
            return copy;
        }

        int[] countsByKind(int kinds) {
            int[] counts = new int[kinds];
            rooms.forEach(room -> Arrays.setAll(counts, kind -> counts[kind] + room.get(kind)));
            return counts;
        }

        /** Puts more on it: for each room, how many of each of these kinds. */
        private void load(List<List<Integer>> counts, List<Integer> which, List<Length> lengths) {
            for (int room = 0; room < counts.size(); room++) {
                for (int i = 0; i < which.size(); i++) {
                    int count = counts.get(room).get(i);
                    rooms.get(room).set(which.get(i), rooms.get(room).get(which.get(i)) + count);
                    free.set(room, free.get(room).minus(lengths.get(i).times(count)));
                }
            }
        }

        /** The pieces that are held here, in the rooms found for them. */
        void add(PinnedSticks.Begun begun, ToIntFunction<Piece> kindOf) {
            for (int room = 0; room < begun.held().size(); room++) {
                for (LayOut.Named held : begun.held().get(room)) {
                    int kind = kindOf.applyAsInt(held.piece());
                    rooms.get(room).set(kind, rooms.get(room).get(kind) + 1);
                    named.add(held);
                }
            }
        }
    }

    /** @param whole whether every frame of which nothing is held must come from one stick, whatever is held of others */
    Result solve(PinnedSticks pinned, boolean whole, Search search) {
        List<Loaded> loaded = new ArrayList<>();
        for (PinnedSticks.Begun begun : pinned.sticks()) {
            loaded.add(new Loaded(begun.stock(), begun.number(), begun.rooms(), kinds.size()));
        }
        int[] held = pinned.countByKind(kinds);
        int[] used = new int[rack.sticks().size()];
        List<List<Integer>> groups = groups();
        List<Nesting.Result> results = new ArrayList<>();
        for (List<Integer> group : groups) {
            results.add(
                    load(group, groups.size() == 1 || isTheFrame(group), whole, held, pinned, loaded, used, search));
        }
        int unplaced = results.stream().flatMap(result -> result.missing().stream()).mapToInt(Integer::intValue).sum();
        double cost = loaded.stream().mapToDouble(stick -> rack.sticks().get(stick.stock).cost()).sum();
        Nesting.Result all = groups.size() == 1
                ? results.getFirst()
                : together(groups, results, held, pinned, loaded.size(), cost, search);
        int bound = unplaced == 0 ? all.bound() + pinned.sticks().size() : 0;
        return new Result(loaded, unplaced, cost, bound, unplaced == 0 && all.proved(), all.proof());
    }

    /** Kinds that fit the same sticks, those that fit the fewest first. */
    private List<List<Integer>> groups() {
        Map<List<Integer>, List<Integer>> groups = new LinkedHashMap<>();
        for (int kind = 0; kind < kinds.size(); kind++) {
            groups.computeIfAbsent(fitting(kind), sticks -> new ArrayList<>()).add(kind);
        }
        return groups.entrySet().stream().sorted(Comparator.comparingInt(entry -> entry.getKey().size()))
                .map(Map.Entry::getValue).toList();
    }

    /** Whether these kinds are all that the frame itself is cut into, and nothing else. */
    private boolean isTheFrame(List<Integer> group) {
        return IntStream.range(0, kinds.size())
                .allMatch(kind -> kinds.get(kind).getFirst().place().ring().isEmpty() == group.contains(kind));
    }

    private List<Integer> fitting(int kind) {
        Piece piece = kinds.get(kind).getFirst();
        return IntStream.range(0, rack.sticks().size()).filter(i -> fits.test(piece, rack.sticks().get(i))).boxed()
                .toList();
    }

    private List<Nesting.Part> parts(List<Integer> group, int[] held) {
        return group.stream().map(kind -> new Nesting.Part(taken.apply(kinds.get(kind).getFirst()),
                kinds.get(kind).size() * frames - held[kind])).toList();
    }

    private Nesting.Result load(List<Integer> group, boolean alone, boolean whole, int[] held, PinnedSticks pinned,
            List<Loaded> loaded, int[] used, Search search) {
        List<Integer> fitting = fitting(group.getFirst());
        List<Nesting.Bar> bars = new ArrayList<>();
        for (int i = 0; i < rack.sticks().size(); i++) {
            Stick stick = rack.sticks().get(i);
            bars.add(new Nesting.Bar(rooms(stick),
                    fitting.contains(i) ? stick.count() - pinned.takenOf(i) - used[i] : 0, stick.cost()));
        }
        List<Loaded> begun = loaded.stream().filter(stick -> fitting.contains(stick.stock)).toList();
        begun.forEach(stick -> bars.add(new Nesting.Bar(List.copyOf(stick.free), 1, 0, true)));
        boolean must = rack.keepFrameTogether() == Keep.MUST;
        boolean free = alone && (whole || ((must || begun.isEmpty()) && pinned.sticks().isEmpty()));
        List<Integer> frame = free ? group.stream().map(kind -> kinds.get(kind).size()).toList() : List.of();
        List<Nesting.Part> parts = parts(group, held);
        Nesting.Result result = new Nesting(parts, bars, frame,
                whole && free ? Keep.MUST : free ? rack.keepFrameTogether() : Keep.NO)
                .solve(search);
        List<Length> lengths = parts.stream().map(Nesting.Part::taken).toList();
        for (Nesting.Filling filling : result.fillings()) {
            int own = filling.bar() - rack.sticks().size();
            for (int i = 0; i < (own >= 0 ? 1 : filling.times()); i++) {
                Loaded stick = own >= 0 ? begun.get(own) : take(filling.bar(), pinned, used);
                stick.load(filling.counts(), group, lengths);
                if (own < 0) {
                    loaded.add(stick);
                }
            }
        }
        return result;
    }

    /** The next stick of a kind of which nothing is held. */
    private Loaded take(int stock, PinnedSticks pinned, int[] used) {
        used[stock]++;
        int number = 0;
        for (int free = 0; free < used[stock];) {
            number++;
            free += pinned.isBegun(stock, number) ? 0 : 1;
        }
        return new Loaded(stock, number, rooms(rack.sticks().get(stock)), kinds.size());
    }

    private List<Length> rooms(Stick stick) {
        return stick.clear(rack.endTrim()).stream()
                .map(span -> Length.max(Length.ZERO, span.length().minus(triangle))).toList();
    }

    /** How many sticks any loading takes at least, whatever they cost and however wide they are. */
    int fewest(PinnedSticks pinned, Search search) {
        return relaxed(pinned.countByKind(kinds), pinned, false).solve(search).bound() + pinned.sticks().size();
    }

    /** As if every stick were wide and thick enough for all. */
    private Nesting relaxed(int[] held, PinnedSticks pinned, boolean priced) {
        List<Nesting.Bar> bars = new ArrayList<>();
        for (int i = 0; i < rack.sticks().size(); i++) {
            Stick stick = rack.sticks().get(i);
            bars.add(new Nesting.Bar(rooms(stick), stick.count() - pinned.takenOf(i), priced ? stick.cost() : 0));
        }
        pinned.sticks().forEach(begun -> bars.add(new Nesting.Bar(begun.rooms(), 1, 0, true)));
        return Nesting.of(parts(IntStream.range(0, kinds.size()).boxed().toList(), held), bars);
    }

    /** What is known of several groups: each by itself where no stick fits two, else as if every stick fitted all. */
    private Nesting.Result together(List<List<Integer>> groups, List<Nesting.Result> results, int[] held,
            PinnedSticks pinned, int sticks, double cost, Search search) {
        List<Integer> all = groups.stream().flatMap(group -> fitting(group.getFirst()).stream()).toList();
        if (all.stream().distinct().count() == all.size()) {
            return new Nesting.Result(List.of(), List.of(), results.stream().mapToInt(Nesting.Result::bound).sum(),
                    results.stream().allMatch(Nesting.Result::proved), "each width by itself: " + String.join("; ",
                            results.stream().map(Nesting.Result::proof).distinct().toList()));
        }
        Nesting relaxed = relaxed(held, pinned, true);
        Nesting.Result least = relaxed.solve(search);
        double heldCost = pinned.sticks().stream().mapToDouble(begun -> rack.sticks().get(begun.stock()).cost()).sum();
        boolean sameCost = least.isComplete() && least.cost(relaxed) + heldCost > cost - 1e-9;
        boolean met = sameCost && least.proved() && least.bound() + pinned.sticks().size() >= sticks;
        int bound = sameCost ? least.bound() : relaxed(held, pinned, false).solve(search).bound();
        return new Nesting.Result(List.of(), List.of(), bound, met, met
                ? "even if every stick were wide enough for all, " + least.proof()
                : "widths laid out one after the other");
    }
}
