package neatcorner.stock;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import neatcorner.measure.Length;
import org.jspecify.annotations.Nullable;

/**
 * Lumber as it comes, before it is jointed, ripped and planed.
 *
 * @param bow     how far its middle stands off a straight line along its length
 * @param price   of one; null for a board that is already paid for
 * @param defects stretches along it that no stick may have
 * @param ring    the ring that its sticks are for; empty for the frame itself
 */
@RecordBuilder
public record RoughBoard(String name, Length length, Length width, Length thickness, Length bow, int count,
        @Nullable Double price, List<Span> defects, String ring) implements RoughBoardBuilder.With {

    public RoughBoard {
        defects = List.copyOf(defects);
    }

    /** For the frame itself. */
    public RoughBoard(String name, Length length, Length width, Length thickness, Length bow, int count,
            @Nullable Double price, List<Span> defects) {
        this(name, length, width, thickness, bow, count, price, defects, "");
    }

    /** Volume of one, in cubic metres. */
    public double volume() {
        return length.toMm() * width.toMm() * thickness.toMm() * 1e-9;
    }
}
