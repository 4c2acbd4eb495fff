package neatcorner.plan;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import neatcorner.hanging.Hanging;
import neatcorner.hanging.OnWall;
import neatcorner.job.Defaults;
import neatcorner.job.Hold;
import neatcorner.job.Job;
import neatcorner.measure.Length;
import neatcorner.measure.LengthRange;
import neatcorner.measure.Units;
import neatcorner.section.Rabbet;
import neatcorner.section.Section;
import neatcorner.shop.Shop;
import neatcorner.stock.Rack;
import neatcorner.stock.Stick;
import org.junit.jupiter.api.Test;

/** A value in its whole: what is put there is seen there and nothing else is; where there is no place nothing happens. */
class LensTest {
    private static final Job JOB = Defaults.blank(Units.MILLIMETRES);
    private static final Lens<Job, Length> DEPTH = Lens.job(Job::section, Job::withSection)
            .to(Section::rabbet, Section::withRabbet).to(Rabbet::depth, Rabbet::withDepth);

    private static Lens<Job, Stick> stick(int index) {
        return Lens.at(Lens.job(Job::stock, Job::withStock).to(Rack::sticks, Rack::withSticks), index);
    }

    @Test
    void whatIsPutIsSeenAndTheRestStays() {
        Job deep = DEPTH.change(JOB, was -> was.plus(Length.mm(2)));
        assertEquals(Optional.of(JOB.section().rabbet().depth().plus(Length.mm(2))), DEPTH.in(deep));
        assertEquals(JOB, DEPTH.change(deep, was -> was.minus(Length.mm(2))));
        assertEquals(JOB, DEPTH.set().apply(deep, JOB.section().rabbet().depth()));
        assertEquals(JOB.section().rabbet().width(), deep.section().rabbet().width());
    }

    @Test
    void oneOfAListIsSwappedAlone() {
        Stick one = new Stick("one", Length.mm(2400), 3, null, List.of());
        List<Stick> two = List.of(one, one.withName("another"));
        Job job = JOB.withStock(JOB.stock().withSticks(two));
        int last = two.size() - 1;
        Job longer = stick(last).to(Stick::length, Stick::withLength).change(job, was -> Length.mm(3333));
        assertEquals(Length.mm(3333), longer.stock().sticks().get(last).length());
        assertEquals(two.subList(0, last), longer.stock().sticks().subList(0, last));
        assertTrue(stick(two.size()).in(job).isEmpty());
        assertSame(job, stick(two.size()).change(job, stick -> stick.withName("there is none")));
        assertSame(job, stick(two.size()).to(Stick::length, Stick::withLength).set().apply(job, Length.mm(1)));
    }

    @Test
    void nothingGrowsWhereNothingIs() {
        Lens<Job, OnWall> wall = Lens.job(Job::hanging, Job::withHanging).to(Hanging::onWall, Hanging::withOnWall);
        Lens<Job, Length> gap = wall.to(OnWall::gap, OnWall::withGap);
        assertTrue(wall.in(JOB).isEmpty() && gap.in(JOB).isEmpty());
        assertSame(JOB, gap.change(JOB, was -> Length.mm(100)));
        Field field = new Field("gap", "Gap", LengthRange.ALLOWANCE, gap);
        assertSame(JOB, field.edit(Length.mm(100)).of(JOB, Shop.usual(Units.MILLIMETRES)));
    }

    @Test
    void aThingOfAnotherKindIsNoPlace() {
        Lens<Job, Length> play = Lens.job(Job::hold, Job::withHold).as(Hold.Floating.class).to(Hold.Floating::gap,
                Hold.Floating::withRoom);
        assertTrue(play.in(JOB).isEmpty());
        assertSame(JOB, play.change(JOB, was -> Length.mm(9)));
        Job floating = JOB.withHold(new Hold.Floating(Length.mm(6)));
        assertEquals(new Hold.Floating(Length.mm(9)), play.change(floating, was -> Length.mm(9)).hold());
    }

    @Test
    void onlyWhatIsGoodIsTaken() {
        Lens<Job, Length> positive = DEPTH.taking(Length::isPositive);
        assertSame(JOB, positive.set().apply(JOB, Length.ZERO));
        assertSame(JOB, positive.change(JOB, was -> Length.ZERO));
        assertEquals(Optional.of(Length.mm(1)), positive.in(positive.set().apply(JOB, Length.mm(1))));
    }
}
