package neatcorner.exchange.job;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import java.util.List;
import neatcorner.exchange.BadFile;
import neatcorner.job.Defaults;
import neatcorner.job.Job;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.measure.Units;
import neatcorner.saw.SawLog;
import neatcorner.saw.SawReading;
import neatcorner.saw.SawScale;
import neatcorner.saw.ShopSaw;
import neatcorner.saw.measured.Checks;
import neatcorner.saw.measured.DryFit;
import neatcorner.saw.measured.MeasuredPiece;
import neatcorner.wood.Climate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What was measured, and the shop's saws, in files. */
class ChecksFileTest {

    @Test
    void whatWasMeasuredComesBack() throws BadFile {
        Checks checks = Checks.none().withGapLimit(Length.mm(0.2)).withPlace(Climate.BY_THE_SEA)
                .withDryFit(DryFit.closed().with(1, 1, 0.4).with(2, 0, 0.1).withDiagonals(900, 902.5).withRocks(1))
                .with(new MeasuredPiece("B", Length.mm(400.3), Angle.ofDegrees(45.2), Angle.ofDegrees(44.9)));
        for (Units units : Units.values()) {
            Job job = Defaults.blank(units).withChecks(checks)
                    .withSaw(Defaults.saws(units).get(1).withScale(
                            new SawScale(SawScale.Zero.FENCE, Length.mm(100), Length.mm(300))));
            Job again = JobFile.read(JobFile.of(job).text()).job();
            assertEquals(job.saw(), again.saw());
            assertEquals(checks.measured(), again.checks().measured());
            assertEquals(checks.dryFit(), again.checks().dryFit());
            assertEquals(checks.place(), again.checks().place());
            assertEquals(checks.gapLimit(), again.checks().gapLimit());
        }
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"\"measured\": [{ \"piece\": \"A\", \"long\": 3 }] | left",
        "\"dryFit\": { \"heels\": [1, 2] } | four gaps, clockwise from the top left corner",
        "\"dryFit\": { \"diagonals\": [1] } | two diagonals",
        "\"place\": { \"driest\": { \"celsius\": 20, \"humidity\": 120 } } | a relative humidity from 0 to 99 %",
        "\"saw\": { \"kind\": \"axe\" } | one of miter saw, sled, hand box, shooting board",
        "\"saw\": { \"stops\": [200] } | an angle from 0 to 90 degrees"})
    void whatCannotHaveBeenMeasuredIsSaidInOneLine(String field, String expected) {
        String text = JobFileTest.CHART.replace("\"title\": \"Tide chart\",", field + ",");
        BadFile bad = assertThrows(BadFile.class, () -> JobFile.read(text));
        assertTrue(String.valueOf(bad.getMessage()).contains(expected), String.valueOf(bad.getMessage()));
    }

    @Test
    void theSawsOfAShopComeBackWithTheirReadings() throws BadFile {
        SawReading reading = new SawReading(LocalDate.of(2026, 4, 5), Angle.ofDegrees(22.5), Angle.ofDegrees(-0.12),
                false, true);
        List<ShopSaw> saws = Defaults.saws(Units.INCHES).stream()
                .map(saw -> new ShopSaw(saw, SawLog.empty().plus(reading))).toList();
        assertEquals(saws, SawsFile.read(SawsFile.write(saws)));
        String broken = SawsFile.write(saws).replace("2026-04-05", "last week");
        BadFile bad = assertThrows(BadFile.class, () -> SawsFile.read(broken));
        assertTrue(String.valueOf(bad.getMessage()).contains("a day such as"));
        assertThrows(BadFile.class, () -> SawsFile.read("{ \"format\": \"other\" }"));
    }
}
