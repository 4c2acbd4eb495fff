package neatcorner.station.saw;

import java.util.List;
import java.util.Objects;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import neatcorner.job.Defaults;
import neatcorner.measure.Angle;
import neatcorner.measure.Fine;
import neatcorner.measure.Length;
import neatcorner.measure.Scalar;
import neatcorner.measure.Sentence;
import neatcorner.piece.Piece;
import neatcorner.plan.Finding;
import neatcorner.plan.Plan;
import neatcorner.plan.Remedy;
import neatcorner.plan.SharedFinding;
import neatcorner.plan.Station;
import neatcorner.saw.measured.Checks;
import neatcorner.saw.measured.Closing;
import neatcorner.saw.measured.MeasuredPiece;
import neatcorner.saw.measured.SeasonGap;
import neatcorner.saw.measured.Shaving;
import neatcorner.saw.measured.Squareness;
import neatcorner.wood.Climate;

/** What measured pieces, a dry fit and the air of a place say before the glue comes out. */
public final class MeasuredFindings {
    /** Diagonals that differ by more are seen on the wall: common practice. */
    private static final Length MOST_OUT = Length.mm(1.5);
    /** Above this, filling is no repair: common practice. */
    private static final Length OPENS = Length.mm(0.5);

    private MeasuredFindings() {}

    static void add(Plan plan, List<Finding> findings) {
        Checks checks = plan.job().checks();
        List<Piece> unlikely = Assembly.unlikely(plan);
        unlikely.forEach(piece -> findings.add(unlikely(checks, piece)));
        if (!checks.measured().isEmpty() && Assembly.canJudge(plan) && unlikely.isEmpty()) {
            mismatch(plan, findings);
            Closing closing = Closing.of(plan.pieces(), Assembly.errors(plan));
            gaps(closing, checks, findings);
            pack(plan, MeasuredPack.of(plan, Objects.requireNonNull(plan.contours()), Assembly.errors(plan)),
                    findings);
        }
        diagonals(plan, findings);
        dryFit(checks, findings);
        Climate place = checks.place();
        if (place != null && Assembly.canJudge(plan)) {
            season(plan, place, place.dry(), findings);
            season(plan, place, place.damp(), findings);
        }
    }

    private static Finding unlikely(Checks checks, Piece piece) {
        MeasuredPiece measured = checks.of(piece);
        String name = piece.name();
        return Finding.check(SawFinding.MEASURED_UNLIKELY, Station.SAW,
                Sentence.of(SawTexts.MEASURED_AS_ANOTHER.formatted(name), measured.outer(), measured.left(),
                        measured.right(), piece.outer(), piece.left().miter(), piece.right().miter()),
                new Remedy(Sentence.of(SawTexts.TAKE_IT_BACK), job -> job.withChecks(job.checks().withMeasured(
                        job.checks().measured().stream().filter(each -> !each.piece().equals(name)).toList()))));
    }

    /** What stands open in the dry fit by more than is let pass. */
    private static void dryFit(Checks checks, List<Finding> findings) {
        double widest = Stream.concat(checks.dryFit().heels().stream(), checks.dryFit().toes().stream())
                .mapToDouble(gap -> gap).max().orElse(0);
        if (widest > checks.gapLimit().toMm() + 1e-9) {
            findings.add(Finding.check(SawFinding.DRY_FIT_OPEN, Station.SAW,
                    Sentence.of(SawTexts.STANDS_OPEN, new Fine(widest), new Fine(checks.gapLimit().toMm())), null));
        }
    }

    /** Whether the pack still goes in, and stays covered, in the rabbet that these pieces make. */
    private static void pack(Plan plan, MeasuredPack pack, List<Finding> findings) {
        if (plan.job().pack().layers().isEmpty() || !plan.job().hold().isInRabbet()) {
            return;
        }
        String tight = plan.pieces().get(pack.tightest()).name();
        Length least = Length.mm(pack.least());
        if (least.isNegative()) {
            findings.add(Finding.stop(SharedFinding.CLEARANCE_TIGHT, Station.SAW,
                    Sentence.of(
                            SawTexts.AS_CUT_RABBET_TOO_SHORT
                                    .formatted(tight),
                            Fine.of(least.negate())),
                    null));
        } else if (least
                .isLessThan(Length.min(Defaults.leastPlay(plan.job().units()), plan.job().clearance().times(2)))) {
            findings.add(Finding.check(SharedFinding.CLEARANCE_TIGHT, Station.SAW, Sentence.of(
                    SawTexts.AS_CUT_THE_PACK.formatted(tight), Fine.of(least)), null));
        }
        Length cover = plan.seat().rabbet().width().minus(Length.mm(pack.play().get(pack.loosest())));
        if (cover.isLessThan(Length.min(Defaults.leastCover(plan.job().units()), plan.coverLeft()))) {
            String loose = plan.pieces().get(pack.loosest()).name();
            Sentence message = cover.isPositive()
                    ? Sentence
                            .of(SawTexts.AS_CUT_THE_LIP
                                    .formatted(loose), Fine.of(cover))
                    : Sentence.of(SawTexts.AS_CUT_THE_PACK_SHOWS
                            .formatted(loose));
            findings.add(cover.isPositive()
                    ? Finding.check(SharedFinding.LIP_COVER_THIN, Station.SAW, message, null)
                    : Finding.stop(SharedFinding.LIP_COVER_THIN, Station.SAW, message, null));
        }
    }

