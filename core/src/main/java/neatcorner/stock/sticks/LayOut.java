package neatcorner.stock.sticks;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import neatcorner.measure.Length;
import neatcorner.piece.Piece;
import neatcorner.stock.Blanks;
import neatcorner.stock.CutPiece;
import neatcorner.stock.CutStick;
import neatcorner.stock.Keep;
import neatcorner.stock.Rack;
import neatcorner.stock.Search;
import neatcorner.stock.Span;
import neatcorner.stock.Stick;
import neatcorner.stock.StickLayout;
import org.jspecify.annotations.Nullable;

/**
 * Lays the mitred pieces of a number of equal frames out on the sticks of a rack.
 *
 * <p>A handed section (rabbet or moulded face) cannot be flipped: each piece takes the distance between its outermost points
 * and, before the next, the kerf k ÷ (cos μ · cos β) of the steeper of the two ends that meet there, since the cut that
 * frees a piece is the next one's; the V between two pieces is waste. The last pays its own. On a plain section that is
 * milled after mitring, neighbours lie end for end and share a cut: each takes (long + short)/2 and a kerf, and every clear
 * stretch loses one triangle, w·tan μ. That needs all ends alike; where they differ, pieces are not flipped.
 *
 * <p>Where ends differ, what lies between two pieces depends on the order. Laid steepest first, each needs no more than the
 * kerf of its steeper end; no order does with less than that of its right end. The first gives a layout, the second a bound,
 * and a better layout where its pieces can be put in an order that fits.
 */
public final class LayOut {
    private final List<Piece> pieces;
    private final int frames;
    private final Rack rack;
    private final Blanks blanks;
    private final Length kerf;
    private final Length rough;
    private final boolean flipping;
    private final List<List<Piece>> kinds;

    /**
     * @param pieces the pieces of one frame
     * @param frames how many frames, at least 1
     * @param blanks what the pieces are cut from, across the stick
     * @param kerf   width of wood the blade removes
     * @param rough  extra length given to each piece at its first cut, for a final trim to length; may be zero
     */
    public LayOut(List<Piece> pieces, int frames, Rack rack, Blanks blanks, Length kerf, Length rough) {
        this.pieces = List.copyOf(pieces);
        this.frames = frames;
        this.rack = rack;
        this.blanks = blanks;
        this.kerf = kerf;
        this.rough = rough;
        this.flipping = rack.flippable() && haveOneMiter(pieces);
        this.kinds = Piece.twins(pieces);
    }

    private static boolean haveOneMiter(List<Piece> pieces) {
        return pieces.stream().allMatch(piece -> piece.left().isNear(pieces.getFirst().left())
                && piece.right().isNear(pieces.getFirst().left()) && piece.left().lean() >= 0);
    }

    /** The length of stick that the piece takes at most, kerf and rough allowance included. */
    public Length taken(Piece piece) {
        return body(piece).plus(piece.kerfAtEnds(kerf)).plus(rough);
    }

    /** What it takes at least, whatever lies beside it. */
    private Length takenAtLeast(Piece piece) {
        return body(piece).plus(piece.right().along(kerf)).plus(rough);
    }

    private Length body(Piece piece) {
        return flipping ? new Length((piece.longPoint().units() + piece.shortPoint().units()) / 2) : piece.span();
    }

    /** What a clear stretch loses to the slant of its first piece when pieces lie end for end. */
    private Length triangle() {
        Piece first = pieces.getFirst();
        return flipping ? new Length((first.longPoint().units() - first.shortPoint().units()) / 2) : Length.ZERO;
    }

    /** The best layout that is found; proved the best when the search was not told to stop. */
    public StickLayout solve(Search search) {
        PinnedSticks pinned = new PinnedSticks(rack, pieces, frames, this::canLie, this::taken, triangle());
        StickLayout apart = solve(pinned, false, search);
        Keep keep = rack.keepFrameTogether();
        PinnedSticks whole = keep == Keep.NO || pinned.sticks().isEmpty() ? null : pinned.whole();
        if (whole == null) {
            return apart;
        }
        StickLayout together = solve(whole, true, search);
        boolean better = together.unplaced() == 0 && together.splitFrames() < apart.splitFrames()
                && (apart.unplaced() > 0 || !isDearer(together, apart));
        return keep == Keep.MUST
                ? together
                : better ? together.withBound(apart.bound(), apart.proved(), apart.proof()) : apart;
    }

    private static boolean isDearer(StickLayout one, StickLayout other) {
        Double cost = one.cost();
        Double less = other.cost();
        return one.sticks().size() > other.sticks().size() || (cost != null && less != null && cost > less + 1e-9);
    }

    /** @param whole whether frames of which nothing is held must each come from one stick */
    private StickLayout solve(PinnedSticks pinned, boolean whole, Search search) {
        StickLoading most = new StickLoading(kinds, frames, rack, this::canLie, this::taken, triangle());
        StickLoading.Result safe = most.solve(pinned, whole, search);
        if (flipping || pieces.stream().allMatch(piece -> taken(piece).equals(takenAtLeast(piece)))) {
            return describe(safe, safe.bound(), safe.proved(), pinned);
        }
        StickLoading close = new StickLoading(kinds, frames, rack, this::canLie, this::takenAtLeast, triangle());
        StickLoading.Result least = close.solve(pinned, whole, search);
        if (!isBetter(least, safe)) {
            return describe(safe, least.bound(), least.proved(), pinned);
        }
        StickLayout ordered = describe(least, least.bound(), least.proved(), pinned);
        return ordered.sticks().stream().allMatch(this::isWithin)
                ? ordered
                : describe(safe, close.fewest(pinned, search), false, pinned);
    }

