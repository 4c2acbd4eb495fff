package neatcorner.desktop.shell;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import javafx.geometry.Pos;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import neatcorner.desktop.control.ValueTag;
import neatcorner.desktop.desk.JobFolders;
import neatcorner.desktop.desk.Workbench;
import neatcorner.desktop.station.StationSpec;
import neatcorner.desktop.station.StationView;
import neatcorner.job.Job;
import neatcorner.measure.Notation;
import neatcorner.measure.Units;
import neatcorner.plan.Field;
import neatcorner.plan.Finding;
import neatcorner.plan.Plan;
import neatcorner.plan.Remedy;
import neatcorner.plan.Station;
import neatcorner.planner.Chapters;
import neatcorner.station.Chapter;
import neatcorner.wood.Species;
import org.jspecify.annotations.Nullable;

/** Finds anything by typing a part of its name: stations, fields, jobs, woods, remedies, and what the program can do. */
final class Finder extends StackPane {
    private static final int FAR = 5;

    private final Workbench bench;
    private final MainWindow window;
    private final TextField text = new TextField();
    private final Label nothing = new Label();
    private final ListView<Found> list = new ListView<>();
    private List<Found> all = List.of();
    private @Nullable Awaited awaited;

    /** A button that is to be pressed as soon as there is one; not after the job has become another meanwhile. */
    private record Awaited(Station station, String button, Job job) {}

    /**
     * Something that can be gone to or done.
     *
     * @param also other words that lead to it
     */
    private record Found(String kind, String name, String also, Runnable run) {

        Found(String kind, String name, Runnable run) {
            this(kind, name, "", run);
        }

        /** How near its name comes to what was typed: 0 is that very word, {@link #FAR} is nothing of it. */
        int rank(String wanted) {
            String called = name.toLowerCase(Locale.ROOT);
            if (called.equals(wanted)) {
                return 0;
            }
            if (called.startsWith(wanted)) {
                return 1;
            }
            if (called.contains(" " + wanted)) {
                return 2;
            }
            if ((called + " " + kind).toLowerCase(Locale.ROOT).contains(wanted)) {
                return 3;
            }
            return also.toLowerCase(Locale.ROOT).contains(wanted) ? 4 : FAR;
        }
    }

    Finder(Workbench bench, MainWindow window) {
        this.bench = bench;
        this.window = window;
        setId("finder");
        getStyleClass().add("finder");
        setVisible(false);
        setManaged(false);
        text.setPromptText(ShellTexts.FIND_PROMPT);
        text.setId("finder-text");
        text.textProperty().addListener((observed, old, now) -> filter());
        list.setFocusTraversable(false);
        nothing.setWrapText(true);
        nothing.setId("finder-nothing");
        list.setPlaceholder(nothing);
        list.setCellFactory(view -> new ListCell<>() {
            @Override
            protected void updateItem(Found item, boolean empty) {
                super.updateItem(item, empty);
                setText(empty || item == null ? "" : item.name + "   ·   " + item.kind);
            }
        });
        list.setOnMouseClicked(e -> take());
        VBox box = new VBox(text, list);
        box.getStyleClass().add("finder-box");
        box.setMaxSize(560, 420);
        setAlignment(box, Pos.TOP_CENTER);
        getChildren().add(box);
        setOnMouseClicked(e -> close());
        text.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
    }

    void open() {
        all = everything();
        text.setText("");
        filter();
        setVisible(true);
        setManaged(true);
        toFront();
        text.requestFocus();
    }

    private void close() {
        setVisible(false);
        setManaged(false);
        window.requestFocus();
    }

    private void key(KeyEvent e) {
        int at = list.getSelectionModel().getSelectedIndex();
        if (e.getCode() == KeyCode.DOWN) {
            list.getSelectionModel().select(Math.min(at + 1, list.getItems().size() - 1));
            e.consume();
        } else if (e.getCode() == KeyCode.UP) {
            list.getSelectionModel().select(Math.max(at - 1, 0));
            e.consume();
        } else if (e.getCode() == KeyCode.ENTER) {
            take();
            e.consume();
        } else if (e.getCode() == KeyCode.ESCAPE) {
            close();
            e.consume();
        }
    }

    private void take() {
        Found found = list.getSelectionModel().getSelectedItem();
        close();
        if (found != null) {
            found.run.run();
        }
    }

    private void filter() {
        String wanted = text.getText().strip().toLowerCase(Locale.ROOT);
        list.getItems().setAll(all.stream().filter(found -> found.rank(wanted) < FAR)
                .sorted(Comparator.comparingInt(found -> found.rank(wanted))).toList());
        nothing.setText(
                ShellTexts.NOTHING_CALLED.formatted(text.getText().strip()));
        list.getSelectionModel().selectFirst();
    }

