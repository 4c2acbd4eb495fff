package neatcorner.planner;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import neatcorner.fitout.SizeOf;
import neatcorner.fitout.StandardSize;
import neatcorner.job.Defaults;
import neatcorner.job.Job;
import neatcorner.job.Jobs;
import neatcorner.job.Ring;
import neatcorner.measure.Length;
import neatcorner.measure.Notation;
import neatcorner.measure.Units;
import neatcorner.outline.Opening;
import neatcorner.outline.Shape;
import neatcorner.plan.BoardWork;
import neatcorner.plan.Field;
import neatcorner.plan.Finding;
import neatcorner.plan.Level;
import neatcorner.plan.Plan;
import neatcorner.plan.Remedy;
import neatcorner.section.Edge;
import neatcorner.section.EdgeShape;
import neatcorner.section.Face;
import neatcorner.section.Layers;
import neatcorner.section.Milling;
import neatcorner.section.Operation;
import neatcorner.section.Passes;
import neatcorner.section.Ply;
import neatcorner.section.Rabbet;
import neatcorner.section.RabbetWay;
import neatcorner.section.Section;
import neatcorner.station.section.MillingSlate;
import neatcorner.station.section.SectionFields;
import neatcorner.station.sticks.MoreFrames;
import neatcorner.station.sticks.Offcuts;
import neatcorner.station.sticks.SheetWork;
import neatcorner.station.sticks.StockFields;
import neatcorner.stock.BoardMilling;
import neatcorner.stock.CutPiece;
import neatcorner.stock.CutStick;
import neatcorner.stock.RoughBoard;
import neatcorner.stock.Search;
import neatcorner.stock.Sheet;
import neatcorner.stock.Span;
import neatcorner.stock.Stick;
import neatcorner.wood.Species;
import org.junit.jupiter.api.Test;

/** Jobs from the rough board to the labelled offcut. */
class WoodPlanTest {
    private static final Notation MM = Notation.of(Units.MILLIMETRES);

    private static Job milled(Operation... operations) {
        Milling milling = Milling.PLAIN;
        for (Operation operation : operations) {
            milling = milling.plus(operation);
        }
        Job job = Jobs.chart();
        return job.withSection(job.section().withMilling(milling));
    }

    private static Operation shaped(EdgeShape shape, Edge edge, double size, double depth) {
        return new Operation.Shaped(shape, edge, Length.mm(size), Length.mm(depth), 0);
    }

    private static Optional<Finding> finding(Job job, String code) {
        return Planner.plan(job).findings().stream().filter(finding -> finding.code().equals(code)).findFirst();
    }

    private static void assertFoundAndMended(Job job, String code, Level level) {
        Finding found = finding(job, code).orElseThrow();
        assertEquals(level, found.level());
        Remedy remedy = found.remedy();
        assertNotNull(remedy, code);
        assertTrue(finding(remedy.edit().of(job, Jobs.SHOP), code).isEmpty(), code + " is mended");
    }

    @Test
    void whatMillingCanGetWrongIsFoundAndMended() {
        assertFoundAndMended(milled(shaped(EdgeShape.ROUND_OVER, Edge.FRONT_OUTER, 25, 25)), "bit.too-wide",
                Level.STOP);
        assertFoundAndMended(milled(new Operation.Groove(Face.FRONT, Length.mm(4), Length.mm(2), Length.mm(3), 0)),
                "bit.too-wide", Level.STOP);
        assertFoundAndMended(milled(new Operation.Groove(Face.BACK, Length.mm(27), Length.mm(6), Length.mm(3), 0)),
                "bit.too-wide", Level.STOP);
        assertFoundAndMended(milled(new Operation.Rip(Length.ZERO)), "bit.too-wide", Level.STOP);
        assertFoundAndMended(milled(shaped(EdgeShape.COVE, Edge.FRONT_OUTER, 5, 5), new Operation.Rip(Length.mm(4))),
                "edge.not-there", Level.CHECK);
        assertFoundAndMended(milled(shaped(EdgeShape.COVE, Edge.BACK_INNER, 5, 5)), "cut.in-air", Level.NOTE);
        assertFoundAndMended(
                milled(new Operation.Groove(Face.FRONT, Length.mm(10), Length.mm(6), Length.mm(8), 1)),
                "pass.too-deep", Level.CHECK);
        assertFoundAndMended(milled(shaped(EdgeShape.BEVEL, Edge.FRONT_OUTER, 22, 4),
                new Operation.Groove(Face.FRONT, Length.mm(2), Length.mm(3), Length.mm(3), 0)), "support.lost",
                Level.CHECK);
        assertFoundAndMended(milled(new Operation.Groove(Face.FRONT, Length.mm(9), Length.mm(3), Length.mm(12), 0),
                new Operation.Groove(Face.BACK, Length.mm(9), Length.mm(3), Length.mm(12), 0)), "section.falls-apart",
                Level.STOP);
    }

