package neatcorner.desktop.draw;

import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import javafx.beans.Observable;
import javafx.beans.property.ReadOnlyIntegerProperty;
import javafx.beans.property.ReadOnlyIntegerWrapper;
import javafx.css.CssMetaData;
import javafx.css.Styleable;
import javafx.css.StyleableProperty;
import javafx.css.StyleablePropertyFactory;
import javafx.scene.Node;
import javafx.scene.canvas.Canvas;
import javafx.scene.image.Image;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import javafx.scene.paint.Color;
import javafx.scene.shape.Rectangle;
import neatcorner.desktop.control.Typing;
import neatcorner.desktop.control.ValueTag;
import neatcorner.drawing.Anchor;
import neatcorner.drawing.Box;
import neatcorner.drawing.Drawing;
import neatcorner.drawing.Figure;
import neatcorner.drawing.Point;
import neatcorner.drawing.Tint;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.measure.Notation;
import neatcorner.measure.Quantity;
import neatcorner.measure.Units;
import neatcorner.plan.Edit;
import neatcorner.plan.Field;
import org.jspecify.annotations.Nullable;

/**
 * Shows a figure as large as its space allows. Shapes are painted on a canvas; values are {@link ValueTag}s that can be
 * typed in, and handles can be dragged. Each {@link Tint} is a CSS property, {@code -figure-ink} and so on. A drawing is laid
 * out for text of the usual size; with larger text all of it but the thing itself is drawn larger: labels, letters, lines and
 * the room they take.
 */
public final class FigureView extends Region implements Palette {
    private static final double USUAL_TEXT = 14;
    /** What a drawing with its labels of the usual size can do with. */
    private static final double LEAST_WIDTH = 480;
    private static final double LEAST_HEIGHT = 320;
    private static final StyleablePropertyFactory<FigureView> STYLES = new StyleablePropertyFactory<>(
            Region.getClassCssMetaData());

    private final Canvas canvas = new Canvas();
    private final Pane tags = new Pane();
    private final Map<String, ValueTag> values = new HashMap<>();
    private final Map<Object, Knob> knobs = new HashMap<>();
    private final ThingSpots things = new ThingSpots(tags, (key, at) -> changes().thing(key, at));
    private final Map<Tint, StyleableProperty<Color>> tints = new EnumMap<>(Tint.class);
    private final ReadOnlyIntegerWrapper recolored = new ReadOnlyIntegerWrapper();
    private final StyleableProperty<Number> textSize = STYLES.createStyleableNumberProperty(this, "text-size",
            "-figure-text-size", view -> view.textSize, USUAL_TEXT);
    private Changes changes = new Changes() {
    };
    private @Nullable Figure figure;
    private @Nullable Drawing drawing;
    private @Nullable Knob dragged;
    private Function<String, @Nullable Image> photos = name -> null;
    private Notation notation = Notation.of(Units.MILLIMETRES);

    /** What the maker does to the drawing. */
    public interface Changes {
        /** A value was typed. */
        default void typed(Field field, Length length) {}

        /** Why an edit cannot be kept; null when it can. */
        default @Nullable String refusal(Edit edit) {
            return null;
        }

        /** A handle is being moved; {@code done} with the last of it. */
        default void dragged(Field field, Length length, boolean done) {}

        /** A corner of the outline is being moved by so many millimetres; {@code done} with the last of it. */
        default void cornerMoved(int corner, double dx, double dy, boolean done) {}

        /** Another angle was typed in a corner of the outline. */
        default void cornerTurned(int corner, Angle interior) {}

        /** What a field measures now. */
        default Length measure(Field field) {
            return Length.ZERO;
        }

        /** A thing was pressed that has choices of its own; {@code at} is where it is. */
        default void thing(String key, Node at) {}

        /** The working of a figure is asked for. */
        default void working(String name, Quantity value) {}
    }

    public FigureView() {
        getStyleClass().add("figure-view");
        for (Tint tint : Tint.values()) {
            StyleableProperty<Color> color = STYLES.createStyleableColorProperty(this, tint.token(),
                    "-figure-" + tint.token(), view -> Objects.requireNonNull(view.tints.get(tint)), Color.GRAY);
            tints.put(tint, color);
            ((Observable) color).subscribe(() -> {
                requestLayout();
                recolored.set(recolored.get() + 1);
            });
        }
        ((Observable) textSize).subscribe(this::requestLayout);
        tags.setPickOnBounds(false);
        getChildren().addAll(canvas, tags);
        Rectangle clip = new Rectangle();
        clip.widthProperty().bind(widthProperty());
        clip.heightProperty().bind(heightProperty());
        setClip(clip);
        setMinSize(120, 120);
    }

