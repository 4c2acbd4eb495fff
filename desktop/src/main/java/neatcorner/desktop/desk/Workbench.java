package neatcorner.desktop.desk;

import java.io.IOException;
import java.nio.file.Path;
import java.time.Clock;
import java.time.ZoneId;
import java.util.concurrent.Executor;
import java.util.function.UnaryOperator;
import java.util.logging.Level;
import java.util.logging.Logger;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.IntegerProperty;
import javafx.beans.property.LongProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyLongProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleIntegerProperty;
import javafx.beans.property.SimpleLongProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.beans.property.SimpleStringProperty;
import javafx.beans.property.StringProperty;
import javafx.util.Subscription;
import neatcorner.desktop.document.Change;
import neatcorner.desktop.document.Document;
import neatcorner.desktop.document.DocumentStore;
import neatcorner.desktop.document.Documents;
import neatcorner.desktop.document.OffcutShelf;
import neatcorner.desktop.document.Planning;
import neatcorner.desktop.document.ShelfMove;
import neatcorner.desktop.document.ShopState;
import neatcorner.desktop.document.Work;
import neatcorner.exchange.BadFile;
import neatcorner.glueup.Workshop;
import neatcorner.job.Defaults;
import neatcorner.job.Job;
import neatcorner.measure.Notation;
import neatcorner.measure.Units;
import neatcorner.plan.Edit;
import neatcorner.plan.Plan;
import neatcorner.plan.Remedy;
import neatcorner.plan.Station;
import neatcorner.planner.Planner;
import org.jspecify.annotations.Nullable;

/**
 * What one window works at: the job on its bench, the station, the notation. The job itself is a {@link Document}; what is
 * shown of it here is its last plan. Lives on the window's thread.
 */
public final class Workbench implements AutoCloseable {
    private static final Logger LOG = Logger.getLogger(Workbench.class.getName());
    /** Seconds between two tries to keep what could not be kept. */
    private static final long PATIENCE = 10;

    private final Home home;
    private final Executor window;
    private final Clock clock;
    private final DocumentStore store;
    private final Documents documents;
    private final KeptNotices kept;
    private final FileMaking files;
    private final CutLog cutLog;
    private final Settings settings;
    private final Shop shop;
    private final LongProperty ticks = new SimpleLongProperty();
    private final ReadOnlyObjectWrapper<Plan> plan;
    private final ReadOnlyObjectWrapper<Document> document;
    private final ReadOnlyBooleanWrapper canUndo = new ReadOnlyBooleanWrapper();
    private final ReadOnlyBooleanWrapper canRedo = new ReadOnlyBooleanWrapper();
    private final BooleanProperty busy = new SimpleBooleanProperty();
    private final ObjectProperty<Notation> notation;
    private final ObjectProperty<Station> station = new SimpleObjectProperty<>(Station.OPENING);
    private final ObjectProperty<@Nullable Notice> notice = new SimpleObjectProperty<>();
    private final IntegerProperty cut = new SimpleIntegerProperty();
    private final StringProperty progress = new SimpleStringProperty("");
    private Subscription watched;
    private final SawShelf saws;
    private @Nullable ShopTimers timers;
    private @Nullable ShopDay day;

    /** What is done later is done on the window's thread. */
    public Workbench(Home home, Executor window) {
        this(home, window, Clock.system(ZoneId.systemDefault()), Planner::plan);
    }

