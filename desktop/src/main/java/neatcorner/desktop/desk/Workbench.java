package neatcorner.desktop.desk;

import java.io.IOException;
import java.nio.file.Path;
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
import neatcorner.desktop.document.OffcutShelf;
import neatcorner.desktop.document.Planning;
import neatcorner.exchange.BadFile;
import neatcorner.job.Defaults;
import neatcorner.job.Job;
import neatcorner.measure.Notation;
import neatcorner.measure.Units;
import neatcorner.plan.Edit;
import neatcorner.plan.Plan;
import neatcorner.plan.Remedy;
import neatcorner.plan.Station;
import neatcorner.shop.Shop;
import neatcorner.stock.Shelf;
import org.jspecify.annotations.Nullable;

/**
 * What one window works at: the job on its bench, the station, the notation. The job itself is a {@link Document}, which
 * other windows may show as well; what is shown of it here is its last plan. Lives on the windows' thread.
 */
public final class Workbench {
    private static final Logger LOG = Logger.getLogger(Workbench.class.getName());

    private final Premises premises;
    private final KeptNotices kept;
    private final FileMaking files;
    private final LongProperty ticks = new SimpleLongProperty();
    private final ReadOnlyObjectWrapper<Plan> plan;
    private final ReadOnlyObjectWrapper<Document> document;
    private final ReadOnlyBooleanWrapper canUndo = new ReadOnlyBooleanWrapper();
    private final ReadOnlyBooleanWrapper canRedo = new ReadOnlyBooleanWrapper();
    private boolean recalls;
    private final BooleanProperty busy = new SimpleBooleanProperty();
    private final ObjectProperty<Notation> notation;
    private final ObjectProperty<Station> station = new SimpleObjectProperty<>(Station.OPENING);
    private final Notices notices = new Notices();
    private final IntegerProperty cut = new SimpleIntegerProperty();
    private final StringProperty progress = new SimpleStringProperty("");
    private Subscription watched;
    private Subscription whileOpen = Subscription.EMPTY;

    /** With a blank job on it. */
    public Workbench(Premises premises) {
        this(premises, blank(premises));
    }

    private Workbench(Premises premises, Document first) {
        this.premises = premises;
        document = new ReadOnlyObjectWrapper<>(first);
        plan = new ReadOnlyObjectWrapper<>(first.work().plan());
        notation = new SimpleObjectProperty<>(premises.settings().notation());
        watched = first.watch(this::show);
        files = new FileMaking(planning(), notices::say, this::fault, premises::openOutside);
        kept = new KeptNotices(premises.documents(), document::get, notices);
        whileOpen(premises.documents().watch(kept::keptOrNot));
        premises.enter(this);
    }

    private static Document blank(Premises premises) {
        Job blank = Defaults.blank(premises.settings().units());
        return premises.documents().add(premises.folders().newFile(blank.title()), blank);
    }

    /** Another bench with the same job on it, at the same station. */
    public Workbench another() {
        Workbench beside = new Workbench(premises, document.get());
        beside.station.set(station.get());
        beside.show();
        beside.cut.set(cut.get());
        return beside;
    }

    /** What this window shares with all others. */
    public Premises premises() {
        return premises;
    }

    /** This window is the one that is used now. */
    public void use() {
        premises.use(this);
    }

    /** Ends when the window is closed what was begun for it. */
    public void whileOpen(Subscription subscription) {
        whileOpen = whileOpen.and(subscription);
    }

    /** The window is closed; its job stays open, and is kept. */
    public void leave() {
        watched.unsubscribe();
        whileOpen.unsubscribe();
        whileOpen = Subscription.EMPTY;
        premises.leave(this);
    }

    /** Says in one line what went wrong. */
    public void say(String line) {
        notices.say(Notice.grave(line));
    }

    /** After what the window is doing now. */
    public void soon(Runnable work) {
        premises.soon(work);
    }

    public Home home() {
        return premises.home();
    }

    public Settings settings() {
        return premises.settings();
    }

    /** The jobs that there are. */
    public JobFolders folders() {
        return premises.folders();
    }

    /** The shop's offcuts. */
    public OffcutShelf shelf() {
        return premises.documents().shop().shelf();
    }

    public Planning planning() {
        return premises.documents().planning();
    }

