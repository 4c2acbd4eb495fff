package neatcorner;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** What makers read at a station stands where one looks for it: with its findings, slate, fields and pictures, or its words. */
class TextsTest {
    private static final Path STATIONS = Path.of("src/main/java/neatcorner/station");
    private static final Pattern LIVES = Pattern.compile(".*(Findings?|Slates?|Fields|Figure|Words|Wood|Pack)\\.java");
    private static final Pattern LITERAL = Pattern.compile("\"((?:[^\"\\\\]|\\\\.)*)\"");
    private static final Pattern COMMENT = Pattern.compile("(?s)/\\*.*?\\*/");
    /** Fewer words than that are a name. */
    private static final Pattern THREE_WORDS = Pattern.compile("(?:.*?[A-Za-z]{3,}\\b){3}.*");

    @Test
    void textsStandOnlyWhereTextsLive() throws IOException {
        List<String> stray = new ArrayList<>();
        try (Stream<Path> files = Files.walk(STATIONS)) {
            for (Path file : files.filter(each -> each.toString().endsWith(".java")).toList()) {
                if (!LIVES.matcher(file.getFileName().toString()).matches()) {
                    Matcher text = LITERAL.matcher(COMMENT.matcher(Files.readString(file)).replaceAll(""));
                    while (text.find()) {
                        if (THREE_WORDS.matcher(text.group(1)).matches()) {
                            stray.add(file.getFileName() + ": " + text.group());
                        }
                    }
                }
            }
        }
        assertEquals(List.of(), stray, "move them to the station's words");
        assertTrue(Files.exists(STATIONS));
    }
}
