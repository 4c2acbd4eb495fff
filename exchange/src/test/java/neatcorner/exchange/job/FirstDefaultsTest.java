package neatcorner.exchange.job;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import neatcorner.exchange.json.Json;
import neatcorner.exchange.json.JsonText;
import neatcorner.job.Defaults;
import neatcorner.measure.Length;
import neatcorner.measure.Units;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What a file does not say is said once and for all, and a file of today says everything. */
class FirstDefaultsTest {

    private static String least(Units units) {
        return """
            { "format": "neat-corner-job/1", "units": "%s", "size": { "of": "sight", "width": 8, "height": 10 },
              "section": { "width": 2, "thickness": 1, "rabbet": { "width": 0.25, "depth": 0.5 } } }
            """.formatted(units.symbol());
    }

    @ParameterizedTest
    @EnumSource
    void whatIsLeftOutIsReadFromThereAndFromNowhereElse(Units units) throws Exception {
        Json written = JsonText.read(JobFile.read(least(units)).text());
        List<String> missing = new ArrayList<>();
        compare(FirstDefaults.job(units).json(), written, "", missing);
        assertEquals(List.of(), missing);
    }

    @ParameterizedTest
    @EnumSource
    void aNewJobSaysEverythingThatMayBeLeftOut(Units units) throws Exception {
        Json written = JsonText.read(JobFile.of(Defaults.blank(units)).text());
        List<String> missing = new ArrayList<>();
        names(FirstDefaults.job(units).json(), written, "", missing);
        assertEquals(List.of(), missing);
    }

    @ParameterizedTest
    @EnumSource
    void partsAndMatsWithoutTheirThinSizesAreTheUsualOnes(Units units) throws Exception {
        var job = JobFile.read(least(units).replace("\"section\"",
                """
                    "pack": [{ "kind": "mat", "thickness": 0.05, "borders": 2 }],
                    "corner": { "reinforcement": [{ "kind": "nail", "length": 1 }, { "kind": "slip", "depth": 0.5 }] }, "section\""""))
                .job();
        assertEquals(units.either(2.2, 0.083), job.reinforcement().getFirst().thickness());
        assertEquals(units.either(100, 4), job.reinforcement().get(1).width());
        assertEquals(units.either(3, 0.125), job.pack().mat().orElseThrow().overlap());
        assertTrue(job.pack().mat().orElseThrow().borders().areEqual());
        assertEquals(units == Units.INCHES ? Length.inches(2) : Length.mm(2),
                job.pack().mat().orElseThrow().borders().left());
    }

    /** By its mark, not by what it has: the usual shop gets new things with each version. */
    @ParameterizedTest
    @EnumSource
    void aFileThatSaysNothingOfItsShopIsKnownAsSuchWhateverShopsHaveByNow(Units units) throws Exception {
        JobFile unsaid = JobFile.read(least(units));
        assertTrue(unsaid.madeIn().isUndescribed());
        KnownShop ofAnotherVersion = unsaid.madeIn().withShop(unsaid.madeIn().shop().withPlaces(9, 9));
        assertTrue(JobFile.read(unsaid.madeIn(ofAnotherVersion).text()).madeIn().isUndescribed());
        assertTrue(JobFile.read(JobFile.of(Defaults.blank(units)).text()).madeIn().isUndescribed());
        JobFile described = JobFile
                .read(least(units).replace("\"section\"", "\"shop\": { \"bench\": 2 }, \"section\""));
        assertFalse(described.madeIn().isUndescribed(), "somebody's, though it does not say whose");
    }

    private static void compare(Json usual, Json written, String path, List<String> missing) {
        if (usual instanceof Json.Obj object && written instanceof Json.Obj there) {
            object.fields().forEach((name, value) -> {
                Json now = there.fields().get(name);
                if (now == null) {
                    missing.add(path + name);
                } else if (!path.isEmpty() || !name.equals("units")) {
                    compare(value, now, path + name + ".", missing);
                }
            });
        } else if (!JsonText.write(usual).equals(JsonText.write(written))) {
            missing.add(path + " is " + JsonText.write(written).strip() + ", not " + JsonText.write(usual).strip());
        }
    }

    private static void names(Json usual, Json written, String path, List<String> missing) {
        if (usual instanceof Json.Obj object && written instanceof Json.Obj there) {
            object.fields().forEach((name, value) -> {
                Json now = there.fields().get(name);
                if (now == null) {
                    missing.add(path + name);
                } else {
                    names(value, now, path + name + ".", missing);
                }
            });
        }
    }
}
