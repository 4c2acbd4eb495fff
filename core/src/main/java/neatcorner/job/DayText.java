package neatcorner.job;

import java.time.DateTimeException;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.Month;
import java.time.MonthDay;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.time.temporal.TemporalAdjusters;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import neatcorner.measure.Spelling;
import org.jspecify.annotations.Nullable;

/** Days as people type and say them: {@code fri}, {@code 4 dec}, {@code in 10 days}, {@code 12/4}. */
public final class DayText {
    private static final Pattern AFTER = Pattern.compile("(?:in )?(\\d{1,4}|an?) ?(d|days?|w|weeks?|months?)");
    private static final Pattern DAY_MONTH = Pattern.compile("(\\d{1,2})(?:st|nd|rd|th)? ?([a-z]{3,9})(?: (\\d{4}))?");
    private static final Pattern MONTH_DAY = Pattern.compile("([a-z]{3,9}) ?(\\d{1,2})(?:st|nd|rd|th)?(?: (\\d{4}))?");
    private static final Pattern YEAR_FIRST = Pattern.compile("(\\d{4})-(\\d{1,2})-(\\d{1,2})");
    private static final Pattern NUMBERS = Pattern.compile("(\\d{1,2}) ?([./]) ?(\\d{1,2})(?:[./] ?(\\d{4})?)?");
    private static final Pattern WEEKDAY_BEFORE = Pattern.compile("([a-z]{2,9}) (.*\\d.*)");

    private DayText() {}

    /**
     * The day that is meant; empty when it is not understood. A day without a year is the next such day, today included; a day of
     * the week is the next one after today.
     *
     * @param spelling whose way of writing {@code 4/12} it is: US has the month first, UK the day
     */
    public static Optional<LocalDate> read(String typed, LocalDate today, Spelling spelling) {
        String text = typed.strip().toLowerCase(Locale.ROOT).replaceAll("[,\\s]+", " ").replaceAll("(?<=[a-z])\\.", "");
        Matcher before = WEEKDAY_BEFORE.matcher(text);
        if (before.matches() && weekday(before.group(1)).isPresent()) {
            text = before.group(2);
        }
        try {
            return day(text.strip(), today, spelling);
        } catch (DateTimeException noSuchDay) {
            return Optional.empty();
        }
    }

    private static Optional<LocalDate> day(String text, LocalDate today, Spelling spelling) {
        if (text.equals("today") || text.equals("tomorrow")) {
            return Optional.of(text.equals("today") ? today : today.plusDays(1));
        }
        Optional<DayOfWeek> weekday = weekday(text.replaceFirst("^(on|next) ", ""));
        if (weekday.isPresent()) {
            return Optional.of(today.with(TemporalAdjusters.next(weekday.get())));
        }
        Matcher after = AFTER.matcher(text);
        if (after.matches()) {
            int count = after.group(1).startsWith("a") ? 1 : Integer.parseInt(after.group(1));
            return Optional.of(switch (after.group(2).charAt(0)) {
                case 'd' -> today.plusDays(count);
                case 'w' -> today.plusWeeks(count);
                default -> today.plusMonths(count);
            });
        }
        Matcher yearFirst = YEAR_FIRST.matcher(text);
        if (yearFirst.matches()) {
            return Optional.of(LocalDate.of(number(yearFirst, 1), number(yearFirst, 2), number(yearFirst, 3)));
        }
        Matcher numbers = NUMBERS.matcher(text);
        if (numbers.matches()) {
            boolean monthFirst = numbers.group(2).equals("/") && spelling == Spelling.US;
            return Optional.of(in(number(numbers, monthFirst ? 1 : 3), number(numbers, monthFirst ? 3 : 1),
                    numbers.group(4), today));
        }
        Matcher dayFirst = DAY_MONTH.matcher(text);
        if (dayFirst.matches()) {
            return month(dayFirst.group(2)).map(month -> in(month, number(dayFirst, 1), dayFirst.group(3), today));
        }
        Matcher monthFirst = MONTH_DAY.matcher(text);
        return monthFirst.matches()
                ? month(monthFirst.group(1)).map(month -> in(month, number(monthFirst, 2), monthFirst.group(3), today))
                : Optional.empty();
    }

    private static int number(Matcher matcher, int group) {
        return Integer.parseInt(matcher.group(group));
    }

    /** In the year that is written; else the next such day. */
    private static LocalDate in(int month, int day, @Nullable String year, LocalDate today) {
        if (year != null) {
            return LocalDate.of(Integer.parseInt(year), month, day);
        }
        MonthDay which = MonthDay.of(month, day);
        int next = today.getYear();
        while (!which.isValidYear(next) || which.atYear(next).isBefore(today)) {
            next++;
        }
        return which.atYear(next);
    }

    private static Optional<DayOfWeek> weekday(String word) {
        return Stream.of(DayOfWeek.values()).filter(day -> isShort(word, 2, day.name())).findFirst();
    }

    private static Optional<Integer> month(String word) {
        return Stream.of(Month.values()).filter(month -> isShort(word, 3, month.name())).map(Month::getValue)
                .findFirst();
    }

    private static boolean isShort(String word, int least, String name) {
        return word.length() >= least && name.toLowerCase(Locale.ROOT).startsWith(word);
    }

    /** A day as it is said: {@code Fri, Dec 4} in the US, {@code Fri 4 Dec} in the UK; with its year when that is not this one. */
    public static String said(LocalDate day, LocalDate today, Spelling spelling) {
        String year = day.getYear() == today.getYear() ? "" : spelling == Spelling.US ? ", yyyy" : " yyyy";
        String pattern = spelling == Spelling.US ? "EEE, MMM d" : "EEE d MMM";
        return DateTimeFormatter.ofPattern(pattern + year, Locale.ENGLISH).format(day);
    }

    /** As {@link #said}, with its year, for what is read at another time. */
    public static String inFull(LocalDate day, Spelling spelling) {
        return said(day, day.minusYears(1), spelling);
    }

    /** How long it is until a day: {@code today}, {@code in 8 days}, {@code 3 days late}. */
    public static String until(LocalDate day, LocalDate today) {
        long days = ChronoUnit.DAYS.between(today, day);
        if (days == 0 || days == 1) {
            return days == 0 ? "today" : "tomorrow";
        }
        return days > 0 ? "in %s days".formatted(days) : days == -1 ? "1 day late" : "%s days late".formatted(-days);
    }
}
