package neatcorner.planner;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Instant;
import java.time.ZoneOffset;
import java.time.ZonedDateTime;
import java.util.List;
import java.util.Objects;
import neatcorner.corner.Inventory;
import neatcorner.corner.Reinforcement;
import neatcorner.corner.ReinforcementKind;
import neatcorner.fitout.SizeOf;
import neatcorner.glueup.Clamp;
import neatcorner.glueup.Glue;
import neatcorner.glueup.Holding;
import neatcorner.glueup.Recipe;
import neatcorner.glueup.School;
import neatcorner.glueup.SqueezeOut;
import neatcorner.glueup.jig.JigDesign;
import neatcorner.glueup.schedule.Chain;
import neatcorner.glueup.schedule.Schedule;
import neatcorner.glueup.schedule.WorkingHours;
import neatcorner.job.Job;
import neatcorner.job.Jobs;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.measure.Notation;
import neatcorner.measure.Units;
import neatcorner.outline.Faces;
import neatcorner.outline.Opening;
import neatcorner.outline.Outline;
import neatcorner.outline.Shape;
import neatcorner.piece.CornerJoint;
import neatcorner.plan.CornerWork;
import neatcorner.plan.Edit;
import neatcorner.plan.Finding;
import neatcorner.plan.Level;
import neatcorner.plan.Plan;
import neatcorner.plan.Slate;
import neatcorner.plan.Station;
import neatcorner.section.Layers;
import neatcorner.section.Ply;
import neatcorner.section.RabbetWay;
import neatcorner.shop.Shop;
import neatcorner.station.corners.CornerChoices;
import neatcorner.station.corners.WayToJoin;
import neatcorner.station.glueup.DayProgress;
import neatcorner.station.glueup.GlueUpWork;
import neatcorner.station.glueup.JigWork;
import neatcorner.station.glueup.ShopDays;
import neatcorner.stock.RoughBoard;
import neatcorner.stock.Search;
import org.junit.jupiter.api.Test;

class CornerPlanTest {
    private static final Notation MM = Notation.of(Units.MILLIMETRES);

    private static Job held(ReinforcementKind kind, double size, double thin, double wide, int count) {
        return Jobs.chart().withReinforcement(List.of(Reinforcement.of(kind, Length.mm(size), Length.mm(thin),
                Length.mm(wide), count)));
    }

    private static Job splined(double depth) {
        return Jobs.chart().withReinforcement(List.of(Reinforcement.spline(Length.mm(depth), Length.mm(3), 1)));
    }

    private static Plan in(Shop shop, Job job) {
        return Planner.plan(job, shop, Search.PATIENT);
    }

    private static Finding found(Job job, String code) {
        return found(Jobs.SHOP, job, code);
    }

    private static Finding found(Shop shop, Job job, String code) {
        return in(shop, job).findings().stream().filter(finding -> finding.code().equals(code)).findFirst()
                .orElseThrow(() -> new AssertionError(code + " not in " + codes(shop, job)));
    }

    private static List<String> codes(Job job) {
        return codes(Jobs.SHOP, job);
    }

    private static List<String> codes(Shop shop, Job job) {
        return in(shop, job).findings().stream().map(Finding::code).toList();
    }

    private static Job mended(Job job, String code) {
        return mended(Jobs.SHOP, job, code);
    }

    /** The remedy is taken, and what it was for is gone. */
    private static Job mended(Shop shop, Job job, String code) {
        Edit edit = Objects.requireNonNull(found(shop, job, code).remedy(), code).edit();
        Job better = edit.of(job, shop);
        assertFalse(codes(edit.of(shop), better).contains(code), () -> code + " is still there");
        return better;
    }