    /** Found by random jobs: cuts that together take all the wood leave a weightless stick and a reason. */
    @Test
    void aStickThatIsMilledAwayAltogetherIsNoCrash() {
        Job gone = milled(shaped(EdgeShape.RABBET, Edge.FRONT_OUTER, 29, 19),
                shaped(EdgeShape.RABBET, Edge.BACK_OUTER, 29, 19),
                shaped(EdgeShape.RABBET, Edge.FRONT_INNER, 29, 19));
        Plan plan = Planner.plan(gone);
        assertFalse(plan.canBeMade());
        assertEquals("section.falls-apart", plan.findings().getFirst().code());
        assertTrue(plan.weight().wood().kilograms() < 0.05);
    }

    /** Found by random jobs: at the tip of a very flat ellipse the joints of short segments cross. */
    @Test
    void anEllipseTooTightForItsSegmentsIsSaid() {
        Job flat = Jobs.chart().withOutline(Jobs.chart().outline().withShape(new Shape.Ellipse(27)))
                .withSize(SizeOf.SIGHT, new Opening(Length.mm(900), Length.mm(12)));
        Finding found = finding(flat, "size.impossible").orElseThrow();
        assertEquals(Level.STOP, found.level());
        assertTrue(Planner.plan(flat).pieces().isEmpty());
    }

    @Test
    void boardsThatDoNotAddUpMakeTheSectionAsThickAsTheyAre() {
        Layers layers = new Layers(false, List.of(new Ply(Species.named("white ash"), Length.mm(12), Length.ZERO),
                new Ply(Species.named("black walnut"), Length.mm(6), Length.ZERO)));
        Job job = Jobs.chart();
        Job glued = job.withSection(job.section().withMilling(Milling.PLAIN.withLayers(layers)));
        assertFoundAndMended(glued, "layers.sum", Level.STOP);
        Remedy remedy = finding(glued, "layers.sum").orElseThrow().remedy();
        assertNotNull(remedy);
        assertEquals(Length.mm(18), remedy.edit().of(glued, Jobs.SHOP).section().thickness());
    }

    @Test
    void eachPassIsSaidInWords() {
        Job job = milled(shaped(EdgeShape.FACET, Edge.FRONT_INNER, 3, 3),
                shaped(EdgeShape.BEVEL, Edge.FRONT_OUTER, 4, 4),
                new Operation.Groove(Face.BACK, Length.mm(15), Length.mm(4), Length.mm(3), 0),
                new Operation.Rip(Length.mm(5)));
        Section section = job.section().withMilling(job.section().milling().withWay(RabbetWay.TABLE_SAW));
        List<String> words = Passes.of(section).stream().map(pass -> MillingSlate.inWords(section, pass).in(MM))
                .toList();
        assertEquals(6, words.size());
        assertTrue(
                words.get(0).startsWith("Rabbet for the pack, table saw, pass 1 of 2: fence 29 mm from the near side"),
                words.get(0) + ": 30 − 6 of the face, and 5 to be ripped off later");
        assertTrue(words.get(2).contains("plane a facet 3 mm wide"), words.get(2));
        assertTrue(words.get(3).contains("tilted 45° with its top towards the fence"), words.get(3));
        assertTrue(words.get(4).contains("fence 15 mm from the near side of a 4 mm bit, height 3 mm"), words.get(4));
        for (int i = 0; i < words.size(); i++) {
            assertFalse(MillingSlate.of(Planner.plan(job.withSection(section)), i).rows().isEmpty());
        }
    }

