package neatcorner.planner;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotNull;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import neatcorner.fitout.Layer;
import neatcorner.fitout.Pack;
import neatcorner.fitout.Screws;
import neatcorner.fitout.SizeOf;
import neatcorner.fitout.Spacing;
import neatcorner.glueup.schedule.Task;
import neatcorner.hanging.HangBy;
import neatcorner.job.CutRing;
import neatcorner.job.Defaults;
import neatcorner.job.Hold;
import neatcorner.job.Job;
import neatcorner.job.Ring;
import neatcorner.measure.Length;
import neatcorner.measure.Units;
import neatcorner.outline.Contours;
import neatcorner.outline.Loop;
import neatcorner.outline.Opening;
import neatcorner.outline.Outline;
import neatcorner.outline.Shape;
import neatcorner.outline.Vertex;
import neatcorner.piece.Piece;
import neatcorner.plan.Across;
import neatcorner.plan.Finding;
import neatcorner.plan.Plan;
import neatcorner.plan.Remedy;
import neatcorner.section.Rabbet;
import neatcorner.section.Section;
import neatcorner.shop.Shop;
import neatcorner.station.fitout.FitOutWork;
import neatcorner.station.glueup.GlueUpWork;
import neatcorner.station.hanging.HangingWork;
import neatcorner.stock.Stick;
import neatcorner.wood.Species;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

/** Frames that are more than one ring, and ways to hold what they frame. */
class RingsTest {
    private static final Species BASS = Species.named("basswood");

    private static Ring ring(String name, SizeOf edge, SizeOf as, double play, Section section) {
        return new Ring(new Ring.Place(name, "", edge, as, Length.mm(play), null), section);
    }

    private static Section bar(double width, double thickness) {
        return new Section(BASS, Length.mm(width), Length.mm(thickness), Rabbet.NONE);
    }

    private static Job withSticks(Job job) {
        return job.withStock(job.stock().withSticks(List.of(
                new Stick("ash", Length.mm(2400), 4, null, List.of()),
                new Stick("strip", Length.mm(2400), 4, null, List.of(), BASS, Length.mm(60), Length.mm(40)))));
    }

    /** A painting of 480 × 680 and 20 deep, a gap of 6. */
    private static Job floater() {
        Job job = Defaults.blank(Units.MILLIMETRES).withSize(SizeOf.ART, new Opening(Length.mm(480), Length.mm(680)))
                .withHold(new Hold.Floating(Length.mm(6)))
                .withPack(new Pack(List.of(new Layer.Art(Length.mm(20)))))
                .withSection(new Section(Species.named("white ash"), Length.mm(12), Length.mm(30),
                        Rabbet.plain(Length.mm(5), Length.mm(7))));
        return withSticks(job.withRings(List.of(ring("backer", SizeOf.RABBET, SizeOf.OUTSIDE, 0.25, bar(30, 6))
                .withScrews(new Screws(Length.mm(16), Spacing.screws(Units.MILLIMETRES))))));
    }

    private static Set<String> codes(Plan plan) {
        return plan.findings().stream().map(Finding::code).collect(Collectors.toSet());
    }

    /** Common practice: inside = art + 2 · gap; the backer fills the rabbet less its play. */
    @Test
    void aFloatersSizesFollowFromItsArt() {
        Plan plan = Planner.plan(floater());
        assertEquals(new Opening(Length.mm(492), Length.mm(692)), plan.sizes().sight());
        assertEquals(new Opening(Length.mm(516), Length.mm(716)), plan.sizes().outside());
        CutRing backer = plan.rings().getFirst();
        assertEquals(new Opening(Length.mm(501.5), Length.mm(701.5)), backer.placed().outside());
        assertEquals(new Opening(Length.mm(441.5), Length.mm(641.5)), backer.placed().sight());
        assertEquals(List.of("backer A", "backer B", "backer C", "backer D"),
                backer.pieces().stream().map(Piece::name).toList());
        Across across = Across.of(plan);
        assertEquals(3, there(across.content()).front(), 1e-9, "t − rd − art lies under the rim");
        assertEquals(Length.mm(19.25), across.bearing().orElseThrow(), "width − play − rabbet − gap");
        assertTrue(plan.canBeMade(), () -> codes(plan).toString());
    }

