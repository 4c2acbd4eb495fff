package neatcorner.exchange.job;

import neatcorner.measure.Length;
import neatcorner.measure.Units;

/** What the lengths of a way of holding count as where a file of version 1 does not say them; these stay as they are. */
final class Holds {
    private Holds() {}

    static Length gap(Units units) {
        return units.either(6, 1.0 / 4);
    }

    static Length panelPlay(Units units) {
        return units.either(0.75, 1.0 / 32);
    }

    static Length beyond(Units units) {
        return units.either(25, 1);
    }

    static Length fold(Units units) {
        return units.either(25, 1);
    }
}
