package neatcorner.measure;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.regex.Pattern;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The published pattern takes what the grammar takes, but for what no pattern can tell. */
class LengthPatternTest {
    private static final Pattern PATTERN = Pattern.compile(LengthText.PATTERN);
    private static final List<String> BEYOND = List.of("a closing bracket )", "+, -, ×, ÷ or the end", "other than 0",
            "no mark between thousands", "a plain number", "under 1 km", "a shorter text", "fewer brackets");

    @ParameterizedTest
    @ValueSource(strings = {"394", "39.4 cm", "15 1/2", "15-1/2\"", "15½", "2' 3 1/4\"", "15 1/2 + 2*2 1/4", "1,5 mm",
        "(3 + 4) * 2", "-3 in.", ".5", "3 ½ in", "12 feet 3 inches"})
    void takesWhatPeopleType(String text) {
        assertTrue(PATTERN.matcher(text).find());
        assertTrue(LengthText.read(text, Units.INCHES) instanceof LengthText.Understood);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "banana", "3 furlongs", "3 mmm", "1 2 3", "3 +", "* 3", "15 1/2 in 3", "1..2"})
    void refusesWhatIsNoLength(String text) {
        assertFalse(PATTERN.matcher(text).find());
        assertFalse(LengthText.read(text, Units.INCHES) instanceof LengthText.Understood);
    }

    @Property(tries = 20_000)
    void agreesWithTheGrammar(@ForAll("texts") String text) {
        boolean matches = PATTERN.matcher(text).find();
        switch (LengthText.read(text, Units.MILLIMETRES)) {
            case LengthText.Understood understood -> assertTrue(matches, text);
            case LengthText.NotUnderstood not -> {
                if (matches) {
                    assertTrue(BEYOND.stream().anyMatch(not.expected()::contains), text + ": " + not.expected());
                }
            }
        }
        assertEquals(matches, PATTERN.matcher(text).matches(), "it is the whole text, or nothing");
    }

    @Provide
    Arbitrary<String> texts() {
        return Arbitraries
                .of("1", "2", "15", "0", "/", "-", "+", "*", "x", "(", ")", " ", " ", ".", ",", "½", "mm", "in",
                        "\"", "'", "''", "ft", "m", "feet", "q")
                .list().ofMinSize(0).ofMaxSize(9)
                .map(parts -> String.join("", parts));
    }
}
