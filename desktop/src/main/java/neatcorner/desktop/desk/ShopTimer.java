package neatcorner.desktop.desk;

import java.time.Duration;
import java.time.Instant;
import java.util.Locale;

/**
 * A wait that is being watched. It is known by the moment it ends, not by counting, so that it goes on while the program is
 * closed, the computer sleeps, or clocks are changed.
 *
 * @param told whether its end was announced
 */
public record ShopTimer(String name, Instant end, Duration whole, boolean told) {

    /** Until it is over; negative after. */
    public Duration left(Instant now) {
        return Duration.between(now, end);
    }

    /** Whether the wait is over. */
    public boolean isOver(Instant now) {
        return !now.isBefore(end);
    }

    ShopTimer asTold() {
        return new ShopTimer(name, end, whole, true);
    }

    /** "12:34", "1:02:05", or "over by 0:45". */
    public String text(Instant now) {
        Duration left = left(now);
        boolean over = left.isNegative() || left.isZero();
        long seconds = Math.abs(over ? left.toSeconds() : (left.toMillis() + 999) / 1000);
        String clock = seconds >= 3600
                ? String.format(Locale.ROOT, "%d:%02d:%02d", seconds / 3600, seconds / 60 % 60, seconds % 60)
                : String.format(Locale.ROOT, "%d:%02d", seconds / 60, seconds % 60);
        return over ? DeskTexts.OVER_BY.formatted(clock) : clock;
    }
}
