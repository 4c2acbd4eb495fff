package neatcorner.outline;

import java.util.ArrayList;
import java.util.List;
import neatcorner.measure.Length;

/** A width for each side of a rectangle: the faces of a frame, the borders of a mat. Clockwise from the top. */
public record Faces(Length top, Length right, Length bottom, Length left) {

    /** The same on all four sides. */
    public static Faces all(Length width) {
        return new Faces(width, width, width, width);
    }

    /** Left and right together. */
    public Length across() {
        return left.plus(right);
    }

    /** Top and bottom together. */
    public Length down() {
        return top.plus(bottom);
    }

    /** Whether all four are the same. */
    public boolean areEqual() {
        return top.equals(right) && top.equals(bottom) && top.equals(left);
    }

    /** Top, right, bottom, left. */
    public List<Length> list() {
        return List.of(top, right, bottom, left);
    }

    /** From four lengths in the order of {@link #list}; throws {@link IllegalArgumentException} for another count. */
    public static Faces of(List<Length> lengths) {
        if (lengths.size() != 4) {
            throw new IllegalArgumentException("four widths wanted, got " + lengths.size());
        }
        return new Faces(lengths.get(0), lengths.get(1), lengths.get(2), lengths.get(3));
    }

    /** With the width of one side changed; sides count clockwise from the top, 0 … 3. */
    public Faces with(int side, Length width) {
        List<Length> widths = new ArrayList<>(list());
        widths.set(side, width);
        return of(widths);
    }
}