    /** Where photos come from, by the names of their files. */
    public void setPhotos(Function<String, @Nullable Image> newPhotos) {
        photos = newPhotos;
    }

    /** Who hears of what is typed and dragged in it. */
    public void setChanges(Changes newChanges) {
        changes = newChanges;
    }

    /** Shows a figure; what has not changed stays. */
    public void show(Figure newFigure, Notation newNotation) {
        figure = newFigure;
        notation = newNotation;
        setAccessibleText(newNotation.words(newFigure.title()));
        requestLayout();
    }

    /** The place in the figure, in its millimetres, that lies under a place in this view. */
    public Point toFigure(double x, double y) {
        Drawing shown = drawing;
        return shown == null
                ? new Point(0, 0)
                : new Point((x / zoom() - shown.originX()) / shown.scale(),
                        (y / zoom() - shown.originY()) / shown.scale());
    }

    /** The place in this view at which a place of the figure is shown. */
    public Point toView(double x, double y) {
        Drawing shown = drawing;
        return shown == null
                ? new Point(0, 0)
                : new Point((shown.originX() + x * shown.scale()) * zoom(),
                        (shown.originY() + y * shown.scale()) * zoom());
    }

    /** The tag of a field's value, if it is shown. */
    @Nullable
    public ValueTag tag(Field field) {
        return values.get(field.id());
    }

    @Override
    protected void layoutChildren() {
        Figure shown = figure;
        double width = getWidth();
        double height = getHeight();
        if (shown == null || width < 1 || height < 1) {
            return;
        }
        Drawing before = drawing;
        double zoom = zoom();
        enlarge(zoom);
        Drawing now = dragged != null && before != null
                ? Drawing.at(shown, before.scale(), before.originX(), before.originY(), width / zoom, height / zoom,
                        notation)
                : Drawing.of(shown, width / zoom, height / zoom, notation);
        drawing = now;
        setAccessibleHelp(written(now));
        canvas.setWidth(width);
        canvas.setHeight(height);
        tags.resizeRelocate(0, 0, width, height);
        canvas.getGraphicsContext2D().setTransform(zoom, 0, 0, zoom, 0, 0);
        new CanvasPainter(canvas.getGraphicsContext2D(), this::color, photos).paint(now);
        things.place(now, notation, zoom());
        placeTags(now);
        placeKnobs(now);
    }

    /** What is written in a drawing besides its numbers, for those who listen. */
    private static String written(Drawing drawing) {
        return drawing.primitives().stream().filter(Drawing.Text.class::isInstance)
                .map(text -> ((Drawing.Text) text).text()).collect(Collectors.joining(", "));
    }

    /** Numbers are as large as the labels beside them. */
    private void enlarge(double zoom) {
        String style = "-fx-font-size: " + USUAL_TEXT * zoom + "px;";
        if (!style.equals(tags.getStyle()) && (zoom > 1 || !tags.getStyle().isEmpty())) {
            tags.setStyle(style);
            tags.applyCss();
        }
    }

    /** Where a thing can be pressed, if it is shown. */
    public @Nullable Node spot(String key) {
        return things.spot(key);
    }

    @Override
    public ReadOnlyIntegerProperty recolored() {
        return recolored.getReadOnlyProperty();
    }

    @Override
    public Color color(Tint tint) {
        StyleableProperty<Color> property = tints.get(tint);
        return property == null ? Color.GRAY : property.getValue();
    }