    /** With a clock and a planner of its own, for tests. */
    public Workbench(Home home, Executor window, Clock clock, Work.Planner planner) {
        this.home = home;
        this.window = window;
        this.clock = clock;
        this.store = DocumentStore.onThread(window);
        this.settings = new Settings(store, home, this::say);
        this.shop = new Shop(home);
        ShopState state = new ShopState(store, home.workshop(), home.offcuts(), this::say);
        state.lookNow();
        this.documents = new Documents(store, state, Planning.onThreads(window), planner);
        Job blank = Defaults.blank(settings.units());
        this.document = new ReadOnlyObjectWrapper<>(
                documents.add(shop.newFile(blank.title()), blank));
        this.plan = new ReadOnlyObjectWrapper<>(document.get().work().plan());
        this.notation = new SimpleObjectProperty<>(settings.notation());
        this.watched = document.get().watch(this::show);
        saws = new SawShelf(store, home.saws(), settings.units(), this::say);
        files = new FileMaking(documents.planning(), notice::set, this::fault);
        cutLog = new CutLog(store, home.log(), clock);
        kept = new KeptNotices(documents, document::get, notice);
        documents.hear(this::say);
    }

    /** Says in one line what went wrong. */
    public void say(String line) {
        notice.set(Notice.grave(line));
    }

    /** After what the window is doing now. */
    public void soon(Runnable work) {
        window.execute(work);
    }

    public Home home() {
        return home;
    }

    public Settings settings() {
        return settings;
    }

    public Shop shop() {
        return shop;
    }

    /** The shop's offcuts. */
    public OffcutShelf shelf() {
        return documents.shop().shelf();
    }

    public Planning planning() {
        return documents.planning();
    }

    /** The shop's saws; read when they are first asked for. */
    public SawShelf saws() {
        return saws;
    }

    /** The waits that are being watched; read when they are first asked for. */
    public ShopTimers timers() {
        ShopTimers all = timers;
        if (all == null) {
            all = new ShopTimers(store, home.timers(), clock, this::say);
            timers = all;
        }
        return all;
    }

    /** The shop's days; read when they are first asked for. */
    public ShopDay day() {
        ShopDay days = day;
        if (days == null) {
            days = new ShopDay(this, store, home.day(), clock);
            day = days;
        }
        return days;
    }

    /** Where cuts that were made are written down. */
    public CutLog cutLog() {
        return cutLog;
    }

    /** Counts seconds while the window is open. */
    public ReadOnlyLongProperty ticks() {
        return ticks;
    }

    /** A second has passed, or a timer was changed. */
    public void tick() {
        ShopTimers all = timers;
        if (all != null) {
            all.look();
        }
        ticks.set(ticks.get() + 1);
        if (ticks.get() % PATIENCE == 0) {
            documents.keepAgain();
        }
    }

    /** The plan that is shown. The job may be newer. */
    public ReadOnlyObjectProperty<Plan> plan() {
        return plan.getReadOnlyProperty();
    }

    public ReadOnlyObjectProperty<Document> document() {
        return document.getReadOnlyProperty();
    }

    public Path file() {
        return document.get().file();
    }

    public ReadOnlyBooleanProperty canUndo() {
        return canUndo.getReadOnlyProperty();
    }

    public ReadOnlyBooleanProperty canRedo() {
        return canRedo.getReadOnlyProperty();
    }

    /** Whether a long plan is being worked out; the one shown is the best before it. */
    public ReadOnlyBooleanProperty busy() {
        return busy;
    }

    /** Whether nothing is under way behind the window: no plan, no file. */
    public boolean isIdle() {
        return documents.isIdle();
    }

    public ObjectProperty<Notation> notation() {
        return notation;
    }

    public ObjectProperty<Station> station() {
        return station;
    }

    public ObjectProperty<@Nullable Notice> notice() {
        return notice;
    }

    /** Index of the cut that is up at the saw. */
    public IntegerProperty cut() {
        return cut;
    }

    public Plan currentPlan() {
        return plan.get();
    }

    /** Whether a plan is of the job as it was before; its newest plan is on its way then. */
    public boolean isOld(Plan of) {
        return !of.job().equals(job()) || !of.shop().equals(workshop());
    }

    /** The job as it is now, newer perhaps than the plan that is shown. */
    public Job job() {
        return document.get().job();
    }

    /** What there is to make the job with. */
    public Workshop workshop() {
        return document.get().shop();
    }

    /** Changes the job as it is now: it can be undone, and it is kept. */
    public void change(String name, UnaryOperator<Job> change) {
        document.get().change(new Change(name, change));
    }

