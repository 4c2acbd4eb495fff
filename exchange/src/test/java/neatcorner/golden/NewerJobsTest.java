package neatcorner.golden;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.function.IntFunction;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import neatcorner.corner.Reinforcement;
import neatcorner.fitout.Pack;
import neatcorner.job.Job;
import neatcorner.measure.Length;
import neatcorner.measure.Units;
import neatcorner.plan.BoardWork;
import neatcorner.plan.Field;
import neatcorner.plan.Finding;
import neatcorner.plan.FrameFields;
import neatcorner.plan.Plan;
import neatcorner.plan.Remedy;
import neatcorner.planner.Chapters;
import neatcorner.planner.Planner;
import neatcorner.section.Milling;
import neatcorner.shop.Shop;
import neatcorner.station.corners.CornerFields;
import neatcorner.station.glueup.JigFields;
import neatcorner.station.opening.MatFields;
import neatcorner.station.saw.SawFields;
import neatcorner.station.section.SectionFields;
import neatcorner.station.shape.ShapeFields;
import neatcorner.station.sticks.StockFields;
import org.junit.jupiter.api.Test;

/** What was offered for one job is taken for a newer one: nothing that was changed in between is taken back. */
class NewerJobsTest {
    private static final Shop SHOP = Shop.usual(Units.MILLIMETRES);

    /** A job that was changed after its plan was shown. */
    private static Job newer(Job job) {
        return job.withTitle("newer").withQuantity(job.quantity() + 1);
    }

    /** One from which all was taken that a field or a remedy may name. */
    private static Job emptier(Job job) {
        return newer(job).withReinforcement(List.of()).withPack(new Pack(List.of()))
                .withSection(job.section().withMilling(Milling.PLAIN))
                .withStock(job.stock().withPins(List.of()).withSticks(List.of()).withBoards(List.of())
                        .withSheets(List.of()));
    }

    private static List<Field> fields(Job job) {
        List<Field> fields = new ArrayList<>();
        Plan plan = Planner.plan(job);
        Chapters.ALL.forEach(chapter -> fields.addAll(chapter.fields(plan)));
        fields.addAll(MatFields.OF_MAT);
        fields.addAll(JigFields.ALL);
        fields.addAll(
                List.of(ShapeFields.RISE, ShapeFields.BOARD_WIDTH, SawFields.GAP_LIMIT, FrameFields.FIRST_DIAGONAL,
                        FrameFields.SECOND_DIAGONAL, SawFields.ROCKS, SawFields.SCALE_RADIUS, SawFields.FENCE_LENGTH,
                        StockFields.LEAST_OFFCUT));
        each(job.stock().sticks().size(), fields,
                List.of(StockFields::stick, StockFields::stickWidth, StockFields::stickThickness));
        each(job.stock().boards().size(), fields, List.of(StockFields::boardLength, StockFields::boardWidth,
                StockFields::boardThickness, StockFields::boardBow));
        each(job.stock().sheets().size(), fields, List.of(StockFields::sheetWidth, StockFields::sheetHeight,
                StockFields::sheetTrim));
        each(job.pack().layers().size(), fields, List.of(FrameFields::layer));
        each(job.section().milling().operations().size() + 1, fields,
                List.of(SectionFields::milled, SectionFields::milledDepth,
                        SectionFields::milledFrom, SectionFields::milledInset, SectionFields::milledSunk));
        each(job.section().milling().layers().plies().size(), fields, List.of(SectionFields::ply));
        each(4, fields, List.of(FrameFields::face, SawFields::cut, side -> SawFields.gap(side, 1)));
        for (int i = 0; i < job.reinforcement().size(); i++) {
            Reinforcement what = job.reinforcement().get(i);
            fields.addAll(CornerFields.of(what.kind(), i));
        }
        return fields;
    }

    private static void each(int count, List<Field> fields, List<IntFunction<Field>> kinds) {
        IntStream.range(0, count).forEach(i -> kinds.forEach(kind -> fields.add(kind.apply(i))));
    }

    @Test
    void aFieldChangesTheJobItIsGivenAndOnlyItsOwnPartOfIt() throws Exception {
        for (Job job : GoldenJobs.all().values()) {
            for (Field field : fields(job)) {
                Job changed = field.edit(Length.mm(7)).of(newer(job), SHOP);
                assertEquals("newer", changed.title(), field.id());
                assertEquals(job.quantity() + 1, changed.quantity(), field.id());
                assertEquals("newer", field.edit(Length.mm(7)).of(emptier(job), SHOP).title(),
                        field.id() + " of nothing");
            }
        }
    }

    @Test
    void aRemedyMendsTheJobItIsGiven() throws Exception {
        int remedies = 0;
        for (Job job : GoldenJobs.all().values()) {
            Plan plan = Planner.plan(job);
            Stream<Remedy> all = Stream.concat(plan.findings().stream().map(Finding::remedy)
                    .filter(remedy -> remedy != null), BoardWork.whenShort(plan).stream());
            for (Remedy remedy : all.toList()) {
                remedies++;
                assertEquals("newer", remedy.edit().of(newer(job), SHOP).title(), remedy.label().template());
                assertEquals("newer", remedy.edit().of(emptier(job), SHOP).title(), remedy.label().template());
                assertTrue(remedy.edit().of(newer(job), SHOP).quantity() == job.quantity() + 1,
                        remedy.label().template());
            }
        }
        assertTrue(remedies > 60, remedies + " remedies");
    }
}
