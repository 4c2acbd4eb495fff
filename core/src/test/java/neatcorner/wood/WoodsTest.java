package neatcorner.wood;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Everyday names lead to the woods of the tables; a name that leads nowhere says so. */
class WoodsTest {

    @ParameterizedTest
    @CsvSource({"cherry, black cherry", "Oak, white oak", "pine, eastern white pine", "walnut, black walnut",
        "English oak, European oak", "lime, European lime", "redwood, Scots pine", "whitewood, Norway spruce",
        "reclaimed oak, white oak", "old red deal, Scots pine", "sapele, sapele", "poplar, yellow-poplar"})
    void everydayNamesLeadToSpecies(String said, String table) {
        Species wood = Species.named(said);
        assertEquals(table, wood.table());
        assertEquals(said, wood.name(), "a maker's word stays as it was said");
        assertFalse(wood.assumed());
    }

    /** EN 350, mean densities at 12 % moisture, from memory. */
    @ParameterizedTest
    @CsvSource({"European beech, 710", "European oak, 710", "Norway spruce, 460", "sapele, 650", "obeche, 390"})
    void europeanAndImportedWoodsWeighWhatTheStandardSays(String name, double density) {
        assertEquals(density, Species.named(name).density(), 1e-9);
    }

    @Test
    void aNameThatLeadsNowhereSaysSo() {
        Species unknown = Species.named("greenheart of the north");
        assertTrue(unknown.assumed());
        assertEquals(Tone.OTHER, unknown.tone());
        assertEquals(616, unknown.density(), 1e-9);
    }

    @Test
    void colorAndPoresFollowTheWoodAndNotItsSpelling() {
        assertEquals(Tone.CHERRY, Species.named("cherry").tone());
        assertEquals(Tone.PINE, Species.named("deal").tone());
        assertTrue(Species.named("English oak").isOpenGrained());
        assertTrue(Species.named("deal").isSoftwood());
        assertFalse(Species.named("wild cherry").isSoftwood());
        assertEquals(.00126, Movement.of(Species.named("cherry")).radial(), 1e-12);
    }
}
