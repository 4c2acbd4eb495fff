package neatcorner.wood;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class MoistureTest {

    /** Wood Handbook (FPL-GTR-282), table 4-2, the row for 70 °F; from memory. */
    @ParameterizedTest
    @CsvSource({"10, 2.5", "20, 4.5", "30, 6.2", "40, 7.7", "50, 9.2", "60, 11.0", "65, 12.0", "70, 13.1", "80, 16.0",
        "90, 20.5"})
    void woodComesToRestAsTheTableSays(double humidity, double moisture) {
        assertEquals(moisture, Moisture.atRest((70 - 32) / 1.8, humidity), 0.1);
    }

    @Test
    void airCannotBeMoreThanDamp() {
        assertThrows(IllegalArgumentException.class, () -> Moisture.atRest(20, 100));
        assertThrows(IllegalArgumentException.class, () -> Moisture.atRest(20, Double.NaN));
    }

    /** Wood Handbook, chapter 13, worked example: 232 mm of flat-sawn white fir, 8 to 11 %; from memory. */
    @Test
    void aBoardSwellsAsInTheWorkedExample() {
        assertEquals(1.71, Movement.change(232, .00245, 3), 0.005);
    }

    /** Wood Handbook, table 13-5; from memory. */
    @Test
    void everyKnownWoodMovesMoreAlongItsRings() {
        for (Species species : Species.KNOWN) {
            Movement movement = Movement.of(species);
            assertTrue(movement.tangential() > movement.radial(), species.name());
        }
        assertEquals(.00431, Movement.of(Species.named("American beech")).tangential());
        assertTrue(Movement.of(Species.named("bog willow")).assumed());
    }
}
