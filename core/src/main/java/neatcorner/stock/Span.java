package neatcorner.stock;

import neatcorner.measure.Length;

/** A stretch along a stick, measured from its left end. */
public record Span(Length from, Length to) {

    /** From its start to its end. */
    public Length length() {
        return to.minus(from);
    }

    /** Whether a place lies in it, its ends included. */
    public boolean contains(Length at) {
        return !at.isLessThan(from) && !at.isMoreThan(to);
    }

    /** Whether the two have more than an end in common. */
    public boolean overlaps(Span other) {
        return from.isLessThan(other.to) && other.from.isLessThan(to);
    }
}
