package neatcorner.station.saw;

import java.util.Collections;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import neatcorner.piece.CornerJoint;
import neatcorner.piece.Piece;
import neatcorner.plan.Plan;
import neatcorner.saw.measured.BestOrder;
import neatcorner.saw.measured.Checks;
import neatcorner.saw.measured.Closing;
import neatcorner.saw.measured.CutError;
import neatcorner.saw.measured.Shaving;
import org.jspecify.annotations.Nullable;

/**
 * How the pieces as they were cut will go together, and what to do about it.
 *
 * @param errors  of each piece
 * @param closing in the order as cut
 * @param order   the best order; null when there are too many pieces to weigh them all
 * @param shaving the least to shave, once the pieces are in that order
 */
public record Assembly(List<CutError> errors, Closing closing, @Nullable BestOrder order, Shaving shaving) {
    /** Kept free when pieces get shorter, so that the pack still drops in, mm: common practice. */
    private static final double LEAST_PLAY = 0.5;
    /** Of its length, and mm: what is out by more is another piece. */
    private static final double MOST_OFF = 0.1;
    private static final double MOST_OFF_MM = 10;
    /** A miter that is out by more, radians, was not cut for this corner. */
    private static final double MOST_TURNED = Math.toRadians(10);

    public Assembly {
        errors = List.copyOf(errors);
    }

    /** Whether frames of this shape can be judged: flat, and with straight sides. */
    public static boolean canJudge(Plan plan) {
        return plan.contours() != null && plan.job().outline().shape().isStraight() && !plan.job().outline().isSloped()
                && plan.job().joint() == CornerJoint.MITER;
    }

    /** Pieces of which something was measured that no saw gets wrong by so much: other pieces, or slips of the pen. */
    public static List<Piece> unlikely(Plan plan) {
        return plan.pieces().stream().filter(piece -> isUnlikely(plan, piece)).toList();
    }

    private static boolean isUnlikely(Plan plan, Piece piece) {
        CutError error = plan.job().checks().of(piece).error(piece);
        return Math.abs(error.length()) > Math.max(MOST_OFF_MM, MOST_OFF * piece.outer().toMm())
                || Math.max(Math.abs(error.left()), Math.abs(error.right())) > MOST_TURNED;
    }

    /** By how much each piece is off; one of which that is unlikely is taken as planned. */
    public static List<CutError> errors(Plan plan) {
        return plan.pieces().stream().map(piece -> isUnlikely(plan, piece)
                ? CutError.NONE
                : plan.job().checks().of(piece).error(piece)).toList();
    }

    /** Of a plan whose pieces were measured; empty when none were, or the shape cannot be judged. */
    public static Optional<Assembly> of(Plan plan) {
        Checks checks = plan.job().checks();
        return checks.measured().isEmpty() || !canJudge(plan) || !unlikely(plan).isEmpty()
                ? Optional.empty()
                : Optional.of(of(plan, errors(plan)));
    }

    private static Assembly of(Plan plan, List<CutError> errors) {
        List<Piece> pieces = plan.pieces();
        boolean plain = plan.job().stock().flippable();
        double limit = plan.job().checks().gapLimit().toMm();
        BestOrder order = pieces.size() <= BestOrder.MOST_EXACT
                ? BestOrder.of(pieces, errors, plain).ifWorthIt(limit)
                : null;
        List<CutError> placed = order == null ? errors : order.placed(errors);
        MeasuredPack pack = MeasuredPack.of(plan, Objects.requireNonNull(plan.contours()), placed);
        double[] play = pack.play().stream().mapToDouble(each -> Math.max(0, each - LEAST_PLAY)).toArray();
        return new Assembly(errors, Closing.of(pieces, errors), order,
                Shaving.least(pieces, placed, limit, play,
                        plan.job().section().rabbet().width().toMm()));
    }

    /** How a frame would close if every cut were off by the same, radians. */
    public static Closing steady(Plan plan, double error) {
        return Closing.of(plan.pieces(),
                Collections.nCopies(plan.pieces().size(), new CutError(0, error, error)));
    }

    /** The piece that goes in a place, by its letter: "C", or "C, turned". */
    public static String inPlace(Plan plan, BestOrder order, int place) {
        String name = plan.pieces().get(order.pieces().get(place)).name();
        return order.turned().get(place) ? SawTexts.TURNED.formatted(name) : name;
    }
}
