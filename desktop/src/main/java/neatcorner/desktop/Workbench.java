package neatcorner.desktop;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.concurrent.atomic.AtomicLong;
import java.util.logging.Level;
import java.util.logging.Logger;
import javafx.application.Platform;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.IntegerProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleIntegerProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.beans.property.SimpleStringProperty;
import javafx.beans.property.StringProperty;
import neatcorner.exchange.BadFile;
import neatcorner.exchange.JobFile;
import neatcorner.glueup.Workshop;
import neatcorner.measure.Notation;
import neatcorner.measure.Units;
import neatcorner.plan.Defaults;
import neatcorner.plan.Job;
import neatcorner.plan.Plan;
import neatcorner.plan.Planner;
import neatcorner.plan.Station;
import neatcorner.stock.Search;
import org.jspecify.annotations.Nullable;

/**
 * The job on the bench. Every change goes through {@link #edit}; each gives a new plan, can be undone without limit, and
 * is kept in the job's file at once. Lives on the window's thread.
 */
final class Workbench implements AutoCloseable {
    private static final Logger LOG = Logger.getLogger(Workbench.class.getName());
    /** Jobs with more pieces are planned away from the window's thread. */
    private static final int MANY_PIECES = 160;
    /** How long a plan may keep the window waiting, ms. */
    private static final long SHORT_WAIT = 40;

    private final Home home;
    private final Settings settings;
    private final Shop shop;
    private final OffcutShelf shelf;
    private final java.time.Clock clock;
    private final javafx.beans.property.LongProperty ticks = new javafx.beans.property.SimpleLongProperty();
    private @Nullable SawShelf saws;
    private @Nullable ShopTimers timers;
    private @Nullable ShopDay day;
    private final WorkshopShelf workshop;
    private final Keeper keeper = new Keeper(outcome -> Platform.runLater(() -> kept(outcome)));
    private final Deque<Job> undone = new ArrayDeque<>();
    private final Deque<Job> done = new ArrayDeque<>();
    private final AtomicLong planning = new AtomicLong();
    private final ReadOnlyObjectWrapper<Plan> plan;
    private final ReadOnlyObjectWrapper<@Nullable Path> file = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyBooleanWrapper canUndo = new ReadOnlyBooleanWrapper();
    private final ReadOnlyBooleanWrapper canRedo = new ReadOnlyBooleanWrapper();
    private final BooleanProperty busy = new SimpleBooleanProperty();
    private final ObjectProperty<Notation> notation;
    private final ObjectProperty<Station> station = new SimpleObjectProperty<>(Station.OPENING);
    private final ObjectProperty<@Nullable Notice> notice = new SimpleObjectProperty<>();
    private final IntegerProperty cut = new SimpleIntegerProperty();
    private final StringProperty progress = new SimpleStringProperty("");
    private volatile boolean stopped;
    private JobFile jobFile;
    private Job committed;

    Workbench(Home home) {
        this(home, java.time.Clock.system(java.time.ZoneId.systemDefault()));
    }

    /** With a clock of its own, for tests. */
    Workbench(Home home, java.time.Clock clock) {
        this.home = home;
        this.clock = clock;
        this.settings = Settings.load(home);
        this.shop = new Shop(home);
        this.shelf = new OffcutShelf(home.offcuts());
        this.workshop = new WorkshopShelf(home.workshop());
        this.committed = Defaults.blank(settings.units());
        this.jobFile = JobFile.of(committed);
        this.plan = new ReadOnlyObjectWrapper<>(Planner.plan(committed));
        this.notation = new SimpleObjectProperty<>(settings.notation());
    }

    Home home() {
        return home;
    }

    Settings settings() {
        return settings;
    }

    Shop shop() {
        return shop;
    }

    OffcutShelf shelf() {
        return shelf;
    }

    /** The shop's saws; read when they are first asked for. */
    SawShelf saws() {
        SawShelf shelf = saws;
        if (shelf == null) {
            shelf = new SawShelf(home.saws(), settings.units());
            saws = shelf;
        }
        return shelf;
    }

