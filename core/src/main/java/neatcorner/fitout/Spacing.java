package neatcorner.fitout;

import java.util.ArrayList;
import java.util.List;
import neatcorner.measure.Length;
import neatcorner.measure.Units;

/**
 * How points, clips or screws are set out along a side. Common practice.
 *
 * @param first of the outermost ones from the ends of the side; zero sets out equal spaces all along, the ends included
 * @param most  no two lie further apart
 */
public record Spacing(Length first, Length most) {
    private static final int MOST = 10_000;

    /** Retainers: one within 50 mm or 2 in of each corner, then every 100 mm or 4 in or less. */
    public static Spacing retainers(Units units) {
        return new Spacing(units.either(50, 2), units.either(100, 4));
    }

    /** Screws: the first 100 mm or 4 in from the ends, the rest in equal spaces of at most 200 mm or 8 in. */
    public static Spacing screws(Units units) {
        return new Spacing(units.either(100, 4), units.either(200, 8));
    }

    /** The few screws of a strainer, at halves or thirds of its side: spaces of at most 225 mm or 9 in. */
    public static Spacing strainer(Units units) {
        return new Spacing(Length.ZERO, units.either(225, 9));
    }

    /** Whether the spaces at the ends are as wide as the others. */
    public boolean isEven() {
        return !first.isPositive();
    }

    /**
     * Where screws go along a side of this length, from its start: two on a short one, one in the middle of a side on which
     * two would come too near to each other. None on a side without length.
     */
    public List<Length> screws(Length side) {
        if (!side.isPositive()) {
            return List.of();
        }
        if (isEven()) {
            int spaces = Math.max(2, spaces(side));
            return between(Length.ZERO, side, spaces).subList(1, spaces);
        }
        Length rest = side.minus(first.times(2));
        if (rest.isLessThan(first.scaled(0.5))) {
            return List.of(side.scaled(0.5));
        }
        return between(first, side.minus(first), spaces(rest));
    }

    /** Where retainers go along a side of this length, from its start: two at least. None on a side without length. */
    public List<Length> retainers(Length side) {
        if (!side.isPositive()) {
            return List.of();
        }
        Length end = Length.min(first, side.scaled(0.25));
        return between(end, side.minus(end), spaces(side.minus(end.times(2))));
    }

    private int spaces(Length stretch) {
        if (!most.isPositive()) {
            return 1;
        }
        long count = (stretch.units() + most.units() - 1) / most.units();
        return (int) Math.max(1, Math.min(MOST, count));
    }

    private static List<Length> between(Length from, Length to, int spaces) {
        List<Length> places = new ArrayList<>(spaces + 1);
        for (int i = 0; i <= spaces; i++) {
            places.add(from.plus(new Length(to.minus(from).units() * i / spaces)));
        }
        return places;
    }
}
