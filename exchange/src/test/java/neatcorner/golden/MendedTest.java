package neatcorner.golden;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import neatcorner.exchange.job.JobFile;
import neatcorner.corner.Reinforcement;
import neatcorner.corner.ReinforcementKind;
import neatcorner.exchange.BadFile;
import neatcorner.hanging.Link;
import neatcorner.fitout.SizeOf;
import neatcorner.fitout.Spacing;
import neatcorner.job.Job;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.measure.Notation;
import neatcorner.measure.Units;
import neatcorner.member.MadeMember;
import neatcorner.member.Member;
import neatcorner.member.MemberKind;
import neatcorner.member.Scallops;
import neatcorner.outline.Opening;
import neatcorner.outline.Outline;
import neatcorner.outline.Shape;
import neatcorner.outline.Vertex;
import neatcorner.plan.Across;
import neatcorner.plan.BoardWork;
import neatcorner.plan.CornerWork;
import neatcorner.plan.Finding;
import neatcorner.plan.Level;
import neatcorner.piece.Piece;
import neatcorner.saw.measured.Checks;
import neatcorner.saw.measured.MeasuredPiece;
import neatcorner.plan.Plan;
import neatcorner.planner.Batch;
import neatcorner.planner.Planner;
import neatcorner.shop.Shop;
import neatcorner.station.fitout.FitOutWork;
import neatcorner.glueup.schedule.Schedule;
import neatcorner.station.glueup.GlueUpWork;
import neatcorner.station.glueup.ShopDays;
import neatcorner.station.hanging.HangingWork;
import neatcorner.station.shape.ShapeFields;
import neatcorner.station.sticks.SheetWork;
import neatcorner.stock.Keep;
import neatcorner.stock.Pin;
import neatcorner.stock.RoughBoard;
import neatcorner.stock.Search;
import neatcorner.stock.sheets.Panel;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Small jobs of which something was once said wrongly, or not said: what is right of each. */
class MendedTest {

    private static JobFile file(String name) throws BadFile, IOException {
        try (var in = Objects
                .requireNonNull(MendedTest.class.getResourceAsStream("/neatcorner/mended/" + name + ".json"))) {
            return JobFile.read(new String(in.readAllBytes(), StandardCharsets.UTF_8));
        }
    }

    private static Plan plan(String name) throws BadFile, IOException {
        return Planner.plan(file(name).job());
    }

    /** An end at 90 degrees is no cut of this saw: it is said so, and nothing is concluded from it. */
    @Test
    void whatCannotHaveBeenMeasuredIsAskedAgain() throws Exception {
        Plan plan = plan("measured-unplanned");
        Finding odd = plan.findings().stream().filter(each -> each.code().equals("measured.unlikely")).findFirst()
                .orElseThrow();
        Job mended = Objects.requireNonNull(odd.remedy()).edit().of(plan.job(), Shop.usual(plan.job().units()));
        assertTrue(mended.checks().measured().size() < plan.job().checks().measured().size());
        Job slip = plan.job().withChecks(Checks.none());
        Piece piece = plan.pieces().getFirst();
        for (double share : new double[]{0.5, 0.88, 1.12}) {
            Job other = slip.withChecks(Checks.none().with(MeasuredPiece.asPlanned(piece)
                    .withOuter(piece.outer().scaled(share))));
            assertTrue(codes(Planner.plan(other)).contains("measured.unlikely"), share + " of its length");
        }
        Job near = slip.withChecks(Checks.none().with(MeasuredPiece.asPlanned(piece)
                .withOuter(piece.outer().plus(Length.mm(2))).withLeft(Angle.ofDegrees(46))));
        assertFalse(codes(Planner.plan(near)).contains("measured.unlikely"), "a bad cut is judged as one");
    }

    private static Set<String> codes(Plan plan) {
        return plan.findings().stream().map(Finding::code).collect(Collectors.toSet());
    }

