package neatcorner.stock;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.Deque;
import java.util.List;
import neatcorner.measure.Length;
import neatcorner.piece.Piece;

/**
 * Lays the mitred pieces of a number of equal frames out on the sticks of a rack.
 *
 * <p>A handed section (rabbet or moulded face) cannot be flipped: each piece takes its long point and the width of the
 * slanted saw kerf, k/cos μ with μ the larger of its miters, and the V between two pieces is waste. On a plain section
 * that is milled after mitring, neighbours lie end for end and share a cut: each takes (long + short)/2 + k/cos μ, and
 * every clear stretch loses one triangle, w·tan μ. That needs all miters alike; where they differ, pieces are not flipped.
 */
public final class LayOut {
    private final List<Piece> pieces;
    private final int frames;
    private final Rack rack;
    private final Length kerf;
    private final Length rough;
    private final boolean flipping;
    private final List<List<Piece>> kinds;

    /**
     * @param pieces the pieces of one frame
     * @param frames how many frames, at least 1
     * @param kerf   width of wood the blade removes
     * @param rough  extra length given to each piece at its first cut, for a final trim to length; may be zero
     */
    public LayOut(List<Piece> pieces, int frames, Rack rack, Length kerf, Length rough) {
        this.pieces = List.copyOf(pieces);
        this.frames = frames;
        this.rack = rack;
        this.kerf = kerf;
        this.rough = rough;
        this.flipping = rack.flippable() && haveOneMiter(pieces);
        this.kinds = Piece.twins(pieces);
    }

    private static boolean haveOneMiter(List<Piece> pieces) {
        return pieces.stream().allMatch(piece -> piece.left().isNear(pieces.getFirst().left())
                && piece.right().isNear(pieces.getFirst().left()));
    }

    /** The length of stick that the piece takes, kerf and rough allowance included. */
    public Length taken(Piece piece) {
        Length body = flipping
                ? new Length((piece.longPoint().units() + piece.shortPoint().units()) / 2)
                : piece.longPoint();
        return body.plus(piece.kerfAtMiter(kerf)).plus(rough);
    }

    /** What a clear stretch loses to the slant of its first piece when pieces lie end for end. */
    private Length triangle() {
        Piece first = pieces.getFirst();
        return flipping ? new Length((first.longPoint().units() - first.shortPoint().units()) / 2) : Length.ZERO;
    }

    public StickLayout solve(Search search) {
        PinnedSticks pinned = new PinnedSticks(rack, pieces, frames, this::taken, triangle());
        int[] held = pinned.countByKind(kinds);
        List<Nesting.Part> parts = new ArrayList<>();
        for (int kind = 0; kind < kinds.size(); kind++) {
            parts.add(new Nesting.Part(taken(kinds.get(kind).getFirst()),
                    kinds.get(kind).size() * frames - held[kind]));
        }
        List<Nesting.Bar> bars = new ArrayList<>();
        for (int i = 0; i < rack.sticks().size(); i++) {
            Stick stick = rack.sticks().get(i);
            bars.add(new Nesting.Bar(rooms(stick), stick.count() - pinned.takenOf(i), stick.cost()));
        }
        for (PinnedSticks.Begun begun : pinned.sticks()) {
            bars.add(new Nesting.Bar(begun.rooms(), 1, 0, true));
        }
        boolean free = pinned.sticks().isEmpty();
        List<Integer> frame = free ? kinds.stream().map(List::size).toList() : List.of();
        Nesting nesting = new Nesting(parts, bars, frame, free ? rack.keepFrameTogether() : Keep.NO);
        return describe(nesting.solve(search), pinned);
    }

    private List<Length> rooms(Stick stick) {
        return stick.clear(rack.endTrim()).stream()
                .map(span -> Length.max(Length.ZERO, span.length().minus(triangle()))).toList();
    }

    private StickLayout describe(Nesting.Result result, PinnedSticks pinned) {
        List<Loaded> loaded = new ArrayList<>();
        for (PinnedSticks.Begun begun : pinned.sticks()) {
            loaded.add(new Loaded(begun.stock(), begun.number(), empty(begun.rooms().size())));
        }
        int[] used = new int[rack.sticks().size()];
        for (Nesting.Filling filling : result.fillings()) {
            int own = filling.bar() - rack.sticks().size();
            if (own >= 0) {
                Loaded begun = loaded.get(own);
                loaded.set(own, new Loaded(begun.stock, begun.number, filling.counts()));
                continue;
            }
            for (int i = 0; i < filling.times(); i++) {
                do {
                    used[filling.bar()]++;
                } while (pinned.isBegun(filling.bar(), used[filling.bar()]));
                loaded.add(new Loaded(filling.bar(), used[filling.bar()], filling.counts()));
            }
        }
        int split = nameFrames(loaded, pinned);
        for (int i = 0; i < pinned.sticks().size(); i++) {
            loaded.get(i).add(pinned.sticks().get(i), this::kindOf);
        }
        List<CutStick> sticks = loaded.stream().map(this::place).toList();
        boolean priced = rack.sticks().stream().anyMatch(stick -> stick.price() != null);
        double cost = sticks.stream().mapToDouble(stick -> stick.stick().cost()).sum();
        int unplaced = result.missing().stream().mapToInt(Integer::intValue).sum();
        int bound = result.isComplete() ? result.bound() + pinned.sticks().size() : result.bound();
        return new StickLayout(sticks, unplaced, bound, result.proved(),
                pinned.sticks().isEmpty() ? result.proof() : result.proof() + ", around the pieces that you hold",
                priced ? (Double) cost : null, split);
    }

