package neatcorner.desktop.shell;

import java.nio.file.Path;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.BiFunction;
import javafx.scene.Node;
import javafx.scene.input.DragEvent;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.stage.Window;
import javafx.stage.WindowEvent;
import neatcorner.desktop.control.Card;
import neatcorner.desktop.desk.ArtPhotos;
import neatcorner.desktop.desk.Workbench;
import neatcorner.desktop.paper.PaperView;
import neatcorner.desktop.station.BenchScreen;
import neatcorner.desktop.station.Desk;
import neatcorner.desktop.station.StationSpec;
import neatcorner.desktop.station.StationView;
import neatcorner.measure.Notation;
import neatcorner.measure.Units;
import neatcorner.measure.Quantity;
import neatcorner.plan.Plan;
import neatcorner.plan.Station;
import org.jspecify.annotations.Nullable;

/**
 * The window's content: header, rail of stations, the station's drawing, slate, findings, and what lies over them. The
 * drawing and the slate come first; {@link #furnish} adds the rest when they are on the screen.
 */
public final class MainWindow extends StackPane {
    private static final double HEADER_ROOM = 62;
    private static final double FINDINGS_ROOM = 92;

    private final Workbench bench;
    private final BorderPane frame = new BorderPane();
    private final WorkPane work;
    private final StackPane head = new StackPane(room(HEADER_ROOM));
    private final StackPane entered = new StackPane();
    private final StationRail rail;
    private final Map<Station, StationView> views = new EnumMap<>(Station.class);
    private final SlatePane slate;
    private @Nullable FindingsPane findings;
    private @Nullable Header header;
    private final NoticeCard notice;
    private final CardLayer cards = new CardLayer();
    private @Nullable PaperView paper;
    private @Nullable JobRail jobs;
    private final List<StationSpec> specs;
    private final BiFunction<Workbench, Runnable, BenchScreen> usualBench;
    private final Runnable another;
    private final Map<BiFunction<Workbench, Runnable, BenchScreen>, BenchScreen> screens = new HashMap<>();
    private final Shortcuts shortcuts = new Shortcuts(this);
    private final Desk desk = new StationDesk();
    private @Nullable Finder finder;
    private boolean stale = true;

    /**
     * A window with these stations on its rail.
     *
     * @param usualBench what fills the screen at the bench where a station has nothing of its own
     * @param another    opens another window beside this one
     */
    public MainWindow(Workbench bench, List<StationSpec> specs,
            BiFunction<Workbench, Runnable, BenchScreen> usualBench, Runnable another) {
        this.bench = bench;
        this.specs = specs;
        this.usualBench = usualBench;
        this.another = another;
        getStyleClass().add("neat-corner");
        slate = new SlatePane(bench.currentPlan());
        rail = new StationRail(bench);
        work = new WorkPane(rail, entered, slate, room(FINDINGS_ROOM));
        notice = new NoticeCard(bench.notices(), slate.widthProperty());
        frame.setTop(head);
        frame.setCenter(work);
        getChildren().addAll(frame, notice, cards);
        bench.plan().addListener((observed, old, now) -> refresh());
        bench.notation().addListener((observed, old, now) -> refresh());
        bench.station().addListener((observed, old, now) -> {
            slate.forget();
            cards.close();
            refresh();
        });
        setShortcuts();
        addEventFilter(KeyEvent.KEY_PRESSED, e -> furnish());
        shortcuts.listen();
        addEventHandler(KeyEvent.KEY_PRESSED, cards::key);
        addEventFilter(MouseEvent.MOUSE_PRESSED, cards::pressed);
        addEventFilter(MouseEvent.MOUSE_PRESSED, this::leaveFocus);
        setOnDragOver(this::dragOver);
        setOnDragDropped(this::dropped);
        bringUpToDate();
    }

    /** What the window works at. */
    public Workbench bench() {
        return bench;
    }

    private static Region room(double height) {
        Region room = new Region();
        room.setMinHeight(height);
        return room;
    }

    /** Adds all that a first glance can do without. */
    public void furnish() {
        if (header != null) {
            return;
        }
        FindingsPane strip = new FindingsPane(bench::take, () -> bench.settings().textSize());
        Header top = new Header(bench, this);
        findings = strip;
        header = top;
        rail.furnish(specs);
        head.getChildren().setAll(top);
        work.setFindings(strip);
        views.values().forEach(StationView::furnish);
        stale = true;
        bringUpToDate();
        bench.recall();
    }

    /** Marks the window as out of date; it is brought up to date once, before the next frame is drawn. */
    void refresh() {
        if (!stale) {
            stale = true;
            bench.soon(this::bringUpToDate);
        }
    }

    /** Shows what is current now, without waiting for the next frame. */
    public void bringUpToDate() {
        if (!stale) {
            return;
        }
        stale = false;
        Plan plan = bench.currentPlan();
        Notation notation = bench.notation().get();
        Station station = bench.station().get();
        StationView view = view(station);
        view.show(plan, notation);
        putInFront(view);
        slate.show(view.slate(plan), plan, notation);
        if (findings != null && header != null) {
            findings.show(station, plan, notation);
            header.show(plan, notation);
        }
        screens.values().forEach(screen -> screen.show(plan, notation));
        rail.show(plan);
        if (finder != null) {
            finder.pressWhatHasCome();
        }
    }

    /** Views that were entered stay in the window, unseen: taken out, they would be styled anew each time they come back. */
    private void putInFront(StationView view) {
        if (view.getParent() == null) {
            entered.getChildren().add(view);
        }
        for (Node each : entered.getChildren()) {
            each.setVisible(each == view);
            each.setManaged(each == view);
        }
    }

