package neatcorner.glueup;

import io.soabase.recordbuilder.core.RecordBuilder;
import neatcorner.measure.Length;

/**
 * Clamps of one kind that a shop has.
 *
 * @param reach what it goes round or opens to
 * @param force how hard it pulls, N
 * @param count how many there are
 */
@RecordBuilder
public record Clamp(Kind kind, String name, Length reach, double force, int count) implements ClampBuilder.With {

    /** What it is. */
    public enum Kind {
        /** A band round all corners with a tightener. */
        BAND("band clamp"),
        /** Holds one corner at its angle. */
        CORNER("corner clamp"),
        /** A bar with two jaws. */
        BAR("bar clamp");

        private final String title;

        Kind(String title) {
            this.title = title;
        }

        /** What it is called, in US words. */
        public String title() {
            return title;
        }
    }
}