    /** The waits that are being watched; read when they are first asked for. */
    ShopTimers timers() {
        ShopTimers all = timers;
        if (all == null) {
            all = new ShopTimers(home.timers(), clock);
            timers = all;
        }
        return all;
    }

    /** The shop's days; read when they are first asked for. */
    ShopDay day() {
        ShopDay days = day;
        if (days == null) {
            days = new ShopDay(this, home.day(), clock);
            day = days;
        }
        return days;
    }

    /** Counts seconds while the window is open. */
    javafx.beans.property.ReadOnlyLongProperty ticks() {
        return ticks;
    }

    /** A second has passed, or a timer was changed. */
    void tick() {
        ShopTimers all = timers;
        if (all != null) {
            all.look();
        }
        ticks.set(ticks.get() + 1);
    }

    /** Changes what the shop has. It is kept for all jobs. */
    void changeShop(java.util.function.UnaryOperator<Workshop> change) {
        edit(job().withShop(change.apply(job().shop())));
    }

    ReadOnlyObjectProperty<Plan> plan() {
        return plan.getReadOnlyProperty();
    }

    ReadOnlyObjectProperty<@Nullable Path> file() {
        return file.getReadOnlyProperty();
    }

    ReadOnlyBooleanProperty canUndo() {
        return canUndo.getReadOnlyProperty();
    }

    ReadOnlyBooleanProperty canRedo() {
        return canRedo.getReadOnlyProperty();
    }

    /** Whether a long plan is being worked out; the one shown is the last before it. */
    ReadOnlyBooleanProperty busy() {
        return busy;
    }

    ObjectProperty<Notation> notation() {
        return notation;
    }

    ObjectProperty<Station> station() {
        return station;
    }

    ObjectProperty<@Nullable Notice> notice() {
        return notice;
    }

    /** Index of the cut that is up at the saw. */
    IntegerProperty cut() {
        return cut;
    }

    Plan currentPlan() {
        return plan.get();
    }

    Job job() {
        return committed;
    }

    /** Changes the job for good: it can be undone, and it is kept. */
    void edit(Job job) {
        if (job.equals(committed)) {
            show(committed);
            return;
        }
        done.push(committed);
        undone.clear();
        commit(job);
    }

    /** Shows what a job would look like while something is being dragged or typed; nothing is kept. */
    void preview(Job job) {
        show(job);
    }

    void undo() {
        if (!done.isEmpty()) {
            undone.push(committed);
            commit(done.pop());
        }
    }

    void redo() {
        if (!undone.isEmpty()) {
            done.push(committed);
            commit(undone.pop());
        }
    }

    private void commit(Job job) {
        if (!job.shop().equals(committed.shop())) {
            workshop.keep(job.shop());
        }
        committed = job;
        jobFile = jobFile.withJob(job);
        canUndo.set(!done.isEmpty());
        canRedo.set(!undone.isEmpty());
        show(job);
        Path target = file.get();
        if (target != null) {
            keeper.keep(target, jobFile);
        }
    }

    /** Shows at once what can be found at once; goes on away from the window's thread when more can be found. */
    private void show(Job job) {
        long turn = planning.incrementAndGet();
        busy.set(false);
        stopped = false;
        if (job.quantity() * (long) Math.max(4, plan.get().pieces().size()) <= MANY_PIECES) {
            Patience patience = Patience.ofMillis(SHORT_WAIT);
            setPlan(Planner.plan(job, patience));
            if (!patience.ranOut()) {
                return;
            }
        }
        busy.set(true);
        progress.set("working out the sticks");
        Search search = new Search() {
            @Override
            public boolean isCancelled() {
                return stopped || planning.get() != turn;
            }

            @Override
            public void found(int bars, int atLeast) {
                Platform.runLater(() -> {
                    if (planning.get() == turn) {
                        progress.set(
                                "best so far " + bars + (atLeast > 0 ? " sticks, at least " + atLeast : " sticks"));
                    }
                });
            }
        };
        Thread.ofVirtual().name("planner").start(() -> {
            Plan worked = Planner.plan(job, search);
            Platform.runLater(() -> {
                if (planning.get() == turn) {
                    busy.set(false);
                    setPlan(worked);
                }
            });
        });
    }

