package neatcorner.golden;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.junit.jupiter.api.Assertions.fail;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import neatcorner.exchange.BadFile;
import neatcorner.exchange.csv.PartsCsv;
import neatcorner.exchange.csv.StockCsv;
import neatcorner.exchange.job.JobFile;
import neatcorner.exchange.job.SawsFile;
import neatcorner.exchange.job.ShopFile;
import neatcorner.job.Defaults;
import neatcorner.measure.Notation;
import neatcorner.measure.Units;
import neatcorner.plan.Plan;
import neatcorner.plan.Station;
import neatcorner.planner.Chapters;
import neatcorner.planner.Planner;
import neatcorner.saw.SawLog;
import neatcorner.saw.ShopSaw;
import org.junit.jupiter.api.Test;

/**
 * Files that were good and were then spoilt at random: each is read, or refused in one line; a job that is read is planned,
 * hears of a stop, and comes back from its own file. The seed says which ones; ./neat-corner bench files.
 */
class OddFilesTest {
    private static final int CASES = Integer.getInteger("neatcorner.files", 1000);
    private static final long SEED = Long.getLong("neatcorner.seed", 1);
    /** A stopped search may go on for so long, ms; far more than it takes, so that a busy machine does not fail. */
    private static final long STOPPED = 2_000;
    private static final Pattern NUMBER = Pattern.compile("-?\\d+(\\.\\d+)?");
    private static final List<String> ODD = List.of("0", "-1", "1e308", "1e999999999", "-0.0", "1e-320", "99999999999",
            "\"\"", "\"1/0\"", "\"15 1/2 in\"", "\"{0}\"", "\"\\ud800\"", "null", "[]", "{}", "true", "\"9999 km\"",
            "NaN",
            "0.0001", "20000", "500");

    private final Random random = new Random(SEED);

    @FunctionalInterface
    private interface Reading {
        void read(String text) throws BadFile;
    }

    private String spoilt(String good) {
        StringBuilder text = new StringBuilder(good);
        for (int i = 0; i <= random.nextInt(3); i++) {
            if (text.isEmpty()) {
                return "";
            }
            int at = random.nextInt(text.length());
            switch (random.nextInt(8)) {
                case 0 -> text.deleteCharAt(at);
                case 1 -> text.insert(at, "\"{}[],:;\n=\u0000é".charAt(random.nextInt(12)));
                case 2 -> text.setLength(at);
                case 3 -> text.insert(at, text.substring(at, Math.min(text.length(), at + random.nextInt(60))));
                default -> replaceNumber(text, at);
            }
        }
        return text.toString();
    }

    private void replaceNumber(StringBuilder text, int from) {
        Matcher number = NUMBER.matcher(text);
        if (number.find(from) || number.find(0)) {
            text.replace(number.start(), number.end(), ODD.get(random.nextInt(ODD.size())));
        }
    }

    private void all(List<String> good, Reading reading) {
        for (int i = 0; i < CASES; i++) {
            String text = spoilt(good.get(random.nextInt(good.size())));
            try {
                reading.read(text);
            } catch (BadFile e) {
                String said = String.valueOf(e.getMessage());
                assertTrue(said.lines().count() == 1 && said.length() <= 300, said);
            } catch (Throwable e) {
                fail("seed " + SEED + ", case " + i + ": " + text, e);
            }
        }
    }

    @Test
    void jobsAreReadOrRefusedAndThosePlannedHearOfAStop() throws Exception {
        List<String> good = new ArrayList<>();
        for (JobFile job : GoldenJobs.files().values()) {
            good.add(job.text());
        }
        all(good, text -> {
            JobFile file = JobFile.read(text);
            assertEquals(file.text(), JobFile.read(file.text()).text(), "comes back");
            long start = System.nanoTime();
            Plan plan = Planner.plan(file.job(), file.madeIn().shop(), () -> System.nanoTime() - start > 50_000_000);
            for (Station station : Station.values()) {
                Chapters.slate(plan, station);
            }
            plan.findings().forEach(finding -> finding.message().in(Notation.of(Units.INCHES)));
            plan.settings().forEach(plan::cutOf);
            long took = (System.nanoTime() - start) / 1_000_000;
            assertTrue(took < STOPPED, took + " ms");
        });
    }

    @Test
    void listsOfSticksAndPartsAreReadOrRefused() {
        all(List.of(
                "name,length,count,price,defects,width,thickness\r\n\"ash\",2400,6,18.50,\"310-350;900-930\",30,20\r\n",
                "length\n2400\n8 ft\n", "name;length;price\nash;2400,5;18,50\n"), text -> {
                    String again = StockCsv.write(StockCsv.read(text, Units.INCHES), Units.INCHES);
                    StockCsv.read(again, Units.INCHES);
                });
        all(List.of("length,count,name\n500,3,side\n\"12,5\",2,\"a \"\"b\"\"\"\n1 ft,4,x\n"),
                text -> PartsCsv.read(text, Units.MILLIMETRES));
    }

    @Test
    void filesOfTheShopAreReadOrRefused() {
        all(List.of(ShopFile.write(JobFile.of(Defaults.blank(Units.MILLIMETRES)).madeIn())), text -> {
            ShopFile.read(ShopFile.write(ShopFile.read(text)));
        });
        all(List.of(SawsFile.write(Defaults.saws(Units.INCHES).stream()
                .map(saw -> new ShopSaw(saw, SawLog.empty())).toList())), text -> {
                    SawsFile.read(SawsFile.write(SawsFile.read(text)));
                });
    }
}
