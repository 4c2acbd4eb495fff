package neatcorner.desktop;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.ZonedDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.atomic.AtomicLong;
import java.util.logging.Level;
import java.util.logging.Logger;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import neatcorner.exchange.BadFile;
import neatcorner.exchange.JobFile;
import neatcorner.exchange.json.Json;
import neatcorner.exchange.json.JsonText;
import neatcorner.exchange.json.Node;
import neatcorner.glueup.Chain;
import neatcorner.glueup.Schedule;
import neatcorner.glueup.Workshop;
import neatcorner.plan.DayProgress;
import neatcorner.plan.Planner;
import neatcorner.plan.ShopDays;
import org.jspecify.annotations.Nullable;

/**
 * The shop's days: which jobs are being made, how far they are, and the schedule of the rest, laid out anew whenever
 * something changes or is late. Kept in a file. Lives on the window's thread; the laying out does not.
 */
final class ShopDay {
    private static final Logger LOG = Logger.getLogger(ShopDay.class.getName());

    /** What is shown: all frames with all their steps, and the schedule of what is left of them. */
    record Shown(List<Chain> chains, ShopDays rest, DayProgress progress) {

        /** The number of a scheduled step among all of its frame's steps. */
        int task(Schedule.Step step) {
            return step.task() + progress.done(chains.get(step.chain()).frame());
        }
    }

    private final Workbench bench;
    private final Path file;
    private final Clock clock;
    private final AtomicLong turn = new AtomicLong();
    private final ReadOnlyObjectWrapper<@Nullable Shown> shown = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyBooleanWrapper busy = new ReadOnlyBooleanWrapper();
    private final Set<Path> jobs = new LinkedHashSet<>();
    private DayProgress progress = DayProgress.NONE;
    private Instant start;

    ShopDay(Workbench bench, Path file, Clock clock) {
        this.bench = bench;
        this.file = file;
        this.clock = clock;
        this.start = clock.instant().truncatedTo(ChronoUnit.MINUTES);
        load();
    }

    ReadOnlyObjectProperty<@Nullable Shown> shown() {
        return shown.getReadOnlyProperty();
    }

    ReadOnlyBooleanProperty busy() {
        return busy.getReadOnlyProperty();
    }

    Instant now() {
        return clock.instant();
    }

    ZonedDateTime zoned(Instant instant) {
        return instant.atZone(clock.getZone());
    }

    Set<Path> jobs() {
        return Set.copyOf(jobs);
    }

    boolean has(Path job) {
        return jobs.contains(job);
    }

    void include(Path job, boolean in) {
        if (in) {
            jobs.add(job);
        } else {
            jobs.remove(job);
        }
        changed();
    }

    /** The next step of a frame is finished now. */
    void finished(String frame) {
        progress = progress.finished(frame, now());
        changed();
    }

    void takenBack(String frame) {
        progress = progress.takenBack(frame);
        changed();
    }

    void wanted(String frame, int step, @Nullable Instant from) {
        progress = progress.wanted(frame, step, from);
        changed();
    }

    /** All to be done again, from now. */
    void begin() {
        progress = DayProgress.NONE;
        start = clock.instant().truncatedTo(ChronoUnit.MINUTES);
        changed();
    }

    private void changed() {
        keep();
        layOut();
    }

    /** Lays the rest out from now, or from the planned start while that is still to come. */
    void layOut() {
        long mine = turn.incrementAndGet();
        busy.set(true);
        Instant from = start.isAfter(now()) ? start : now().truncatedTo(ChronoUnit.MINUTES);
        ZonedDateTime when = zoned(from);
        Workshop shop = bench.job().shop();
        Path open = bench.file().get();
        List<Chain> present = ShopDays.chains(bench.currentPlan());
        List<Path> files = List.copyOf(jobs);
        DayProgress far = progress;
        Thread.ofVirtual().name("days").start(() -> {
            List<Chain> chains = new ArrayList<>();
            for (Path each : files) {
                chains.addAll(each.equals(open) ? present : chains(each, shop));
            }
            List<Chain> named = apart(chains);
            show(mine, true, new Shown(named, far.rest(named, shop, when, () -> true), far));
            show(mine, false, new Shown(named, far.rest(named, shop, when, () -> turn.get() != mine), far));
        });
    }

