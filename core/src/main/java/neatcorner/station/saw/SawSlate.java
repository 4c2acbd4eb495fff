package neatcorner.station.saw;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.measure.Reading;
import neatcorner.piece.CornerJoint;
import neatcorner.piece.EndCut;
import neatcorner.piece.Piece;
import neatcorner.piece.Place;
import neatcorner.piece.Tip;
import neatcorner.plan.Plan;
import neatcorner.plan.SizeReadings;
import neatcorner.plan.Slate;
import neatcorner.saw.Saw;
import neatcorner.saw.SawCut;
import neatcorner.saw.SawScale;
import neatcorner.saw.SawSetting;

/** The slate at the saw: how it stands for the first cuts where that is otherwise, for the final cuts, and the stop for each length. */
public final class SawSlate {
    /** Angles nearer than this are one setting, degrees. */
    private static final double AS_NEAR = 1e-4;

    private final Plan plan;
    private final Saw saw;
    private final List<Slate.Row> rows = new ArrayList<>();

    private SawSlate(Plan plan) {
        this.plan = plan;
        this.saw = plan.job().saw();
    }

    static Slate of(Plan plan) {
        SawSlate slate = new SawSlate(plan);
        slate.firstCuts();
        SawSetting before = null;
        for (SawSetting setting : plan.settings()) {
            if (before == null || !before.cut().isNear(setting.cut())) {
                slate.saw(setting);
            }
            slate.stop(setting, before != null && before.stop().equals(setting.stop()));
            before = setting;
        }
        return new Slate(slate.rows);
    }

    /** Swung or tilted to a side to which no final cut is, the saw stands otherwise for the first cut. */
    private void firstCuts() {
        List<SawCut> known = new ArrayList<>(plan.settings().stream().map(plan::cutOf).toList());
        for (SawCut cut : plan.cuts()) {
            if (cut.kind() == SawCut.Kind.FIRST_MITER && known.stream().noneMatch(other -> standsAlike(cut, other))) {
                known.add(cut);
                stand(cut, true, cut.piece().piece().name());
            }
        }
    }

    private boolean standsAlike(SawCut a, SawCut b) {
        return a.swing(saw) == b.swing(saw) && a.leans(saw) == b.leans(saw)
                && Math.abs(Math.abs(a.miter().degrees()) - Math.abs(b.miter().degrees())) < AS_NEAR
                && Math.abs(Math.abs(a.bevel().degrees()) - Math.abs(b.bevel().degrees())) < AS_NEAR;
    }

    private void saw(SawSetting setting) {
        stand(plan.cutOf(setting), false, String.join(", ", setting.pieces()));
    }

    private void stand(SawCut cut, boolean first, String pieces) {
        Angle shown = Angle.ofDegrees(Math.abs(cut.miter().degrees()));
        rows.add(Slate.Row.large(named(first, SawWords.miterName(cut.swing(saw))),
                Reading.computed(SawTexts.MITER_FOR.formatted(pieces), shown, miterFormula(cut.end()))));
        Reading miter = Reading.given(SawTexts.MITER, shown);
        if (!saw.reachesMiter(shown)) {
            rows.add(Slate.Row.large(SawTexts.IN_THE_FIXTURE_SET,
                    Reading.computed(SawTexts.IN_THE_FIXTURE_SET_FOR.formatted(pieces),
                            saw.set(shown), SawTexts.COMPLEMENT_OF_THE_MITER, miter)));
        }
        if (saw.scale().zero() == SawScale.Zero.FENCE) {
            rows.add(Slate.Row.plain(SawTexts.SCALE_READS, Reading.computed(SawTexts.SCALE_READS_FOR.formatted(pieces),
                    saw.scale().reads(saw.set(shown)), SawTexts.THIS_SCALE_COUNTS_FROM_THE_FENCE)));
        }
        if (cut.end().isTilted()) {
            rows.add(Slate.Row.large(named(first, SawWords.tiltName(cut.leans(saw))),
                    Reading.computed(SawTexts.TILT_FOR.formatted(pieces),
                            Angle.ofDegrees(Math.abs(cut.bevel().degrees())),
                            SawTexts.BEVEL_FORMULA)));
        }
    }