    private boolean canLie(Piece piece, Stick stick) {
        return blanks.fits(piece, stick);
    }

    private static boolean isBetter(StickLoading.Result one, StickLoading.Result other) {
        if (one.unplaced() != other.unplaced()) {
            return one.unplaced() < other.unplaced();
        }
        return Math.abs(one.cost() - other.cost()) > 1e-9
                ? one.cost() < other.cost()
                : one.sticks().size() < other.sticks().size();
    }

    /** Whether all that lies on a stick ends before its clear stretches do. */
    private boolean isWithin(CutStick stick) {
        return stick.cuts().stream().allMatch(cut -> stick.stick().clear(rack.endTrim()).stream()
                .anyMatch(clear -> clear.contains(cut.at()) && !cut.next().isMoreThan(clear.to())));
    }

    private StickLayout describe(StickLoading.Result result, int bound, boolean proved, PinnedSticks pinned) {
        List<StickLoading.Loaded> loaded = result.sticks().stream().map(StickLoading.Loaded::copy).toList();
        int split = nameFrames(loaded, pinned);
        for (int i = 0; i < pinned.sticks().size(); i++) {
            loaded.get(i).add(pinned.sticks().get(i), this::kindOf);
        }
        List<CutStick> sticks = loaded.stream().filter(stick -> !stick.named.isEmpty()).map(this::place).toList();
        boolean priced = rack.sticks().stream().anyMatch(stick -> stick.price() != null);
        double cost = sticks.stream().mapToDouble(stick -> stick.stick().cost()).sum();
        String proof = proved == result.proved() ? result.proof() : "the order of the pieces may save a kerf";
        return new StickLayout(sticks, result.unplaced(), result.unplaced() > 0 ? 0 : bound, proved,
                pinned.sticks().isEmpty() ? proof : proof + ", around the pieces that you hold",
                priced ? (Double) cost : null, split);
    }

    /** A piece with the number of its frame, before it has a place. */
    record Named(Piece piece, int frame) {}

    /**
     * Gives whole frames to sticks that can hold them, then deals out the rest; returns how many frames are split. Rings
     * that are set against a frame may come from other sticks.
     */
    private int nameFrames(List<StickLoading.Loaded> sticks, PinnedSticks pinned) {
        List<Integer> ofTheFrame = IntStream.range(0, kinds.size())
                .filter(kind -> kinds.get(kind).getFirst().place().ring().isEmpty()).boxed().toList();
        List<Integer> untouched = IntStream.rangeClosed(1, frames).filter(frame -> !pinned.isTouched(frame)).boxed()
                .toList();
        Set<Integer> dealt = new HashSet<>();
        List<int[]> open = new ArrayList<>();
        for (StickLoading.Loaded stick : sticks) {
            int[] counts = stick.countsByKind(kinds.size());
            int whole = untouched.size() - dealt.size();
            for (int kind : ofTheFrame) {
                whole = Math.min(whole, counts[kind] / kinds.get(kind).size());
            }
            for (int i = 0; i < whole; i++) {
                int frame = untouched.get(dealt.size());
                dealt.add(frame);
                for (int kind : ofTheFrame) {
                    counts[kind] -= kinds.get(kind).size();
                    kinds.get(kind).forEach(piece -> stick.named.add(new Named(piece, frame)));
                }
            }
            open.add(counts);
        }
        int split = (int) IntStream.rangeClosed(1, frames)
                .filter(frame -> !dealt.contains(frame) && !pinned.isWhole(frame)).count();
        for (int kind = 0; kind < kinds.size(); kind++) {
            Deque<Named> waiting = new ArrayDeque<>();
            for (int frame = 1; frame <= frames; frame++) {
                if (dealt.contains(frame) && ofTheFrame.contains(kind)) {
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

    private CutStick place(StickLoading.Loaded loaded) {
        Stick stick = rack.sticks().get(loaded.stock);
        List<Named> waiting = new ArrayList<>(loaded.named);
        waiting.sort(Comparator.comparingInt(Named::frame).thenComparing(named -> named.piece.name()));
        List<CutPiece> cuts = new ArrayList<>();
        List<Span> clear = stick.clear(rack.endTrim());
        Length longest = Length.ZERO;
        for (int room = 0; room < clear.size(); room++) {
            Length at = clear.get(room).from();
            List<Named> lying = new NeighbourOrder(this::kerfBetween).within(
                    takeForRoom(waiting, loaded.rooms.get(room)), clear.get(room).length(),
                    named -> body(named.piece).plus(rough));
            boolean flipped = false;
            for (int i = 0; i < lying.size(); i++) {
                Named named = lying.get(i);
                Length next = at.plus(body(named.piece)).plus(rough)
                        .plus(kerfBetween(named, i + 1 < lying.size() ? lying.get(i + 1) : null));
                cuts.add(new CutPiece(named.piece, named.frame, at, next, flipped));
                at = next;
                flipped = flipping != flipped;
            }
            Length lost = lying.isEmpty() ? Length.ZERO : triangle();
            longest = Length.max(longest, clear.get(room).to().minus(at).minus(lost));
        }
        return new CutStick(stick, loaded.stock, loaded.number, cuts, longest);
    }

    /** The kerf behind a piece: of the steeper of the two ends that meet there; its own where nothing follows. */
    private Length kerfBetween(Named named, @Nullable Named next) {
        Length own = named.piece.right().along(kerf);
        return next == null ? own : Length.max(own, next.piece.left().along(kerf));
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