    /** The finding is there; what it offers takes it away. */
    @ParameterizedTest
    @CsvSource({"strips, strips.over-people", "strips, hanger.heavy", "easel, hanger.heavy", "wire, hanger.heavy",
        "floater, hanger.no-wood", "screws, hooks.apart", "slat, slats.meet"})
    void whatIsSaidIsMended(String name, String code) throws BadFile, IOException {
        Plan plan = plan(name);
        Finding finding = plan.findings().stream().filter(each -> each.code().equals(code)).findFirst()
                .orElseThrow(() -> new AssertionError(code + " is not said of " + name + ": " + plan.findings()));
        Job job = Objects.requireNonNull(finding.remedy()).edit().of(plan.job(), Shop.usual(plan.job().units()));
        assertFalse(codes(Planner.plan(job)).contains(code), () -> code + " stays");
    }

    /** Where nothing can be had for a press, it is said all the same. */
    @ParameterizedTest
    @CsvSource({"band, hanger.no-wood", "slope-pin, fastener.too-long", "slope-bevel, reinforcement.outside-safe-zone"})
    void itIsSaid(String name, String code) throws BadFile, IOException {
        Plan plan = plan(name);
        assertTrue(codes(plan).contains(code), () -> name + ": " + plan.findings());
    }

    /** Nothing of a mirror that stays up is cut or hung: adhesive carries the frame's own wood. */
    @Test
    void aMirrorThatStaysUpCarriesItsFrame() throws BadFile, IOException {
        Plan plan = plan("mirror-on-wall");
        HangingWork work = HangingWork.of(plan).orElseThrow();
        assertEquals(HangingWork.Upon.MIRROR, work.upon());
        assertTrue(work.hooks().isEmpty() && work.rings() == null && work.wire() == null);
        assertEquals(plan.weight().wood(), work.mass());
        assertEquals(List.of(Link.Part.ADHESIVE), work.chain().stream().map(Link::part).toList());
        assertTrue(SheetWork.of(plan, List.of(), Search.PATIENT).isEmpty(), "no second glass");
    }

    /** The moulding round a slip has the wood, and carries it. */
    @Test
    void theOutermostWithWoodCarries() throws BadFile, IOException {
        HangingWork work = HangingWork.of(plan("liner")).orElseThrow();
        assertEquals("outer frame", Objects.requireNonNull(work.into()).name());
        HangingWork.Rings rings = Objects.requireNonNull(work.rings());
        double outer = work.width().toMm() / 2;
        assertEquals(outer - (35 - 8) / 2.0, rings.right(), 0.1, "in the middle of the 27 mm behind its rabbet");
    }

    /** 60 W take 20 holes of 20 in each side: two rows of ten in sides 90 deep. */
    @Test
    void ventsGoIntoAsManyRowsAsTheyTake() throws BadFile, IOException {
        Plan plan = plan("vent");
        assertFalse(codes(plan).contains("part.does-not-fit"), () -> "" + plan.findings());
        assertEquals(2 * 20, plan.members().getFirst().count());
    }

    /** Heat is never met by fewer holes: larger ones, slots, or a fan. */
    @ParameterizedTest
    @CsvSource({"110, Cut slots 55 mm × 220 mm", "60, ''", "200, a fan"})
    void whatIsTooHotIsNotLeftWithoutAir(double watts, String offered) throws BadFile, IOException {
        Job job = file("vent").job();
        Member vents = job.members().getFirst();
        Plan plan = Planner.plan(job.withMembers(List.of(vents.withKind(new MemberKind.Vents(watts)))));
        String said = plan.findings().stream().filter(each -> each.code().equals("part.does-not-fit"))
                .map(each -> Notation.of(Units.MILLIMETRES).words(each.message().in(Notation.of(Units.MILLIMETRES)))
                        + " "
                        + (each.remedy() == null ? "" : each.remedy().label().in(Notation.of(Units.MILLIMETRES))))
                .findFirst().orElse("");
        assertTrue(said.contains(offered), said);
        plan.findings().stream().filter(each -> each.code().equals("part.does-not-fit") && each.remedy() != null)
                .forEach(each -> {
                    Job mended = each.remedy().edit().of(plan.job(), Shop.usual(Units.MILLIMETRES));
                    MadeMember made = Planner.plan(mended).members().getFirst();
                    double wide = made.member().width().toMm();
                    double one = Math.PI / 4 * wide * wide + (made.length().toMm() - wide) * wide;
                    assertTrue(made.count() * one >= 2 * watts * 100, made + " for " + watts);
                });
    }