    private List<List<Integer>> empty(int rooms) {
        return Collections.nCopies(rooms, Collections.nCopies(kinds.size(), 0));
    }

    /** A piece with the number of its frame, before it has a place. */
    record Named(Piece piece, int frame) {}

    /** A stick with the kinds of piece that lie in each clear stretch, and the pieces chosen for it. */
    private static final class Loaded {
        final int stock;
        final int number;
        final List<List<Integer>> rooms;
        final List<Named> named = new ArrayList<>();

        Loaded(int stock, int number, List<List<Integer>> rooms) {
            this.stock = stock;
            this.number = number;
            this.rooms = rooms.stream().<List<Integer>>map(ArrayList::new).collect(
                    java.util.stream.Collectors.toCollection(ArrayList::new));
        }

        int[] countsByKind(int kinds) {
            int[] counts = new int[kinds];
            rooms.forEach(room -> Arrays.setAll(counts, kind -> counts[kind] + room.get(kind)));
            return counts;
        }

        /** The pieces that are held here, in the rooms found for them. */
        void add(PinnedSticks.Begun begun, java.util.function.ToIntFunction<Piece> kindOf) {
            for (int room = 0; room < begun.held().size(); room++) {
                for (Named held : begun.held().get(room)) {
                    int kind = kindOf.applyAsInt(held.piece);
                    rooms.get(room).set(kind, rooms.get(room).get(kind) + 1);
                    named.add(held);
                }
            }
        }
    }

    /** Gives whole frames to sticks that can hold them, then deals out the rest; returns how many frames are split. */
    private int nameFrames(List<Loaded> sticks, PinnedSticks pinned) {
        int next = pinned.firstFreeFrame();
        int first = next;
        List<int[]> open = new ArrayList<>();
        for (Loaded stick : sticks) {
            int[] counts = stick.countsByKind(kinds.size());
            int whole = frames - next + 1;
            for (int kind = 0; kind < counts.length; kind++) {
                whole = Math.min(whole, counts[kind] / kinds.get(kind).size());
            }
            for (int i = 0; i < whole; i++, next++) {
                for (int kind = 0; kind < counts.length; kind++) {
                    counts[kind] -= kinds.get(kind).size();
                    int frame = next;
                    kinds.get(kind).forEach(piece -> stick.named.add(new Named(piece, frame)));
                }
            }
            open.add(counts);
        }
        int split = frames - (next - first);
        for (int kind = 0; kind < kinds.size(); kind++) {
            Deque<Named> waiting = new ArrayDeque<>();
            for (int frame = 1; frame <= frames; frame++) {
                if (frame >= first && frame < next) {
                    continue;
                }
                for (Piece piece : kinds.get(kind)) {
                    if (!pinned.holds(piece, frame)) {
                        waiting.add(new Named(piece, frame));
                    }
                }
            }
            for (int i = 0; i < sticks.size(); i++) {
                for (int n = 0; n < open.get(i)[kind] && !waiting.isEmpty(); n++) {
                    sticks.get(i).named.add(waiting.remove());
                }
            }
        }
        return split;
    }

    private CutStick place(Loaded loaded) {
        Stick stick = rack.sticks().get(loaded.stock);
        List<Named> waiting = new ArrayList<>(loaded.named);
        waiting.sort(Comparator.comparingInt(Named::frame).thenComparing(named -> named.piece.name()));
        List<CutPiece> cuts = new ArrayList<>();
        List<Span> clear = stick.clear(rack.endTrim());
        Length longest = Length.ZERO;
        for (int room = 0; room < clear.size(); room++) {
            Length at = clear.get(room).from();
            boolean flipped = false;
            for (Named named : takeForRoom(waiting, loaded.rooms.get(room))) {
                cuts.add(new CutPiece(named.piece, named.frame, at, flipped));
                at = at.plus(taken(named.piece));
                flipped = flipping != flipped;
            }
            Length lost = at.equals(clear.get(room).from()) ? Length.ZERO : triangle();
            longest = Length.max(longest, clear.get(room).to().minus(at).minus(lost));
        }
        return new CutStick(stick, loaded.stock, loaded.number, cuts, longest);
    }

    private List<Named> takeForRoom(List<Named> waiting, List<Integer> counts) {
        int[] open = counts.stream().mapToInt(Integer::intValue).toArray();
        List<Named> taken = new ArrayList<>();
        for (Named named : List.copyOf(waiting)) {
            int kind = kindOf(named.piece);
            if (open[kind] > 0) {
                open[kind]--;
                taken.add(named);
                waiting.remove(named);
            }
        }
        return taken;
    }

    private int kindOf(Piece piece) {
        for (int kind = 0; kind < kinds.size(); kind++) {
            if (kinds.get(kind).contains(piece)) {
                return kind;
            }
        }
        throw new IllegalArgumentException("no such piece: " + piece.name());
    }
}
