package neatcorner.planner;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import neatcorner.fitout.SizeOf;
import neatcorner.job.Job;
import neatcorner.job.Jobs;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.measure.Notation;
import neatcorner.measure.Reading;
import neatcorner.measure.ReadingStep;
import neatcorner.measure.Spelling;
import neatcorner.measure.Units;
import neatcorner.outline.Opening;
import neatcorner.plan.Slate;
import neatcorner.plan.Station;
import neatcorner.saw.SecondMiter;
import neatcorner.section.Rabbet;
import neatcorner.stock.Stick;
import neatcorner.wood.Species;
import org.junit.jupiter.api.Test;

/** What a maker reads on the slates, figure by figure, with the working that F1 shows. */
class SlatesTest {
    private static final Notation MM = Notation.of(Units.MILLIMETRES);

    private static Slate.Row row(Station station, Job job, String name) {
        return Chapters.at(station).slate(Planner.plan(job)).rows().stream().filter(row -> row.name().equals(name))
                .findFirst()
                .orElseThrow(() -> new AssertionError("no row " + name + " among "
                        + Chapters.at(station).slate(Planner.plan(job)).rows().stream().map(Slate.Row::name).toList()));
    }

    private static String figure(Station station, Job job, String name) {
        return row(station, job, name).readings().stream().map(reading -> MM.bare(reading.value()))
                .reduce((a, b) -> a + " × " + b).orElseThrow();
    }

    private static String working(Station station, Job job, String name) {
        return row(station, job, name).readings().getFirst().working(MM);
    }

    @Test
    void theOpeningSaysEverySizeFromTheArtOutwards() {
        Job job = Jobs.chart();
        assertEquals("594 × 420", figure(Station.OPENING, job, "Art"));
        assertEquals("588 × 414", figure(Station.OPENING, job, "Window"));
        assertEquals("688 × 524", figure(Station.OPENING, job, "Mat outer"));
        assertEquals("691 × 527", figure(Station.OPENING, job, "Rabbet size"));
        assertEquals("679 × 515", figure(Station.OPENING, job, "Sight"));
        assertEquals("739 × 575", figure(Station.OPENING, job, "Outside"));
        assertTrue(row(Station.OPENING, job, "Outside").large());
        assertFalse(row(Station.OPENING, job, "Sight").large());
    }

    @Test
    void glassIsCutAMillimetreAndAHalfUnder() {
        Job job = Jobs.chart();
        assertEquals("689.5 × 525.5", figure(Station.OPENING, job, "Cut glass"));
        assertEquals("Glass, cut width 689.5 mm = rabbet size, width 691 − play in all 1.5",
                working(Station.OPENING, job, "Cut glass"));
    }

    @Test
    void theBackingOfADoubleRabbetLiesInTheWiderStep() {
        Job job = Jobs.chart();
        Rabbet stepped = new Rabbet(Length.mm(6), Length.mm(12), new Rabbet.Step(Length.mm(10), Length.mm(5)));
        Job wide = job.withSection(job.section().withRabbet(stepped));
        assertEquals("697.5 × 533.5", figure(Station.OPENING, wide, "Cut hardboard"));
        assertTrue(working(Station.OPENING, wide, "Cut hardboard").contains("second step, both sides 8"));
        assertEquals("689.5 × 525.5", figure(Station.OPENING, wide, "Cut glass"));
        assertTrue(working(Station.SECTION, wide, "Wall").contains("second step, width 10"));
    }

    @Test
    void withoutAMatThereIsNoWindow() {
        Job plain = Jobs.chart().withPack(Jobs.chart().pack().without(1));
        assertTrue(Chapters.at(Station.OPENING).slate(Planner.plan(plain)).rows().stream()
                .noneMatch(row -> row.name().equals("Window") || row.name().equals("Mat outer")));
        assertEquals("597 × 423", figure(Station.OPENING, plain, "Rabbet size"));
    }

    @Test
    void theSectionSaysWhatIsLeftOfTheWood() {
        Job job = Jobs.chart();
        assertEquals("12", figure(Station.SECTION, job, "Rabbet depth"));
        assertEquals("6.7", figure(Station.SECTION, job, "Pack"));
        assertEquals("5.3", figure(Station.SECTION, job, "Spare"));
        assertEquals("8", figure(Station.SECTION, job, "Lip"));
        assertEquals("24", figure(Station.SECTION, job, "Wall"));
        assertEquals("3", figure(Station.SECTION, job, "Cover left"));
        assertEquals("Cover left 3 mm = rabbet width 6 − 2 × clearance a side 1.5",
                working(Station.SECTION, job, "Cover left"));
    }

