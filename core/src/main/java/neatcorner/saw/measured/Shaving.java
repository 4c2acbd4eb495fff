package neatcorner.saw.measured;

import java.util.ArrayList;
import java.util.List;
import java.util.function.ToDoubleFunction;
import neatcorner.piece.Piece;
import org.ojalgo.optimisation.Expression;
import org.ojalgo.optimisation.ExpressionsBasedModel;
import org.ojalgo.optimisation.Optimisation;
import org.ojalgo.optimisation.Variable;

/**
 * The least wood to shave off the ends so that every gap, spread by a band, comes under a limit, no corner leans, and the
 * pack still goes in. What is shaved at heel and toe of each end changes the misfit in proportion, so the least is found exactly by a
 * linear program (simplex method).
 *
 * @param shaves  what to take off; empty when nothing has to be
 * @param after   the errors that are left
 * @param gap     widest gap then
 * @param recut   index of the one piece to cut anew instead, when no shaving does it; -1 when shaving does
 */
public record Shaving(List<Shave> shaves, List<CutError> after, double gap, int recut) {
    /** More than this at one end is no shaving but a new cut, mm. */
    private static final double MOST = 3;
    /** Less than this, mm, is left away: nobody can take it off. */
    private static final double LEAST = 0.005;
    /** Parts of the limits that are aimed at, one after the other: what is left away may add up to more than the first leaves. */
    private static final double[] SHARES = {0.98, 0.94, 0.85};
    /** Sides that should be alike and differ by more leave a gap that is seen, mm: common practice. */
    public static final double MOST_MISMATCH = 0.5;
    private static final double GOOD_MITER = Math.toRadians(0.03);
    /** A frame whose corners are off by more is seen to lean: a tenth of a degree, from memory. */
    public static final double MOST_LEAN = Math.toRadians(0.1);

    /**
     * Wood to take off one end, square to the cut, tapering from heel to toe; millimetres.
     *
     * @param piece its index
     * @param right which end
     */
    public record Shave(int piece, boolean right, double heel, double toe) {

        /** What is taken off where it is most, mm. */
        public double most() {
            return Math.max(heel, toe);
        }
    }

    public Shaving {
        shaves = List.copyOf(shaves);
        after = List.copyOf(after);
    }

    /**
     * The least that mends a frame.
     *
     * @param limit  widest gap that is accepted, mm
     * @param play   by how much each piece may become shorter at the rabbet before the pack binds, mm
     * @param rabbet width of the rabbet, mm
     */
    public static Shaving least(List<Piece> pieces, List<CutError> errors, double limit, double[] play, double rabbet) {
        if (isGood(pieces, errors, limit)) {
            return new Shaving(List.of(), errors, Closing.of(pieces, errors).spreadGap(), -1);
        }
        CutLoop ring = new CutLoop(pieces, errors);
        for (double share : SHARES) {
            List<Shave> shaves = solve(ring, limit, share, play, rabbet);
            List<CutError> after = shaved(pieces, errors, shaves);
            if (!shaves.isEmpty() && isGood(pieces, after, limit)) {
                return new Shaving(shaves, after, Closing.of(pieces, after).spreadGap(), -1);
            }
        }
        int recut = worst(pieces, errors);
        List<CutError> after = new ArrayList<>(errors);
        after.set(recut, CutError.NONE);
        return new Shaving(List.of(), after, Closing.of(pieces, after).spreadGap(), recut);
    }

    private static boolean isGood(List<Piece> pieces, List<CutError> errors, double limit) {
        Closing closing = Closing.of(pieces, errors);
        return closing.spreadGap() <= limit && closing.lean() <= MOST_LEAN && mismatch(pieces, errors) <= MOST_MISMATCH;
    }

    private static List<CutError> shaved(List<Piece> pieces, List<CutError> errors, List<Shave> shaves) {
        List<CutError> after = new ArrayList<>(errors);
        shaves.forEach(shave -> after.set(shave.piece, shaved(pieces.get(shave.piece), after.get(shave.piece), shave)));
        return after;
    }

    /** What an end loses at the heel shortens the outer edge; more at the toe than at the heel makes the miter bigger. */
    private static CutError shaved(Piece piece, CutError error, Shave shave) {
        double miter = (shave.right ? piece.right() : piece.left()).miter().radians();
        double contact = piece.face().toMm() / Math.cos(miter);
        double turn = (shave.toe - shave.heel) / contact;
        double length = error.length() - shave.heel / Math.cos(miter);
        return shave.right
                ? new CutError(length, error.left(), error.right() + turn)
                : new CutError(length, error.left() + turn, error.right());
    }

    private static double mismatch(List<Piece> pieces, List<CutError> errors) {
        double most = 0;
        for (int i = 0; i < pieces.size(); i++) {
            for (int j = 0; j < i; j++) {
                if (pieces.get(i).isTwinOf(pieces.get(j))) {
                    most = Math.max(most, Math.abs(errors.get(i).length() - errors.get(j).length()));
                }
            }
        }
        return most;
    }

    private static int worst(List<Piece> pieces, List<CutError> errors) {
        int worst = 0;
        double least = Double.MAX_VALUE;
        for (int i = 0; i < pieces.size(); i++) {
            List<CutError> mended = new ArrayList<>(errors);
            mended.set(i, CutError.NONE);
            double gap = Closing.of(pieces, mended).spreadGap();
            if (gap < least - 1e-9) {
                least = gap;
                worst = i;
            }
        }
        return worst;
    }

    /** One way of taking wood off: at the heel or at the toe of one end. */
    private record Way(int piece, boolean right, boolean heel, List<Joint> joints, double[] turns,
            double shortens, double rabbetLoss) {}

