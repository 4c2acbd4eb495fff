package neatcorner.fitout;

import java.util.ArrayList;
import java.util.List;
import neatcorner.measure.Length;
import neatcorner.outline.Opening;

/**
 * A size that art, mats and ready-made frames come in. Inch sizes: common practice. A-series: ISO 216.
 *
 * @param size upright: height is the longer side
 */
public record StandardSize(String name, Opening size) {
    public static final List<StandardSize> INCH = List.of(inch("4 × 6", 4, 6), inch("5 × 7", 5, 7),
            inch("8 × 10", 8, 10), inch("8½ × 11", 8.5, 11), inch("9 × 12", 9, 12), inch("11 × 14", 11, 14),
            inch("12 × 16", 12, 16), inch("16 × 20", 16, 20), inch("18 × 24", 18, 24), inch("20 × 24", 20, 24),
            inch("24 × 36", 24, 36));
    public static final List<StandardSize> A_SERIES = List.of(a(5, 148, 210), a(4, 210, 297), a(3, 297, 420),
            a(2, 420, 594), a(1, 594, 841));

    public static List<StandardSize> all() {
        List<StandardSize> all = new ArrayList<>(A_SERIES);
        all.addAll(INCH);
        return all;
    }

    private static StandardSize inch(String name, double width, double height) {
        return new StandardSize(name, new Opening(Length.inches(width), Length.inches(height)));
    }

    private static StandardSize a(int number, long width, long height) {
        return new StandardSize("A" + number, new Opening(Length.mm(width), Length.mm(height)));
    }
}
