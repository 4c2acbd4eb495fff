package neatcorner.section;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import neatcorner.fitout.Layer;
import neatcorner.fitout.Material;
import neatcorner.fitout.Pack;
import neatcorner.measure.Length;
import neatcorner.wood.Species;
import org.junit.jupiter.api.Test;

class SectionTest {
    private static final Section ASH = new Section(Species.named("white ash"), Length.mm(30), Length.mm(20),
            Rabbet.plain(Length.mm(6), Length.mm(12)));
    private static final Rabbet DOUBLE = new Rabbet(Length.mm(6), Length.mm(12),
            new Rabbet.Step(Length.mm(10), Length.mm(5)));

    @Test
    void lipAndWallAreWhatTheRabbetLeaves() {
        assertEquals(Length.mm(8), ASH.lip());
        assertEquals(Length.mm(24), ASH.wall());
        assertEquals(Length.mm(20), ASH.withRabbet(DOUBLE).wall());
    }

    /** Density: Wood Handbook (FPL-GTR-282), specific gravity at 12 % × 1.12; white ash 0.60, from memory. */
    @Test
    void aMetreOfAshWeighsItsAreaTimesItsDensity() {
        assertEquals(672, ASH.wood().density(), 1e-9);
        assertEquals((30 * 20 - 6 * 12) * 1e-6 * 672, ASH.perMetre().kilograms(), 1e-12);
        assertEquals(30 * 20 - 6 * 12 - 4 * 5, ASH.withRabbet(DOUBLE).areaMm2(Length.mm(30)), 1e-9);
    }

    @Test
    void theCentroidLiesTowardsTheSolidSide() {
        assertEquals((600 * 15.0 - 72 * 3.0) / 528, ASH.centroidXMm(), 1e-9);
        assertTrue(ASH.withRabbet(DOUBLE).centroidXMm() > ASH.centroidXMm());
    }

    @Test
    void aRabbetThatLeavesNothingIsNotSound() {
        assertTrue(ASH.isSound());
        assertFalse(ASH.withRabbet(Rabbet.plain(Length.mm(30), Length.mm(12))).isSound());
        assertFalse(ASH.withThickness(Length.mm(12)).isSound());
        assertFalse(ASH.withRabbet(new Rabbet(Length.mm(6), Length.mm(12),
                new Rabbet.Step(Length.mm(5), Length.mm(5)))).isSound());
    }

    @Test
    void sparesAreMeasuredFromWhereTheBackingLies() {
        Pack pack = new Pack(List.of(new Layer.Glazing(Material.GLASS, Length.mm(2)), new Layer.Art(Length.mm(0.3)),
                new Layer.Backing(Material.HARDBOARD, Length.mm(3))));
        assertEquals(Length.mm(12 - 5.3), pack.spare(ASH.rabbet()));
        assertEquals(Length.mm(12 - 7 - 3), pack.spare(DOUBLE));
    }

    @Test
    void anUnknownWoodKeepsItsNameAndIsMarkedAsAssumed() {
        Species pear = Species.named("pear");
        assertEquals("pear", pear.name());
        assertTrue(pear.assumed());
        assertFalse(Species.named("White Ash").assumed());
    }
}
