package neatcorner.planner;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotNull;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Random;
import java.util.Objects;
import neatcorner.shop.Shop;
import neatcorner.plan.FrameFields;
import neatcorner.station.hanging.HangingWork;
import neatcorner.fitout.SizeOf;
import neatcorner.job.Defaults;
import neatcorner.job.Hold;
import neatcorner.job.Job;
import neatcorner.job.Preset;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.measure.Units;
import neatcorner.member.MadeMember;
import neatcorner.member.Member;
import neatcorner.member.MemberKind;
import neatcorner.outline.Loop;
import neatcorner.outline.Opening;
import neatcorner.outline.Outline;
import neatcorner.outline.Shape;
import neatcorner.outline.Vertex;
import neatcorner.piece.CornerJoint;
import neatcorner.piece.Piece;
import neatcorner.plan.Plan;
import neatcorner.section.Rabbet;
import neatcorner.station.shape.TemplateFigure;

import neatcorner.stock.Stick;
import neatcorner.wood.Species;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

class MembersTest {
    private static final Species PINE = Species.named("eastern white pine");

    private static Length mm(double millimetres) {
        return Length.mm(millimetres);
    }

    private static Member member(MemberKind kind, double width, double thickness) {
        return new Member("extra", "", kind, PINE, mm(width), mm(thickness));
    }

    private static <T> T there(@Nullable T value) {
        assertNotNull(value);
        return value;
    }

    private static MadeMember only(Job job) {
        return Plan.of(job, () -> true).members().getFirst();
    }

    private static Job with(MemberKind kind, double width, double thickness) {
        return Defaults.blank(Units.MILLIMETRES).withMembers(List.of(member(kind, width, thickness)));
    }

    /** Common practice: inside of the leaf + 1 in for grooves 1/2 in deep. */
    @Test
    void aSlatIsAsLongAsTheOpeningAndTwoGrooves() {
        Job job = Preset.SHUTTERS.of(Defaults.blank(Units.INCHES), Units.INCHES);
        Plan plan = Plan.of(job, () -> true);
        MadeMember slats = plan.members().getFirst();
        assertEquals(plan.sizes().sight().width().plus(Length.inches(1)), slats.length());
        assertEquals(slats.count(), slats.pieces().size());
        assertEquals(1, Piece.twins(slats.pieces()).size(), "one stop");
        assertEquals(Length.inches((11 - 3 * 3.0 / 32) / 2), plan.sizes().outside().width(),
                "half of the opening less what keeps the leaves from binding");
        assertEquals(2, job.quantity());
    }

    /** The opening stays: leaves of 400 − 3 · 4 ÷ 2 and 600 − 2 · 4 with 4 mm of play. */
    @Test
    void leavesTakeTheirPlayFromTheSameOpening() {
        Job art = Defaults.blank(Units.MILLIMETRES).withSize(SizeOf.ART, new Opening(mm(400), mm(600)));
        Job leaves = Preset.SHUTTERS.of(art, Units.MILLIMETRES);
        assertEquals(new Opening(mm((400 - 7.5) / 2), mm(595)), leaves.sizes().outside());
        Job wider = FrameFields.LEAF_PLAY.edit(mm(4)).of(leaves, Shop.usual(Units.MILLIMETRES));
        assertEquals(new Opening(mm(194), mm(592)), wider.sizes().outside());
        assertEquals(mm(4), FrameFields.LEAF_PLAY.in(Plan.of(wider, () -> true)));
        assertEquals(new Opening(mm(400), mm(600)), Preset.PLAIN.of(wider, Units.MILLIMETRES).sizes().art());
    }

    /** A brace keeps the sides apart where the wire would pull them in: at the rings. */
    @Test
    void theBraceOfAStrainerLiesWhereTheRingsAre() {
        Job large = Defaults.blank(Units.MILLIMETRES).withSize(SizeOf.ART, new Opening(mm(1200), mm(900)));
        Plan plan = Planner.plan(Preset.STRAINER.of(large, Units.MILLIMETRES));
        double rings = Objects.requireNonNull(HangingWork.of(plan).orElseThrow().rings()).depth().toMm();
        double top = Objects.requireNonNull(plan.contours()).outside().top();
        MadeMember brace = plan.members().getFirst();
        double middle = brace.shapes().getFirst().outline().stream().mapToDouble(Vertex::y).average().orElseThrow();
        assertEquals(rings, middle - top, 0.1);
    }