    private static <T> T there(@Nullable T value) {
        assertNotNull(value);
        return Objects.requireNonNull(value);
    }

    @Test
    void otherHoldsFollowFromTheArtToo() {
        Job job = Defaults.blank(Units.MILLIMETRES).withSize(SizeOf.ART, new Opening(Length.mm(400), Length.mm(300)));
        Length face = job.section().width();
        assertEquals(Length.mm(401.5), job.withHold(new Hold.Panel(Length.mm(0.75))).sizes().sight().width());
        assertEquals(Length.mm(450), job.withHold(new Hold.OverMirror(Length.mm(25))).sizes().outside().width());
        assertEquals(Length.mm(450).minus(face.times(2)),
                job.withHold(new Hold.OverMirror(Length.mm(25))).sizes().sight().width());
        assertEquals(Length.mm(400), job.withHold(new Hold.Wrapped(Length.mm(25))).sizes().outside().width());
        assertEquals(Length.mm(400), job.withHold(new Hold.Nothing()).sizes().sight().width());
        Plan wrapped = Planner.plan(job.withHold(new Hold.Wrapped(Length.mm(25)))
                .withSection(bar(38, 19)));
        assertEquals(new Opening(Length.mm(400 + 2 * (19 + 25)), Length.mm(300 + 2 * (19 + 25))),
                FitOutWork.of(wrapped).fabric(), "size + 2 · (depth + return)");
    }

    @Test
    void ringsAreCutFromSticksOfTheirOwnWood() {
        Plan plan = Planner.plan(floater());
        plan.layout().sticks().forEach(stick -> stick.cuts().forEach(cut -> assertEquals(
                cut.piece().place().ring().isEmpty() ? "ash" : "strip", stick.stick().name())));
        assertEquals(0, plan.layout().unplaced());
        assertTrue(plan.settings().stream().anyMatch(setting -> setting.pieces().contains("backer A")));
        Job unsaid = floater().withStock(floater().stock().withStick(1, stick -> stick.withWood(null)
                .withAcross(Length.mm(30), Length.mm(6))));
        assertEquals(0, Planner.plan(unsaid).layout().unplaced(), "a stick just as wide and thick is there for it");
        Plan without = Planner.plan(floater().withStock(floater().stock().withoutStick(1)));
        Finding shorts = without.findings().stream().filter(each -> each.code().equals("stock.short")).findFirst()
                .orElseThrow();
        Remedy remedy = there(shorts.remedy());
        Job mended = remedy.edit().of(without.job(), Shop.usual(Units.MILLIMETRES));
        assertTrue(Planner.plan(mended).canBeMade());
    }

    @Test
    void aFloaterSaysWhatIsWrongWithItAndMendsIt() {
        Job bare = floater().withRings(List.of());
        Plan plan = Planner.plan(bare);
        assertTrue(codes(plan).contains("float.uncarried"));
        Finding finding = plan.findings().stream().filter(each -> each.code().equals("float.uncarried")).findFirst()
                .orElseThrow();
        Job mended = there(finding.remedy()).edit().of(bare, Shop.usual(Units.MILLIMETRES));
        assertFalse(codes(Planner.plan(mended)).contains("float.uncarried"));
        assertFalse(codes(Planner.plan(mended)).contains("float.bearing-thin"));
        Job thin = floater().withSection(floater().section().withThickness(Length.mm(24)));
        assertTrue(codes(Planner.plan(thin)).contains("float.proud"));
        Job narrow = floater().withRing("backer", ring -> ring.withSection(bar(15, 6)));
        assertTrue(codes(Planner.plan(narrow)).contains("float.bearing-thin"));
        Job through = floater().withRing("backer", ring -> ring
                .withScrews(new Screws(Length.mm(26), Spacing.screws(Units.MILLIMETRES))));
        assertTrue(codes(Planner.plan(through)).contains("screw.through"));
    }

