package neatcorner.command;

import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Callable;
import neatcorner.exchange.BadFile;
import neatcorner.exchange.PlainText;
import neatcorner.exchange.WholeFile;
import neatcorner.exchange.job.JobFile;
import neatcorner.exchange.json.JsonText;
import neatcorner.exchange.station.glueup.DaysJson;
import neatcorner.exchange.station.glueup.ShopCalendar;
import neatcorner.glueup.schedule.Chain;
import neatcorner.glueup.schedule.Schedule;
import neatcorner.planner.Planner;
import neatcorner.shop.Shop;
import neatcorner.station.glueup.ShopDays;
import neatcorner.stock.Search;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** {@code day JOB.json …}: lays all frames of some jobs into the shop's hours. */
@Command(name = "day", mixinStandardHelpOptions = true, description = "Lays the steps of all frames into the shop's hours.")
final class DayCommand implements Callable<Integer> {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEEE d MMMM", Locale.ENGLISH);
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("HH:mm", Locale.ENGLISH);

    @Parameters(paramLabel = "JOB.json", arity = "1..*", description = "the jobs; the shop is that of the first")
    private List<Path> files = List.of();

    @Option(names = "--from", paramLabel = "TIME", description = "when to begin, as 2026-03-02T08:00 (the default: now)")
    private @Nullable LocalDateTime from;

    @Option(names = "--json", description = "print the schedule as JSON")
    private boolean json;

    @Option(names = "--ics", paramLabel = "FILE", description = "write it as a calendar file")
    private @Nullable Path calendar;

    @Override
    public Integer call() {
        Search patience = new Deadline();
        Path reading = Path.of("");
        try {
            List<Chain> chains = new ArrayList<>();
            Shop shop = null;
            for (Path file : files) {
                reading = file;
                JobFile read = NeatCorner.read(file);
                shop = shop == null ? read.madeIn().shop() : shop;
                chains.addAll(ShopDays.chains(Planner.plan(read.job(), read.madeIn().shop(), patience)));
            }
            if (shop == null || shop.hours().isEmpty()) {
                NeatCorner.complain(files.getFirst() + ": shop.hours: expected at least one shift to work in");
                return NeatCorner.BAD_INPUT;
            }
            ZonedDateTime start = (from == null ? LocalDateTime.now(ZoneId.systemDefault()) : from)
                    .truncatedTo(ChronoUnit.MINUTES).atZone(ZoneId.systemDefault());
            ShopDays days = ShopDays.of(chains, shop, start, patience);
            Path ics = calendar;
            if (ics != null) {
                WholeFile.write(ics, ShopCalendar.write(days, Instant.now()).getBytes(StandardCharsets.UTF_8));
            }
            PrintStream print = System.out;
            if (json) {
                print.print(JsonText.write(DaysJson.schedule(days)));
            } else {
                print(days, print);
            }
            print.flush();
            return days.schedule().stuck().isEmpty() ? NeatCorner.FINE : NeatCorner.CANNOT_BE_MADE;
        } catch (BadFile e) {
            NeatCorner.complain(reading + ": " + e.getMessage());
        } catch (NoSuchFileException e) {
            NeatCorner.complain(e.getFile() + ": there is no such file or folder");
        } catch (IOException e) {
            NeatCorner.complain(NeatCorner.which(e, reading) + ": cannot be read or written");
        }
        return NeatCorner.BAD_INPUT;
    }

    private static void print(ShopDays days, PrintStream print) {
        Schedule schedule = days.schedule();
        String shown = "";
        for (Schedule.Step step : schedule.steps()) {
            Chain chain = days.chains().get(step.chain());
            String day = DAY.format(days.at(step.start()));
            if (!day.equals(shown)) {
                print.println(day);
                shown = day;
            }
            print.println("  " + TIME.format(days.at(step.start())) + "–" + TIME.format(days.at(step.end())) + "  "
                    + PlainText.line(chain.frame()) + ": " + chain.tasks().get(step.task()).name()
                    + (step.ready() > step.end() ? ", then wait to " + TIME.format(days.at(step.ready())) : ""));
        }
        for (String stuck : schedule.stuck()) {
            print.println("  cannot be placed: " + PlainText.line(stuck)
                    + " (a clamp or place that it needs is missing, or no shift is long enough)");
        }
        if (!schedule.steps().isEmpty()) {
            print.println("All done " + DAY.format(days.at(schedule.end())) + " "
                    + TIME.format(days.at(schedule.end())) + (schedule.proved()
                            ? "; it cannot be sooner"
                            : !schedule.isBoundWorthSaying()
                                    ? ""
                                    : "; not before " + DAY.format(days.at(schedule.bound())) + " "
                                            + TIME.format(days.at(schedule.bound())) + " in any order"));
        }
    }
}
