package neatcorner.desktop.station.sticks;

import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Region;
import neatcorner.desktop.desk.Workbench;
import neatcorner.desktop.draw.FigureView;
import neatcorner.drawing.Box;
import neatcorner.drawing.Point;
import neatcorner.measure.Length;
import neatcorner.measure.Notation;
import neatcorner.plan.Plan;
import neatcorner.station.sticks.SticksFigure;
import neatcorner.stock.CutPiece;
import neatcorner.stock.CutStick;
import neatcorner.stock.Pin;
import neatcorner.stock.Rack;
import neatcorner.stock.Span;
import org.jspecify.annotations.Nullable;

/**
 * What the mouse does among the sticks: along a stick it marks a knot; from a piece to another stick it gives the piece to
 * that stick; a double click on a piece holds it where it is, or lets it go.
 */
final class StickDragging {
    private static final Length SHORTEST_KNOT = Length.mm(3);

    private final Workbench bench;
    private final FigureView view;
    private final Region mark = new Region();
    private final Consumer<Integer> chosen;
    private final Knots knots;
    private final Consumer<Integer> pressedOn;
    private final Consumer<String> hint;
    private SticksFigure.@Nullable Row pressed;
    private @Nullable CutPiece piece;
    private double pressedAt;
    private boolean moved;

    StickDragging(Workbench bench, FigureView view, Consumer<Integer> chosen,
            Knots knots, Consumer<Integer> pressedOn, Consumer<String> hint) {
        this.bench = bench;
        this.view = view;
        this.chosen = chosen;
        this.knots = knots;
        this.pressedOn = pressedOn;
        this.hint = hint;
        mark.getStyleClass().add("defect-mark");
        mark.setVisible(false);
        mark.setManaged(false);
        mark.setMouseTransparent(true);
    }

    Region mark() {
        return mark;
    }

    private SticksFigure.@Nullable Row rowAt(MouseEvent e) {
        Point at = view.toFigure(e.getX(), e.getY());
        return SticksFigure.rows(bench.currentPlan()).stream().filter(row -> row.box().contains(at.x(), at.y()))
                .findFirst().orElse(null);
    }

    void press(MouseEvent e) {
        SticksFigure.Row row = rowAt(e);
        pressed = row;
        pressedAt = Math.max(0, view.toFigure(e.getX(), e.getY()).x());
        piece = row == null ? null : pieceAt(row, pressedAt);
        moved = false;
        if (row != null) {
            chosen.accept(row.stock());
        }
    }

    private @Nullable CutPiece pieceAt(SticksFigure.Row row, double x) {
        for (CutStick stick : bench.currentPlan().layout().sticks()) {
            if (stick.stock() == row.stock() && stick.number() == row.number()) {
                for (CutPiece cut : stick.cuts()) {
                    if (cut.at().toMm() <= x && x <= cut.end().toMm()) {
                        return cut;
                    }
                }
            }
        }
        return null;
    }

    void drag(MouseEvent e) {
        SticksFigure.Row row = pressed;
        if (row == null) {
            return;
        }
        Point at = view.toFigure(e.getX(), e.getY());
        moved |= Math.abs(at.x() - pressedAt) * view.scale() > 4 || !row.box().grown(4).contains(at.x(), at.y());
        SticksFigure.Row target = rowAt(e);
        CutPiece held = piece;
        if (held != null && target != null && !isSame(target, row)) {
            show(target.box().left(), target.box().right(), target.box());
            hint.accept(SticksTexts.GIVE_PIECE.formatted(held.label(bench.job().quantity())));
            return;
        }
        double to = Math.max(0, Math.min(row.box().right(), at.x()));
        show(Math.min(pressedAt, to), Math.max(pressedAt, to), row.box());
        Notation notation = bench.notation().get();
        Span span = span(to, notation);
        hint.accept(SticksTexts.KNOT_FROM_TO.formatted(notation.text(span.from()), notation.text(span.to())));
    }

    private static boolean isSame(SticksFigure.Row a, SticksFigure.Row b) {
        return a.stock() == b.stock() && a.number() == b.number();
    }

    private void show(double from, double to, Box box) {
        Point a = view.toView(from, box.top());
        Point b = view.toView(to, box.bottom());
        mark.resizeRelocate(view.getLayoutX() + a.x(), view.getLayoutY() + a.y(), b.x() - a.x(), b.y() - a.y());
        mark.setVisible(true);
    }

    private Span span(double to, Notation notation) {
        long step = Math.max(notation.step().length().units(), Length.PER_MM);
        long from = Math.round(Length.mm(Math.min(pressedAt, to)).units() / (double) step) * step;
        long end = Math.round(Length.mm(Math.max(pressedAt, to)).units() / (double) step) * step;
        return new Span(new Length(from), new Length(end));
    }

    void release(MouseEvent e) {
        SticksFigure.Row row = pressed;
        CutPiece held = piece;
        pressed = null;
        mark.setVisible(false);
        hint.accept("");
        if (row == null) {
            return;
        }
        SticksFigure.Row target = rowAt(e);
        if (!moved) {
            if (held != null && e.getClickCount() == 2) {
                toggle(held, row);
            } else if (held == null) {
                pressedOn.accept(row.stock());
            }
        } else if (held != null && target != null && !isSame(target, row)) {
            give(held, target);
        } else {
            double to = Math.max(0, Math.min(row.box().right(), view.toFigure(e.getX(), e.getY()).x()));
            Span span = span(to, bench.notation().get());
            if (!span.length().isLessThan(SHORTEST_KNOT)) {
                knots.found(row.stock(), row.number(), span);
            }
        }
    }

    private void toggle(CutPiece held, SticksFigure.Row row) {
        edit(SticksTexts.CHANGE_HOLD_A_PIECE, rack -> rack.pins().stream().anyMatch(pin -> pin.holds(held))
                ? rack.released(held.piece().name(), held.frame())
                : rack.pinned(new Pin(held.piece().name(), held.frame(), row.stock(), row.number())));
    }

    /** A piece dropped on a stick that is not used yet goes to the next one of its kind. */
    private void give(CutPiece held, SticksFigure.Row target) {
        Plan plan = bench.currentPlan();
        int used = plan.layout().sticks().stream().filter(stick -> stick.stock() == target.stock())
                .mapToInt(CutStick::number).max().orElse(0);
        int number = target.used() ? target.number() : used + 1;
        edit(SticksTexts.CHANGE_HOLD_A_PIECE, rack -> target.stock() < rack.sticks().size()
                && number <= rack.sticks().get(target.stock()).count()
                        ? rack.pinned(new Pin(held.piece().name(), held.frame(), target.stock(), number))
                        : rack);
    }

    private void edit(String name, UnaryOperator<Rack> change) {
        bench.change(name, job -> job.withStock(change.apply(job.stock())));
    }
}
