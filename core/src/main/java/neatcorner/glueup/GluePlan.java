package neatcorner.glueup;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import neatcorner.glueup.jig.CornerJig;
import neatcorner.measure.Length;
import neatcorner.measure.Scalar;
import neatcorner.measure.Sentence;
import neatcorner.outline.Opening;

/**
 * How one frame is glued: the steps with their times, the pressure, and what presses.
 *
 * @param school    the order in which corners are glued
 * @param holding   what presses them
 * @param opens     minutes that the glue stays open in this room
 * @param takes     minutes from the first spread to the last corner closed, of the longest stretch
 * @param pressures least and most that is wanted on the joint, N/mm²
 * @param tension   least and most in a band for that, N
 * @param corner    least and most of a clamp that pulls one corner together along the line that halves it, N
 * @param clamps    how many of the holding's clamps at once
 * @param there     how many of them the shop has that reach
 * @param bands     how many bands it has, whether they reach or not; 0 where a band does not press all corners
 * @param jig       how the corner jig is set; empty without one, or when it does not fit
 * @param order     corners in the order in which screws or pins are driven, counted from 1
 */
public record GluePlan(School school, Holding holding, double opens, double takes, Glue.Range pressures,
        Glue.Range tension, Glue.Range corner, int clamps, int there, int bands, Optional<CornerJig.Fit> jig,
        List<Integer> order,
        List<GlueStep> steps) {
    /** Times for someone who has done it before, in seconds: common practice. */
    private static final int SIZE_FACE = 8;
    private static final int TACK = 60;
    private static final int SPREAD_FACE = 10;
    private static final int SET_CORNER = 12;
    private static final int TIGHTEN = 25;
    private static final int CHECK = 40;
    private static final int WIPE_CORNER = 10;
    static final int RUBBERY = 20 * 60;
    /** In the square block, at least this long before two halves are joined: common practice. */
    private static final int HALVES_MINUTES = 60;
    /** Free end of a band for its tightener, mm. */
    private static final double BAND_END = 150;

    public GluePlan {
        order = List.copyOf(order);
        steps = List.copyOf(steps);
    }

    /** With more to do after the frame itself is glued. */
    public GluePlan then(List<GlueStep> more) {
        List<GlueStep> all = new ArrayList<>(steps);
        all.addAll(more);
        return new GluePlan(school, holding, opens, takes, pressures, tension, corner, clamps, there, bands, jig, order,
                all);
    }

    /**
     * What is to be glued.
     *
     * @param corners   how many
     * @param perimeter of the outside
     * @param outside   its upright box
     * @param square    whether it is a plain rectangle, which a corner jig takes
     * @param standsOut whether all its corners do, so that a band presses each
     * @param joint     area of the largest joint, as if nothing were milled away: of a miter along its slant, mm²
     * @param corner    of the corner that takes most, what a pull along the line that halves it is to the pressure that it puts
     *                  on the joint, mm²: joint × sin θ for a miter of interior angle θ
     * @param soft      whether the wood is
     * @param pinned    whether pins or V-nails hold each corner at once
     */
    public record Frame(int corners, Length perimeter, Opening outside, boolean square, boolean standsOut,
            double joint, double corner, boolean soft, boolean pinned) {

        /** What a band must reach, with its free end. */
        public Length band() {
            return perimeter.plus(Length.mm(BAND_END));
        }
    }

    /**
     * How a frame is glued as its maker chose, with what the shop has. What was not chosen is chosen here: all corners at
     * once where the glue stays open for that, else two halves; the best holding that fits.
     */
    public static GluePlan of(Frame frame, GlueUp chosen, Holders shop) {
        double opens = chosen.glue().openAt(chosen.temperature());
        School school = chosen.school() != null
                ? chosen.school()
                : minutes(School.ALL_AT_ONCE, frame.corners) <= opens ? School.ALL_AT_ONCE : School.TWO_HALVES;
        Optional<CornerJig.Fit> jig = shop.jig() != null && frame.square
                ? shop.jig().fit(frame.outside)
                : Optional.empty();
        Holding holding = chosen.holding() != null ? chosen.holding() : best(frame, school, jig, shop);
        Glue.Range pressures = frame.soft ? new Glue.Range(0.7, 1.0) : new Glue.Range(1.2, 1.7);
        Glue.Range tension = new Glue.Range(pressures.least() * frame.joint, pressures.most() * frame.joint);
        int clamps = clamps(frame, school, holding, tension, shop);
        return new GluePlan(school, holding, opens, minutes(school, frame.corners), pressures, tension,
                new Glue.Range(pressures.least() * frame.corner, pressures.most() * frame.corner), clamps,
                there(frame, holding, jig, shop), frame.standsOut ? shop.count(Clamp.Kind.BAND) : 0, jig,
                order(frame.corners),
                steps(frame, school, holding, chosen));
    }

    private static Holding best(Frame frame, School school, Optional<CornerJig.Fit> jig, Holders shop) {
        if (school == School.CORNER_BY_CORNER) {
            return frame.pinned ? Holding.PINS : Holding.CORNER_CLAMPS;
        }
        if (jig.isPresent() && shop.jigs() > 0) {
            return Holding.JIG;
        }
        return frame.standsOut && shop.reaching(Clamp.Kind.BAND, frame.band()) > 0
                ? Holding.BAND
                : frame.square && shop.count(Clamp.Kind.CORNER) >= frame.corners ? Holding.CORNER_CLAMPS : Holding.BAND;
    }

    /**
     * A band presses every joint with its own tension, whatever the angle: were all of them opened by a little, it would be so much
     * longer at each (virtual work).
     */
    private static int clamps(Frame frame, School school, Holding holding, Glue.Range tension, Holders shop) {
        return switch (holding) {
            case BAND -> {
                double force = shop.force(Clamp.Kind.BAND, frame.band());
                yield force <= 0 ? 1 : (int) Math.max(1, Math.ceil(tension.least() / force - 1e-9));
            }
            case JIG -> 1;
            case CORNER_CLAMPS -> switch (school) {
                case ALL_AT_ONCE -> frame.corners;
                case TWO_HALVES -> Math.max(2, frame.corners - 2);
                case CORNER_BY_CORNER -> 1;
            };
            case PINS -> 0;
        };
    }

    private static int there(Frame frame, Holding holding, Optional<CornerJig.Fit> jig, Holders shop) {
        return switch (holding) {
            case BAND -> frame.standsOut ? shop.reaching(Clamp.Kind.BAND, frame.band()) : 0;
            case JIG -> jig.isPresent() ? shop.jigs() : 0;
            case CORNER_CLAMPS -> shop.count(Clamp.Kind.CORNER);
            case PINS -> 0;
        };
    }

    /** Minutes of open time that a school needs, of its longest stretch. */
    public static double minutes(School school, int corners) {
        int together = together(school, corners);
        return (together * (2 * SPREAD_FACE + SET_CORNER) + TIGHTEN) / 60.0;
    }

    /** Most corners that are open at a time. */
    private static int together(School school, int corners) {
        return switch (school) {
            case ALL_AT_ONCE -> corners;
            case TWO_HALVES -> Math.max(2, (corners - 1) / 2);
            case CORNER_BY_CORNER -> 1;
        };
    }

    /** Round the frame in a star, so that no side is drawn up before its opposite. */
    static List<Integer> order(int corners) {
        List<Integer> order = new ArrayList<>();
        int half = (corners + 1) / 2;
        for (int i = 0; i < half; i++) {
            order.add(i + 1);
            if (i + half < corners) {
                order.add(i + half + 1);
            }
        }
        return order;
    }

    private static List<GlueStep> steps(Frame frame, School school, Holding holding, GlueUp chosen) {
        int n = frame.corners;
        List<GlueStep> steps = new ArrayList<>();
        steps.add(step(GlueStep.Kind.DRY_FIT, Sentence.of(
                GlueTexts.DRY_FIT
                        .formatted(holding.title())),
                60 + 15 * n, 0, false));
        steps.add(step(GlueStep.Kind.PREPARE, Sentence
                .of(GlueTexts.RELEASE_PAPER_UNDER_EACH, Scalar.count(n)),
                20 + 5 * n, 0, false));
        int clamping = chosen.glue().clampAt(chosen.temperature());
        switch (school) {
            case ALL_AT_ONCE -> round(steps, n, n, holding, chosen, clamping, GlueTexts.ALL_CORNERS);
            case TWO_HALVES -> {
                int half = Math.max(1, (n - 1) / 2);
                int wait = Math.max(HALVES_MINUTES, clamping);
                round(steps, half, 0, Holding.CORNER_CLAMPS, chosen, 0,
                        n == 4 ? GlueTexts.FIRST_L : GlueTexts.FIRST_HALF);
                if (n - 2 - half > 0) {
                    round(steps, n - 2 - half, 0, Holding.CORNER_CLAMPS, chosen, 0,
                            n == 4 ? GlueTexts.SECOND_L : GlueTexts.SECOND_HALF);
                }
                steps.add(step(GlueStep.Kind.SET,
                        Sentence.of(GlueTexts.LEAVE_THEM_AGAINST_THE_SQUARE),
                        0, wait * 60, false));
                round(steps, 2, n, holding, chosen, clamping, GlueTexts.LAST_TWO_CORNERS);
            }
            case CORNER_BY_CORNER -> {
                for (int i = 1; i <= n; i++) {
                    boolean last = i == n;
                    int each = frame.pinned ? 0 : clamping;
                    round(steps, 1, last ? n : 0, holding, chosen, last ? clamping : each,
                            GlueTexts.ONE_CORNER.formatted(i));
                }
            }
        }
        return steps;
    }

    /** From sizing the end grain to the clamps' coming off, for some corners. */
    private static void round(List<GlueStep> steps, int corners, int check, Holding holding, GlueUp chosen, int minutes,
            String which) {
        steps.add(step(GlueStep.Kind.SIZE,
                Sentence.of(GlueTexts.SIZE_THE_END_GRAIN.formatted(which)),
                2 * SIZE_FACE * corners, TACK, false));
        steps.add(step(GlueStep.Kind.SPREAD, Sentence.of(GlueTexts.SPREAD_GLUE_ON_BOTH.formatted(which)),
                2 * SPREAD_FACE * corners, 0, true));
        steps.add(step(GlueStep.Kind.CLOSE, Sentence.of((holding == Holding.PINS
                ? GlueTexts.CLOSE_AND_PIN
                : GlueTexts.CLOSE_AND_TIGHTEN).formatted(which, holding.title())),
                SET_CORNER * corners + TIGHTEN, 0,
                true));
        if (check > 0) {
            steps.add(step(GlueStep.Kind.CHECK,
                    Sentence.of(check == 4
                            ? GlueTexts.MEASURE_DIAGONALS
                            : GlueTexts.MEASURE_ACROSS),
                    CHECK, 0, false));
        }
        boolean lift = chosen.squeezeOut() == SqueezeOut.LIFT;
        int set = minutes * 60;
        if (lift) {
            int rubbery = Math.min(set, RUBBERY);
            if (set > 0) {
                steps.add(step(GlueStep.Kind.SET, Sentence.of(GlueTexts.LET_IT_TURN_RUBBERY), 0, rubbery, false));
            }
            steps.add(step(GlueStep.Kind.CLEAN, Sentence.of(GlueTexts.LIFT_THE_SQUEEZE_OUT),
                    WIPE_CORNER * corners, Math.max(0, set - rubbery), false));
        } else {
            steps.add(step(GlueStep.Kind.CLEAN, Sentence.of(GlueTexts.WIPE_THE_SQUEEZE_OUT),
                    WIPE_CORNER * corners, set, false));
        }
        if (minutes > 0) {
            steps.add(step(GlueStep.Kind.UNCLAMP, Sentence
                    .of(GlueTexts.TAKE_OUT_OF_CLAMPS.formatted(holding.title())),
                    60, 0, false));
        }
    }

    private static GlueStep step(GlueStep.Kind kind, Sentence what, int seconds, int rest, boolean open) {
        return new GlueStep(kind, what, seconds, rest, open);
    }

    /**
     * How hard the jig's clamp must pull, N; 0 without a jig that fits. Of its force each corner takes half along the clamp, and
     * by the tangent of the arms' slant across it. What presses a square corner together is the lesser of both, at each of its two
     * faces; a pull along the line that halves the corner is the sum of two such (statics).
     */
    public double jigPull() {
        return jig.map(fit -> Math.sqrt(2) * corner.least() / Math.min(1, fit.slant().tan())).orElse(0.0);
    }

    /** Minutes of work by hand in all steps. */
    public double hands() {
        return steps.stream().mapToInt(GlueStep::seconds).sum() / 60.0;
    }
}
