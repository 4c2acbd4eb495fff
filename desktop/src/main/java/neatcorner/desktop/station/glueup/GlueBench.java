package neatcorner.desktop.station.glueup;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import neatcorner.desktop.control.StepsPane;
import neatcorner.desktop.control.TimerBar;
import neatcorner.desktop.desk.ShopTimer;
import neatcorner.desktop.desk.Workbench;
import neatcorner.desktop.draw.FigureView;
import neatcorner.desktop.station.BenchScreen;
import neatcorner.desktop.station.BenchTexts;
import neatcorner.glueup.GluePlan;
import neatcorner.glueup.GlueStep;
import neatcorner.glueup.Holding;
import neatcorner.measure.Notation;
import neatcorner.plan.Plan;
import neatcorner.plan.Station;
import neatcorner.station.glueup.GlueUpFigure;
import neatcorner.station.glueup.GlueUpWork;

/**
 * The bench view of a glue-up: one step fills the screen, with the glue's open time running down while it runs. Space goes on
 * and starts a wait's timer, Backspace goes back, Esc leaves.
 */
public final class GlueBench extends BenchScreen {
    private final Workbench bench;
    private final Label what = new Label();
    private final Label number = new Label();
    private final Label text = new Label();
    private final Label clock = new Label();
    private final Label clockName = new Label();
    private final ProgressBar progress = new ProgressBar(0);
    private final FigureView picture = new FigureView();
    private final TimerBar timers;
    private int step;
    private Optional<Instant> opened = Optional.empty();

    public GlueBench(Workbench bench, Runnable left) {
        super("glue-bench", left);
        this.bench = bench;
        this.timers = new TimerBar(bench);
        what.getStyleClass().add("bench-what");
        number.getStyleClass().add("bench-letter");
        text.getStyleClass().add("bench-step");
        text.setId("glue-bench-step");
        text.setWrapText(true);
        clock.getStyleClass().add("bench-number");
        clock.setId("glue-bench-clock");
        clockName.getStyleClass().add("bench-meaning");
        progress.setMaxWidth(Double.MAX_VALUE);
        Region space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        HBox top = new HBox(what, space, button(BenchTexts.BACK, this::back),
                button(BenchTexts.DONE, this::next),
                button(BenchTexts.LEAVE, this::close));
        top.setAlignment(Pos.CENTER_LEFT);
        top.getStyleClass().add("bench-top");
        VBox watch = new VBox(clock, clockName);
        watch.setAlignment(Pos.CENTER_LEFT);
        watch.setMinWidth(Region.USE_PREF_SIZE);
        HBox middle = new HBox(number, watch);
        middle.setAlignment(Pos.CENTER_LEFT);
        middle.getStyleClass().add("bench-middle");
        VBox center = new VBox(middle, text, timers, picture);
        VBox.setVgrow(picture, Priority.ALWAYS);
        center.getStyleClass().add("bench-glue");
        setTop(new VBox(top, progress));
        setCenter(center);
        bench.ticks().addListener((observed, old, now) -> showClock());
    }

    @Override
    public void open() {
        step = 0;
        opened = Optional.empty();
        appear();
        show(bench.currentPlan(), bench.notation().get());
        requestFocus();
    }

    private List<GlueStep> steps() {
        GlueUpWork work = GlueUpWork.of(bench.currentPlan());
        return work == null ? List.of() : work.glue().steps();
    }

    @Override
    public void show(Plan plan, Notation notation) {
        if (!isVisible()) {
            return;
        }
        beware(Station.GLUE_UP, plan, notation);
        List<GlueStep> steps = steps();
        if (steps.isEmpty()) {
            what.setText(GlueUpTexts.NO_FRAME);
            return;
        }
        step = Math.min(step, steps.size() - 1);
        GlueStep now = steps.get(step);
        what.setText(GlueUpTexts.STEP_OF.formatted(plan.job().title(), step + 1, steps.size()));
        number.setText(String.valueOf(step + 1));
        text.setText(now.what().in(notation));
        progress.setProgress(step / (double) steps.size());
        picture.show(GlueUpFigure.of(plan), notation);
        timers.show();
        showClock();
    }

    /** The open time that is left; else the jig's hole before closing, or how long the step takes. */
    private void showClock() {
        List<GlueStep> steps = steps();
        GlueUpWork work = GlueUpWork.of(bench.currentPlan());
        if (!isVisible() || steps.isEmpty() || work == null) {
            return;
        }
        GlueStep now = steps.get(Math.min(step, steps.size() - 1));
        GluePlan glue = work.glue();
        if (now.open() && opened.isPresent()) {
            Instant end = opened.get().plusMillis((long) (glue.opens() * 60_000));
            ShopTimer open = new ShopTimer("", end, Duration.ofMillis((long) (glue.opens() * 60_000)), true);
            clock.setText(open.text(bench.premises().timers().now()));
            clockName.setText(GlueUpTexts.OPEN_TIME_LEFT);
        } else if (glue.jig().isPresent() && glue.holding() == Holding.JIG
                && now.kind() == GlueStep.Kind.DRY_FIT) {
            clock.setText(GlueUpTexts.HOLE.formatted(glue.jig().get().hole()));
            clockName.setText(GlueUpTexts.ON_EACH_ARM);
        } else {
            clock.setText(StepsPane.time(now));
            clockName.setText("");
        }
    }

    @Override
    public void next() {
        List<GlueStep> steps = steps();
        if (steps.isEmpty()) {
            return;
        }
        GlueStep done = steps.get(step);
        if (done.rest() >= 60) {
            bench.premises().timers().start(GlueUpTexts.TIMER_STEP.formatted(bench.job().title(), step + 1),
                    Duration.ofSeconds(done.rest()));
        }
        if (step + 1 < steps.size()) {
            step++;
            boolean opens = steps.get(step).open() && !done.open();
            opened = opens
                    ? Optional.of(bench.premises().timers().now())
                    : steps.get(step).open() ? opened : Optional.empty();
        } else {
            progress.setProgress(1);
        }
        bench.premises().tick();
        show(bench.currentPlan(), bench.notation().get());
    }

    @Override
    public void back() {
        step = Math.max(0, step - 1);
        show(bench.currentPlan(), bench.notation().get());
    }
}