    /** At a pitch p, slats of which s is seen fill an opening h when n·p + s > h. */
    @Test
    void asManySlatsAsThereIsRoomFor() {
        Job job = with(new MemberKind.Slats(mm(10), mm(30), Angle.ZERO), 25, 6);
        double high = job.sizes().sight().height().toMm();
        MadeMember slats = only(job);
        assertEquals(1 + (int) ((high - 25) / 30), slats.count());
        double top = slats.shapes().getFirst().outline().getFirst().y();
        double bottom = slats.shapes().getLast().outline().get(2).y();
        assertEquals(-top, bottom, 1e-6, "as far from the top as from the bottom");
    }

    @Test
    void aBarReachesFromSideToSideWhereverItLies() {
        MadeMember level = only(with(new MemberKind.Bar(false, 0.3, mm(1)), 30, 18));
        assertEquals(Defaults.blank(Units.MILLIMETRES).sizes().rabbet().width().minus(mm(2)), level.length(),
                "behind the pack, from wall to wall");
        Job triangle = Defaults.blank(Units.MILLIMETRES).withOutline(Outline.of(new Shape.Regular(3, false)))
                .withMembers(List.of(member(new MemberKind.Bar(false, 0.6, Length.ZERO), 30, 18)));
        MadeMember inside = only(triangle);
        Loop sight = Plan.of(triangle, () -> true).edge(SizeOf.RABBET);
        for (Vertex corner : inside.shapes().getFirst().outline()) {
            double toMiddle = 1 - 1e-4;
            assertTrue(sight.contains(new Vertex(corner.x() * toMiddle, corner.y() * toMiddle)), corner::toString);
        }
    }

    /** Whatever the outline: what is laid into its opening lies inside its outside, and nothing is counted that is not drawn. */
    @Test
    void whatGoesIntoAFrameLiesWithinIt() {
        Random random = new Random(41);
        int seen = 0;
        for (int i = 0; i < 200; i++) {
            List<Shape> shapes = List.of(new Shape.Rectangle(), new Shape.Regular(3 + i % 8, i % 2 == 0),
                    new Shape.Circle(0), new Shape.Arch(Shape.Curve.SEMICIRCLE, Length.ZERO, 0));
            Job any = Defaults.blank(Units.MILLIMETRES).withOutline(Outline.of(shapes.get(i % 4)))
                    .withSize(SizeOf.ART, new Opening(mm(150 + random.nextInt(600)), mm(250 + random.nextInt(600))));
            for (MemberKind kind : List.of(new MemberKind.Bar(random.nextBoolean(), random.nextDouble(), mm(0.5)),
                    new MemberKind.Triangles(), new MemberKind.Blocks())) {
                Plan plan = Plan.of(any.withMembers(List.of(member(kind, 10 + random.nextInt(30), 6))), () -> true);
                if (plan.contours() == null) {
                    continue;
                }
                MadeMember made = plan.members().getFirst();
                assertEquals(made.fault() == null ? made.count() : 0, made.shapes().size());
                Loop outside = plan.contours().outside();
                for (MadeMember.Shape shape : made.shapes()) {
                    seen++;
                    for (Vertex v : shape.outline()) {
                        assertTrue(v.x() > outside.left() - 0.01 && v.x() < outside.right() + 0.01
                                && v.y() > outside.top() - 0.01 && v.y() < outside.bottom() + 0.01, any::toString);
                    }
                }
            }
        }
        assertTrue(seen > 200, "of " + seen);
    }

    /** A segment of a circle: r² ÷ 2 · (turn − sin turn); Euclid's half circle over half its width. */
    @Test
    void aHeadIsAsWideAsTheFrameAndItsWoodIsItsArea() {
        Job job = with(new MemberKind.Head(mm(100)), 40, 20);
        double across = job.sizes().outside().width().toMm();
        MadeMember head = only(job);
        assertEquals(across, head.length().toMm(), 1e-3);
        assertEquals(mm(140), head.plates().getFirst().height());
        Job half = with(new MemberKind.Head(job.sizes().outside().width().scaled(0.5)), 40, 20);
        double area = across * 40 + Math.PI * across * across / 8;
        assertEquals(area * 20, only(half).volume(), area * 20 * 1e-3);
        assertNotNull(only(with(new MemberKind.Head(job.sizes().outside().width()), 40, 20)).fault());
    }