    /** Geometry: a quarter circle swept round the frame at its centroid, 4r/3π from the outer edge (Pappus). */
    @Test
    void aMilledStickWeighsLess() {
        Job plain = Jobs.chart();
        Job round = milled(shaped(EdgeShape.COVE, Edge.FRONT_OUTER, 10, 10));
        double lost = Planner.plan(plain).weight().wood().kilograms() - Planner.plan(round).weight().wood().kilograms();
        double ash = plain.section().wood().density();
        double metres = (2 * (739 + 575) - 8 * 40 / (3 * Math.PI)) * 1e-3;
        assertEquals(Math.PI / 4 * 100 * 1e-6 * metres * ash, lost, 0.01 * lost);
    }

    private static RoughBoard board(double width, double thickness) {
        return new RoughBoard("plank", Length.mm(2500), Length.mm(width), Length.mm(thickness), Length.mm(2), 1, 30.0,
                List.of(new Span(Length.mm(1200), Length.mm(1260))));
    }

    @Test
    void aBoardIsMilledToSticksThatCutTheJob() {
        Job job = Jobs.chart().withStock(Jobs.chart().stock().withSticks(List.of())
                .withBoards(List.of(board(110, 27))));
        assertTrue(finding(job, "stock.short").isPresent());
        assertTrue(BoardWork.isEnough(job));
        Job milled = BoardWork.milled(job, 0);
        assertTrue(milled.stock().boards().isEmpty());
        assertTrue(Planner.plan(milled).layout().isComplete());
        assertEquals(2, milled.stock().sticks().size(), "one kind from each side of the knot");
        double priced = milled.stock().sticks().stream().mapToDouble(stick -> stick.cost() * stick.count()).sum();
        assertEquals(30, priced, 0.1, "the sticks cost what the board did");
    }

    @Test
    void whenBoardsAreShortANarrowerFaceIsOffered() {
        Job job = Jobs.chart().withStock(Jobs.chart().stock().withSticks(List.of())
                .withBoards(
                        List.of(new RoughBoard("strip", Length.mm(2500), Length.mm(60), Length.mm(27), Length.ZERO, 1,
                                null, List.of()))));
        assertFalse(BoardWork.isEnough(job));
        List<Remedy> remedies = BoardWork.whenShort(Planner.plan(job));
        assertEquals("Make the face 27 mm wide", remedies.getFirst().label().in(MM));
        assertEquals(Length.mm(27), remedies.getFirst().edit().of(job, Jobs.SHOP).section().width());
        assertTrue(BoardWork.whenShort(Planner.plan(Jobs.chart())).isEmpty());
    }

    /** NIST Handbook 44: a board foot is 144 cubic inches. */
    @Test
    void aBoardFootIsAFootSquareAndAnInchThick() {
        RoughBoard one = new RoughBoard("", Length.inches(12), Length.inches(12), Length.inches(1), Length.ZERO, 1,
                null,
                List.of());
        assertEquals(BoardWork.BOARD_FOOT, one.volume(), 1e-9);
        assertTrue(BoardWork.volumeNeeded(Planner.plan(Jobs.chart())) > 0.0015);
    }

    @Test
    void panelsForAllFramesAreCutFromTheirOwnMaterials() {
        Job job = Jobs.chart().withQuantity(3).withStock(Jobs.chart().stock().withSheets(List.of(
                new Sheet("pane", "glass", Length.mm(1600), Length.mm(1200), 2, null, false),
                new Sheet("board", "Hardboard", Length.mm(1220), Length.mm(1220), 3, null, false),
                new Sheet("museum", "mat", Length.mm(1120), Length.mm(815), 5, null, false))));
        List<SheetWork> works = SheetWork.of(Planner.plan(job), Search.PATIENT);
        assertEquals(List.of("glass", "mat board", "hardboard"), works.stream().map(SheetWork::material).toList());
        for (SheetWork work : works) {
            assertTrue(work.layout().isComplete(), work.material());
            assertEquals(3, work.nesting().panels().getFirst().count());
        }
        assertEquals(Length.ZERO, works.getFirst().nesting().kerf(), "glass is scored");
        assertEquals(Length.mm(3), works.getLast().nesting().kerf(), "hardboard is sawn");
        assertTrue(works.getFirst().isTooNarrow(Length.mm(19)));
        assertFalse(works.getFirst().isTooNarrow(Length.mm(20)));
        assertFalse(works.getLast().isTooNarrow(Length.mm(5)));
        Job impossible = job.withSize(SizeOf.OUTSIDE, new Opening(Length.mm(10), Length.mm(10)));
        assertTrue(SheetWork.of(Planner.plan(impossible), Search.PATIENT).isEmpty());
    }

