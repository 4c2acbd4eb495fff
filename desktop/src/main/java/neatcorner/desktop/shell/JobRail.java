package neatcorner.desktop.shell;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import neatcorner.desktop.control.Controls;
import neatcorner.desktop.desk.JobCard;
import neatcorner.desktop.desk.JobShelves;
import neatcorner.desktop.desk.Notice;
import neatcorner.desktop.desk.Shelf;
import neatcorner.desktop.desk.Workbench;
import neatcorner.desktop.draw.FigureView;
import org.jspecify.annotations.Nullable;

/**
 * The jobs at the window's left: each with its frame, all to one scale, when it is due and how far it is. What is done to one
 * is done to the one that is picked.
 */
final class JobRail extends StackPane {
    private final Workbench bench;
    private final MainWindow window;
    private final JobShelves shelves;
    /** Only its colors are wanted. */
    private final FigureView colors = new FigureView();
    private final JobCell.Scale scale = new JobCell.Scale();
    private final TextField search = new TextField();
    private final Map<Shelf, ToggleButton> tabs = new EnumMap<>(Shelf.class);
    private final ListView<JobCard> list = new ListView<>();
    private final Label nothing = new Label();
    private final List<Button> ofOne = new ArrayList<>();
    private final Button open;
    private final Button agreed;
    private final OrderCard agreement;
    private final Button copy;
    private final Button away;
    private final Button thrown;
    private final Button back;
    private Shelf shelf = Shelf.OWN;
    private List<JobCard> cards = List.of();
    /** What is picked, or will be when its card has come. */
    private @Nullable Path wanted;
    private boolean filling;

    JobRail(Workbench bench, MainWindow window) {
        this.bench = bench;
        this.window = window;
        agreement = new OrderCard(bench, window);
        shelves = bench.premises().shelves();
        setId("job-rail");
        getStyleClass().add("finder");
        setVisible(false);
        setManaged(false);
        search.setId("jobs-search");
        search.setPromptText(ShellTexts.SEARCH_JOBS);
        search.textProperty().subscribe(this::filter);
        search.addEventFilter(KeyEvent.KEY_PRESSED, this::fromSearch);
        HBox.setHgrow(search, Priority.ALWAYS);
        Button leave = new Button(ShellTexts.CLOSE);
        leave.setId("jobs-close");
        leave.setOnAction(e -> close());
        HBox top = new HBox(search, leave);
        top.getStyleClass().add("rail-row");
        HBox shelfRow = new HBox();
        shelfRow.getStyleClass().add("choices");
        for (Shelf each : Shelf.values()) {
            shelfRow.getChildren().add(tab(each));
        }
        list.setId("jobs-list");
        list.setCellFactory(view -> new JobCell(colors, scale, bench, this::openPicked));
        nothing.setWrapText(true);
        nothing.setId("jobs-nothing");
        list.setPlaceholder(nothing);
        list.addEventHandler(KeyEvent.KEY_PRESSED, this::fromList);
        VBox.setVgrow(list, Priority.ALWAYS);
        open = act("jobs-open", ShellTexts.OPEN, card -> openPicked());
        agreed = act("jobs-agreed", ShellTexts.DUE_NOTE, this::agree);
        copy = act("jobs-copy", ShellTexts.MAKE_ANOTHER_LIKE_IT, this::duplicate);
        away = act("jobs-away", ShellTexts.PUT_AWAY, card -> move(card, Shelf.PUT_AWAY));
        thrown = act("jobs-throw", ShellTexts.THROW_AWAY, card -> move(card, Shelf.THROWN_AWAY));
        back = act("jobs-back", ShellTexts.BRING_IT_BACK, card -> move(card, Shelf.OWN));
        list.getSelectionModel().selectedItemProperty().subscribe(this::offer);
        FlowPane acts = new FlowPane(open, agreed, copy, away, thrown, back);
        acts.getStyleClass().add("rail-row");
        FlowPane others = new FlowPane(button("jobs-new", ShellTexts.NEW_JOB, bench::newJob),
                button("jobs-file", ShellTexts.OPEN_A_FILE, window::openFile),
                button("jobs-save", ShellTexts.SAVE_A_COPY_BUTTON, window::saveCopy),
                button("jobs-window", ShellTexts.NEW_WINDOW, window::openAnother));
        others.getStyleClass().add("rail-row");
        VBox box = new VBox(top, shelfRow, list, acts, others);
        box.setId("jobs-box");
        box.getStyleClass().addAll("finder-box", "job-rail");
        box.setMaxWidth(USE_PREF_SIZE);
        setAlignment(box, Pos.CENTER_LEFT);
        colors.setManaged(false);
        getChildren().addAll(colors, box);
        setOnMouseClicked(e -> {
            if (e.getTarget() == this) {
                close();
            }
        });
        addEventHandler(KeyEvent.KEY_PRESSED, e -> {
            if (e.getCode() == KeyCode.ESCAPE) {
                close();
                e.consume();
            }
        });
    }

    private ToggleButton tab(Shelf each) {
        ToggleButton tab = new ToggleButton();
        tab.getStyleClass().add("choice");
        tab.setId(Controls.id("shelf-", each));
        tab.setMinWidth(USE_PREF_SIZE);
        tab.setOnAction(e -> show(each));
        tabs.put(each, tab);
        return tab;
    }

    /** A button that leaves the rail and goes elsewhere. */
    private Button button(String id, String text, Runnable run) {
        Button button = new Button(text);
        button.setId(id);
        button.setOnAction(e -> {
            close();
            run.run();
        });
        return button;
    }