    @Test
    void aRingThatCannotLieThereIsSaidAndNothingIsDrawnOfIt() {
        Job job = floater();
        Job wide = job.withRings(List.of(ring("backer", SizeOf.RABBET, SizeOf.OUTSIDE, 0, bar(400, 6))));
        Plan plan = Planner.plan(wide);
        assertTrue(codes(plan).contains("ring.does-not-fit"), () -> codes(plan).toString());
        assertNull(plan.rings().getFirst().contours());
        Job lost = job.withRings(List.of(new Ring(new Ring.Place("a", "b", SizeOf.OUTSIDE, SizeOf.SIGHT,
                Length.ZERO, null), bar(10, 10)), new Ring(
                        new Ring.Place("b", "a", SizeOf.OUTSIDE,
                                SizeOf.SIGHT, Length.ZERO, null),
                        bar(10, 10))));
        assertEquals(2, Planner.plan(lost).findings().stream().filter(each -> each.code().equals("ring.does-not-fit"))
                .count(), "two that are set against each other");
        Job clash = job.withRings(List.of(new Ring(new Ring.Place("plug", "", SizeOf.OUTSIDE,
                SizeOf.OUTSIDE, Length.ZERO, Length.mm(5)), bar(20, 6))));
        assertTrue(codes(Planner.plan(clash)).contains("ring.in-wood"));
        Job twins = job.withRings(List.of(job.rings().getFirst(), job.rings().getFirst()));
        assertTrue(codes(Planner.plan(twins)).contains("ring.does-not-fit"));
    }

    @Provide
    Arbitrary<Shape> shapes() {
        return Arbitraries.of(new Shape.Rectangle(), new Shape.Regular(5, false), new Shape.Regular(8, true),
                new Shape.Polygon(Loop.clockwise(List.of(new Vertex(0, 0), new Vertex(500, 0), new Vertex(620, 380),
                        new Vertex(180, 560)))),
                new Shape.Arch(Shape.Curve.SEGMENT, Length.mm(90), 0),
                new Shape.Arch(Shape.Curve.SEMICIRCLE, Length.mm(250), 0), new Shape.Circle(0),
                new Shape.Ellipse(0));
    }

    /** Every ring lies where its edge says: so far from the edge it is set against, all round. */
    @Property(tries = 300)
    void everyRingLiesWhereItsEdgeSays(@ForAll("shapes") Shape shape, @ForAll @IntRange(min = 0, max = 2) int edge,
            @ForAll @IntRange(min = 0, max = 2) int as, @ForAll @IntRange(min = 0, max = 3000) int play,
            @ForAll @IntRange(min = 6, max = 40) int width) {
        SizeOf[] edges = {SizeOf.SIGHT, SizeOf.RABBET, SizeOf.OUTSIDE};
        Section section = new Section(BASS, Length.mm(width), Length.mm(12),
                Rabbet.plain(Length.mm(3), Length.mm(4)));
        Job job = Defaults.blank(Units.MILLIMETRES).withSize(SizeOf.SIGHT, new Opening(Length.mm(500), Length.mm(640)))
                .withOutline(Outline.of(shape))
                .withRings(List.of(ring("ring", edges[edge], edges[as], play / 1000.0, section)));
        Plan plan = Plan.of(job, () -> true);
        Contours frame = there(plan.contours());
        Contours own = there(plan.rings().getFirst().contours());
        Loop base = edge(frame, edges[edge]);
        Loop lies = edge(own, edges[as]);
        // The wall of a flat arch's rabbet ends beside the springing by a share of the way, up to half a millimetre off.
        boolean near = shape instanceof Shape.Arch arch && arch.curve() == Shape.Curve.SEGMENT
                && (edges[edge] == SizeOf.RABBET || edges[as] == SizeOf.RABBET);
        double off = near ? 0.5 : 0.08;
        double wanted = (edges[as] == SizeOf.OUTSIDE ? -1 : 1) * play / 1000.0;
        for (Vertex v : lies.vertices()) {
            assertTrue(distance(base, v) >= Math.abs(wanted) - off, () -> shape + ": " + v);
        }
        double apart = 0;
        for (int i = 0; i < lies.sides(); i++) {
            Vertex middle = new Vertex((lies.at(i).x() + lies.at(i + 1).x()) / 2,
                    (lies.at(i).y() + lies.at(i + 1).y()) / 2);
            apart = Math.max(apart, Math.abs(distance(base, middle) - Math.abs(wanted)));
            if (Math.abs(wanted) > off + 0.02) {
                assertEquals(wanted < 0, base.contains(middle));
            }
        }
        double most = apart;
        assertTrue(most < off, () -> shape + " leaves its edge by " + most);
    }

