package neatcorner.desktop.station.sticks;

import java.util.Comparator;
import java.util.List;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.FlowPane;
import neatcorner.desktop.control.Card;
import neatcorner.desktop.control.Controls;
import neatcorner.desktop.control.LengthBox;
import neatcorner.desktop.control.ValueTag;
import neatcorner.desktop.desk.Workbench;
import neatcorner.desktop.document.Planning;
import neatcorner.desktop.station.Desk;
import neatcorner.job.Job;
import neatcorner.measure.Length;
import neatcorner.measure.Notation;
import neatcorner.measure.Units;
import neatcorner.outline.Opening;
import neatcorner.plan.Plan;
import neatcorner.station.sticks.LargestFrame;
import neatcorner.station.sticks.StockFields;
import neatcorner.stock.Span;
import neatcorner.stock.Stick;
import neatcorner.wood.Species;
import org.jspecify.annotations.Nullable;

/** The stick that was clicked: its name, how many there are, what one costs, and what can be asked of it. */
final class StickEditor {
    private final Desk desk;
    private final Workbench bench;
    private final Card card;
    private final Knots knots;
    private final StockEditor editor;
    private final Button clear;
    private final FlowPane across = new FlowPane();
    private List<LengthBox> boxes = List.of();
    private final MenuButton wood = new MenuButton();
    private final Node woodBox = Controls.captioned(SticksTexts.OF_WOOD, wood);
    private int index = -1;

    StickEditor(Desk desk, Knots knots) {
        this.desk = desk;
        this.bench = desk.bench();
        this.knots = knots;
        clear = Controls.chip(SticksTexts.NO_KNOTS, () -> change(stick -> stick.withDefects(List.of())));
        clear.setId("clear-knots");
        Button knot = Controls.chip(SticksTexts.ADD_A_KNOT, this::addKnot);
        knot.setId("add-knot");
        Button largest = Controls.chip(SticksTexts.LARGEST_FRAME, this::largest);
        largest.setId("largest-frame");
        Button remove = Controls.chip(SticksTexts.REMOVE, this::remove);
        remove.setId("stick-remove");
        List<Node> after = List.of(knot, clear, largest, remove);
        across.getStyleClass().add("card-fields");
        wood.setId("stick-wood");
        wood.setMnemonicParsing(false);
        wood.getItems().add(new MenuItem());
        wood.setOnShowing(e -> listWoods());
        editor = new StockEditor("stick", SticksTexts.STICK,
                new StockEditor.Edits(name -> change(stick -> stick.withName(name)),
                        count -> change(stick -> stick.withCount(count)),
                        price -> change(stick -> stick.withPrice(price))),
                List.of(across, woodBox), after);
        card = new Card("stick-editor", SticksTexts.STICK, List.of(editor));
    }

    /** The box of a field in its card. */
    @Nullable
    ValueTag box(String id) {
        return card.lookup("#" + id) instanceof ValueTag found ? found : null;
    }

    /** Opens its card beside the stick, or puts it away. */
    void toggle(Node beside) {
        desk.card(card, beside);
    }

    void show(Plan plan, Notation notation, int newIndex) {
        List<Stick> sticks = plan.job().stock().sticks();
        if (sticks.isEmpty()) {
            return;
        }
        if (newIndex != index) {
            editor.say("");
            boxes = List.of(new LengthBox(bench, StockFields.stick(newIndex), SticksTexts.LONG),
                    new LengthBox(bench, StockFields.stickWidth(newIndex), SticksTexts.WIDE),
                    new LengthBox(bench, StockFields.stickThickness(newIndex), SticksTexts.THICK));
            across.getChildren().setAll(boxes);
        }
        index = newIndex;
        boxes.forEach(box -> box.show(plan, notation));
        Stick stick = sticks.get(index);
        Species own = stick.wood();
        wood.setText(own == null ? plan.job().section().wood().name() : own.name());
        boolean several = !plan.job().rings().isEmpty() || own != null;
        woodBox.setVisible(several);
        woodBox.setManaged(several);
        editor.show(stick.name(), stick.count(), stick.price(), notation);
        clear.setDisable(stick.defects().isEmpty());
    }

    /** The frame's wood, and those of what is set against it. */
    private void listWoods() {
        wood.getItems().clear();
        Job job = bench.job();
        Species frames = job.section().wood();
        offer(frames, null);
        job.rings().stream().map(ring -> ring.section().wood()).filter(each -> !each.isSameAs(frames)).distinct()
                .forEach(each -> offer(each, each));
    }

    private void offer(Species shown, @Nullable Species taken) {
        MenuItem item = new MenuItem(shown.name());
        item.setMnemonicParsing(false);
        item.setOnAction(e -> change(stick -> stick.withWood(taken)));
        wood.getItems().add(item);
    }

    private @Nullable Stick stick() {
        List<Stick> sticks = bench.job().stock().sticks();
        return index >= 0 && index < sticks.size() ? sticks.get(index) : null;
    }

    private void change(UnaryOperator<Stick> changed) {
        int which = index;
        if (which >= 0) {
            bench.change(SticksTexts.CHANGE_STICK, job -> job.withStock(job.stock().withStick(which, changed)));
        }
    }

    /** In the middle of the longest clear stretch; where it really is can be typed in the drawing, or dragged. */
    private void addKnot() {
        boolean inches = bench.notation().get().units() == Units.INCHES;
        Length wide = inches ? Length.inches(1.5) : Length.mm(40);
        Length step = inches ? Length.inches(1) : Length.mm(10);
        Stick stick = stick();
        if (stick != null) {
            stick.clear(Length.ZERO).stream().max(Comparator.comparing(Span::length))
                    .ifPresent(clear -> knots.found(index, 0, middle(clear, wide, step)));
        }
    }

    private static Span middle(Span clear, Length wide, Length step) {
        Length whole = Length.min(wide, clear.length());
        Length middle = clear.from().plus(clear.length().minus(whole).scaled(0.5));
        Length from = Length.max(clear.from(), step.times(middle.units() / step.units()));
        return new Span(from, from.plus(whole));
    }

    private void largest() {
        Stick stick = stick();
        if (stick == null) {
            return;
        }
        Job job = bench.job();
        bench.planning().ask(Planning.Pace.SLOW, search -> LargestFrame.from(job, stick, search),
                size -> size.ifPresentOrElse(this::take,
                        () -> editor.say(SticksTexts.NO_FRAME_FITS)),
                bench::fault);
    }

    private void take(Opening size) {
        bench.change(SticksTexts.CHANGE_LARGEST_FRAME, job -> job.withSize(job.sizeOf(), size));
        Notation notation = bench.notation().get();
        editor.say(
                SticksTexts.FRAME_IS_NOW_LARGEST.formatted(notation.bare(size.width()), notation.text(size.height())));
    }

    private void remove() {
        int which = index;
        bench.change(SticksTexts.CHANGE_REMOVE_A_STICK, job -> which >= 0 && which < job.stock().sticks().size()
                ? job.withStock(job.stock().withoutStick(which))
                : job);
    }
}
