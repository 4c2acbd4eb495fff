package neatcorner.desktop.station.glueup;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.IntConsumer;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import neatcorner.desktop.control.BuiltFrom;
import neatcorner.desktop.control.Controls;
import neatcorner.desktop.desk.JobFolders;
import neatcorner.desktop.desk.Notice;
import neatcorner.desktop.desk.ShopDay;
import neatcorner.desktop.desk.Workbench;
import neatcorner.exchange.WholeFile;
import neatcorner.exchange.station.glueup.ShopCalendar;
import neatcorner.glueup.Clamp;
import neatcorner.glueup.Workshop;
import neatcorner.glueup.jig.CornerJig;
import neatcorner.glueup.schedule.Chain;
import neatcorner.glueup.schedule.HoursText;
import neatcorner.glueup.schedule.Schedule;
import neatcorner.glueup.schedule.Task;
import org.jspecify.annotations.Nullable;

/** The shop's days: what to do now, a timeline of all frames that can be dragged, and what there is to do it with. */
final class DayPane extends BorderPane {
    private static final DateTimeFormatter WHEN = DateTimeFormatter.ofPattern("EEE H:mm", Locale.ENGLISH);

    /** How much wider the days are drawn hour by hour. */
    private static final double WIDER = 3.5;

    private final Workbench bench;
    private final Label now = new Label();
    private final Button done = new Button("Done");
    private final Label end = new Label();
    private final Label chosen = new Label();
    private final Button back = Controls.chip("Not done after all", this::takeBack);
    private final Button free = Controls.chip("As early as it can be", this::free);
    private final Button timer = Controls.chip("Timer", this::time);
    private final MenuButton jobs = new MenuButton("Jobs");
    private final TextField hours = new TextField();
    private final Label hoursWhy = new Label();
    private final FlowPane shop = new FlowPane();
    private final BuiltFrom shopFrom = new BuiltFrom();
    private final DayTimeline timeline;
    private boolean begun;

    DayPane(Workbench bench) {
        this.bench = bench;
        setId("day");
        getStyleClass().add("day");
        timeline = new DayTimeline(this::moved, this::showChosen);
        now.setId("day-now");
        now.getStyleClass().add("day-now");
        now.setWrapText(true);
        end.setId("day-end");
        end.setWrapText(true);
        chosen.setId("day-chosen");
        done.setId("day-done");
        done.setOnAction(e -> finish());
        back.setId("day-back");
        free.setId("day-free");
        timer.setId("day-timer");
        jobs.setId("day-jobs");
        jobs.setOnShowing(e -> listJobs());
        jobs.getItems().add(new MenuItem());
        Button anew = Controls.chip("Begin anew", () -> bench.day().begin());
        anew.setId("day-anew");
        Button calendar = Controls.chip("Calendar file", this::writeCalendar);
        calendar.setId("day-calendar");
        hours.setId("day-hours");
        hours.setPrefColumnCount(22);
        hours.setOnAction(e -> takeHours());
        hours.focusedProperty().addListener((observed, before, focused) -> {
            if (!focused) {
                takeHours();
            }
        });
        hoursWhy.setId("day-hours-why");
        HBox first = new HBox(now, done);
        first.setAlignment(Pos.CENTER_LEFT);
        first.getStyleClass().add("day-row");
        FlowPane second = new FlowPane(jobs, anew, calendar, end);
        second.getStyleClass().add("day-tools");
        FlowPane third = new FlowPane(chosen, timer, back, free);
        third.getStyleClass().add("day-tools");
        shop.getStyleClass().add("day-tools");
        ScrollPane scroll = new ScrollPane(timeline);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("day-scroll");
        ToggleButton wide = new ToggleButton("Hour by hour");
        wide.setId("day-wide");
        wide.getStyleClass().add("chip");
        wide.setOnAction(e -> timeline.setMinWidth(wide.isSelected() ? WIDER * scroll.getWidth() : 0));
        second.getChildren().add(2, wide);
        setTop(new VBox(first, second));
        setCenter(scroll);
        setBottom(new VBox(third, shop));
        bench.whileOpen(bench.day().shown().subscribe(this::fill));
        bench.whileOpen(bench.day().busy().subscribe((before, busy) -> showEnd()));
        bench.ticks().addListener((observed, old, tick) -> {
            if (begun && isVisible() && tick.longValue() % 20 == 0 && bench.day().isLate()) {
                bench.day().layOut();
            }
            timeline.setNow(bench.day().now());
        });
        bench.plan().addListener((observed, old, plan) -> {
            if (begun && isVisible()) {
                bench.day().layOut();
            }
        });
        fill();
    }

