package neatcorner.desktop.station.glueup;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.IntConsumer;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import neatcorner.desktop.control.BuiltFrom;
import neatcorner.desktop.control.Card;
import neatcorner.desktop.control.Controls;
import neatcorner.desktop.desk.JobFolders;
import neatcorner.desktop.desk.Notice;
import neatcorner.desktop.desk.ShopDay;
import neatcorner.desktop.desk.Workbench;
import neatcorner.desktop.draw.Palette;
import neatcorner.desktop.station.CardButton;
import neatcorner.desktop.station.Desk;
import neatcorner.exchange.WholeFile;
import neatcorner.exchange.station.glueup.ShopCalendar;
import neatcorner.glueup.Clamp;
import neatcorner.glueup.jig.CornerJig;
import neatcorner.glueup.schedule.Chain;
import neatcorner.glueup.schedule.HoursText;
import neatcorner.glueup.schedule.Schedule;
import neatcorner.glueup.schedule.Task;
import neatcorner.plan.Slate;
import neatcorner.shop.Shop;
import org.jspecify.annotations.Nullable;

/** The shop's days: what to do now, a timeline of all frames that can be dragged, and what there is to do it with. */
final class DayPane extends BorderPane {
    private static final DateTimeFormatter WHEN = DateTimeFormatter.ofPattern("EEE H:mm", Locale.ENGLISH);

    /** How much wider the days are drawn hour by hour. */
    private static final double WIDER = 3.5;

    private final Workbench bench;
    private final Desk desk;
    private final Label now = new Label();
    private final Button done = new Button(GlueUpTexts.DONE);
    private final Label end = new Label();
    private final Label chosen = new Label();
    private final Button back = Controls.chip(GlueUpTexts.NOT_DONE_AFTER_ALL, this::takeBack);
    private final Button free = Controls.chip(GlueUpTexts.AS_EARLY_AS_CAN_BE, this::free);
    private final Button timer = Controls.chip(GlueUpTexts.TIMER, this::time);
    private final Button jobs = new Button(GlueUpTexts.JOBS);
    private final TextField hours = new TextField();
    private final Label hoursWhy = new Label();
    private final FlowPane shop = new FlowPane();
    private final BuiltFrom shopFrom = new BuiltFrom();
    private final DayTimeline timeline;
    private boolean begun;
    private @Nullable Slate told;

    DayPane(Desk desk, Palette palette) {
        this.desk = desk;
        this.bench = desk.bench();
        setId("day");
        getStyleClass().add("day");
        timeline = new DayTimeline(palette, this::moved, this::showChosen);
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
        jobs.setOnAction(e -> chooseJobs());
        Button anew = Controls.chip(GlueUpTexts.BEGIN_ANEW, () -> bench.premises().day().begin());
        anew.setId("day-anew");
        Button calendar = Controls.chip(GlueUpTexts.CALENDAR_FILE, this::writeCalendar);
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
        shop.getStyleClass().add("card-fields");
        String all = GlueUpTexts.CLAMPS_AND_HOURS;
        CardButton clamps = new CardButton(desk, "day-shop", all, all, List.of(shop));
        FlowPane second = new FlowPane(jobs, anew, calendar, clamps, end);
        second.getStyleClass().add("day-tools");
        FlowPane third = new FlowPane(chosen, timer, back, free);
        third.getStyleClass().add("day-tools");
        ScrollPane scroll = new ScrollPane(timeline);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("day-scroll");
        ToggleButton wide = new ToggleButton(GlueUpTexts.HOUR_BY_HOUR);
        wide.setId("day-wide");
        wide.getStyleClass().add("chip");
        wide.setOnAction(e -> timeline.setMinWidth(wide.isSelected() ? WIDER * scroll.getWidth() : 0));
        second.getChildren().add(2, wide);
        setTop(new VBox(first, second));
        setCenter(scroll);
        setBottom(third);
        scroll.viewportBoundsProperty().addListener((observed, old, now) -> timeline.setRoom(now.getHeight()));
        bench.whileOpen(bench.premises().day().shown().subscribe(this::fill));
        bench.whileOpen(bench.premises().day().busy().subscribe((before, busy) -> showEnd()));
        bench.ticks().addListener((observed, old, tick) -> {
            if (begun && isVisible() && tick.longValue() % 20 == 0 && bench.premises().day().isLate()) {
                bench.premises().day().layOut();
            }
            timeline.setNow(bench.premises().day().now());
        });
        bench.plan().addListener((observed, old, plan) -> {
            if (begun && isVisible()) {
                bench.premises().day().layOut();
            }
        });
        fill();
    }