    /** Through the moulding's wall, the gap and the wall behind the rabbet, less 3 mm: 27 + 0.75 + 14, and 8 + 8. */
    @ParameterizedTest
    @CsvSource({"liner, 38", "band, 13"})
    void pinsStayInTheWallThatIsThere(String name, int longest) throws BadFile, IOException {
        String said = Objects.requireNonNull(GlueUpWork.of(plan(name))).glue().steps().stream()
                .map(step -> step.what().in(Notation.of(Units.MILLIMETRES)))
                .filter(text -> text.toLowerCase(Locale.ROOT).contains("pins ") && text.contains("under ")).findFirst()
                .orElse("");
        assertTrue(said.contains("under " + longest + " mm"), said);
    }

    /** The edge that was measured is regular: what is told of the outside is what the pieces are, long point by long point. */
    @Test
    void facesOfDifferentWidthsDoNotChangeWhatWasMeasured() throws BadFile, IOException {
        Plan plan = plan("regular-outside");
        assertEquals(new Opening(Length.mm(400), Length.mm(400)), plan.sizes().outside());
        plan.pieces().forEach(piece -> assertEquals(400, piece.longPoint().toMm(), 0.01, piece.name()));
        assertEquals(new Opening(Length.mm(340), Length.mm(320)), plan.sizes().sight(),
                "sides of 30, top and bottom of 40");
        Job sight = plan.job().withSize(SizeOf.SIGHT, new Opening(Length.mm(340), Length.mm(340)));
        assertEquals(new Opening(Length.mm(400), Length.mm(420)), Planner.plan(sight).sizes().outside());
    }

    /** A heptagon from flat to flat is no size; from a corner to the side below it is R · (1 + cos(180° ÷ 7)). */
    @Test
    void anOddPolygonIsReadFromCornerToFlat() throws BadFile, IOException {
        Job seven = file("regular-outside").job().withOutline(Outline.of(new Shape.Regular(7, false)));
        double c = Math.cos(Math.PI / 7);
        assertEquals(200 / c * (1 + c), ShapeFields.CORNER_TO_FLAT.in(Planner.plan(seven)).toMm(), 0.01);
        Job typed = ShapeFields.CORNER_TO_FLAT.edit(Length.mm(370)).of(seven, Shop.usual(Units.MILLIMETRES));
        assertEquals(370, ShapeFields.CORNER_TO_FLAT.in(Planner.plan(typed)).toMm(), 0.01);
        Job corners = ShapeFields.CORNER_TO_FLAT.edit(Length.mm(370))
                .of(seven.withOutline(Outline.of(new Shape.Regular(5, true))), Shop.usual(Units.MILLIMETRES));
        assertEquals(370, ShapeFields.CORNER_TO_FLAT.in(Planner.plan(corners)).toMm(), 0.01);
    }

    /** All frames of all jobs that are cut together take their glass and backs from the same sheets; one alone has a mat. */
    @Test
    void sheetsAreCutForAllJobsTogether() throws BadFile, IOException {
        Job one = file("together-0").job();
        Job two = file("together-1").job();
        List<SheetWork> works = SheetWork.of(
                Batch.plan(one, List.of(two), Shop.usual(Units.MILLIMETRES), Search.PATIENT),
                Search.PATIENT);
        Map<String, Integer> panels = works.stream()
                .collect(Collectors.toMap(SheetWork::material, work -> work.nesting()
                        .panels().stream().mapToInt(Panel::count).sum()));
        assertEquals(Map.of("glass", one.quantity() + two.quantity(), "hardboard", one.quantity() + two.quantity(),
                "mat board", two.quantity()), panels);
    }

