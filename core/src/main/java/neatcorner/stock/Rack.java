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
 */
public record Rack(List<Stick> sticks, Length endTrim, Keep keepFrameTogether, boolean flippable) {

    public Rack {
        sticks = List.copyOf(sticks);
    }

    public Rack withSticks(List<Stick> newSticks) {
        return new Rack(newSticks, endTrim, keepFrameTogether, flippable);
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
        return new Rack(sticks, newTrim, keepFrameTogether, flippable);
    }

    public Rack withKeep(Keep keep) {
        return new Rack(sticks, endTrim, keep, flippable);
    }

    public Rack withFlippable(boolean newFlippable) {
        return new Rack(sticks, endTrim, keepFrameTogether, newFlippable);
    }

    /** The longest clear stretch on any stick there is at least one of; empty on an empty rack. */
    public Optional<Length> longestClear() {
        return sticks.stream().filter(stick -> stick.count() > 0).flatMap(stick -> stick.clear(endTrim).stream())
                .map(Span::length).max(Length::compareTo);
    }
}
