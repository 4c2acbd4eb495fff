package neatcorner.measure;

import java.math.BigDecimal;
import java.math.RoundingMode;

/**
 * How a shop writes its figures and words: units, finest step, spelling.
 *
 * <p>Lengths are rounded half up to the step; what lies between two marks is said to be full or shy of the nearer one.
 */
public record Notation(ReadingStep step, Spelling spelling) {
    /** Wood does not know the difference, and no eye reads it off a rule: 0.05 mm. Common practice. */
    private static final long UNSEEN = Length.PER_MM / 20;
    private static final double POUNDS = 2.204_623;

    /** The usual reading step of a system, in US words. */
    public static Notation of(Units units) {
        return new Notation(ReadingStep.usual(units), Spelling.US);
    }

    /** The system in which lengths are read. */
    public Units units() {
        return step.units();
    }

    /**
     * The text in the shop's spelling, with the sizes of its system where the text says both, as in <code>[3 mm|1/8 in]</code>;
     * words of the maker's own as they are, see {@link Theirs}.
     */
    public String words(String text) {
        return Theirs.beside(text, ours -> spelling.of(units().ofBoth(ours)));
    }

    /** A quantity in figures, rounded to what can be read; marked when that is not exact. */
    public Figures figures(Quantity quantity) {
        return switch (quantity) {
            case Length length -> figures(length);
            case Angle angle -> decimal(angle.degrees(), 2, "°");
            case Money money -> new Figures(Figures.Near.EXACT, money.amount() < 0,
                    BigDecimal.valueOf(Math.abs(money.amount())).setScale(2, RoundingMode.HALF_UP).toPlainString(), 0,
                    1,
                    "");
            case Mass mass -> units() == Units.MILLIMETRES
                    ? decimal(mass.kilograms(), 2, "kg")
                    : pounds(mass.kilograms() * POUNDS);
            case Physical amount -> decimal(amount.kind().in(units(), amount.value()),
                    amount.kind().decimals(units()), amount.kind().unit(units()));
            case Fine fine -> units() == Units.MILLIMETRES
                    ? decimal(fine.millimetres(), 2, "mm")
                    : decimal(fine.millimetres() / 25.4, 3, "in");
            case Scalar scalar -> decimal(scalar.value(), scalar.decimals(), scalar.unit());
        };
    }

    /** The figure with its unit. */
    public String text(Quantity quantity) {
        return figures(quantity).text();
    }

    /** A length to the hundredth of a millimetre or the thousandth of an inch, whatever the step. */
    public String exact(Length length) {
        return figures(Fine.of(length)).text();
    }

    /** The figure without its unit. */
    public String bare(Quantity quantity) {
        return figures(quantity).bare();
    }

    private Figures figures(Length length) {
        long stepUnits = step.length().units();
        long magnitude = Math.abs(length.units());
        long nearest = (magnitude + stepUnits / 2) / stepUnits;
        long steps = nearest == 0 && magnitude > UNSEEN ? 1 : nearest;
        long over = magnitude - steps * stepUnits;
        Figures.Near near = Math.abs(over) <= UNSEEN
                ? Figures.Near.EXACT
                : over > 0 ? Figures.Near.FULL : Figures.Near.SHY;
        boolean negative = length.isNegative() && steps != 0;
        int parts = step.partsOfUnit();
        String symbol = units().symbol();
        if (units() == Units.MILLIMETRES) {
            BigDecimal number = BigDecimal.valueOf(steps).divide(BigDecimal.valueOf(parts), 1, RoundingMode.HALF_UP);
            return new Figures(near, negative, plain(number), 0, 1, symbol);
        }
        long whole = steps / parts;
        int numerator = (int) (steps % parts);
        int denominator = parts;
        while (numerator != 0 && numerator % 2 == 0) {
            numerator /= 2;
            denominator /= 2;
        }
        String wholeText = whole == 0 && numerator != 0 ? "" : Long.toString(whole);
        return new Figures(near, negative, wholeText, numerator, numerator == 0 ? 1 : denominator, symbol);
    }

    /** Pounds and whole ounces; under a pound ounces to the tenth. */
    private static Figures pounds(double pounds) {
        long ounces = Math.round(pounds * 16);
        if (ounces < 16) {
            return decimal(pounds * 16, 1, "oz");
        }
        return new Figures(Figures.Near.EXACT, false, ounces / 16 + (ounces % 16 == 0 ? "" : " lb " + ounces % 16), 0,
                1,
                ounces % 16 == 0 ? "lb" : "oz");
    }

    private static Figures decimal(double value, int decimals, String unit) {
        if (!Double.isFinite(value)) {
            return new Figures(Figures.Near.EXACT, false, "–", 0, 1, unit);
        }
        BigDecimal number = BigDecimal.valueOf(Math.abs(value)).setScale(decimals, RoundingMode.HALF_UP);
        return new Figures(Figures.Near.EXACT, value < 0 && number.signum() != 0, plain(number), 0, 1, unit);
    }

    private static String plain(BigDecimal number) {
        BigDecimal stripped = number.stripTrailingZeros();
        return (stripped.scale() < 0 ? stripped.setScale(0) : stripped).toPlainString();
    }
}