    /** A button that does something to the job that is picked. */
    private Button act(String id, String text, Consumer<JobCard> run) {
        Button button = new Button(text);
        button.setId(id);
        button.setOnAction(e -> picked(run));
        ofOne.add(button);
        return button;
    }

    private void picked(Consumer<JobCard> run) {
        JobCard card = list.getSelectionModel().getSelectedItem();
        if (card != null) {
            wanted = card.file();
            run.accept(card);
        }
    }

    /** Shows the shelf on which the job on the bench lies. */
    void open() {
        setVisible(true);
        setManaged(true);
        toFront();
        search.setText("");
        search.requestFocus();
        wanted = bench.file();
        shelf = bench.folders().isDemo(bench.file()) ? Shelf.DEMO : Shelf.OWN;
        show(shelf);
        shelves.look(() -> show(shelf));
    }

    private void close() {
        window.closeCard();
        setVisible(false);
        setManaged(false);
        window.requestFocus();
    }

    private void show(Shelf wanted) {
        if (wanted != shelf) {
            cards = List.of();
        }
        shelf = wanted;
        tabs.forEach((each, tab) -> {
            tab.setText(each.title() + "  " + shelves.count(each));
            tab.setSelected(each == shelf);
        });
        if (shelves.count(shelf) == 0) {
            cards = List.of();
        }
        filter(search.getText());
        shelves.cards(shelf, found -> {
            cards = found;
            filter(search.getText());
        });
    }

    private void filter(String text) {
        List<JobCard> left = cards.stream().filter(card -> text.isBlank() || card.has(text)).toList();
        scale.fit(cards);
        if (!list.getItems().equals(left)) {
            filling = true;
            list.getItems().setAll(left);
            JobCard again = left.stream().filter(card -> card.file().equals(wanted)).findFirst()
                    .orElse(left.isEmpty() ? null : left.getFirst());
            list.getSelectionModel().select(again);
            list.scrollTo(again);
            filling = false;
        }
        nothing.setText(
                cards.isEmpty() ? emptyWords() : ShellTexts.NO_JOB_HAS.formatted(text.strip()));
    }

    private String emptyWords() {
        if (shelves.count(shelf) > 0) {
            return "…";
        }
        return switch (shelf) {
            case OWN -> ShellTexts.NO_OWN_JOB;
            case DEMO -> ShellTexts.NO_DEMO_JOB;
            case PUT_AWAY -> ShellTexts.NONE_PUT_AWAY;
            case THROWN_AWAY -> ShellTexts.NONE_THROWN_AWAY;
        };
    }

    /** What can be done to the job that is picked. */
    private void offer(@Nullable JobCard card) {
        if (card != null && !filling) {
            wanted = card.file();
        }
        ofOne.forEach(button -> button.setDisable(card == null));
        boolean readable = card != null && card.picture() != null;
        open.setDisable(!readable);
        agreed.setDisable(!readable);
        copy.setDisable(!readable);
        shown(away, shelf == Shelf.OWN);
        shown(thrown, shelf == Shelf.OWN || shelf == Shelf.PUT_AWAY);
        shown(back, shelf == Shelf.PUT_AWAY || shelf == Shelf.THROWN_AWAY);
        shown(open, shelf != Shelf.THROWN_AWAY);
        shown(agreed, shelf != Shelf.THROWN_AWAY);
    }

    private static void shown(Button button, boolean now) {
        button.setVisible(now);
        button.setManaged(now);
    }

    private void openPicked() {
        picked(card -> {
            if (card.picture() != null && shelf != Shelf.THROWN_AWAY) {
                close();
                bench.open(card.file());
            }
        });
    }

    private void agree(JobCard card) {
        agreement.open(card.order(), agreed, change -> shelves.agree(card.file(), change,
                () -> bench.soon(() -> show(shelf))));
    }

    private void duplicate(JobCard card) {
        shelves.duplicate(card.file(), made -> {
            close();
            bench.open(made.file());
        });
    }

    private void move(JobCard card, Shelf to) {
        Shelf from = shelf;
        shelves.move(card.file(), to, moved -> {
            show(shelf);
            String where = switch (to) {
                case THROWN_AWAY -> ShellTexts.WAS_THROWN_AWAY;
                case PUT_AWAY -> ShellTexts.WAS_PUT_AWAY;
                case OWN, DEMO -> ShellTexts.LIES_WITH_YOURS_AGAIN;
            };
            bench.notices().say(Notice.info(where.formatted(card.title()), new Notice.Action(ShellTexts.UNDO,
                    () -> shelves.move(moved, from, again -> show(shelf)))));
        });
    }

    private void fromSearch(KeyEvent e) {
        int at = list.getSelectionModel().getSelectedIndex();
        if (e.getCode() == KeyCode.DOWN) {
            list.getSelectionModel().select(Math.min(at + 1, list.getItems().size() - 1));
        } else if (e.getCode() == KeyCode.UP) {
            list.getSelectionModel().select(Math.max(at - 1, 0));
        } else if (e.getCode() == KeyCode.ENTER) {
            openPicked();
        } else {
            return;
        }
        list.scrollTo(list.getSelectionModel().getSelectedIndex());
        e.consume();
    }

    private void fromList(KeyEvent e) {
        if (e.getCode() == KeyCode.ENTER) {
            openPicked();
            e.consume();
        } else if (e.getCode() == KeyCode.DELETE && thrown.isVisible()) {
            picked(card -> move(card, Shelf.THROWN_AWAY));
            e.consume();
        }
    }
}
