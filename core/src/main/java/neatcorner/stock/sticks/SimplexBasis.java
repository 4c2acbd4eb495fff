package neatcorner.stock.sticks;

/**
 * The basis of a linear program whose columns are found one by one: a revised simplex on a dense inverse. Each row is met
 * exactly by columns in amounts that are never negative, at the least cost.
 */
final class SimplexBasis {
    private final double[][] inverse;
    private final double[] amounts;
    private final double[] costs;

    /**
     * Begins with one column a row, which has nothing in any other.
     *
     * @param diagonal what it has in its own
     * @param amounts  how much of it meets the row
     * @param costs    of one of it
     */
    SimplexBasis(double[] diagonal, double[] amounts, double[] costs) {
        this.amounts = amounts;
        this.costs = costs;
        inverse = new double[diagonal.length][diagonal.length];
        for (int row = 0; row < diagonal.length; row++) {
            inverse[row][row] = 1 / diagonal[row];
        }
    }

    /** How much of the column that stands in a row is used. */
    double amount(int row) {
        return amounts[row];
    }

    /** How much of each row's column is used. */
    double[] amounts() {
        return amounts;
    }

    /** What one more of each row would cost. */
    double[] duals() {
        double[] duals = new double[amounts.length];
        for (int row = 0; row < duals.length; row++) {
            if (costs[row] != 0) {
                for (int j = 0; j < duals.length; j++) {
                    duals[j] += costs[row] * inverse[row][j];
                }
            }
        }
        return duals;
    }

    /** Brings a column in; the row whose column leaves for it, or −1 where none has to and it would be used without end. */
    int enter(double[] column, double cost) {
        double[] direction = direction(column);
        int leaving = leaving(direction);
        if (leaving < 0) {
            return -1;
        }
        double[] pivots = inverse[leaving];
        double pivot = direction[leaving];
        double step = amounts[leaving] / pivot;
        for (int j = 0; j < pivots.length; j++) {
            pivots[j] /= pivot;
        }
        for (int row = 0; row < amounts.length; row++) {
            double factor = direction[row];
            if (row != leaving && factor != 0) {
                double[] own = inverse[row];
                for (int j = 0; j < own.length; j++) {
                    own[j] -= factor * pivots[j];
                }
                amounts[row] = Math.max(0, amounts[row] - factor * step);
            }
        }
        amounts[leaving] = step;
        costs[leaving] = cost;
        return leaving;
    }

    /** How much of each column of the basis one of the new column takes the place of. */
    private double[] direction(double[] column) {
        double[] direction = new double[column.length];
        for (int row = 0; row < column.length; row++) {
            for (int j = 0; j < column.length; j++) {
                if (column[j] != 0) {
                    direction[row] += inverse[row][j] * column[j];
                }
            }
        }
        return direction;
    }

    /** The row that is used up first; of several, the one with the largest pivot. */
    private int leaving(double[] direction) {
        int leaving = -1;
        double least = Double.MAX_VALUE;
        for (int row = 0; row < direction.length; row++) {
            if (direction[row] > 1e-8) {
                double ratio = amounts[row] / direction[row];
                if (ratio < least - 1e-12 || (ratio < least + 1e-12 && direction[row] > direction[leaving])) {
                    least = ratio;
                    leaving = row;
                }
            }
        }
        return leaving;
    }
}