    /** Wood Handbook, value from memory: specific gravity 0.60 for white ash, × 1.12 at 12 %. */
    @Test
    void theStickWeighsItsSectionTimesItsDensity() {
        Job job = Jobs.chart();
        double area = 30 * 20 - 6 * 12;
        assertEquals(area * 1e-6 * 0.60 * 1.12 * 1000, job.section().perMetre().kilograms(), 1e-9);
        assertEquals("0.35", figure(Station.SECTION, job, "Weight of the stick"));
        Job unknown = job.withSection(job.section().withWood(Species.named("driftwood")));
        assertTrue(working(Station.SECTION, unknown, "Weight of the stick").contains("assumed"));
    }

    @Test
    void theSticksSayHowManyWhatIsLeftAndWhetherThatIsProved() {
        Job job = Jobs.chart();
        assertEquals("2", figure(Station.STICKS, job, "Sticks to take, proved least"));
        assertEquals("37.00", figure(Station.STICKS, job, "Cost"));
        assertEquals("4.2", figure(Station.STICKS, job, "Kerf at the miter"));
        Job short1 = Jobs.withSticks(new Stick("ash", Length.mm(800), 1, null, List.of()));
        assertEquals("1", figure(Station.STICKS, short1, "Sticks to take"));
        assertEquals("3", figure(Station.STICKS, short1, "Pieces without a place"));
        assertEquals("7", figure(Station.STICKS, short1, "Left over"), "739 and its kerf of 800");
        assertTrue(Chapters.at(Station.STICKS).slate(Planner.plan(short1)).rows().stream()
                .noneMatch(row -> row.name().equals("Cost")), "no price, no cost");
    }

    /** Geometry: 2 × (739 + 575) long points and four kerfs of 3 mm / cos 45°. */
    @Test
    void theStickNeededIsLongPointsAndSlantedKerfs() {
        double needed = 2 * (739 + 575) + 4 * 3 * Math.sqrt(2);
        assertEquals(needed, Planner.plan(Jobs.chart()).stickNeeded().toMm(), 0.01);
    }

    @Test
    void theSawSaysOneMiterAndAStopForEachPair() {
        Job job = Jobs.chart();
        assertEquals("45", figure(Station.SAW, job, "Miter, to the right"));
        assertEquals("739", figure(Station.SAW, job, "Stop for A, C"));
        assertEquals("575", figure(Station.SAW, job, "Stop for B, D"));
        Job rough = job.withSaw(job.saw().withRough(Length.mm(3)));
        assertEquals("742", figure(Station.SAW, rough, "Rough length"));
    }

    /** A tilted cut is never turned over: the saw stands to one side for the first end, and to the other for the second. */
    @Test
    void theFirstCutsAreSaidWhereTheSawStandsOtherwiseForThem() {
        Job flat = Jobs.chart();
        List<String> turned = names(flat);
        assertTrue(turned.stream().noneMatch(name -> name.startsWith("First cut")), turned.toString());
        List<String> swung = names(flat.withSaw(flat.saw().withSecondMiter(SecondMiter.SWING_SAW)));
        assertEquals(List.of("First cut: miter, to the right", "Miter, to the left"), swung.subList(0, 2));
        List<String> tilted = names(flat.sloped(Angle.ofDegrees(30)));
        assertEquals(
                List.of("First cut: miter, to the right", "First cut: tilt, top to the right", "Miter, to the left",
                        "Tilt, top to the left"),
                tilted.subList(0, 4));
    }

    private static List<String> names(Job job) {
        return Chapters.at(Station.SAW).slate(Planner.plan(job)).rows().stream().map(Slate.Row::name).toList();
    }

    @Test
    void aFrameThatCannotBeMadeHasSlatesAllTheSame() {
        Job job = Jobs.chart().withSize(SizeOf.OUTSIDE, new Opening(Length.mm(20), Length.mm(20)));
        for (Station station : Station.values()) {
            for (Slate.Row row : Chapters.at(station).slate(Planner.plan(job)).rows()) {
                row.readings().forEach(reading -> assertFalse(reading.working(MM).isBlank()));
            }
        }
    }

    @Test
    void inUkWordsTheWorkingSaysRebateAndMount() {
        Notation uk = new Notation(ReadingStep.MM_TENTH, Spelling.UK);
        Reading cover = row(Station.SECTION, Jobs.chart(), "Cover left").readings().getFirst();
        assertEquals("Cover left 3 mm = rebate width 6 − 2 × clearance a side 1.5", cover.working(uk));
        assertEquals("Mount outer", uk.words("Mat outer"));
    }
}