    /** Lays the days out when they are first looked at. */
    void show() {
        if (!begun) {
            begun = true;
            bench.day().layOut();
        }
        showShop();
    }

    private ShopDay day() {
        return bench.day();
    }

    private ShopDay.@Nullable Shown shown() {
        return day().shown().get();
    }

    private void fill() {
        ShopDay.Shown shown = shown();
        timeline.show(shown, day().now(), day().zoned(day().now()).getZone(), bench.workshop().hours());
        Schedule.Step next = next();
        done.setVisible(next != null);
        if (shown == null) {
            now.setText("Laying the days out …");
        } else if (next == null) {
            now.setText(shown.chains().isEmpty()
                    ? "No jobs yet: choose some under “Jobs”."
                    : shown.rest().schedule().stuck().isEmpty()
                            ? "All is done."
                            : "Nothing can be placed: a clamp or place that is needed is missing, or there are no "
                                    + "working hours.");
        } else {
            Chain chain = shown.chains().get(next.chain());
            Task task = chain.tasks().get(shown.task(next));
            ZonedDateTime from = shown.rest().at(next.start());
            boolean later = from.toInstant().isAfter(day().now().plusSeconds(90));
            now.setText((later ? "Next, " + WHEN.format(from) + ": " : "Now: ") + chain.frame() + ": " + task.name()
                    + " (" + task.hands() + " min)");
        }
        showEnd();
        showChosen();
    }

    private void showEnd() {
        ShopDay.Shown shown = shown();
        if (shown == null || shown.rest().schedule().steps().isEmpty()) {
            end.setText(day().busy().get() ? "laying out …" : "");
            return;
        }
        Schedule schedule = shown.rest().schedule();
        String bound = schedule.proved()
                ? "; no order is sooner"
                : !schedule.isBoundWorthSaying()
                        ? ""
                        : "; no order ends before " + WHEN.format(shown.rest().at(schedule.bound()));
        String stuck = schedule.stuck().isEmpty() ? "" : "; cannot be placed: " + String.join(", ", schedule.stuck());
        end.setText("All done " + WHEN.format(shown.rest().at(schedule.end())) + bound + stuck
                + (day().busy().get() ? " · laying out …" : ""));
    }

    private Schedule.@Nullable Step next() {
        ShopDay.Shown shown = shown();
        return shown == null || shown.rest().schedule().steps().isEmpty()
                ? null
                : shown.rest().schedule().steps().getFirst();
    }

    private void finish() {
        ShopDay.Shown shown = shown();
        Schedule.Step next = next();
        if (shown != null && next != null) {
            Chain chain = shown.chains().get(next.chain());
            Task task = chain.tasks().get(shown.task(next));
            if (task.rest() > 0) {
                bench.timers().start(chain.frame() + ": after “" + task.name() + "”", Duration.ofMinutes(task.rest()));
                bench.tick();
            }
            day().finished(chain.frame());
        }
    }

    /** A step was dragged to another time. */
    private void moved(DayTimeline.Mark mark, Instant to) {
        boolean earliest = !to.isAfter(day().now());
        day().wanted(mark.frame(), mark.task(), earliest ? null : to);
    }

    private void showChosen() {
        DayTimeline.Mark mark = timeline.chosen();
        ShopDay.Shown shown = shown();
        timer.setVisible(mark != null && mark.rest() > 0);
        back.setVisible(mark != null && shown != null && mark.isDone()
                && shown.progress().done(mark.frame()) == mark.task() + 1);
        free.setVisible(mark != null && shown != null
                && shown.progress().isWantedLater(mark.frame(), mark.task()));
        for (Node node : List.of(timer, back, free)) {
            node.setManaged(node.isVisible());
        }
        chosen.setText(mark == null
                ? "Click a step to see it; drag it, or press → and ←, to do it later or sooner."
                : mark.frame() + ": " + mark.name() + ", " + WHEN.format(day().zoned(mark.start())) + "–"
                        + DateTimeFormatter.ofPattern("H:mm", Locale.ENGLISH).format(day().zoned(mark.end()))
                        + (mark.rest() > 0 ? ", then wait " + span(mark.rest()) : "")
                        + (free.isVisible() ? ", held at this time" : ""));
    }

    private static String span(long minutes) {
        return minutes < 120
                ? minutes + " min"
                : minutes / 60 + " h" + (minutes % 60 == 0 ? "" : " " + minutes % 60 + " min");
    }

