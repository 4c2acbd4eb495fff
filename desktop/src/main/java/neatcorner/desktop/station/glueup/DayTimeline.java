package neatcorner.desktop.station.glueup;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.BiConsumer;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Line;
import neatcorner.desktop.control.BuiltFrom;
import neatcorner.desktop.desk.ShopDay;
import neatcorner.desktop.draw.Palette;
import neatcorner.desktop.draw.Thumbnail;
import neatcorner.glueup.schedule.Chain;
import neatcorner.glueup.schedule.Schedule;
import neatcorner.glueup.schedule.Task;
import neatcorner.glueup.schedule.WorkCalendar;
import neatcorner.glueup.schedule.WorkingHours;
import org.jspecify.annotations.Nullable;

/**
 * All frames in rows, time to the right; nights and breaks are drawn narrow. A solid block is work by hand, the bar after it
 * a wait. Blocks can be dragged, or moved with the arrow keys.
 */
final class DayTimeline extends Pane {
    private static final double LEAST_ROW = 27;
    private static final double MOST_ROW = 54;
    private static final double PICTURE = 30;
    private static final double TOP = 40;
    private static final double NAMES = 206;
    /** A break is drawn this much narrower than work. */
    private static final double NARROW = 0.05;
    private static final long KEY_MINUTES = 15;
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

    private final Palette palette;
    private final BiConsumer<Mark, Instant> moved;
    private final Runnable chosenChanged;
    private final Line nowLine = new Line();
    private final DayAxis axis = new DayAxis();
    private final BuiltFrom axisFrom = new BuiltFrom();
    private final Pane names = new Pane();
    private List<Thumbnail> pictures = List.of();
    private final BuiltFrom namesFrom = new BuiltFrom();
    private final Map<String, DayStep> steps = new LinkedHashMap<>();
    private ShopDay.@Nullable Shown shown;
    private @Nullable Mark chosen;
    private WorkCalendar calendar = WorkCalendar.always();
    private Instant origin = Instant.EPOCH;
    private Instant now = Instant.EPOCH;
    private ZoneId zone = ZoneId.of("UTC");
    private long last = 1;
    private double row = LEAST_ROW;
    private double room;
    /** Whether something was added that is not styled yet. */
    private boolean fresh = true;
    /** A step is in the maker's hand: what is laid out meanwhile waits, so that nothing slips from under it. */
    private boolean held;
    private @Nullable Runnable waiting;

    DayTimeline(Palette palette, BiConsumer<Mark, Instant> moved, Runnable chosenChanged) {
        this.palette = palette;
        this.moved = moved;
        this.chosenChanged = chosenChanged;
        setId("day-timeline");
        getStyleClass().add("timeline");
        nowLine.getStyleClass().add("now-line");
        names.setMouseTransparent(true);
        widthProperty().addListener((observed, old, width) -> resized());
    }

    /** A width comes in the midst of a layout: what is new would be shown bare once, were it not styled at once. */
    private void resized() {
        fresh = false;
        fill();
        if (fresh && getScene() != null) {
            applyCss();
            layout();
        }
    }

    @Nullable
    Mark chosen() {
        return chosen;
    }

    void show(ShopDay.@Nullable Shown newShown, Instant when, ZoneId where, WorkingHours hours) {
        if (held) {
            waiting = () -> show(newShown, when, where, hours);
            return;
        }
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
            origin = first.atZone(where).truncatedTo(ChronoUnit.HOURS).toInstant();
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
        return Math.max(0, Duration.between(origin, instant).toMinutes());
    }

    /** Drawn minutes from the left: working ones in full, others narrowed. */
    private double drawn(long minute) {
        long worked = calendar.worked(minute);
        return worked + (minute - worked) * NARROW;
    }

    private double scale() {
        return Math.max(0.05, (getWidth() - NAMES - 14) / Math.max(1, drawn(last)));
    }

