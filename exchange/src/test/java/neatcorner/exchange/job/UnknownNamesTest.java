package neatcorner.exchange.job;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a file says that the program does not know is said, with what may have been meant. */
class UnknownNamesTest {
    private static List<String> unknown(String more) throws Exception {
        return JobFile.read("""
            { "format": "neat-corner-job/1", "title": "Odd", "units": "mm", %s
              "size": { "of": "art", "width": 300, "height": 400 },
              "section": { "wood": "white ash", "width": 40, "thickness": 20,
                "rabbet": { "width": 6, "depth": 10, "dpth": 3 } } }
            """.formatted(more)).unknown();
    }

    @Test
    void aMatBesideThePackIsAKindOfLayer() throws Exception {
        List<String> said = unknown("\"mat\": { \"borders\": 60 },");
        assertEquals(List.of("mat (`kind`: `mat` in `pack`?)",
                "section.rabbet.dpth (`depth` in `section.rabbet`?)"), said);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"'borders': { 'top': 60 } | borders (`borders` in `pack` of kind `mat`?)",
        "'pack': [ { 'kind': 'art', 'thickness': 1, 'materail': 'paper' } ] | pack[0].materail (`material` in `pack`?)",
        "'quantty': 3 | quantty (`quantity`?)", "'xyzzy': 3 | xyzzy",
        "'rings': [], 'strainer': 3 | strainer"})
    void theNearestKnownNameIsSaid(String field, String expected) throws Exception {
        assertEquals(expected, unknown(field.replace('\'', '"') + ",").getFirst());
    }

    @Test
    void whatIsKnownIsNotSaid() throws Exception {
        assertEquals(List.of(), JobFile.read(JobFile.of(EverythingTest.full().job()).text()).unknown());
        assertEquals(List.of("section.rabbet.dpth (`depth` in `section.rabbet`?)"), unknown(""));
    }

    /** It stays in the file, and a name of any length is one line. */
    @Test
    void itIsKept() throws Exception {
        JobFile file = JobFile.read(JobFile.of(EverythingTest.full().job()).text().replaceFirst("\"title\"",
                "\"ti\\\\ntle\": 1, \"title\""));
        assertEquals(1, file.unknown().size());
        assertTrue(file.unknown().getFirst().lines().count() == 1, file.unknown().getFirst());
        assertEquals(file.unknown(), JobFile.read(file.text()).unknown());
    }
}
