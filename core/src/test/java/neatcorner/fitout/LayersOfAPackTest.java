package neatcorner.fitout;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import neatcorner.measure.Length;
import neatcorner.measure.Units;
import neatcorner.outline.Faces;
import neatcorner.outline.Opening;
import neatcorner.section.Rabbet;
import org.junit.jupiter.api.Test;

/** What lies in a rabbet: each layer has its thickness, its name and the size that it is cut to. */
class LayersOfAPackTest {
    private static final Length UNDER = CutSizes.under(Units.MILLIMETRES, Length.mm(1.5));
    private static final Length EDGE = Length.mm(60);
    private static final Layer.Mat MAT = new Layer.Mat(Length.mm(1.4), Length.mm(3), Faces.all(EDGE));
    private static final Pack ALL = new Pack(List.of(new Layer.Glazing(Material.GLASS, Length.mm(2)), MAT,
            new Layer.Art(Material.PAPER, Length.mm(0.3)), new Layer.Spacers(Length.mm(5)),
            new Layer.Backing(Material.MDF, Length.mm(3))));

    /** A rabbet of 406 × 306 in a frame that shows 400 × 300; the art is 280 × 180 under a window of 274 × 174. */
    private static final FrameSizes SIZES = new FrameSizes(opening(280, 180), opening(274, 174), opening(403, 303),
            opening(406, 306), opening(400, 300), opening(450, 350));

    private static Opening opening(double width, double height) {
        return new Opening(Length.mm(width), Length.mm(height));
    }

    @Test
    void aLayersThicknessIsChangedAndNothingElse() {
        for (Layer layer : ALL.layers()) {
            Layer thick = layer.withThickness(Length.mm(9));
            assertEquals(Length.mm(9), thick.thickness());
            assertEquals(layer, thick.withThickness(layer.thickness()));
        }
        assertEquals(Length.mm(2 + 1.4 + 0.3 + 5 + 3), ALL.thickness());
        assertEquals(Length.mm(3), ALL.backing());
    }

    @Test
    void everyLayerHasAName() {
        Set<String> names = new HashSet<>();
        for (Layer layer : ALL.layers()) {
            assertFalse(layer.title().isBlank());
            assertTrue(names.add(layer.title()), layer.title());
        }
    }

    @Test
    void oneLayerIsChangedAndTheOthersStay() {
        Pack thicker = ALL.with(4, layer -> layer.withThickness(Length.mm(6)));
        assertEquals(ALL.layers().subList(0, 4), thicker.layers().subList(0, 4));
        assertEquals(Length.mm(6), thicker.layers().getLast().thickness());
        assertEquals(ALL, ALL.with(5, layer -> layer.withThickness(Length.ZERO)), "there is no sixth");
        Layer.Mat wider = new Layer.Mat(Length.mm(2), Length.mm(3), Faces.all(EDGE));
        assertEquals(List.of(ALL.layers().getFirst(), wider), ALL.withMat(wider).layers().subList(0, 2));
        assertEquals(ALL.layers().subList(2, 5), ALL.withMat(wider).layers().subList(2, 5));
    }

    /** Common practice: glass and backing are cut 1.5 mm, or 1/16 in, under; mats as large as the pack; the art is as it is. */
    @Test
    void whatIsCutIsCutToItsPlace() {
        Rabbet stepped = new Rabbet(Length.mm(3), Length.mm(10), new Rabbet.Step(Length.mm(8), Length.mm(4)));
        List<Opening> sizes = List.of(opening(404.5, 304.5), opening(403, 303), opening(280, 180), opening(403, 303),
                opening(404.5 + 2 * 5, 304.5 + 2 * 5));
        for (int i = 0; i < sizes.size(); i++) {
            assertEquals(sizes.get(i), CutSizes.of(ALL.layers().get(i), SIZES, stepped, true, UNDER),
                    ALL.layers().get(i).title());
        }
        for (Layer layer : ALL.layers()) {
            assertEquals(layer instanceof Layer.Art ? opening(280, 180) : opening(403, 303),
                    CutSizes.of(layer, SIZES, stepped, false, UNDER), "where no rabbet holds it");
        }
    }

    @Test
    void onlyMaterialsThatAreNamedAsWeNameThemAreKnown() {
        for (Material material : List.of(Material.GLASS, Material.ACRYLIC, Material.MDF, Material.CARD,
                Material.MAT_BOARD,
                Material.PAPER, Material.CANVAS, Material.SPACER)) {
            assertTrue(material.isKnown(), material.name());
        }
        assertFalse(Material.named("slate").isKnown());
        assertFalse(new Material("glass", 2400).isKnown(), "another weight, another thing");
    }

    /** A strip runs all round and triangles stand in the corners; of all others there is a number along each side. */
    @Test
    void someRetainersAreSetOutOneByOne() {
        Set<RetainerKind> whole = Set.of(RetainerKind.STRIP, RetainerKind.TRIANGLES);
        for (RetainerKind kind : RetainerKind.values()) {
            assertEquals(!whole.contains(kind), kind.isSpaced(), kind.title());
            assertFalse(kind.title().isBlank());
            assertEquals(kind == RetainerKind.OFFSET_CLIPS, kind.holdsProud(),
                    "only a stepped clip reaches over a proud pack");
        }
        assertEquals(RetainerKind.Spread.ALL_ROUND, RetainerKind.STRIP.spread());
        assertEquals(RetainerKind.Spread.IN_CORNERS, RetainerKind.TRIANGLES.spread());
    }

    /** As they are commonly sold: points of 13 mm or 1/2 in, clips' screws of 10 mm or 3/8 in. */
    @Test
    void aRetainerIsAsLongAsItIsSold() {
        assertEquals(Length.mm(13), Retainers.usual(Units.MILLIMETRES).length());
        assertEquals(Length.inches(0, 1, 2), Retainers.of(RetainerKind.PUSH_POINTS, Units.INCHES).length());
        assertEquals(Length.mm(10), Retainers.of(RetainerKind.OFFSET_CLIPS, Units.MILLIMETRES).length());
        assertEquals(Length.inches(0, 3, 8), Retainers.of(RetainerKind.TURN_CLIPS, Units.INCHES).length());
        assertEquals(Length.mm(20), Retainers.of(RetainerKind.BENT_NAILS, Units.MILLIMETRES).length());
        assertEquals(Length.inches(0, 5, 8), Retainers.of(RetainerKind.BRADS, Units.INCHES).length());
    }

    /** A screw's tip stops 2 mm, or 1/16 in, short of a painted panel's face: common practice. */
    @Test
    void aPanelsFaceStaysWhole() {
        assertEquals(Length.mm(2), Bite.spareInPanel(Units.MILLIMETRES));
        assertEquals(Length.inches(0, 1, 16), Bite.spareInPanel(Units.INCHES));
    }
}
