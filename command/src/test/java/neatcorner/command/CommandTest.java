package neatcorner.command;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class CommandTest {
    private static final String JOB = """
        { "format": "neat-corner-job/1", "title": "Small", "units": "in",
          "size": { "of": "sight", "width": "15 1/2", "height": 11 },
          "section": { "wood": "black walnut", "width": 2.25, "thickness": 0.75,
            "rabbet": { "width": 0.25, "depth": 0.375 } },
          "stock": { "sticks": [ { "length": 96, "count": 2 } ] } }
        """;

    @TempDir
    Path folder = Path.of("");

    /** What a run of the command said and how it ended. */
    private record Run(int code, String out, String err) {}

    private static Run run(String... args) {
        PrintStream out = System.out;
        PrintStream err = System.err;
        ByteArrayOutputStream outBytes = new ByteArrayOutputStream();
        ByteArrayOutputStream errBytes = new ByteArrayOutputStream();
        System.setOut(new PrintStream(outBytes, true, StandardCharsets.UTF_8));
        System.setErr(new PrintStream(errBytes, true, StandardCharsets.UTF_8));
        try {
            int code = NeatCorner.run(args);
            return new Run(code, outBytes.toString(StandardCharsets.UTF_8), errBytes.toString(StandardCharsets.UTF_8));
        } finally {
            System.setOut(out);
            System.setErr(err);
        }
    }

    private String file(String name, String text) throws IOException {
        return Files.writeString(folder.resolve(name), text).toString();
    }

    /** Common practice: 15½ in opening with 2¼ in faces is 20 in at the long points. */
    @Test
    void aJobIsPlannedInMillimetresAsJson() throws IOException {
        Run run = run("plan", file("job.json", JOB), "--json");
        assertEquals(0, run.code, run.err);
        assertTrue(run.out.contains("\"long\" : 508"), run.out);
        assertTrue(run.out.contains("\"proved\" : true"), run.out);
        assertEquals("", run.err);
    }

    @Test
    void aPersonReadsThePlanInTheJobsOwnUnits() throws IOException {
        Run run = run("plan", file("job.json", JOB));
        assertTrue(run.out.contains("A  top  × 1  long 20 in  short 15 1/2 in  miters 45° / 45°"), run.out);
    }

    @Test
    void aJobThatCannotBeMadeIsPrintedAndEndsWith1() throws IOException {
        Run run = run("plan", file("job.json", JOB.replace("\"count\": 2", "\"count\": 0")), "--json");
        assertEquals(1, run.code);
        assertTrue(run.out.contains("stock.short"), run.out);
    }

    @Test
    void whatCannotBeReadIsOneLineAndEndsWith2() throws IOException {
        for (Run run : new Run[]{run("plan", file("bad.json", "{ \"format\": 3 }")),
            run("plan", folder.resolve("none.json").toString()), run("plan", folder.toString()), run("plan"),
            run("plan", file("ok.json", JOB), "--wrong"), run("bake"),
            run("nest", file("p.csv", "length,count\n100,1\n"), "--stick", "abc"),
            run("nest", file("q.csv", "length;count\n100;1\n"), "--stick", "2400"),
            run("nest", file("r.csv", "length,count\n3000,1\n"), "--stick", "2400", "--kerf", "3")}) {
            assertEquals(2, run.code, run.toString());
            assertEquals(1, run.err.lines().count(), run.err);
            assertFalse(run.err.contains("Exception") || run.err.contains("\tat "), run.err);
        }
    }

    @Test
    void theFilesOfAJobAreWrittenToAFolder() throws IOException {
        Path out = folder.resolve("out");
        assertEquals(0, run("plan", file("job.json", JOB), "--out", out.toString(), "--paper", "LETTER").code);
        try (var files = Files.list(out)) {
            assertEquals(
                    Set.of("plan.json", "cut-list.csv", "front.svg", "section.svg", "sticks.svg", "paper.pdf",
                            "labels.pdf", "full-size.pdf"),
                    files.map(file -> file.getFileName().toString()).collect(Collectors.toSet()));
        }
    }

    @Test
    void jobsOfOneSectionAreCutTogetherFromTheFirstOnesRack() throws IOException {
        String first = file("a.json", JOB);
        String second = file("b.json", JOB.replace("15 1/2", "9").replace("Small", "Smaller"));
        Run run = run("plan", first, second, "--together", "--json");
        assertEquals(0, run.code, run.err);
        assertTrue(run.out.contains("1.1A") && run.out.contains("2.1A"), run.out);
        Run apart = run("plan", first, second);
        assertEquals(2, apart.code);
        assertTrue(apart.err.contains("--together"), apart.err);
        Run other = run("plan", first, file("c.json", JOB.replace("2.25", "2")), "--together");
        assertEquals(2, other.code);
        assertTrue(other.err.contains("c.json") && other.err.contains("another section"), other.err);
        assertEquals(1, run("plan", first, file("d.json", JOB.replace("15 1/2", "60")), "--together").code,
                "the rack is too small for both");
    }

    /** Textbook example of the cutting-stock problem (paper mill), value from memory: 73 rolls. */
    @Test
    void thePaperMillNeeds73Rolls() throws IOException {
        String parts = """
            length,count
            1380,22
            1520,25
            1560,12
            1710,14
            1820,18
            1880,18
            1930,20
            2000,10
            2050,12
            2100,14
            2140,16
            2150,18
            2200,20
            """;
        Run run = run("nest", file("mill.csv", parts), "--stick", "5600", "--json");
        assertEquals(0, run.code, run.err);
        assertTrue(run.out.contains("\"sticks\" : 73") && run.out.contains("\"proved\" : true"), run.out);
    }

    @Test
    void sticksOfSeveralLengthsAndPricesAreWeighed() throws IOException {
        Run run = run("nest", file("p.csv", "length,count\n900,4\n"), "--stick", "2000:9:10", "--stick", "1000:9:3.50",
                "--kerf", "3", "--trim", "10", "--json");
        assertTrue(run.out.contains("\"cost\" : 14"), run.out);
        Run few = run("nest", file("p.csv", "length,count\n900,4\n"), "--stick", "1000:3");
        assertEquals(1, few.code);
    }

    @Test
    void aPersonReadsTheLayoutOfPartsToo() throws IOException {
        Run run = run("nest", file("p.csv", "length,count\n900,4\n400,2\n"), "--stick", "2400", "--kerf", "3");
        assertEquals(0, run.code, run.err);
        assertTrue(run.out.startsWith("2 sticks, proved least"), run.out);
        assertTrue(run.out.contains("2 × 900"), run.out);
    }

    @Test
    void theSamePartsInRowsOfTheirOwnAreOne() throws IOException {
        Run rows = run("nest", file("p.csv", "length,count\n900,1\n900,1\n900,2\n"), "--stick", "2000", "--json");
        Run one = run("nest", file("q.csv", "length,count\n900,4\n"), "--stick", "2000", "--json");
        assertEquals(one.out.replaceAll("\"ms\" : [0-9.]+", ""), rows.out.replaceAll("\"ms\" : [0-9.]+", ""));
    }

    @Test
    void kerfAndTrimMayCarryUnits() throws IOException {
        String parts = file("p.csv", "length,count\n\"15 1/2 in\",3\n");
        Run tight = run("nest", parts, "--stick", "1 200", "--json");
        assertEquals(2, tight.code, "“1 200” is no length");
        Run inches = run("nest", parts, "--stick", "48 in:1", "--kerf", "1/8 in", "--trim", "1 cm", "--json");
        assertEquals(0, inches.code, inches.err);
        assertTrue(inches.out.contains("\"sticks\" : 1"), inches.out);
    }

    @Test
    void nothingWantedIsNothingTaken() throws IOException {
        Run run = run("nest", file("p.csv", "length,count\n900,0\n"), "--stick", "2000", "--json");
        assertEquals(0, run.code, run.err);
        assertTrue(run.out.contains("\"sticks\" : 0"), run.out);
    }

    @Test
    void badOptionsAreNamed() throws IOException {
        String parts = file("p.csv", "length,count\n100,1\n");
        assertTrue(run("nest", parts, "--stick", "2400", "--kerf", "-3").err.contains("--kerf"));
        assertTrue(run("nest", parts, "--stick", "2400", "--trim", "wide").err.contains("--trim"));
        assertTrue(run("nest", parts, "--stick", "2400:x").err.contains("--stick"));
        assertTrue(run("nest", parts, "--stick", "-5").err.contains("--stick"));
        assertTrue(run("plan", file("job.json", JOB), "--out", folder.resolve("o").toString(), "--paper", "A9").err
                .contains("A9"));
    }

    @Test
    void aFileThatCannotBeAFolderIsSaid() throws IOException {
        String occupied = file("occupied", "x");
        Run run = run("plan", file("job.json", JOB), "--out", occupied);
        assertEquals(2, run.code);
        assertEquals(1, run.err.lines().count(), run.err);
    }

    @Test
    void theSameJobAlwaysGivesTheSamePlan() throws IOException {
        String job = file("job.json", JOB);
        assertEquals(run("plan", job, "--json").out, run("plan", job, "--json").out);
    }

    private static final String ODD = """
        { "format": "neat-corner-job/1", "title": "Odd", "units": "mm",
          "outline": %s, "size": { "of": "sight", "width": 400, "height": 500 },
          "section": { "wood": "white ash", "width": 40, "thickness": 20, "rabbet": { "width": 6, "depth": 10 } },
          "stock": { "sticks": [ { "length": 2400, "count": 4 } ] } }
        """;

    /** Geometry: 60° at a triangle's ends; 40 against 60 mm is 56.31 and 33.69°; slope 45° is 35.26 and 30°. */
    @Test
    void oddShapesHaveTheirOwnAngles() throws IOException {
        Run triangle = run("plan", file("t.json", ODD.formatted("{ \"kind\": \"regular\", \"sides\": 3 }")), "--json");
        assertTrue(triangle.out.contains("\"miter\" : 60"), triangle.out);
        assertTrue(triangle.out.contains("saw.miter-out-of-range"), triangle.out);
        Run uneven = run("plan", file("u.json",
                ODD.formatted("{ \"kind\": \"rectangle\", \"faceWidths\": [40, 60, 40, 60] }")), "--json");
        assertTrue(uneven.out.contains("\"miter\" : 56.309932") && uneven.out.contains("\"miter\" : 33.690068"),
                uneven.out);
        Run tray = run("plan", file("s.json", ODD.formatted("{ \"kind\": \"rectangle\", \"slope\": 45 }")), "--json");
        assertTrue(tray.out.contains("\"miter\" : 35.26439") && tray.out.contains("\"bevel\" : 30"), tray.out);
    }

    @Test
    void aRingIsWrittenWithItsTemplates() throws IOException {
        Path out = folder.resolve("ring");
        Run run = run("plan", file("r.json", ODD.formatted("{ \"kind\": \"circle\", \"segments\": 8 }")), "--json",
                "--out", out.toString());
        assertTrue(run.out.contains("\"segments\" : ["), run.out);
        assertTrue(Files.exists(out.resolve("template.pdf")));
        assertTrue(Files.exists(out.resolve("template-A-B-C-D-E-F-G-H.dxf")));
        assertTrue(Files.exists(out.resolve("template-A-B-C-D-E-F-G-H.svg")));
    }

    @Test
    void anOutlineThatCrossesItselfIsPrintedWithWordsAndNoPieces() throws IOException {
        Run run = run("plan", file("x.json", ODD.formatted(
                "{ \"kind\": \"polygon\", \"points\": [[0,0],[300,220],[300,0],[0,200]] }")), "--json");
        assertEquals(1, run.code);
        assertTrue(run.out.contains("\"pieces\" : [ ]") || run.out.contains("\"pieces\" : []"), run.out);
        assertTrue(run.out.contains("crosses itself"), run.out);
    }

    @Test
    void measuredPiecesAreJudgedOnTheCommandLineToo() throws IOException {
        String job = JOB.replace("\"stock\":", """
            "measured": [ { "piece": "A", "long": 19.9, "left": 45.2, "right": 45 } ], "stock":""");
        Run run = run("plan", file("m.json", job), "--json");
        assertTrue(run.out.contains("\"assembly\""), run.out + run.err);
        assertTrue(run.out.contains("length.mismatch"), run.out);
    }

    @Test
    void aPanoramaIsScarfed() throws IOException {
        String job = JOB.replace("\"15 1/2\"", "160").replace("\"count\": 2", "\"count\": 5")
                .replace("\"stock\": {", "\"stock\": { \"scarf\": 8,");
        Run run = run("plan", file("p.json", job), "--json");
        assertEquals(0, run.code, run.out + run.err);
        assertTrue(run.out.contains("\"parts\"") && run.out.contains("top, part 2 of 2"), run.out);
    }

    /** A stream that takes nothing, as a full disk or a closed pipe. */
    private static final class Full extends OutputStream {
        @Override
        public void write(int b) throws IOException {
            throw new IOException("No space left on device");
        }
    }

    @Test
    void anAnswerThatCannotBeWrittenIsOneLineAndEndsWith2() throws IOException {
        String job = file("job.json", JOB);
        String parts = file("parts.csv", "length,count\n500,3\n");
        for (String[] words : new String[][]{{"plan", job}, {"plan", job, "--json"}, {"nest", parts, "--stick", "2400"},
            {"day", job}, {"day", job, "--json"}, {"plan", "--help"}, {"--help"}, {}}) {
            PrintStream out = System.out;
            PrintStream err = System.err;
            ByteArrayOutputStream said = new ByteArrayOutputStream();
            System.setOut(new PrintStream(new Full(), false, StandardCharsets.UTF_8));
            System.setErr(new PrintStream(said, true, StandardCharsets.UTF_8));
            try {
                assertEquals(2, NeatCorner.run(words), String.join(" ", words));
            } finally {
                System.setOut(out);
                System.setErr(err);
            }
            assertEquals("neat-corner: The answer could not be written to standard output.\n",
                    said.toString(StandardCharsets.UTF_8));
        }
    }

    @Test
    void everyVerbHasHelp() {
        for (String verb : new String[]{"plan", "nest", "day"}) {
            Run run = run(verb, "--help");
            assertEquals(0, run.code);
            assertTrue(run.out.startsWith("Usage: neat-corner " + verb), run.out);
        }
    }

    @Test
    void aStickHasACountBeforeItsPrice() throws IOException {
        String parts = file("parts.csv", "length,count\n500,3\n");
        Run run = run("nest", parts, "--stick", "2400:99999999");
        assertEquals(2, run.code);
        assertTrue(run.err.contains("--stick: expected LENGTH[:COUNT[:PRICE]]"), run.err);
        Run nothing = run("nest", parts, "--stick", "600", "--trim", "1200");
        assertTrue(nothing.err.contains("trim and kerf take all of them"), nothing.err);
        assertFalse(nothing.err.contains("−"), nothing.err);
    }

    @Test
    void aMessageIsOneLineOfThreeHundredCharactersWithoutControls() throws IOException {
        String job = file("job.json", JOB.replace("\"sight\"", "\"" + "\\u001b[31mx".repeat(200) + "\""));
        Run run = run("plan", job);
        assertEquals(2, run.code);
        assertTrue(run.err.length() <= 301 && run.err.strip().lines().count() == 1, run.err);
        Run titled = run("plan", file("red.json", JOB.replace("Small", "\\u001b[31mred\\nlines")));
        assertTrue(titled.out.startsWith("[31mredlines\n"), titled.out);
    }

    @Test
    void aFolderGetsAllFilesOrNone() throws IOException {
        Path out = Files.createDirectories(folder.resolve("out").resolve("paper.pdf")).getParent();
        Run run = run("plan", file("job.json", JOB), "--out", String.valueOf(out));
        assertEquals(2, run.code);
        assertTrue(run.err.contains("paper.pdf: cannot be read or written"), run.err);
        try (var files = Files.list(Objects.requireNonNull(out))) {
            assertEquals(1, files.count());
        }
    }
}
