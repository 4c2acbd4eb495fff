package neatcorner.station.hanging;

import java.util.List;
import neatcorner.hanging.HangBy;
import neatcorner.hanging.Hanging;
import neatcorner.hanging.Link;
import neatcorner.hanging.Screwing;
import neatcorner.hanging.Strength;
import neatcorner.measure.Length;
import neatcorner.measure.Sentence;
import neatcorner.measure.Units;
import neatcorner.plan.Plan;
import org.jspecify.annotations.Nullable;

/** Ways to hang this frame, each with what decides for or against it. */
public final class HangingChoices {
    /** What is offered first where another way does not hold. */
    static final List<HangBy> SAFEST_FIRST = List.of(HangBy.D_RINGS, HangBy.CLEAT, HangBy.SAWTOOTH, HangBy.SCREWS,
            HangBy.STRIPS, HangBy.EASEL);
    /** Wood between two screws: common practice. */
    private static final double BETWEEN_MM = 30;
    /** A cleat is as long as this share of its frame; it takes a screw for so many mm. */
    private static final double CLEAT = 0.8;
    private static final double SCREW_EACH = 50;

    private HangingChoices() {}

    /** What hangs by its frame's top alone is no wider, what stands on a leg no higher: 400 mm or 16 in, common practice. */
    static Length narrow(Units units) {
        return units.either(400, 16);
    }

    /** Whether a way is good for this frame, in weight, in size, and with the wood there is for it. */
    public static boolean fits(Plan plan, HangBy by) {
        return plan.contours() != null && why(plan, by) == null;
    }

    /** As if it hung in another way, with as many hooks as that takes, as far apart as there is room for. */
    static Hanging as(Plan plan, HangBy by) {
        Hanging hanging = plan.job().hanging();
        if (by == hanging.by()) {
            return hanging;
        }
        Hanging as = hanging.withBy(by).withHooks(switch (by) {
            case CLEAT, SCREWS -> Math.max(2, hanging.hooks());
            case WIRE, SAWTOOTH, D_RINGS, KEYHOLES, EASEL -> Math.min(2, hanging.hooks());
            case STRIPS -> strips(plan);
        });
        HangingWork work = HangingWork.as(plan, as);
        return as.hooks() > 1 && (by == HangBy.CLEAT || by == HangBy.SCREWS)
                && as.apart().times(as.hooks() - 1).isMoreThan(along(work))
                        ? as.withApart(closer(work, as.hooks(), plan.job().units()))
                        : as;
    }

    /** Two at least, so that it hangs level; four at most. */
    private static int strips(Plan plan) {
        return (int) Math.clamp(Math.ceil(plan.weight().total().kilograms() / Strength.STRIP), 2, 4);
    }

    /** How far apart the outermost of its screws can be. */
    static Length along(HangingWork work) {
        return work.by() == HangBy.CLEAT
                ? work.width().scaled(CLEAT)
                : Length.max(Length.ZERO, work.width().minus(HangingWork.room(HangBy.SCREWS)));
    }

    /** How far apart so many screws come to stand in that; zero where they would be too near to each other. */
    static Length closer(HangingWork work, int hooks, Units units) {
        long step = units.either(5, 1.0 / 4).units();
        Length each = new Length(along(work).units() / (hooks - 1) / step * step);
        return each.isLessThan(Length.mm(BETWEEN_MM)) ? Length.ZERO : each;
    }

    /** Whether a frame is small enough for what hangs or stands in its middle. */
    static boolean isSmallEnough(HangingWork work, Units units) {
        return switch (work.by()) {
            case SAWTOOTH -> !work.width().isMoreThan(narrow(units));
            case EASEL -> !work.height().isMoreThan(narrow(units));
            case WIRE, D_RINGS, CLEAT, STRIPS, KEYHOLES, SCREWS -> true;
        };
    }

    /** What speaks against a way; null where nothing does. */
    private static @Nullable String why(Plan plan, HangBy by) {
        Hanging as = as(plan, by);
        HangingWork work = HangingWork.as(plan, as);
        if (work.upon() != HangingWork.Upon.WALL) {
            return work.upon() == HangingWork.Upon.MIRROR ? HangingTexts.ON_ITS_MIRROR : HangingTexts.ON_ITS_HINGES;
        }
        if ((by.hasRings() && (work.rings() == null || work.screws() == null)) || !work.hasWood()) {
            return HangingTexts.NO_WOOD_THERE;
        }
        Screwing screws = work.screws();
        boolean weak = !work.chain().stream().allMatch(Link::isEnough)
                || (screws != null && screws.count() > Screwing.MOST)
                || (by == HangBy.CLEAT && Strength.cleatScrews(work.mass()) > work.width().toMm() * CLEAT / SCREW_EACH);
        if (weak) {
            return HangingTexts.TOO_HEAVY;
        }
        if (!isSmallEnough(work, plan.job().units())) {
            return HangingTexts.TOO_LARGE;
        }
        return by == HangBy.STRIPS && as.sleepers() ? HangingTexts.NOT_OVER_PEOPLE : null;
    }

    /** The rating that each fixing needs, or why it does not do. */
    public static Sentence figure(Plan plan, HangBy by) {
        if (plan.contours() == null) {
            return Sentence.of(HangingTexts.ON_A_SHELF);
        }
        String why = why(plan, by);
        if (why != null) {
            return Sentence.of(why);
        }
        HangingWork work = HangingWork.as(plan, as(plan, by));
        if (work.hooks().isEmpty()) {
            return Sentence.of(HangingTexts.ON_A_SHELF);
        }
        return Sentence.of(work.hooks().size() > 1 ? HangingTexts.RATED_EACH : HangingTexts.RATED,
                work.hooks().getFirst().needed());
    }
}
