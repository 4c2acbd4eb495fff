package neatcorner.saw.measured;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * What may have caused the readings of a dry fit, one cause or up to three together, weighed against each other, and against
 * that it was something else.
 *
 * <p>Each cause leaves a pattern on the readings, in proportion to its size: how much each corner opens at the heel or at the
 * toe, how much it stands apart at both, what the diagonals differ by, what steps and what rocks. Readings are a little
 * wrong, and causes are small rather than large; both are taken as Gaussian, so that how well some causes explain what was
 * read has a closed form, in which each more must earn its place (marginal likelihood of a linear model; Bishop, Pattern
 * Recognition and Machine Learning, 3.5). What leaves more than a reading's error is no explanation. That it was something
 * else makes every reading as likely as any other of its size.
 */
public final class DryFitReading {
    private static final int CORNERS = 4;
    private static final int DIAGONALS = 2 * CORNERS;
    private static final int STEP = DIAGONALS + 1;
    private static final int ROCKS = STEP + 1;
    private static final int READINGS = ROCKS + 1;
    /** What a maker reads off a gap, a tape or a table is true to about so much, mm: from memory. */
    private static final double READ = 0.12;
    private static final double TAPE = 0.7;
    /** A gap that causes leave unexplained is said from here on, mm; one that they would make and is not there, a little later. */
    private static final double SEEN = 2.1 * READ;
    private static final double MISSED = 2.25 * READ;
    /** Readings of anything else are off by this many of their errors at most. */
    private static final double WITHIN = 3;
    /** Causes at once are so much less likely than each by itself, for every one more. */
    private static final double TOGETHER = 0.5;
    /** That it is something else, before anything is read, and how far that would put a reading off, mm. */
    private static final double OTHER = 0.02;
    private static final double ANYTHING = 0.8;
    private static final double LEAST_ODDS = 0.05;
    private static final int MOST = 3;

    /** What can be wrong. */
    public enum Fault {
        /** Nothing that is more than a reading's own error. */
        NONE,
        /** Something that is none of these. */
        OTHER,
        /** Every cut is off by the same. */
        SAW_ANGLE,
        /** One of the two cuts at a corner. */
        CORNER_CUT,
        /** A piece is short, and both its corners stand open at heel and toe. */
        SHORT_PIECE,
        /** One pair of opposite sides differs in length, and the band draws them up evenly. */
        DRAWN_UP,
        /** Two opposite corners stand open at heel and toe. */
        PAIRS,
        /** One corner stands open at heel and toe. */
        SEATING,
        /** The frame is pushed out of square. */
        RACKED,
        BEVEL,
        WIND
    }

    /**
     * A cause.
     *
     * @param at   the corner, counted clockwise from the top left, or the piece, from the top; -1 for all
     * @param size mm of gap; of a length, mm; negative for the other way
     */
    public record Cause(Fault fault, int at, double size) {}

    /** A reading that an explanation leaves: at a corner's heel or toe, mm. */
    public record Left(int corner, boolean toe, double gap) {}

    /**
     * Causes, three at most.
     *
     * @param causes the greater first; one of {@link Fault#NONE} where nothing is wrong, of {@link Fault#OTHER} where it is none of
     *               these
     * @param odds   0 to 1, against the others
     * @param left   what they do not explain
     */
    public record Explanation(List<Cause> causes, double odds, List<Left> left) {

        public Explanation {
            causes = List.copyOf(causes);
            left = List.copyOf(left);
        }
    }

    /**
     * The frame that was put together.
     *
     * @param contact length along which the faces touch at each corner, clockwise from the top left, mm
     * @param width   outside, mm
     * @param height  outside, mm
     */
    public record Frame(List<Double> contact, double width, double height) {

        double diagonal() {
            return Math.hypot(width, height);
        }
    }

    /** A cause's pattern for a size of one, how large it may be, and how likely it is before anything is read. */
    private record Atom(Fault fault, int at, double[] leaves, double spread, double prior) {}

    private record Fit(List<Atom> atoms, double[] sizes, double weight) {}

    private final DryFit seen;
    private final Frame frame;
    private final double[] readings = new double[READINGS];
    private final double[] errors = new double[READINGS];
    private final List<Atom> atoms;
    private final double[][] products;
    private final double[] with;
    private double misfit;

    private DryFitReading(DryFit seen, Frame frame) {
        this.seen = seen;
        this.frame = frame;
        for (int i = 0; i < CORNERS; i++) {
            readings[i] = seen.heels().get(i) - seen.toes().get(i);
            errors[i] = READ * Math.sqrt(2);
            readings[CORNERS + i] = Math.min(seen.heels().get(i), seen.toes().get(i));
            errors[CORNERS + i] = READ;
        }
        boolean taped = seen.first() > 0 && seen.second() > 0 && !isQuestioned(seen, frame);
        readings[DIAGONALS] = taped ? seen.first() - seen.second() : 0;
        errors[DIAGONALS] = taped ? TAPE : 1e6;
        readings[STEP] = seen.steps().stream().mapToDouble(step -> step).max().orElse(0);
        errors[STEP] = READ;
        readings[ROCKS] = seen.rocks();
        errors[ROCKS] = 2 * READ;
        atoms = atoms();
        products = new double[atoms.size()][atoms.size()];
        with = new double[atoms.size()];
    }

