package neatcorner.fitout;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNull;

import java.util.List;
import java.util.Optional;
import neatcorner.measure.Length;
import neatcorner.measure.Units;
import neatcorner.outline.Faces;
import neatcorner.outline.Opening;
import neatcorner.section.Rabbet;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class FrameSizesTest {
    private static final Length UNDER = CutSizes.under(Units.MILLIMETRES, Length.mm(1.5));
    private static final Layer.Mat MAT = new Layer.Mat(Length.mm(1.4), Length.mm(3),
            new Faces(Length.mm(50), Length.mm(50), Length.mm(60), Length.mm(50)));

    private static Opening mm(double width, double height) {
        return new Opening(Length.mm(width), Length.mm(height));
    }

    private static FrameSizes.Given given(boolean matted) {
        return new FrameSizes.Given(matted ? Optional.of(MAT) : Optional.empty(), Length.mm(1.5), Length.mm(6),
                Faces.all(Length.mm(30)));
    }

    @Test
    void everythingFollowsFromTheArt() {
        FrameSizes sizes = FrameSizes.from(SizeOf.ART, mm(594, 420), given(true));
        assertEquals(mm(588, 414), sizes.window());
        assertEquals(mm(688, 524), sizes.pack());
        assertEquals(mm(691, 527), sizes.rabbet());
        assertEquals(mm(679, 515), sizes.sight());
        assertEquals(mm(739, 575), sizes.outside());
    }

    @Test
    void withoutAMatTheArtIsThePack() {
        FrameSizes sizes = FrameSizes.from(SizeOf.ART, mm(500, 400), given(false));
        assertNull(sizes.window());
        assertEquals(sizes.art(), sizes.pack());
        assertEquals(mm(503, 403), sizes.rabbet());
    }

    /** Common practice: 15½ in opening, 2¼ in faces, 20 in at the long points. */
    @Test
    void theLongPointOfAFifteenAndAHalfInchOpening() {
        Opening sight = new Opening(Length.inches(15.5), Length.inches(11));
        FrameSizes sizes = FrameSizes.from(SizeOf.SIGHT, sight, new FrameSizes.Given(Optional.empty(),
                Length.inches(0, 1, 16), Length.inches(0.25), Faces.all(Length.inches(2.25))));
        assertEquals(Length.inches(20), sizes.outside().width());
    }

    @Property(tries = 1000)
    void startingFromAnySizeGivesTheSameFrame(@ForAll @IntRange(min = 50, max = 3000) int width,
            @ForAll @IntRange(min = 50, max = 3000) int height, @ForAll SizeOf of, @ForAll boolean matted) {
        FrameSizes sizes = FrameSizes.from(SizeOf.ART, mm(width, height), given(matted));
        assertEquals(sizes, FrameSizes.from(of, sizes.of(of), given(matted)));
    }

    @Test
    void sizesThatLeaveNothingAreImpossibleNotWrong() {
        assertFalse(FrameSizes.from(SizeOf.OUTSIDE, mm(50, 50), given(true)).arePossible());
        assertFalse(FrameSizes.from(SizeOf.ART, mm(0, 100), given(false)).arePossible());
    }

    /** ISO 216. */
    @Test
    void theASeriesIsTheStandardOne() {
        assertEquals(List.of(mm(148, 210), mm(210, 297), mm(297, 420), mm(420, 594), mm(594, 841)),
                StandardSize.A_SERIES.stream().map(StandardSize::size).toList());
    }

    /** Common practice: glass 1/16 in (1.5 mm) under the rabbet size in all. */
    @Test
    void glassIsCutALittleUnder() {
        FrameSizes sizes = FrameSizes.from(SizeOf.ART, mm(594, 420), given(true));
        Layer glass = new Layer.Glazing(Material.GLASS, Length.mm(2));
        Rabbet rabbet = Rabbet.plain(Length.mm(6), Length.mm(12));
        assertEquals(mm(689.5, 525.5), CutSizes.of(glass, sizes, rabbet, true, UNDER));
        assertEquals(Length.inches(0, 1, 16), CutSizes.under(Units.INCHES, Length.inches(0, 1, 16)));
    }

    /** What covers the art is never smaller than the art: 594 × 420 with 0.5 mm a side lies in 595 × 421, and under such glass. */
    @Property
    void whatCoversTheArtIsNeverSmaller(@ForAll @IntRange(min = 0, max = 60) int tenths, @ForAll boolean inches) {
        Length clearance = Length.mm(tenths / 10.0);
        FrameSizes sizes = FrameSizes.from(SizeOf.ART, mm(594, 420),
                new FrameSizes.Given(Optional.empty(), clearance, Length.mm(6), Faces.all(Length.mm(30))));
        Rabbet rabbet = Rabbet.plain(Length.mm(6), Length.mm(12));
        Units units = inches ? Units.INCHES : Units.MILLIMETRES;
        for (Layer layer : List.of(new Layer.Glazing(Material.GLASS, Length.mm(2)),
                new Layer.Backing(Material.HARDBOARD, Length.mm(3)))) {
            Opening cut = CutSizes.of(layer, sizes, rabbet, true, CutSizes.under(units, clearance));
            assertFalse(cut.width().isLessThan(Length.mm(594)) || cut.height().isLessThan(Length.mm(420)),
                    cut + " at " + clearance);
            assertFalse(cut.width().isMoreThan(sizes.rabbet().width()), "nor does it jam");
            Length usual = inches ? Length.inches(0, 1, 16) : Length.mm(1.5);
            assertFalse(sizes.rabbet().width().minus(cut.width()).isMoreThan(usual), "nor is it loose");
        }
    }

    @Test
    void theBackingOfADoubleRabbetLiesInTheWiderStep() {
        FrameSizes sizes = FrameSizes.from(SizeOf.ART, mm(100, 80), given(false));
        Rabbet rabbet = new Rabbet(Length.mm(6), Length.mm(12), new Rabbet.Step(Length.mm(10), Length.mm(5)));
        Layer backing = new Layer.Backing(Material.HARDBOARD, Length.mm(3));
        assertEquals(mm(100 + 3 + 8 - 1.5, 80 + 3 + 8 - 1.5),
                CutSizes.of(backing, sizes, rabbet, true, UNDER));
    }
}
