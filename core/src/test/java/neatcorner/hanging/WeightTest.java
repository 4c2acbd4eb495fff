package neatcorner.hanging;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import java.util.Optional;
import neatcorner.fitout.FrameSizes;
import neatcorner.fitout.Layer;
import neatcorner.fitout.Material;
import neatcorner.fitout.Pack;
import neatcorner.fitout.SizeOf;
import neatcorner.measure.Length;
import neatcorner.measure.Units;
import neatcorner.outline.Contours;
import neatcorner.outline.Faces;
import neatcorner.outline.Opening;
import neatcorner.outline.Outline;
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
                Units.MILLIMETRES);
    }

    /** EN 572-1: glass weighs 2.5 kg per m² and millimetre of thickness. */
    @Test
    void halfASquareMetreOfTwoMillimetreGlassWeighsTwoAndAHalfKilograms() {
        Weight weight = weight(new Pack(List.of(new Layer.Glazing(Material.GLASS, Length.mm(2)))));
        assertEquals(2.5, weight.pack().kilograms(), 1e-9);
    }

    /** Geometry: the frame's volume is the outer block less the openings at the front and behind. */
    @Test
    void theWoodWeighsWhatTheFrameLeavesOfABlock() {
        double outside = SIZES.outside().areaM2();
        double volume = (outside - SIZES.sight().areaM2()) * 0.010 + (outside - SIZES.rabbet().areaM2()) * 0.010;
        assertEquals(volume * 0.68 * 1.12 * 1000, weight(new Pack(List.of())).wood().kilograms(), 1e-6);
    }
}
