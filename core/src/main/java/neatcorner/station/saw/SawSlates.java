package neatcorner.station.saw;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import neatcorner.job.Defaults;
import neatcorner.measure.Angle;
import neatcorner.measure.Fine;
import neatcorner.measure.Length;
import neatcorner.measure.Reading;
import neatcorner.measure.Scalar;
import neatcorner.measure.Sentence;
import neatcorner.piece.Piece;
import neatcorner.outline.Opening;
import neatcorner.plan.Plan;
import neatcorner.plan.Slate;
import neatcorner.saw.SawLog;
import neatcorner.saw.SawScale;
import neatcorner.saw.measured.BestOrder;
import neatcorner.saw.measured.Closing;
import neatcorner.saw.measured.DryFit;
import neatcorner.saw.measured.DryFitReading;
import neatcorner.saw.measured.GapOdds;
import neatcorner.saw.measured.SeasonGap;
import neatcorner.saw.measured.Shaving;
import neatcorner.saw.measured.Squareness;
import neatcorner.saw.measured.TestCorner;
import neatcorner.wood.Climate;

/** The slates of what is judged at the saw: a test corner, a frame before and after it is cut, a dry fit, the seasons. */
public final class SawSlates {
    /** Frames cut in imagination for the odds. */
    private static final int FRAMES = 20_000;
    /** How a length cut to a stop varies, mm: from memory. */
    private static final double LENGTHS = 0.05;

    private SawSlates() {}

    /** What a test corner at this miter says to do. */
    public static Slate testCorner(Plan plan, TestCorner corner, Angle miter, SawLog log) {
        List<Slate.Row> rows = new ArrayList<>();
        Angle error = corner.error();
        SawScale scale = plan.job().saw().scale();
        Reading gap = Reading.given(SawTexts.GAP, Fine.of(corner.gap()));
        Reading over = Reading.given(SawTexts.CONTACT, corner.over());
        Reading off = Reading.computed(SawTexts.ERROR_OF_ONE_CUT, Angle.ofDegrees(Math.abs(error.degrees())),
                SawTexts.ERROR_FORMULA, gap, over);
        if (Math.abs(error.degrees()) < 1e-9) {
            rows.add(Slate.Row.large(SawTexts.CLOSED_LEAVE_THE_SAW, off));
        } else if (corner.isTilt()) {
            rows.add(Slate.Row.large(corner.where() == TestCorner.Where.FACE
                    ? SawTexts.TILT_OFF_THE_BACK
                    : SawTexts.TILT_OFF_THE_FACE, off));
        } else {
            rows.add(Slate.Row.large(
                    error.degrees() > 0 ? SawTexts.TURN_TOWARDS_SQUARE_BY : SawTexts.TURN_AWAY_FROM_SQUARE, off));
            Angle wanted = Angle.ofDegrees(miter.degrees() - error.degrees());
            rows.add(Slate.Row.plain(SawTexts.SCALE_READS_NOW_THEN,
                    Reading.given(SawTexts.SCALE_READS_NOW, scale.reads(miter)),
                    Reading.computed(SawTexts.SCALE_READS_THEN, scale.reads(wanted), SawTexts.AS_THIS_SCALE_COUNTS,
                            Reading.given(SawTexts.MITER, miter), off)));
            Reading travel = Reading.computed(SawTexts.TRAVEL_AT_THE_SCALE, Fine.of(scale.travel(error)), "{0} × {1}",
                    Reading.given(SawTexts.PIVOT_TO_MARKS, scale.radius()), off);
            rows.add(Slate.Row.large(SawTexts.ALONG_THE_SCALE, travel));
            Reading shim = Reading.computed(SawTexts.SHIM, Fine.of(scale.shim(error)), SawTexts.SHIM_FORMULA,
                    Reading.given(SawTexts.BLADE_TO_THE_FENCES, scale.fence()), off);
            rows.add(Slate.Row.plain(
                    error.degrees() > 0 ? SawTexts.OR_SHIM_THE_FENCE : SawTexts.OR_SHIM_THE_FAR_END,
                    shim));
        }
        readings(log, rows);
        return new Slate(rows);
    }

    private static void readings(SawLog log, List<Slate.Row> rows) {
        if (log.readings().isEmpty()) {
            return;
        }
        rows.add(Slate.Row.plain(SawTexts.READINGS_KEPT,
                Reading.given(SawTexts.READINGS, Scalar.count(log.readings().size()))));
        rows.add(Slate.Row.plain(SawTexts.OFF_BY_NOW, Reading.computed(SawTexts.OFF_BY_NOW, log.steady(),
                SawTexts.LAST_READING_OR_NOTHING)));
        rows.add(Slate.Row.plain(SawTexts.DRIFT_IN_ALL, Reading.computed(SawTexts.DRIFT_IN_ALL, log.drift(),
                SawTexts.ALL_THAT_WAS_TURNED)));
    }

