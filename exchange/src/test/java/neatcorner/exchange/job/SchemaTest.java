package neatcorner.exchange.job;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import neatcorner.exchange.json.JsonText;
import neatcorner.exchange.json.Node;
import neatcorner.fitout.Pack;
import neatcorner.job.Job;
import neatcorner.measure.LengthRange;
import neatcorner.measure.Notation;
import neatcorner.measure.Units;
import neatcorner.stock.Rack;
import org.junit.jupiter.api.Test;

/** The published schema says the limits that the reader has. */
class SchemaTest {
    private static final Pattern RANGE = Pattern.compile("a length from (\\S+) mm to (\\S+) mm, for (.*)");

    private static Node schema() throws Exception {
        return Node.root(JsonText.read(Files.readString(Path.of("../docs/neat-corner-job.schema.json"))));
    }

    @Test
    void everyLengthHasItsRangeThere() throws Exception {
        for (LengthRange range : LengthRange.values()) {
            Node there = schema().required("$defs").required("length " + range.name().toLowerCase(Locale.ROOT));
            Matcher said = RANGE.matcher(range.text(Notation.of(Units.MILLIMETRES)).replace('−', '-'));
            assertTrue(said.matches(), range.text(Notation.of(Units.MILLIMETRES)));
            assertTrue(there.required("description").text().contains(
                    said.group(3) + ", " + said.group(1) + " to " + said.group(2) + " mm or "), range.name());
            assertEquals(Double.parseDouble(said.group(2)), there.required("maximum").number(0, 1e9, ""));
        }
    }

    @Test
    void listsHaveTheirLimitsThere() throws Exception {
        Node fields = schema().required("properties");
        assertEquals(Pack.MOST_LAYERS, fields.required("pack").required("maxItems").whole(0, 9999));
        assertEquals(Job.MOST_REINFORCEMENTS, fields.required("corner").required("properties")
                .required("reinforcement").required("maxItems").whole(0, 9999));
        assertEquals(Rack.MOST_KINDS, fields.required("stock").required("properties").required("sticks")
                .required("maxItems").whole(0, 9999));
    }
}
