package neatcorner.exchange.station.glueup;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.ZoneOffset;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import java.util.UUID;
import neatcorner.exchange.PlainText;
import neatcorner.glueup.schedule.Chain;
import neatcorner.glueup.schedule.Schedule;
import neatcorner.station.glueup.ShopDays;

/**
 * The days of a shop as an iCalendar file (RFC 5545): an event for each step, in universal time, and one for each longer
 * wait that does not count as busy.
 */
public final class ShopCalendar {
    private static final DateTimeFormatter STAMP = DateTimeFormatter.ofPattern("yyyyMMdd'T'HHmmss'Z'", Locale.ROOT);
    private static final int LONGEST_LINE = 75;
    private static final int LONG_WAIT = 15;

    private final StringBuilder text = new StringBuilder();
    private final String stamp;

    private ShopCalendar(Instant written) {
        this.stamp = STAMP.format(written.atZone(ZoneOffset.UTC));
    }

    /** The file's text; when it is made is part of every event. */
    public static String write(ShopDays days, Instant written) {
        ShopCalendar calendar = new ShopCalendar(written);
        calendar.line("BEGIN:VCALENDAR");
        calendar.line("VERSION:2.0");
        calendar.line("PRODID:-//Neat Corner//Shop days//EN");
        calendar.line("CALSCALE:GREGORIAN");
        for (Schedule.Step step : days.schedule().steps()) {
            Chain chain = days.chains().get(step.chain());
            String name = chain.tasks().get(step.task()).name();
            String id = id(chain, step.task());
            calendar.event(id, chain.frame() + ": " + name, days.at(step.start()), days.at(step.end()), true);
            if (step.ready() - step.end() >= LONG_WAIT) {
                calendar.event(id + "-wait",
                        GlueUpPaperTexts.WAIT_AFTER.formatted(chain.frame(), name.toLowerCase(Locale.ROOT)),
                        days.at(step.end()), days.at(step.ready()), false);
            }
        }
        calendar.line("END:VCALENDAR");
        return calendar.text.toString();
    }

    /**
     * The same for the same step of the same frame, in whatever order the frames are made: calendars that take the file again
     * move an event instead of making another.
     */
    private static String id(Chain chain, int task) {
        String name = chain.tasks().get(task).name();
        long before = chain.tasks().subList(0, task).stream().filter(each -> each.name().equals(name)).count();
        return UUID.nameUUIDFromBytes((chain.frame() + "\n" + name + "\n" + before).getBytes(StandardCharsets.UTF_8))
                .toString();
    }

    private void event(String id, String summary, ZonedDateTime from, ZonedDateTime to, boolean busy) {
        line("BEGIN:VEVENT");
        line("UID:" + id + "@neat-corner");
        line("DTSTAMP:" + stamp);
        line("DTSTART:" + STAMP.format(from.withZoneSameInstant(ZoneOffset.UTC)));
        line("DTEND:" + STAMP.format(to.withZoneSameInstant(ZoneOffset.UTC)));
        line("SUMMARY:" + escaped(summary));
        line("TRANSP:" + (busy ? "OPAQUE" : "TRANSPARENT"));
        line("END:VEVENT");
    }

    private static String escaped(String text) {
        return PlainText.line(text.replace('\n', ' ')).replace("\\", "\\\\").replace(";", "\\;").replace(",", "\\,");
    }

    /** Folded so that no line is longer than 75 octets; characters stay whole. */
    private void line(String line) {
        int octets = 0;
        for (int i = 0; i < line.length();) {
            int character = line.codePointAt(i);
            String one = Character.toString(character);
            int size = one.getBytes(StandardCharsets.UTF_8).length;
            if (octets + size > LONGEST_LINE) {
                text.append("\r\n ");
                octets = 1;
            }
            text.append(one);
            octets += size;
            i += Character.charCount(character);
        }
        text.append("\r\n");
    }
}
