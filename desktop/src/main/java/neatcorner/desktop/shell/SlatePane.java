package neatcorner.desktop.shell;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.AccessibleRole;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import neatcorner.desktop.control.BuiltFrom;
import neatcorner.desktop.control.FiguresLabel;
import neatcorner.measure.Figures;
import neatcorner.measure.Length;
import neatcorner.measure.Notation;
import neatcorner.measure.Quantity;
import neatcorner.measure.Reading;
import neatcorner.measure.Units;
import neatcorner.plan.Plan;
import neatcorner.plan.Slate;
import neatcorner.planner.Chapters;

/** The slate: the few figures that the hands need next, large; a click or F1 on one shows how it was come by. */
final class SlatePane extends VBox {
    /** A pair of figures of more digits than this is written smaller, or its unit would be cut off. */
    private static final double MOST_PLACES = 9.5;
    private final VBox rows = new VBox();
    private final VBox working = new VBox();
    private final Label workingText = new Label();
    private List<SlateRow> shown = new ArrayList<>();
    private Notation notation = Notation.of(Units.MILLIMETRES);
    private Plan plan;
    private Slate slate = new Slate(List.of());
    private List<Reading> asked = List.of();

    SlatePane(Plan plan) {
        this.plan = plan;
        getStyleClass().add("slate");
        rows.getStyleClass().add("slate-rows");
        ScrollPane scroll = new ScrollPane(rows);
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.getStyleClass().add("slate-scroll");
        VBox.setVgrow(scroll, Priority.ALWAYS);
        Label title = new Label(ShellTexts.WORKING);
        title.getStyleClass().add("slate-working-title");
        workingText.setWrapText(true);
        workingText.setId("working");
        workingText.setMinHeight(USE_PREF_SIZE);
        workingText.getStyleClass().add("slate-working");
        working.getChildren().addAll(title, workingText);
        working.getStyleClass().add("slate-working-box");
        working.setMinHeight(USE_PREF_SIZE);
        getChildren().addAll(scroll, working);
        explainNothing();
    }

    private void explainNothing() {
        workingText.setText(ShellTexts.WORKING_HINT);
    }

    void show(Slate newSlate, Plan newPlan, Notation newNotation) {
        slate = newSlate;
        plan = newPlan;
        notation = newNotation;
        List<Slate.Row> wanted = newSlate.rows();
        if (wanted.size() != shown.size()) {
            shown = new ArrayList<>();
            for (int i = 0; i < wanted.size(); i++) {
                shown.add(new SlateRow());
            }
            rows.getChildren().setAll(shown);
        }
        for (int i = 0; i < wanted.size(); i++) {
            shown.get(i).show(wanted.get(i));
        }
        refreshWorking();
    }

    /** Forgets which working was asked for, as when another station is entered. */
    void forget() {
        asked = List.of();
        explainNothing();
    }

    /** Shows the working of a figure by its name, wherever on the slates it stands. */
    void explain(String name, Quantity value) {
        explain(List.of(find(name).orElseGet(() -> Reading.given(name, value))));
    }

    private void explain(List<Reading> readings) {
        asked = readings;
        List<String> lines = new ArrayList<>();
        readings.forEach(reading -> addLines(reading, lines, 0));
        workingText.setText(String.join("\n", lines));
    }

    private void addLines(Reading reading, List<String> lines, int depth) {
        String line = reading.working(notation);
        if (!lines.contains(line) && (depth == 0 || !reading.isGiven()) && lines.size() < 6) {
            lines.add(line);
            reading.from().forEach(part -> addLines(part, lines, depth + 1));
        }
    }

    private void refreshWorking() {
        List<Reading> fresh = new ArrayList<>();
        for (Reading old : asked) {
            fresh.add(find(old.name()).orElse(old));
        }
        if (!fresh.isEmpty()) {
            explain(fresh);
        }
    }

    /** The figure of that name: of the slate that is shown, or of any station's. */
    private Optional<Reading> find(String name) {
        return slate.reading(name).or(() -> Chapters.reading(plan, name));
    }

    /** A name with one figure, or with a width and a height. */
    private final class SlateRow extends VBox {
        private final Text name = new Text();
        private final FiguresLabel first = new FiguresLabel();
        private final FiguresLabel second = new FiguresLabel();
        private final Text times = new Text("×");
        private final HBox numbers = new HBox(first);
        private final BuiltFrom built = new BuiltFrom();
        private List<Reading> readings = List.of();
        /** Room left and right of a name, pixels. */
        private static final double SIDES = 20;

        SlateRow() {
            getStyleClass().add("slate-row");
            setMinWidth(0);
            name.getStyleClass().add("slate-name");
            times.getStyleClass().add("slate-times");
            numbers.setAlignment(Pos.CENTER_LEFT);
            numbers.getStyleClass().add("slate-numbers");
            getChildren().addAll(name, numbers);
            widthProperty().subscribe(width -> name.setWrappingWidth(Math.max(0, width.doubleValue() - SIDES)));
            setFocusTraversable(true);
            setAccessibleRole(AccessibleRole.BUTTON);
            setOnMouseClicked(e -> {
                requestFocus();
                explain(readings);
            });
            setOnKeyPressed(e -> {
                if (e.getCode() == KeyCode.F1 || e.getCode() == KeyCode.ENTER || e.getCode() == KeyCode.SPACE) {
                    explain(readings);
                    e.consume();
                }
            });
        }

        void show(Slate.Row row) {
            readings = row.readings();
            if (built.changed(row.name(), row.large(), notation, readings.stream().map(Reading::value).toList())) {
                write(row);
            }
        }

        private void write(Slate.Row row) {
            name.setText(notation.words(row.name()));
            double wide = readings.stream().mapToDouble(reading -> places(notation.figures(reading.value()))).sum();
            getStyleClass().setAll("slate-row", !row.large() ? "plain" : wide > MOST_PLACES ? "long" : "large");
            setId("slate-" + row.name().toLowerCase(Locale.ROOT).replaceAll("[^a-z]+", "-"));
            boolean pair = readings.size() > 1;
            Quantity value = readings.getFirst().value();
            first.show(notation.figures(value), !pair || !(value instanceof Length));
            times.setText(value instanceof Length ? "×" : "/");
            if (pair) {
                second.show(notation.figures(readings.get(1).value()), true);
                if (numbers.getChildren().size() == 1) {
                    numbers.getChildren().addAll(times, second);
                }
            } else {
                numbers.getChildren().setAll(first);
            }
            setAccessibleText(name.getText() + " " + text());
        }

        /** How many digits wide it is; those of a fraction are smaller. */
        private static double places(Figures figures) {
            int digits = Integer.toString(Math.max(figures.numerator(), figures.denominator())).length();
            return (figures.near() == Figures.Near.EXACT ? 0 : 2) + (figures.negative() ? 1 : 0)
                    + figures.whole().length()
                    + (figures.hasFraction() ? digits * 0.65 : 0);
        }

        private String text() {
            return readings.size() > 1 ? first.text() + " " + times.getText() + " " + second.text() : first.text();
        }
    }
}