    private static void mismatch(Plan plan, List<Finding> findings) {
        for (List<Piece> twins : Piece.twins(plan.pieces())) {
            Piece longest = twins.getFirst();
            Piece shortest = twins.getFirst();
            for (Piece piece : twins) {
                longest = outer(plan, piece).isMoreThan(outer(plan, longest)) ? piece : longest;
                shortest = outer(plan, shortest).isMoreThan(outer(plan, piece)) ? piece : shortest;
            }
            Length differs = outer(plan, longest).minus(outer(plan, shortest));
            if (differs.toMm() > Shaving.MOST_MISMATCH) {
                findings.add(Finding.check(SawFinding.LENGTH_MISMATCH, Station.SAW, Sentence.of(
                        SawTexts.LONGER_THAN_ITS_TWIN.formatted(longest.name(), shortest.name()),
                        Fine.of(differs)),
                        null));
            }
        }
    }

    private static Length outer(Plan plan, Piece piece) {
        return plan.job().checks().of(piece).outer();
    }

    private static void gaps(Closing closing, Checks checks, List<Finding> findings) {
        if (closing.spreadGap() > checks.gapLimit().toMm()) {
            findings.add(Finding.check(SawFinding.CORNER_GAP, Station.SAW, Sentence.of(
                    SawTexts.PUT_TOGETHER_LIKE_THIS_CORNERS,
                    new Fine(closing.spreadGap()), new Fine(closing.lastGap())), null));
        } else if (closing.lean() > Shaving.MOST_LEAN) {
            findings.add(Finding.check(SawFinding.OUT_OF_SQUARE, Station.SAW, Sentence.of(
                    SawTexts.PUT_TOGETHER_LIKE_THIS_A_CORNER, Angle.ofRadians(closing.lean())), null));
        }
    }

    private static void diagonals(Plan plan, List<Finding> findings) {
        double first = plan.job().checks().dryFit().first();
        double second = plan.job().checks().dryFit().second();
        if (first > 0 && second > 0 && plan.job().outline().isRectangle()
                && Math.abs(first - second) > MOST_OUT.toMm()) {
            Squareness square = new Squareness(plan.sizes().outside(), Length.mm(first), Length.mm(second));
            findings.add(Finding.check(SawFinding.OUT_OF_SQUARE, Station.SAW, Sentence.of(
                    SawTexts.DIAGONALS_DIFFER_BY_SO,
                    new Fine(Math.abs(first - second)), Angle.ofDegrees(Math.abs(square.skew().degrees())),
                    Fine.of(square.push())), null));
        }
    }

    private static void season(Plan plan, Climate place, Climate.Air air, List<Finding> findings) {
        SeasonGap gap = SeasonGap.of(plan.pieces(), plan.job().section().wood(), place, air);
        if (gap.gap().isMoreThan(OPENS)) {
            findings.add(Finding.note(SawFinding.MOVEMENT_OPENS_MITER, Station.SAW, Sentence.of(
                    gap.isAtToe()
                            ? SawTexts.IN_THE_DRIEST_MONTH
                            : SawTexts.IN_THE_DAMPEST_MONTH,
                    Fine.of(gap.gap())), remedy(place)));
        }
    }

    /** Joined at what the wood will be at in the middle of the year, or of wood that moves less. */
    private static Remedy remedy(Climate place) {
        double middle = (place.dry().moisture() + place.damp().moisture()) / 2;
        double rounded = Math.round(middle * 2) / 2.0;
        Scalar moisture = new Scalar(rounded, SawTexts.PERCENT_MOISTURE, 1);
        return at(Sentence.of(SawTexts.LET_THE_WOOD_COME, moisture), place, now -> now.withGlued(rounded))
                .or(at(Sentence.of(SawTexts.TAKE_QUARTERSAWN), place, now -> now.withFlat(false)))
                .or(at(Sentence.of(SawTexts.TAKE_QUARTERSAWN_AT, moisture), place,
                        now -> now.withFlat(false).withGlued(rounded)));
    }

    private static Remedy at(Sentence label, Climate place, UnaryOperator<Climate> change) {
        return new Remedy(label, job -> {
            Climate newest = job.checks().place();
            return job.withChecks(job.checks().withPlace(change.apply(newest == null ? place : newest)));
        });
    }
}
