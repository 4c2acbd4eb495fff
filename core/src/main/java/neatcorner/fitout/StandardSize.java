package neatcorner.fitout;

import java.util.List;
import java.util.stream.Stream;
import neatcorner.measure.Length;
import neatcorner.measure.Units;
import neatcorner.outline.Opening;

/**
 * A size that art, mats and ready-made frames come in. Inch and centimetre sizes: common practice. A-series: ISO 216.
 *
 * @param name without its unit
 * @param unit that it is said in; empty for a name that needs none
 * @param size upright: height is the longer side
 */
public record StandardSize(String name, String unit, Opening size) {
    public static final List<StandardSize> INCH = List.of(inch("4 × 6", 4, 6), inch("5 × 7", 5, 7),
            inch("8 × 10", 8, 10), inch("8½ × 11", 8.5, 11), inch("9 × 12", 9, 12), inch("11 × 14", 11, 14),
            inch("12 × 16", 12, 16), inch("16 × 20", 16, 20), inch("18 × 24", 18, 24), inch("20 × 24", 20, 24),
            inch("24 × 36", 24, 36));
    public static final List<StandardSize> A_SERIES = List.of(a(5, 148, 210), a(4, 210, 297), a(3, 297, 420),
            a(2, 420, 594), a(1, 594, 841));
    public static final List<StandardSize> CENTIMETRES = List.of(cm(10, 15), cm(13, 18), cm(18, 24), cm(20, 30),
            cm(24, 30), cm(30, 40), cm(40, 50), cm(40, 60), cm(50, 70), cm(60, 80), cm(70, 100));

    /** All known: ISO A sizes, whole centimetres, inches. */
    public static List<StandardSize> all() {
        return Stream.of(A_SERIES, CENTIMETRES, INCH).flatMap(List::stream).toList();
    }

    /** Those that are usual where such units are. */
    public static List<StandardSize> in(Units units) {
        return units == Units.INCHES ? INCH : Stream.of(A_SERIES, CENTIMETRES).flatMap(List::stream).toList();
    }

    /** "A4", "8 × 10 in", "50 × 70 cm". */
    public String title() {
        return unit.isEmpty() ? name : name + " " + unit;
    }

    private static StandardSize inch(String name, double width, double height) {
        return new StandardSize(name, "in", new Opening(Length.inches(width), Length.inches(height)));
    }

    private static StandardSize a(int number, long width, long height) {
        return new StandardSize("A" + number, "", new Opening(Length.mm(width), Length.mm(height)));
    }

    private static StandardSize cm(int width, int height) {
        return new StandardSize(width + " × " + height, "cm",
                new Opening(Length.mm(10.0 * width), Length.mm(10.0 * height)));
    }
}
