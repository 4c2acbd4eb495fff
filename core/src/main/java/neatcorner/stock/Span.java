package neatcorner.stock;

import neatcorner.measure.Length;

/** A stretch along a stick, measured from its left end. */
public record Span(Length from, Length to) {

    public Length length() {
        return to.minus(from);
    }

    public boolean contains(Length at) {
        return !at.isLessThan(from) && !at.isMoreThan(to);
    }

    public boolean overlaps(Span other) {
        return from.isLessThan(other.to) && other.from.isLessThan(to);
    }
}
