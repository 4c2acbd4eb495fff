package neatcorner.piece;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import neatcorner.job.Job;
import neatcorner.job.Jobs;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.outline.Contours;
import neatcorner.outline.Faces;
import neatcorner.outline.Opening;
import neatcorner.outline.Outline;
import neatcorner.outline.Shape;
import neatcorner.plan.FrameFields;
import neatcorner.plan.Plan;
import neatcorner.plan.Station;
import neatcorner.planner.Chapters;
import neatcorner.planner.Planner;
import neatcorner.stock.Stick;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Corners that are not mitred, and pieces longer than any stick. */
class JointTest {
    private static final Contours FRAME = Contours.rectangle(new Opening(Length.mm(400), Length.mm(300)), 6,
            Faces.all(Length.mm(40)).list());

    /** Common practice: in a butt corner two sides run through, in a lap or box corner all do. */
    @Test
    void squareCutPiecesRunThroughOrStandBetween() {
        List<Piece> butt = FramePieces.of(FRAME, Outline.rectangle(), CornerJoint.BUTT);
        assertEquals(Length.mm(400), butt.get(0).outer());
        assertEquals(Length.mm(380), butt.get(1).outer());
        for (CornerJoint joint : List.of(CornerJoint.LAP, CornerJoint.BOX)) {
            List<Piece> through = FramePieces.of(FRAME, Outline.rectangle(), joint);
            assertEquals(Length.mm(480), through.get(0).outer());
            assertEquals(Length.mm(380), through.get(1).sight());
            assertEquals(0, through.get(0).left().miter().degrees(), 1e-12);
        }
        Piece mitredLap = FramePieces.of(FRAME, Outline.rectangle(), CornerJoint.MITRED_LAP).getFirst();
        assertEquals(45, mitredLap.left().miter().degrees(), 1e-9);
        assertEquals(Length.mm(480), mitredLap.outer());
    }

    @ParameterizedTest
    @EnumSource(CornerJoint.class)
    void everyJointIsPlannedAndSaysWhatItTakes(CornerJoint joint) {
        Plan plan = Planner.plan(Jobs.chart().withJoint(joint));
        assertTrue(plan.canBeMade());
        assertEquals(8, plan.cuts().size());
        String slate = Chapters.at(Station.SHAPE).slate(plan).toString();
        assertEquals(joint == CornerJoint.LAP || joint == CornerJoint.MITRED_LAP, slate.contains("Cheek"));
        assertEquals(joint == CornerJoint.BOX, slate.contains("Fingers"));
        assertEquals(!joint.showsMiter(),
                plan.findings().stream().anyMatch(finding -> finding.code().equals("rabbet.runs-out")));
        assertTrue(Chapters.at(Station.SAW).slate(plan).rows().size() > 1);
    }

    @Test
    void otherShapesAreMitredWhateverIsAsked() {
        Job octagon = Jobs.chart().withJoint(CornerJoint.LAP)
                .withOutline(Outline.of(new Shape.Regular(8, false)));
        Plan plan = Planner.plan(octagon);
        assertEquals(22.5, plan.pieces().getFirst().left().miter().degrees(), 1e-9);
        assertTrue(plan.findings().stream().anyMatch(finding -> finding.code().equals("corner.rectangles-only")));
    }

    /** The parts, each overlapping the next by the scarf, add up to the piece; none is longer than the wood. */
    @Property(tries = 1000)
    void scarfedPartsMakeUpThePiece(@ForAll @DoubleRange(min = 1000, max = 9000) double length,
            @ForAll @DoubleRange(min = 600, max = 2400) double longest) {
        Piece piece = new Piece("A", Place.Side.TOP, Length.mm(length), Length.mm(length - 80), Length.mm(40),
                EndCut.flat(Angle.ofDegrees(45)), EndCut.flat(Angle.ofDegrees(45)));
        Scarf scarf = new Scarf(Scarf.USUAL, Length.mm(20));
        List<Piece> parts = scarf.parts(piece, Length.mm(longest));
        double sum = parts.stream().mapToDouble(part -> part.longPoint().toMm()).sum();
        assertEquals(length, sum - 160.0 * (parts.size() - 1), 0.01);
        assertTrue(parts.stream().noneMatch(part -> part.longPoint().toMm() > longest + 0.01));
        assertEquals(45, parts.getFirst().left().miter().degrees(), 1e-9);
        assertEquals(45, parts.getLast().right().miter().degrees(), 1e-9);
        if (parts.size() > 1) {
            assertEquals(0, parts.getFirst().right().miter().degrees(), 1e-9);
        }
    }

    @Test
    void aPanoramaOfFourMetresIsScarfedFromShortSticks() {
        Job panorama = Jobs.withSticks(new Stick("ash", Length.mm(2400), 8, null, List.of()));
        Job wide = FrameFields.ART_WIDTH.edit(Length.mm(4000)).of(panorama, Jobs.SHOP);
        assertTrue(Planner.plan(wide).findings().stream().anyMatch(f -> f.code().equals("stock.piece-too-long")));
        Plan scarfed = Planner.plan(wide.withStock(wide.stock().withScarf(Scarf.USUAL)));
        assertTrue(scarfed.canBeMade(), scarfed.findings().toString());
        assertEquals(4, scarfed.pieces().size());
        assertEquals(List.of("A1", "A2", "B", "C1", "C2", "D"), scarfed.parts().stream().map(Piece::name).toList());
        assertTrue(scarfed.layout().isComplete());
        assertTrue(new Scarf(8, Length.mm(400)).parts(scarfed.pieces().getFirst(), Length.mm(2400)).isEmpty());
    }
}
