package neatcorner.fitout;

import java.util.List;
import java.util.Optional;
import neatcorner.measure.Length;
import neatcorner.measure.Units;

/**
 * A screw in wood: through one part, into another.
 *
 * @param screw  how long it is
 * @param passes what it goes through first
 * @param into   how thick the part is that holds it
 * @param spare  what must be left under its tip
 */
public record Bite(Length screw, Length passes, Length into, Length spare) {

    /** A screw holds across the grain from 10 mm or 3/8 in on: common practice. */
    public static Length least(Units units) {
        return units.either(10, 3.0 / 8);
    }

    /** Wood under the tip of a screw, so that nothing shows: 3 mm or 1/8 in, common practice. */
    public static Length spare(Units units) {
        return units.either(3, 1.0 / 8);
    }

    /** Under the face of a painted panel 2 mm or 1/16 in do: common practice. */
    public static Length spareInPanel(Units units) {
        return units.either(2, 1.0 / 16);
    }

    /** How far it goes into the part that holds it. */
    public Length bite() {
        return screw.minus(passes);
    }

    /** What is left of that part under its tip; negative where it comes through. */
    public Length left() {
        return into.minus(bite());
    }

    /** Whether it comes so near to the far face that it may show. */
    public boolean comesThrough() {
        return left().isLessThan(spare);
    }

    /** Whether it holds too little. */
    public boolean isShort(Units units) {
        return bite().isLessThan(least(units));
    }

    /** The longest that does not come through, of those at hand; none where even that holds too little. */
    public Optional<Length> best(List<Length> atHand, Units units) {
        return atHand.stream().filter(length -> {
            Bite bite = new Bite(length, passes, into, spare);
            return !bite.comesThrough() && !bite.isShort(units);
        }).max(Length::compareTo);
    }
}