    @Test
    void onceItIsCutTheSticksAreGoneAndTheEndsAreNamed() {
        Plan plan = Planner.plan(Jobs.chart());
        List<Stick> offcuts = Offcuts.of(plan);
        assertFalse(offcuts.isEmpty());
        for (Stick offcut : offcuts) {
            assertTrue(offcut.name().startsWith("offcut of ash 2.4 m"), offcut.name());
            assertFalse(offcut.length().isLessThan(plan.job().stock().leastOffcut()));
            assertEquals(0, offcut.cost());
        }
        Job cut = Offcuts.cut(plan);
        assertEquals(6 - plan.layout().sticks().size(), cut.stock().sticks().getFirst().count());
        Job picky = plan.job().withStock(plan.job().stock().withLeastOffcut(Length.mm(2000)));
        assertTrue(Offcuts.of(Planner.plan(picky)).isEmpty());
    }

    @Test
    void offcutsGiveAsManyMoreFramesAsCanBeCutFromThem() {
        List<Stick> offcuts = List.of(new Stick("end", Length.mm(1000), 2, null, List.of()));
        StandardSize photo = StandardSize.INCH.get(1);
        int frames = MoreFrames.from(Jobs.chart(), offcuts, photo, Search.PATIENT);
        assertEquals(2, frames, "a 5 × 7 frame takes about 0.9 m");
        assertEquals(0, MoreFrames.from(Jobs.chart(), List.of(), photo, Search.PATIENT));
        for (MoreFrames more : MoreFrames.of(Planner.plan(Jobs.chart()), Search.PATIENT)) {
            assertTrue(more.frames() > 0);
            assertTrue(MoreFrames.from(Jobs.chart(), offcuts, more.size(), () -> true) <= MoreFrames.from(Jobs.chart(),
                    offcuts, more.size(), Search.PATIENT), "in haste there are no more of them");
        }
    }

    @Test
    void jobsOfOneSectionShareTheSticks() {
        Job small = Jobs.chart().withSize(SizeOf.ART, new Opening(Length.mm(200), Length.mm(150))).withQuantity(2);
        Job other = Jobs.chart().withSection(Jobs.chart().section().withWidth(Length.mm(25)));
        assertTrue(Batch.areAlike(Jobs.chart(), small));
        assertFalse(Batch.areAlike(Jobs.chart(), other));
        Plan batch = Batch.plan(Jobs.chart(), List.of(small, other), Jobs.SHOP, Search.PATIENT);
        Set<String> names = new HashSet<>();
        for (CutStick stick : batch.layout().sticks()) {
            for (CutPiece cut : stick.cuts()) {
                assertTrue(names.add(cut.piece().name()), "cut once: " + cut.piece().name());
            }
        }
        assertEquals(12, names.size());
        assertTrue(names.containsAll(Set.of("1.1A", "2.1A", "2.2D")), names.toString());
        int apart = Planner.plan(Jobs.chart()).layout().sticks().size() + Planner.plan(small).layout().sticks().size();
        assertTrue(batch.layout().sticks().size() <= apart);
    }

