package neatcorner.saw.measured;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;

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
@RecordBuilder
public record DryFit(List<Double> heels, List<Double> toes, List<Double> steps, double first, double second,
        double rocks) implements DryFitBuilder.With {
    private static final int CORNERS = 4;

    /** Throws {@link IllegalArgumentException} unless there are readings for four corners. */
    public DryFit {
        heels = List.copyOf(heels);
        toes = List.copyOf(toes);
        steps = List.copyOf(steps);
        if (heels.size() != CORNERS || toes.size() != CORNERS || steps.size() != CORNERS) {
            throw new IllegalArgumentException("readings are for four corners");
        }
    }

    /** All corners closed, diagonals not measured. */
    public static DryFit closed() {
        List<Double> none = List.of(0.0, 0.0, 0.0, 0.0);
        return new DryFit(none, none, none, 0, 0, 0);
    }

    /** With one reading changed: at a corner, 0 heel, 1 toe, 2 step. */
    public DryFit with(int corner, int what, double gap) {
        List<Double> changed = new ArrayList<>(what == 0 ? heels : what == 1 ? toes : steps);
        changed.set(corner, gap);
        return new DryFit(what == 0 ? changed : heels, what == 1 ? changed : toes, what == 2 ? changed : steps, first,
                second, rocks);
    }

    /** With both diagonals, mm; zero for one that was not measured. */
    public DryFit withDiagonals(double newFirst, double newSecond) {
        return new DryFit(heels, toes, steps, newFirst, newSecond, rocks);
    }
}
