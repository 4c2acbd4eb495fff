package neatcorner.glueup.schedule;

import java.util.Map;

/**
 * One step of a frame's making: work by hand, then a wait before the next step may begin, and sometimes one after which it
 * must have begun, as where glue is lifted while it is rubbery.
 *
 * @param name  in US words, as "Glue all corners"
 * @param hands minutes of work without a break
 * @param rest  minutes that glue or finish needs after it
 * @param most  minutes after it by which the next step must begin; {@link #NO_HURRY} where that can wait
 * @param takes what it takes from the shop when it starts
 * @param frees what comes free when it ends, having been taken by an earlier step
 */
public record Task(String name, int hands, int rest, int most, Map<Resource, Integer> takes,
        Map<Resource, Integer> frees) {

    /** The next step can wait. */
    public static final int NO_HURRY = Integer.MAX_VALUE;

    /** Minutes that a step is taken to last at most: ten years of days and nights. */
    private static final int MOST = 10 * 366 * 24 * 60;

    /** Throws {@link IllegalArgumentException} for negative times, and for a next step that must begin before it can. */
    public Task {
        if (hands < 0 || rest < 0 || most < rest) {
            throw new IllegalArgumentException("times are not negative: " + hands + ", " + rest + ", " + most);
        }
        takes = Map.copyOf(takes);
        frees = Map.copyOf(frees);
    }

    /** Work for so many minutes, and a wait after it; work takes a minute at least. */
    public static Task of(String name, double hands, double rest) {
        return new Task(name, Math.clamp(Math.round(hands), 1, MOST), Math.clamp(Math.round(rest), 0, MOST), NO_HURRY,
                Map.of(), Map.of());
    }

    /** With the next step begun so many minutes after it at most. */
    public Task within(int minutes) {
        return new Task(name, hands, rest, minutes, takes, frees);
    }

    /** Whether the next step cannot wait for long. */
    public boolean isHurried() {
        return most < NO_HURRY;
    }

    /** With what it takes from the shop while it lasts. */
    public Task taking(Map<Resource, Integer> what) {
        return new Task(name, hands, rest, most, what, frees);
    }

    /** With what it gives back when its wait is over. */
    public Task freeing(Map<Resource, Integer> what) {
        return new Task(name, hands, rest, most, takes, what);
    }
}
