package neatcorner.desktop.shell;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.IntSupplier;
import java.util.stream.Stream;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import neatcorner.desktop.control.BuiltFrom;
import neatcorner.measure.Notation;
import neatcorner.plan.Finding;
import neatcorner.plan.Level;
import neatcorner.plan.Plan;
import neatcorner.plan.Remedy;
import neatcorner.plan.Station;
import org.jspecify.annotations.Nullable;

/**
 * The strip of findings: what would go wrong at the station, the gravest first, with the remedy as a button. It is as high as
 * it is, however much there is to say, so that nothing beside it moves.
 */
final class FindingsPane extends ScrollPane {
    private static final double LEAST_WORDS = 300;
    /** Two findings of a line, or one of two lines, with text of the usual size. */
    private static final double HEIGHT = 92;
    /** The share of the window that it takes at most, however large the text is. */
    private static final double MOST = 0.14;

    private final VBox rows = new VBox();
    private final Consumer<Remedy> take;
    private final IntSupplier textSize;
    private final BuiltFrom built = new BuiltFrom();
    private List<Finding> shown = List.of();

    /** @param textSize in percent of the usual */
    FindingsPane(Consumer<Remedy> take, IntSupplier textSize) {
        this.take = take;
        this.textSize = textSize;
        getStyleClass().add("findings");
        rows.getStyleClass().add("findings-rows");
        setContent(rows);
        setFitToWidth(true);
        setFitToHeight(true);
        setHbarPolicy(ScrollBarPolicy.NEVER);
    }

    @Override
    protected double computePrefHeight(double width) {
        double wanted = HEIGHT * textSize.getAsInt() / 100;
        return getScene() == null ? wanted : Math.min(wanted, Math.max(HEIGHT, MOST * getScene().getHeight()));
    }

    void show(Station station, Plan plan, Notation notation) {
        shown = at(plan, station).sorted(Comparator.comparing(Finding::level)).toList();
        if (!built.changed(station, notation, shown.stream().map(FindingsPane::read).toList())) {
            return;
        }
        List<FlowPane> nodes = new ArrayList<>();
        for (int i = 0; i < shown.size(); i++) {
            nodes.add(row(i, notation));
        }
        rows.getChildren().setAll(nodes);
        if (shown.isEmpty()) {
            Label fine = new Label(ShellTexts.NOTHING_IN_THE_WAY);
            fine.getStyleClass().add("finding-text");
            rows.getChildren().setAll(line("all-well", glyph("✓", ShellTexts.FINE), fine));
        }
        if (rows.getChildren().size() == 1) {
            VBox.setVgrow(rows.getChildren().getFirst(), Priority.ALWAYS);
        }
    }

    /** What a maker reads of a finding; what its remedy does follows the plan. */
    private static List<Object> read(Finding finding) {
        Remedy remedy = finding.remedy();
        return List.of(finding.code(), finding.level(), finding.message(),
                remedy == null ? "" : remedy.label());
    }

    private void take(int index) {
        Remedy remedy = index < shown.size() ? shown.get(index).remedy() : null;
        if (remedy != null) {
            take.accept(remedy);
        }
    }

    private FlowPane row(int index, Notation notation) {
        Finding finding = shown.get(index);
        Label glyph = switch (finding.level()) {
            case STOP -> glyph("■", ShellTexts.STOP);
            case CHECK -> glyph("▲", ShellTexts.CHECK);
            case NOTE -> glyph("●", ShellTexts.NOTE);
        };
        Label text = new Label(finding.message().in(notation));
        text.getStyleClass().add("finding-text");
        text.setWrapText(true);
        text.setMinHeight(USE_PREF_SIZE);
        HBox.setHgrow(text, Priority.ALWAYS);
        text.setMaxWidth(Double.MAX_VALUE);
        HBox actions = new HBox();
        actions.setAlignment(Pos.CENTER_RIGHT);
        actions.getStyleClass().add("finding-actions");
        FlowPane row = new FlowPane(line(finding.level().code(), glyph, text), actions);
        row.getStyleClass().addAll("finding-row");
        row.setMinWidth(0);
        row.widthProperty().addListener((observed, old, now) -> share(row, actions, now.doubleValue()));
        row.setId("finding-" + finding.code().replace('.', '-'));
        Remedy remedy = finding.remedy();
        if (remedy != null) {
            Button button = new Button(remedy.label().in(notation));
            button.setMnemonicParsing(false);
            button.getStyleClass().add("remedy");
            button.setId("remedy-" + finding.code().replace('.', '-'));
            button.setMinWidth(USE_PREF_SIZE);
            button.setOnAction(e -> take(index));
            actions.getChildren().add(button);
        }
        return row;
    }

    /**
     * Words and actions stand side by side; where that leaves too little room for the words, below each other. The words are
     * as high as their lines at that width.
     */
    private void share(FlowPane row, HBox actions, double width) {
        double room = width - row.snappedLeftInset() - row.snappedRightInset() - 1;
        double beside = room - actions.prefWidth(-1) - row.getHgap();
        HBox words = (HBox) row.getChildren().getFirst();
        double wide = beside > LEAST_WORDS * textSize.getAsInt() / 100 ? beside : room;
        words.setPrefSize(wide, USE_COMPUTED_SIZE);
        words.setPrefHeight(Math.ceil(words.prefHeight(wide)));
    }

    private static Label glyph(String sign, String word) {
        Label label = new Label(sign + " " + word);
        label.getStyleClass().add("finding-level");
        label.setMinWidth(USE_PREF_SIZE);
        return label;
    }

    private static HBox line(String styleClass, Label glyph, Label text) {
        HBox line = new HBox(glyph, text);
        line.setAlignment(Pos.CENTER_LEFT);
        line.getStyleClass().addAll("finding", styleClass);
        return line;
    }

    private static Stream<Finding> at(Plan plan, Station station) {
        return plan.findings().stream().filter(finding -> finding.where() == station);
    }

    /** How many findings a station has. */
    static int count(Plan plan, Station station) {
        return (int) at(plan, station).count();
    }

    /** The gravest level among the findings of a station; null when there are none. */
    static @Nullable Level gravest(Plan plan, Station station) {
        return at(plan, station).map(Finding::level).min(Comparator.naturalOrder()).orElse(null);
    }
}
