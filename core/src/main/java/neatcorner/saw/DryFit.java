package neatcorner.saw;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import neatcorner.measure.Angle;
import neatcorner.measure.Fine;
import neatcorner.measure.Sentence;

/**
 * A rectangle put together dry: what is open at each corner, and what its diagonals say.
 *
 * @param heels  opening at the outside of each corner, clockwise from the top left; millimetres
 * @param toes   opening at the inside
 * @param steps  by how much one face stands above the other at each corner
 * @param first  diagonal from the top left, millimetres; zero when it was not measured
 * @param second diagonal from the top right
 * @param rocks  how far one corner lifts off a flat table
 */
public record DryFit(List<Double> heels, List<Double> toes, List<Double> steps, double first, double second,
        double rocks) {
    private static final int CORNERS = 4;
    /** What a maker reads off a gap, a tape or a table is true to about so much, mm: from memory. */
    private static final double READ = 0.12;
    private static final double WIDEST = 3;
    private static final double TAPE = 0.5;
    private static final String[] PIECES = {"A", "B", "C", "D"};

    /** Throws {@link IllegalArgumentException} unless there are readings for four corners. */
    public DryFit {
        heels = List.copyOf(heels);
        toes = List.copyOf(toes);
        steps = List.copyOf(steps);
        if (heels.size() != CORNERS || toes.size() != CORNERS || steps.size() != CORNERS) {
            throw new IllegalArgumentException("readings are for four corners");
        }
    }

    public static DryFit closed() {
        List<Double> none = List.of(0.0, 0.0, 0.0, 0.0);
        return new DryFit(none, none, none, 0, 0, 0);
    }

    /** What can be wrong. */
    public enum Fault {
        NONE,
        SAW_ANGLE,
        PAIR_LENGTH,
        ONE_END,
        BEVEL,
        OUT_OF_SQUARE,
        WIND
    }

    /**
     * A cause with how likely it is among those weighed.
     *
     * @param piece letter of the piece it lies in; empty when it lies in all
     * @param odds  0 to 1
     * @param words what it is and what to do
     */
    public record Cause(Fault fault, String piece, double odds, Sentence words) {}

    /** A pattern that a fault leaves on heels and toes, for a gap of one. */
    private record Pattern(Fault fault, String piece, double[] leaves, double prior) {}

    /** With one reading changed: at a corner, 0 heel, 1 toe, 2 step. */
    public DryFit with(int corner, int what, double gap) {
        List<Double> changed = new ArrayList<>(what == 0 ? heels : what == 1 ? toes : steps);
        changed.set(corner, gap);
        return new DryFit(what == 0 ? changed : heels, what == 1 ? changed : toes, what == 2 ? changed : steps, first,
                second, rocks);
    }

    public DryFit withDiagonals(double newFirst, double newSecond) {
        return new DryFit(heels, toes, steps, newFirst, newSecond, rocks);
    }

    public DryFit withRocks(double lift) {
        return new DryFit(heels, toes, steps, first, second, lift);
    }

    /**
     * The causes, the likeliest first. Each fault leaves a pattern of gaps; how well the best fit of each explains the
     * readings, with what makers read being a little wrong, gives its likelihood (least squares, Gaussian errors, odds by
     * Bayes' rule).
     *
     * @param face contact length of a corner, mm
     * @param a    outer length of top and bottom, mm
     * @param b    outer length of the sides, mm
     */
    public List<Cause> causes(double face, double a, double b) {
        double[] seen = new double[2 * CORNERS];
        for (int i = 0; i < CORNERS; i++) {
            seen[2 * i] = heels.get(i);
            seen[2 * i + 1] = toes.get(i);
        }
        List<Cause> causes = new ArrayList<>();
        double sum = 0;
        double diagonals = first > 0 && second > 0 ? first - second : 0;
        double step = steps.stream().mapToDouble(s -> s).max().orElse(0);
        for (Pattern pattern : patterns()) {
            double size = fitted(seen, pattern.leaves);
            double left = 0;
            for (int k = 0; k < seen.length; k++) {
                left += square((seen[k] - size * pattern.leaves[k]) / READ);
            }
            left += pattern.fault == Fault.OUT_OF_SQUARE ? 0 : toleranceOf(diagonals, pattern.fault, size);
            left += pattern.fault == Fault.BEVEL ? 0 : square(step / READ);
            left += pattern.fault == Fault.WIND ? 0 : square(rocks / (2 * READ));
            double odds = pattern.prior * Math.exp(-left / 2) * freedom(pattern.leaves);
            sum += odds;
            causes.add(new Cause(pattern.fault, pattern.piece, odds,
                    words(pattern.fault, pattern.piece, size, face, a, b, diagonals, step)));
        }
        double whole = sum;
        return causes.stream().map(c -> new Cause(c.fault, c.piece, whole > 0 ? c.odds / whole : 0, c.words))
                .filter(c -> c.odds > 0.01).sorted(Comparator.comparingDouble(Cause::odds).reversed()).toList();
    }

    /** Gaps leave the diagonals uncertain by about their own size; a frame without gaps shows its squareness plainly. */
    private static double toleranceOf(double diagonals, Fault fault, double size) {
        double spread = fault == Fault.PAIR_LENGTH || fault == Fault.ONE_END ? TAPE + 3 * Math.abs(size) : TAPE;
        return square(diagonals / spread);
    }

    /**
     * A pattern whose size was fitted explains a little of anything: the share of its likely sizes, up to {@value
     * #WIDEST} mm, that the readings leave open (Occam's factor; Bayes).
     */
    private static double freedom(double[] pattern) {
        double norm = java.util.Arrays.stream(pattern).map(DryFit::square).sum();
        return norm == 0 ? 1 : Math.min(1, READ * Math.sqrt(2 * Math.PI / norm) / WIDEST);
    }

    private static double fitted(double[] seen, double[] pattern) {
        double dot = 0;
        double square = 0;
        for (int k = 0; k < seen.length; k++) {
            dot += seen[k] * pattern[k];
            square += pattern[k] * pattern[k];
        }
        return square > 0 ? Math.max(0, dot / square) : 0;
    }

    private static double square(double x) {
        return x * x;
    }

    private static List<Pattern> patterns() {
        List<Pattern> patterns = new ArrayList<>();
        patterns.add(new Pattern(Fault.NONE, "", new double[8], 0.5));
        patterns.add(new Pattern(Fault.SAW_ANGLE, "heel", at(0, 1, 2, 3), 0.25));
        patterns.add(new Pattern(Fault.SAW_ANGLE, "toe", toes(0, 1, 2, 3), 0.25));
        for (int piece = 0; piece < CORNERS; piece++) {
            int next = (piece + 1) % CORNERS;
            patterns.add(new Pattern(Fault.PAIR_LENGTH, PIECES[piece], both(piece, next), 0.05));
        }
        patterns.add(new Pattern(Fault.PAIR_LENGTH, "opposite", both(0, 2), 0.05));
        patterns.add(new Pattern(Fault.PAIR_LENGTH, "opposite", both(1, 3), 0.05));
        for (int corner = 0; corner < CORNERS; corner++) {
            patterns.add(new Pattern(Fault.ONE_END, PIECES[(corner + 3) % CORNERS] + PIECES[corner], at(corner), 0.04));
            patterns.add(
                    new Pattern(Fault.ONE_END, PIECES[(corner + 3) % CORNERS] + PIECES[corner], toes(corner), 0.04));
        }
        patterns.add(new Pattern(Fault.BEVEL, "", new double[8], 0.1));
        patterns.add(new Pattern(Fault.OUT_OF_SQUARE, "", new double[8], 0.1));
        patterns.add(new Pattern(Fault.WIND, "", new double[8], 0.05));
        return patterns;
    }

    private static double[] at(int... corners) {
        double[] pattern = new double[2 * CORNERS];
        for (int corner : corners) {
            pattern[2 * corner] = 1;
        }
        return pattern;
    }

    private static double[] toes(int... corners) {
        double[] pattern = new double[2 * CORNERS];
        for (int corner : corners) {
            pattern[2 * corner + 1] = 1;
        }
        return pattern;
    }

    private static double[] both(int... corners) {
        double[] pattern = at(corners);
        for (int corner : corners) {
            pattern[2 * corner + 1] = 1;
        }
        return pattern;
    }

    private static Sentence words(Fault fault, String piece, double size, double face, double a, double b,
            double diagonals, double step) {
        return switch (fault) {
            case NONE -> Sentence.of("Nothing to mend: all joints close.");
            case SAW_ANGLE -> Sentence.of(piece.equals("toe")
                    ? "The saw cuts its miters too big: turn it towards square by {0} and cut again, or shave each heel."
                    : "The saw cuts its miters too small: turn it away from square by {0} and cut again, or shave each toe.",
                    Angle.ofRadians(Math.atan(size / face) / 2));
            case PAIR_LENGTH -> piece.equals("opposite")
                    ? Sentence
                            .of("Opposite sides differ in length by about {0}: lay each pair together, shave the longer"
                                    + " to match the shorter.", new Fine(size * Math.sqrt(2)))
                    : Sentence.of(
                            "Piece " + piece + " is about {0} shorter than the one across from it: shave that one to"
                                    + " match, or cut " + piece + " again.",
                            new Fine(2 * size * Math.sqrt(2)));
            case ONE_END ->
                Sentence.of("One cut at corner " + piece + " is off by {0}: shave it, or cut that end again.",
                        Angle.ofRadians(Math.atan(size / face)));
            case BEVEL -> Sentence.of(
                    "The faces are stepped by {0}: the blade does not stand square to the table, or the sticks differ in"
                            + " thickness.",
                    new Fine(step));
            case OUT_OF_SQUARE -> Sentence.of(
                    diagonals > 0
                            ? "All joints close, but the frame leans: squeeze the diagonal from the top left until both agree,"
                                    + " {0} out of square now."
                            : "All joints close, but the frame leans: squeeze the diagonal from the top right until both agree,"
                                    + " {0} out of square now.",
                    Angle.ofRadians(Math.abs(diagonals) * Math.hypot(a, b) / (2 * a * b)));
            case WIND -> Sentence.of("A side is twisted: sight along each piece, plane or replace the one that winds.");
        };
    }
}