    /** A frame that must come from one stick does, though another stick is begun for a band. */
    @Test
    void whatMustStayTogetherDoes() throws BadFile, IOException {
        Plan plan = plan("must-wide");
        assertEquals(0, plan.layout().splitFrames());
        assertEquals(0, plan.layout().unplaced());
    }

    /** What must stay together and cannot is no quiet matter; held pieces are let go where that is all that splits a frame. */
    @Test
    void whatMustStayTogetherAndDoesNotIsSaid() throws BadFile, IOException {
        Job held = file("must-held").job();
        assertTrue(stops(held).contains("stock.split-frame"), "no stick of 1204 holds four sides of 500");
        Job longer = held.withStock(
                held.stock().withSticks(List.of(held.stock().sticks().getFirst().withLength(Length.mm(2400))))
                        .withPins(List.of(new Pin("A", 1, 0, 1), new Pin("C", 1, 0, 2))));
        Finding split = Planner.plan(longer).findings().stream().filter(each -> each.code().equals("stock.split-frame"))
                .findFirst().orElseThrow();
        Job mended = Objects.requireNonNull(split.remedy()).edit().of(longer, Shop.usual(longer.units()));
        assertEquals(Keep.MUST, mended.stock().keepFrameTogether());
        assertEquals(0, Planner.plan(mended).layout().splitFrames());
    }

    private static Set<String> stops(Job job) {
        return Planner.plan(job).findings().stream().filter(each -> each.level() == Level.STOP).map(Finding::code)
                .collect(Collectors.toSet());
    }

    /** A piece held on a stick that is too short for it is said to be, and let go. */
    @Test
    void whatCannotBeHeldIsSaid() throws BadFile, IOException {
        Job held = file("must-held").job();
        Job far = held.withStock(held.stock().withPins(List.of(new Pin("C", 1, 0, 9), new Pin("A", 1, 0, 1))));
        Finding lost = Planner.plan(far).findings().stream().filter(each -> each.code().equals("pin.lost")).findFirst()
                .orElseThrow();
        Job mended = Objects.requireNonNull(lost.remedy()).edit().of(far, Shop.usual(far.units()));
        assertEquals(List.of(new Pin("A", 1, 0, 1)), mended.stock().pins());
        assertFalse(codes(Planner.plan(mended)).contains("pin.lost"));
    }

    /** Of a corner A–B the side A comes from the left, though it is the wider one: pins through it lie above y = A's face. */
    @Test
    void aCornerIsSeenAsItIsNamed() throws BadFile, IOException {
        Plan plan = plan("corner-view");
        for (CornerWork.Kind kind : CornerWork.of(plan).kinds()) {
            String[] names = kind.at().getFirst().split("–", -1);
            Vertex heel = kind.seen(new Vertex(0, 0));
            assertEquals(0, Math.hypot(heel.x(), heel.y()), 1e-9);
            Vertex toe = kind.seen(kind.corner().wood().toe());
            assertEquals(face(plan, names[0]), toe.y(), 1e-3,
                    kind.at() + ": the toe is as far from A's outer edge as A is wide");
            Vertex along = kind.corner().wood().along();
            assertEquals(face(plan, names[1]), toe.x() * -along.y() + toe.y() * along.x(), 1e-3,
                    "and likewise from B's");
        }
    }

    private static double face(Plan plan, String name) {
        return plan.pieces().stream().filter(piece -> piece.name().equals(name)).findFirst().orElseThrow().face()
                .toMm();
    }

