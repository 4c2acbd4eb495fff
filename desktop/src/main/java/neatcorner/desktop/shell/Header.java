package neatcorner.desktop.shell;

import java.io.File;
import java.time.LocalDate;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Predicate;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.Label;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ProgressIndicator;
import javafx.scene.control.RadioMenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.shape.SVGPath;
import javafx.stage.FileChooser;
import neatcorner.desktop.control.BuiltFrom;
import neatcorner.desktop.control.Controls;
import neatcorner.desktop.desk.JobFolders;
import neatcorner.desktop.desk.Settings;
import neatcorner.desktop.desk.Workbench;
import neatcorner.desktop.document.Change;
import neatcorner.desktop.document.Document;
import neatcorner.desktop.look.Look;
import neatcorner.desktop.station.StationSpec;
import neatcorner.exchange.paper.PaperSize;
import neatcorner.job.Order;
import neatcorner.measure.Notation;
import neatcorner.measure.ReadingStep;
import neatcorner.measure.Spelling;
import neatcorner.measure.Units;
import neatcorner.plan.Level;
import neatcorner.plan.Plan;
import org.jspecify.annotations.Nullable;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** The top of the window: which job, how far it is ready, units, undo, paper, bench. */
final class Header extends HBox {
    private static final PseudoClass LATE = PseudoClass.getPseudoClass("late");

    private final Workbench bench;
    /** What was undone last, for as long as it can be done again. */
    private final Label undone = new Label();
    private final Button undo;
    private final Button redo;
    private String titleBefore = "";
    private @Nullable Document typedOver;
    private final MainWindow window;
    private final Button jobs = new Button("", mark());
    private final Button order;
    private final OrderCard agreement;
    private final TextField title = new TextField();
    private final Label ready = new Label();
    private final Label demo = new Label(ShellTexts.DEMO_SHOP);
    private final Button blank = new Button(ShellTexts.START_MY_OWN);
    private final Label elsewhere = new Label(ShellTexts.PLANNED_IN_ANOTHER_SHOP);
    private final Button own = new Button(ShellTexts.USE_MY_OWN_SHOP);
    private final ProgressIndicator busy = new ProgressIndicator();
    private final Controls.Choices<Units> units;

    Header(Workbench bench, MainWindow window) {
        this.bench = bench;
        this.window = window;
        getStyleClass().add("header");
        setAlignment(Pos.CENTER_LEFT);
        jobs.setId("jobs");
        jobs.getStyleClass().add("jobs");
        jobs.setAccessibleText(ShellTexts.JOBS);
        jobs.setTooltip(new Tooltip(ShellTexts.JOBS_CTRL_J));
        jobs.setOnAction(e -> window.openJobs());
        agreement = new OrderCard(bench, window);
        order = icon(Feather.CALENDAR, ShellTexts.DUE_ON_NOTE, "order", this::agree);
        title.setId("title");
        title.getStyleClass().add("job-title");
        title.setOnAction(e -> takeTitle());
        title.focusedProperty().addListener((observed, old, now) -> {
            if (now) {
                startTitle();
            } else if (title.getScene().getWindow().isFocused()) {
                takeTitle();
            }
        });
        title.addEventFilter(KeyEvent.KEY_PRESSED, e -> {
            if (e.getCode() == KeyCode.ESCAPE) {
                title.setText(titleBefore);
            }
        });
        ready.getStyleClass().add("ready");
        ready.setMinWidth(Region.USE_PREF_SIZE);
        demo.getStyleClass().add("demo");
        demo.setMinWidth(Region.USE_PREF_SIZE);
        blank.setId("blank");
        blank.setMinWidth(Region.USE_PREF_SIZE);
        blank.setOnAction(e -> bench.newJob());
        elsewhere.getStyleClass().add("demo");
        elsewhere.setMinWidth(Region.USE_PREF_SIZE);
        own.setId("own-shop");
        own.setMinWidth(Region.USE_PREF_SIZE);
        own.setTooltip(new Tooltip(ShellTexts.OWN_SHOP_HINT));
        own.setOnAction(e -> bench.document().get().useOwnShop());
        busy.setPrefSize(20, 20);
        busy.visibleProperty().bind(bench.busy());
        Label progress = new Label();
        progress.textProperty().bind(bench.progress());
        progress.getStyleClass().add("ready");
        progress.setId("progress");
        Button stop = new Button(ShellTexts.STOP);
        stop.setId("stop-search");
        stop.setMinWidth(Region.USE_PREF_SIZE);
        stop.setOnAction(e -> bench.stopSearching());
        for (Node node : List.of(progress, stop)) {
            node.visibleProperty().bind(bench.busy());
            node.managedProperty().bind(bench.busy());
        }
        units = new Controls.Choices<Units>(this::chooseUnits).with(Units.MILLIMETRES, "mm", "units-mm")
                .with(Units.INCHES, "in", "units-in");
        StackPane space = new StackPane(undone);
        space.setAlignment(Pos.CENTER_RIGHT);
        space.setMinWidth(0);
        space.setPrefWidth(0);
        undone.setMinWidth(0);
        HBox.setHgrow(space, Priority.ALWAYS);
        undo = icon(Feather.ROTATE_CCW, ShellTexts.UNDO_CTRL_Z, "undo", bench::undo);
        undo.disableProperty().bind(bench.canUndo().not());
        redo = icon(Feather.ROTATE_CW, ShellTexts.REDO_CTRL_Y, "redo", bench::redo);
        redo.disableProperty().bind(bench.canRedo().not());
        undone.setId("undone");
        undone.getStyleClass().add("ready");
        getChildren().addAll(jobs, title, order, ready, demo, blank, elsewhere, own, space, busy, progress, stop,
                units, undo,
                redo,
                icon(Feather.SEARCH, ShellTexts.FIND_ANYTHING_CTRL_K, "find", window::openFinder),
                icon(Feather.PRINTER, ShellTexts.PAPER_CTRL_P, "paper", window::openPaper),
                icon(Feather.MAXIMIZE, ShellTexts.BENCH_VIEW_F11, "bench", window::openBench), preferences());
    }

