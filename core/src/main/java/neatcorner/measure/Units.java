package neatcorner.measure;

import java.util.Optional;
import java.util.regex.Pattern;

/** The two systems a shop measures in. */
public enum Units {
    MILLIMETRES("mm"),
    INCHES("in");

    private static final Pattern BOTH = Pattern.compile("\\[([^\\[|\\]]*)\\|([^\\[|\\]]*)]");

    private final String symbol;

    Units(String symbol) {
        this.symbol = symbol;
    }

    /** As written after a number and in files: {@code mm} or {@code in}. */
    public String symbol() {
        return symbol;
    }

    /** The system of that symbol, {@code mm} or {@code in}; empty for any other. */
    public static Optional<Units> ofSymbol(String symbol) {
        for (Units units : values()) {
            if (units.symbol.equals(symbol)) {
                return Optional.of(units);
            }
        }
        return Optional.empty();
    }

    /** A text of ours with the sizes of this system where it says both: <code>[3 mm|1/8 in]</code>. */
    String ofBoth(String text) {
        return text.indexOf('|') < 0
                ? text
                : BOTH.matcher(text).replaceAll(this == MILLIMETRES ? "$1" : "$2");
    }

    /** That many of this unit. Throws {@link ArithmeticException} if not finite or too large. */
    public Length of(double number) {
        return switch (this) {
            case MILLIMETRES -> Length.mm(number);
            case INCHES -> Length.inches(number);
        };
    }

    /** The trade's own round figure in each system: makers do not convert 1/16 in, they use 1.5 mm. */
    public Length either(double millimetres, double inches) {
        return switch (this) {
            case MILLIMETRES -> Length.mm(millimetres);
            case INCHES -> Length.inches(inches);
        };
    }
}
