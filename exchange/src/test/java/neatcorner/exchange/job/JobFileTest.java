package neatcorner.exchange.job;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import neatcorner.exchange.BadFile;
import neatcorner.fitout.SizeOf;
import neatcorner.job.Defaults;
import neatcorner.job.Job;
import neatcorner.measure.Length;
import neatcorner.measure.Units;
import neatcorner.outline.Opening;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.LongRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

public class JobFileTest {
    public static final String CHART = """
        {
          "format": "neat-corner-job/1",
          "title": "Tide chart",
          "units": "mm",
          "size": { "of": "art", "width": 594, "height": "42 cm" },
          "pack": [
            { "kind": "glazing", "material": "glass", "thickness": 2, "coating": "none" },
            { "kind": "mat", "thickness": 1.4, "overlap": 3,
              "borders": { "top": 50, "right": 50, "bottom": 60, "left": 50 } },
            { "kind": "art", "thickness": 0.3 },
            { "kind": "backing", "material": "hardboard", "thickness": 3 }
          ],
          "section": { "wood": "white ash", "width": 30, "thickness": 20,
            "rabbet": { "width": 6, "depth": 12 }, "maker": { "hand": "left" } },
          "stock": { "sticks": [ { "name": "ash 2.4 m", "length": 2400, "count": 6, "price": 18.50,
            "defects": [ [310, 350] ], "shelf": 4 } ], "keepFrameTogether": "wish" },
          "future": [1, 2, { "x": null }]
        }
        """;

    @TempDir
    Path folder = Path.of("");

    @Test
    void whatMayBeLeftOutHasTheUsualValue() throws BadFile {
        Job job = JobFile.read(CHART).job();
        assertEquals(Length.mm(420), job.size().height());
        assertEquals(Length.mm(1.5), job.clearance());
        assertEquals(1, job.quantity());
        assertEquals(Defaults.saw(Units.MILLIMETRES), job.saw());
        assertEquals(Length.mm(10), job.stock().endTrim());
        assertEquals(18.5, job.stock().sticks().getFirst().price());
    }

    @Test
    void fieldsOfOthersSurviveAnEditInTheirPlaces() throws BadFile {
        JobFile file = JobFile.read(CHART);
        String text = file.withJob(file.job().withTitle("Sheet 9").withPack(file.job().pack().without(2))).text();
        JobFile again = JobFile.read(text);
        assertEquals("Sheet 9", again.job().title());
        assertEquals(3, again.job().pack().layers().size());
        for (String kept : new String[]{"\"coating\" : \"none\"", "\"hand\": \"left\"", "\"shelf\" : 4",
            "\"future\""}) {
            assertTrue(text.contains(kept), kept);
        }
    }

    @Test
    void aKnownFieldThatTheMakerTookOutStaysOut() throws BadFile {
        JobFile file = JobFile.read(CHART);
        Job job = file.job();
        var stick = job.stock().sticks().getFirst().withPrice(null).withDefects(List.of());
        String text = file.withJob(job.withStock(job.stock().withStick(0, each -> stick))).text();
        assertFalse(text.contains("price"), text);
        assertEquals(stick, JobFile.read(text).job().stock().sticks().getFirst());
    }

    @Property(tries = 200)
    void everyLengthComesBackExactlyInBothUnits(@ForAll @LongRange(min = 3200, max = 20_000_000) long units,
            @ForAll Units system, @ForAll SizeOf of) throws BadFile {
        Job job = Defaults.blank(system).withSize(of, new Opening(new Length(units), new Length(units + 1)))
                .withClearance(new Length(units % 4096));
        assertEquals(job, JobFile.read(JobFile.of(job).text()).job());
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '~', value = {
        "\"width\": 594 | \"width\": \"59x4 banana\" | size.width",
        "\"width\": 594 | \"width\": true | size.width: expected a length",
        "\"width\": 594 | \"width\": 1e400 | size.width: expected a length under 1 km",
        "\"units\": \"mm\" | \"units\": \"furlong\" | units: expected mm or in",
        "neat-corner-job/1 | neat-corner-job/7 | format",
        "\"of\": \"art\" | \"of\": \"soul\" | size.of: expected one of art, rabbet, sight, outside",
        "\"kind\": \"art\" | \"kind\": \"cheese\" | pack[2].kind: expected one of glazing, mat, spacers, art, backing",
        "\"count\": 6 | \"count\": 2.5 | stock.sticks[0].count: expected a whole number",
        "\"length\": 2400 | \"length\": -3 | stock.sticks[0].length: expected a length from 1 mm to 50000 mm",
        "[310, 350] | [350, 310] | stock.sticks[0].defects[0]: expected a defect that ends after it starts",
        "\"price\": 18.50 | \"price\": -1 | stock.sticks[0].price: expected a price of zero or more",
        "\"title\": \"Tide chart\" | \"title\": 7 | title: expected a text in quotes",
        "\"depth\": 12 | \"deep\": 12 | section.rabbet.depth: expected a value: the field is missing",
        "\"wish\" | \"maybe\" | stock.keepFrameTogether: expected one of no, wish, must",
        "\"thickness\": 0.3 | \"thickness\": NaN | expected JSON",
        "\"pack\": [ | \"pack\": [[ | expected",
        "\"height\": \"42 cm\" | \"width\": 3 | expected JSON: Duplicate field"})
    void aWrongFieldIsNamedWithItsLine(String right, String wrong, String said) {
        assertTrue(CHART.contains(right), right);
        BadFile bad = assertThrows(BadFile.class, () -> JobFile.read(CHART.replace(right, wrong)));
        String message = String.valueOf(bad.getMessage());
        assertTrue(message.contains(said), message);
        assertTrue(message.startsWith("line "), message);
        assertFalse(message.contains("\n") || message.contains("com.fasterxml") || message.length() > 250, message);
    }

