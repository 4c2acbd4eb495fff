package neatcorner.planner;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import neatcorner.drawing.Figure;
import neatcorner.drawing.Mark;
import neatcorner.fitout.SizeOf;
import neatcorner.hanging.Arrangement;
import neatcorner.hanging.HangBy;
import neatcorner.hanging.Hook;
import neatcorner.hanging.HungFrame;
import neatcorner.hanging.OnWall;
import neatcorner.hanging.WallKind;
import neatcorner.job.Defaults;
import neatcorner.job.Job;
import neatcorner.measure.Length;
import neatcorner.measure.Units;
import neatcorner.outline.Opening;
import neatcorner.plan.Finding;
import neatcorner.plan.Plan;
import neatcorner.plan.Remedy;
import neatcorner.plan.Slate;
import neatcorner.plan.Station;
import neatcorner.station.hanging.HangingWork;
import neatcorner.station.hanging.WallFigure;
import neatcorner.station.hanging.WallWork;
import org.junit.jupiter.api.Test;

class WallTest {
    private static Length mm(double millimetres) {
        return Length.mm(millimetres);
    }

    private static Job job(double width, double height, HangBy by) {
        Job job = Defaults.blank(Units.MILLIMETRES).withTitle("own")
                .withSize(SizeOf.ART, new Opening(mm(width), mm(height)));
        return job.withHanging(job.hanging().withBy(by).withOnWall(OnWall.usual(Units.MILLIMETRES)));
    }

    private static OnWall wall(Job job) {
        OnWall wall = job.hanging().onWall();
        assertNotNull(wall);
        return wall;
    }

    private static Job with(Job job, List<OnWall.Other> others) {
        return job.withHanging(job.hanging().withOnWall(wall(job).withOthers(others)));
    }

    private static WallWork work(Job job) {
        return WallWork.of(Plan.of(job, () -> true)).orElseThrow();
    }

    private static Job three() {
        List<OnWall.Other> others = new ArrayList<>();
        for (int i = 0; i < 2; i++) {
            Plan plan = Plan.of(job(200 + 150 * i, 300, i == 0 ? HangBy.WIRE : HangBy.SAWTOOTH)
                    .withTitle("other " + i), () -> true);
            others.add(WallWork.other(plan, "other.json", mm(900 + 1800 * i)).orElseThrow());
        }
        return with(job(420, 594, HangBy.D_RINGS), others);
    }

    /** Wherever they are put: a frame that hangs on its hooks as its own plan says lies where the wall shows it. */
    @Test
    void theHooksOfAGroupHangItsFramesWhereTheyAreDrawn() {
        Random random = new Random(7);
        HangBy[] ways = {HangBy.WIRE, HangBy.D_RINGS, HangBy.CLEAT, HangBy.SAWTOOTH, HangBy.KEYHOLES, HangBy.STRIPS};
        for (int i = 0; i < 120; i++) {
            Job own = job(150 + random.nextInt(500), 150 + random.nextInt(500), ways[i % ways.length]);
            Job alone = job(150 + random.nextInt(500), 150 + random.nextInt(500), ways[(i / 2) % ways.length]);
            Plan other = Plan.of(alone.withTitle("other"), () -> true);
            Job both = with(own, List.of(WallWork.other(other, "", mm(random.nextInt(3000))).orElseThrow()));
            Job moved = WallWork.arranged(both, frames -> frames.stream()
                    .map(frame -> frame.at(400 + random.nextInt(3000), 900 + random.nextInt(800))).toList());
            WallWork work = work(moved);
            check(work, 0, HangingWork.of(Plan.of(moved, () -> true)).orElseThrow(), moved);
            check(work, 1, HangingWork.of(other).orElseThrow(), alone);
        }
    }

    /** From each hook its frame's own plan leads back to the frame's middle. */
    private static void check(WallWork work, int frame, HangingWork plan, Job job) {
        HungFrame drawn = work.frames().get(frame);
        List<WallWork.Spot> spots = work.hooks().stream().filter(spot -> spot.frame() == frame).toList();
        assertEquals(plan.hooks().size(), spots.size());
        for (int i = 0; i < spots.size(); i++) {
            Hook hook = plan.hooks().get(i);
            double below = job.hanging().centre().plus(plan.height().scaled(0.5)).minus(hook.height()).toMm();
            assertEquals(drawn.x(), spots.get(i).from().minus(hook.from()).toMm(), 1e-3);
            assertEquals(drawn.top(), spots.get(i).height().toMm() + below, 1e-3);
        }
    }