    private List<Found> everything() {
        Plan plan = bench.currentPlan();
        Notation notation = bench.notation().get();
        List<Found> found = new ArrayList<>();
        for (StationSpec spec : window.stations()) {
            found.add(new Found("station", notation.words(spec.station().title()),
                    notation.words(String.join(" ", spec.words())), () -> bench.station().set(spec.station())));
            for (StationSpec.Mode mode : spec.modes()) {
                found.add(new Found(ShellTexts.SHOWN_AT.formatted(notation.words(spec.station().title())),
                        notation.words(mode.title()), () -> press(spec.station(), mode.button())));
            }
            for (StationSpec.Thing thing : spec.things()) {
                found.add(new Found(notation.words(thing.kind()), notation.words(thing.title()), thing.also(),
                        () -> take(spec.station(), thing)));
            }
        }
        for (Finding finding : plan.findings()) {
            found.add(new Found(ShellTexts.FINDING_AT.formatted(notation.words(finding.where().title())),
                    finding.message().in(notation),
                    () -> bench.station().set(finding.where())));
            Remedy remedy = finding.remedy();
            if (remedy != null) {
                found.add(new Found("remedy", remedy.label().in(notation),
                        () -> bench.take(remedy)));
            }
        }
        for (Chapter chapter : Chapters.ALL) {
            for (Field field : chapter.fields(plan)) {
                found.add(new Found(ShellTexts.FIELD.formatted(notation.text(field.in(plan))),
                        notation.words(field.title()),
                        () -> goTo(chapter.station(), field)));
            }
        }
        for (Species species : Species.KNOWN) {
            found.add(new Found("wood", species.name(),
                    () -> bench.change("wood", job -> job.withSection(job.section().withWood(species)))));
        }
        List<Path> files = new ArrayList<>(bench.folders().ownJobs());
        files.addAll(bench.folders().demoJobs());
        files.forEach(file -> found.add(new Found("job", JobFolders.label(file), () -> bench.open(file))));
        found.add(new Found("do", ShellTexts.NEW_JOB, bench::newJob));
        if (bench.document().get().isElsewhere()) {
            found.add(new Found("do", ShellTexts.USE_MY_OWN_SHOP, bench.document().get()::useOwnShop));
        }
        found.add(new Found("do", ShellTexts.NEW_WINDOW, ShellTexts.NEW_WINDOW_ALSO, window::openAnother));
        found.add(new Found("do", ShellTexts.BENCH_VIEW, ShellTexts.BENCH_VIEW_ALSO, window::openBench));
        found.add(new Found("do", ShellTexts.PAPER, ShellTexts.PAPER_ALSO, window::openPaper));
        found.add(new Found("do", ShellTexts.MILLIMETRES, () -> window.chooseUnits(Units.MILLIMETRES)));
        found.add(new Found("do", ShellTexts.INCHES, () -> window.chooseUnits(Units.INCHES)));
        found.add(new Found("do", ShellTexts.UNDO, bench::undo));
        found.add(new Found("do", ShellTexts.REDO, bench::redo));
        return found;
    }

    private StationView enter(Station station) {
        bench.station().set(station);
        window.bringUpToDate();
        window.applyCss();
        window.layout();
        return window.view(station);
    }

    private void take(Station station, StationSpec.Thing thing) {
        String button = thing.button();
        if (button != null) {
            press(station, button);
        } else {
            thing.take().accept(bench);
            bench.station().set(station);
        }
    }

    /** Presses a station's button, now or as soon as it has come; one that is in already stays in. */
    private void press(Station station, String id) {
        awaited = new Awaited(station, id, bench.job());
        enter(station);
        pressWhatHasCome();
    }

    /** Something at a station was shown anew: a button that is waited for may have come with it. */
    void pressWhatHasCome() {
        Awaited now = awaited;
        if (now == null) {
            return;
        }
        if (bench.station().get() != now.station || !bench.job().equals(now.job)) {
            awaited = null;
        } else if (window.view(now.station).lookup("#" + now.button) instanceof ButtonBase button) {
            awaited = null;
            button.requestFocus();
            if (!(button instanceof ToggleButton toggle && toggle.isSelected())) {
                button.fire();
            }
        }
    }

    private void goTo(Station station, Field field) {
        StationView view = enter(station);
        ValueTag tag = view.view().tag(field);
        if (tag != null) {
            tag.requestFocus();
            tag.open();
        } else if (view.lookup("#" + StationView.boxId(field)) instanceof ValueTag boxed) {
            boxed.requestFocus();
            boxed.open();
        } else {
            ValueTag inCard = view.reveal(field);
            if (inCard != null) {
                inCard.requestFocus();
                inCard.open();
            }
        }
    }
}
