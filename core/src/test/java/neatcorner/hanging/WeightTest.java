package neatcorner.hanging;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.Collections;
import java.util.List;
import java.util.Optional;
import neatcorner.fitout.FrameSizes;
import neatcorner.fitout.Layer;
import neatcorner.fitout.Material;
import neatcorner.fitout.Pack;
import neatcorner.fitout.SizeOf;
import neatcorner.measure.Length;
import neatcorner.measure.Mass;
import neatcorner.measure.Units;
import neatcorner.outline.Contours;
import neatcorner.outline.Faces;
import neatcorner.outline.Opening;
import neatcorner.outline.Outline;
import neatcorner.outline.Shape;
import neatcorner.piece.CornerJoint;
import neatcorner.piece.FramePieces;
import neatcorner.section.Rabbet;
import neatcorner.section.Section;
import neatcorner.wood.Species;
import org.junit.jupiter.api.Test;

class WeightTest {
    private static final Section OAK = new Section(Species.named("white oak"), Length.mm(40), Length.mm(20),
            Rabbet.plain(Length.mm(10), Length.mm(10)));
    private static final FrameSizes SIZES = FrameSizes.from(SizeOf.RABBET,
            new Opening(Length.mm(1001.5), Length.mm(501.5)),
            new FrameSizes.Given(Optional.empty(), Length.mm(1.5), Length.mm(10), Faces.all(Length.mm(40))));

    private static Weight weight(Pack pack) {
        Faces faces = Faces.all(Length.mm(40));
        return Weight.of(new Weight.Frame(FramePieces.ofRectangle(SIZES.sight(), faces), OAK, Outline.rectangle(),
                CornerJoint.MITER), Contours.rectangle(SIZES.sight(), 10, faces.list()), pack, SIZES, true,
                Length.mm(1.5));
    }

    /** EN 572-1: glass weighs 2.5 kg per m² and millimetre of thickness. */
    @Test
    void halfASquareMetreOfTwoMillimetreGlassWeighsTwoAndAHalfKilograms() {
        Weight weight = weight(new Pack(List.of(new Layer.Glazing(Material.GLASS, Length.mm(2)))));
        assertEquals(2.5, weight.pack().kilograms(), 1e-9);
    }

    /**
     * Solids by hand: sight 400 × 300, sides 40 wide and 20 thick with a rabbet of 10 × 10, so 480 × 380 outside. In front of the
     * rabbet the wood is 40 wide, behind its floor 30. In each layer one pair runs through and the other stands between.
     */
    @Test
    void everyJointLeavesItsOwnWood() {
        double front = 40 * 10;
        double back = 30 * 10;
        double sidesThrough = 2 * 380 + 2 * 400;
        double topsThrough = 2 * 480 + 2 * 300;
        assertEquals((480 * 380 - 400 * 300) * 10 + (480 * 380 - 420 * 320) * 10, volume(CornerJoint.MITER), 0.01);
        assertEquals((front + back) * sidesThrough, volume(CornerJoint.BUTT), 0.01);
        assertEquals((front + back) * sidesThrough, volume(CornerJoint.DADO), 0.01, "what is let in is cut out");
        assertEquals(front * sidesThrough + back * topsThrough, volume(CornerJoint.LAP), 0.01);
        double third = 20 / 3.0;
        assertEquals(40 * third * sidesThrough + (40 + 30) / 2.0 * third * topsThrough + 30 * third * sidesThrough,
                volume(CornerJoint.BOX), 0.01);
        assertEquals((480 * 380 - 400 * 300) * 10 + back * (2 * 440 + 2 * 340), volume(CornerJoint.MITRED_LAP), 0.01);
    }

    private static double volume(CornerJoint joint) {
        Opening sight = new Opening(Length.mm(400), Length.mm(300));
        Contours contours = Contours.rectangle(sight, 10, Faces.all(Length.mm(40)).list());
        return new Weight.Frame(FramePieces.of(contours, Outline.rectangle(), joint), OAK, Outline.rectangle(), joint)
                .volume(contours);
    }

    /** A mat weighs what its window leaves of it; strips run once round what they lie in; where no rabbet holds it, all is larger. */
    @Test
    void everyLayerWeighsWhatIsCutForIt() {
        Opening cut = new Opening(Length.mm(500), Length.mm(400));
        FrameSizes sizes = new FrameSizes(cut, new Opening(Length.mm(300), Length.mm(200)), cut, cut, cut, cut);
        Contours contours = Contours.rectangle(cut, 0, Faces.all(Length.mm(40)).list());
        Layer mat = new Layer.Mat(Length.mm(1.4), Length.mm(3), Faces.all(Length.mm(50)));
        assertEquals((0.2 - 0.06) * 0.0014 * Material.MAT_BOARD.density(),
                Weight.of(mat, cut, sizes, Outline.rectangle(), contours).kilograms(), 1e-9);
        Layer strips = new Layer.Spacers(Length.mm(5));
        assertEquals(2 * 0.9 * Layer.Spacers.WIDE.toMm() / 1000 * 0.005 * Material.SPACER.density(),
                Weight.of(strips, cut, sizes, Outline.rectangle(), contours).kilograms(), 1e-9);
        Outline hexagon = Outline.of(new Shape.Regular(6, false));
        Contours six = Contours.straight(Shape.regular(6, 200), 0, Collections.nCopies(6, Length.mm(30)));
        Opening box = six.rabbet().box();
        double whole = box.areaM2() * 0.002 * 2500;
        assertEquals(whole * 0.75, Weight.of(new Layer.Glazing(Material.GLASS, Length.mm(2)), box, sizes, hexagon, six)
                .kilograms(), 1e-3, "a hexagon fills three quarters of its box");
    }

    /** Common practice: a hook is rated at four times its load; one within 25 mm or an inch of the top is seen. */
    @Test
    void hooksAndWiresAreSafeAndOutOfSight() {
        assertEquals(20, new Hook(Length.mm(1500), Length.ZERO, new Mass(5)).needed().kilograms(), 1e-9);
        assertEquals(Length.mm(25), Wire.hidden(Units.MILLIMETRES));
        assertEquals(Length.inches(1), Wire.hidden(Units.INCHES));
        assertEquals(30, Wire.usual(Length.mm(400), Length.ZERO, Length.mm(200), Length.mm(25)).degrees());
        assertEquals(15, Wire.usual(Length.mm(400), Length.ZERO, Length.mm(50), Length.mm(25)).degrees(), "no flatter");
        assertEquals(20, Wire.usual(Length.mm(400), Length.ZERO, Length.mm(98), Length.mm(25)).degrees(),
                "as flat as hides it");
    }

    @Test
    void aWallIsLookedAtFromItsMiddle() {
        OnWall wall = OnWall.usual(Units.MILLIMETRES);
        assertEquals(Length.mm(4000), wall.width());
        assertEquals(Length.mm(2000), wall.from());
    }

    /** Geometry: the frame's volume is the outer block less the openings at the front and behind. */
    @Test
    void theWoodWeighsWhatTheFrameLeavesOfABlock() {
        double outside = SIZES.outside().areaM2();
        double volume = (outside - SIZES.sight().areaM2()) * 0.010 + (outside - SIZES.rabbet().areaM2()) * 0.010;
        assertEquals(volume * 0.68 * 1.12 * 1000, weight(new Pack(List.of())).wood().kilograms(), 1e-6);
    }
}