    /** Whether the diagonals cannot be those of this frame, whatever is wrong with it: more than a hundredth off. */
    public static boolean isQuestioned(DryFit seen, Frame frame) {
        return List.of(seen.first(), seen.second()).stream()
                .anyMatch(diagonal -> diagonal > 0 && Math.abs(diagonal - frame.diagonal()) > frame.diagonal() / 100);
    }

    /**
     * The likely explanations, the likeliest first, three at most.
     *
     * @param limit a gap that is let pass, mm: with a wider one, something is wrong
     */
    public static List<Explanation> of(DryFit seen, Frame frame, double limit) {
        return new DryFitReading(seen, frame).explain(limit);
    }

    private List<Explanation> explain(double limit) {
        weigh();
        List<Fit> fits = new ArrayList<>();
        double widest = Math.max(seen.heels().stream().mapToDouble(gap -> gap).max().orElse(0),
                seen.toes().stream().mapToDouble(gap -> gap).max().orElse(0));
        if (widest <= limit) {
            fits.add(fit(0.5));
        }
        for (int i = 0; i < atoms.size(); i++) {
            Atom first = atoms.get(i);
            fits.add(fit(first.prior, i));
            for (int j = 0; j < i; j++) {
                Atom second = atoms.get(j);
                double both = TOGETHER * first.prior * second.prior;
                fits.add(fit(both, i, j));
                for (int k = 0; k < j; k++) {
                    fits.add(fit(TOGETHER * both * atoms.get(k).prior, i, j, k));
                }
            }
        }
        fits.removeIf(fit -> !explains(fit));
        fits.add(new Fit(List.of(other()), new double[]{0}, weightOfOther()));
        fits.sort(Comparator.comparingDouble(Fit::weight).reversed());
        double most = fits.getFirst().weight;
        double sum = fits.stream().mapToDouble(fit -> Math.exp(fit.weight - most)).sum();
        List<Explanation> all = new ArrayList<>();
        for (Fit fit : fits) {
            double odds = Math.exp(fit.weight - most) / sum;
            if (all.isEmpty() || (odds >= LEAST_ODDS && all.size() < MOST)) {
                all.add(new Explanation(causes(fit), odds, left(fit)));
            }
        }
        return List.copyOf(all);
    }

    /** Whether nothing is left that a reading's own error does not make. */
    private boolean explains(Fit fit) {
        for (int r = 0; r < READINGS; r++) {
            double rest = readings[r];
            for (int i = 0; i < fit.atoms.size(); i++) {
                rest -= fit.atoms.get(i).leaves[r] * fit.sizes[i];
            }
            if (Math.abs(rest) > WITHIN * errors[r]) {
                return false;
            }
        }
        return left(fit).isEmpty();
    }

    private static Atom other() {
        return new Atom(Fault.OTHER, -1, new double[READINGS], ANYTHING, OTHER);
    }

    /** As {@link #fit} weighs: each reading off by itself, by anything up to about a millimetre. */
    private double weightOfOther() {
        double weight = Math.log(OTHER);
        for (int r = 0; r < READINGS; r++) {
            double error = errors[r] * errors[r];
            double wide = error + ANYTHING * ANYTHING;
            weight -= (readings[r] * readings[r] / wide + Math.log(wide / error)) / 2;
        }
        return weight;
    }

    private static List<Cause> causes(Fit fit) {
        if (fit.atoms.isEmpty()) {
            return List.of(new Cause(Fault.NONE, -1, 0));
        }
        List<Cause> causes = new ArrayList<>();
        for (int i = 0; i < fit.atoms.size(); i++) {
            causes.add(new Cause(fit.atoms.get(i).fault, fit.atoms.get(i).at, fit.sizes[i]));
        }
        causes.sort(Comparator.comparingDouble((Cause cause) -> Math.abs(cause.size)).reversed());
        return causes;
    }

    /** Each atom as its size is spread, over the readings' errors: products of two, and of one with the readings. */
    private void weigh() {
        for (int r = 0; r < READINGS; r++) {
            misfit += readings[r] * readings[r] / (errors[r] * errors[r]);
        }
        for (int i = 0; i < atoms.size(); i++) {
            for (int r = 0; r < READINGS; r++) {
                double a = atoms.get(i).leaves[r] * atoms.get(i).spread / (errors[r] * errors[r]);
                with[i] += a * readings[r];
                for (int j = 0; j <= i; j++) {
                    products[i][j] += a * atoms.get(j).leaves[r] * atoms.get(j).spread;
                }
            }
        }
    }

