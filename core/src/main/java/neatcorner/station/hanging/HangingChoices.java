package neatcorner.station.hanging;

import neatcorner.hanging.HangBy;
import neatcorner.hanging.Hanging;
import neatcorner.measure.Length;
import neatcorner.measure.Mass;
import neatcorner.measure.Sentence;
import neatcorner.measure.Units;
import neatcorner.plan.Plan;

/** Ways to hang this frame, each with what decides for or against it. */
public final class HangingChoices {
    /** What hangs by its frame's top alone is no heavier: common practice. */
    static final Mass LIGHT = new Mass(2);
    /** Strips and easels: common practice. */
    private static final double STRIPS = 4;
    private static final double EASEL = 500;

    private HangingChoices() {}

    /** What hangs by its frame's top alone is no wider: 400 mm or 16 in, common practice. */
    static Length narrow(Units units) {
        return units.either(400, 16);
    }

    /** Whether a way is good for a frame so heavy and so wide. */
    public static boolean fits(Plan plan, HangBy by) {
        Mass mass = plan.weight().total();
        Length width = plan.sizes().outside().width();
        return switch (by) {
            case SAWTOOTH -> mass.kilograms() <= LIGHT.kilograms()
                    && !width.isMoreThan(narrow(plan.job().units()));
            case STRIPS -> mass.kilograms() <= STRIPS;
            case EASEL -> plan.sizes().outside().height().toMm() <= EASEL;
            case WIRE, D_RINGS, KEYHOLES, CLEAT, SCREWS -> true;
        };
    }

    /** The rating that each fixing needs, or why it does not do. */
    public static Sentence figure(Plan plan, HangBy by) {
        if (!fits(plan, by)) {
            return Sentence.of(HangingTexts.TOO_HEAVY);
        }
        if (by == HangBy.EASEL || plan.contours() == null) {
            return Sentence.of(HangingTexts.ON_A_SHELF);
        }
        Hanging as = plan.job().hanging().withBy(by);
        HangingWork work = HangingWork.as(plan, as);
        if ((by.hasRings() && work.rings() == null) || work.hooks().isEmpty()) {
            return Sentence.of(HangingTexts.NO_WOOD_THERE);
        }
        return Sentence.of(work.hooks().size() > 1 ? HangingTexts.RATED_EACH : HangingTexts.RATED,
                work.hooks().getFirst().needed());
    }
}
