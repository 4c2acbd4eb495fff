package neatcorner.glueup.schedule;

import java.time.DayOfWeek;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.zone.ZoneOffsetTransition;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;

/** When the maker works, week by week. */
public record WorkingHours(List<Shift> shifts) {
    private static final int LONGEST_PLAN = 800;

    /** From one time of day to a later one, on some days of the week. */
    public record Shift(Set<DayOfWeek> days, LocalTime from, LocalTime to) {

        /** Throws {@link IllegalArgumentException} when it does not end after it starts. */
        public Shift {
            days = Set.copyOf(days);
            if (!to.isAfter(from)) {
                throw new IllegalArgumentException("a shift ends after it starts: " + from + " to " + to);
            }
        }
    }

    public WorkingHours {
        shifts = shifts.stream().sorted(Comparator.comparing(Shift::from)).toList();
    }

    /** Monday to Friday, eight to five, with an hour at noon. */
    public static WorkingHours usual() {
        Set<DayOfWeek> week = Set.of(DayOfWeek.MONDAY, DayOfWeek.TUESDAY, DayOfWeek.WEDNESDAY, DayOfWeek.THURSDAY,
                DayOfWeek.FRIDAY);
        return new WorkingHours(List.of(new Shift(week, LocalTime.of(8, 0), LocalTime.of(12, 0)),
                new Shift(week, LocalTime.of(13, 0), LocalTime.of(17, 0))));
    }

    /** Whether there is any time to work in. */
    public boolean isEmpty() {
        return shifts.stream().allMatch(shift -> shift.days().isEmpty());
    }

    /**
     * Working time from a moment on, in true minutes since then: on the days on which clocks are changed, a shift across the
     * change is longer or shorter by that hour, and waits are not. Enough spans for that many minutes of work.
     */
    public WorkCalendar from(ZonedDateTime start, long minutes) {
        List<WorkCalendar.Span> spans = new ArrayList<>();
        long found = 0;
        LocalDate day = start.toLocalDate();
        for (int i = 0; i < LONGEST_PLAN && !isEmpty() && found < minutes; i++) {
            for (Shift shift : shifts) {
                if (shift.days().contains(day.getDayOfWeek())) {
                    long from = Math.max(0, since(start, at(day.atTime(shift.from()), start.getZone())));
                    long to = since(start, at(day.atTime(shift.to()), start.getZone()));
                    if (to > from) {
                        found += add(spans, from, to);
                    }
                }
            }
            day = day.plusDays(1);
        }
        return new WorkCalendar(spans);
    }

    /** Shifts that run into each other are one span. */
    private static long add(List<WorkCalendar.Span> spans, long from, long to) {
        if (!spans.isEmpty() && spans.getLast().to() >= from) {
            WorkCalendar.Span last = spans.removeLast();
            spans.add(new WorkCalendar.Span(last.from(), Math.max(last.to(), to)));
            return Math.max(0, to - last.to());
        }
        spans.add(new WorkCalendar.Span(from, to));
        return to - from;
    }

    /** When the shop's clock shows this; the moment of the change where it is a time that the clock skips. */
    private static ZonedDateTime at(LocalDateTime time, ZoneId zone) {
        ZoneOffsetTransition change = zone.getRules().getTransition(time);
        return change != null && change.isGap() ? change.getInstant().atZone(zone) : time.atZone(zone);
    }

    private static long since(ZonedDateTime start, ZonedDateTime moment) {
        return Duration.between(start, moment).toMinutes();
    }
}
