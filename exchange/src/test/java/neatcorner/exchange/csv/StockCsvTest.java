package neatcorner.exchange.csv;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import neatcorner.exchange.BadFile;
import neatcorner.measure.Length;
import neatcorner.measure.Units;
import neatcorner.stock.Span;
import neatcorner.stock.Stick;
import neatcorner.wood.Species;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;

class StockCsvTest {
    /** What a spreadsheet would run, or take for something else. */
    private static final List<String> NAMES = List.of("ash, \"best\" ", "=SUM(A1)", "+1", "-1", "@cmd", "'=x", "''+",
            " ", "\t=",
            "a\r\nb", "'");

    @Test
    void onlyTheLengthMustBeThere() throws BadFile {
        List<Stick> sticks = StockCsv.read("length\n2400\n8 ft\n", Units.MILLIMETRES);
        assertEquals(Length.mm(2400), sticks.get(0).length());
        assertEquals(Length.inches(96), sticks.get(1).length());
        assertEquals("stick 2", sticks.get(1).name());
        assertNull(sticks.get(0).price());
        assertEquals(1, sticks.get(0).count());
    }

    @Test
    void whatIsWrongIsPointedAt() {
        assertWrong("count\n3\n", 1, "header");
        assertWrong("length,count\n2400,many\n", 2, "count");
        assertWrong("length,price\n2400,1\n900,free\n", 3, "price");
        assertWrong("length,defects\n2400,310\n", 2, "defects");
        assertWrong("length,defects\n2400,350-310\n", 2, "defects");
        assertWrong("length\n-5\n", 2, "length");
        assertWrong("", 1, "header");
    }

    private static void assertWrong(String text, int line, String where) {
        BadFile bad = assertThrows(BadFile.class, () -> StockCsv.read(text, Units.MILLIMETRES));
        assertTrue(String.valueOf(bad.getMessage()).contains("line " + line), bad.getMessage());
        assertTrue(String.valueOf(bad.getMessage()).contains(where), bad.getMessage());
    }

    @Property(tries = 200)
    void whatIsWrittenIsReadBack(@ForAll long seed, @ForAll Units units) throws BadFile {
        Random random = new Random(seed);
        List<Stick> sticks = new ArrayList<>();
        for (int i = 0; i <= random.nextInt(5); i++) {
            List<Span> defects = new ArrayList<>();
            for (int d = 0; d < random.nextInt(3); d++) {
                Length from = units.of(random.nextInt(900));
                defects.add(new Span(from, from.plus(units.of(1 + random.nextInt(50)))));
            }
            sticks.add(new Stick(NAMES.get(random.nextInt(NAMES.size())) + i,
                    new Length(635L * (1 + random.nextInt(30_000))),
                    random.nextInt(9), random.nextBoolean() ? null : (Double) (random.nextInt(90_000) / 1000.0),
                    defects, random.nextBoolean() ? null : Species.named("basswood"), null, null));
        }
        String text = StockCsv.write(sticks, units);
        assertEquals(sticks, StockCsv.read(text, units));
        assertFalse(text.matches("(?s).*(^|\n)\"?[=+@-].*"), text);
    }
}
