package neatcorner.fitout;

import io.soabase.recordbuilder.core.RecordBuilder;
import neatcorner.measure.Length;
import neatcorner.measure.Units;

/**
 * What keeps the pack in: of which kind, how long each is, and how they are set out.
 *
 * @param length of a point, a nail or a clip's screw; how far blocks and triangles reach along the wall
 */
@RecordBuilder
public record Retainers(RetainerKind kind, Length length, Spacing spacing) implements RetainersBuilder.With {

    /** Points of 13 mm or 1/2 in. */
    public static Retainers usual(Units units) {
        return of(RetainerKind.POINTS, units);
    }

    /** Of a kind, in the size that is commonly used. */
    public static Retainers of(RetainerKind kind, Units units) {
        return new Retainers(kind, kind.usual(units), Spacing.retainers(units));
    }

    /** How deep one goes into wood: a driven one half its length, the screw of a clip all of it, others not at all. */
    public Length into() {
        return switch (kind.way()) {
            case DRIVEN -> length.scaled(0.5);
            case SCREWED -> length;
            case GLUED -> Length.ZERO;
        };
    }
}
