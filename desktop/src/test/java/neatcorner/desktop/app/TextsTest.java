package neatcorner.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What a station says in the window stands in its words and nowhere else. */
class TextsTest {
    private static final Path STATIONS = Path.of("src/main/java/neatcorner/desktop/station");
    private static final Pattern LITERAL = Pattern.compile("\"((?:[^\"\\\\]|\\\\.)*)\"");
    private static final Pattern COMMENT = Pattern.compile("(?s)/\\*.*?\\*/");
    private static final Pattern TEXT = Pattern.compile("[A-Z][a-z].*|.*[a-z,;:%].* .*[A-Za-z].*|.* [A-Za-z]{2,}.*");
    /** Names of woods, patterns of times, and what only the log or a developer reads. */
    private static final Pattern NO_TEXT = Pattern.compile(".*(named|ofPattern|log|Exception|ZoneId\\.of)\\($");

    @Test
    void textsOfAStationStandInItsWords() throws IOException {
        assertEquals(List.of(), stray(STATIONS), "move them to the station's words");
        int words = 0;
        for (Path file : sources(STATIONS)) {
            words += isWords(file) ? STATIONS.relativize(file).getNameCount() - 1 : 0;
        }
        assertEquals(Stations.ALL.size(), words, "each station has its words");
    }

    /** What stands around the stations has its words in the package that says it. */
    @ParameterizedTest
    @ValueSource(strings = {"shell", "paper"})
    void textsAroundTheStationsStandInTheirWords(String part) throws IOException {
        Path folder = STATIONS.resolveSibling(part);
        assertEquals(List.of(), stray(folder), "move them to its words");
        assertEquals(1, sources(folder).stream().filter(TextsTest::isWords).count());
    }

    private static List<Path> sources(Path folder) throws IOException {
        try (Stream<Path> files = Files.walk(folder)) {
            return files.filter(each -> each.toString().endsWith(".java")).toList();
        }
    }

    private static boolean isWords(Path file) {
        return file.toString().endsWith("Words.java");
    }

    private static List<String> stray(Path folder) throws IOException {
        List<String> stray = new ArrayList<>();
        for (Path file : sources(folder)) {
            if (!isWords(file)) {
                stray.addAll(texts(file));
            }
        }
        return stray;
    }

    private static List<String> texts(Path file) throws IOException {
        List<String> texts = new ArrayList<>();
        String source = COMMENT.matcher(Files.readString(file)).replaceAll("");
        Matcher literal = LITERAL.matcher(source);
        while (literal.find()) {
            String line = source.substring(source.lastIndexOf('\n', literal.start()) + 1, literal.start());
            boolean logged = line.contains("LOG.log(");
            if (TEXT.matcher(literal.group(1)).matches() && !logged && !NO_TEXT.matcher(line).matches()) {
                texts.add(file.getFileName() + ": " + literal.group());
            }
        }
        return texts;
    }
}
