package neatcorner.station.saw;

import java.util.List;
import neatcorner.job.Cutting;
import neatcorner.measure.Length;
import neatcorner.measure.LengthRange;
import neatcorner.piece.Piece;
import neatcorner.plan.Field;
import neatcorner.saw.SawScale;
import neatcorner.saw.measured.DryFit;

/** Lengths of the saw, and those measured of what it cut. */
public final class SawFields {
    public static final Field KERF = new Field("kerf", SawTexts.SAW_KERF, LengthRange.KERF,
            plan -> plan.job().saw().kerf(),
            (job, length) -> job.withSaw(job.saw().withKerf(length)));
    public static final Field ROUGH = new Field("rough", SawTexts.ROUGH_ALLOWANCE, LengthRange.ALLOWANCE,
            plan -> plan.job().saw().rough(),
            (job, length) -> job.withSaw(job.saw().withRough(length)));
    public static final Field MIN_HOLD = new Field("min.hold", SawTexts.SHORTEST_PIECE_HELD_BY_HAND,
            LengthRange.ALLOWANCE,
            plan -> plan.job().saw().minHold(),
            (job, length) -> job.withSaw(job.saw().withMinHold(length)));
    public static final Field GAP_LIMIT = new Field("gap.limit", SawTexts.WIDEST_GAP_LET_PASS, LengthRange.GAP,
            plan -> plan.job().checks().gapLimit(),
            (job, length) -> job.withChecks(job.checks().withGapLimit(length)));
    public static final Field ROCKS = new Field("rocks", SawTexts.LIFTS_OFF_A_FLAT, LengthRange.ALLOWANCE,
            plan -> Length.mm(plan.job().checks().dryFit().rocks()),
            (job, length) -> job.withChecks(job.checks()
                    .withDryFit(job.checks().dryFit().withRocks(length.toMm()))));
    public static final Field SCALE_RADIUS = new Field("scale.radius", SawTexts.PIVOT_TO_THE_MARKS,
            LengthRange.TOOL,
            plan -> plan.job().saw().scale().radius(),
            (job, length) -> job.withSaw(job.saw().withScale(new SawScale(
                    job.saw().scale().zero(), length, job.saw().scale().fence()))));
    public static final Field FENCE_LENGTH = new Field("scale.fence", SawTexts.BLADE_TO_THE_FENCES, LengthRange.TOOL,
            plan -> plan.job().saw().scale().fence(),
            (job, length) -> job.withSaw(job.saw().withScale(new SawScale(
                    job.saw().scale().zero(), job.saw().scale().radius(), length))));
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
                plan -> Length.mm(gaps(plan.job().checks().dryFit(), what).get(corner)),
                (job, length) -> job.withChecks(job.checks()
                        .withDryFit(job.checks().dryFit().with(corner, what, length.toMm()))));
    }

    private static List<Double> gaps(DryFit fit, int what) {
        return what == 0 ? fit.heels() : what == 1 ? fit.toes() : fit.steps();
    }
}
