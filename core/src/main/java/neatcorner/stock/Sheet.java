package neatcorner.stock;

import io.soabase.recordbuilder.core.RecordBuilder;
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
@RecordBuilder
public record Sheet(String name, String material, Length width, Length height, int count, @Nullable Double price,
        boolean grained, Length trim) implements SheetBuilder.With {

    /** With sound edges. */
    public Sheet(String name, String material, Length width, Length height, int count, @Nullable Double price,
            boolean grained) {
        this(name, material, width, height, count, price, grained, Length.ZERO);
    }

    /** What one costs, nothing for a sheet that is already paid for. */
    public double cost() {
        return price == null ? 0 : price;
    }

    /** With another width and height. */
    public Sheet withSize(Length newWidth, Length newHeight) {
        return new Sheet(name, material, newWidth, newHeight, count, price, grained, trim);
    }
}
