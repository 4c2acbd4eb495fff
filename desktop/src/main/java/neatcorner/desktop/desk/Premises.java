package neatcorner.desktop.desk;

import java.nio.file.Path;
import java.time.Clock;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Executor;
import java.util.function.Consumer;
import java.util.logging.Level;
import java.util.logging.Logger;
import neatcorner.desktop.document.DocumentStore;
import neatcorner.desktop.document.Documents;
import neatcorner.desktop.document.Planning;
import neatcorner.desktop.document.ShopState;
import neatcorner.desktop.document.Work;
import neatcorner.measure.Units;
import neatcorner.planner.Planner;
import neatcorner.shop.Shop;
import org.jspecify.annotations.Nullable;

/**
 * What all windows of the program share: the open jobs, the shop's things, the settings, the clock. Each window has a
 * {@link Workbench} in it. Lives on the windows' thread.
 */
public final class Premises implements AutoCloseable {
    private static final Logger LOG = Logger.getLogger(Premises.class.getName());
    /** Seconds between two tries to keep what could not be kept. */
    private static final long PATIENCE = 10;

    private final Home home;
    private final Executor window;
    private final Clock clock;
    private final DocumentStore store;
    private final Documents documents;
    private final Settings settings;
    private final JobFolders folders;
    private final SawShelf saws;
    private final CutLog cutLog;
    /** The one used last comes first. */
    private final List<Workbench> benches = new ArrayList<>();
    private final List<String> unsaid = new ArrayList<>();
    private @Nullable ShopTimers timers;
    private @Nullable ShopDay day;
    private final JobShelves shelves = new JobShelves(this);
    private final ArtPhotos photos = new ArtPhotos(this);
    private Consumer<Path> opener = file -> {};
    private long ticks;

    /** What is done later is done on the windows' thread. */
    public Premises(Home home, Executor window) {
        this(home, window, Clock.system(ZoneId.systemDefault()), Planner::plan);
    }

    /** With a clock and a planner of its own, for tests. */
    public Premises(Home home, Executor window, Clock clock, Work.Planner planner) {
        this.home = home;
        this.window = window;
        this.clock = clock;
        store = DocumentStore.onThread(window);
        settings = new Settings(store, home, this::say);
        folders = new JobFolders(home, settings::units);
        ShopState shop = new ShopState(store, home.shop(), home.shelf(), home.offcuts(), this::say);
        shop.lookNow();
        documents = new Documents(store, shop, Planning.onThreads(window), planner);
        documents.hear(this::say);
        documents.rememberUndoIn(home.data().resolve("undo"));
        saws = new SawShelf(store, home.saws(), settings.units(), this::say);
        cutLog = new CutLog(store, home.log(), clock);
    }

    /** Says in one line what went wrong, in the window that was used last. */
    public void say(String line) {
        if (benches.isEmpty()) {
            unsaid.add(line);
        } else {
            benches.getFirst().say(line);
        }
    }

    /** Says that the program failed at something. */
    public void fault(Throwable fault) {
        LOG.log(Level.SEVERE, "behind the window", fault);
        say(DeskTexts.WENT_WRONG);
    }

    /** A window is opened. */
    void enter(Workbench bench) {
        benches.addFirst(bench);
        unsaid.forEach(bench::say);
        unsaid.clear();
    }

    /** A window is closed. */
    void leave(Workbench bench) {
        benches.remove(bench);
    }

    /** A window is the one that is used now. */
    void use(Workbench bench) {
        if (benches.remove(bench)) {
            benches.addFirst(bench);
        }
    }

    /** What every window works at, the one used last first. */
    public List<Workbench> benches() {
        return List.copyOf(benches);
    }

    /** After what the windows are doing now. */
    void soon(Runnable work) {
        window.execute(work);
    }

    /** Where the program keeps things. */
    public Home home() {
        return home;
    }

    DocumentStore store() {
        return store;
    }

    Documents documents() {
        return documents;
    }

    /** What the maker likes. */
    public Settings settings() {
        return settings;
    }

    /** The jobs that there are. */
    public JobFolders folders() {
        return folders;
    }

    /** Photos of what is framed. */
    public ArtPhotos photos() {
        return photos;
    }

    /** The jobs as they lie on their shelves. */
    public JobShelves shelves() {
        return shelves;
    }

    /** The shop's saws; read when they are first asked for. */
    public SawShelf saws() {
        return saws;
    }

    /** Where cuts that were made are written down. */
    public CutLog cutLog() {
        return cutLog;
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
            days = new ShopDay(this, clock);
            day = days;
        }
        return days;
    }

    /** How a file is handed to the program that the computer opens it with. */
    public void setOpener(Consumer<Path> opener) {
        this.opener = opener;
    }

    void openOutside(Path file) {
        opener.accept(file);
    }

    /** A second has passed, or a timer was changed. */
    public void tick() {
        ShopTimers all = timers;
        if (all != null) {
            all.look();
        }
        ticks++;
        benches().forEach(bench -> bench.show(ticks));
        if (ticks % PATIENCE == 0) {
            documents.keepAgain();
        }
    }

    /** All windows measure in these units from now on. */
    public void setUnits(Units units) {
        settings.setUnits(units);
        notationChanged();
    }

    /** Takes over what the settings now say about notation. */
    public void notationChanged() {
        benches().forEach(bench -> bench.notation().set(settings.notation()));
    }

    /** What the maker's own shop has, whatever shop the jobs in front were planned in. */
    public Shop ownShop() {
        return documents.shop().own(settings.units());
    }

    /** Whether nothing is under way behind the windows: no plan, no file. */
    public boolean isIdle() {
        return documents.isIdle();
    }

    /** Waits a little for what is being written. */
    @Override
    public void close() {
        store.close();
    }
}