    @Test
    void aSplineTooDeepIsStoppedAndShortened() {
        Job deep = splined(36);
        assertEquals(Level.STOP, found(deep, "spline.into-rabbet").level());
        assertEquals(Level.CHECK, found(splined(32), "spline.into-rabbet").level());
        assertEquals("The spline cuts into the rabbet by 1.5 mm.",
                found(deep, "spline.into-rabbet").message().in(MM));
        assertEquals(Length.mm(30.5), mended(deep, "spline.into-rabbet").reinforcement().getFirst().size());
        assertFalse(codes(splined(22)).contains("spline.into-rabbet"));
    }

    @Test
    void everyFaultOfAPartHasItsNameAndARemedy() {
        Job tenon = held(ReinforcementKind.TENON, 24, 5, 18, 1);
        mended(tenon.withReinforcement(0, tenon.reinforcement().getFirst().at(Length.mm(14), null)),
                "tenon.breaks-out");
        mended(held(ReinforcementKind.TENON, 20, 12.5, 12, 1), "reinforcement.outside-safe-zone");
        mended(held(ReinforcementKind.V_NAIL, 19, 0.6, 9, 2), "fastener.too-long");
        Job pin = held(ReinforcementKind.PIN, 25, 0.6, 0, 1);
        mended(pin.withReinforcement(0, pin.reinforcement().getFirst().at(Length.mm(23), null)), "fastener.in-rabbet");
        mended(held(ReinforcementKind.BLOCK, 30, 9, 0, 1), "block.no-room");
        mended(held(ReinforcementKind.PEG, 0, 6, 0, 1), "reinforcement.not-here");
        mended(splined(0), "reinforcement.impossible");
        Job both = splined(22).withReinforcement(List.of(Reinforcement.spline(Length.mm(22), Length.mm(3), 1),
                Reinforcement.of(ReinforcementKind.PIN, Length.mm(25), Length.mm(1), Length.ZERO, 1)
                        .at(Length.mm(8), Length.mm(10))));
        mended(both, "parts.clash");
        found(held(ReinforcementKind.NAIL, 16, 1.8, 0, 1).withReinforcement(0, Reinforcement.of(
                ReinforcementKind.NAIL, Length.mm(16), Length.mm(1.8), Length.ZERO, 1).at(Length.mm(12), null)),
                "fastener.short");
    }

    @Test
    void fittedPartsMakeNoFinding() {
        Plan bare = Planner.plan(Jobs.chart());
        for (ReinforcementKind kind : ReinforcementKind.values()) {
            CornerChoices.fitted(bare, kind).ifPresent(job -> assertTrue(Planner.plan(job).findings().stream()
                    .noneMatch(finding -> finding.where() == Station.CORNERS), kind.title() + ": " + codes(job)));
            assertFalse(CornerChoices.why(bare, kind).in(MM).isEmpty());
        }
        assertTrue(CornerChoices.fitted(bare, ReinforcementKind.SPLINE).isPresent());
        assertTrue(CornerChoices.fitted(bare, ReinforcementKind.PEG).isEmpty());
        assertTrue(CornerChoices
                .why(in(Jobs.SHOP.withInventory(new Inventory(List.of())), Jobs.chart()), ReinforcementKind.DOWEL)
                .in(MM).contains("drawers"));
    }

    @Test
    void cornersThatAreAlikeAreTakenTogether() {
        assertEquals(List.of("D–A", "A–B", "B–C", "C–D"), CornerWork.of(Planner.plan(splined(22))).kinds().getFirst()
                .at());
        Job uneven = splined(20).withFaceWidths(new Faces(Length.mm(30), Length.mm(40), Length.mm(30), Length.mm(40)));
        CornerWork mirrored = CornerWork.of(Planner.plan(uneven));
        assertEquals(1, mirrored.kinds().size());
        assertEquals(Length.mm(40), mirrored.kinds().getFirst().corner().wood().corner().after());
        Job heptagon = splined(20).withOutline(Outline.of(new Shape.Regular(7, false)))
                .withSize(SizeOf.ART, new Opening(Length.mm(400), Length.mm(400)));
        assertEquals(7, CornerWork.of(Planner.plan(heptagon)).count());
        assertEquals(128.571, CornerWork.of(Planner.plan(heptagon)).kinds().getFirst().corner().wood().corner()
                .interior().degrees(), 0.001);
        Job arch = splined(15).withOutline(Outline.of(new Shape.Arch(Shape.Curve.SEMICIRCLE, Length.ZERO, 4)))
                .withSize(SizeOf.ART, new Opening(Length.mm(300), Length.mm(420)));
        assertTrue(CornerWork.of(Planner.plan(arch)).kinds().size() > 1);
        Job none = splined(20).withSize(SizeOf.OUTSIDE, new Opening(Length.mm(20), Length.mm(20)));
        assertTrue(CornerWork.of(Planner.plan(none)).kinds().isEmpty());
    }