    /** What the saw's likely error will do to this frame. */
    public static Slate before(Plan plan, SawLog log) {
        List<Slate.Row> rows = new ArrayList<>();
        Reading steady = Reading.computed(SawTexts.EVERY_CUT_IS_OFF, log.steady(), SawTexts.LAST_READING_OF_THE_SAW);
        Reading chance = Reading.computed(SawTexts.CUTS_VARY_BY, log.chance(), log.readings().size() < 4
                ? SawTexts.USUAL_FOR_A_SAW
                : SawTexts.SPREAD_OF_THE_SAWS);
        rows.add(Slate.Row.plain(SawTexts.EVERY_CUT_IS_OFF, steady));
        rows.add(Slate.Row.plain(SawTexts.AND_VARIES_BY, chance));
        if (!Assembly.canJudge(plan)) {
            return new Slate(rows);
        }
        GapOdds odds = GapOdds.of(plan.pieces(),
                new GapOdds.Likely(log.steady().radians(), log.chance().radians(), LENGTHS), FRAMES);
        int cuts = 2 * plan.pieces().size();
        rows.add(
                Slate.Row.large(SawTexts.LAST_CORNER_BY_THE_STEADY,
                        Reading.computed(SawTexts.LAST_CORNER, new Fine(odds.lastClosed()),
                                SawTexts.LAST_CORNER_FORMULA.formatted(cuts), steady)));
        rows.add(Slate.Row.large(SawTexts.EACH_CORNER_BY_THE_STEADY, Reading.computed(SawTexts.EACH_CORNER,
                new Fine(odds.spreadClosed()), SawTexts.EACH_CORNER_FORMULA, steady)));
        rows.add(quantile(SawTexts.LAST_CORNER_HALF_NINE, odds.last()));
        rows.add(quantile(SawTexts.SPREAD_HALF_NINE_IN_TEN, odds.spread()));
        Reading limit = Reading.given(SawTexts.GAP_LET_PASS, Fine.of(plan.job().checks().gapLimit()));
        rows.add(Slate.Row.large(SawTexts.ODDS_OF_PASSING_SPREAD, Reading.computed(SawTexts.ODDS_OF_PASSING, new Scalar(
                100 * GapOdds.shareUnder(odds.spread(), plan.job().checks().gapLimit().toMm()), "%", 1),
                SawTexts.SHARE_OF_FRAMES_CUT.formatted(FRAMES), limit)));
        return new Slate(rows);
    }

    private static Slate.Row quantile(String name, double[] sorted) {
        String formula = SawTexts.FROM_FRAMES_CUT_IN_IMAGINATION.formatted(sorted.length);
        return Slate.Row.plain(name,
                Reading.computed(SawTexts.HALF.formatted(name), new Fine(GapOdds.stayUnder(sorted, 0.5)), formula),
                Reading.computed(SawTexts.NINE_IN_TEN.formatted(name), new Fine(GapOdds.stayUnder(sorted, 0.9)),
                        formula));
    }

