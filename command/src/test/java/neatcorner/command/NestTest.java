package neatcorner.command;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Lists as they come from outside, with what is known of their least counts. */
class NestTest {
    @TempDir
    Path folder = Path.of("");

    private record Run(int code, String out, String err) {}

    private Run nest(List<Integer> lengths, String... options) throws IOException {
        StringBuilder csv = new StringBuilder("length,count\n");
        lengths.forEach(length -> csv.append(length).append(",1\n"));
        return nest(csv.toString(), options);
    }

    private Run nest(String csv, String... options) throws IOException {
        List<String> words = new ArrayList<>(
                List.of("nest", Files.writeString(folder.resolve("parts.csv"), csv).toString()));
        words.addAll(List.of(options));
        PrintStream out = System.out;
        PrintStream err = System.err;
        ByteArrayOutputStream said = new ByteArrayOutputStream();
        ByteArrayOutputStream complained = new ByteArrayOutputStream();
        System.setOut(new PrintStream(said, true, StandardCharsets.UTF_8));
        System.setErr(new PrintStream(complained, true, StandardCharsets.UTF_8));
        try {
            int code = NeatCorner.run(words.toArray(String[]::new));
            return new Run(code, said.toString(StandardCharsets.UTF_8), complained.toString(StandardCharsets.UTF_8));
        } finally {
            System.setOut(out);
            System.setErr(err);
        }
    }

    private static void assertProved(Run run, int sticks) {
        assertEquals(0, run.code, run.err);
        assertTrue(run.out.contains("\"sticks\" : " + sticks + ","), run.out);
        assertTrue(run.out.contains("\"bound\" : " + sticks + ","), run.out);
        assertTrue(run.out.contains("\"proved\" : true"), run.out);
    }

    /** Class of Falkenauer 1996: three parts to a bin and nothing left over, so the least is a third. */
    @Test
    void tripletsAreProvedAtAThird() throws IOException {
        for (int n : new int[]{60, 120, 249}) {
            Random random = new Random(77 + n);
            List<Integer> lengths = new ArrayList<>();
            for (int i = 0; i < n / 3; i++) {
                int first = 380 + random.nextInt(111);
                int second = 250 + random.nextInt((1000 - first) / 2 - 250 + 1);
                lengths.addAll(List.of(first, second, 1000 - first - second));
            }
            assertProved(nest(lengths, "--stick", "1000", "--json"), n / 3);
        }
    }

    @Test
    void longListsOfManyLengthsAreProvedInSeconds() throws IOException {
        Random random = new Random(12);
        List<Integer> lengths = new ArrayList<>();
        for (int i = 0; i < 120; i++) {
            lengths.add(200 + random.nextInt(1001));
        }
        Run run = nest(lengths, "--stick", "2400", "--kerf", "3", "--trim", "10", "--json");
        assertEquals(0, run.code);
        assertTrue(run.out.contains("\"proved\" : true"), run.out.substring(0, 200));
    }

    /** Two of the dear long sticks hold what three cheap short ones do; by price the short ones win. */
    @Test
    void theCheapestOfSeveralKindsIsProved() throws IOException {
        Run run = nest("length,count\n1150,6\n", "--stick", "2400:9:10", "--stick", "3600:9:16", "--json");
        assertProved(run, 3);
        assertTrue(run.out.contains("\"cost\" : 30"), run.out);
        Run dear = nest("length,count\n1150,6\n", "--stick", "2400:9:10", "--stick", "3600:9:14", "--json");
        assertProved(dear, 2);
        assertTrue(dear.out.contains("\"cost\" : 28"), dear.out);
    }

    @Test
    void whatIsTooMuchIsSaidInOneLine() throws IOException {
        for (Run run : new Run[]{nest("length,count\n100,1000000\n", "--stick", "2400"),
            nest("length,count\n-3,1\n", "--stick", "2400"), nest("length,count\n0,1\n", "--stick", "2400"),
            nest("length,count\n2500,1\n", "--stick", "2400"), nest("length,count\n12,5,3\n", "--stick", "2400"),
            nest("size,number\n12,5\n", "--stick", "2400"), nest("length,count\n5,1\n", "--stick", "0"),
            nest("length,count\n5 parsec,1\n", "--stick", "2400")}) {
            assertEquals(2, run.code, run.out);
            assertEquals(1, run.err.lines().count(), run.err);
            assertTrue(run.err.startsWith("neat-corner: "), run.err);
        }
    }

    @Test
    void mixedUnitsAreUnderstood() throws IOException {
        assertProved(nest("length,count\n\"1 ft\",4\n30.48 cm,4\n", "--stick", "8 ft", "--json"), 1);
    }
}
