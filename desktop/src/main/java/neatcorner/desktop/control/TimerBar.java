package neatcorner.desktop.control;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import neatcorner.desktop.desk.ShopTimer;
import neatcorner.desktop.desk.Workbench;

/** The waits that are being watched, each with what is left of it. */
public final class TimerBar extends FlowPane {
    private final Workbench bench;

    public TimerBar(Workbench bench) {
        this.bench = bench;
        setId("timers");
        getStyleClass().add("timers");
        bench.ticks().addListener((observed, old, now) -> show());
    }

    /** Shows the waits that run, with the time that is left. */
    public void show() {
        List<ShopTimer> all = bench.premises().timers().all();
        setVisible(!all.isEmpty());
        setManaged(!all.isEmpty());
        Instant now = bench.premises().timers().now();
        List<Node> nodes = new ArrayList<>();
        for (ShopTimer timer : all) {
            Label name = new Label(timer.name());
            Label left = new Label(timer.text(now));
            left.getStyleClass().add(timer.isOver(now) ? "timer-over" : "timer-left");
            ProgressBar bar = new ProgressBar(1 - Math.max(0, timer.left(now).toMillis())
                    / (double) Math.max(1, timer.whole().toMillis()));
            bar.setPrefWidth(70);
            Button stop = Controls.chip(timer.isOver(now) ? ControlTexts.DONE : ControlTexts.STOP, () -> {
                bench.premises().timers().stop(timer);
                bench.premises().tick();
            });
            HBox box = new HBox(name, left, bar, stop);
            box.setAlignment(Pos.CENTER_LEFT);
            box.getStyleClass().add("timer");
            nodes.add(box);
        }
        getChildren().setAll(nodes);
    }
}