    @Test
    void aTrimBandIsSawnInLayersByOneTemplate() {
        Job job = Preset.WINDOW.of(Defaults.blank(Units.MILLIMETRES), Units.MILLIMETRES);
        Plan plan = Plan.of(job, () -> true);
        MadeMember trim = plan.members().get(2);
        assertNull(trim.fault());
        assertEquals(3, trim.plates().getFirst().count());
        assertEquals(6, trim.pieces().size(), "three layers on either side");
        assertEquals(plan.sizes().outside().height().plus(mm(140)), trim.length(), "extension and the head's ends");
        assertEquals(mm(6), plan.section(trim.pieces().getFirst()).thickness());
    }

    @Test
    void topAndBottomOfADadoedBoxReachIntoItsSides() {
        Job job = Preset.BOX.of(Defaults.blank(Units.MILLIMETRES), Units.MILLIMETRES);
        Plan plan = Plan.of(job, () -> true);
        assertEquals(mm(4), CornerJoint.dado(mm(12)));
        assertEquals(Length.inches(1.0 / 4), CornerJoint.dado(Length.inches(3.0 / 4)));
        assertEquals(plan.sizes().sight().width().plus(mm(8)), plan.pieces().get(0).outer());
        assertEquals(plan.sizes().outside().height(), plan.pieces().get(1).outer());
        assertEquals(plan.sizes().art().width().minus(mm(8)).plus(mm(1)), plan.sizes().sight().width(),
                "art − 2 · groove + 2 · play");
        assertTrue(job.hold() instanceof Hold.InGroove);
    }

    /** 10 cm² for every 10 W in the top, as many in the bottom (from memory). */
    @Test
    void airGoesThroughEnoughHoles() {
        Job box = with(new MemberKind.Vents(20), 20, 12);
        MadeMember vents = only(box.withSection(box.section().withThickness(mm(90))
                .withRabbet(Rabbet.plain(mm(8), mm(80)))));
        assertEquals(2 * 7, vents.count(), "2000 mm² ÷ 314 mm²");
    }

    @Test
    void piecesOfMembersAreCutFromTheirOwnSticks() {
        Job job = with(new MemberKind.Bar(false, 0.5, Length.ZERO), 30, 18);
        job = job.withStock(job.stock().withSticks(List.of(
                new Stick("frame", mm(2400), 2, null, List.of()),
                new Stick("bars", mm(1000), 1, null, List.of(), PINE, mm(30), mm(18)))));
        Plan plan = Planner.plan(job);
        assertTrue(plan.layout().isComplete());
        assertEquals("bars", plan.job().stock().sticks().get(plan.layout().sticks().stream()
                .filter(stick -> stick.cuts().stream().anyMatch(cut -> cut.piece().name().equals("extra")))
                .findFirst().orElseThrow().stock()).name());
        Plan without = Planner.plan(job.withStock(job.stock().withSticks(job.stock().sticks().subList(0, 1))));
        var missing = without.findings().stream().filter(each -> each.code().equals("stock.short")).findFirst()
                .orElseThrow();
        Job mended = there(missing.remedy()).edit().of(without.job(), without.shop());
        assertTrue(Planner.plan(mended).layout().isComplete());
    }