    private void placeTags(Drawing now) {
        Set<String> shown = new HashSet<>();
        FreePlaces places = new FreePlaces(getWidth(), getHeight());
        for (Drawing.Primitive primitive : now.primitives()) {
            if (primitive instanceof Drawing.Value value) {
                Field field = value.field();
                Typing typing = field == null
                        ? null
                        : Typing.field(notation, field, changes::refusal, length -> changes.typed(field, length));
                ValueTag tag = tag(field == null ? value.name() : field.id(), shown, value.quantity(), value.name(),
                        typing);
                place(tag, value.x() * zoom(), value.y() * zoom(), value.anchor(), places);
            } else if (primitive instanceof Drawing.CornerAngle angle) {
                Typing typing = angle.free()
                        ? Typing.angle(notation, 1, 359, turned -> changes.cornerTurned(angle.corner(), turned))
                        : null;
                ValueTag tag = tag(angle.name(), shown, angle.angle(), angle.name(), typing);
                place(tag, angle.x() * zoom(), angle.y() * zoom(), Anchor.MIDDLE, places);
            }
        }
        values.entrySet().removeIf(entry -> {
            boolean gone = !shown.contains(entry.getKey());
            if (gone) {
                tags.getChildren().remove(entry.getValue());
            }
            return gone;
        });
    }

    private ValueTag tag(String wanted, Set<String> shown, Quantity quantity, String name, @Nullable Typing typing) {
        String key = unused(wanted, shown);
        shown.add(key);
        ValueTag tag = values.computeIfAbsent(key, this::newTag);
        tag.show(quantity, name, notation, typing, () -> changes.working(name, quantity));
        return tag;
    }

    /** The key, numbered when a value of the same kind is already shown. */
    static String unused(String key, Set<String> used) {
        String free = key;
        for (int i = 2; used.contains(free); i++) {
            free = key + "-" + i;
        }
        return free;
    }

    private ValueTag newTag(String key) {
        ValueTag tag = new ValueTag();
        tag.setId("value-" + key.replaceAll("[^A-Za-z0-9]+", "-").toLowerCase(Locale.ROOT));
        tags.getChildren().add(tag);
        return tag;
    }

    /** Tags stand where they belong, moved just as far as it takes to stay in view and off each other. */
    private void place(ValueTag tag, double atX, double atY, Anchor anchor, FreePlaces places) {
        tag.fit();
        double w = tag.getWidth();
        double h = tag.isOpen() ? Math.min(tag.getHeight(), 30) : tag.getHeight();
        double x = switch (anchor) {
            case START -> atX;
            case MIDDLE -> atX - w / 2;
            case END -> atX - w;
        };
        x = Math.max(2, Math.min(x, getWidth() - w - 2));
        double y = Math.max(2, Math.min(atY - h / 2, getHeight() - h - 2));
        Box box = places.take(new Box(x, y, x + w, y + h));
        tag.relocate(Math.round(box.left()), Math.round(box.top()));
    }

    private void placeKnobs(Drawing now) {
        Set<Object> shown = new HashSet<>();
        for (Drawing.Primitive primitive : now.primitives()) {
            if (primitive instanceof Drawing.Handle handle) {
                shown.add(handle.field());
                ((HandleKnob) knob(handle.field(), () -> new HandleKnob(this, handle.field()))).show(handle);
            } else if (primitive instanceof Drawing.CornerHandle handle) {
                shown.add(handle.corner());
                ((CornerKnob) knob(handle.corner(), () -> new CornerKnob(this, handle.corner()))).show(handle);
            }
        }
        knobs.entrySet().removeIf(entry -> {
            boolean gone = !shown.contains(entry.getKey()) && entry.getValue() != dragged;
            if (gone) {
                tags.getChildren().remove(entry.getValue());
            }
            return gone;
        });
    }

    private Knob knob(Object key, Supplier<Knob> maker) {
        return knobs.computeIfAbsent(key, k -> {
            Knob made = maker.get();
            tags.getChildren().add(made);
            return made;
        });
    }

    /** The drawing keeps still while a knob is held. */
    public void hold(@Nullable Knob knob) {
        dragged = knob;
        requestLayout();
    }

    /** Who hears of what is typed and dragged in it. */
    public Changes changes() {
        return changes;
    }

    /** How its figures are read. */
    public Notation notation() {
        return notation;
    }

    /** Pixels in a millimetre of the figure. */
    public double scale() {
        Drawing shown = drawing;
        return shown == null ? 1 : shown.scale() * zoom();
    }

    /** How much larger than usual its text is drawn; not so large that no room is left for the thing itself. */
    double zoom() {
        double room = Math.min(getWidth() / LEAST_WIDTH, getHeight() / LEAST_HEIGHT);
        return Math.max(1, Math.min(textSize.getValue().doubleValue() / USUAL_TEXT, room));
    }

    @Override
    public List<CssMetaData<? extends Styleable, ?>> getCssMetaData() {
        return STYLES.getCssMetaData();
    }
}
