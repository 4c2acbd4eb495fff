package neatcorner.desktop;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Region;
import neatcorner.figure.Box;
import neatcorner.figure.Figure;
import neatcorner.figure.Point;
import neatcorner.figure.SticksFigure;
import neatcorner.measure.Length;
import neatcorner.measure.Notation;
import neatcorner.piece.Scarf;
import neatcorner.plan.Defaults;
import neatcorner.plan.Fields;
import neatcorner.plan.Job;
import neatcorner.plan.Plan;
import neatcorner.plan.Station;
import neatcorner.stock.Keep;
import neatcorner.stock.Rack;
import neatcorner.stock.Span;
import neatcorner.stock.Stick;
import org.jspecify.annotations.Nullable;

/** Station 3: the sticks on the rack with the pieces laid in them. Dragging along a stick marks a defect. */
final class SticksView extends StationView {
    private final Controls.Choices<Keep> keep;
    private final Controls.Choices<Double> scarf;
    private final LengthBox endTrim;
    private final StickEditor editor;
    private final Label hint = new Label();
    private final Region mark = new Region();
    private SticksFigure.@Nullable Row pressed;
    private double pressedAt;
    private int chosen;

    SticksView(Workbench bench, SlatePane slate) {
        super(bench, Station.STICKS, slate);
        Button add = new Button("Add sticks");
        add.setId("add-stick");
        add.setOnAction(e -> addStick());
        keep = new Controls.Choices<Keep>(k -> bench.edit(bench.job().withStock(bench.job().stock().withKeep(k))))
                .with(Keep.NO, "no matter", "keep-no").with(Keep.WISH, "if it costs nothing", "keep-wish")
                .with(Keep.MUST, "always", "keep-must");
        scarf = new Controls.Choices<Double>(
                slope -> bench.edit(bench.job().withStock(bench.job().stock().withScarf(slope))))
                .with(0.0, "no", "scarf-no").with(Scarf.USUAL, "1:8", "scarf-8").with(12.0, "1:12", "scarf-12");
        endTrim = new LengthBox(bench, Fields.END_TRIM, "End trim");
        editor = new StickEditor(bench);
        hint.getStyleClass().add("hint");
        addTools(add, Controls.captioned("A frame from one stick:", keep), endTrim,
                Controls.captioned("Scarf what is too long:", scarf), hint);
        setBelowTools(editor);
        mark.getStyleClass().add("defect-mark");
        mark.setVisible(false);
        mark.setManaged(false);
        getChildren().add(mark);
        view().setOnMousePressed(this::press);
        view().setOnMouseDragged(this::drag);
        view().setOnMouseReleased(this::release);
    }

    private void addStick() {
        Job job = bench().job();
        Rack rack = job.stock();
        Length length = rack.sticks().isEmpty() ? Defaults.usualStick(job.units()) : rack.sticks().getLast().length();
        chosen = rack.sticks().size();
        bench().edit(job.withStock(
                rack.plusStick(new Stick("stick " + (rack.sticks().size() + 1), length, 1, null, List.of()))));
    }

    private void press(MouseEvent e) {
        Point at = view().toFigure(e.getX(), e.getY());
        pressed = SticksFigure.rows(bench().currentPlan()).stream()
                .filter(row -> row.box().contains(at.x(), at.y())).findFirst().orElse(null);
        pressedAt = at.x();
        SticksFigure.Row row = pressed;
        if (row != null) {
            chosen = row.stock();
            editor.show(bench().currentPlan(), bench().notation().get(), chosen);
        }
    }

    private void drag(MouseEvent e) {
        SticksFigure.Row row = pressed;
        if (row == null) {
            return;
        }
        Box box = row.box();
        double to = Math.max(0, Math.min(box.right(), view().toFigure(e.getX(), e.getY()).x()));
        Point a = view().toView(Math.min(pressedAt, to), box.top());
        Point b = view().toView(Math.max(pressedAt, to), box.bottom());
        mark.resizeRelocate(view().getLayoutX() + a.x(), view().getLayoutY() + a.y(), b.x() - a.x(), b.y() - a.y());
        mark.setVisible(true);
        Notation notation = bench().notation().get();
        Span span = span(to, notation);
        hint.setText("Defect from " + notation.text(span.from()) + " to " + notation.text(span.to()));
    }

    private Span span(double to, Notation notation) {
        long step = Math.max(notation.step().length().units(), Length.PER_MM);
        long from = Math.round(Length.mm(Math.min(pressedAt, to)).units() / (double) step) * step;
        long end = Math.round(Length.mm(Math.max(pressedAt, to)).units() / (double) step) * step;
        return new Span(new Length(from), new Length(end));
    }

    private void release(MouseEvent e) {
        SticksFigure.Row row = pressed;
        pressed = null;
        if (row == null || !mark.isVisible()) {
            return;
        }
        mark.setVisible(false);
        double to = Math.max(0, Math.min(row.box().right(), view().toFigure(e.getX(), e.getY()).x()));
        Span span = span(to, bench().notation().get());
        if (span.length().isLessThan(Length.mm(3))) {
            showHint();
            return;
        }
        Job job = bench().job();
        Stick stick = job.stock().sticks().get(row.stock());
        List<Span> defects = new ArrayList<>(stick.defects());
        defects.add(span);
        bench().edit(job.withStock(job.stock().withStick(row.stock(), stick.withDefects(defects))));
    }

    private void showHint() {
        hint.setText(bench().job().stock().sticks().isEmpty()
                ? ""
                : "Drag along a stick to mark a defect; click one to change it.");
    }

    @Override
    Figure figure(Plan plan) {

        return SticksFigure.of(plan);
    }

    @Override
    void showTools(Plan plan, Notation notation) {
        keep.show(plan.job().stock().keepFrameTogether());
        scarf.show(plan.job().stock().scarf());
        endTrim.show(plan, notation);
        int sticks = plan.job().stock().sticks().size();
        chosen = Math.max(0, Math.min(chosen, sticks - 1));
        editor.show(plan, notation, chosen);
        showHint();
    }
}
