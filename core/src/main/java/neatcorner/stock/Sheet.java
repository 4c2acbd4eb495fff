package neatcorner.stock;

import neatcorner.measure.Length;
import org.jspecify.annotations.Nullable;

/**
 * A kind of sheet that panels are cut from.
 *
 * @param material what it is of, by its name: glass, mat, hardboard …
 * @param count    how many there are
 * @param price    of one; null for a sheet that is already paid for
 * @param grained  whether it has a pattern or a grain, so that panels may not be turned
 */
public record Sheet(String name, String material, Length width, Length height, int count, @Nullable Double price,
        boolean grained) {

    public double cost() {
        return price == null ? 0 : price;
    }

    public Sheet withCount(int newCount) {
        return new Sheet(name, material, width, height, newCount, price, grained);
    }

    public Sheet withSize(Length newWidth, Length newHeight) {
        return new Sheet(name, material, newWidth, newHeight, count, price, grained);
    }
}
