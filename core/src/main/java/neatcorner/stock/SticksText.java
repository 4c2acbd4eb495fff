package neatcorner.stock;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import neatcorner.measure.Length;
import neatcorner.measure.LengthRange;
import neatcorner.measure.LengthText;
import neatcorner.measure.Units;

/** Sticks as a maker lists them: {@code 8', 5'}, {@code 10 x 3000; 2400}, {@code 2 of 96}. */
public sealed interface SticksText {
    /** More of one kind are a slip of the keyboard. */
    int MOST = 1000;
    /** A comma parts two sticks unless it stands in a number, as in {@code 2,4 m}. */
    Pattern BETWEEN = Pattern.compile("[;\\n]|,(?!\\d{1,2}(?!\\d))|(?<!\\d),");
    /** Between a count and a length. */
    Pattern TIMES = Pattern.compile("\\s*(?:[x×*]|\\bof\\b)\\s*");
    Pattern WHOLE = Pattern.compile("\\d{1,6}");

    /** So many of one length. */
    record Lot(int count, Length length) {}

    /** Understood: one lot a length, in the order in which they were typed. */
    record Understood(List<Lot> lots) implements SticksText {
        public Understood {
            lots = List.copyOf(lots);
        }
    }

    /**
     * Not understood.
     *
     * @param why one line for the maker, naming what was typed and what was expected
     */
    record NotUnderstood(String why) implements SticksText {}

    /** Reads a list; where two bare numbers could be either, the smaller one is the count. */
    static SticksText read(String text, Units bare) {
        Map<Length, Integer> counts = new LinkedHashMap<>();
        for (String part : BETWEEN.split(text, -1)) {
            String item = part.strip();
            if (item.isEmpty()) {
                continue;
            }
            Optional<Lot> lot = lot(item, bare);
            if (lot.isEmpty()) {
                return new NotUnderstood("“%s”: expected a length, or how many of it, as %s".formatted(item,
                        bare == Units.INCHES ? "8' or 2 × 96" : "2400 or 10 × 3 m"));
            }
            counts.merge(lot.get().length, lot.get().count, Integer::sum);
        }
        if (counts.isEmpty()) {
            return new NotUnderstood("Nothing typed yet: expected lengths, with a comma between them");
        }
        if (counts.values().stream().anyMatch(count -> count > MOST)) {
            return new NotUnderstood("Expected no more than %s sticks of one length".formatted(MOST));
        }
        return new Understood(
                counts.entrySet().stream().map(each -> new Lot(each.getValue(), each.getKey())).toList());
    }

    private static Optional<Lot> lot(String item, Units bare) {
        String[] sides = TIMES.split(item, -1);
        if (sides.length == 1) {
            return lot(1, item, bare);
        }
        if (sides.length > 2) {
            return Optional.empty();
        }
        boolean firstCounts = WHOLE.matcher(sides[0]).matches();
        boolean secondCounts = WHOLE.matcher(sides[1]).matches();
        if (firstCounts && secondCounts) {
            firstCounts = Integer.parseInt(sides[0]) <= Integer.parseInt(sides[1]);
        }
        if (firstCounts) {
            return lot(Integer.parseInt(sides[0]), sides[1], bare);
        }
        return secondCounts ? lot(Integer.parseInt(sides[1]), sides[0], bare) : Optional.empty();
    }

    private static Optional<Lot> lot(int count, String length, Units bare) {
        return count > 0 && LengthText.read(length, bare) instanceof LengthText.Understood understood
                && LengthRange.STOCK.contains(understood.length())
                        ? Optional.of(new Lot(count, understood.length()))
                        : Optional.empty();
    }
}
