package neatcorner.hanging;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.measure.Mass;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.ojalgo.matrix.store.MatrixStore;
import org.ojalgo.matrix.store.R064Store;
import org.ojalgo.matrix.task.SolverTask;
import org.ojalgo.RecoverableCondition;

class StaticsTest {
    private static final int ELEMENTS = 200;

    /** Statics: at 30° the tension of each leg equals the weight. */
    @Test
    void atThirtyDegreesEachLegPullsTheWeight() {
        Wire wire = Wire.of(new Mass(4.2), Length.mm(640), Length.mm(248), Angle.ofDegrees(30), Length.ZERO,
                Length.mm(100));
        assertEquals(4.2 * 9.80665, wire.tension(), 1e-9);
        assertEquals(248 - 320 * Math.tan(Math.PI / 6), wire.drop().toMm(), 0.001);
        assertEquals(2 * 320 / Math.cos(Math.PI / 6) + 200, wire.length().toMm(), 0.001);
    }

    @Property(tries = 200)
    void theLegsCarryTheWeightAndPullAlike(@ForAll @DoubleRange(min = 5, max = 80) double degrees,
            @ForAll @DoubleRange(min = 0.1, max = 60) double kilograms,
            @ForAll @DoubleRange(min = 0, max = 500) double apart) {
        Wire wire = Wire.of(new Mass(kilograms), Length.mm(600), Length.mm(400), Angle.ofDegrees(degrees),
                Length.mm(apart), Length.mm(100));
        double up = 2 * wire.tension() * Math.sin(Math.toRadians(degrees));
        assertEquals(kilograms * Hanging.GRAVITY, up, 1e-9 * up);
        assertEquals(wire.tension(), Math.hypot(wire.pull(), up / 2), 1e-9 * up);
    }

    /**
     * Beam tables, American Wood Council, Design Aid 6 (from memory), against a finite-element beam of 200 elements: the
     * largest deflection agrees to 0.1 %.
     */
    @Property(tries = 20)
    void theDeflectionAgreesWithAFiniteElementBeam(@ForAll @DoubleRange(min = 0.1, max = 0.9) double share,
            @ForAll @DoubleRange(min = 200, max = 2000) double length) throws RecoverableCondition {
        long at = Math.round(share * ELEMENTS);
        double force = 40;
        Beam beam = new Beam(length, 12_000, 9_000);
        double largest = finiteElements(beam, force, (int) at);
        assertEquals(largest, beam.deflection(force, at * length / ELEMENTS), 0.001 * largest);
    }

    /** Euler–Bernoulli elements with a deflection and a slope at each node, held at both ends. */
    private static double finiteElements(Beam beam, double force, int loaded) throws RecoverableCondition {
        int nodes = ELEMENTS + 1;
        int size = 2 * nodes;
        double h = beam.length() / ELEMENTS;
        double k = beam.stiffness() * beam.moment() / (h * h * h);
        double[][] element = {{12, 6 * h, -12, 6 * h}, {6 * h, 4 * h * h, -6 * h, 2 * h * h},
            {-12, -6 * h, 12, -6 * h}, {6 * h, 2 * h * h, -6 * h, 4 * h * h}};
        R064Store stiffness = R064Store.FACTORY.make(size, size);
        for (int e = 0; e < ELEMENTS; e++) {
            for (int i = 0; i < 4; i++) {
                for (int j = 0; j < 4; j++) {
                    stiffness.add(2L * e + i, 2L * e + j, k * element[i][j]);
                }
            }
        }
        for (int held : new int[]{0, size - 2}) {
            for (int i = 0; i < size; i++) {
                stiffness.set(held, i, 0);
                stiffness.set(i, held, 0);
            }
            stiffness.set(held, held, k);
        }
        R064Store load = R064Store.FACTORY.make(size, 1);
        load.set(2L * loaded, 0, force);
        MatrixStore<Double> bent = SolverTask.R064.make(stiffness, load).solve(stiffness, load);
        double largest = 0;
        for (int i = 0; i < nodes; i++) {
            largest = Math.max(largest, Math.abs(bent.doubleValue(2L * i, 0)));
        }
        return largest;
    }

    @Test
    void aBarScrewedToASideStiffensIt() {
        Beam side = new Beam(800, 12_000, 3_000);
        double alone = side.deflection(40, 240);
        assertTrue(side.with(new Beam(800, 8_500, 10_000)).deflection(40, 240) < alone / 3);
        assertEquals(0, side.deflection(40, 900), 0);
    }
}
