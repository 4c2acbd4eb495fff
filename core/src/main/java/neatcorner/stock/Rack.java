package neatcorner.stock;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import neatcorner.measure.Length;

/**
 * The wood and the sheets at hand and how they may be used.
 *
 * @param endTrim     cut off the start of every stick, where it is bruised or out of square
 * @param flippable   whether pieces may lie end for end with shared miters: only for a plain section, milled after mitring
 * @param scarf       slope of the joint in pieces longer than any stick, as run for each one of rise; 0 when there may be none
 * @param leastOffcut shorter ends are not worth keeping
 * @param pins        pieces that the maker gave to a stick
 * @param boards      rough lumber, not yet milled to sticks
 * @param sheets      of glass, mat, backing
 */
@RecordBuilder
public record Rack(List<Stick> sticks, Length endTrim, Keep keepFrameTogether, boolean flippable, double scarf,
        Length leastOffcut, List<Pin> pins, List<RoughBoard> boards, List<Sheet> sheets) implements RackBuilder.With {
    /** No rack has more kinds of sticks, boards or sheets, and no stick more defects. */
    public static final int MOST_KINDS = 1_000;

    /** Shorter ends are burnt or thrown away: common practice. */
    public static final Length LEAST_OFFCUT = Length.mm(300);

    public Rack {
        sticks = List.copyOf(sticks);
        pins = List.copyOf(pins);
        boards = List.copyOf(boards);
        sheets = List.copyOf(sheets);
    }

    /** Sticks only. */
    public Rack(List<Stick> sticks, Length endTrim, Keep keepFrameTogether, boolean flippable, double scarf) {
        this(sticks, endTrim, keepFrameTogether, flippable, scarf, LEAST_OFFCUT, List.of(), List.of(), List.of());
    }

    /** Without scarfs. */
    public Rack(List<Stick> sticks, Length endTrim, Keep keepFrameTogether, boolean flippable) {
        this(sticks, endTrim, keepFrameTogether, flippable, 0);
    }

    /** Other sticks; what was pinned to a kind that is gone is free again. */
    @Override
    public Rack withSticks(List<Stick> newSticks) {
        List<Pin> kept = pins.stream().filter(pin -> pin.stock() < newSticks.size()
                && pin.number() <= newSticks.get(pin.stock()).count()).toList();
        return new Rack(newSticks, endTrim, keepFrameTogether, flippable, scarf, leastOffcut, kept, boards, sheets);
    }

    /** With one kind of stick changed; as it is when it has no such kind. */
    public Rack withStick(int index, UnaryOperator<Stick> change) {
        if (index >= sticks.size()) {
            return this;
        }
        List<Stick> changed = new ArrayList<>(sticks);
        changed.set(index, change.apply(sticks.get(index)));
        return withSticks(changed);
    }

    /**
     * With a knot, a split or another defect in one stick, which no piece may touch. Where there are several of its kind, that
     * one becomes a kind of its own, after them; what was pinned to it stays with it.
     *
     * @param number which of its kind, from 1; 0 for one that nothing is cut from
     */
    public Rack withDefect(int stock, int number, Span defect) {
        if (stock >= sticks.size()) {
            return this;
        }
        Stick kind = sticks.get(stock);
        List<Span> defects = new ArrayList<>(kind.defects());
        defects.add(defect);
        if (kind.count() <= 1) {
            return withStick(stock, stick -> stick.withDefects(defects));
        }
        List<Stick> changed = new ArrayList<>(sticks);
        changed.set(stock, kind.withCount(kind.count() - 1));
        changed.add(stock + 1, kind.withCount(1).withDefects(defects).withName(unusedName(kind.name() + " · knot")));
        List<Pin> moved = pins.stream().map(pin -> moved(pin, stock, number)).toList();
        return withPins(List.of()).withSticks(changed).withPins(moved);
    }

    private static Pin moved(Pin pin, int stock, int number) {
        if (pin.stock() > stock) {
            return new Pin(pin.piece(), pin.frame(), pin.stock() + 1, pin.number());
        }
        if (pin.stock() < stock || number == 0 || pin.number() < number) {
            return pin;
        }
        return pin.number() == number
                ? new Pin(pin.piece(), pin.frame(), stock + 1, 1)
                : new Pin(pin.piece(), pin.frame(), stock, pin.number() - 1);
    }

    private String unusedName(String name) {
        String free = name;
        for (int i = 2; isUsed(free); i++) {
            free = name + " " + i;
        }
        return free;
    }

    private boolean isUsed(String name) {
        return sticks.stream().anyMatch(stick -> stick.name().equals(name));
    }

    /** With one more kind of stick, after all others. */
    public Rack plusStick(Stick stick) {
        List<Stick> changed = new ArrayList<>(sticks);
        changed.add(stick);
        return withSticks(changed);
    }

    /** Without one kind of stick; pins on those after it follow them. */
    public Rack withoutStick(int index) {
        List<Stick> changed = new ArrayList<>(sticks);
        changed.remove(index);
        List<Pin> kept = pins.stream().filter(pin -> pin.stock() != index)
                .map(pin -> pin.stock() < index
                        ? pin
                        : new Pin(pin.piece(), pin.frame(), pin.stock() - 1, pin.number()))
                .toList();
        return withPins(List.of()).withSticks(changed).withPins(kept);
    }

    /** With frames kept together, or not. */
    public Rack withKeep(Keep keep) {
        return new Rack(sticks, endTrim, keep, flippable, scarf, leastOffcut, pins, boards, sheets);
    }

    /** With a piece given to a stick, wherever it was before. */
    public Rack pinned(Pin pin) {
        List<Pin> changed = new ArrayList<>(released(pin.piece(), pin.frame()).pins);
        changed.add(pin);
        return withPins(changed);
    }

    /** With a piece free to lie anywhere. */
    public Rack released(String piece, int frame) {
        return withPins(pins.stream().filter(pin -> !pin.piece().equals(piece) || pin.frame() != frame).toList());
    }

    /** The longest clear stretch on any stick there is at least one of; empty on an empty rack. */
    public Optional<Length> longestClear() {
        return sticks.stream().filter(stick -> stick.count() > 0).flatMap(stick -> stick.clear(endTrim).stream())
                .map(Span::length).max(Length::compareTo);
    }
}
