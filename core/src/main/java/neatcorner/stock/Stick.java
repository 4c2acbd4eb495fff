package neatcorner.stock;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import neatcorner.measure.Length;
import neatcorner.wood.Species;
import org.jspecify.annotations.Nullable;

/**
 * A kind of stick on the rack: finished section, ready to be cut.
 *
 * @param count     how many there are
 * @param price     for one, in the shop's money; null for a stick that is already paid for
 * @param defects   stretches that no piece may touch; the same on each stick of this kind
 * @param wood      what it is of; null for the wood of the frame
 * @param width     across its face; null when it is as wide as the job's section
 * @param thickness front to back; null when it is as thick as the job's section
 */
@RecordBuilder
public record Stick(String name, Length length, int count, @Nullable Double price, List<Span> defects,
        @Nullable Species wood, @Nullable Length width,
        @Nullable Length thickness) implements StickBuilder.With {

    /** A stick of the job's own section. */
    public Stick(String name, Length length, int count, @Nullable Double price, List<Span> defects) {
        this(name, length, count, price, defects, null, null, null);
    }

    /** A stick of the frame's wood. */
    public Stick(String name, Length length, int count, @Nullable Double price, List<Span> defects,
            @Nullable Length width, @Nullable Length thickness) {
        this(name, length, count, price, defects, null, width, thickness);
    }

    /** Whether it is milled to the frame's own section, and no blank of some other size or wood. */
    public boolean isOfTheFrame() {
        return wood == null && width == null && thickness == null;
    }

    public Stick {
        defects = List.copyOf(defects);
    }

    /** With a width and a thickness of its own; null for the job's section's. */
    public Stick withAcross(@Nullable Length newWidth, @Nullable Length newThickness) {
        return new Stick(name, length, count, price, defects, wood, newWidth, newThickness);
    }

    /** What one costs, nothing for a stick that is already paid for. */
    public double cost() {
        return price == null ? 0 : price;
    }

    /** The clear stretches between the end trim, the defects and the far end, in order; defects may overlap. */
    public List<Span> clear(Length endTrim) {
        List<Span> clear = new ArrayList<>();
        Length from = endTrim;
        for (Span defect : defects.stream().sorted(Comparator.comparing(Span::from)).toList()) {
            Length to = Length.min(defect.from(), length);
            if (to.isMoreThan(from)) {
                clear.add(new Span(from, to));
            }
            from = Length.max(from, defect.to());
        }
        if (length.isMoreThan(from)) {
            clear.add(new Span(from, length));
        }
        return clear;
    }
}