    /** How the measured pieces go together, and what to do. */
    public static Slate asCut(Plan plan) {
        List<Slate.Row> rows = new ArrayList<>();
        Assembly assembly = Assembly.of(plan).orElse(null);
        if (assembly == null) {
            return new Slate(rows);
        }
        Closing closing = assembly.closing();
        Reading errors = Reading.given(SawTexts.ANGLE_ERRORS_TOGETHER, Angle.ofRadians(Math.abs(closing.angleSum())));
        rows.add(Slate.Row.large(SawTexts.LAST_CORNER_OPENS_BY, Reading.computed(SawTexts.LAST_CORNER,
                new Fine(closing.lastGap()), SawTexts.OPENS_BY_FORMULA, errors)));
        rows.add(Slate.Row.plain(SawTexts.AND_ITS_ENDS_MISS, Reading.computed(SawTexts.ENDS_MISS_BY,
                new Fine(closing.lastMiss()), SawTexts.ALL_PIECES_LAID_END)));
        rows.add(Slate.Row.large(SawTexts.WIDEST_GAP_UNDER_A_BAND, Reading.computed(SawTexts.WIDEST_GAP_UNDER_A_BAND,
                new Fine(closing.spreadGap()), SawTexts.ERRORS_SPREAD_OVER_ALL)));
        List<Length> diagonals = closing.diagonals();
        if (diagonals.size() == 2) {
            String formula = SawTexts.BETWEEN_THE_OUTER_CORNERS;
            rows.add(Slate.Row.plain(SawTexts.DIAGONAL_FROM_TOP_LEFT,
                    Reading.computed(SawTexts.DIAGONAL_FROM_TOP_LEFT, diagonals.get(0), formula)));
            rows.add(Slate.Row.plain(SawTexts.DIAGONAL_FROM_TOP_RIGHT,
                    Reading.computed(SawTexts.DIAGONAL_FROM_TOP_RIGHT, diagonals.get(1), formula)));
            Squareness square = new Squareness(plan.sizes().outside(), diagonals.get(0), diagonals.get(1));
            rows.add(Slate.Row.plain(SawTexts.LEANS_BY, Reading.computed(SawTexts.LEANS_BY,
                    Angle.ofDegrees(Math.abs(square.skew().degrees())),
                    SawTexts.LEANS_BY_FORMULA)));
        }
        if (!plan.job().pack().layers().isEmpty()) {
            MeasuredPack pack = MeasuredPack.of(plan, Objects.requireNonNull(plan.contours()), assembly.errors());
            rows.add(Slate.Row.plain(SawTexts.PLAY_OF_THE_PACK, Reading.computed(SawTexts.PLAY_OF_THE_PACK,
                    new Fine(pack.least()), SawTexts.RABBET_ALONG_THE_TIGHTEST)));
        }
        BestOrder order = assembly.order();
        if (order != null && !order.isAsCut()) {
            rows.add(Slate.Row.large(SawTexts.GAP_IN_THE_BEST, Reading.computed(SawTexts.GAP_IN_THE_BEST,
                    new Fine(order.after()), SawTexts.EVERY_ORDER_OF_ALIKE)));
        }
        Shaving shaving = assembly.shaving();
        if (!shaving.shaves().isEmpty() || shaving.recut() >= 0) {
            rows.add(Slate.Row.large(SawTexts.GAP_ONCE_MENDED,
                    Reading.computed(SawTexts.GAP_ONCE_MENDED, new Fine(shaving.gap()),
                            SawTexts.AFTER_WHAT_IS_SAID)));
        }
        return new Slate(rows);
    }

    /** What to do about measured pieces, in words, one step each; nothing when they are good as they are. */
    public static List<Sentence> remedies(Plan plan) {
        List<Sentence> steps = new ArrayList<>();
        Assembly assembly = Assembly.of(plan).orElse(null);
        if (assembly == null) {
            return steps;
        }
        BestOrder order = assembly.order();
        List<Piece> pieces = plan.pieces();
        List<String> inPlace = new ArrayList<>();
        for (int i = 0; i < pieces.size(); i++) {
            inPlace.add(order == null ? pieces.get(i).name() : Assembly.inPlace(plan, order, i));
        }
        if (order != null && !order.isAsCut()) {
            steps.add(Sentence.of(
                    SawTexts.PUT_TOGETHER_IN_THIS_ORDER
                            .formatted(String.join(" · ", inPlace)),
                    new Fine(order.after()), new Fine(order.before())));
        }
        Shaving shaving = assembly.shaving();
        for (Shaving.Shave shave : shaving.shaves()) {
            String end = shave.right()
                    ? SawTexts.SHAVE_THE_RIGHT_END
                    : SawTexts.SHAVE_THE_LEFT_END;
            double along = 1 / Math.cos(
                    (shave.right() ? pieces.get(shave.piece()).right() : pieces.get(shave.piece()).left()).miter()
                            .radians());
            steps.add(Sentence.of(
                    end.formatted(inPlace.get(shave.piece())),
                    new Fine(shave.heel()), new Fine(shave.toe()), new Fine(shave.heel() * along),
                    new Fine(shave.toe() * along)));
        }
        if (shaving.recut() >= 0) {
            double off = assembly.errors().get(order == null
                    ? shaving.recut()
                    : order.pieces().get(shaving.recut())).length();
            steps.add(Sentence.of(
                    (off < 0
                            ? SawTexts.CUT_AGAIN_TOO_SHORT
                            : SawTexts.CUT_AGAIN_TOO_LONG)
                            .formatted(inPlace.get(shaving.recut())),
                    new Fine(Math.abs(off))));
        }
        if (order != null && !order.isAsCut() && !shaving.shaves().isEmpty()) {
            steps.add(Sentence.of(SawTexts.AFTER_BOTH, new Fine(shaving.gap())));
        }
        addPack(plan, shaving, steps);
        if (steps.isEmpty()) {
            steps.add(Sentence.of(SawTexts.NOTHING_TO_DO_EVERY,
                    Fine.of(plan.job().checks().gapLimit())));
        }
        return steps;
    }