    /** First what can be had at once, then the best that is found. */
    private void show(long mine, boolean more, Shown found) {
        Platform.runLater(() -> {
            if (turn.get() == mine) {
                busy.set(more);
                shown.set(found);
            }
        });
    }

    /** Frames of one name get numbers; those that follow another follow it under its new name. */
    private static List<Chain> apart(List<Chain> chains) {
        Map<String, Integer> seen = new HashMap<>();
        Map<String, String> named = new HashMap<>();
        return chains.stream().map(chain -> {
            int count = seen.merge(chain.frame(), 1, Integer::sum);
            String name = count == 1 ? chain.frame() : chain.frame() + " (" + count + ")";
            named.put(chain.frame(), name);
            String follows = chain.follows();
            return chain.named(name).following(follows == null ? null : named.getOrDefault(follows, follows));
        }).toList();
    }

    /** Only the pieces matter here, so the sticks are laid out in haste. */
    private static List<Chain> chains(Path file, Workshop shop) {
        try {
            return ShopDays.chains(Planner.plan(JobFile.read(file).job().withShop(shop), () -> true));
        } catch (IOException | BadFile e) {
            LOG.log(Level.WARNING, "job left out of the day", e);
            return List.of();
        }
    }

    /** Whether the step that comes first should have been begun by now. */
    boolean isLate() {
        Shown now = shown.get();
        return now != null && !now.rest().schedule().steps().isEmpty()
                && now.rest().at(now.rest().schedule().steps().getFirst().start()).toInstant()
                        .isBefore(now().minusSeconds(60));
    }

    private void keep() {
        Json.Fields done = Json.object();
        progress.done().forEach((frame, times) -> done.with(frame,
                Json.of(times.stream().map(time -> Json.of(time.toString())).toList())));
        List<Json> later = new ArrayList<>();
        progress.later().forEach((frame, steps) -> steps.forEach((step, from) -> later.add(Json.object()
                .with("frame", frame).with("step", Json.of(step)).with("from", from.toString()).end())));
        String text = JsonText.write(Json.object().with("start", start.toString())
                .with("jobs", Json.of(jobs.stream().map(job -> Json.of(job.toString())).toList()))
                .with("done", done.end()).with("later", Json.of(later)).end());
        try {
            Files.createDirectories(file.getParent());
            JobFile.writeWhole(file, text.getBytes(StandardCharsets.UTF_8));
        } catch (IOException e) {
            LOG.log(Level.WARNING, "day not kept", e);
        }
    }

    private void load() {
        if (!Files.exists(file)) {
            bench.shop().demoJobs().forEach(jobs::add);
            bench.shop().ownJobs().forEach(jobs::add);
            return;
        }
        try {
            Node root = Node.root(JsonText.read(Files.readString(file)));
            start = Instant.parse(root.required("start").text());
            for (Node job : root.required("jobs").items()) {
                jobs.add(Path.of(job.text()));
            }
            DayProgress read = DayProgress.NONE;
            Node done = root.required("done");
            if (done.json() instanceof Json.Obj frames) {
                for (String frame : frames.fields().keySet()) {
                    for (Node time : done.required(frame).items()) {
                        read = read.finished(frame, Instant.parse(time.text()));
                    }
                }
            }
            for (Node each : root.required("later").items()) {
                read = read.wanted(each.required("frame").text(), each.required("step").whole(0, 1000),
                        Instant.parse(each.required("from").text()));
            }
            progress = read;
        } catch (IOException | BadFile | DateTimeException | java.nio.file.InvalidPathException e) {
            LOG.log(Level.WARNING, "day not read", e);
        }
    }
}
