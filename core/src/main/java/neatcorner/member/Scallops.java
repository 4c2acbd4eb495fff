package neatcorner.member;

import org.jspecify.annotations.Nullable;

/**
 * Arcs alike along the sides of a rectangle, a whole number on each, so that two of them meet at every corner.
 *
 * @param across  how many along the top, as along the bottom
 * @param down    how many along the left, as along the right
 * @param chord   of one, mm
 * @param atSides how far past the left and the right of the rectangle the line of their ends lies, mm
 * @param atEnds  how far past its top and bottom
 */
public record Scallops(int across, int down, double chord, double atSides, double atEnds) {
    /** A chord is as wished, or so much shorter or longer; where no whole number goes like that, it may be more. */
    private static final double[] SHORTEST = {0.8, 0.6};
    private static final double[] LONGEST = {1.25, 1.6};
    /** What unlike margins count against a chord that is not as wished. */
    private static final double UNLIKE = 6;

    /** More along one side are not made. */
    static final int MOST = 200;

    /**
     * Those that come nearest to a wished chord, with the same margin all round where a chord of about that length allows it:
     * c = (w − h) ÷ (n − m) and margin = (n·c − w) ÷ 2. Else with margins as alike as can be.
     *
     * @param width  of the rectangle, mm, above 0
     * @param height of it
     * @param asked  chord, mm; so long that there are no more than {@link #MOST} of them along a side, or taken as such
     * @param beyond wished margin, mm, at least 0; no margin is smaller
     */
    public static Scallops of(double width, double height, double asked, double beyond) {
        double wished = Math.max(asked, Math.max(width, height) / MOST);
        for (int tried = 0; tried < SHORTEST.length; tried++) {
            Scallops best = of(width, height, wished, beyond, wished * SHORTEST[tried], wished * LONGEST[tried]);
            if (best != null) {
                return best;
            }
        }
        double chord = Math.max(width, height) + 2 * beyond;
        return new Scallops(1, 1, chord, (chord - width) / 2, (chord - height) / 2);
    }

    private static @Nullable Scallops of(double width, double height, double wished, double beyond, double shortest,
            double longest) {
        Scallops best = null;
        double least = Double.MAX_VALUE;
        int most = (int) Math.ceil((Math.max(width, height) + 2 * beyond) / shortest) + 1;
        for (int n = 1; n <= most; n++) {
            for (int m = 1; m <= most; m++) {
                double equal = n == m ? 0 : (width - height) / (n - m);
                double smallest = Math.max((width + 2 * beyond) / n, (height + 2 * beyond) / m);
                double chord = equal >= smallest - 1e-9 ? equal : smallest;
                if (chord < shortest || chord > longest) {
                    continue;
                }
                Scallops one = new Scallops(n, m, chord, (n * chord - width) / 2, (m * chord - height) / 2);
                double cost = one.cost(wished, beyond);
                if (cost < least - 1e-12) {
                    least = cost;
                    best = one;
                }
            }
        }
        return best;
    }

    private double cost(double wished, double beyond) {
        return Math.abs(chord - wished) / wished + UNLIKE * Math.abs(atSides - atEnds) / wished
                + (Math.max(atSides, atEnds) - beyond) / wished;
    }

    /** Of an arc that rises so far over its chord, mm: (c²/4 + s²) ÷ 2s. */
    public double radius(double wave) {
        return radius(chord, wave);
    }

    /** Of an arc over a chord, by how far it rises: (c²/4 + s²) ÷ 2s. */
    static double radius(double chord, double rise) {
        return (chord * chord / 4 + rise * rise) / (2 * rise);
    }
}