    @Test
    void noiseIsRefusedInOneLine() throws IOException {
        byte[] noise = new byte[10_000_000];
        new Random(1).nextBytes(noise);
        Path large = Files.write(folder.resolve("noise.json"), noise);
        assertTrue(
                String.valueOf(assertThrows(BadFile.class, () -> JobFile.read(large)).getMessage())
                        .contains("over 4 MB"));
        Path small = Files.write(folder.resolve("small.json"), Arrays.copyOf(noise, 5000));
        assertThrows(BadFile.class, () -> JobFile.read(small));
        assertThrows(BadFile.class, () -> JobFile.read(""));
        assertThrows(BadFile.class, () -> JobFile.read("{}"));
        assertThrows(BadFile.class, () -> JobFile.read("[".repeat(5000)));
    }

    @Property(tries = 300)
    void aDamagedFileIsReadOrRefusedButNeverCrashes(@ForAll @LongRange(min = 0, max = 1L << 40) long seed) {
        Random random = new Random(seed);
        StringBuilder damaged = new StringBuilder(CHART);
        for (int i = 0; i < 3; i++) {
            damaged.setCharAt(random.nextInt(damaged.length()), (char) (32 + random.nextInt(96)));
        }
        try {
            JobFile.read(damaged.toString());
        } catch (BadFile expected) {
            assertFalse(String.valueOf(expected.getMessage()).isBlank());
        }
    }

    @Test
    void aFileIsWrittenWholeOrNotAtAll() throws Exception {
        Path file = folder.resolve("job.json");
        JobFile job = JobFile.read(CHART);
        job.write(file);
        assertEquals(job.job(), JobFile.read(file).job());
        Path nowhere = folder.resolve("gone").resolve("job.json");
        assertThrows(IOException.class, () -> job.write(nowhere));
        try (var files = Files.list(folder)) {
            assertEquals(1, files.count(), "no half-written neighbour is left");
        }
        assertTrue(Files.readString(file, StandardCharsets.UTF_8).endsWith("}\n"));
    }

    /** A line on the screen holds two hundred characters, counted as a reader counts them. */
    @Test
    void titlesAndNotesHaveALengthThatIsSaid() throws Exception {
        String face = "\ud83d\ude00";
        for (String text : List.of("t".repeat(201), face.repeat(201))) {
            JobFile file = JobFile.of(Defaults.blank(Units.MILLIMETRES).withTitle(text));
            assertTrue(String.valueOf(file.refusal()).contains("at most 200 characters"), file.refusal());
            JobFile.Mended mended = JobFile.mended(file.text());
            assertEquals(text.substring(0, 200 * text.length() / 201), mended.file().job().title());
            assertEquals(1, mended.mends().size());
            JobFile whole = JobFile.of(mended.file().job());
            assertEquals(whole, JobFile.read(whole.text()));
        }
        Job noted = Defaults.blank(Units.MILLIMETRES);
        noted = noted.withOrder(noted.order().withNote("n".repeat(2000)));
        assertNull(JobFile.of(noted).refusal());
        assertTrue(String.valueOf(JobFile.of(noted.withOrder(noted.order().withNote("n".repeat(2001)))).refusal())
                .contains("at most 2000 characters"));
    }

    @Test
    void aNewerVersionIsSaidAsSuch() {
        String newer = JobFile.of(Defaults.blank(Units.MILLIMETRES)).text().replace("neat-corner-job/1",
                "neat-corner-job/2");
        BadFile bad = assertThrows(BadFile.class, () -> JobFile.read(newer));
        assertTrue(String.valueOf(bad.getMessage()).contains("a newer version of this program"), bad.getMessage());
        BadFile other = assertThrows(BadFile.class,
                () -> JobFile.read(newer.replace("neat-corner-job/2", "neat-corner-shop/2")));
        assertFalse(String.valueOf(other.getMessage()).contains("newer"), other.getMessage());
    }
}