    private void time() {
        DayTimeline.Mark mark = timeline.chosen();
        if (mark != null) {
            bench.timers().start(mark.frame() + ": after “" + mark.name() + "”", Duration.ofMinutes(mark.rest()));
            bench.tick();
        }
    }

    private void takeBack() {
        DayTimeline.Mark mark = timeline.chosen();
        if (mark != null) {
            day().takenBack(mark.frame());
        }
    }

    private void free() {
        DayTimeline.Mark mark = timeline.chosen();
        if (mark != null) {
            day().wanted(mark.frame(), mark.task(), null);
        }
    }

    private void listJobs() {
        jobs.getItems().clear();
        List<Path> files = new ArrayList<>(bench.folders().ownJobs());
        files.addAll(bench.folders().demoJobs());
        for (Path file : files) {
            CheckMenuItem item = new CheckMenuItem(JobFolders.label(file));
            item.setSelected(day().has(file));
            item.setOnAction(e -> day().include(file, item.isSelected()));
            jobs.getItems().add(item);
        }
    }

    private void writeCalendar() {
        ShopDay.Shown shown = shown();
        if (shown == null) {
            return;
        }
        Path file = bench.home().paper().resolve("shop-days.ics");
        Instant now = day().now();
        bench.files().make(() -> {
            Files.createDirectories(file.getParent());
            WholeFile.write(file, ShopCalendar.write(shown.rest(), now).getBytes(StandardCharsets.UTF_8));
            return file;
        }, written -> Notice.info("The calendar is in " + file + ".",
                new Notice.Action("Open", () -> bench.files().open(file))),
                "The calendar could not be written to " + file + ".");
    }

    // What the shop has

    private void showShop() {
        Workshop has = bench.workshop();
        if (!hours.isFocused()) {
            hours.setText(HoursText.write(has.hours()));
            hoursWhy.setText("");
        }
        if (!shopFrom.changed(has)) {
            return;
        }
        shop.getChildren().setAll(
                counter("Bands", has.count(Clamp.Kind.BAND), "bands", count -> clamps(Clamp.Kind.BAND, count)),
                counter("Corner clamps", has.count(Clamp.Kind.CORNER), "corner-clamps",
                        count -> clamps(Clamp.Kind.CORNER, count)),
                counter("Jigs", has.jig() == null ? 0 : has.jigs(), "jigs", count -> bench.changeShop(
                        "jigs", all -> all.withJig(count == 0
                                ? null
                                : all.jig() == null ? CornerJig.usual() : all.jig(), count))),
                counter("Bench places", has.bench(), "bench", count -> bench.changeShop(
                        "places", all -> all.withPlaces(count, all.drying()))),
                counter("Drying places", has.drying(), "drying", count -> bench.changeShop(
                        "places", all -> all.withPlaces(all.bench(), count))),
                Controls.captioned("Hours", hours), hoursWhy);
    }

    /** The first clamps of a kind are made more or fewer. */
    private void clamps(Clamp.Kind kind, int count) {
        bench.changeShop("clamps", all -> {
            List<Clamp> clamps = new ArrayList<>(all.clamps());
            int others = 0;
            int first = -1;
            for (int i = 0; i < clamps.size(); i++) {
                if (clamps.get(i).kind() == kind) {
                    others += first < 0 ? 0 : clamps.get(i).count();
                    first = first < 0 ? i : first;
                }
            }
            if (first >= 0) {
                clamps.set(first, clamps.get(first).withCount(Math.max(0, count - others)));
            } else {
                Workshop.usual(bench.job().units()).clamps().stream().filter(clamp -> clamp.kind() == kind).findFirst()
                        .ifPresent(clamp -> clamps.add(clamp.withCount(count)));
            }
            return all.withClamps(clamps);
        });
    }

    private static Node counter(String name, int count, String id, IntConsumer change) {
        Button less = Controls.chip("−", () -> change.accept(count - 1));
        less.setId("fewer-" + id);
        less.setDisable(count <= 0);
        less.setAccessibleText("fewer: " + name);
        Button more = Controls.chip("+", () -> change.accept(count + 1));
        more.setId("more-" + id);
        more.setAccessibleText("more: " + name);
        return Controls.captioned(name, less, new Label(String.valueOf(count)), more);
    }

    private void takeHours() {
        if (hours.getText().equals(HoursText.write(bench.workshop().hours()))) {
            return;
        }
        switch (HoursText.read(hours.getText())) {
            case HoursText.Understood understood -> {
                hoursWhy.setText("");
                bench.changeShop("hours", all -> all.withHours(understood.hours()));
            }
            case HoursText.NotUnderstood not -> hoursWhy.setText(not.why());
        }
    }
}
