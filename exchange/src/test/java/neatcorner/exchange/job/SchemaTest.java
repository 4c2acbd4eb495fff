package neatcorner.exchange.job;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.junit.jupiter.api.Assertions.fail;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.networknt.schema.InputFormat;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import neatcorner.exchange.BadFile;
import neatcorner.job.Defaults;
import neatcorner.measure.Units;
import org.junit.jupiter.api.Test;

/** The published schema and table say what the reader takes; a general validator (networknt) reads the schema. */
class SchemaTest {
    private static final Path DOCS = Path.of("../docs");
    private static final Path DEMO = Path.of("../desktop/src/main/resources/neatcorner/desktop/demo");
    private static final int MUTATIONS = Integer.getInteger("neatcorner.mutations", 10_000);
    private static final long SEED = Long.getLong("neatcorner.seed", 1);
    private static final ObjectMapper JSON = new ObjectMapper();
    private static final String START = "<!-- fields of jobs: made by ./neat-corner golden -->\n";
    private static final String END = "<!-- end of fields -->\n";

    /** What the reader refuses and no schema has words for; what else it refuses, the schema must too. */
    private static final List<Pattern> BEYOND_A_SCHEMA = Stream.of(
            // the value of a text: "40 m", "3/0 in", "(2"
            ": expected a length from \\S+ .* to \\S+ .*, for ", ": expected a length; in “", "a length under 1 km",
            // one value against another
            "a defect that ends after it starts", "a time after ", "a point apart from the next one",
            "names of which no two are “",
            "\\d+ widths, clockwise from the top").map(Pattern::compile).toList();

    private final Random random = new Random(SEED);

    private static JsonSchema schema() {
        return JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012).getSchema(JobForm.schema());
    }

    private static List<String> jobs() throws Exception {
        List<String> texts = new ArrayList<>();
        try (Stream<Path> files = Files.list(DEMO)) {
            for (Path file : files.filter(each -> each.toString().endsWith(".json")).sorted().toList()) {
                texts.add(Files.readString(file));
                texts.add(JobFile.read(file).text());
            }
        }
        for (Units units : Units.values()) {
            texts.add(JobFile.of(Defaults.blank(units)).text());
        }
        texts.add(JobFileTest.CHART);
        texts.add(EverythingTest.full().text());
        return texts;
    }

    @Test
    void whatIsPublishedIsWhatTheReaderTakes() throws Exception {
        Path schema = DOCS.resolve("neat-corner-job.schema.json");
        Path files = DOCS.resolve("files.md");
        String text = Files.readString(files);
        int from = text.indexOf(START) + START.length();
        int to = text.indexOf(END);
        assertTrue(from >= START.length() && to >= from, "files.md has no place for the fields");
        if (Boolean.getBoolean("neatcorner.golden")) {
            Files.writeString(schema, JobForm.schema());
            Files.writeString(files, text.substring(0, from) + JobForm.table() + text.substring(to));
            return;
        }
        assertEquals(JobForm.schema(), Files.readString(schema), "if that was meant: ./neat-corner golden");
        assertEquals(JobForm.table(), text.substring(from, to), "if that was meant: ./neat-corner golden");
    }

    @Test
    void everyDemoJobIsAsTheSchemaSays() throws Exception {
        JsonSchema schema = schema();
        for (String text : jobs()) {
            assertEquals(List.of(), List.copyOf(schema.validate(text, InputFormat.JSON)), text);
        }
    }

    @Test
    void schemaAndReaderAgreeOnFilesThatWereSpoilt() throws Exception {
        JsonSchema schema = schema();
        List<JsonNode> good = new ArrayList<>();
        for (String text : jobs()) {
            good.add(JSON.readTree(text));
        }
        int refused = 0;
        int beyond = 0;
        for (int i = 0; i < MUTATIONS; i++) {
            JsonNode job = good.get(random.nextInt(good.size())).deepCopy();
            for (int times = 0; times <= random.nextInt(2); times++) {
                spoil(job, good.get(random.nextInt(good.size())));
            }
            String text = JSON.writeValueAsString(job);
            boolean valid = schema.validate(text, InputFormat.JSON).isEmpty();
            String said = refusal(text);
            refused += said.isEmpty() ? 0 : 1;
            if (valid != said.isEmpty()) {
                beyond++;
                if (!valid || BEYOND_A_SCHEMA.stream().noneMatch(reason -> reason.matcher(said).find())) {
                    fail("seed " + SEED + ", case " + i + ": the schema says " + (valid ? "yes" : "no")
                            + ", the reader: " + said + schema.validate(text, InputFormat.JSON) + "\n" + text);
                }
            }
        }
        assertTrue(refused > MUTATIONS / 5 && refused < MUTATIONS * 4 / 5, refused + " refused");
        assertTrue(beyond < MUTATIONS / 20, beyond + " that no schema can tell");
    }

    private static String refusal(String text) {
        try {
            JobFile.read(text);
            return "";
        } catch (BadFile e) {
            return String.valueOf(e.getMessage());
        }
    }

    /** One value anywhere is changed: to another kind of thing, beyond its range, to one from elsewhere, or it is gone. */
    private void spoil(JsonNode job, JsonNode other) {
        List<JsonNode> containers = new ArrayList<>();
        containers(job, containers);
        JsonNode container = containers.get(random.nextInt(containers.size()));
        switch (container) {
            case ObjectNode object -> {
                List<String> names = new ArrayList<>();
                object.fieldNames().forEachRemaining(names::add);
                String name = names.get(random.nextInt(names.size()));
                if (random.nextInt(6) == 0) {
                    object.remove(name);
                } else {
                    object.set(name, changed(object.get(name), other));
                }
            }
            case ArrayNode array -> {
                int at = random.nextInt(array.size());
                switch (random.nextInt(4)) {
                    case 0 -> array.remove(at);
                    case 1 -> array.insert(at, array.get(at).deepCopy());
                    default -> array.set(at, changed(array.get(at), other));
                }
            }
            default -> throw new IllegalStateException(container.toString());
        }
    }

    private JsonNode changed(JsonNode value, JsonNode other) {
        if (value.isNumber() && random.nextInt(2) == 0) {
            double by = List.of(-1.0, 0.0, 0.5, 1000.0, 1e6, 1 / 3.0, 1e9).get(random.nextInt(7));
            return JSON.getNodeFactory().numberNode(value.doubleValue() * by);
        }
        List<JsonNode> all = new ArrayList<>();
        all.addAll(List.of(JSON.getNodeFactory().nullNode(), JSON.getNodeFactory().booleanNode(true),
                JSON.createObjectNode(), JSON.createArrayNode(), text("banana"), text("12 mm"), text("15 1/2 in"),
                text("2' 3 1/4\""), text("3 m"), text("09:30"), text("2 * (3 + 4) mm"), text(""),
                JSON.getNodeFactory().numberNode(7), JSON.getNodeFactory().numberNode(2.5)));
        if (random.nextInt(2) == 0) {
            values(other, all);
        }
        return all.get(random.nextInt(all.size())).deepCopy();
    }

    private static JsonNode text(String text) {
        return JSON.getNodeFactory().textNode(text);
    }

    private static void containers(JsonNode node, List<JsonNode> all) {
        if (node.isContainerNode() && !node.isEmpty()) {
            all.add(node);
            node.forEach(child -> containers(child, all));
        }
    }

    private static void values(JsonNode node, List<JsonNode> all) {
        all.add(node);
        node.forEach(child -> values(child, all));
    }
}
