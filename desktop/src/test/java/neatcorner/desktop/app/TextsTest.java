package neatcorner.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * What a maker reads stands in one place a package, its texts, as whole sentences with places in them; or, if it is the
 * title of a kind of thing, with that kind.
 */
class TextsTest {
    private static final Path ROOT = Path.of("..");
    private static final String CORE = "core/src/main/java/neatcorner/";
    private static final String EXCHANGE = "exchange/src/main/java/neatcorner/exchange/";
    private static final String DESKTOP = "desktop/src/main/java/neatcorner/desktop/";
    private static final Pattern LITERAL = Pattern.compile("\"((?:[^\"\\\\]|\\\\.)*)\"");
    private static final Pattern COMMENT = Pattern.compile("(?s)/\\*.*?\\*/");
    private static final Pattern TEXT = Pattern
            .compile("(?!-fx-)([A-Z][a-z].*|.*[a-z]{2}[,;:%.]? .*|.* [A-Za-z]{2,}.*)");
    /** Names by which things are found, patterns of times, what is wrong in a file, and what only the log or a developer reads. */
    private static final Pattern NO_TEXT = Pattern
            .compile("(?s).*((named|ofPattern|ZoneId\\.of|contains|setCreator|expected"
                    + "|line|required|read)\\(([^;()\"]*,\\s*)?|(log|BadFile|requireNonNull|Exception)\\([^;]*|case\\s*(\"[^\"]*\",\\s*)*)$");
    /** Kinds of things, which carry their titles, and what is read by programs. */
    private static final Set<String> KINDS = Set.of("Station", "Clamp", "Glue", "Holding", "Recipe", "School",
            "SqueezeOut",
            "Resource", "JigDesign", "Paper", "PaperSize", "Fonts", "PdfPen", "SvgPainter", "CanvasPainter", "Shelf",
            "HoursText", "Thumbnail", "Settings", "Shots", "PageImage", "FormerOffcuts");

    @ParameterizedTest
    @ValueSource(strings = {CORE + "station", CORE + "plan", CORE + "glueup", EXCHANGE + "station", EXCHANGE + "plan",
        EXCHANGE + "paper", DESKTOP + "station", DESKTOP + "shell", DESKTOP + "paper", DESKTOP + "desk",
        DESKTOP + "document", DESKTOP + "control", DESKTOP + "draw", DESKTOP + "app"})
    void textsStandInTheirPlace(String folder) throws IOException {
        List<String> stray = new ArrayList<>();
        int texts = 0;
        for (Path file : sources(ROOT.resolve(folder))) {
            if (isTexts(file)) {
                texts += texts(file).size();
            } else if (!KINDS.contains(file.getFileName().toString().replace(".java", ""))) {
                stray.addAll(texts(file));
            }
        }
        assertEquals(List.of(), stray, "move them to the texts of their package");
        assertTrue(texts > 1, "looked at nothing");
    }

    @Test
    void eachStationHasItsTexts() throws IOException {
        for (String stations : List.of(CORE + "station", DESKTOP + "station")) {
            Path folder = ROOT.resolve(stations);
            Set<Path> with = new TreeSet<>();
            for (Path file : sources(folder)) {
                Path inside = folder.relativize(file);
                if (isTexts(file) && inside.getNameCount() > 1) {
                    with.add(inside.getName(0));
                }
            }
            assertEquals(Stations.ALL.size(), with.size(), stations);
        }
    }

    private static List<Path> sources(Path folder) throws IOException {
        try (Stream<Path> files = Files.walk(folder)) {
            return files.filter(each -> each.toString().endsWith(".java")).toList();
        }
    }

    private static boolean isTexts(Path file) {
        return file.toString().endsWith("Texts.java");
    }

    private static List<String> texts(Path file) throws IOException {
        List<String> texts = new ArrayList<>();
        String source = COMMENT.matcher(Files.readString(file)).replaceAll("");
        Matcher literal = LITERAL.matcher(source);
        while (literal.find()) {
            String before = source.substring(0, literal.start());
            String statement = before.substring(Math.max(before.lastIndexOf(';'), before.lastIndexOf('}')) + 1).strip();
            if (TEXT.matcher(literal.group(1)).matches() && !NO_TEXT.matcher(statement).matches()) {
                texts.add(file.getFileName() + ": " + literal.group());
            }
        }
        return texts;
    }
}
