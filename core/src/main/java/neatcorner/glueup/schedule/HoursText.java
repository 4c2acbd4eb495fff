package neatcorner.glueup.schedule;

import java.time.DayOfWeek;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/** Working hours as a maker types them: {@code mon-fri 8-12 13-17; sat 9:30-12}. */
public final class HoursText {
    private static final List<String> DAYS = List.of("mon", "tue", "wed", "thu", "fri", "sat", "sun");
    private static final Pattern SPAN = Pattern.compile("(\\d{1,2})(?::(\\d{2}))?-(\\d{1,2})(?::(\\d{2}))?");

    private HoursText() {}

    /** What was understood, or what was not, in words. */
    public sealed interface Answer {}

    /** Understood. */
    public record Understood(WorkingHours hours) implements Answer {}

    /** Not understood. */
    public record NotUnderstood(String why) implements Answer {}

    /** Empty text is no working time. */
    public static Answer read(String text) {
        List<WorkingHours.Shift> shifts = new ArrayList<>();
        for (String part : text.toLowerCase(Locale.ROOT).replace('–', '-').split(";", -1)) {
            String[] words = part.strip().split("[\\s,]+", -1);
            if (words.length == 1 && words[0].isEmpty()) {
                continue;
            }
            Set<DayOfWeek> days = days(words[0]);
            if (days.isEmpty()) {
                return new NotUnderstood("“%s”: a day or days come first, as mon-fri or sat".formatted(words[0]));
            }
            if (words.length == 1) {
                return new NotUnderstood("“%s”: from when to when? as 8-12".formatted(words[0]));
            }
            for (int i = 1; i < words.length; i++) {
                Matcher span = SPAN.matcher(words[i]);
                if (!span.matches()) {
                    return new NotUnderstood("“%s”: a time from and to, as 8:30-12".formatted(words[i]));
                }
                LocalTime from = time(span.group(1), span.group(2));
                LocalTime to = time(span.group(3), span.group(4));
                if (from == null || to == null || !to.isAfter(from)) {
                    return new NotUnderstood("“%s”: times of one day, the later one second".formatted(words[i]));
                }
                shifts.add(new WorkingHours.Shift(days, from, to));
            }
        }
        return new Understood(new WorkingHours(shifts));
    }

    private static @Nullable LocalTime time(String hour,
            @Nullable String minute) {
        int h = Integer.parseInt(hour);
        int m = minute == null ? 0 : Integer.parseInt(minute);
        if (h == 24 && m == 0) {
            return LocalTime.of(23, 59);
        }
        return h > 23 || m > 59 ? null : LocalTime.of(h, m);
    }

    private static Set<DayOfWeek> days(String word) {
        String[] ends = word.split("-", -1);
        int from = DAYS.indexOf(ends[0].length() >= 3 ? ends[0].substring(0, 3) : ends[0]);
        String last = ends[ends.length - 1];
        int to = DAYS.indexOf(last.length() >= 3 ? last.substring(0, 3) : last);
        Set<DayOfWeek> days = EnumSet.noneOf(DayOfWeek.class);
        if (from < 0 || to < 0 || ends.length > 2) {
            return days;
        }
        for (int day = from;; day = (day + 1) % DAYS.size()) {
            days.add(DayOfWeek.of(day + 1));
            if (day == to) {
                return days;
            }
        }
    }

    /** Hours as they are typed: "mon-fri 8-12 13-17". */
    public static String write(WorkingHours hours) {
        Map<String, List<String>> byDays = new LinkedHashMap<>();
        for (WorkingHours.Shift shift : hours.shifts()) {
            if (!shift.days().isEmpty()) {
                byDays.computeIfAbsent(days(shift.days()), none -> new ArrayList<>())
                        .add(time(shift.from()) + "-" + time(shift.to()));
            }
        }
        List<String> parts = new ArrayList<>();
        byDays.forEach((days, spans) -> {
            for (String day : days.split(",", -1)) {
                parts.add(day + " " + String.join(" ", spans));
            }
        });
        return String.join("; ", parts);
    }

    private static String days(Set<DayOfWeek> days) {
        List<DayOfWeek> sorted = days.stream().sorted().toList();
        boolean run = sorted.getLast().getValue() - sorted.getFirst().getValue() == sorted.size() - 1;
        String first = DAYS.get(sorted.getFirst().getValue() - 1);
        if (run) {
            return sorted.size() == 1 ? first : first + "-" + DAYS.get(sorted.getLast().getValue() - 1);
        }
        return String.join(",", sorted.stream().map(day -> DAYS.get(day.getValue() - 1)).toList());
    }

    private static String time(LocalTime time) {
        return time.getMinute() == 0
                ? String.valueOf(time.getHour())
                : String.format(Locale.ROOT, "%d:%02d", time.getHour(), time.getMinute());
    }
}