    @Test
    void whatCannotBeIsSaidWithAWayOut() {
        for (MemberKind kind : List.of(new MemberKind.Bar(false, 0.5, mm(400)), new MemberKind.Triangles(),
                new MemberKind.Head(mm(1000)), new MemberKind.Slats(mm(90), mm(30), Angle.ZERO),
                new MemberKind.Face(mm(300), mm(0), mm(60), mm(10)),
                new MemberKind.Face(mm(5), mm(0), mm(60), mm(50)),
                new MemberKind.Bought(MemberKind.Fitting.HINGES, 40))) {
            Plan plan = Planner.plan(with(kind, 250, 10));
            var finding = plan.findings().stream().filter(each -> each.code().equals("part.does-not-fit"))
                    .findFirst().orElseThrow(() -> new AssertionError(kind.title()));
            Job mended = there(finding.remedy()).edit().of(plan.job(), plan.shop());
            assertTrue(mended.members().isEmpty());
        }
        Plan sloped = Planner.plan(with(new MemberKind.Triangles(), 20, 6).sloped(Angle.ofDegrees(20)));
        assertTrue(sloped.findings().stream().anyMatch(each -> each.code().equals("part.does-not-fit")));
        Member bar = member(new MemberKind.Bar(false, 0.5, Length.ZERO), 20, 10);
        assertNotNull(Plan.of(Defaults.blank(Units.MILLIMETRES).withMembers(List.of(bar, bar)), () -> true).members()
                .getLast().fault());
        assertNotNull(only(Defaults.blank(Units.MILLIMETRES).withMembers(List.of(bar.withOf("nobody")))).fault());
    }

    @Test
    void tiltedSlatsThatStandOutAreFound() {
        Plan plan = Planner.plan(with(new MemberKind.Slats(mm(10), mm(40), Angle.ofDegrees(60)), 40, 6));
        var finding = plan.findings().stream().filter(each -> each.code().equals("slats.stand-out")).findFirst()
                .orElseThrow();
        Job mended = there(finding.remedy()).edit().of(plan.job(), plan.shop());
        assertFalse(Planner.plan(mended).findings().stream().anyMatch(each -> each.code().equals("slats.stand-out")));
    }

    /** Every place of a template's curve is as far from the arc's middle as its radius says. */
    @Test
    void templatesFollowTheirArcs() {
        Job window = Preset.WINDOW.of(Defaults.blank(Units.MILLIMETRES), Units.MILLIMETRES);
        List<TemplateFigure.Sheet> sheets = TemplateFigure.sheets(Plan.of(window, () -> true));
        assertEquals(List.of(List.of("head"), List.of("trim band")),
                sheets.stream().map(TemplateFigure.Sheet::pieces).toList());
        double across = window.sizes().outside().width().toMm();
        double rise = ((MemberKind.Head) there(window.member("head")).kind()).rise().toMm();
        double radius = (across * across / 4 + rise * rise) / (2 * rise);
        for (Vertex v : sheets.getFirst().template().cut().fine()) {
            if (v.y() <= rise + 1e-6) {
                assertEquals(radius, Math.hypot(v.x() - across / 2, v.y() - radius), 1e-6);
            }
        }
        double width = there(window.member("trim band")).width().toMm();
        for (Vertex v : sheets.getLast().template().cut().fine()) {
            double out = radius - Math.hypot(v.x() - across / 2, v.y() - radius);
            assertTrue(Math.abs(out) < 1e-6 || Math.abs(out - width) < 1e-6, v::toString);
        }
        Job face = Preset.SCALLOPED.of(Defaults.blank(Units.MILLIMETRES), Units.MILLIMETRES);
        List<TemplateFigure.Sheet> arcs = TemplateFigure.sheets(Plan.of(face, () -> true));
        assertEquals(2, arcs.size());
        double wave = ((MemberKind.Face) there(face.member("face")).kind()).wave().toMm();
        assertEquals(-wave, arcs.getFirst().template().cut().fine().stream().mapToDouble(Vertex::y).min()
                .orElseThrow(), 0.05);
        assertEquals(-wave, arcs.getLast().template().cut().fine().stream().mapToDouble(Vertex::x).min()
                .orElseThrow(), 0.05, "the corner has an arc on either side");
    }

    @Test
    void membersAreWeighed() {
        Job job = Defaults.blank(Units.MILLIMETRES).withSize(SizeOf.SIGHT,
                new Opening(mm(400), mm(300)));
        job = job.withSection(job.section().withRabbet(Rabbet.NONE)).withHold(new Hold.Nothing());
        double before = Plan.of(job, () -> true).weight().wood().kilograms();
        Plan plan = Plan.of(job.withMembers(List.of(member(new MemberKind.Bar(false, 0.5, Length.ZERO), 30, 18))),
                () -> true);
        assertEquals(before + 400 * 30 * 18 * 1e-9 * PINE.density(), plan.weight().wood().kilograms(), 1e-9);
    }
}
