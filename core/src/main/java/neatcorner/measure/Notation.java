package neatcorner.measure;

import java.math.BigDecimal;
import java.math.RoundingMode;

/**
 * How a shop writes its figures and words: units, finest step, spelling.
 *
 * <p>Lengths are rounded half up to the step; a figure that is not exact is marked with {@link Figures#ABOUT}.
 */
public record Notation(ReadingStep step, Spelling spelling) {

    /** The usual reading step of a system, in US words. */
    public static Notation of(Units units) {
        return new Notation(ReadingStep.usual(units), Spelling.US);
    }

    /** The system in which lengths are read. */
    public Units units() {
        return step.units();
    }

    /** The text in the shop's spelling; words of the maker's own as they are, see {@link Theirs}. */
    public String words(String text) {
        return Theirs.beside(text, spelling::of);
    }

    /** A quantity in figures, rounded to what can be read; marked when that is not exact. */
    public Figures figures(Quantity quantity) {
        return switch (quantity) {
            case Length length -> figures(length);
            case Angle angle -> decimal(angle.degrees(), 2, "°");
            case Money money -> new Figures(false, money.amount() < 0,
                    BigDecimal.valueOf(Math.abs(money.amount())).setScale(2, RoundingMode.HALF_UP).toPlainString(), 0,
                    1,
                    "");
            case Mass mass -> decimal(mass.kilograms(), 2, "kg");
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

    /** The figure without its unit. */
    public String bare(Quantity quantity) {
        return figures(quantity).bare();
    }

    private Figures figures(Length length) {
        long stepUnits = step.length().units();
        long magnitude = Math.abs(length.units());
        long steps = (magnitude + stepUnits / 2) / stepUnits;
        boolean rounded = steps * stepUnits != magnitude;
        boolean negative = length.isNegative() && steps != 0;
        int parts = step.partsOfUnit();
        String symbol = units().symbol();
        if (units() == Units.MILLIMETRES) {
            BigDecimal number = BigDecimal.valueOf(steps).divide(BigDecimal.valueOf(parts), 1, RoundingMode.HALF_UP);
            return new Figures(rounded, negative, plain(number), 0, 1, symbol);
        }
        long whole = steps / parts;
        int numerator = (int) (steps % parts);
        int denominator = parts;
        while (numerator != 0 && numerator % 2 == 0) {
            numerator /= 2;
            denominator /= 2;
        }
        String wholeText = whole == 0 && numerator != 0 ? "" : Long.toString(whole);
        return new Figures(rounded, negative, wholeText, numerator, numerator == 0 ? 1 : denominator, symbol);
    }

    private static Figures decimal(double value, int decimals, String unit) {
        if (!Double.isFinite(value)) {
            return new Figures(false, false, "–", 0, 1, unit);
        }
        BigDecimal number = BigDecimal.valueOf(Math.abs(value)).setScale(decimals, RoundingMode.HALF_UP);
        return new Figures(false, value < 0 && number.signum() != 0, plain(number), 0, 1, unit);
    }

    private static String plain(BigDecimal number) {
        BigDecimal stripped = number.stripTrailingZeros();
        return (stripped.scale() < 0 ? stripped.setScale(0) : stripped).toPlainString();
    }
}
