package neatcorner.command;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The day command, run as a maker would. */
class DayTest {
    private static final String JOB = """
        { "format": "neat-corner-job/1", "title": "Chart", "size": { "of": "art", "width": 400, "height": 300 },
          "section": { "wood": "white ash", "width": 30, "thickness": 20, "rabbet": { "width": 6, "depth": 12 } },
          "quantity": 2 %s }
        """;

    @TempDir
    Path folder = Path.of("");

    private record Said(int code, String out, String err) {}

    private Said run(String more, String... options) throws Exception {
        Path file = Files.writeString(folder.resolve("job.json"), JOB.formatted(more));
        String[] words = new String[options.length + 2];
        words[0] = "day";
        words[1] = file.toString();
        System.arraycopy(options, 0, words, 2, options.length);
        PrintStream out = System.out;
        PrintStream err = System.err;
        ByteArrayOutputStream said = new ByteArrayOutputStream();
        ByteArrayOutputStream complained = new ByteArrayOutputStream();
        try {
            System.setOut(new PrintStream(said, true, StandardCharsets.UTF_8));
            System.setErr(new PrintStream(complained, true, StandardCharsets.UTF_8));
            int code = NeatCorner.run(words);
            return new Said(code, said.toString(StandardCharsets.UTF_8), complained.toString(StandardCharsets.UTF_8));
        } finally {
            System.setOut(out);
            System.setErr(err);
        }
    }

    @Test
    void theDaysArePrintedStepByStep() throws Exception {
        Said said = run("", "--from", "2026-03-02T08:00");
        assertEquals(0, said.code(), said.err());
        assertTrue(said.out().startsWith("Monday 2 March"), said.out());
        assertTrue(said.out().contains("  08:00–08:") && said.out().contains("Chart · 1: Saw the pieces"), said.out());
        assertTrue(said.out().contains("All done Monday 2 March"), said.out());
    }

    @Test
    void theyAreJsonAndACalendarToo() throws Exception {
        Path ics = folder.resolve("days.ics");
        Said said = run("", "--from", "2026-03-02T08:00", "--json", "--ics", ics.toString());
        assertEquals(0, said.code(), said.err());
        assertTrue(said.out().contains("2026-03-02T08:00"), said.out());
        assertTrue(said.out().contains("\"proved\""));
        assertTrue(Files.readString(ics).startsWith("BEGIN:VCALENDAR"));
    }

    @Test
    void whatCannotBeIsOneLine() throws Exception {
        Said idle = run(", \"shop\": { \"hours\": [] }");
        assertEquals(2, idle.code());
        assertEquals(1, idle.err().lines().count());
        assertTrue(idle.err().contains("shop.hours"), idle.err());
        Said bad = run(", \"glueUp\": { \"glue\": \"paste\" }");
        assertEquals(2, bad.code());
        assertTrue(bad.err().contains("glueUp.glue"), bad.err());
        Said stuck = run(", \"shop\": { \"bench\": 0 }", "--from", "2026-03-02T08:00");
        assertEquals(1, stuck.code());
        assertTrue(stuck.out().contains("cannot be placed: Chart · 1"), stuck.out());
        assertEquals(2, NeatCorner.run("day", folder.resolve("none.json").toString()));
    }

    /** Neither the name of a class nor that of a file nobody asked for. */
    @Test
    void whatWasTypedWrongIsSaidInAMakersWords() throws Exception {
        for (String moment : List.of("2026-13-01T00:00", "2026-02-30T08:00", "soon", "+999999999-12-31T00:00",
                "-999999999-01-01T00:00", "1899-12-31T23:59")) {
            Said said = run("", "--from=" + moment);
            assertEquals(2, said.code(), moment);
            assertTrue(said.err().contains("expected a day and a time of the years 1900 to 2999, as 2026-03-02T08:00")
                    && said.err().contains(moment) && !said.err().contains("java"), said.err());
        }
        Path none = folder.resolve("none");
        Said nowhere = run("", "--ics", none.resolve("days.ics").toString());
        assertEquals(2, nowhere.code());
        assertEquals("neat-corner: " + none + ": there is no such file or folder", nowhere.err().strip());
        Said unnamed = run("", "--ics", "");
        assertEquals(2, unnamed.code());
        assertTrue(unnamed.err().contains("--ics") && unnamed.err().contains("expected the name"), unnamed.err());
        Said broken = run("", folder.resolve("two\nlines.json").toString());
        assertEquals("neat-corner: " + folder + "/two lines.json: there is no such file or folder",
                broken.err().strip());
    }
}
