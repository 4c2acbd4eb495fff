package neatcorner.desktop;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.BiConsumer;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import javafx.scene.shape.Line;
import neatcorner.glueup.Chain;
import neatcorner.glueup.Schedule;
import neatcorner.glueup.Task;
import neatcorner.glueup.WorkCalendar;
import neatcorner.glueup.WorkingHours;
import org.jspecify.annotations.Nullable;

/**
 * All frames in rows, time to the right; nights and breaks are drawn narrow. A solid block is work by hand, the bar after it
 * a wait. Blocks can be dragged, or moved with the arrow keys.
 */
final class DayTimeline extends Pane {
    private static final double ROW = 25;
    private static final double TOP = 40;
    private static final double NAMES = 172;
    /** A break is drawn this much narrower than work. */
    private static final double NARROW = 0.05;
    private static final long KEY_MINUTES = 15;
    /** A block is never drawn narrower, so that it can be taken hold of. */
    private static final double LEAST = 6;
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEEE d MMM", Locale.ENGLISH);
    private static final DateTimeFormatter SHORT_DAY = DateTimeFormatter.ofPattern("EEE d", Locale.ENGLISH);
    /** A day of less width than its whole name, or than its short one, pixels at the usual text size. */
    private static final double WHOLE_NAME = 140;
    private static final double SHORT_NAME = 52;

    /**
     * A step as it is drawn.
     *
     * @param task its number in its frame
     * @param rest minutes to wait after it
     */
    record Mark(String frame, int task, String name, Instant start, Instant end, long rest, boolean isDone) {}

    private final BiConsumer<Mark, Instant> moved;
    private final Runnable chosenChanged;
    private final Line nowLine = new Line();
    private ShopDay.@Nullable Shown shown;
    private @Nullable Mark chosen;
    private WorkCalendar calendar = WorkCalendar.always();
    private Instant origin = Instant.EPOCH;
    private Instant now = Instant.EPOCH;
    private ZoneId zone = ZoneId.of("UTC");
    private long last = 1;
    private double pressedX;
    private double pressedAt;

    DayTimeline(BiConsumer<Mark, Instant> moved, Runnable chosenChanged) {
        this.moved = moved;
        this.chosenChanged = chosenChanged;
        setId("day-timeline");
        getStyleClass().add("timeline");
        nowLine.getStyleClass().add("now-line");
        widthProperty().addListener((observed, old, width) -> fill());
    }

    @Nullable
    Mark chosen() {
        return chosen;
    }

    void show(ShopDay.@Nullable Shown newShown, Instant when, ZoneId where, WorkingHours hours) {
        shown = newShown;
        now = when;
        zone = where;
        if (newShown != null) {
            Instant first = newShown.rest().start().toInstant();
            for (List<Instant> times : newShown.progress().done().values()) {
                for (Instant time : times) {
                    first = time.isBefore(first) ? time : first;
                }
            }
            origin = first.atZone(where).truncatedTo(java.time.temporal.ChronoUnit.HOURS).toInstant();
            last = Math.max(60, minutes(newShown.rest().at(newShown.rest().schedule().end()).toInstant()) + 30);
            calendar = hours.from(origin.atZone(where), 60L * 24 * 40);
        }
        fill();
    }

    void setNow(Instant when) {
        now = when;
        placeNow();
    }

    private long minutes(Instant instant) {
        return Math.max(0, java.time.Duration.between(origin, instant).toMinutes());
    }

    /** Drawn minutes from the left: working ones in full, others narrowed. */
    private double drawn(long minute) {
        long worked = calendar.worked(minute);
        return worked + (minute - worked) * NARROW;
    }

    private double scale() {
        return Math.max(0.05, (getWidth() - NAMES - 14) / Math.max(1, drawn(last)));
    }

    private double x(Instant instant) {
        return NAMES + drawn(minutes(instant)) * scale();
    }

