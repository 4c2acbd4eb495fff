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
        Reading gap = Reading.given("Gap", Fine.of(corner.gap()));
        Reading over = Reading.given("Contact", corner.over());
        Reading off = Reading.computed("Error of one cut", Angle.ofDegrees(Math.abs(error.degrees())),
                "half the angle whose tangent is {0} ÷ {1}", gap, over);
        if (Math.abs(error.degrees()) < 1e-9) {
            rows.add(Slate.Row.large("Closed: leave the saw as it is", off));
        } else if (corner.isTilt()) {
            rows.add(Slate.Row.large(corner.where() == TestCorner.Where.FACE
                    ? "Tilt the blade: take more off the back"
                    : "Tilt the blade: take more off the face", off));
        } else {
            rows.add(Slate.Row.large(error.degrees() > 0 ? "Turn towards square by" : "Turn away from square by", off));
            Angle wanted = Angle.ofDegrees(miter.degrees() - error.degrees());
            rows.add(Slate.Row.plain("Scale reads now / then",
                    Reading.given("Scale reads now", scale.reads(miter)),
                    Reading.computed("Scale reads then", scale.reads(wanted), "{0} less {1}, as this scale counts",
                            Reading.given("Miter", miter), off)));
            Reading travel = Reading.computed("Travel at the scale", Fine.of(scale.travel(error)), "{0} × {1}",
                    Reading.given("Pivot to marks", scale.radius()), off);
            rows.add(Slate.Row.large("Along the scale", travel));
            Reading shim = Reading.computed("Shim", Fine.of(scale.shim(error)), "{0} × tan {1}",
                    Reading.given("Blade to the fence's end", scale.fence()), off);
            rows.add(Slate.Row.plain(
                    error.degrees() > 0 ? "Or shim the fence near the blade" : "Or shim the fence's far end",
                    shim));
        }
        readings(log, rows);
        return new Slate(rows);
    }

    private static void readings(SawLog log, List<Slate.Row> rows) {
        if (log.readings().isEmpty()) {
            return;
        }
        rows.add(Slate.Row.plain("Readings kept", Reading.given("Readings", Scalar.count(log.readings().size()))));
        rows.add(Slate.Row.plain("Off by now", Reading.computed("Off by now", log.steady(),
                "the last reading, or nothing once the saw was turned by it")));
        rows.add(Slate.Row.plain("Drift in all", Reading.computed("Drift in all", log.drift(),
                "all that was turned away, and the last reading")));
    }

    /** What the saw's likely error will do to this frame. */
    public static Slate before(Plan plan, SawLog log) {
        List<Slate.Row> rows = new ArrayList<>();
        Reading steady = Reading.computed("Every cut is off by", log.steady(), "the last reading of the saw");
        Reading chance = Reading.computed("Cuts vary by", log.chance(), log.readings().size() < 4
                ? "usual for a saw in good order, until there are more readings"
                : "spread of the saw's own readings");
        rows.add(Slate.Row.plain("Every cut is off by", steady));
        rows.add(Slate.Row.plain("and varies by", chance));
        if (!Assembly.canJudge(plan)) {
            return new Slate(rows);
        }
        GapOdds odds = GapOdds.of(plan.pieces(),
                new GapOdds.Likely(log.steady().radians(), log.chance().radians(), LENGTHS), FRAMES);
        int cuts = 2 * plan.pieces().size();
        rows.add(
                Slate.Row.large("Last corner, by the steady error",
                        Reading.computed("Last corner", new Fine(odds.lastClosed()),
                                "contact × tan (" + cuts + " × {0})", steady)));
        rows.add(Slate.Row.large("Each corner, by the steady error", Reading.computed("Each corner",
                new Fine(odds.spreadClosed()), "contact × tan (2 × {0})", steady)));
        rows.add(quantile("Last corner, half / nine in ten stay under", odds.last()));
        rows.add(quantile("Spread, half / nine in ten stay under", odds.spread()));
        Reading limit = Reading.given("Gap let pass", Fine.of(plan.job().checks().gapLimit()));
        rows.add(Slate.Row.large("Odds of passing, spread", Reading.computed("Odds of passing", new Scalar(
                100 * GapOdds.shareUnder(odds.spread(), plan.job().checks().gapLimit().toMm()), "%", 1),
                "share of " + FRAMES + " frames cut in imagination with no gap over {0}", limit)));
        return new Slate(rows);
    }

    private static Slate.Row quantile(String name, double[] sorted) {
        String formula = "from " + sorted.length + " frames cut in imagination, always the same ones";
        return Slate.Row.plain(name,
                Reading.computed(name + ": half", new Fine(GapOdds.stayUnder(sorted, 0.5)), formula),
                Reading.computed(name + ": nine in ten", new Fine(GapOdds.stayUnder(sorted, 0.9)), formula));
    }

    /** How the measured pieces go together, and what to do. */
    public static Slate asCut(Plan plan) {
        List<Slate.Row> rows = new ArrayList<>();
        Assembly assembly = Assembly.of(plan).orElse(null);
        if (assembly == null) {
            return new Slate(rows);
        }
        Closing closing = assembly.closing();
        Reading errors = Reading.given("Angle errors together", Angle.ofRadians(Math.abs(closing.angleSum())));
        rows.add(Slate.Row.large("Last corner opens by", Reading.computed("Last corner",
                new Fine(closing.lastGap()), "contact × tan {0}", errors)));
        rows.add(Slate.Row.plain("and its ends miss by", Reading.computed("Ends miss by",
                new Fine(closing.lastMiss()), "all pieces laid end to end, each turned by its errors")));
        rows.add(Slate.Row.large("Widest gap under a band", Reading.computed("Widest gap under a band",
                new Fine(closing.spreadGap()), "errors spread over all corners, with least squares")));
        List<Length> diagonals = closing.diagonals();
        if (diagonals.size() == 2) {
            String formula = "between the outer corners as the band leaves them";
            rows.add(Slate.Row.plain("Diagonal from the top left",
                    Reading.computed("Diagonal from the top left", diagonals.get(0), formula)));
            rows.add(Slate.Row.plain("Diagonal from the top right",
                    Reading.computed("Diagonal from the top right", diagonals.get(1), formula)));
            Squareness square = new Squareness(plan.sizes().outside(), diagonals.get(0), diagonals.get(1));
            rows.add(Slate.Row.plain("Leans by", Reading.computed("Leans by",
                    Angle.ofDegrees(Math.abs(square.skew().degrees())),
                    "difference of the diagonals × their mean ÷ (2 × width × height)")));
        }
        if (!plan.job().pack().layers().isEmpty()) {
            MeasuredPack pack = MeasuredPack.of(plan, Objects.requireNonNull(plan.contours()), assembly.errors());
            rows.add(Slate.Row.plain("Play of the pack, as cut", Reading.computed("Play of the pack, as cut",
                    new Fine(pack.least()), "the rabbet along the tightest piece, less the pack")));
        }
        BestOrder order = assembly.order();
        if (order != null && !order.isAsCut()) {
            rows.add(Slate.Row.large("Gap in the best order", Reading.computed("Gap in the best order",
                    new Fine(order.after()), "every order of alike pieces was weighed; none closes with less force")));
        }
        Shaving shaving = assembly.shaving();
        if (!shaving.shaves().isEmpty() || shaving.recut() >= 0) {
            rows.add(Slate.Row.large("Gap once mended", Reading.computed("Gap once mended", new Fine(shaving.gap()),
                    "after what is said below")));
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
            steps.add(Sentence.of("Put them together in this order, clockwise from the top: "
                    + String.join(" · ", inPlace) + ". That is the best of all orders: {0} instead of {1}.",
                    new Fine(order.after()), new Fine(order.before())));
        }
        Shaving shaving = assembly.shaving();
        for (Shaving.Shave shave : shaving.shaves()) {
            String end = (shave.right() ? "the right" : "the left") + " end of " + inPlace.get(shave.piece());
            double along = 1 / Math.cos(
                    (shave.right() ? pieces.get(shave.piece()).right() : pieces.get(shave.piece()).left()).miter()
                            .radians());
            steps.add(Sentence.of("Shave " + end
                    + ", square to the cut: {0} at the heel, {1} at the toe; along the piece {2} and {3}.",
                    new Fine(shave.heel()), new Fine(shave.toe()), new Fine(shave.heel() * along),
                    new Fine(shave.toe() * along)));
        }
        if (shaving.recut() >= 0) {
            double off = assembly.errors().get(order == null
                    ? shaving.recut()
                    : order.pieces().get(shaving.recut())).length();
            steps.add(Sentence.of("Cut " + inPlace.get(shaving.recut())
                    + " again: it is {0} too " + (off < 0 ? "short" : "long") + ", and no shaving that keeps the pack"
                    + " dropping in mends it.", new Fine(Math.abs(off))));
        }
        addPack(plan, shaving, steps);
        if (steps.isEmpty()) {
            steps.add(Sentence.of("Nothing to do: every gap stays under {0}.",
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
            steps.add(Sentence.of("The rabbet along piece " + piece
                    + " is {0} too short for the pack: cut the pack down, plane the rabbet's wall, or cut the piece anew.",
                    new Fine(-after.least())));
        } else if (!shaving.shaves().isEmpty()) {
            steps.add(Sentence.of("After that the pack has {0} of play, at the least.",
                    new Fine(after.least())));
        }
        double cover = plan.seat().rabbet().width().toMm() - after.play().get(after.loosest());
        if (cover < Math.min(Defaults.leastCover(plan.job().units()).toMm(), plan.coverLeft().toMm()) - 1e-6) {
            steps.add(Sentence.of("Along piece " + plan.pieces().get(after.loosest()).name()
                    + " the rabbet is long: the lip covers the pack by {0} only when it slides to one side. Fix the pack in"
                    + " the middle with shims.", new Fine(Math.max(0, cover))));
        }
    }

    /** The odds of each explanation of what a dry fit shows. */
    public static Slate dryFit(Plan plan) {
        List<Slate.Row> rows = new ArrayList<>();
        for (DryFitReading.Explanation explanation : DryFitWords.explanations(plan)) {
            String name = DryFitWords.title(plan, explanation);
            rows.add(Slate.Row.large(name, Reading.computed(name,
                    new Scalar(Math.min(99, 100 * explanation.odds()), "%", 0),
                    "how well this explains all readings, against the others")));
        }
        DryFit fit = plan.job().checks().dryFit();
        if (fit.first() > 0 && fit.second() > 0 && plan.job().outline().isRectangle()) {
            Squareness square = new Squareness(plan.sizes().outside(), Length.mm(fit.first()),
                    Length.mm(fit.second()));
            rows.add(Slate.Row.plain("Leans by", Reading.computed("Leans by",
                    Angle.ofDegrees(Math.abs(square.skew().degrees())),
                    "difference of the diagonals × their mean ÷ (2 × width × height)")));
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
        season("Driest month", plan, place, place.dry(), rows);
        season("Dampest month", plan, place, place.damp(), rows);
        return new Slate(rows);
    }

    private static void season(String name, Plan plan, Climate place, Climate.Air air, List<Slate.Row> rows) {
        SeasonGap gap = SeasonGap.of(plan.pieces(), plan.job().section().wood(), place, air);
        Reading moisture = Reading.computed("Moisture at rest", new Scalar(gap.moisture(), "%", 1),
                "from the air's temperature and humidity");
        Reading strain = Reading.computed("Change of the face width", new Scalar(100 * gap.strain(), "%", 2),
                "({0} − moisture at the glue-up) × the wood's movement", moisture);
        rows.add(Slate.Row.large(name + ": opens " + (gap.isAtToe() ? "inside" : "outside"),
                Reading.computed(name + ", gap", Fine.of(gap.gap()),
                        "face width × change × what the miter makes of it, {0}",
                        strain)));
        rows.add(Slate.Row.plain("Wood comes to", moisture));
    }
}