    private static Loop edge(Contours contours, SizeOf of) {
        return switch (of) {
            case SIGHT, ART -> contours.sight();
            case RABBET -> contours.rabbet();
            case OUTSIDE -> contours.outside();
        };
    }

    /** Of a place from the nearest side of a loop. */
    private static double distance(Loop loop, Vertex v) {
        List<Double> all = new ArrayList<>();
        for (int i = 0; i < loop.sides(); i++) {
            Vertex a = loop.at(i);
            Vertex b = loop.at(i + 1);
            double dx = b.x() - a.x();
            double dy = b.y() - a.y();
            double t = Math.max(0, Math.min(1, ((v.x() - a.x()) * dx + (v.y() - a.y()) * dy) / (dx * dx + dy * dy)));
            all.add(Math.hypot(v.x() - a.x() - t * dx, v.y() - a.y() - t * dy));
        }
        return all.stream().mapToDouble(Double::doubleValue).min().orElseThrow();
    }

    @Test
    void ringsComeToTheFrameInTheirTurn() {
        GlueUpWork floats = there(GlueUpWork.of(Planner.plan(floater())));
        List<String> tasks = floats.chain().tasks().stream().map(Task::name).toList();
        assertTrue(tasks.stream().anyMatch(name -> name.contains("backer")), tasks::toString);
        Section band = bar(8, 24);
        Job banded = floater().withRings(List.of(ring("band", SizeOf.OUTSIDE, SizeOf.SIGHT, 0, band)));
        Plan plan = Planner.plan(banded);
        List<String> after = there(GlueUpWork.of(plan)).chain().tasks().stream().map(Task::name).toList();
        int flushed = after.indexOf(after.stream().filter(name -> name.contains("corners")).toList().getLast());
        int round = after.indexOf(after.stream().filter(name -> name.contains("band")).findFirst().orElseThrow());
        assertTrue(round > flushed, () -> "the band goes round when the corners are level: " + after);
        assertEquals(List.of("band A", "band B", "band C", "band D"), plan.allPieces().stream().map(Piece::name)
                .filter(name -> name.startsWith("band")).toList());
        assertTrue(plan.weight().wood().kilograms() > Planner.plan(floater().withRings(List.of())).weight().wood()
                .kilograms());
    }

    @Test
    void aStrainerTakesTheWiresPull() {
        Job job = withSticks(Defaults.blank(Units.MILLIMETRES)
                .withSize(SizeOf.ART, new Opening(Length.mm(600), Length.mm(900))));
        Job wired = job.withHanging(job.hanging().withBy(HangBy.WIRE));
        double alone = HangingWork.of(Planner.plan(wired)).orElseThrow().worst();
        Job braced = wired.withRings(List.of(ring("strainer", SizeOf.RABBET, SizeOf.OUTSIDE, 1, bar(19, 38))
                .withScrews(new Screws(Length.mm(30), Spacing.strainer(Units.MILLIMETRES)))));
        Plan plan = Planner.plan(braced);
        assertTrue(HangingWork.of(plan).orElseThrow().worst() < alone);
        assertEquals(there(Across.of(plan).content()).back(),
                Across.of(plan).rings().getFirst().front(), 1e-9, "it lies behind the pack");
    }
}