    /** Sizes that explain the readings best, and how well they do, as a logarithm; of some atoms, the later first. */
    private Fit fit(double prior, int... chosen) {
        int k = chosen.length;
        double[][] m = new double[k][k];
        double[] v = new double[k];
        for (int i = 0; i < k; i++) {
            v[i] = with[chosen[i]];
            for (int j = 0; j < k; j++) {
                m[i][j] = products[Math.max(chosen[i], chosen[j])][Math.min(chosen[i], chosen[j])];
            }
            m[i][i] += 1;
        }
        double determinant = determinant(m);
        double[] likely = solve(m, v);
        double explained = 0;
        for (int i = 0; i < k; i++) {
            explained += v[i] * likely[i];
            m[i][i] -= 1;
        }
        // Once a cause is chosen its size is what was read: a gap of 1 mm alone comes back as 1 mm.
        double[] x = Math.abs(determinant(m)) > 1e-6 ? solve(m, v) : likely;
        List<Atom> of = new ArrayList<>(k);
        for (int i = 0; i < k; i++) {
            of.add(atoms.get(chosen[i]));
            x[i] *= of.get(i).spread;
        }
        return new Fit(of, x, Math.log(prior) - (misfit - explained + Math.log(determinant)) / 2);
    }

    private static double determinant(double[][] m) {
        return switch (m.length) {
            case 0 -> 1;
            case 1 -> m[0][0];
            case 2 -> m[0][0] * m[1][1] - m[0][1] * m[1][0];
            default -> m[0][0] * (m[1][1] * m[2][2] - m[1][2] * m[2][1])
                    - m[0][1] * (m[1][0] * m[2][2] - m[1][2] * m[2][0])
                    + m[0][2] * (m[1][0] * m[2][1] - m[1][1] * m[2][0]);
        };
    }

    /** By Cramer's rule: three unknowns at most. */
    private static double[] solve(double[][] m, double[] v) {
        double determinant = determinant(m);
        double[] x = new double[v.length];
        for (int i = 0; i < v.length; i++) {
            double[][] with = new double[v.length][];
            for (int row = 0; row < v.length; row++) {
                with[row] = m[row].clone();
                with[row][i] = v[row];
            }
            x[i] = determinant(with) / determinant;
        }
        return x;
    }

    /** Gaps that are wider, or narrower, than the causes make them. */
    private List<Left> left(Fit fit) {
        List<Left> left = new ArrayList<>();
        for (int corner = 0; corner < CORNERS; corner++) {
            double difference = 0;
            double both = 0;
            for (int i = 0; i < fit.atoms.size(); i++) {
                difference += fit.atoms.get(i).leaves[corner] * fit.sizes[i];
                both += fit.atoms.get(i).leaves[CORNERS + corner] * fit.sizes[i];
            }
            double heel = seen.heels().get(corner) - Math.max(0, both) - Math.max(0, difference);
            double toe = seen.toes().get(corner) - Math.max(0, both) - Math.max(0, -difference);
            if (heel > SEEN + 1e-9 || heel < -MISSED) {
                left.add(new Left(corner, false, heel));
            }
            if (toe > SEEN + 1e-9 || toe < -MISSED) {
                left.add(new Left(corner, true, toe));
            }
        }
        return left;
    }

    private List<Atom> atoms() {
        List<Atom> atoms = new ArrayList<>();
        double[] saw = new double[READINGS];
        double[] racked = new double[READINGS];
        double mean = frame.contact.stream().mapToDouble(c -> c).average().orElse(1);
        for (int i = 0; i < CORNERS; i++) {
            saw[i] = -frame.contact.get(i) / mean;
            racked[i] = (i % 2 == 0 ? -1 : 1) * frame.contact.get(i) / mean;
        }
        racked[DIAGONALS] = -2 * frame.width * frame.height / frame.diagonal() / mean;
        atoms.add(new Atom(Fault.SAW_ANGLE, -1, saw, 0.8, 0.25));
        atoms.add(new Atom(Fault.RACKED, -1, racked, 0.4, 0.1));
        for (int i = 0; i < CORNERS; i++) {
            atoms.add(new Atom(Fault.CORNER_CUT, i, at(i), 0.8, 0.06));
            atoms.add(new Atom(Fault.SEATING, i, at(CORNERS + i), 0.6, 0.04));
            atoms.add(new Atom(Fault.SHORT_PIECE, i, at(CORNERS + i, CORNERS + (i + 1) % CORNERS), 0.8, 0.05));
        }
        for (int pair = 0; pair < 2; pair++) {
            atoms.add(new Atom(Fault.PAIRS, pair, at(CORNERS + pair, CORNERS + pair + 2), 0.8, 0.04));
            double[] drawn = new double[READINGS];
            double other = pair == 0 ? frame.height : frame.width;
            for (int i = 0; i < CORNERS; i++) {
                boolean ofLonger = i == pair || i == pair + 1;
                drawn[i] = (ofLonger ? 1 : -1) * frame.contact.get(i) / (2 * other);
            }
            atoms.add(new Atom(Fault.DRAWN_UP, pair, drawn, 5, 0.04));
        }
        atoms.add(new Atom(Fault.BEVEL, -1, at(STEP), 0.8, 0.1));
        atoms.add(new Atom(Fault.WIND, -1, at(ROCKS), 2, 0.05));
        return atoms;
    }

    private static double[] at(int... places) {
        double[] pattern = new double[READINGS];
        for (int place : places) {
            pattern[place] = 1;
        }
        return pattern;
    }
}