    /** Arcs of 61 on every side of 541 by 571, ten of them: nearest to the 60 that were wished. */
    @Test
    void arcsComeNearToWhatWasWished() throws BadFile, IOException {
        Job job = file("scallop").job();
        double wide = job.sizes().outside().width().toMm();
        double high = job.sizes().outside().height().toMm();
        Scallops arcs = Scallops.of(wide, high, 60, 20);
        assertTrue(Math.abs(arcs.chord() - 60) <= 0.25 * 60, arcs.toString());
        assertTrue(arcs.atSides() >= 20 - 1e-9 && arcs.atEnds() >= 20 - 1e-9, arcs.toString());
    }

    /** Sides no longer than screws may be apart have one in the middle. */
    @Test
    void everySideOfAStrainerIsScrewed() throws BadFile, IOException {
        for (FitOutWork.Row row : FitOutWork.of(plan("strainer")).screws()) {
            row.along().forEach(along -> assertFalse(along.at().isEmpty(), along.piece().name()));
        }
        assertEquals(List.of(Length.mm(90)), Spacing.strainer(Units.MILLIMETRES).screws(Length.mm(180)));
    }

    /** A leaf without a rabbet has none that runs out. */
    @Test
    void noRabbetRunsOutWhereThereIsNone() throws BadFile, IOException {
        assertFalse(codes(plan("shutters")).contains("rabbet.runs-out"));
    }

    /** Boards are ripped by the saw that the shop has. */
    @Test
    void boardsAreRippedWithTheSawsKerf() throws BadFile, IOException {
        Job job = file("setup").job();
        Job boards = job.withStock(job.stock().withBoards(List.of(new RoughBoard("b", Length.mm(2000), Length.mm(128),
                Length.mm(27), Length.ZERO, 1, null, List.of()))));
        assertEquals(Length.mm(2),
                BoardWork.of(Planner.plan(boards.withSaw(boards.saw().withKerf(Length.mm(2))))).getFirst()
                        .allowances().ripKerf());
    }

    /** A block goes into the corner of a rabbet: where there is none it has no place. */
    @Test
    void aBlockWantsARabbet() throws BadFile, IOException {
        Job job = file("setup").job()
                .withReinforcement(List.of(new Reinforcement(ReinforcementKind.BLOCK, Length.mm(30),
                        Length.mm(6), Length.ZERO, 1, Angle.ZERO, null, null)));
        assertTrue(stops(job).contains("reinforcement.not-here"), () -> "" + Planner.plan(job).findings());
    }

    /** A cap 6 wide inside the frame leaves that much less to see on each side. */
    @Test
    void aCapInsideIsSeenInsteadOfTheSightEdge() throws BadFile, IOException {
        Plan plan = plan("capped");
        Opening sight = plan.sizes().sight();
        assertEquals(sight.grown(Length.mm(-6)), Across.of(plan).seen(plan));
        Plan banded = plan("band");
        assertEquals(banded.sizes().sight(), Across.of(banded).seen(banded), "a band goes round");
    }

    /** The jig for slots is set up for the frame that is cut first, whichever that is. */
    @ParameterizedTest
    @ValueSource(ints = {2, 3, 5})
    void toolsAreSetUpForTheFirst(int frames) throws BadFile, IOException {
        ShopDays days = ShopDays.of(Planner.plan(file("setup").job().withQuantity(frames)), Search.PATIENT);
        List<Schedule.Step> slots = days.schedule().steps().stream()
                .filter(step -> days.chains().get(step.chain()).tasks().get(step.task()).name().startsWith("Cut slots"))
                .toList();
        assertEquals(frames, slots.size());
        long first = slots.getFirst().end() - slots.getFirst().start();
        slots.stream().skip(1).forEach(step -> assertTrue(step.end() - step.start() < first, slots.toString()));
    }

    /** Leaves turn on hinges: nothing hangs on hooks. */
    @Test
    void leavesTurnOnHinges() throws BadFile, IOException {
        HangingWork work = HangingWork.of(plan("shutters")).orElseThrow();
        assertEquals(HangingWork.Upon.HINGES, work.upon());
        assertTrue(work.hooks().isEmpty());
    }
}
