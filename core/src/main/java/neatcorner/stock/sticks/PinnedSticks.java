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

/**
 * The sticks that pieces are pinned to, and what room those leave. Pins on pieces, frames or sticks that are not there, and
 * those for which a stick has no room, are passed over.
 */
final class PinnedSticks {
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

    /** The first frame after all those of which a piece is held. */
    int firstFreeFrame() {
        return held.stream().mapToInt(LayOut.Named::frame).max().orElse(0) + 1;
    }
}