    private static List<Shave> solve(CutLoop ring, double most, double share, double[] play, double rabbet) {
        double limit = most * share;
        ExpressionsBasedModel model = new ExpressionsBasedModel();
        List<Way> ways = ways(ring, rabbet);
        List<Variable> variables = new ArrayList<>();
        for (int k = 0; k < ways.size(); k++) {
            variables.add(model.newVariable("shave" + k).lower(0).upper(MOST).weight(1));
        }
        List<Joint> now = new Spread(ring).joints(ring.misfit());
        for (int joint = 0; joint < ring.size(); joint++) {
            int at = joint;
            within(model, "heel" + joint, limit, now.get(joint).heel(), variables, ways, w -> w.joints.get(at).heel());
            within(model, "toe" + joint, limit, now.get(joint).toe(), variables, ways, w -> w.joints.get(at).toe());
            within(model, "turn" + joint, limit, now.get(joint).heel() - now.get(joint).toe(), variables, ways,
                    w -> w.joints.get(at).heel() - w.joints.get(at).toe());
            within(model, "lean" + joint, MOST_LEAN * share,
                    ring.turnError(joint) + now.get(joint).turn(ring.contact(joint)), variables, ways,
                    w -> w.turns[at] + w.joints.get(at).turn(ring.contact(at)));
            within(model, "step" + joint, limit, now.get(joint).step(), variables, ways, w -> w.joints.get(at).step());
        }
        for (int piece = 0; piece < ring.size(); piece++) {
            Expression pack = model.newExpression("pack" + piece).upper(play[piece]);
            for (int k = 0; k < ways.size(); k++) {
                if (ways.get(k).piece == piece) {
                    pack.set(variables.get(k), ways.get(k).rabbetLoss);
                }
            }
        }
        matchTwins(model, ring, share, ways, variables);
        for (int k = 0; k < ways.size(); k += 2) {
            keepMiter(model, ring, ways.get(k), variables.get(k), variables.get(k + 1));
        }
        Optimisation.Result result = model.minimise();
        return result.getState().isFeasible() ? shaves(ways, variables) : List.of();
    }

    private static void matchTwins(ExpressionsBasedModel model, CutLoop ring, double share, List<Way> ways,
            List<Variable> variables) {
        double most = MOST_MISMATCH * share;
        for (int i = 0; i < ring.size(); i++) {
            for (int j = 0; j < i; j++) {
                if (ring.pieces().get(i).isTwinOf(ring.pieces().get(j))) {
                    double differ = ring.cut().get(i).length() - ring.cut().get(j).length();
                    Expression alike = model.newExpression("alike" + i + "-" + j).lower(-most - differ)
                            .upper(most - differ);
                    for (int k = 0; k < ways.size(); k++) {
                        int piece = ways.get(k).piece;
                        if (piece == i || piece == j) {
                            alike.set(variables.get(k), (piece == i ? 1 : -1) * ways.get(k).shortens);
                        }
                    }
                }
            }
        }
    }

    /** A shave may not make a miter worse than it is, or than a good one. */
    private static void keepMiter(ExpressionsBasedModel model, CutLoop ring, Way way, Variable heel, Variable toe) {
        CutError error = ring.cut().get(way.piece);
        double now = way.right ? error.right() : error.left();
        double most = Math.max(Math.abs(now), GOOD_MITER);
        Piece piece = ring.pieces().get(way.piece);
        double contact = piece.face().toMm()
                / Math.cos((way.right ? piece.right() : piece.left()).miter().radians());
        model.newExpression("miter" + way.piece + way.right).lower(-most - now).upper(most - now)
                .set(heel, -1 / contact).set(toe, 1 / contact);
    }

    private static void within(ExpressionsBasedModel model, String name, double limit, double now,
            List<Variable> variables, List<Way> ways, ToDoubleFunction<Way> effect) {
        Expression bound = model.newExpression(name).lower(-limit - now).upper(limit - now);
        for (int k = 0; k < ways.size(); k++) {
            bound.set(variables.get(k), effect.applyAsDouble(ways.get(k)));
        }
    }

    private static List<Way> ways(CutLoop ring, double rabbet) {
        Spread spread = new Spread(ring);
        List<Way> ways = new ArrayList<>();
        for (int i = 0; i < ring.size(); i++) {
            Piece piece = ring.pieces().get(i);
            for (boolean right : new boolean[]{false, true}) {
                double miter = (right ? piece.right() : piece.left()).miter().radians();
                double atRabbet = Math.max(0, 1 - rabbet / piece.face().toMm());
                for (boolean heel : new boolean[]{true, false}) {
                    Shave unit = new Shave(i, right, heel ? 1 : 0, heel ? 0 : 1);
                    CutError off = shaved(piece, CutError.NONE, unit);
                    double[] share = ring.share(i, off);
                    double[] turns = new double[ring.size()];
                    turns[i] = off.right();
                    turns[Math.floorMod(i - 1, ring.size())] = off.left();
                    double loss = (heel ? 1 - atRabbet : atRabbet) / Math.cos(miter);
                    ways.add(new Way(i, right, heel, spread.joints(share), turns, off.length(), loss));
                }
            }
        }
        return ways;
    }

    private static List<Shave> shaves(List<Way> ways, List<Variable> variables) {
        List<Shave> shaves = new ArrayList<>();
        for (int k = 0; k < ways.size(); k += 2) {
            double heel = variables.get(k).getValue().doubleValue();
            double toe = variables.get(k + 1).getValue().doubleValue();
            if (heel > LEAST || toe > LEAST) {
                shaves.add(new Shave(ways.get(k).piece, ways.get(k).right, heel, toe));
            }
        }
        return shaves;
    }
}
