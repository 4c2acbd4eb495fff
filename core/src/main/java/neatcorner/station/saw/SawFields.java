package neatcorner.station.saw;

import java.util.List;
import neatcorner.job.Cutting;
import neatcorner.job.Job;
import neatcorner.measure.Length;
import neatcorner.measure.LengthRange;
import neatcorner.piece.Piece;
import neatcorner.plan.Field;
import neatcorner.plan.Lens;
import neatcorner.saw.Saw;
import neatcorner.saw.SawScale;
import neatcorner.saw.measured.Checks;
import neatcorner.saw.measured.DryFit;

/** Lengths of the saw, and those measured of what it cut. */
public final class SawFields {
    private static final Lens<Job, Saw> SAW = Lens.job(Job::saw, Job::withSaw);
    private static final Lens<Job, SawScale> SCALE = SAW.to(Saw::scale, Saw::withScale);
    private static final Lens<Job, Checks> CHECKS = Lens.job(Job::checks, Job::withChecks);
    private static final Lens<Job, DryFit> DRY_FIT = CHECKS.to(Checks::dryFit, Checks::withDryFit);

    public static final Field KERF = new Field("kerf", SawTexts.SAW_KERF, LengthRange.KERF,
            SAW.to(Saw::kerf, Saw::withKerf));
    public static final Field ROUGH = new Field("rough", SawTexts.ROUGH_ALLOWANCE, LengthRange.ALLOWANCE,
            SAW.to(Saw::rough, Saw::withRough));
    public static final Field MIN_HOLD = new Field("min.hold", SawTexts.SHORTEST_PIECE_HELD_BY_HAND,
            LengthRange.ALLOWANCE, SAW.to(Saw::minHold, Saw::withMinHold));
    public static final Field GAP_LIMIT = new Field("gap.limit", SawTexts.WIDEST_GAP_LET_PASS, LengthRange.GAP,
            CHECKS.to(Checks::gapLimit, Checks::withGapLimit));
    public static final Field ROCKS = new Field("rocks", SawTexts.LIFTS_OFF_A_FLAT, LengthRange.ALLOWANCE,
            DRY_FIT.to(fit -> Length.mm(fit.rocks()), (fit, length) -> fit.withRocks(length.toMm())));
    public static final Field SCALE_RADIUS = new Field("scale.radius", SawTexts.PIVOT_TO_THE_MARKS, LengthRange.TOOL,
            SCALE.to(SawScale::radius, (scale, length) -> new SawScale(scale.zero(), length, scale.fence())));
    public static final Field FENCE_LENGTH = new Field("scale.fence", SawTexts.BLADE_TO_THE_FENCES, LengthRange.TOOL,
            SCALE.to(SawScale::fence, (scale, length) -> new SawScale(scale.zero(), scale.radius(), length)));
    private static final List<String> GAPS = List.of(SawTexts.OPEN_OUTSIDE_AT_THE_HEEL, SawTexts.OPEN_INSIDE_AT_THE_TOE,
            SawTexts.STEP_IN_THE_FACE);

    private SawFields() {}

    /** Outer length of a piece as it was cut. */
    public static Field cut(int piece) {
        return new Field("cut." + piece, SawTexts.LENGTH_AS_CUT, LengthRange.MEASURED,
                plan -> plan.job().checks().of(plan.pieces().get(piece)).outer(),
                (job, length) -> {
                    List<Piece> pieces = Cutting.of(job).frame().pieces();
                    return piece >= pieces.size()
                            ? job
                            : job.withChecks(job.checks().with(
                                    job.checks().of(pieces.get(piece)).withOuter(length)));
                });
    }

    /** A gap of the dry fit at a corner, clockwise from the top left; 0 at the heel, 1 at the toe, 2 a step in the face. */
    public static Field gap(int corner, int what) {
        return new Field("gap." + corner + "." + what, GAPS.get(what), LengthRange.GAP,
                DRY_FIT.to(fit -> Length.mm(gaps(fit, what).get(corner)),
                        (fit, length) -> fit.with(corner, what, length.toMm())));
    }

    private static List<Double> gaps(DryFit fit, int what) {
        return what == 0 ? fit.heels() : what == 1 ? fit.toes() : fit.steps();
    }
}
