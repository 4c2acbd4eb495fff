package neatcorner.glueup.schedule;

import java.util.Map;

/**
 * One step of a frame's making: work by hand, then a wait before the next step may begin.
 *
 * @param name  in US words, as "Glue all corners"
 * @param hands minutes of work without a break
 * @param rest  minutes that glue or finish needs after it
 * @param takes what it takes from the shop when it starts
 * @param frees what comes free when it ends, having been taken by an earlier step
 */
public record Task(String name, int hands, int rest, Map<Resource, Integer> takes, Map<Resource, Integer> frees) {

    /** Throws {@link IllegalArgumentException} for negative times. */
    public Task {
        if (hands < 0 || rest < 0) {
            throw new IllegalArgumentException("times are not negative: " + hands + ", " + rest);
        }
        takes = Map.copyOf(takes);
        frees = Map.copyOf(frees);
    }

    /** Work for so many minutes, and a wait after it; work takes a minute at least. */
    public static Task of(String name, double hands, double rest) {
        return new Task(name, (int) Math.max(1, Math.round(hands)), (int) Math.round(rest), Map.of(), Map.of());
    }

    /** With what it takes from the shop while it lasts. */
    public Task taking(Map<Resource, Integer> what) {
        return new Task(name, hands, rest, what, frees);
    }

    /** With what it gives back when its wait is over. */
    public Task freeing(Map<Resource, Integer> what) {
        return new Task(name, hands, rest, takes, what);
    }
}