    @Test
    void fieldsOfTheRackReadBackWhatWasPutIn() {
        Job job = Jobs.chart().withStock(Jobs.chart().stock().withBoards(List.of(board(110, 27)))
                .withSheets(List.of(new Sheet("pane", "glass", Length.mm(900), Length.mm(600), 1, null, false))));
        Plan plan = Planner.plan(job);
        for (Field field : List.of(StockFields.boardLength(0), StockFields.boardWidth(0), StockFields.boardThickness(0),
                StockFields.boardBow(0), StockFields.sheetWidth(0), StockFields.sheetHeight(0),
                StockFields.sheetTrim(0),
                StockFields.LEAST_OFFCUT)) {
            Job changed = field.edit(Length.mm(123)).of(plan.job(), Jobs.SHOP);
            assertEquals(Length.mm(123), field.in(Planner.plan(changed)), field.id());
            if (!field.equals(StockFields.LEAST_OFFCUT)) {
                assertEquals(job, field.edit(Length.mm(-1)).of(plan.job(), Jobs.SHOP),
                        field.id() + " is never negative");
            }
        }
    }

    @Test
    void fieldsOfTheMillingReadBackWhatWasPutIn() {
        Job job = milled(shaped(EdgeShape.BEVEL, Edge.FRONT_OUTER, 6, 3),
                new Operation.Groove(Face.FRONT, Length.mm(10), Length.mm(4), Length.mm(3), 0),
                new Operation.Rip(Length.mm(5)));
        Plan plan = Planner.plan(job);
        for (Field field : List.of(SectionFields.milled(1), SectionFields.milledDepth(1), SectionFields.milled(2),
                SectionFields.milledDepth(2),
                SectionFields.milledFrom(2), SectionFields.milled(3))) {
            assertEquals(Length.mm(7), field.in(Planner.plan(field.edit(Length.mm(7)).of(plan.job(), Jobs.SHOP))),
                    field.id());
        }
        Layers layers = new Layers(true, List.of(new Ply(Species.named("elm"), Length.mm(12), Length.ZERO)));
        Plan glued = Planner.plan(job.withSection(
                job.section().withMilling(job.section().milling().withLayers(layers))));
        assertEquals(Length.mm(9),
                SectionFields.ply(0)
                        .in(Planner.plan(SectionFields.ply(0).edit(Length.mm(9)).of(glued.job(), Jobs.SHOP))));
    }

    /** A board that is meant for a strainer gives sticks as wide, as thick and of the wood that the strainer is. */
    @Test
    void aBoardIsMilledForTheRingThatItIsMeantFor() {
        Section pine = new Section(Species.named("eastern white pine"), Length.mm(38), Length.mm(19), Rabbet.NONE);
        Job framed = Defaults.blank(Units.MILLIMETRES);
        Job job = framed.withRings(List.of(new Ring(new Ring.Place("strainer", "", SizeOf.RABBET,
                SizeOf.OUTSIDE, Length.mm(1), null), pine)));
        RoughBoard board = new RoughBoard("pine plank", Length.mm(2500), Length.mm(180), Length.mm(27), Length.ZERO, 1,
                null, List.of(), "strainer");
        Job there = job.withStock(job.stock().withBoards(List.of(board)));
        Plan plan = Plan.of(there, () -> true);
        BoardMilling milling = BoardWork.of(plan).getFirst();
        assertEquals(Length.mm(38), milling.width());
        assertEquals(Length.mm(19), milling.thickness());
        Job milled = BoardWork.milled(there, 0);
        assertTrue(milled.stock().boards().isEmpty());
        assertFalse(milled.stock().sticks().isEmpty());
        for (Stick stick : milled.stock().sticks()) {
            assertEquals("eastern white pine", Objects.requireNonNull(stick.wood()).name());
            Plan with = Plan.of(milled, () -> true);
            assertTrue(with.blanks().fits(with.rings().getFirst().pieces().getFirst(), stick));
            assertFalse(with.blanks().fits(with.pieces().getFirst(), stick), "it is no wood for the frame");
        }
        Job forFrame = there.withStock(there.stock().withBoards(List.of(board.withRing("gone"))));
        assertEquals(framed.section().thickness(), BoardWork.of(Plan.of(forFrame, () -> true)).getFirst().thickness());
        assertTrue(BoardWork.volumeNeeded(plan) > BoardWork.volumeNeeded(Plan.of(framed, () -> true)),
                "the strainer takes wood as well");
    }
}