    /** In whole pixels, so that what moves by a part of one is not laid out anew. */
    private double x(Instant instant) {
        return Math.rint(NAMES + drawn(minutes(instant)) * scale());
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

    /** What has not changed stays: to make it anew would have it styled anew. */
    private void fill() {
        if (held) {
            return;
        }
        ShopDay.Shown all = shown;
        if (all == null || getWidth() < 200) {
            getChildren().clear();
            return;
        }
        int rows = all.chains().size();
        row = Math.max(LEAST_ROW, Math.min(MOST_ROW, (room - TOP - 14) / Math.max(1, rows)));
        setPrefHeight(TOP + row * rows + 12);
        setMinHeight(getPrefHeight());
        if (axisFrom.changed(origin, zone, calendar, last, getWidth(), rows, row)) {
            hours(rows);
            fresh |= axis.hasGrown();
        }
        List<String> frames = all.chains().stream().map(Chain::frame).toList();
        if (namesFrom.changed(frames, row)) {
            fresh = true;
            pictures.forEach(Thumbnail::forget);
            pictures = IntStream.range(0, rows).mapToObj(this::picture).toList();
            names.getChildren().setAll(IntStream.range(0, rows).boxed()
                    .flatMap(each -> Stream.of(pictures.get(each), name(frames.get(each), each))).toList());
        }
        for (int i = 0; i < rows; i++) {
            pictures.get(i).show(all.pictures().get(i));
        }
        Map<String, DayStep> before = Map.copyOf(steps);
        steps.clear();
        for (Mark mark : marks(all)) {
            String key = mark.task() + " " + mark.frame();
            DayStep known = before.get(key);
            DayStep step = known == null ? new DayStep(this) : known;
            steps.put(key, step);
            place(step, mark, Math.max(0, frames.indexOf(mark.frame())));
        }
        List<Node> children = new ArrayList<>(List.of(axis, names));
        steps.values().forEach(step -> children.add(step.rest()));
        children.addAll(steps.values());
        children.add(nowLine);
        if (!getChildren().equals(children)) {
            fresh = true;
            getChildren().setAll(children);
        }
        placeNow();
    }

    private Label name(String frame, int place) {
        Label name = new Label(frame);
        name.getStyleClass().add("timeline-name");
        name.setMaxWidth(NAMES - PICTURE - 14);
        name.relocate(PICTURE + 8, TOP + row * place + row / 2 - 10);
        return name;
    }

    private Thumbnail picture(int place) {
        double em = Math.min(PICTURE, row - 4) / 14;
        Thumbnail picture = new Thumbnail(palette, PICTURE / 14, em);
        picture.relocate(3, TOP + row * place + (row - em * 14) / 2);
        return picture;
    }

    /** As high as there is room, where rows can be higher than they must. */
    void setRoom(double height) {
        if (Math.abs(height - room) > 1) {
            room = height;
            resized();
        }
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
                axis.day(wide < SHORT_NAME
                        ? ""
                        : wide < WHOLE_NAME ? SHORT_DAY.format(time) : DAY.format(time), x);
            }
            if (works) {
                axis.line(x, TOP - 4, TOP + row * rows);
                if (x - lastLabel > 26) {
                    axis.hour(String.valueOf(time.getHour()), x + 2, 20);
                    lastLabel = x;
                }
            }
            time = time.plusHours(1);
        }
        axis.done();
    }

    private void place(DayStep step, Mark mark, int place) {
        Mark now = chosen;
        boolean isChosen = now != null && now.frame().equals(mark.frame()) && now.task() == mark.task();
        if (isChosen) {
            chosen = mark;
        }
        double to = x(mark.end());
        step.show(mark, isChosen, "step-" + place + "-" + mark.task(),
                new DayStep.Place(TOP + row * place + 3, row - 6, x(mark.start()), to,
                        mark.rest() > 0 ? x(mark.end().plusSeconds(60 * mark.rest())) : to));
    }

    /** A step was taken hold of. */
    void taken() {
        held = true;
    }

    /** A step was clicked, or let go where it was dragged to; {@code isDragged} says which. */
    void released(DayStep step, boolean isDragged) {
        Mark mark = step.mark();
        Instant to = at(step.getLayoutX());
        held = false;
        chosen = mark;
        Runnable meanwhile = waiting;
        waiting = null;
        if (meanwhile != null) {
            meanwhile.run();
        }
        if (isDragged) {
            moved.accept(mark, to);
        }
        fill();
        chosenChanged.run();
        step.requestFocus();
    }

    /** The left edge of all steps. */
    double leftmost() {
        return NAMES;
    }

    /** A step is to be done a little later or sooner. */
    void nudge(DayStep step, boolean later) {
        Mark mark = step.mark();
        chosen = mark;
        moved.accept(mark, mark.start().plusSeconds(60 * (later ? KEY_MINUTES : -KEY_MINUTES)));
    }
}