    private static String named(boolean first, String what) {
        return first
                ? SawTexts.FIRST_CUT.formatted(what.substring(0, 1).toLowerCase(Locale.ROOT) + what.substring(1))
                : what;
    }

    private String miterFormula(EndCut cut) {
        if (cut.lean() == 0) {
            return plan.job().joint() == CornerJoint.MITER
                    ? SawTexts.SIDES_RUN_STRAIGHT_ON
                    : SawTexts.THIS_END_IS_CUT;
        }
        if (plan.job().outline().isSloped()) {
            return SawTexts.SLOPED_MITER_FORMULA;
        }
        return plan.job().outline().isRectangle()
                ? SawTexts.MITER_FORMULA
                : SawTexts.FROM_THE_CORNERS_ANGLE;
    }

    private void stop(SawSetting setting, boolean stays) {
        String pieces = String.join(", ", setting.pieces());
        Reading stop = span(setting);
        String stops = setting.touches() == Tip.TOE
                ? stays ? SawTexts.STOP_STAYS_FOR_TOE_AGAINST_IT : SawTexts.STOP_FOR_TOE_AGAINST_IT
                : stays ? SawTexts.STOP_STAYS_FOR : SawTexts.STOP_FOR;
        rows.add(Slate.Row.large(stops.formatted(pieces), stop));
        if (saw.rough().isPositive() && !stays) {
            rows.add(Slate.Row.plain(SawTexts.ROUGH_LENGTH, Reading.computed(SawTexts.ROUGH_LENGTH_OF.formatted(pieces),
                    setting.stop().plus(saw.rough()), "{0} + {1}", stop,
                    Reading.given(SawTexts.ROUGH_ALLOWANCE, saw.rough()))));
        }
    }

    private Reading span(SawSetting setting) {
        String name = SawTexts.STOP_FOR.formatted(String.join(", ", setting.pieces()));
        Piece piece = plan.parts().stream().filter(p -> p.name().equals(setting.pieces().getFirst())).findFirst()
                .orElseThrow();
        if (!plan.allPieces().contains(piece)) {
            return Reading.computed(name, setting.stop(), SawTexts.ITS_SHARE_OF_THE_WHOLE);
        }
        if (setting.from() == Tip.TOE || setting.touches() == Tip.TOE) {
            Length past = piece.span().minus(piece.outer());
            return Reading.computed(name, setting.stop(), SawTexts.SPAN_TO_THE_SIGHT_EDGE,
                    Reading.computed(SawTexts.OUTER_LENGTH, piece.outer(), SawTexts.BETWEEN_THE_HEELS),
                    Reading.computed(SawTexts.SIGHT_EDGE_PAST_IT, past, SawTexts.AT_THE_INWARD_CORNER));
        }
        if (!plan.job().outline().isRectangle()) {
            return Reading.computed(name, setting.stop(), SawTexts.LENGTH_OF_THE_OUTER);
        }
        boolean across = piece.place() == Place.Side.TOP || piece.place() == Place.Side.BOTTOM;
        SizeReadings sizes = new SizeReadings(plan);
        if (plan.job().joint() == CornerJoint.DADO && across) {
            Length dado = CornerJoint.dado(plan.job().section().width());
            return Reading.computed(name, setting.stop(), "{0} + 2 · {1}", sizes.sight(true),
                    Reading.computed(SawTexts.DADO, dado, SawTexts.DADO_FORMULA));
        }
        return Reading.computed(name, setting.stop(), "{0}",
                plan.job().joint() == CornerJoint.BUTT && across ? sizes.sight(across) : sizes.outside(across));
    }
}
