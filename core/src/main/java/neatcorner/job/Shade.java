package neatcorner.job;

import java.util.Locale;
import java.util.Optional;

/**
 * A colour as it is seen.
 *
 * @param rgb red, green and blue, eight bits each (sRGB)
 */
public record Shade(int rgb) {

    public Shade {
        if (rgb < 0 || rgb > 0xffffff) {
            throw new IllegalArgumentException("a colour of 24 bits was expected");
        }
    }

    /** As {@code #1f5f7a}; empty when it is not written so. */
    public static Optional<Shade> read(String text) {
        return text.matches("#[0-9a-fA-F]{6}")
                ? Optional.of(new Shade(Integer.parseInt(text.substring(1), 16)))
                : Optional.empty();
    }

    /** How light it is, 0 to 1, as the eye weighs its parts (WCAG 2, relative luminance). */
    public double light() {
        return 0.2126 * part(16) + 0.7152 * part(8) + 0.0722 * part(0);
    }

    private double part(int shift) {
        double value = (rgb >> shift & 0xff) / 255.0;
        return value <= 0.03928 ? value / 12.92 : Math.pow((value + 0.055) / 1.055, 2.4);
    }

    /** As {@code #1f5f7a}. */
    @Override
    public String toString() {
        return String.format(Locale.ROOT, "#%06x", rgb);
    }
}