    @Test
    void framesAreSetOutAndTheRestOfTheJobStays() {
        Job job = three();
        Job apart = WallWork.arranged(job, frames -> Arrangement.withGap(frames, 80));
        List<HungFrame> frames = new ArrayList<>(work(apart).frames());
        frames.sort(Comparator.comparingDouble(HungFrame::x));
        assertEquals(80, frames.get(1).left() - frames.get(0).right(), 1e-3);
        assertEquals(80, frames.get(2).left() - frames.get(1).right(), 1e-3);
        assertEquals(job.withHanging(apart.hanging()), apart);
        assertEquals(job, WallWork.arranged(job, all -> all), "what stays where it is, stays to the last unit");
        Job none = Defaults.blank(Units.MILLIMETRES);
        assertEquals(none, WallWork.arranged(none, frames1 -> Arrangement.withGap(frames1, 10)));
    }

    @Test
    void aFrameIsDraggedToWhereItSnaps() {
        Job job = WallWork.arranged(three(), frames -> Arrangement.inLine(frames, Arrangement.Line.CENTER));
        Job dragged = WallWork.dragged(job, 1, 40, 12, 15);
        assertEquals(wall(job).others().getFirst().centre(), wall(dragged).others().getFirst().centre(),
                "12 mm up, and back on the line");
        assertEquals(wall(job).others().getFirst().from().plus(mm(40)), wall(dragged).others().getFirst().from());
        assertEquals(job, WallWork.dragged(job, 9, 40, 12, 15), "no such frame");
    }

    private static Finding finding(Plan plan, String code) {
        return plan.findings().stream().filter(each -> each.code().equals(code)).findFirst()
                .orElseThrow(() -> new AssertionError(code + " in " + plan.findings()));
    }

    private static void isMended(Job job, String code) {
        Plan plan = Planner.plan(job);
        Remedy remedy = finding(plan, code).remedy();
        assertNotNull(remedy);
        Job mended = remedy.edit().of(job, plan.shop());
        assertFalse(Planner.plan(mended).findings().stream().anyMatch(each -> each.code().equals(code)), code);
    }

    @Test
    void framesThatMeetOrLeaveTheWallAreFound() {
        isMended(WallWork.arranged(three(), frames -> frames.stream().map(each -> each.at(1500, each.y())).toList()),
                "wall.frames-meet");
        isMended(WallWork.arranged(three(), frames -> frames.stream().map(each -> each.at(each.x() - 1000, each.y()))
                .toList()), "wall.off");
        Job high = WallWork.arranged(three(), frames -> List.of(frames.get(0), frames.get(1),
                frames.get(2).at(frames.get(2).x(), 2390)));
        isMended(high, "wall.off");
    }

    @Test
    void aHookBesideItsStudIsFound() {
        Job job = job(420, 594, HangBy.SAWTOOTH);
        Job studs = job.withHanging(job.hanging().withWall(WallKind.STUD)
                .withOnWall(wall(job).withStuds(new OnWall.Studs(mm(450), mm(400)))));
        isMended(studs, "stud.missed");
        Job met = studs.withHanging(studs.hanging().withOnWall(wall(studs).withFrom(mm(2050))));
        assertFalse(Planner.plan(met).findings().stream().anyMatch(each -> each.code().equals("stud.missed")));
    }

    @Test
    void theMeasureListIsOnTheSlate() {
        Plan plan = Planner.plan(three());
        List<String> rows = Chapters.slate(plan, Station.HANGING).rows().stream()
                .map(Slate.Row::name).filter(name -> name.contains("from the left × up")).toList();
        assertEquals(4, rows.size(), "two hooks of its own, one of each other");
        assertTrue(WallFigure.of(plan).marks().size() > 20);
        assertTrue(WallFigure.template(WallWork.of(plan).orElseThrow(), Units.MILLIMETRES).marks().size() >= 4 * 3);
    }

    /** Crosses on paper are as far apart as the hooks on the wall, in true millimetres. */
    @Test
    void theTemplateIsAtFullSize() {
        WallWork work = work(three());
        Figure figure = WallFigure.template(work, Units.MILLIMETRES);
        List<Mark.Line> level = figure.marks().stream().filter(Mark.Line.class::isInstance).map(Mark.Line.class::cast)
                .filter(line -> !line.dashed() && line.points().size() == 2
                        && line.points().getFirst().y() == line.points().getLast().y()
                        && Math.abs(line.points().getLast().x() - line.points().getFirst().x() - 24) < 1e-9)
                .toList();
        assertEquals(work.hooks().size(), level.size());
        for (int i = 1; i < level.size(); i++) {
            double across = level.get(i).points().getFirst().x() - level.getFirst().points().getFirst().x();
            double down = level.get(i).points().getFirst().y() - level.getFirst().points().getFirst().y();
            assertEquals(work.hooks().get(i).from().minus(work.hooks().getFirst().from()).toMm(), across, 1e-6);
            assertEquals(work.hooks().getFirst().height().minus(work.hooks().get(i).height()).toMm(), down, 1e-6);
        }
    }
}
