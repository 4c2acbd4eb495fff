package neatcorner.desktop.desk;

import java.io.IOException;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZonedDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.OptionalLong;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.logging.Level;
import java.util.logging.Logger;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import neatcorner.desktop.document.Planning;
import neatcorner.desktop.document.SharedFile;
import neatcorner.desktop.document.Ticket;
import neatcorner.drawing.Figure;
import neatcorner.exchange.BadFile;
import neatcorner.exchange.job.JobFile;
import neatcorner.glueup.schedule.Chain;
import neatcorner.glueup.schedule.Schedule;
import neatcorner.plan.Plan;
import neatcorner.planner.Planner;
import neatcorner.shop.Shop;
import neatcorner.station.glueup.DayProgress;
import neatcorner.station.glueup.ShopDays;
import neatcorner.station.opening.OpeningFigure;
import org.jspecify.annotations.Nullable;

/**
 * The shop's days: which jobs are being made, how far they are, and the schedule of the rest, laid out anew whenever
 * something changes or is late. Kept in a file. Lives on the window's thread; the laying out does not.
 */
public final class ShopDay {
    private static final Logger LOG = Logger.getLogger(ShopDay.class.getName());

    /**
     * What is shown: all frames with all their steps, and the schedule of what is left of them.
     *
     * @param pictures of the frames, one for each chain
     * @param due      by the frame's name, the day on which it is to be ready, where one was agreed
     */
    public record Shown(List<Chain> chains, List<Figure> pictures, Map<String, LocalDate> due, ShopDays rest,
            DayProgress progress) {

        /** Frames that will be ready after the day that was agreed for them, the latest first. */
        public List<Late> late() {
            List<Late> late = new ArrayList<>();
            for (int i = 0; i < chains.size(); i++) {
                int chain = i;
                String frame = chains.get(i).frame();
                LocalDate day = due.get(frame);
                OptionalLong ready = rest.schedule().steps().stream().filter(step -> step.chain() == chain)
                        .mapToLong(Schedule.Step::ready).max();
                if (day != null && ready.isPresent()) {
                    LocalDate done = rest.at(ready.getAsLong()).toLocalDate();
                    if (done.isAfter(day)) {
                        late.add(new Late(frame, day, done));
                    }
                }
            }
            late.sort(Comparator.comparing(Late::days).reversed());
            return late;
        }

        /** The number of a scheduled step among all of its frame's steps. */
        public int task(Schedule.Step step) {
            return step.task() + progress.done(chains.get(step.chain()).frame());
        }
    }

    /** A frame that is not ready on its day. */
    public record Late(String frame, LocalDate due, LocalDate done) {

        /** By how many days. */
        public long days() {
            return ChronoUnit.DAYS.between(due, done);
        }
    }

    private final Premises premises;
    private final SharedFile<DayPlan> file;
    private final Clock clock;
    private final ReadOnlyObjectWrapper<@Nullable Shown> shown = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyBooleanWrapper busy = new ReadOnlyBooleanWrapper();
    private final Instant opened;
    private @Nullable Ticket ticket;
    private boolean shownOnce;

    ShopDay(Premises premises, Clock clock) {
        this.premises = premises;
        this.file = new SharedFile<>(premises.store(), premises.home().day(), new DayPlan.Format(), DayPlan.NONE,
                premises::say);
        this.clock = clock;
        this.opened = minute();
        file.watch(this::changed);
    }

    private Instant minute() {
        return clock.instant().truncatedTo(ChronoUnit.MINUTES);
    }

    /** The days as they were last laid out; null before. */
    public ReadOnlyObjectProperty<@Nullable Shown> shown() {
        return shown.getReadOnlyProperty();
    }

    /** Whether a better order is being looked for. */
    public ReadOnlyBooleanProperty busy() {
        return busy.getReadOnlyProperty();
    }

    /** This moment, by the program's clock. */
    public Instant now() {
        return clock.instant();
    }

    /** A moment in the shop's time zone. */
    public ZonedDateTime zoned(Instant instant) {
        return instant.atZone(clock.getZone());
    }

    /** Jobs that are being made. */
    Set<Path> jobs() {
        Set<Path> jobs = file.now().jobs();
        return jobs != null ? jobs : usual();
    }

    /** Until a maker says otherwise, all jobs of their own are being made; the demo shop's only while there are none. */
    private Set<Path> usual() {
        Set<Path> own = own();
        return own.isEmpty() ? new LinkedHashSet<>(premises.folders().demoJobs()) : own;
    }

    private Set<Path> own() {
        Set<Path> own = new LinkedHashSet<>(premises.folders().ownJobs());
        premises.benches().stream().map(Workbench::file).filter(open -> !premises.folders().isDemo(open))
                .forEach(own::add);
        return own;
    }

    /** All jobs that could be made, the maker's own first. */
    public List<Path> possible() {
        Set<Path> all = own();
        all.addAll(premises.folders().demoJobs());
        return List.copyOf(all);
    }

    /** Whether a job is made in these days. */
    public boolean has(Path job) {
        return jobs().contains(job);
    }