    /** Lays the days out when they are first looked at. */
    void show() {
        if (!begun) {
            begun = true;
            bench.premises().day().layOut();
        }
        showShop();
    }

    private ShopDay day() {
        return bench.premises().day();
    }

    private ShopDay.@Nullable Shown shown() {
        return day().shown().get();
    }

    private void fill() {
        if (begun && isVisible() && !slate().equals(told)) {
            told = slate();
            desk.refresh();
        }
        ShopDay.Shown shown = shown();
        timeline.show(shown, day().now(), day().zoned(day().now()).getZone(), bench.ownShop().hours());
        Schedule.Step next = next();
        done.setVisible(next != null);
        if (shown == null) {
            now.setText(GlueUpTexts.LAYING_DAYS_OUT);
        } else if (next == null) {
            now.setText(shown.chains().isEmpty()
                    ? GlueUpTexts.NO_JOBS
                    : shown.rest().schedule().stuck().isEmpty()
                            ? GlueUpTexts.NOTHING_LEFT
                            : GlueUpTexts.NOTHING_PLACED);
        } else {
            Chain chain = shown.chains().get(next.chain());
            Task task = chain.tasks().get(shown.task(next));
            ZonedDateTime from = shown.rest().at(next.start());
            boolean later = from.toInstant().isAfter(day().now().plusSeconds(90));
            now.setText((later ? GlueUpTexts.NEXT_AT : GlueUpTexts.NOW).formatted(chain.frame(),
                    task.name() + DaySlate.by(shown, next, WHEN), task.hands(), WHEN.format(from)));
        }
        showEnd();
        showChosen();
    }

    private void showEnd() {
        ShopDay.Shown shown = shown();
        if (shown == null || shown.rest().schedule().steps().isEmpty()) {
            end.setText(day().busy().get() ? GlueUpTexts.LAYING_OUT : "");
            return;
        }
        Schedule schedule = shown.rest().schedule();
        String bound = schedule.proved()
                ? GlueUpTexts.NO_ORDER_SOONER
                : !schedule.isBoundWorthSaying()
                        ? ""
                        : GlueUpTexts.NO_ORDER_BEFORE.formatted(WHEN.format(shown.rest().at(schedule.bound())));
        String stuck = schedule.stuck().isEmpty()
                ? ""
                : GlueUpTexts.CANNOT_BE_PLACED.formatted(String.join(", ", schedule.stuck()));
        end.setText(GlueUpTexts.ALL_DONE.formatted(WHEN.format(shown.rest().at(schedule.end())), bound, stuck,
                day().busy().get() ? GlueUpTexts.AND_LAYING_OUT : ""));
    }

