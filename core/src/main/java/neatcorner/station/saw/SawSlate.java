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
                stand(cut, "First cut: ", cut.piece().piece().name());
            }
        }
    }

    private boolean standsAlike(SawCut a, SawCut b) {
        return a.swing(saw) == b.swing(saw) && a.leans(saw) == b.leans(saw)
                && Math.abs(Math.abs(a.miter().degrees()) - Math.abs(b.miter().degrees())) < AS_NEAR
                && Math.abs(Math.abs(a.bevel().degrees()) - Math.abs(b.bevel().degrees())) < AS_NEAR;
    }

    private void saw(SawSetting setting) {
        stand(plan.cutOf(setting), "", String.join(", ", setting.pieces()));
    }

    private void stand(SawCut cut, String when, String pieces) {
        Angle shown = Angle.ofDegrees(Math.abs(cut.miter().degrees()));
        rows.add(Slate.Row.large(when(when, SawWords.miterName(cut.swing(saw))),
                Reading.computed("Miter for " + pieces, shown, miterFormula(cut.end()))));
        Reading miter = Reading.given("Miter", shown);
        if (!saw.reachesMiter(shown)) {
            rows.add(Slate.Row.large("In the fixture, set", Reading.computed("In the fixture, set for " + pieces,
                    saw.set(shown), "90° less {0}, the stick square to an auxiliary fence", miter)));
        }
        if (saw.scale().zero() == SawScale.Zero.FENCE) {
            rows.add(Slate.Row.plain("Scale reads", Reading.computed("Scale reads for " + pieces,
                    saw.scale().reads(saw.set(shown)), "this scale counts from the fence")));
        }
        if (cut.end().isTilted()) {
            rows.add(Slate.Row.large(when(when, SawWords.tiltName(cut.leans(saw))),
                    Reading.computed("Tilt for " + pieces, Angle.ofDegrees(Math.abs(cut.bevel().degrees())),
                            "the angle whose sine is the sine of half the turn at the corner × the sine of the slope")));
        }
    }

    private static String when(String when, String what) {
        return when.isEmpty() ? what : when + what.substring(0, 1).toLowerCase(Locale.ROOT) + what.substring(1);
    }

    private String miterFormula(EndCut cut) {
        if (cut.lean() == 0) {
            return plan.job().joint() == CornerJoint.MITER
                    ? "the sides run straight on"
                    : "this end is cut square to the long point";
        }
        if (plan.job().outline().isSloped()) {
            return "the angle whose tangent is the tangent of half the turn at the corner × the cosine of the slope";
        }
        return plan.job().outline().isRectangle()
                ? "the angle whose tangent is the other face ÷ this face"
                : "from the corner's angle and the two face widths";
    }

    private void stop(SawSetting setting, boolean stays) {
        String pieces = String.join(", ", setting.pieces());
        Reading stop = span(setting);
        String touches = setting.touches() == Tip.TOE ? ", toe against it" : "";
        rows.add(Slate.Row.large((stays ? "Stop stays, for " : "Stop for ") + pieces + touches, stop));
        if (saw.rough().isPositive() && !stays) {
            rows.add(Slate.Row.plain("Rough length", Reading.computed("Rough length of " + pieces,
                    setting.stop().plus(saw.rough()), "{0} + {1}", stop,
                    Reading.given("Rough allowance", saw.rough()))));
        }
    }

    private Reading span(SawSetting setting) {
        String name = "Stop for " + String.join(", ", setting.pieces());
        Piece piece = plan.parts().stream().filter(p -> p.name().equals(setting.pieces().getFirst())).findFirst()
                .orElseThrow();
        if (!plan.pieces().contains(piece)) {
            return Reading.computed(name, setting.stop(), "its share of the whole side, with the scarf's overlap");
        }
        if (setting.from() == Tip.TOE || setting.touches() == Tip.TOE) {
            Length past = piece.span().minus(piece.outer());
            return Reading.computed(name, setting.stop(), "{0} + {1}, by which the sight edge stands out",
                    Reading.computed("Outer length", piece.outer(), "between the heels"),
                    Reading.computed("Sight edge past it", past, "at the inward corner"));
        }
        if (!plan.job().outline().isRectangle()) {
            return Reading.computed(name, setting.stop(), "the length of the outer edge, between the heels");
        }
        boolean across = piece.place() == Place.Side.TOP || piece.place() == Place.Side.BOTTOM;
        SizeReadings sizes = new SizeReadings(plan);
        return Reading.computed(name, setting.stop(), "{0}",
                plan.job().joint() == CornerJoint.BUTT && across ? sizes.sight(across) : sizes.outside(across));
    }
}
