package neatcorner.stock.sticks;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.Arrays;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Equations that are met exactly whatever enters: amounts and prices are checked by multiplying out, with no inverse. */
class SimplexBasisTest {

    /** Two rows: 6 and 8 are wanted. The column (2, 2) costs 1; three of it meet the first row, and two of the second stay. */
    @Test
    void aColumnThatSavesTakesTheRowThatIsUsedUpFirst() {
        SimplexBasis basis = new SimplexBasis(new double[]{1, 1}, new double[]{6, 8}, new double[]{1, 1});
        assertArrayEquals(new double[]{1, 1}, basis.duals(), 1e-12);
        assertEquals(0, basis.enter(new double[]{2, 2}, 1));
        assertArrayEquals(new double[]{3, 2}, basis.amounts(), 1e-12);
        assertArrayEquals(new double[]{-0.5, 1}, basis.duals(), 1e-12);
    }

    @Test
    void whatTakesNothingsPlaceIsNotTakenIn() {
        SimplexBasis basis = new SimplexBasis(new double[]{2, 1}, new double[]{3, 8}, new double[]{1, 1});
        assertEquals(-1, basis.enter(new double[]{-1, 0}, 0));
        assertArrayEquals(new double[]{3, 8}, basis.amounts());
    }

    @Test
    void afterAnyColumnsEveryRowIsMetAndEveryColumnOfTheBasisIsWorthItsCost() {
        for (int seed = 0; seed < 300; seed++) {
            Random random = new Random(seed);
            int rows = 1 + random.nextInt(7);
            double[] wanted = new double[rows];
            double[][] columns = new double[rows][rows];
            double[] costs = new double[rows];
            double[] diagonal = new double[rows];
            double[] amounts = new double[rows];
            for (int i = 0; i < rows; i++) {
                diagonal[i] = 1 + random.nextInt(4);
                columns[i][i] = diagonal[i];
                wanted[i] = 1 + random.nextInt(30);
                amounts[i] = wanted[i] / diagonal[i];
                costs[i] = random.nextInt(5);
            }
            SimplexBasis basis = new SimplexBasis(diagonal, amounts, costs.clone());
            for (int round = 0; round < 12; round++) {
                double[] column = random.doubles(rows, 0, 4).map(Math::floor).toArray();
                double cost = random.nextInt(5);
                int row = basis.enter(column, cost);
                if (row >= 0) {
                    columns[row] = column;
                    costs[row] = cost;
                }
                for (int j = 0; j < rows; j++) {
                    double met = 0;
                    for (int i = 0; i < rows; i++) {
                        met += basis.amount(i) * columns[i][j];
                    }
                    assertEquals(wanted[j], met, 1e-6, "row " + j + ", seed " + seed);
                }
                double[] duals = basis.duals();
                for (int i = 0; i < rows; i++) {
                    double worth = 0;
                    for (int j = 0; j < rows; j++) {
                        worth += duals[j] * columns[i][j];
                    }
                    assertEquals(costs[i], worth, 1e-6, "column " + i + ", seed " + seed);
                }
                assertEquals(0, Arrays.stream(basis.amounts()).filter(amount -> amount < 0).count());
            }
        }
    }
}