    @Test
    void theSlateSaysWhatTheHandsNeed() {
        Slate slate = Chapters.at(Station.CORNERS).slate(Planner.plan(splined(22)));
        assertEquals("Blade height", slate.rows().getFirst().name());
        assertEquals(Length.mm(22), slate.rows().getFirst().readings().getFirst().value());
        assertEquals(Length.mm(8.5), slate.rows().get(1).readings().getFirst().value(), "20 − 10 − 1.5");
        for (ReinforcementKind kind : ReinforcementKind.values()) {
            Plan bare = Planner.plan(Jobs.chart().withSection(Jobs.chart().section().withWidth(Length.mm(70))));
            CornerChoices.fitted(bare, kind).ifPresent(job -> assertTrue(
                    Chapters.at(Station.CORNERS).slate(Planner.plan(job)).rows().size() > 3, kind.title()));
        }
    }

    @Test
    void schoolsAreSetSideBySide() {
        List<WayToJoin> schools = WayToJoin.schools(Planner.plan(splined(22)));
        assertTrue(schools.size() >= 6, schools.toString());
        WayToJoin bare = schools.getFirst();
        assertEquals("nothing", bare.shows());
        assertEquals(0, bare.glue().longGrain());
        assertTrue(schools.stream().allMatch(WayToJoin::fits));
        WayToJoin pegs = schools.getLast();
        assertEquals(CornerJoint.MITRED_LAP, pegs.joint());
        WayToJoin spline = WayToJoin.of(Planner.plan(splined(22)));
        assertEquals(968, spline.glue().longGrain(), 0.01);
        assertTrue(spline.minutes() > 20 && spline.tools().contains("spline cradle"));
    }

    @Test
    void aHeavyFrameOnEndGrainAloneIsToldAbout() {
        Job heavy = Jobs.chart().withSection(Jobs.chart().section().withWidth(Length.mm(90)));
        Job better = mended(heavy, "corner.unreinforced");
        assertEquals(ReinforcementKind.SPLINE, better.reinforcement().getFirst().kind());
    }

    @Test
    void glueIsUsedWhereItSets() {
        Job cold = Jobs.chart().withGlueUp(Jobs.chart().glueUp().withTemperature(9));
        assertEquals("waterproof PVA", mended(cold, "glue.too-cold").glueUp().glue().name());
        Job frozen = Jobs.chart().withGlueUp(Jobs.chart().glueUp().withTemperature(-5));
        assertEquals(15, mended(frozen, "glue.too-cold").glueUp().temperature());
        Job out = Jobs.chart().withGlueUp(Jobs.chart().glueUp().withOutdoors(true));
        assertTrue(mended(out, "glue.not-outdoors").glueUp().glue().outdoors());
        Job stained = Jobs.chart().withGlueUp(Jobs.chart().glueUp().withFinish(
                Recipe.named("stain and clear").orElseThrow()));
        mended(stained, "glue.stain-follows");
        Job quick = Jobs.chart().withGlueUp(Jobs.chart().glueUp().withTemperature(34).withSchool(School.ALL_AT_ONCE));
        mended(quick, "glue.open-time");
    }