    /** Changes the job and the shelf of offcuts in one step. */
    public void change(String name, UnaryOperator<Job> change, ShelfMove move) {
        document.get().change(new Change(name, change), move);
    }

    /** Changes what the shop has. It is kept for all jobs. */
    public void changeShop(String name, UnaryOperator<Workshop> change) {
        change(name, Edit.shop(change));
    }

    /** Changes the job or the shop as they are now. */
    public void change(String name, Edit edit) {
        document.get().change(new Change(name, edit));
    }

    /** Takes a remedy. */
    public void take(Remedy remedy) {
        change(remedy.label().in(Notation.of(job().units())), remedy.edit());
    }

    /** Changes the job in a way that takes a while to work out. */
    public void changeSlowly(String name, UnaryOperator<Job> change) {
        document.get().changeSlowly(new Change(name, change), this::fault);
    }

    /** Shows what a job would look like while something is being dragged or typed; nothing is kept. */
    public void preview(Edit change) {
        document.get().preview(change);
    }

    public void undo() {
        document.get().undo();
    }

    public void redo() {
        document.get().redo();
    }

    /** Says that the program failed at something. */
    public void fault(Throwable fault) {
        LOG.log(Level.SEVERE, "behind the window", fault);
        say("Something went wrong in the program; it is in the log. Your job is kept; undo if the screen looks odd.");
    }

    private void show() {
        Document now = document.get();
        canUndo.set(now.undoName() != null);
        canRedo.set(now.redoName() != null);
        progress.set(now.work().progress());
        plan.set(now.work().plan());
        if (!plan.get().cuts().isEmpty()) {
            cut.set(Math.min(cut.get(), plan.get().cuts().size() - 1));
        }
        busy.set(now.work().isBusy());
    }

    /** Ends a long search; its best so far is kept. */
    public void stopSearching() {
        document.get().work().stop();
    }

    /** What a long search has found so far, in words. */
    public ReadOnlyStringProperty progress() {
        return progress;
    }

    /** Puts another job on the bench when it is read; when it cannot be, the present one stays, and a notice says why. */
    public void open(Path path) {
        documents.open(path, this::putOnBench, this::say);
    }

    /** Puts a job on the bench at once, for the start; false when it cannot be read, and then a notice says why. */
    public boolean openNow(Path path) {
        try {
            putOnBench(documents.openNow(path));
            return true;
        } catch (BadFile | IOException e) {
            LOG.log(Level.INFO, "job not read", e);
            say(DocumentStore.whyNotRead(path, e));
            return false;
        }
    }

    private void putOnBench(Document next) {
        watched.unsubscribe();
        document.set(next);
        watched = next.watch(this::show);
        cut.set(0);
        Notice now = notice.get();
        if (now != null && now.about() == null) {
            notice.set(null);
        }
        settings.setLastJob(next.file());
        show();
    }

    /** Lists the shop's jobs anew; {@code changed} hears when there are others. */
    public void look(Runnable changed) {
        shop.look(store, changed);
    }

    /** A blank job of the maker's own. */
    public void newJob() {
        Job blank = Defaults.blank(notation.get().units());
        documents.create(home.jobs(), Shop.fileName(blank.title()), blank, made -> {
            putOnBench(made);
            shop.look(store, () -> {});
            station.set(Station.OPENING);
        });
    }

    /** What is written beside the jobs: papers, templates, lists. */
    public FileMaking files() {
        return files;
    }

    public void setUnits(Units units) {
        settings.setUnits(units);
        notationChanged();
    }

    /** Takes over what the settings now say about notation. */
    public void notationChanged() {
        notation.set(settings.notation());
    }

    /** Whether the program may end now; if not, {@code end} is run as soon as everything is kept. */
    public boolean mayEnd(Runnable end) {
        return kept.mayEnd(end);
    }

    /** Waits a little for what is being written; for the end of a test. */
    @Override
    public void close() {
        store.close();
    }
}