    /** Ends a long search; its best so far is kept. */
    void stopSearching() {
        stopped = true;
    }

    /** What a long search has found so far, in words. */
    ReadOnlyStringProperty progress() {
        return progress;
    }

    private void setPlan(Plan newPlan) {
        plan.set(newPlan);
        cut.set(Math.max(0, Math.min(cut.get(), newPlan.cuts().size() - 1)));
    }

    private void kept(Keeper.Outcome outcome) {
        Notice shown = notice.get();
        switch (outcome) {
            case Keeper.Outcome.Kept kept -> {
                if (shown != null && shown.grave()) {
                    notice.set(null);
                }
            }
            case Keeper.Outcome.NotKept not -> notice.set(Notice.grave("This job is not being kept: " + not.why()
                    + ". It is safe here as long as the window is open; save a copy elsewhere."));
            case Keeper.Outcome.ChangedOutside changed -> notice.set(Notice.grave(
                    "Another program has changed this job's file. Your version is here, theirs is in the file.",
                    new Notice.Action("Take theirs", this::reload), new Notice.Action("Keep mine", this::overwrite)));
        }
    }

    private void reload() {
        Path path = file.get();
        if (path != null) {
            open(path);
        }
    }

    private void overwrite() {
        Path path = file.get();
        if (path != null) {
            keeper.attend(path, null);
            keeper.keep(path, jobFile);
        }
    }

    /** Puts another job on the bench; when it cannot be read the present one stays, and a notice says why. */
    boolean open(Path path) {
        try {
            JobFile read = JobFile.read(path);
            putOnBench(read, path, Files.readString(path));
            notice.set(null);
            return true;
        } catch (BadFile e) {
            notice.set(
                    Notice.grave(path.getFileName() + " is not a job this program can read: " + e.getMessage() + "."));
        } catch (NoSuchFileException e) {
            notice.set(Notice.grave("There is no file " + path + "."));
        } catch (IOException e) {
            LOG.log(Level.WARNING, "job not read", e);
            notice.set(Notice.grave(path + " cannot be read."));
        }
        return false;
    }

    private void putOnBench(JobFile job, Path path, @Nullable String text) {
        done.clear();
        undone.clear();
        canUndo.set(false);
        canRedo.set(false);
        committed = workshop.inShop(job.job());
        jobFile = job.withJob(committed);
        keeper.attend(path, text);
        file.set(path);
        cut.set(0);
        settings.setLastJob(path);
        show(committed);
    }

    /** A blank job of the maker's own. */
    void newJob() {
        Job blank = Defaults.blank(notation.get().units());
        try {
            putOnBench(JobFile.of(blank), shop.newFile(blank.title()), null);
            notice.set(null);
            station.set(Station.OPENING);
            Path path = file.get();
            if (path != null) {
                keeper.keep(path, jobFile);
            }
        } catch (IOException e) {
            LOG.log(Level.WARNING, "no place for a new job", e);
            notice.set(
                    Notice.grave("A new job cannot be kept in " + home.jobs() + ": the folder cannot be written to."));
        }
    }

    void saveCopy(Path path) {
        try {
            jobFile.write(path);
            notice.set(Notice.info("A copy is in " + path + "."));
        } catch (IOException e) {
            LOG.log(Level.WARNING, "copy not written", e);
            notice.set(Notice.grave("The copy could not be written to " + path + "."));
        }
    }

    void setUnits(Units units) {
        settings.setUnits(units);
        notation.set(settings.notation());
    }

    /** Takes over what the settings now say about notation. */
    void notationChanged() {
        notation.set(settings.notation());
    }

    @Override
    public void close() {
        keeper.close();
    }
}