    @Test
    void clampsAndJigsMustReach() {
        Job panorama = Jobs.chart().withSize(SizeOf.ART, new Opening(Length.mm(4000), Length.mm(400)));
        assertTrue(codes(panorama).contains("jig.out-of-range"));
        mended(panorama.withGlueUp(panorama.glueUp().withHolding(Holding.BAND)), "clamp.too-few");
        Job jigged = panorama.withGlueUp(panorama.glueUp().withHolding(Holding.JIG));
        assertEquals(Level.STOP, found(jigged, "jig.out-of-range").level());
        Job banded = Objects.requireNonNull(found(jigged, "jig.out-of-range").remedy()).edit().of(jigged, Jobs.SHOP);
        assertEquals(Level.NOTE, found(banded, "jig.out-of-range").level());
        Shop bare = Jobs.SHOP.withClamps(List.of()).withJig(null, 0);
        assertTrue(codes(bare, panorama).contains("clamp.too-few"));
        Shop idle = Jobs.SHOP.withHours(new WorkingHours(List.of()));
        mended(idle, Jobs.chart(), "schedule.no-hours");
        assertTrue(ShopDays.of(in(idle, Jobs.chart()), Search.PATIENT).schedule().steps().isEmpty());
    }

    @Test
    void twoDiagonalsSayWhichCornersToPull() {
        Job job = Jobs.chart().withChecks(Jobs.chart().checks().withDryFit(
                Jobs.chart().checks().dryFit().withDiagonals(938, 935)));
        Slate slate = Chapters.at(Station.GLUE_UP).slate(Planner.plan(job));
        Slate.Row pull = slate.rows().getLast();
        assertEquals(Length.mm(1.5), pull.readings().getFirst().value());
        assertTrue(pull.readings().getFirst().name().contains("top left to the bottom right"));
        assertEquals(0.1894, ((Angle) slate.rows().get(slate.rows().size() - 2).readings().getFirst().value())

                .degrees(), 0.0001, "Δ·d / (2ab)");
    }

    @Test
    void jigsAreCutFromSheetsByTheSamePlanner() {
        Plan plan = Planner.plan(splined(22));
        assertEquals(List.of(JigDesign.Kind.CORNER_JIG, JigDesign.Kind.GLUING_CORNER, JigDesign.Kind.SLED,
                JigDesign.Kind.CRADLE), JigWork.kinds(plan));
        for (JigDesign.Kind kind : JigDesign.Kind.values()) {
            JigWork work = JigWork.of(plan, kind, Search.PATIENT);
            assertTrue(work.layout().isComplete() && work.layout().proved(), kind.title());
        }
        JigWork cradle = JigWork.of(plan, JigDesign.Kind.CRADLE, Search.PATIENT);
        assertEquals(Length.mm(26.5), cradle.design().settings().getFirst().value(), "18 + 8.5");
    }

    private static List<String> chain(Job job, RabbetWay way) {
        Job other = job.withSection(job.section().withMilling(job.section().milling().withWay(way)));
        return ShopDays.chains(Planner.plan(other)).getFirst().tasks().stream().map(task -> task.name()).toList();
    }

    /** Jointing, ripping and planing take time of the day, and so does gluing boards into one section. */
    @Test
    void preparingBoardsAndGluingUpTheSectionHaveTheirMinutes() {
        Job job = splined(22);
        Job boards = job.withStock(job.stock().withBoards(List.of(new RoughBoard("board",
                Length.mm(2400), Length.mm(200), Length.mm(27), Length.ZERO, 1, null, List.of()))));
        Layers layers = new Layers(false, List.of(
                new Ply(job.section().wood(), Length.mm(10), Length.ZERO),
                new Ply(job.section().wood(), Length.mm(10), Length.ZERO)));
        Job glued = boards.withSection(job.section().withMilling(job.section().milling().withLayers(layers)));
        List<String> names = chain(glued, RabbetWay.ROUTER);
        assertEquals(List.of("Prepare the boards", "Glue up the section", "Mill the section"), names.subList(0, 3));
        Chain chain = ShopDays.chains(Planner.plan(glued)).getFirst();
        assertTrue(chain.tasks().get(1).rest() > 0, "the glue has to set");
    }