    /** All windows measure in these units from now on. */
    void chooseUnits(Units wanted) {
        new UnitsCard(bench, window, units).choose(wanted);
    }

    /** The program's own mark: two strips that meet at 45° with a fine gap. */
    private static SVGPath mark() {
        SVGPath mark = new SVGPath();
        mark.setContent("M2 2 H24 L16.5 9.5 H9.5 V16.5 L2 24 Z M25.6 3.6 V24 H18 V11.2 Z");
        mark.getStyleClass().add("mark");
        return mark;
    }

    private static Button icon(Feather icon, String text, String id, Runnable run) {
        Button button = new Button("", new FontIcon(icon));
        button.getStyleClass().add("icon-button");
        button.setId(id);
        button.setTooltip(new Tooltip(text));
        button.setAccessibleText(text);
        button.setOnAction(e -> run.run());
        return button;
    }

    void show(Plan plan, Notation notation) {
        showTitle(bench.job().title());
        name(undo, ShellTexts.UNDO, bench.document().get().undoName(), "(Ctrl+Z)", notation);
        String last = bench.document().get().redoName();
        undone.setText(last == null ? "" : notation.words(ShellTexts.UNDONE.formatted(last)));
        name(redo, ShellTexts.REDO, bench.document().get().redoName(), "(Ctrl+Y)", notation);
        title.setPrefColumnCount(Math.max(10, Math.min(28, plan.job().title().length())));
        long fine = window.stations().stream().map(StationSpec::station)
                .filter(station -> FindingsPane.gravest(plan, station) != Level.STOP).count();
        ready.setText(ShellTexts.READY.formatted(fine, window.stations().size()));
        boolean isDemo = bench.folders().isDemo(bench.file());
        show(isDemo, demo, blank);
        show(bench.document().get().isElsewhere(), elsewhere, own);
        units.show(notation.units());
        LocalDate today = bench.premises().shelves().today();
        Order agreed = plan.job().order();
        order.setText(JobCell.due(agreed, today, notation));
        order.getTooltip().setText(agreed.note().isEmpty() ? ShellTexts.DUE_ON_NOTE : agreed.note());
        order.pseudoClassStateChanged(LATE, agreed.due() != null && agreed.due().isBefore(today));
    }

    /** Asks when the job is due, and what was noted. */
    private void agree() {
        Document of = bench.document().get();
        agreement.open(of.job().order(), order,
                change -> of
                        .change(new Change(ShellTexts.CHANGE_AGREED, job -> job.withOrder(change.apply(job.order())))));
    }

    private static void show(boolean shown, Region... parts) {
        for (Region part : parts) {
            part.setVisible(shown);
            part.setManaged(shown);
        }
    }

    /** Says what a button would undo or do again. */
    private static void name(Button button, String verb, @Nullable String what, String keys, Notation notation) {
        String text = verb + (what == null ? "" : ": " + notation.words(what)) + " " + keys;
        button.getTooltip().setText(text);
        button.setAccessibleText(text);
    }

