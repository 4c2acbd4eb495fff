package neatcorner.desktop.station.sticks;

import java.util.List;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import neatcorner.desktop.control.Controls;
import neatcorner.desktop.control.LengthBox;
import neatcorner.desktop.desk.Workbench;
import neatcorner.desktop.document.Planning;
import neatcorner.job.Job;
import neatcorner.measure.Notation;
import neatcorner.outline.Opening;
import neatcorner.plan.Plan;
import neatcorner.station.sticks.LargestFrame;
import neatcorner.station.sticks.StockFields;
import neatcorner.stock.Stick;
import org.jspecify.annotations.Nullable;

/** The stick that was clicked: its name, how many there are, what one costs, and what can be asked of it. */
final class StickEditor extends VBox {
    private final Workbench bench;
    private final StockEditor editor;
    private final Button clear;
    private final HBox across = new HBox(10);
    private List<LengthBox> boxes = List.of();
    private int index = -1;

    StickEditor(Workbench bench) {
        this.bench = bench;
        clear = Controls.chip(SticksWords.CLEAR_DEFECTS, () -> change(stick -> stick.withDefects(List.of())));
        clear.setId("clear-defects");
        Button largest = Controls.chip(SticksWords.LARGEST_FRAME, this::largest);
        largest.setId("largest-frame");
        Button remove = Controls.chip(SticksWords.REMOVE, this::remove);
        remove.setId("stick-remove");
        List<Node> after = List.of(largest, clear, remove);
        setId("stick-editor");
        editor = new StockEditor("stick", SticksWords.STICK,
                new StockEditor.Edits(name -> change(stick -> stick.withName(name)),
                        count -> change(stick -> stick.withCount(count)),
                        price -> change(stick -> stick.withPrice(price))),
                List.of(across), after);
        getChildren().add(editor);
    }

    void show(Plan plan, Notation notation, int newIndex) {
        List<Stick> sticks = plan.job().stock().sticks();
        if (sticks.isEmpty()) {
            return;
        }
        if (newIndex != index) {
            editor.say("");
            boxes = List.of(new LengthBox(bench, StockFields.stickWidth(newIndex), SticksWords.WIDE),
                    new LengthBox(bench, StockFields.stickThickness(newIndex), SticksWords.THICK));
            across.getChildren().setAll(boxes);
        }
        index = newIndex;
        boxes.forEach(box -> box.show(plan, notation));
        Stick stick = sticks.get(index);
        editor.show(stick.name(), stick.count(), stick.price(), notation);
        clear.setDisable(stick.defects().isEmpty());
    }

    private @Nullable Stick stick() {
        List<Stick> sticks = bench.job().stock().sticks();
        return index >= 0 && index < sticks.size() ? sticks.get(index) : null;
    }

    private void change(UnaryOperator<Stick> changed) {
        int which = index;
        if (which >= 0) {
            bench.change(SticksWords.CHANGE_STICK, job -> job.withStock(job.stock().withStick(which, changed)));
        }
    }

    private void largest() {
        Stick stick = stick();
        if (stick == null) {
            return;
        }
        Job job = bench.job();
        bench.planning().ask(Planning.Pace.SLOW, search -> LargestFrame.from(job, stick, search),
                size -> size.ifPresentOrElse(this::take,
                        () -> editor.say(SticksWords.NO_FRAME_FITS)),
                bench::fault);
    }

    private void take(Opening size) {
        bench.change(SticksWords.CHANGE_LARGEST_FRAME, job -> job.withSize(job.sizeOf(), size));
        Notation notation = bench.notation().get();
        editor.say(
                SticksWords.FRAME_IS_NOW_LARGEST.formatted(notation.bare(size.width()), notation.text(size.height())));
    }

    private void remove() {
        int which = index;
        bench.change(SticksWords.CHANGE_REMOVE_A_STICK, job -> which >= 0 && which < job.stock().sticks().size()
                ? job.withStock(job.stock().withoutStick(which))
                : job);
    }
}