    @Test
    void aFrameIsAChainFromTheSawToTheWall() {
        Job job = splined(22).withGlueUp(splined(22).glueUp().withFinish(Recipe.named("shellac and wax").orElseThrow()))
                .withQuantity(3);
        List<Chain> chains = ShopDays.chains(Planner.plan(job));
        assertEquals(3, chains.size());
        List<String> names = chains.getFirst().tasks().stream().map(task -> task.name()).toList();
        assertEquals(List.of("Mill the section of all 3 frames", "Saw the pieces of all 3 frames"),
                names.subList(0, 2));
        assertTrue(names.indexOf("Out of the clamps") < names.indexOf("Cut slots, glue the splines"));
        assertTrue(names.getLast().startsWith("Fit out"));
        List<String> later = chain(job, RabbetWay.AFTER_ASSEMBLY);
        assertEquals("Saw the pieces of all 3 frames", later.getFirst(), "nothing is milled before");
        assertTrue(later.indexOf("Out of the clamps") < later.indexOf("Rout the rabbet, square its corners"));
        assertEquals("Saw the pieces", chain(job.withQuantity(1), RabbetWay.READY).getFirst());
        assertEquals(List.of(2, 0, 0), chains.stream().map(Chain::forAll).toList());
        assertEquals("Sand the faces", chains.get(1).tasks().getFirst().name(), "its wood is sawn with the first's");
        assertEquals(chains.getFirst().frame(), chains.get(2).follows());
        for (School school : School.values()) {
            for (SqueezeOut out : SqueezeOut.values()) {
                Plan plan = Planner.plan(job.withQuantity(1).withGlueUp(job.glueUp().withSchool(school)
                        .withSqueezeOut(out)));
                assertTrue(ShopDays.of(plan, Search.PATIENT).schedule().proved(), school + " " + out);
            }
        }
    }

    /** One setting after the other for the whole batch, as the saw list has it: only the first frame brings the saw into the days. */
    @Test
    void whatTheSawListCutsTogetherIsSawnTogether() {
        Job job = splined(22).withQuantity(4);
        ShopDays days = ShopDays.of(Planner.plan(job), Search.PATIENT);
        List<Schedule.Step> steps = days.schedule().steps();
        int sawn = 0;
        while (!days.chains().get(steps.get(sawn).chain()).tasks().get(steps.get(sawn).task()).name()
                .startsWith("Saw")) {
            assertEquals(0, steps.get(sawn++).chain(), "nothing else is begun before the saw");
        }
        int last = sawn;
        assertTrue(steps.stream().filter(step -> step.chain() > 0)
                .allMatch(step -> step.start() >= steps.get(last).ready()));
        int pieces = Planner.plan(job).pieces().size();
        assertEquals(5 + Math.round(1.5 * 4 * pieces), steps.get(sawn).end() - steps.get(sawn).start(),
                "one setting up, and a minute and a half for each piece");
        DayProgress begun = DayProgress.NONE.finished(days.chains().getFirst().frame(), days.start().toInstant())
                .finished(days.chains().getFirst().frame(), days.start().plusMinutes(20).toInstant());
        ShopDays rest = begun.rest(days.chains(), Jobs.SHOP, days.start().plusMinutes(20), Search.PATIENT);
        assertTrue(rest.chains().stream().allMatch(chain -> chain.follows() == null), "the wood is there");
        assertEquals(0, rest.schedule().steps().getFirst().start());
        DayProgress ahead = DayProgress.NONE.finished(days.chains().get(2).frame(), days.start().toInstant());
        assertEquals(null,
                ahead.rest(days.chains(), Jobs.SHOP, days.start(), Search.PATIENT).chains().get(2).follows(),
                "a frame that was begun waits for none");
    }

