package neatcorner.fitout;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import neatcorner.measure.Length;
import neatcorner.measure.Units;
import neatcorner.outline.Faces;
import neatcorner.outline.Opening;
import neatcorner.section.Rabbet;
import org.junit.jupiter.api.Test;

class PackTest {
    private static final Length UNDER = CutSizes.under(Units.MILLIMETRES, Length.mm(1.5));
    private static final Layer GLASS = new Layer.Glazing(Material.GLASS, Length.mm(2));
    private static final Layer.Mat MAT = new Layer.Mat(Length.mm(1.4), Length.mm(3), Faces.all(Length.mm(50)));
    private static final Layer ART = new Layer.Art(Length.mm(0.3));
    private static final Layer BOARD = new Layer.Backing(Material.HARDBOARD, Length.mm(3));

    private static Pack pack(Layer... layers) {
        return new Pack(List.of(layers));
    }

    @Test
    void thicknessesAddUp() {
        assertEquals(Length.mm(6.7), pack(GLASS, MAT, ART, BOARD).thickness());
        assertEquals(Length.ZERO, pack().thickness());
    }

    @Test
    void whateverIsPutInFindsItsPlace() {
        Pack built = pack().plus(BOARD).plus(ART).plus(GLASS).plus(MAT);
        assertEquals(List.of(GLASS, MAT, ART, BOARD), built.layers());
        Layer second = new Layer.Glazing(Material.ACRYLIC, Length.mm(3));
        assertEquals(List.of(GLASS, second, MAT, ART, BOARD), built.plus(second).layers());
    }

    @Test
    void layersAreChangedAndTakenOut() {
        Pack pack = pack(GLASS, MAT, ART);
        assertEquals(Length.mm(5),
                pack.with(0, glass -> glass.withThickness(Length.mm(5))).layers().getFirst().thickness());
        assertEquals(List.of(GLASS, ART), pack.without(1).layers());
        assertEquals(Length.mm(5), pack.withMat(MAT.withOverlap(Length.mm(5))).mat().orElseThrow().overlap());
        assertTrue(pack.without(1).mat().isEmpty());
    }

    @Test
    void whatIsSpareIsTheRabbetLessThePack() {
        Rabbet plain = Rabbet.plain(Length.mm(6), Length.mm(10));
        assertEquals(Length.mm(3.3), pack(GLASS, MAT, ART, BOARD).spare(plain));
        assertEquals(Length.mm(-2), pack(new Layer.Backing(Material.PLYWOOD, Length.mm(12))).spare(plain));
    }

    /** Geometry: with 4 mm of glass in front of a step that starts 8 mm down, the backing rests on the step. */
    @Test
    void inADoubleRabbetTheBackingRestsOnTheStep() {
        Rabbet stepped = new Rabbet(Length.mm(6), Length.mm(14), new Rabbet.Step(Length.mm(10), Length.mm(6)));
        Pack thin = pack(new Layer.Glazing(Material.GLASS, Length.mm(4)), BOARD);
        assertEquals(Length.mm(3), thin.spare(stepped));
        Pack thick = pack(new Layer.Glazing(Material.GLASS, Length.mm(10)), BOARD);
        assertEquals(Length.mm(1), thick.spare(stepped));
    }

    /** Common practice: 1.5 mm or 1/16 in under in all. */
    @Test
    void sheetsAreCutALittleUnder() {
        FrameSizes sizes = FrameSizes.from(SizeOf.RABBET, new Opening(Length.mm(300), Length.mm(200)),
                new FrameSizes.Given(Optional.of(MAT), Length.mm(1.5), Length.mm(6),
                        Faces.all(Length.mm(30))));
        Rabbet plain = Rabbet.plain(Length.mm(6), Length.mm(12));
        assertEquals(new Opening(Length.mm(298.5), Length.mm(198.5)),
                CutSizes.of(GLASS, sizes, plain, true, UNDER));
        assertEquals(Length.mm(300).minus(Length.inches(0, 1, 16)),
                CutSizes.of(BOARD, sizes, plain, true, CutSizes.under(Units.INCHES, Length.mm(1.5))).width());
        assertEquals(new Opening(Length.mm(297), Length.mm(197)),
                CutSizes.of(MAT, sizes, plain, true, UNDER));
        assertEquals(sizes.art(), CutSizes.of(ART, sizes, plain, true, UNDER));
    }

    /** EN 572-1: float glass weighs 2.5 kg per square metre and millimetre. */
    @Test
    void glassWeighsTwoAndAHalfKilogramsPerSquareMetreAndMillimetre() {
        assertEquals(2.5, Material.GLASS.density() * 1 * 0.001);
    }

    @Test
    void materialsAreKnownByNameHoweverItIsWritten() {
        assertEquals(Material.FOAM_BOARD, Material.named("  Foam Board "));
        assertEquals(Material.MDF, Material.named("mdf"));
        assertEquals("slate", Material.named("slate").name());
        assertEquals("Glass", GLASS.title());
        assertEquals("Hardboard", BOARD.title());
    }

    /** ISO 216: each size is half of the next, and the sides stand as 1 to √2. */
    @Test
    void theASeriesHalves() {
        List<StandardSize> series = StandardSize.A_SERIES;
        for (int i = 0; i < series.size(); i++) {
            Opening size = series.get(i).size();
            assertEquals(Math.sqrt(2), size.height().over(size.width()), 0.01, series.get(i).name());
            if (i > 0) {
                assertEquals(series.get(i - 1).size().height(), size.width());
                assertEquals(series.get(i - 1).size().width().toMm() * 2, size.height().toMm(), 1);
            }
        }
        assertEquals(new Opening(Length.mm(420), Length.mm(594)), series.get(3).size());
    }

    @Test
    void inchSizesAreInchesExactly() {
        StandardSize letter = StandardSize.INCH.stream().filter(size -> size.name().equals("8½ × 11")).findFirst()
                .orElseThrow();
        assertEquals(Length.inches(8, 1, 2), letter.size().width());
        assertEquals(StandardSize.INCH.size() + StandardSize.A_SERIES.size() + StandardSize.CENTIMETRES.size(),
                StandardSize.all().size());
        List<String> metric = StandardSize.in(Units.MILLIMETRES).stream().map(StandardSize::title)
                .toList();
        assertTrue(metric.containsAll(List.of("A4", "40 × 50 cm", "50 × 70 cm", "60 × 80 cm")), metric.toString());
        assertEquals(StandardSize.INCH, StandardSize.in(Units.INCHES));
    }

    @Test
    void aStandingSheetLiesDownWhenTurned() {
        Opening a4 = StandardSize.A_SERIES.get(1).size();
        assertEquals(new Opening(Length.mm(297), Length.mm(210)), a4.turned());
        assertTrue(a4.grown(Length.mm(1)).holds(a4) && !a4.holds(a4.grown(Length.mm(1))));
        assertEquals(0.06237, a4.areaM2(), 1e-9);
    }
}
