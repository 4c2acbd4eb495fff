package neatcorner.desktop.control;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import neatcorner.desktop.desk.Workbench;
import neatcorner.glueup.GlueStep;
import neatcorner.measure.Notation;
import neatcorner.plan.Plan;
import neatcorner.station.glueup.GlueUpWork;

/** The steps of a glue-up beside the frame, with their times; a wait can be timed. */
public final class StepsPane extends StepList {
    private final Workbench bench;
    private final BuiltFrom built = new BuiltFrom();

    public StepsPane(Workbench bench) {
        super("glue-steps");
        this.bench = bench;
    }

    /** Shows the steps of a plan's glue-up. */
    public void show(Plan plan, Notation notation) {
        GlueUpWork work = GlueUpWork.of(plan);
        List<GlueStep> steps = work == null ? List.of() : work.glue().steps();
        String title = plan.job().title();
        if (built.changed(steps, title, notation)) {
            List<Node> nodes = new ArrayList<>();
            for (int i = 0; i < steps.size(); i++) {
                nodes.add(row(title, i, steps.get(i), notation));
            }
            setRows(nodes);
        }
    }

    private Node row(String title, int index, GlueStep step, Notation notation) {
        Label number = new Label(String.valueOf(index + 1));
        number.getStyleClass().add("step-number");
        Label text = new Label(step.what().in(notation));
        text.setWrapText(true);
        text.setMinHeight(USE_PREF_SIZE);
        Label time = new Label((step.open() ? ControlTexts.GLUE_IS_OPEN : "") + time(step));
        time.getStyleClass().add("caption");
        VBox words = new VBox(text, time);
        HBox.setHgrow(words, Priority.ALWAYS);
        HBox row = new HBox(number, words);
        row.setAlignment(Pos.TOP_LEFT);
        row.getStyleClass().add(step.open() ? "step-row-open" : "step-row");
        if (step.rest() >= 60) {
            Button timer = Controls.chip(ControlTexts.TIMER, () -> {
                bench.premises().timers().start(ControlTexts.STEP_OF.formatted(title, index + 1),
                        Duration.ofSeconds(step.rest()));
                bench.premises().tick();
            });
            timer.setId("timer-" + (index + 1));
            timer.setMinWidth(USE_PREF_SIZE);
            row.getChildren().add(timer);
        }
        return row;
    }

    /** How long a step takes, and the wait after it. */
    public static String time(GlueStep step) {
        if (step.seconds() == 0) {
            return step.rest() == 0 ? "" : ControlTexts.WAIT.formatted(span(step.rest()));
        }
        return (step.rest() == 0 ? "%s" : ControlTexts.THEN_WAIT).formatted(span(step.seconds()), span(step.rest()));
    }

    private static String span(int seconds) {
        if (seconds < 60) {
            return ControlTexts.SECONDS.formatted(seconds);
        }
        int minutes = seconds / 60;
        int rest = seconds % 60;
        if (minutes >= 120) {
            return (minutes % 60 == 0 ? ControlTexts.HOURS : ControlTexts.HOURS_AND_MINUTES).formatted(minutes / 60,
                    minutes % 60);
        }
        return (rest == 0 ? ControlTexts.MINUTES : ControlTexts.MINUTES_AND_SECONDS).formatted(minutes, rest);
    }
}
