package neatcorner.planner;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import neatcorner.fitout.SizeOf;
import neatcorner.job.Job;
import neatcorner.job.Jobs;
import neatcorner.measure.Length;
import neatcorner.measure.Notation;
import neatcorner.measure.Reading;
import neatcorner.measure.Units;
import neatcorner.outline.Faces;
import neatcorner.outline.Opening;
import neatcorner.piece.Piece;
import neatcorner.plan.Field;
import neatcorner.plan.FrameFields;
import neatcorner.plan.Plan;
import neatcorner.plan.Slate;
import neatcorner.plan.Station;
import neatcorner.saw.SawCut;
import neatcorner.station.sticks.StockFields;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class PlannerTest {

    @Test
    void aChartBecomesFourPiecesTwoSettingsAndTwoSticks() {
        Plan plan = Planner.plan(Jobs.chart());
        assertTrue(plan.canBeMade());
        assertEquals(List.of("A", "B", "C", "D"), plan.pieces().stream().map(Piece::name).toList());
        assertEquals(Length.mm(739), plan.pieces().getFirst().longPoint());
        assertEquals(Length.mm(679), plan.pieces().getFirst().shortPoint());
        assertEquals(45, plan.pieces().getFirst().left().miter().degrees(), 1e-9);
        assertEquals(2, plan.layout().sticks().size());
        assertTrue(plan.layout().proved());
        assertEquals(37.0, plan.layout().cost());
        assertEquals(List.of(List.of("A", "C"), List.of("B", "D")),
                plan.settings().stream().map(setting -> setting.pieces()).toList());
        assertEquals(Length.mm(739), plan.settings().getFirst().stop());
        assertEquals(Length.mm(5.3), plan.spareDepth());
    }

    @Test
    void firstAllFirstMitersThenTheLongPairThenTheShort() {
        List<SawCut> cuts = Planner.plan(Jobs.chart().withQuantity(2)).cuts();
        assertEquals(16, cuts.size());
        assertTrue(cuts.subList(0, 8).stream().allMatch(cut -> cut.kind() == SawCut.Kind.FIRST_MITER));
        assertEquals(List.of("A1", "C1", "A2", "C2", "B1", "D1", "B2", "D2"),
                cuts.subList(8, 16).stream().map(cut -> cut.piece().label(2)).toList());
        assertEquals(Length.mm(739), cuts.get(8).stop());
        assertEquals(Length.mm(575), cuts.getLast().stop());
    }

    /** Geometry: 40 mm against 60 mm at a square corner. */
    @Test
    void sidesOfTheirOwnWidthsHaveTheirOwnMiters() {
        Faces faces = new Faces(Length.mm(40), Length.mm(60), Length.mm(40), Length.mm(60));
        Plan plan = Planner.plan(Jobs.chart().withFaceWidths(faces));
        assertEquals(56.31, plan.pieces().get(0).left().miter().degrees(), 0.005);
        assertEquals(33.69, plan.pieces().get(1).left().miter().degrees(), 0.005);
        assertEquals(Length.mm(679 + 120), plan.sizes().outside().width());
        assertEquals(Length.mm(515 + 80), plan.sizes().outside().height());
    }

    @Property(tries = 200)
    void piecesLaidEndToEndCloseTheLoop(@ForAll @IntRange(min = 60, max = 2000) int width,
            @ForAll @IntRange(min = 60, max = 2000) int height, @ForAll @IntRange(min = 12, max = 90) int top,
            @ForAll @IntRange(min = 12, max = 90) int side) {
        Faces faces = new Faces(Length.mm(top), Length.mm(side), Length.mm(top + 7), Length.mm(side + 3));
        Plan plan = Planner.plan(Jobs.chart().withSize(SizeOf.SIGHT, new Opening(Length.mm(width), Length.mm(height)))
                .withFaceWidths(faces));
        for (Piece piece : plan.pieces()) {
            double face = piece.face().toMm();
            double lost = face * (piece.left().miter().tan() + piece.right().miter().tan());
            assertEquals(piece.outer().toMm() - piece.sight().toMm(), lost, 1e-6);
        }
    }

    @Property(tries = 300)
    void anyJobHasAPlan(@ForAll @IntRange(min = -500, max = 5000) int width,
            @ForAll @IntRange(min = -500, max = 5000) int height,
            @ForAll @IntRange(min = -5, max = 60) int face, @ForAll @IntRange(min = -5, max = 60) int rabbetWidth,
            @ForAll @IntRange(min = -5, max = 60) int rabbetDepth, @ForAll SizeOf of) {
        Job job = Jobs.withRabbet(rabbetWidth, rabbetDepth);
        job = job.withSection(job.section().withWidth(Length.mm(face))).withSize(of,
                new Opening(Length.mm(width), Length.mm(height)));
        Plan plan = Planner.plan(job);
        assertEquals(plan.layout(), Planner.plan(job).layout(), "the same job gives the same plan");
        boolean sound = plan.sizes().arePossible() && job.section().isSound();
        assertTrue(sound || !plan.canBeMade(), "what cannot be made must be stopped");
        Notation notation = Notation.of(Units.INCHES);
        for (Station station : Station.values()) {
            for (Slate.Row row : Chapters.at(station).slate(plan).rows()) {
                row.readings().forEach(reading -> assertFalse(reading.working(notation).contains("{"), reading.name()));
            }
        }
        plan.findings().forEach(finding -> assertFalse(finding.message().in(notation).contains("{")));
    }

    @Test
    void theWorkingOfTheOutsideLeadsBackToTheArt() {
        Reading outside = Chapters.at(Station.OPENING).slate(Planner.plan(Jobs.chart())).rows().stream()
                .filter(row -> row.name().equals("Outside")).findFirst().orElseThrow().readings().getFirst();
        Notation mm = Notation.of(Units.MILLIMETRES);
        assertEquals("Outside width 739 mm = sight width 679 + 2 × face width 30", outside.working(mm));
        Reading first = outside;
        while (!first.isGiven()) {
            first = first.from().getFirst();
        }
        assertEquals("Art width 594 mm, as entered", first.working(mm));
    }

    @Test
    void everyFieldReadsBackWhatWasPutIn() {
        Plan plan = Planner.plan(Jobs.chart());
        List<Field> fields = new ArrayList<>();
        Chapters.ALL.forEach(chapter -> fields.addAll(chapter.fields(plan)));
        fields.addAll(List.of(FrameFields.face(1), FrameFields.layer(0), StockFields.stick(0)));
        for (Field field : fields) {
            Length changed = field.in(plan).plus(Length.mm(4));
            assertEquals(changed, field.in(Planner.plan(field.edit(changed).of(plan.job(), Jobs.SHOP))), field.id());
        }
    }
}
