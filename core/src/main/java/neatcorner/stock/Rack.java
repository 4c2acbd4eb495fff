package neatcorner.stock;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import neatcorner.measure.Length;

/**
 * The sticks at hand and how they may be used.
 *
 * @param endTrim   cut off the start of every stick, where it is bruised or out of square
 * @param flippable whether pieces may lie end for end with shared miters: only for a plain section, milled after mitring
 * @param scarf     slope of the joint in pieces longer than any stick, as run for each one of rise; 0 when there may be none
 */
public record Rack(List<Stick> sticks, Length endTrim, Keep keepFrameTogether, boolean flippable, double scarf) {

    public Rack {
        sticks = List.copyOf(sticks);
    }

    /** Without scarfs. */
    public Rack(List<Stick> sticks, Length endTrim, Keep keepFrameTogether, boolean flippable) {
        this(sticks, endTrim, keepFrameTogether, flippable, 0);
    }

    public Rack withSticks(List<Stick> newSticks) {
        return new Rack(newSticks, endTrim, keepFrameTogether, flippable, scarf);
    }

    public Rack withStick(int index, Stick stick) {
        List<Stick> changed = new ArrayList<>(sticks);
        changed.set(index, stick);
        return withSticks(changed);
    }

    public Rack plusStick(Stick stick) {
        List<Stick> changed = new ArrayList<>(sticks);
        changed.add(stick);
        return withSticks(changed);
    }

    public Rack withoutStick(int index) {
        List<Stick> changed = new ArrayList<>(sticks);
        changed.remove(index);
        return withSticks(changed);
    }

    public Rack withEndTrim(Length newTrim) {
        return new Rack(sticks, newTrim, keepFrameTogether, flippable, scarf);
    }

    public Rack withKeep(Keep keep) {
        return new Rack(sticks, endTrim, keep, flippable, scarf);
    }

    public Rack withFlippable(boolean newFlippable) {
        return new Rack(sticks, endTrim, keepFrameTogether, newFlippable, scarf);
    }

    public Rack withScarf(double slope) {
        return new Rack(sticks, endTrim, keepFrameTogether, flippable, slope);
    }

    /** The longest clear stretch on any stick there is at least one of; empty on an empty rack. */
    public Optional<Length> longestClear() {
        return sticks.stream().filter(stick -> stick.count() > 0).flatMap(stick -> stick.clear(endTrim).stream())
                .map(Span::length).max(Length::compareTo);
    }
}
