package neatcorner.measure;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.RoundingMode;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * Reads a typed length by recursive descent, in exact rational arithmetic.
 *
 * <pre>
 * sum     = product { ("+" | "-") product }
 * product = factor { ("*" | "×" | "/" | "÷") factor }
 * factor  = [ "-" ] ( "(" sum ")" | measure )
 * measure = mixed [ unit ] { mixed unit }          2' 3 1/4"
 * mixed   = decimal | whole [ ("-" | " ") fraction ] | fraction
 * </pre>
 */
final class LengthGrammar {
    private static final String UNITS_EXPECTED = "a unit: mm, cm, m, in, \" or ft, '";
    private static final Map<String, Ratio> UNITS = Map.ofEntries(Map.entry("mm", mm("1")), Map.entry("cm", mm("10")),
            Map.entry("m", mm("1000")), Map.entry("in", mm("25.4")), Map.entry("inch", mm("25.4")),
            Map.entry("inches", mm("25.4")), Map.entry("\"", mm("25.4")), Map.entry("″", mm("25.4")),
            Map.entry("”", mm("25.4")), Map.entry("''", mm("25.4")), Map.entry("ft", mm("304.8")),
            Map.entry("foot", mm("304.8")), Map.entry("feet", mm("304.8")), Map.entry("'", mm("304.8")),
            Map.entry("′", mm("304.8")), Map.entry("’", mm("304.8")));
    private static final String VULGAR = "½⅓⅔¼¾⅛⅜⅝⅞";
    private static final int[][] VULGAR_VALUES = {{1, 2}, {1, 3}, {2, 3}, {1, 4}, {3, 4}, {1, 8}, {3, 8}, {5, 8},
        {7, 8}};
    private static final int LONGEST_TEXT = 200;

    private final String text;
    private final Ratio bareUnit;
    private int at;
    private int depth;

    LengthGrammar(String text, Units bareUnits) {
        this.text = text;
        this.bareUnit = bareUnits == Units.MILLIMETRES ? mm("1") : mm("25.4");
    }

    /** Where reading stopped and what was wanted there. */
    static final class Unexpected extends Exception {
        private static final long serialVersionUID = 1;
        final int at;
        final String expected;

        Unexpected(int at, String expected) {
            super(expected, null, false, false);
            this.at = at;
            this.expected = expected;
        }
    }

    /** A value and whether it carries a unit (a length) or not yet (a plain number). */
    private record Value(Ratio ratio, boolean isLength) {}

    Length read() throws Unexpected {
        if (text.length() > LONGEST_TEXT) {
            throw new Unexpected(LONGEST_TEXT, "a shorter text");
        }
        Value value = sum();
        skipSpace();
        if (at < text.length()) {
            throw new Unexpected(at, atUnitLetter() ? UNITS_EXPECTED : "+, -, ×, ÷ or the end");
        }
        Ratio millimetres = asLength(value).ratio();
        BigInteger units = millimetres.times(Ratio.of(Length.PER_MM)).rounded();
        if (units.abs().compareTo(BigInteger.valueOf(LengthText.LONGEST.units())) > 0) {
            throw new Unexpected(0, "a length under 1 km");
        }
        return new Length(units.longValueExact());
    }

    private Value sum() throws Unexpected {
        Value total = product();
        while (true) {
            skipSpace();
            if (take('+')) {
                total = new Value(asLength(total).ratio().plus(asLength(product()).ratio()), true);
            } else if (take('-') || take('−')) {
                total = new Value(asLength(total).ratio().plus(asLength(product()).ratio().negate()), true);
            } else {
                return total;
            }
        }
    }

    private Value product() throws Unexpected {
        Value value = factor();
        while (true) {
            skipSpace();
            int operator = at;
            if (take('*') || take('×') || take('x')) {
                Value next = factor();
                if (value.isLength && next.isLength) {
                    throw new Unexpected(operator, "a plain number on one side of ×");
                }
                value = new Value(value.ratio.times(next.ratio), value.isLength || next.isLength);
            } else if (take('/') || take('÷')) {
                skipSpace();
                int divisorAt = at;
                Value next = factor();
                if (next.isLength) {
                    throw new Unexpected(divisorAt, "a plain number to divide by");
                }
                if (next.ratio.isZero()) {
                    throw new Unexpected(divisorAt, "a number other than 0 to divide by");
                }
                value = new Value(value.ratio.over(next.ratio), value.isLength);
            } else {
                return value;
            }
        }
    }

    private Value factor() throws Unexpected {
        skipSpace();
        if (++depth > 40) {
            throw new Unexpected(at, "fewer brackets");
        }
        try {
            if (take('-') || take('−')) {
                Value value = factor();
                return new Value(value.ratio.negate(), value.isLength);
            }
            if (take('(')) {
                Value value = sum();
                skipSpace();
                if (!take(')')) {
                    throw new Unexpected(at, "a closing bracket )");
                }
                return value;
            }
            return measure();
        } finally {
            depth--;
        }
    }

    private Value measure() throws Unexpected {
        Ratio number = mixed();
        Ratio unit = unit();
        if (unit == null) {
            return new Value(number, false);
        }
        Ratio total = number.times(unit);
        while (true) {
            int before = at;
            skipSpace();
            if (!atNumber()) {
                at = before;
                return new Value(total, true);
            }
            Ratio more = mixed();
            Ratio moreUnit = unit();
            if (moreUnit == null) {
                throw new Unexpected(at, UNITS_EXPECTED);
            }
            total = total.plus(more.times(moreUnit));
        }
    }

