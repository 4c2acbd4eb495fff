package neatcorner.desktop.station.sticks;

import neatcorner.stock.Span;

/** Hears of a knot, a split or another defect that a stick turns out to have. */
@FunctionalInterface
interface Knots {

    /**
     * One stick of a kind has one.
     *
     * @param number which of the sticks of a kind, from 1; 0 for any that nothing is cut from
     */
    void found(int stock, int number, Span defect);
}
