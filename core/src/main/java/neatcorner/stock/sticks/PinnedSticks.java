package neatcorner.stock.sticks;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.BiPredicate;
import java.util.function.Function;
import neatcorner.measure.Length;
import neatcorner.piece.Piece;
import neatcorner.stock.Pin;
import neatcorner.stock.Rack;
import neatcorner.stock.Span;
import neatcorner.stock.Stick;
import org.jspecify.annotations.Nullable;

/**
 * The sticks that pieces are pinned to, and what room those leave. Pins on pieces, frames or sticks that are not there, and
 * those for which a stick has no room, are passed over.
 */
final class PinnedSticks {
    private final Rack rack;
    private final List<Piece> pieces;
    private final int frames;
    private final BiPredicate<Piece, Stick> fits;
    private final Function<Piece, Length> taken;
    private final Length triangle;
    private final List<Begun> sticks = new ArrayList<>();
    private final List<LayOut.Named> held = new ArrayList<>();

    /**
     * A stick with pieces that stay on it.
     *
     * @param rooms what is left of its clear stretches
     * @param held  the pieces in each
     */
    record Begun(int stock, int number, List<Length> rooms, List<List<LayOut.Named>> held) {}

    private record Key(int stock, int number) {}

    PinnedSticks(Rack rack, List<Piece> pieces, int frames, BiPredicate<Piece, Stick> fits,
            Function<Piece, Length> taken, Length triangle) {
        this.rack = rack;
        this.pieces = pieces;
        this.frames = frames;
        this.fits = fits;
        this.taken = taken;
        this.triangle = triangle;
        Map<Key, List<LayOut.Named>> wanted = new LinkedHashMap<>();
        Set<LayOut.Named> once = new HashSet<>();
        for (Pin pin : rack.pins()) {
            boolean there = pin.stock() < rack.sticks().size() && pin.stock() >= 0 && pin.number() >= 1
                    && pin.number() <= rack.sticks().get(pin.stock()).count() && pin.frame() >= 1
                    && pin.frame() <= frames;
            pieces.stream().filter(piece -> there && piece.name().equals(pin.piece())
                    && fits.test(piece, rack.sticks().get(pin.stock()))).findFirst()
                    .map(piece -> new LayOut.Named(piece, pin.frame())).filter(once::add)
                    .ifPresent(named -> wanted.computeIfAbsent(new Key(pin.stock(), pin.number()),
                            key -> new ArrayList<>()).add(named));
        }
        wanted.forEach((key, named) -> begin(rack, key, named, taken, triangle));
    }

    private void begin(Rack rack, Key key, List<LayOut.Named> named, Function<Piece, Length> taken, Length triangle) {
        List<Span> clear = rack.sticks().get(key.stock).clear(rack.endTrim());
        Length[] rooms = clear.stream().map(span -> Length.max(Length.ZERO, span.length().minus(triangle)))
                .toArray(Length[]::new);
        List<List<LayOut.Named>> contents = new ArrayList<>();
        clear.forEach(span -> contents.add(new ArrayList<>()));
        named.sort((a, b) -> taken.apply(b.piece()).compareTo(taken.apply(a.piece())));
        for (LayOut.Named each : named) {
            Length length = taken.apply(each.piece());
            int best = -1;
            for (int room = 0; room < rooms.length; room++) {
                boolean fits = !length.isMoreThan(rooms[room]);
                if (fits && (best < 0 || rooms[room].isLessThan(rooms[best]))) {
                    best = room;
                }
            }
            if (best >= 0) {
                rooms[best] = rooms[best].minus(length);
                contents.get(best).add(each);
                held.add(each);
            }
        }
        if (contents.stream().anyMatch(room -> !room.isEmpty())) {
            sticks.add(new Begun(key.stock, key.number, Arrays.asList(rooms), contents));
        }
    }

    List<Begun> sticks() {
        return sticks;
    }

    /** How many sticks of a kind are begun. */
    int takenOf(int stock) {
        return (int) sticks.stream().filter(stick -> stick.stock == stock).count();
    }

    boolean isBegun(int stock, int number) {
        return sticks.stream().anyMatch(stick -> stick.stock == stock && stick.number == number);
    }

    boolean holds(Piece piece, int frame) {
        return held.stream().anyMatch(named -> named.frame() == frame && named.piece().name().equals(piece.name()));
    }

    /** How many pieces of each kind are held. */
    int[] countByKind(List<List<Piece>> kinds) {
        int[] counts = new int[kinds.size()];
        for (LayOut.Named named : held) {
            for (int kind = 0; kind < counts.length; kind++) {
                counts[kind] += kinds.get(kind).contains(named.piece()) ? 1 : 0;
            }
        }
        return counts;
    }

    /** Whether any piece of the frame itself is held, of that number. */
    boolean isTouched(int frame) {
        return held.stream().anyMatch(named -> named.frame() == frame && isOfTheFrame(named.piece()));
    }

    /** Whether all pieces of the frame itself are held, and all on one stick. */
    boolean isWhole(int frame) {
        List<Piece> all = pieces.stream().filter(PinnedSticks::isOfTheFrame).toList();
        return sticks.stream().anyMatch(stick -> all.stream().allMatch(piece -> stick.held.stream()
                .flatMap(List::stream).anyMatch(named -> named.frame() == frame
                        && named.piece().name().equals(piece.name()))));
    }

    private static boolean isOfTheFrame(Piece piece) {
        return piece.place().ring().isEmpty();
    }

    /**
     * With the rest of every frame of which a piece is held on a stick on which it is held, the same one if there is room; null
     * where there is none.
     */
    @Nullable
    PinnedSticks whole() {
        PinnedSticks whole = this;
        for (int frame = 1; frame <= frames; frame++) {
            List<Begun> here = holding(frame);
            for (Piece piece : pieces) {
                if (!here.isEmpty() && isOfTheFrame(piece) && !whole.holds(piece, frame)) {
                    whole = whole.with(piece, frame, here);
                    if (whole == null) {
                        return null;
                    }
                }
            }
        }
        return whole;
    }

    private List<Begun> holding(int frame) {
        return sticks.stream().filter(stick -> stick.held.stream().flatMap(List::stream)
                .anyMatch(named -> named.frame() == frame && isOfTheFrame(named.piece()))).toList();
    }

    private @Nullable PinnedSticks with(Piece piece, int frame, List<Begun> among) {
        for (Begun stick : among) {
            List<Pin> pins = new ArrayList<>(rack.pins());
            pins.add(new Pin(piece.name(), frame, stick.stock, stick.number));
            PinnedSticks more = new PinnedSticks(rack.withPins(pins), pieces, frames, fits, taken, triangle);
            if (more.held.size() > held.size()) {
                return more;
            }
        }
        return null;
    }
}
