package neatcorner.corner.solid;

import static neatcorner.corner.solid.CornersOfTest.mm;
import static neatcorner.corner.solid.CornersOfTest.section;
import static neatcorner.corner.solid.CornersOfTest.wood;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import neatcorner.corner.Inventory;
import neatcorner.corner.Reinforcement;
import neatcorner.corner.ReinforcementKind;
import neatcorner.corner.ScrewGauge;
import neatcorner.measure.Length;
import neatcorner.measure.Units;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Whatever is asked of whatever corner: what is offered is clear. */
class FittingTest {
    private static final Inventory SHOP = Inventory.usual(Units.MILLIMETRES);
    private static final Inventory INCHES = Inventory.usual(Units.INCHES);

    private static ReinforcementKind kind(int index) {
        return ReinforcementKind.values()[index % ReinforcementKind.values().length];
    }

    @Property(tries = 120)
    void theStrongestIsClearOrThereIsNone(@ForAll @IntRange(max = 14) int kind,
            @ForAll @DoubleRange(min = 60, max = 170) double interior,
            @ForAll @DoubleRange(min = 12, max = 90) double before, @ForAll @DoubleRange(max = 40) double wider,
            @ForAll @DoubleRange(min = 10, max = 40) double thick) {
        CornerWood wood = wood(interior, before, before + wider, section(before, thick, before / 5, thick / 2));
        for (Inventory shop : List.of(SHOP, INCHES)) {
            Reinforcement chosen = new Fitting(CornersOfTest.joined(wood), mm(0.5)).strongest(kind(kind), shop)
                    .chosen();
            if (chosen != null) {
                JoinedCorner joined = CornersOfTest.joined(wood, chosen);
                assertTrue(joined.isClear(), () -> chosen + " " + joined.clashes());
            }
        }
    }

    @Property(tries = 150)
    void whatIsMendedIsClear(@ForAll @IntRange(max = 14) int kind,
            @ForAll @DoubleRange(min = 70, max = 150) double interior,
            @ForAll @DoubleRange(min = 20, max = 90) double face, @ForAll @DoubleRange(min = 5, max = 80) double size,
            @ForAll @IntRange(min = 1, max = 4) int count) {
        Reinforcement like = SHOP.of(kind(kind)).getFirst();
        Reinforcement asked = like.withSize(mm(size)).withCount(count);
        JoinedCorner joined = CornersOfTest.joined(wood(interior, face, face, section(face, 22, face / 5, 11)), asked);
        if (joined.isClear() || !joined.missing().isEmpty()) {
            return;
        }
        Optional<Fitting.Mended> mended = new Fitting(joined, mm(0.5)).mend(0, SHOP);
        mended.ifPresent(better -> {
            assertTrue(joined.with(0, better.reinforcement()).isClear(), () -> asked + " as " + better);
            assertTrue(better.reinforcement().count() <= count);
            assertTrue(!better.reinforcement().size().isMoreThan(asked.size()), "never longer");
        });
    }

    @Property(tries = 100)
    void glueIsNeverNegativeAndGrowsWithDepth(@ForAll @DoubleRange(min = 60, max = 150) double interior,
            @ForAll @DoubleRange(min = 5, max = 25) double depth) {
        CornerWood wood = wood(interior, 60, 70, section(60, 20, 7, 10));
        GlueArea less = CornersOfTest.joined(wood, Reinforcement.spline(mm(depth), mm(3), 1)).glue();
        GlueArea more = CornersOfTest.joined(wood, Reinforcement.spline(mm(depth + 5), mm(3), 1)).glue();
        assertTrue(less.longGrain() < more.longGrain() && less.endGrain() > more.endGrain());
        assertTrue(more.endGrain() >= 0);
    }

    @Property(tries = 1000)
    void aGaugeIsFoundFromItsThickness(@ForAll @IntRange(max = 24) int gauge) {
        assertEquals(gauge, ScrewGauge.nearest(new ScrewGauge(gauge).diameter()).number());
        assertEquals(new ScrewGauge(gauge).diameter(), new ScrewGauge(gauge).clearance());
        assertTrue(new ScrewGauge(gauge).head().isMoreThan(new ScrewGauge(gauge).diameter()));
        assertTrue(ScrewGauge.nearest(Length.mm(500)).number() == 24);
    }

    @Property(tries = 60)
    void drawersAreAddedToAndEmptied(@ForAll @IntRange(max = 14) int kind) {
        Reinforcement item = SHOP.of(kind(kind)).getFirst().withSize(mm(123));
        Inventory more = SHOP.plus(item.withCount(3).at(mm(5), mm(6)));
        assertEquals(item, more.of(kind(kind)).getFirst(), "one, at no place, the largest first");
        assertEquals(SHOP, more.without(item));
        assertTrue(SHOP.without(SHOP.of(kind(kind)).getFirst()).of(kind(kind)).size() < SHOP.of(kind(kind)).size());
    }

    /** Each kind of part can be bought, in sizes of either system. */
    @ParameterizedTest
    @EnumSource
    void everyKindLiesInTheUsualDrawers(ReinforcementKind kind) {
        for (Units units : Units.values()) {
            assertFalse(Inventory.usual(units).of(kind).isEmpty(), kind.title());
        }
    }
}
