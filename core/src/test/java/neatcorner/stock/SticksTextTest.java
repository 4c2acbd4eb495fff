package neatcorner.stock;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertInstanceOf;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import neatcorner.measure.Length;
import neatcorner.measure.Notation;
import neatcorner.measure.Units;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SticksTextTest {

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"8', 5'|1 × 96 in; 1 × 60 in", "8',5'|1 × 96 in; 1 × 60 in",
        "2 x 8'|2 × 96 in", "8' × 2|2 × 96 in", "10 x 96|10 × 96 in", "96 x 10|10 × 96 in",
        "3 of 7' 6 1/2\"|3 × 90 1/2 in",
        "2x96;96|3 × 96 in", "2.4 m|1 × 94 31/64 in full", " 96 , |1 × 96 in"})
    void whatAnInchMakerLists(String typed, String read) {
        assertEquals(read, said(typed, Units.INCHES));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"10 x 3000|10 × 3000 mm", "8x3000, 2x2400|8 × 3000 mm; 2 × 2400 mm",
        "3000,2400|1 × 3000 mm; 1 × 2400 mm", "2,4 m; 2,45 m|1 × 2400 mm; 1 × 2450 mm", "3 m × 4|4 × 3000 mm",
        "2,4 m, 3 m|1 × 2400 mm; 1 × 3000 mm"})
    void whatAMetricMakerLists(String typed, String read) {
        assertEquals(read, said(typed, Units.MILLIMETRES));
    }

    private static String said(String typed, Units units) {
        SticksText.Understood read = assertInstanceOf(SticksText.Understood.class, SticksText.read(typed, units),
                typed);
        return read.lots().stream().map(lot -> lot.count() + " × " + Notation.of(units).text(lot.length()))
                .collect(Collectors.joining("; "));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"8' x 5'", "long", "0 x 96", "2 x 3 x 4'", "96, some", "1001 x 96'", "-5'",
        "''"})
    void whatIsNoListIsSaid(String typed) {
        SticksText.NotUnderstood not = assertInstanceOf(SticksText.NotUnderstood.class,
                SticksText.read(typed, Units.INCHES), typed);
        assertTrue(not.why().toLowerCase(Locale.ROOT).contains("expected"), not.why());
    }

    @Test
    void theWrongPartOfAListIsNamed() {
        assertEquals(new SticksText.NotUnderstood("“some”: expected a length, or how many of it, as 8' or 2 × 96"),
                SticksText.read("96, some", Units.INCHES));
    }

    /** What is written in any of the usual ways is read as it was meant. */
    @Property(tries = 1000)
    void aListIsReadAsItWasMeant(@ForAll("lists") List<SticksText.Lot> lots, @ForAll("signs") String sign,
            @ForAll("commas") String comma, @ForAll boolean countFirst) {
        Map<Length, Integer> meant = new LinkedHashMap<>();
        lots.forEach(lot -> meant.merge(lot.length(), lot.count(), Integer::sum));
        String typed = lots.stream().map(lot -> {
            String length = Math.round(lot.length().toMm()) + " mm";
            return countFirst ? lot.count() + sign + length : length + sign + lot.count();
        }).collect(Collectors.joining(comma));
        assertEquals(new SticksText.Understood(
                meant.entrySet().stream().map(each -> new SticksText.Lot(each.getValue(), each.getKey())).toList()),
                SticksText.read(typed, Units.INCHES), typed);
    }

    @Provide
    Arbitrary<List<SticksText.Lot>> lists() {
        return Combinators.combine(Arbitraries.integers().between(1, 80), Arbitraries.integers().between(1, 9000))
                .as((count, mm) -> new SticksText.Lot(count, Length.mm(mm))).list().ofMinSize(1).ofMaxSize(6);
    }

    @Provide
    Arbitrary<String> signs() {
        return Arbitraries.of("x", " x ", " × ", "*", " of ");
    }

    @Provide
    Arbitrary<String> commas() {
        return Arbitraries.of(", ", ";", "\n", " ; ");
    }
}
