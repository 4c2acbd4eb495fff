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
 * @param trim     taken off every edge first, where it is bruised; zero for none
 */
public record Sheet(String name, String material, Length width, Length height, int count, @Nullable Double price,
        boolean grained, Length trim) {

    /** With sound edges. */
    public Sheet(String name, String material, Length width, Length height, int count, @Nullable Double price,
            boolean grained) {
        this(name, material, width, height, count, price, grained, Length.ZERO);
    }

    public double cost() {
        return price == null ? 0 : price;
    }

    public Sheet withCount(int newCount) {
        return new Sheet(name, material, width, height, newCount, price, grained, trim);
    }

    public Sheet withSize(Length newWidth, Length newHeight) {
        return new Sheet(name, material, newWidth, newHeight, count, price, grained, trim);
    }

    public Sheet withName(String newName) {
        return new Sheet(newName, material, width, height, count, price, grained, trim);
    }

    public Sheet withPrice(@Nullable Double newPrice) {
        return new Sheet(name, material, width, height, count, newPrice, grained, trim);
    }

    public Sheet withGrained(boolean newGrained) {
        return new Sheet(name, material, width, height, count, price, newGrained, trim);
    }

    public Sheet withTrim(Length newTrim) {
        return new Sheet(name, material, width, height, count, price, grained, newTrim);
    }
}
