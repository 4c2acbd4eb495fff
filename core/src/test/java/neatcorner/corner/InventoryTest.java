package neatcorner.corner;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import neatcorner.measure.Length;
import neatcorner.measure.Units;
import org.junit.jupiter.api.Test;

/** What lies in a shop's drawers to begin with. */
class InventoryTest {

    /** Biscuits are of one standard everywhere, and known by its numbers. */
    @Test
    void anInchShopHasSizesOfAnInchRule() {
        long mark = Length.inches(1.0 / 16).units();
        List<Reinforcement> odd = Inventory.usual(Units.INCHES).items().stream()
                .filter(item -> item.kind() != ReinforcementKind.BISCUIT)
                .filter(item -> item.size().units() % mark != 0 || item.width().units() % mark != 0).toList();
        assertEquals(List.of(), odd);
        assertTrue(Inventory.usual(Units.INCHES).items().size() > 30);
    }

    @Test
    void aMetricShopHasWholeMillimetres() {
        assertTrue(Inventory.usual(Units.MILLIMETRES).items().stream()
                .allMatch(
                        item -> item.size().units() % Length.PER_MM == 0 && item.width().units() % Length.PER_MM == 0));
    }

    @Test
    void biscuitsAreKnownByTheirNumber() {
        assertEquals(Optional.of(20), Inventory.biscuitSize(Inventory.biscuit(20).withCount(2)));
        assertEquals(Optional.empty(), Inventory.biscuitSize(Inventory.biscuit(10).withSize(Length.mm(21))));
    }
}
