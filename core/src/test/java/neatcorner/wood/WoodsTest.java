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

    /** A wood stands in a name as words of their own; the longest that does is meant. */
    @Test
    void aWoodIsNotMeantByAPartOfAWord() {
        assertTrue(Species.named("soaked and dashed").assumed());
        assertEquals("white oak", Species.named("smoked-oak (old)").table());
        assertEquals("yellow-poplar", Species.named("2 poplar").table());
        assertTrue(Species.named("oaken").assumed());
        assertEquals(Species.named("sweet chestnut").table(), Species.named("wild sweet chestnut").table());
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

    /** Wood Handbook, table of mechanical properties, at 12 % moisture, in N/mm² (from memory): 11.6 GPa for black walnut. */
    @Test
    void aWoodThatIsInNoTableIsAsStiffAsAMiddlingOne() {
        assertEquals(11_600, Species.named("walnut").stiffness(), 1e-6);
        assertEquals(12_300, Species.named("reclaimed oak").stiffness(), 1e-6);
        double unknown = Species.named("greenheart of the north").stiffness();
        assertTrue(unknown >= 8_000 && unknown <= 13_000, unknown + " N/mm²");
    }

    /** One wood under two names is one wood; two that no table knows are as different as their names. */
    @Test
    void theSameWoodIsTheSameWhateverItIsCalled() {
        assertTrue(Species.named("walnut").isSameAs(Species.named("American walnut")));
        assertFalse(Species.named("walnut").isSameAs(Species.named("English walnut")));
        assertTrue(Species.named("bog willow").isSameAs(Species.named(" Bog Willow")));
        assertFalse(Species.named("bog willow").isSameAs(Species.named("bog oak of the north")));
        assertFalse(Species.named("bog willow").isSameAs(Species.named("walnut")));
        assertTrue(Woods.all().size() > 20);
    }

    /** Wood Handbook (Forest Products Laboratory), table 4-2: 9.2 % at 70 °F and 50 %. */
    @Test
    void theAirOfAMonthSaysHowMoistWoodGets() {
        assertEquals(9.2, new Climate.Air((70 - 32) / 1.8, 50).moisture(), 0.1);
        assertEquals(0, Moisture.atRest(20, 0), 1e-9);
        assertTrue(Moisture.atRest(20, 99) > 25);
    }
}