    /** Two bands of 0.6 m do not go round a frame of 4 m, however many frames there are to do first. */
    @Test
    void aBandThatDoesNotReachIsNoBand() {
        Job large = Jobs.chart().withSize(SizeOf.OUTSIDE, new Opening(
                Length.mm(1300), Length.mm(700))).withGlueUp(Jobs.chart().glueUp().withHolding(Holding.BAND));
        Clamp shortBand = new Clamp(Clamp.Kind.BAND, "band", Length.mm(600), 5000, 2);
        Shop none = Jobs.SHOP.withClamps(List.of(shortBand));
        assertFalse(ShopDays.of(in(none, large), Search.PATIENT).schedule().stuck().isEmpty());
        assertFalse(ShopDays.of(in(none, large), Search.PATIENT).schedule().proved());
        Clamp longBand = new Clamp(Clamp.Kind.BAND, "long band", Length.mm(5000), 5000, 1);
        Shop one = Jobs.SHOP.withClamps(List.of(shortBand, longBand));
        Schedule schedule = ShopDays.of(in(one, large.withQuantity(2)), Search.PATIENT)
                .schedule();
        assertTrue(schedule.stuck().isEmpty(), schedule.stuck().toString());
    }

    /** Statics: two arms on either side of the clamp, each with half of its pull. */
    @Test
    void aJigsClampGivesEachFaceOfACornerHalfOfItsPull() {
        GlueUpWork work = GlueUpWork.of(Planner.plan(Jobs.chart().withGlueUp(Jobs.chart().glueUp().withHolding(
                Holding.JIG))));
        double face = 1.2 * Jobs.chart().section().width().toMm() * Jobs.chart().section().thickness().toMm();
        assertTrue(Objects.requireNonNull(work).glue().jigPull() >= 2 * face - 1e-6,
                "a miter is pressed by √2 times its face");
        Job jigged = Jobs.chart().withGlueUp(Jobs.chart().glueUp().withHolding(Holding.JIG));
        Shop weak = Jobs.SHOP.withClamps(List.of(new Clamp(Clamp.Kind.BAR, "bar", Length.mm(900), 500, 1)));
        assertTrue(codes(weak, jigged).contains("clamp.too-weak"), codes(weak, jigged).toString());
    }

    @Test
    void lateWorkMovesTheRest() {
        List<Chain> chains = ShopDays.chains(Planner.plan(splined(22).withQuantity(2)));
        ZonedDateTime monday = ZonedDateTime.of(2026, 11, 23, 8, 0, 0, 0, ZoneOffset.UTC);
        DayProgress none = DayProgress.NONE;
        ShopDays first = none.rest(chains, Jobs.SHOP, monday, Search.PATIENT);
        Instant late = monday.plusMinutes(90).toInstant();
        String frame = chains.getFirst().frame();
        DayProgress sawn = none.finished(frame, late).finished(frame, late).finished(frame, late);
        ShopDays after = sawn.rest(chains, Jobs.SHOP, monday.plusMinutes(90), Search.PATIENT);
        assertEquals(chains.getFirst().tasks().size() - 3, after.chains().getFirst().tasks().size());
        assertTrue(after.at(after.schedule().end()).isAfter(first.at(first.schedule().end()).plusMinutes(5)));
        long unclamp = after.schedule().steps().stream().filter(step -> step.chain() == 0).findFirst().orElseThrow()
                .start();
        assertTrue(unclamp >= chains.getFirst().tasks().get(2).rest(), "the clamps stay on from when they were closed");
        assertEquals(2, sawn.takenBack(frame).done(frame));
        DayProgress wanted = none.wanted(frame, 0, monday.plusHours(2).toInstant());
        assertTrue(wanted.isWantedLater(frame, 0));
        ShopDays held = wanted.rest(chains, Jobs.SHOP, monday, Search.PATIENT);
        assertEquals(120, held.schedule().steps().stream().filter(step -> step.chain() == 0).findFirst().orElseThrow()
                .start());
        assertFalse(wanted.wanted(frame, 0, null).isWantedLater(frame, 0));
        assertTrue(Glue.KNOWN.size() > 5);
    }
}