    /** Counts seconds while the program runs. */
    public ReadOnlyLongProperty ticks() {
        return ticks;
    }

    void show(long second) {
        ticks.set(second);
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

    public ObjectProperty<Notation> notation() {
        return notation;
    }

    public ObjectProperty<Station> station() {
        return station;
    }

    /** What there is to say in its window. */
    public Notices notices() {
        return notices;
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
        return !of.job().equals(job()) || !of.shop().equals(shop());
    }

    /** The job as it is now, newer perhaps than the plan that is shown. */
    public Job job() {
        return document.get().job();
    }

    /** What there is to make the job with. */
    public Shop shop() {
        return document.get().shop();
    }

    /** Changes the job as it is now: it can be undone, and it is kept. */
    public void change(String name, UnaryOperator<Job> change) {
        document.get().change(new Change(name, change));
    }

    /** Changes the job and the shelf of offcuts in one step. */
    public void change(String name, UnaryOperator<Job> change, Shelf.Move move) {
        document.get().change(new Change(name, change), move);
    }

    /** Changes what the shop has. It is kept for all jobs. */
    public void changeShop(String name, UnaryOperator<Shop> change) {
        change(name, Edit.shop(change));
    }

    /** What the maker's own shop has, whatever shop the job on the bench was planned in. */
    public Shop ownShop() {
        return premises.ownShop();
    }

    /** Changes the maker's own shop. A job from elsewhere has no part in it, and does not undo it. */
    public void changeOwnShop(String name, UnaryOperator<Shop> change) {
        if (document.get().isElsewhere()) {
            premises.documents().shop().changeOwn(settings().units(), change);
        } else {
            changeShop(name, change);
        }
    }

    /** Runs once the plan that is shown is of the job as it is now; at once if it is. */
    public void whenPlanned(Runnable then) {
        if (!isOld(plan.get())) {
            then.run();
            return;
        }
        Document of = document.get();
        Subscription[] waiting = new Subscription[1];
        waiting[0] = plan.subscribe((before, now) -> {
            boolean gone = document.get() != of;
            if (gone || !isOld(now)) {
                waiting[0].unsubscribe();
                if (!gone) {
                    soon(then);
                }
            }
        });
    }

    /** Changes the job or the shop as they are now. */
    public void change(String name, Edit edit) {
        document.get().change(new Change(name, edit));
    }

    /** Why an edit of the job as it is now would be refused; null when it would not be. */
    public @Nullable String refusal(Edit edit) {
        return document.get().refusal(edit);
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
        premises.fault(fault);
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
        premises.documents().open(path, this::putOnBench, this::say);
    }

    /** Puts a job on the bench at once, for the start; false when it cannot be read, and then a notice says why. */
    public boolean openNow(Path path) {
        try {
            putOnBench(premises.documents().openNow(path));
            return true;
        } catch (BadFile | IOException e) {
            LOG.log(Level.INFO, "job not read", e);
            say(DocumentStore.whyNotRead(path, e));
            return false;
        }
    }

    /** Undo goes on where each job was left; said once the window is whole, since nobody undoes before. */
    public void recall() {
        recalls = true;
        premises.documents().recall(document.get());
    }

    void putOnBench(Document next) {
        watched.unsubscribe();
        document.set(next);
        watched = next.watch(this::show);
        cut.set(0);
        notices.turnTo();
        settings().setLastJob(next.file());
        if (recalls) {
            premises.documents().recall(next);
        }
        show();
    }

    /** Lists the jobs anew; {@code changed} hears when there are others. */
    public void look(Runnable changed) {
        folders().look(premises.store(), changed);
    }

    /** A blank job of the maker's own. */
    public void newJob() {
        Job blank = Defaults.blank(notation.get().units());
        premises.documents().create(home().jobs(), JobFolders.fileName(blank.title()), blank, made -> {
            putOnBench(made);
            look(() -> {});
            station.set(Station.OPENING);
        });
    }

    /** What is written beside the jobs: papers, templates, lists. */
    public FileMaking files() {
        return files;
    }

    /**
     * Whether the window may be closed now. The last one stays as long as something is not kept; {@code end} is run as soon
     * as everything is.
     */
    public boolean mayEnd(Runnable end) {
        return premises.benches().size() > 1 || kept.mayEnd(end);
    }
}
