package neatcorner.stock;

import java.util.ArrayList;
import java.util.List;
import neatcorner.measure.Length;

/**
 * How rough boards of one kind become sticks of a width and thickness: cut to rough lengths between the defects, one face
 * jointed flat, one edge straight, resawn into layers if it is thick enough, ripped, planed.
 *
 * <p>A shorter length has less bow: it shrinks with the square of the length (a circular arc, nearly). So a bowed board may
 * give more layers when it is cut shorter first, as long as the pieces still fit; what gives most stick is chosen. The
 * stick may lie flat in the board or stand on edge.
 *
 * @param onEdge whether the stick's width comes out of the board's thickness
 * @param cuts   what each clear stretch gives
 */
public record BoardMilling(RoughBoard board, Allowances allowances, Length width, Length thickness, boolean onEdge,
        List<Stretch> cuts) {
    /** No stick is shorter, whatever the pieces are. */
    private static final Length LEAST_STICK = Length.mm(50);

    public BoardMilling {
        cuts = List.copyOf(cuts);
    }

    /**
     * What a clear stretch of the board gives.
     *
     * @param from    where it starts on the board
     * @param lengths into how many rough lengths it is cut
     * @param rough   how long each is
     * @param bow     of each
     * @param layers  that each is resawn to
     * @param strips  that each layer is ripped to
     * @param stick   length of a stick
     */
    public record Stretch(Length from, int lengths, Length rough, Length bow, int layers, int strips, Length stick) {

        /** From one board. */
        public int sticks() {
            return lengths * layers * strips;
        }
    }

    /** The best for sticks of which the longest piece takes so much; zero when any length will do. */
    public static BoardMilling of(RoughBoard board, Length width, Length thickness, Length longest,
            Allowances allowances) {
        BoardMilling flat = lying(board, width, thickness, false, longest, allowances);
        BoardMilling onEdge = lying(board, width, thickness, true, longest, allowances);
        return worth(onEdge, longest) > worth(flat, longest) ? onEdge : flat;
    }

    private static BoardMilling lying(RoughBoard board, Length width, Length thickness, boolean onEdge, Length longest,
            Allowances allowances) {
        Stick asStick = new Stick("", board.length(), 1, null, board.defects());
        List<Stretch> cuts = new ArrayList<>();
        for (Span clear : asStick.clear(Length.ZERO)) {
            Stretch best = null;
            long each = Length.max(longest, LEAST_STICK).plus(allowances.roughLength()).units();
            for (int lengths = 1; lengths <= Math.max(1, clear.length().units() / each); lengths++) {
                Stretch stretch = stretch(board, clear, lengths, onEdge ? thickness : width,
                        onEdge ? width : thickness, allowances);
                boolean longEnough = !stretch.stick.isLessThan(longest) && stretch.stick.isPositive();
                if (longEnough && stretch.sticks() > 0 && (best == null || worth(stretch, longest) > worth(best,
                        longest))) {
                    best = stretch;
                }
            }
            if (best != null) {
                cuts.add(best);
            }
        }
        return new BoardMilling(board, allowances, width, thickness, onEdge, cuts);
    }

    /** How many of the longest pieces its sticks hold counts; then all their length. */
    private static double worth(Stretch stretch, Length longest) {
        double pieces = longest.isPositive() ? stretch.stick.units() / longest.units() : 0;
        return stretch.sticks() * (stretch.stick.toMm() + 1e7 * pieces);
    }

    private static double worth(BoardMilling milling, Length longest) {
        return milling.cuts.stream().mapToDouble(cut -> worth(cut, longest)).sum();
    }

    private static Stretch stretch(RoughBoard board, Span clear, int lengths, Length across, Length deep,
            Allowances a) {
        Length rough = new Length(clear.length().units() / lengths);
        double share = rough.over(board.length());
        Length bow = board.bow().scaled(share * share);
        return new Stretch(clear.from(), lengths, rough, bow,
                layers(board.thickness().minus(a.face()).minus(bow), deep, a),
                strips(board.width().minus(a.edge()), across, a), rough.minus(a.roughLength()));
    }

    /** How many layers a jointed thickness gives; between two of them the resaw takes its kerf and each is cleaned up. */
    private static int layers(Length jointed, Length layer, Allowances a) {
        Length each = layer.plus(a.planing());
        Length between = a.resawKerf().plus(a.resawClean());
        Length left = jointed.plus(between);
        return left.isPositive() ? (int) Math.max(0, left.units() / each.plus(between).units()) : 0;
    }

    private static int strips(Length jointed, Length strip, Allowances a) {
        Length left = jointed.plus(a.ripKerf());
        return left.isPositive() ? (int) Math.max(0, left.units() / strip.plus(a.ripKerf()).units()) : 0;
    }

    /** All stick that one board gives, end to end. */
    public Length total() {
        return Length.sum(cuts.stream().map(cut -> cut.stick.times(cut.sticks())).toList());
    }

    /** Sticks that all such boards give; each bears its share of their price. */
    public List<Stick> sticks() {
        int all = cuts.stream().mapToInt(Stretch::sticks).sum();
        Double price = board.price();
        Double each = price == null || all == 0 ? null : (Double) (Math.round(price / all * 100) / 100.0);
        List<Stick> sticks = new ArrayList<>();
        for (Stretch cut : cuts) {
            sticks.add(new Stick(board.name() + ", milled", cut.stick, cut.sticks() * board.count(), each, List.of()));
        }
        return sticks;
    }

    /** The widest strip, or thickest layer, of which the board would give one more; zero when that is nothing. */
    public Length forOneMore(boolean ofWidth) {
        if (cuts.isEmpty()) {
            Length across = ofWidth ? board.width().minus(allowances.edge()) : jointed();
            return Length.max(Length.ZERO, across);
        }
        boolean strips = ofWidth != onEdge;
        int more = (strips ? cuts.getFirst().strips : cuts.getFirst().layers) + 1;
        Length between = strips ? allowances.ripKerf() : allowances.resawKerf().plus(allowances.resawClean());
        Length room = strips ? board.width().minus(allowances.edge()) : jointed();
        Length each = new Length(room.plus(between).units() / more).minus(between);
        return Length.max(Length.ZERO, strips ? each : each.minus(allowances.planing()));
    }

    private Length jointed() {
        Length bow = cuts.isEmpty() ? board.bow() : cuts.getFirst().bow;
        return board.thickness().minus(allowances.face()).minus(bow).minus(
                cuts.isEmpty() ? allowances.planing() : Length.ZERO);
    }
}