    /** What the rabbet is for the pack once all that is said is done. */
    private static void addPack(Plan plan, Shaving shaving, List<Sentence> steps) {
        if (plan.job().pack().layers().isEmpty()) {
            return;
        }
        MeasuredPack after = MeasuredPack.of(plan, Objects.requireNonNull(plan.contours()), shaving.after());
        String piece = plan.pieces().get(after.tightest()).name();
        if (after.least() < 0) {
            steps.add(Sentence.of(
                    SawTexts.RABBET_TOO_SHORT
                            .formatted(piece),
                    new Fine(-after.least())));
        } else if (!shaving.shaves().isEmpty()) {
            steps.add(Sentence.of(SawTexts.AFTER_THAT_THE_PACK,
                    new Fine(after.least())));
        }
        double cover = plan.seat().rabbet().width().toMm() - after.play().get(after.loosest());
        if (cover < Math.min(Defaults.leastCover(plan.job().units()).toMm(), plan.coverLeft().toMm()) - 1e-6) {
            steps.add(Sentence.of(
                    SawTexts.RABBET_IS_LONG
                            .formatted(plan.pieces().get(after.loosest()).name()),
                    new Fine(Math.max(0, cover))));
        }
    }

    /** The odds of each explanation of what a dry fit shows. */
    public static Slate dryFit(Plan plan) {
        List<Slate.Row> rows = new ArrayList<>();
        for (DryFitReading.Explanation explanation : DryFitWords.explanations(plan)) {
            String name = DryFitWords.title(plan, explanation);
            rows.add(Slate.Row.large(name, Reading.computed(name,
                    new Scalar(Math.min(99, 100 * explanation.odds()), "%", 0),
                    SawTexts.HOW_WELL_THIS_EXPLAINS)));
        }
        DryFit fit = plan.job().checks().dryFit();
        if (plan.job().outline().isRectangle() && !plan.job().outline().isSloped()) {
            Opening outside = plan.sizes().outside();
            rows.add(Slate.Row.plain(SawTexts.DIAGONALS_DUE, Reading.computed(SawTexts.DIAGONALS_DUE,
                    Length.mm(Math.hypot(outside.width().toMm(), outside.height().toMm())), SawTexts.DIAGONAL_FORMULA,
                    Reading.given(SawTexts.OUTSIDE_WIDE, outside.width()),
                    Reading.given(SawTexts.OUTSIDE_HIGH, outside.height()))));
        }
        if (fit.first() > 0 && fit.second() > 0 && plan.job().outline().isRectangle()) {
            Squareness square = new Squareness(plan.sizes().outside(), Length.mm(fit.first()),
                    Length.mm(fit.second()));
            rows.add(Slate.Row.plain(SawTexts.LEANS_BY, Reading.computed(SawTexts.LEANS_BY,
                    Angle.ofDegrees(Math.abs(square.skew().degrees())),
                    SawTexts.LEANS_BY_FORMULA)));
        }
        return new Slate(rows);
    }

    /** What the year does to the miters where the frame will hang. */
    public static Slate seasons(Plan plan) {
        List<Slate.Row> rows = new ArrayList<>();
        Climate place = plan.job().checks().place();
        if (place == null || !Assembly.canJudge(plan)) {
            return new Slate(rows);
        }
        season(SawTexts.DRIEST_MONTH, plan, place, place.dry(), rows);
        season(SawTexts.DAMPEST_MONTH, plan, place, place.damp(), rows);
        return new Slate(rows);
    }

    private static void season(String name, Plan plan, Climate place, Climate.Air air, List<Slate.Row> rows) {
        SeasonGap gap = SeasonGap.of(plan.pieces(), plan.job().section().wood(), place, air);
        Reading moisture = Reading.computed(SawTexts.MOISTURE_AT_REST, new Scalar(gap.moisture(), "%", 1),
                SawTexts.FROM_THE_AIRS_TEMPERATURE);
        Reading strain = Reading.computed(SawTexts.CHANGE_OF_THE_FACE, new Scalar(100 * gap.strain(), "%", 2),
                SawTexts.FACE_WIDTH_FORMULA, moisture);
        rows.add(Slate.Row.large(
                (gap.isAtToe() ? SawTexts.SEASON_OPENS_INSIDE : SawTexts.SEASON_OPENS_OUTSIDE).formatted(name),
                Reading.computed(SawTexts.GAP_IN.formatted(name), Fine.of(gap.gap()),
                        SawTexts.SEASON_GAP_FORMULA,
                        strain)));
        rows.add(Slate.Row.plain(SawTexts.WOOD_COMES_TO, moisture));
    }
}
