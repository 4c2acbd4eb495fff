package neatcorner.desktop.station.glueup;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Line;

/** The days and hours behind the timeline. What was drawn before is drawn with again: what is new would have to be styled. */
final class DayAxis extends Pane {
    private final Pool<Label> days = new Pool<>(() -> styled(new Label(), "timeline-day"));
    private final Pool<Label> hours = new Pool<>(() -> styled(new Label(), "timeline-time"));
    private final Pool<Line> lines = new Pool<>(() -> styled(new Line(), "timeline-hour"));

    private boolean grown;

    /** Parts of one kind, those in use first. */
    private final class Pool<T extends Node> {
        private final List<T> all = new ArrayList<>();
        private final Supplier<T> maker;
        private int used;

        Pool(Supplier<T> maker) {
            this.maker = maker;
        }

        T next() {
            if (used == all.size()) {
                T made = maker.get();
                all.add(made);
                getChildren().add(made);
                grown = true;
            }
            T part = all.get(used);
            used++;
            part.setVisible(true);
            return part;
        }

        void done() {
            all.subList(used, all.size()).forEach(part -> part.setVisible(false));
            used = 0;
        }
    }

    DayAxis() {
        setMouseTransparent(true);
    }

    private static <T extends Node> T styled(T part, String style) {
        part.getStyleClass().add(style);
        return part;
    }

    void day(String name, double x) {
        write(days.next(), name, x, 0);
    }

    void hour(String name, double x, double y) {
        write(hours.next(), name, x, y);
    }

    private static void write(Label label, String text, double x, double y) {
        label.setText(text);
        label.relocate(x, y);
    }

    void line(double x, double top, double bottom) {
        Line line = lines.next();
        line.setStartX(x);
        line.setEndX(x);
        line.setStartY(top);
        line.setEndY(bottom);
    }

    /** Whether something was added since this was last asked. */
    boolean hasGrown() {
        boolean now = grown;
        grown = false;
        return now;
    }

    /** All is drawn; what is left over from before is seen no more. */
    void done() {
        days.done();
        hours.done();
        lines.done();
    }
}