    /** What is done next, what then, and how much is left. */
    Slate slate() {
        ShopDay.Shown shown = shown();
        return shown == null ? new Slate(List.of()) : DaySlate.of(shown, WHEN, bench.notation().get().spelling());
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
                bench.premises().timers().start(GlueUpTexts.TIMER_AFTER.formatted(chain.frame(), task.name()),
                        Duration.ofMinutes(task.rest()));
                bench.premises().tick();
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
                ? GlueUpTexts.CHOOSE_HINT
                : mark.frame() + ": " + mark.name() + ", " + WHEN.format(day().zoned(mark.start())) + "–"
                        + DateTimeFormatter.ofPattern("H:mm", Locale.ENGLISH).format(day().zoned(mark.end()))
                        + (mark.rest() > 0 ? GlueUpTexts.THEN_WAIT.formatted(span(mark.rest())) : "")
                        + (free.isVisible() ? GlueUpTexts.HELD_AT_THIS_TIME : ""));
    }

    private static String span(long minutes) {
        return minutes < 120
                ? GlueUpTexts.MINUTES.formatted(minutes)
                : (minutes % 60 == 0 ? GlueUpTexts.WHOLE_HOURS : GlueUpTexts.HOURS_AND_MINUTES).formatted(minutes / 60,
                        minutes % 60);
    }

    private void time() {
        DayTimeline.Mark mark = timeline.chosen();
        if (mark != null) {
            bench.premises().timers().start(GlueUpTexts.TIMER_AFTER.formatted(mark.frame(), mark.name()),
                    Duration.ofMinutes(mark.rest()));
            bench.premises().tick();
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

    private void chooseJobs() {
        Map<Path, CheckBox> boxes = new LinkedHashMap<>();
        for (Path file : day().possible()) {
            CheckBox box = new CheckBox(JobFolders.label(file));
            box.setMnemonicParsing(false);
            box.setSelected(day().has(file));
            box.setOnAction(e -> day().include(file, box.isSelected()));
            boxes.put(file, box);
        }
        Button only = Controls.chip(GlueUpTexts.ONLY_THIS_JOB, () -> {
            day().only(bench.file());
            boxes.forEach((file, box) -> box.setSelected(file.equals(bench.file())));
        });
        only.setId("day-only");
        List<Node> content = new ArrayList<>(List.of(only));
        content.addAll(boxes.values());
        desk.card(new Card("day-jobs-card", GlueUpTexts.JOBS_OF_THESE_DAYS, content), jobs);
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
        }, written -> Notice.info(GlueUpTexts.CALENDAR_WRITTEN.formatted(file),
                new Notice.Action(GlueUpTexts.OPEN, () -> bench.files().open(file))),
                GlueUpTexts.CALENDAR_NOT_WRITTEN.formatted(file));
    }

    // What the shop has

    private void showShop() {
        Shop has = bench.ownShop();
        if (!hours.isFocused()) {
            hours.setText(HoursText.write(has.hours()));
            hoursWhy.setText("");
        }
        if (!shopFrom.changed(has)) {
            return;
        }
        shop.getChildren().setAll(
                counter(GlueUpTexts.BANDS, has.count(Clamp.Kind.BAND), "bands",
                        count -> clamps(Clamp.Kind.BAND, count)),
                counter(GlueUpTexts.CORNER_CLAMPS, has.count(Clamp.Kind.CORNER), "corner-clamps",
                        count -> clamps(Clamp.Kind.CORNER, count)),
                counter(GlueUpTexts.JIGS, has.jig() == null ? 0 : has.jigs(), "jigs", count -> bench.changeOwnShop(
                        GlueUpTexts.CHANGE_JIGS, all -> all.withJig(count == 0
                                ? null
                                : all.jig() == null ? CornerJig.usual(bench.job().units()) : all.jig(), count))),
                counter(GlueUpTexts.BENCH_PLACES, has.bench(), "bench", count -> bench.changeOwnShop(
                        GlueUpTexts.CHANGE_PLACES, all -> all.withPlaces(count, all.drying()))),
                counter(GlueUpTexts.DRYING_PLACES, has.drying(), "drying", count -> bench.changeOwnShop(
                        GlueUpTexts.CHANGE_PLACES, all -> all.withPlaces(all.bench(), count))),
                Controls.captioned(GlueUpTexts.HOURS, hours), hoursWhy);
    }

    /** The first clamps of a kind are made more or fewer. */
    private void clamps(Clamp.Kind kind, int count) {
        bench.changeOwnShop(GlueUpTexts.CHANGE_CLAMPS, all -> {
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
                Shop.usual(bench.job().units()).clamps().stream().filter(clamp -> clamp.kind() == kind).findFirst()
                        .ifPresent(clamp -> clamps.add(clamp.withCount(count)));
            }
            return all.withClamps(clamps);
        });
    }

    private static Node counter(String name, int count, String id, IntConsumer change) {
        Button less = Controls.chip("−", () -> change.accept(count - 1));
        less.setId("fewer-" + id);
        less.setDisable(count <= 0);
        less.setAccessibleText(GlueUpTexts.FEWER.formatted(name));
        Button more = Controls.chip("+", () -> change.accept(count + 1));
        more.setId("more-" + id);
        more.setAccessibleText(GlueUpTexts.MORE.formatted(name));
        return Controls.captioned(name, less, new Label(String.valueOf(count)), more);
    }

    private void takeHours() {
        if (hours.getText().equals(HoursText.write(bench.ownShop().hours()))) {
            return;
        }
        switch (HoursText.read(hours.getText())) {
            case HoursText.Understood understood -> {
                hoursWhy.setText("");
                bench.changeOwnShop(GlueUpTexts.CHANGE_HOURS, all -> all.withHours(understood.hours()));
            }
            case HoursText.NotUnderstood not -> hoursWhy.setText(not.why());
        }
    }
}
