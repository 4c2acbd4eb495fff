package neatcorner.desktop.shell;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Hyperlink;
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

/** The strip of findings: what would go wrong, in words, with the remedy as a button. */
final class FindingsPane extends ScrollPane {
    private static final double LEAST_WORDS = 300;

    private final VBox rows = new VBox();
    private final Consumer<Remedy> take;
    private final Consumer<Station> go;
    private final BuiltFrom built = new BuiltFrom();
    private List<Finding> shown = List.of();

    FindingsPane(Consumer<Remedy> take, Consumer<Station> go) {
        this.take = take;
        this.go = go;
        getStyleClass().add("findings");
        rows.getStyleClass().add("findings-rows");
        setContent(rows);
        setFitToWidth(true);
        rows.heightProperty().addListener(
                (observed, old, now) -> setPrefHeight(Math.min(136, Math.max(54, now.doubleValue() + 2))));
        setHbarPolicy(ScrollBarPolicy.NEVER);
    }

    void show(Station station, Plan plan, Notation notation) {
        shown = plan.findings().stream()
                .sorted(Comparator.comparing((Finding finding) -> finding.level())
                        .thenComparing(finding -> finding.where() != station))
                .toList();
        if (!built.changed(station, notation, shown.stream().map(FindingsPane::read).toList())) {
            return;
        }
        List<FlowPane> nodes = new ArrayList<>();
        for (int i = 0; i < shown.size(); i++) {
            nodes.add(row(i, station, notation));
        }
        rows.getChildren().setAll(nodes);
        if (shown.isEmpty()) {
            Label fine = new Label("Nothing stands in the way of cutting.");
            fine.getStyleClass().add("finding-text");
            rows.getChildren().setAll(line("all-well", glyph("✓", "Fine"), fine));
        }
    }

    /** What a maker reads of a finding; what its remedy does follows the plan. */
    private static List<Object> read(Finding finding) {
        Remedy remedy = finding.remedy();
        return List.of(finding.code(), finding.level(), finding.where(), finding.message(),
                remedy == null ? "" : remedy.label());
    }

    private void take(int index) {
        Remedy remedy = index < shown.size() ? shown.get(index).remedy() : null;
        if (remedy != null) {
            take.accept(remedy);
        }
    }

    private FlowPane row(int index, Station station, Notation notation) {
        Finding finding = shown.get(index);
        Label glyph = switch (finding.level()) {
            case STOP -> glyph("■", "Stop");
            case CHECK -> glyph("▲", "Check");
            case NOTE -> glyph("●", "Note");
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
        if (finding.where() != station) {
            Hyperlink where = new Hyperlink("at " + notation.words(finding.where().title()));
            where.setOnAction(e -> go.accept(finding.where()));
            where.setMinWidth(USE_PREF_SIZE);
            actions.getChildren().add(where);
        }
        Remedy remedy = finding.remedy();
        if (remedy != null) {
            Button button = new Button(remedy.label().in(notation));
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
    private static void share(FlowPane row, HBox actions, double width) {
        double room = width - row.snappedLeftInset() - row.snappedRightInset() - 1;
        double beside = room - actions.prefWidth(-1) - row.getHgap();
        HBox words = (HBox) row.getChildren().getFirst();
        double wide = beside > LEAST_WORDS ? beside : room;
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

    /** The gravest level among the findings of a station; null when there is none worth a sign. */
    static @Nullable Level gravest(Plan plan, Station station) {
        return plan.findings().stream().filter(finding -> finding.where() == station).map(Finding::level)
                .min(Comparator.naturalOrder()).orElse(null);
    }
}