    /** Makes a job in these days, or leaves it out. */
    public void include(Path job, boolean in) {
        Set<Path> usual = usual();
        file.change(day -> {
            Set<Path> before = day.jobs();
            Set<Path> jobs = new LinkedHashSet<>(before == null ? usual : before);
            if (in) {
                jobs.add(job);
            } else {
                jobs.remove(job);
            }
            return begun(day).withJobs(jobs);
        });
    }

    /** Makes one job in these days and no other. */
    public void only(Path job) {
        file.change(day -> begun(day).withJobs(Set.of(job)));
    }

    /** How far the work has come. */
    DayProgress progress() {
        return file.now().progress();
    }

    /** The next step of a frame is finished now. */
    public void finished(String frame) {
        Instant now = now();
        change(progress -> progress.finished(frame, now));
    }

    /** Takes back the last step of a frame that was done. */
    public void takenBack(String frame) {
        change(progress -> progress.takenBack(frame));
    }

    /** Wants a step no sooner than a moment; null for as soon as may be. */
    public void wanted(String frame, int step, @Nullable Instant from) {
        change(progress -> progress.wanted(frame, step, from));
    }

    private void change(UnaryOperator<DayProgress> change) {
        file.change(day -> begun(day).withProgress(change.apply(day.progress())));
    }

    private DayPlan begun(DayPlan day) {
        return day.start() == null ? new DayPlan(opened, day.jobs(), day.progress()) : day;
    }

    /** All to be done again, from now. */
    public void begin() {
        Instant now = minute();
        file.change(day -> new DayPlan(now, day.jobs(), DayProgress.NONE));
    }

    private void changed() {
        if (shownOnce) {
            layOut();
        }
    }

    /** Lays the rest out from now, or from the planned start while that is still to come. */
    public void layOut() {
        shownOnce = true;
        if (premises.benches().isEmpty()) {
            return;
        }
        Ticket running = ticket;
        if (running != null) {
            running.drop();
        }
        busy.set(true);
        DayPlan day = file.now();
        Instant start = day.start() == null ? opened : Objects.requireNonNull(day.start());
        Instant from = start.isAfter(now()) ? start : minute();
        ZonedDateTime when = zoned(from);
        Shop shop = premises.ownShop();
        Map<Path, Plan> open = open();
        List<Path> files = List.copyOf(jobs());
        DayProgress far = day.progress();
        Shown last = shown.get();
        List<Figure> before = last == null ? List.of() : last.pictures;
        ticket = premises.documents().planning().ask(Planning.Pace.QUICK, search -> {
            List<Chain> chains = new ArrayList<>();
            List<Figure> pictures = new ArrayList<>();
            List<@Nullable LocalDate> days = new ArrayList<>();
            for (Path each : files) {
                Plan present = open.get(each);
                Plan plan = present != null ? present : plan(each, shop);
                List<Chain> own = plan == null ? List.of() : ShopDays.chains(plan);
                chains.addAll(own);
                if (plan != null) {
                    Figure picture = kept(OpeningFigure.of(plan).bare(), before);
                    own.forEach(chain -> {
                        pictures.add(picture);
                        days.add(plan.job().order().due());
                    });
                }
            }
            List<Chain> named = apart(chains);
            Map<String, LocalDate> due = new HashMap<>();
            for (int i = 0; i < named.size(); i++) {
                if (days.get(i) != null) {
                    due.put(named.get(i).frame(), days.get(i));
                }
            }
            return new Shown(named, List.copyOf(pictures), Map.copyOf(due), far.rest(named, shop, when, () -> true),
                    far);
        }, first -> {
            shown.set(first);
            ticket = premises.documents().planning().ask(Planning.Pace.SLOW, search -> new Shown(first.chains,
                    first.pictures, first.due, far.rest(first.chains, shop, when, search), far), best -> {
                        busy.set(false);
                        shown.set(best);
                    }, this::failed);
        }, this::failed);
    }

    /** A picture that was shown already stays the same one, so that nobody need compare it. */
    private static Figure kept(Figure picture, List<Figure> before) {
        int at = before.indexOf(picture);
        return at < 0 ? picture : before.get(at);
    }

    /** Plans of the jobs that are on benches now. */
    private Map<Path, Plan> open() {
        Map<Path, Plan> open = new HashMap<>();
        for (Workbench bench : premises.benches()) {
            open.putIfAbsent(bench.file(), bench.currentPlan());
        }
        return open;
    }

    private void failed(Throwable fault) {
        busy.set(false);
        premises.fault(fault);
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
    private static @Nullable Plan plan(Path file, Shop shop) {
        try {
            return Planner.plan(JobFile.mended(file).file().job(), shop, () -> true);
        } catch (IOException | BadFile e) {
            LOG.log(Level.WARNING, "job left out of the day", e);
            return null;
        }
    }

    /** Whether the step that comes first should have been begun by now. */
    public boolean isLate() {
        Shown now = shown.get();
        return now != null && !now.rest().schedule().steps().isEmpty()
                && now.rest().at(now.rest().schedule().steps().getFirst().start()).toInstant()
                        .isBefore(now().minusSeconds(60));
    }
}