    /** Fills the screen with what the hands do next at the station. */
    public void openBench() {
        BiFunction<Workbench, Runnable, BenchScreen> own = spec(bench.station().get()).bench();
        screens.computeIfAbsent(own == null ? usualBench : own, screen -> {
            BenchScreen made = screen.apply(bench, frame::requestFocus);
            getChildren().add(made);
            return made;
        }).open();
    }

    /** As the button on the window's frame does: whoever minds what is not kept is asked. */
    private void close() {
        Window window = getScene().getWindow();
        window.fireEvent(new WindowEvent(window, WindowEvent.WINDOW_CLOSE_REQUEST));
    }

    /** Shows what can be printed. */
    void openPaper() {
        PaperView view = paper;
        if (view == null) {
            view = new PaperView(bench, frame::requestFocus);
            paper = view;
            getChildren().add(view);
        }
        view.open();
    }

    /** Shows the jobs that there are. */
    void openJobs() {
        JobRail all = jobs;
        if (all == null) {
            all = new JobRail(bench, this);
            jobs = all;
            getChildren().add(all);
        }
        all.open();
        notice.toFront();
    }

    /** All windows measure in these units; about a job of the other system it is asked. */
    void chooseUnits(Units units) {
        header().chooseUnits(units);
    }

    void openFile() {
        header().openFile();
    }

    void saveCopy() {
        header().saveCopy();
    }

    /** Opens a card beside the thing that it belongs to. */
    void openCard(Card card, Node beside) {
        cards.close();
        cards.toFront();
        cards.toggle(card, beside);
    }

    /** Puts the card away, if one is open. */
    void closeCard() {
        cards.close();
    }

    /** Another window, with the same job. */
    void openAnother() {
        another.run();
    }

    List<StationSpec> stations() {
        return specs;
    }

    private StationSpec spec(Station station) {
        return specs.stream().filter(spec -> spec.station() == station).findFirst().orElseThrow();
    }

    void openFinder() {
        Finder open = finder;
        if (open == null) {
            open = new Finder(bench, this);
            getChildren().add(open);
            finder = open;
        }
        open.open();
    }

    /** The view of a station, made when it is first entered. */
    StationView view(Station station) {
        return views.computeIfAbsent(station, entered -> {
            StationView made = spec(entered).view().apply(desk);
            if (header != null) {
                made.furnish();
            }
            return made;
        });
    }

    private Header header() {
        furnish();
        return Objects.requireNonNull(header);
    }

    /** What keys do wherever the window has them; a station's number takes to it. */
    private void setShortcuts() {
        shortcuts.repeating(KeyCode.Z, bench::undo, KeyCombination.SHORTCUT_DOWN);
        shortcuts.repeating(KeyCode.Y, bench::redo, KeyCombination.SHORTCUT_DOWN);
        shortcuts.repeating(KeyCode.Z, bench::redo, KeyCombination.SHORTCUT_DOWN, KeyCombination.SHIFT_DOWN);
        shortcuts.once(KeyCode.K, this::openFinder, KeyCombination.SHORTCUT_DOWN);
        shortcuts.once(KeyCode.P, this::openPaper, KeyCombination.SHORTCUT_DOWN);
        shortcuts.once(KeyCode.J, this::openJobs, KeyCombination.SHORTCUT_DOWN);
        shortcuts.once(KeyCode.O, this::openFile, KeyCombination.SHORTCUT_DOWN);
        shortcuts.once(KeyCode.N, bench::newJob, KeyCombination.SHORTCUT_DOWN);
        shortcuts.once(KeyCode.N, another, KeyCombination.SHORTCUT_DOWN, KeyCombination.SHIFT_DOWN);
        shortcuts.once(KeyCode.W, this::close, KeyCombination.SHORTCUT_DOWN);
        shortcuts.once(KeyCode.S, this::saveCopy, KeyCombination.SHORTCUT_DOWN);
        shortcuts.once(KeyCode.F11, this::openBench);
        for (int i = 0; i < Math.min(9, specs.size()); i++) {
            Station station = specs.get(i).station();
            shortcuts.once(KeyCode.getKeyCode(String.valueOf(i + 1)), () -> bench.station().set(station),
                    KeyCombination.SHORTCUT_DOWN);
        }
    }

    /** Nothing has the keys until the maker goes somewhere: a number typed before is for nobody. */
    public void rest() {
        frame.requestFocus();
    }

    /** A press on what takes no keys takes them from what had them: a number typed next is for nobody. */
    private void leaveFocus(MouseEvent e) {
        Node node = e.getPickResult().getIntersectedNode();
        while (node != null && node != this) {
            if (node.isFocusTraversable()) {
                return;
            }
            node = node.getParent();
        }
        rest();
    }

    private void dragOver(DragEvent e) {
        if (e.getDragboard().hasFiles()) {
            e.acceptTransferModes(TransferMode.COPY);
            e.consume();
        }
    }

    private void dropped(DragEvent e) {
        if (e.getDragboard().hasFiles()) {
            Path file = e.getDragboard().getFiles().getFirst().toPath();
            if (ArtPhotos.isPhoto(file)) {
                bench.premises().photos().take(file, bench.document().get());
            } else {
                bench.open(file);
            }
            e.setDropCompleted(true);
            e.consume();
        }
    }

    /** What the stations get to see of this window. */
    private final class StationDesk implements Desk {

        @Override
        public Workbench bench() {
            return bench;
        }

        @Override
        public void card(Card card, Node beside) {
            cards.toggle(card, beside);
        }

        @Override
        public void explain(String name, Quantity value) {
            slate.explain(name, value);
        }

        @Override
        public void forget() {
            slate.forget();
        }

        @Override
        public void refresh() {
            MainWindow.this.refresh();
        }
    }
}
