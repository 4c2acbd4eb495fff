package neatcorner.job;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.time.LocalDate;
import java.util.Optional;
import neatcorner.measure.Spelling;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** A day is typed as people say it, and said so that it can be typed. */
class DayTextTest {
    /** A Wednesday. */
    private static final LocalDate TODAY = LocalDate.of(2026, 11, 25);

    @ParameterizedTest
    @CsvSource(textBlock = """
        today, 2026-11-25
        Tomorrow, 2026-11-26
        fri, 2026-11-27
        Friday, 2026-11-27
        next mon, 2026-11-30
        wed, 2026-12-02
        in 10 days, 2026-12-05
        2 weeks, 2026-12-09
        a week, 2026-12-02
        3w, 2026-12-16
        in a month, 2026-12-25
        4 dec, 2026-12-04
        Dec. 4, 2026-12-04
        4th December, 2026-12-04
        24 nov, 2027-11-24
        25 nov, 2026-11-25
        4 Dec 2028, 2028-12-04
        29 feb, 2028-02-29
        Fri 4 Dec, 2026-12-04
        4.12., 2026-12-04
        4.12.2027, 2027-12-04
        2026-12-04, 2026-12-04
        """)
    void aDayIsUnderstood(String typed, LocalDate day) {
        assertEquals(Optional.of(day), DayText.read(typed, TODAY, Spelling.UK));
        assertEquals(Optional.of(day), DayText.read(typed, TODAY, Spelling.US));
    }

    @Test
    void aSlashIsReadAsTheCountryWritesIt() {
        assertEquals(Optional.of(LocalDate.of(2026, 12, 4)), DayText.read("12/4", TODAY, Spelling.US));
        assertEquals(Optional.of(LocalDate.of(2027, 4, 12)), DayText.read("12/4", TODAY, Spelling.UK));
        assertEquals(Optional.of(LocalDate.of(2026, 12, 4)), DayText.read("4/12/2026", TODAY, Spelling.UK));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "soon", "31 nov", "40 dec", "13/13", "2026-02-30", "fri mon", "4", "dec", "99999 days"})
    void whatIsNoDayIsNotGuessed(String typed) {
        assertEquals(Optional.empty(), DayText.read(typed, TODAY, Spelling.US));
    }

    @Property(tries = 1000)
    void whatIsSaidCanBeTyped(@ForAll @IntRange(min = 0, max = 9000) int days, @ForAll Spelling spelling) {
        LocalDate day = TODAY.plusDays(days);
        assertEquals(Optional.of(day), DayText.read(DayText.said(day, TODAY, spelling), TODAY, spelling));
    }

    @Test
    void aDayIsSaidAsInTheCountry() {
        LocalDate day = LocalDate.of(2026, 12, 4);
        assertEquals("Fri, Dec 4", DayText.said(day, TODAY, Spelling.US));
        assertEquals("Fri 4 Dec", DayText.said(day, TODAY, Spelling.UK));
        assertEquals("Tue 4 Jan 2028", DayText.said(LocalDate.of(2028, 1, 4), TODAY, Spelling.UK));
    }

    @Test
    void whatIsLateIsCalledSo() {
        assertEquals("in 9 days", DayText.until(TODAY.plusDays(9), TODAY));
        assertEquals("tomorrow", DayText.until(TODAY.plusDays(1), TODAY));
        assertEquals("today", DayText.until(TODAY, TODAY));
        assertEquals("1 day late", DayText.until(TODAY.minusDays(1), TODAY));
        assertEquals("12 days late", DayText.until(TODAY.minusDays(12), TODAY));
    }
}