    /** Takes the title for the job whose title was typed over, and only if it was typed over. */
    private void takeTitle() {
        String text = title.getText().strip();
        Document of = typedOver;
        if (of != null && !text.isEmpty() && !text.equals(titleBefore)) {
            of.change(new Change("title", job -> job.withTitle(text)));
        }
        titleBefore = text;
    }

    /** A title that was half typed when the window was left for another goes on where it was. */
    private void startTitle() {
        boolean half = typedOver == bench.document().get() && titleBefore.equals(bench.job().title())
                && !title.getText().equals(titleBefore);
        if (half) {
            return;
        }
        typedOver = bench.document().get();
        titleBefore = bench.job().title();
        title.setText(titleBefore);
    }

    /** The title as it is now, when it was not typed by the one who has the field. */
    private void showTitle(String now) {
        boolean typing = title.isFocused() && typedOver == bench.document().get() && now.equals(titleBefore);
        if (!typing) {
            typedOver = bench.document().get();
            titleBefore = now;
            if (!title.getText().equals(now)) {
                title.setText(now);
            }
        }
    }

    private MenuButton preferences() {
        MenuButton menu = new MenuButton("", new FontIcon(Feather.SETTINGS));
        menu.setId("preferences");
        menu.getStyleClass().add("icon-button");
        menu.setAccessibleText(ShellTexts.PREFERENCES);
        BuiltFrom from = new BuiltFrom();
        menu.setOnShowing(e -> {
            Settings now = bench.settings();
            if (from.changed(now.step(Units.MILLIMETRES), now.step(Units.INCHES), now.spelling(), now.isDark(),
                    now.textSize(), now.paper())) {
                menu.getItems().setAll(preferences(now));
            }
        });
        menu.getItems().add(new MenuItem());
        return menu;
    }

    private List<MenuItem> preferences(Settings settings) {
        CheckMenuItem uk = new CheckMenuItem(ShellTexts.UK_WORDS);
        uk.setSelected(settings.spelling() == Spelling.UK);
        uk.setOnAction(e -> {
            settings.setSpelling(uk.isSelected() ? Spelling.UK : Spelling.US);
            bench.premises().notationChanged();
        });
        CheckMenuItem dark = new CheckMenuItem(ShellTexts.DARK);
        dark.setSelected(settings.isDark());
        dark.setOnAction(e -> {
            settings.setDark(dark.isSelected());
            Look.applyToAll(settings);
        });
        return List.of(
                oneOf(ShellTexts.READ_THE_RULE_TO, List.of(ReadingStep.values()), ReadingStep::label,
                        step -> settings.step(step.units()) == step, step -> {
                            settings.setStep(step);
                            bench.premises().notationChanged();
                        }),
                oneOf(ShellTexts.PAPER, List.of(PaperSize.values()), PaperSize::title,
                        sheet -> settings.paper() == sheet, settings::setPaper),
                oneOf(ShellTexts.TEXT_SIZE, List.of(100, 115, 130, 150, 175, 200), percent -> percent + " %",
                        percent -> settings.textSize() == percent, percent -> {
                            settings.setTextSize(percent);
                            Look.applyToAll(settings);
                        }),
                new SeparatorMenuItem(), uk, dark);
    }

    private static <T> Menu oneOf(String title, List<T> values, Function<T, String> name, Predicate<T> isChosen,
            Consumer<T> choose) {
        Menu menu = new Menu(title);
        for (T value : values) {
            RadioMenuItem item = new RadioMenuItem(name.apply(value));
            item.setSelected(isChosen.test(value));
            item.setOnAction(e -> {
                item.setSelected(true);
                choose.accept(value);
            });
            menu.getItems().add(item);
        }
        return menu;
    }

    private static FileChooser chooser(String title) {
        FileChooser chooser = new FileChooser();
        chooser.setTitle(title);
        chooser.getExtensionFilters().add(new FileChooser.ExtensionFilter(ShellTexts.JOBS, "*.json"));
        return chooser;
    }

    void openFile() {
        File file = chooser(ShellTexts.OPEN_A_JOB).showOpenDialog(getScene().getWindow());
        if (file != null) {
            bench.open(file.toPath());
        }
    }

    void saveCopy() {
        FileChooser chooser = chooser(ShellTexts.SAVE_A_COPY);
        chooser.setInitialFileName(JobFolders.fileName(bench.job().title()) + ".json");
        File file = chooser.showSaveDialog(getScene().getWindow());
        if (file != null) {
            bench.files().copy(bench.document().get().content(), file.toPath());
        }
    }
}