    /** The moment that is drawn at a place. */
    private Instant at(double x) {
        double wanted = (x - NAMES) / scale();
        long low = 0;
        long high = last + 60L * 24 * 7;
        while (low < high) {
            long middle = (low + high) >>> 1;
            if (drawn(middle) < wanted) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        return origin.plusSeconds(60 * low);
    }

    private void fill() {
        getChildren().clear();
        ShopDay.Shown all = shown;
        if (all == null || getWidth() < 200) {
            return;
        }
        setPrefHeight(TOP + ROW * all.chains().size() + 12);
        setMinHeight(getPrefHeight());
        hours(all.chains().size());
        for (int i = 0; i < all.chains().size(); i++) {
            Label name = new Label(all.chains().get(i).frame());
            name.getStyleClass().add("timeline-name");
            name.setMaxWidth(NAMES - 10);
            name.relocate(4, TOP + ROW * i + 3);
            getChildren().add(name);
        }
        for (Mark mark : marks(all)) {
            add(mark, row(all, mark));
        }
        getChildren().add(nowLine);
        placeNow();
    }

    private static int row(ShopDay.Shown all, Mark mark) {
        for (int i = 0; i < all.chains().size(); i++) {
            if (all.chains().get(i).frame().equals(mark.frame())) {
                return i;
            }
        }
        return 0;
    }

    private static List<Mark> marks(ShopDay.Shown all) {
        List<Mark> marks = new ArrayList<>();
        for (Chain chain : all.chains()) {
            List<Instant> done = all.progress().done().getOrDefault(chain.frame(), List.of());
            for (int i = 0; i < Math.min(done.size(), chain.tasks().size()); i++) {
                Task task = chain.tasks().get(i);
                marks.add(new Mark(chain.frame(), i, task.name(), done.get(i).minusSeconds(60L * task.hands()),
                        done.get(i), task.rest(), true));
            }
        }
        for (Schedule.Step step : all.rest().schedule().steps()) {
            Chain chain = all.chains().get(step.chain());
            int task = all.task(step);
            marks.add(new Mark(chain.frame(), task, chain.tasks().get(task).name(),
                    all.rest().at(step.start()).toInstant(), all.rest().at(step.end()).toInstant(),
                    step.ready() - step.end(), false));
        }
        return marks;
    }

    private void placeNow() {
        double x = x(now);
        nowLine.setStartX(x);
        nowLine.setEndX(x);
        nowLine.setStartY(TOP - 6);
        nowLine.setEndY(getPrefHeight());
        nowLine.setVisible(!now.isBefore(origin));
    }

    /** Days as headings, hours as thin lines, each where there is room. */
    private void hours(int rows) {
        ZonedDateTime time = origin.atZone(zone);
        LocalDate day = null;
        double lastLabel = -100;
        while (minutes(time.toInstant()) <= last) {
            boolean works = calendar.place(minutes(time.toInstant()), 1) == minutes(time.toInstant());
            double x = x(time.toInstant());
            if (works && (day == null || !day.equals(time.toLocalDate()))) {
                day = time.toLocalDate();
                Instant tomorrow = time.toLocalDate().plusDays(1).atStartOfDay(time.getZone()).toInstant();
                double wide = Math.min(getWidth(), x(tomorrow)) - x;
                Label heading = new Label(wide < SHORT_NAME
                        ? ""
                        : wide < WHOLE_NAME ? SHORT_DAY.format(time) : DAY.format(time));
                heading.getStyleClass().add("timeline-day");
                heading.relocate(x, 0);
                getChildren().add(heading);
            }
            if (works) {
                Line line = new Line(x, TOP - 4, x, TOP + ROW * rows);
                line.getStyleClass().add("timeline-hour");
                getChildren().add(line);
                if (x - lastLabel > 26) {
                    Label hour = new Label(String.valueOf(time.getHour()));
                    hour.getStyleClass().add("timeline-time");
                    hour.relocate(x + 2, 20);
                    getChildren().add(hour);
                    lastLabel = x;
                }
            }
            time = time.plusHours(1);
        }
    }

    private void add(Mark mark, int row) {
        double y = TOP + ROW * row + 3;
        double from = x(mark.start());
        double to = x(mark.end());
        if (mark.rest() > 0) {
            Region wait = new Region();
            wait.getStyleClass().add("timeline-wait");
            wait.setMouseTransparent(true);
            double until = x(mark.end().plusSeconds(60 * mark.rest()));
            wait.setPrefSize(Math.max(1, until - to), 6);
            wait.relocate(to, y + 7);
            getChildren().add(wait);
        }
        Label block = new Label(to - from > 34 ? mark.name() : "");
        block.setId("step-" + row + "-" + mark.task());
        block.getStyleClass().add(mark.isDone() ? "timeline-done" : "timeline-step");
        Mark now = chosen;
        if (now != null && now.frame().equals(mark.frame()) && now.task() == mark.task()) {
            block.getStyleClass().add("timeline-chosen");
            chosen = mark;
        }
        block.setAccessibleText(mark.frame() + ": " + mark.name());
        block.setFocusTraversable(true);
        block.setMinWidth(0);
        block.setPrefSize(Math.max(LEAST, to - from - 1), ROW - 6);
        block.relocate(from, y);
        block.setOnMousePressed(e -> {
            pressedX = e.getSceneX();
            pressedAt = block.getLayoutX();
            block.toFront();
        });
        if (!mark.isDone()) {
            block.setOnMouseDragged(e -> block.setLayoutX(Math.max(NAMES, pressedAt + e.getSceneX() - pressedX)));
        }
        block.setOnMouseReleased(e -> released(mark, block, e));
        block.setOnKeyPressed(e -> key(mark, e));
        getChildren().add(block);
    }

    private void released(Mark mark, Label block, MouseEvent e) {
        chosen = mark;
        if (!mark.isDone() && Math.abs(e.getSceneX() - pressedX) > 3) {
            moved.accept(mark, at(block.getLayoutX()));
        }
        fill();
        chosenChanged.run();
        lookupAll(".timeline-chosen").stream().findFirst().ifPresent(javafx.scene.Node::requestFocus);
    }

    private void key(Mark mark, KeyEvent e) {
        boolean right = e.getCode() == KeyCode.RIGHT;
        if ((right || e.getCode() == KeyCode.LEFT) && !mark.isDone()) {
            chosen = mark;
            moved.accept(mark, mark.start().plusSeconds(60 * (right ? KEY_MINUTES : -KEY_MINUTES)));
            e.consume();
        } else if (e.getCode() == KeyCode.ENTER || e.getCode() == KeyCode.SPACE) {
            chosen = mark;
            fill();
            chosenChanged.run();
            e.consume();
        }
    }
}