    private Ratio mixed() throws Unexpected {
        if (!atNumber()) {
            throw new Unexpected(at, "a number");
        }
        if (atVulgar()) {
            return vulgar();
        }
        String digits = decimal();
        Ratio number = Ratio.of(digits);
        if (digits.contains(".")) {
            return number;
        }
        if (atVulgar()) {
            return number.plus(vulgar());
        }
        int before = at;
        if (peek() == '/' && Character.isDigit(peek(1))) {
            at++;
            return number.over(denominator());
        }
        if (peek() == '-' && Character.isDigit(peek(1))) {
            at++;
        } else {
            skipSpace();
        }
        if (at > before && atVulgar()) {
            return number.plus(vulgar());
        }
        if (at > before && Character.isDigit(peek())) {
            int digitsAt = at;
            String numerator = decimal();
            if (!numerator.contains(".") && peek() == '/' && Character.isDigit(peek(1))) {
                at++;
                return number.plus(Ratio.of(numerator).over(denominator()));
            }
            if (text.charAt(digitsAt - 1) != '-') {
                throw new Unexpected(digitsAt, "a fraction such as 1/2, a unit, or +");
            }
        }
        at = before;
        return number;
    }

    private Ratio denominator() throws Unexpected {
        int denominatorAt = at;
        Ratio value = Ratio.of(decimal());
        if (value.isZero()) {
            throw new Unexpected(denominatorAt, "a number other than 0 below the fraction line");
        }
        return value;
    }

    /** Digits with at most one point or comma; a comma that may be a thousands mark is not guessed at. */
    private String decimal() throws Unexpected {
        int start = at;
        while (Character.isDigit(peek())) {
            at++;
        }
        if (peek() == '.' || (peek() == ',' && Character.isDigit(peek(1)))) {
            boolean comma = peek() == ',';
            int mark = at++;
            while (Character.isDigit(peek())) {
                at++;
            }
            if (comma && at - mark == 4 && mark > start) {
                throw new Unexpected(mark, "a point for decimals, and no mark between thousands");
            }
        }
        String digits = text.substring(start, at).replace(',', '.');
        return digits.endsWith(".") ? digits.substring(0, digits.length() - 1) : digits;
    }

    private Ratio vulgar() {
        int[] value = VULGAR_VALUES[VULGAR.indexOf(text.charAt(at++))];
        return Ratio.of(value[0]).over(Ratio.of(value[1]));
    }

    private @Nullable Ratio unit() throws Unexpected {
        int before = at;
        skipSpace();
        int start = at;
        if (text.startsWith("''", at)) {
            at += 2;
        } else if (at < text.length() && "\"″”'′’".indexOf(text.charAt(at)) >= 0) {
            at++;
        } else {
            while (Character.isLetter(peek()) && !(peek() == 'x' && at == start)) {
                at++;
            }
        }
        if (at == start) {
            at = before;
            return null;
        }
        Ratio unit = UNITS.get(text.substring(start, at).toLowerCase(Locale.ROOT));
        if (unit == null) {
            throw new Unexpected(start, UNITS_EXPECTED);
        }
        if (peek() == '.' && Character.isLetter(text.charAt(at - 1))) {
            at++;
        }
        return unit;
    }

    private Value asLength(Value value) {
        return value.isLength ? value : new Value(value.ratio.times(bareUnit), true);
    }

    private boolean atNumber() {
        return Character.isDigit(peek()) || atVulgar() || (peek() == '.' && Character.isDigit(peek(1)));
    }

    private boolean atVulgar() {
        return at < text.length() && VULGAR.indexOf(text.charAt(at)) >= 0;
    }

    private boolean atUnitLetter() {
        return Character.isLetter(peek());
    }

    private char peek() {
        return peek(0);
    }

    private char peek(int ahead) {
        int index = at + ahead;
        return index < text.length() && (text.charAt(index) < 128 || !Character.isDigit(text.charAt(index)))
                ? text.charAt(index)
                : '\0';
    }

    private boolean take(char wanted) {
        if (peek() == wanted) {
            at++;
            return true;
        }
        return false;
    }

    private void skipSpace() {
        while (at < text.length() && (Character.isWhitespace(text.charAt(at)) || text.charAt(at) == '\u00a0')) {
            at++;
        }
    }

    private static Ratio mm(String millimetres) {
        return Ratio.of(millimetres);
    }

    /** An exact fraction. */
    private record Ratio(BigInteger numerator, BigInteger denominator) {

        static Ratio of(long number) {
            return new Ratio(BigInteger.valueOf(number), BigInteger.ONE);
        }

        static Ratio of(String decimal) {
            BigDecimal number = new BigDecimal(decimal);
            int scale = Math.max(number.scale(), 0);
            return new Ratio(number.setScale(scale).unscaledValue(), BigInteger.TEN.pow(scale));
        }

        Ratio plus(Ratio o) {
            return new Ratio(numerator.multiply(o.denominator).add(o.numerator.multiply(denominator)),
                    denominator.multiply(o.denominator));
        }

        Ratio times(Ratio o) {
            return new Ratio(numerator.multiply(o.numerator), denominator.multiply(o.denominator));
        }

        Ratio over(Ratio o) {
            return new Ratio(numerator.multiply(o.denominator), denominator.multiply(o.numerator));
        }

        Ratio negate() {
            return new Ratio(numerator.negate(), denominator);
        }

        boolean isZero() {
            return numerator.signum() == 0;
        }

        /** To the nearest whole number, halves away from zero. */
        BigInteger rounded() {
            return new BigDecimal(numerator).divide(new BigDecimal(denominator), 0, RoundingMode.HALF_UP)
                    .toBigInteger();
        }
    }
}
