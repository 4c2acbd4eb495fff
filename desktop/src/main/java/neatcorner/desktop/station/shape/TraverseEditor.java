package neatcorner.desktop.station.shape;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import neatcorner.desktop.control.Controls;
import neatcorner.desktop.control.Typing;
import neatcorner.desktop.desk.Workbench;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.measure.LengthText;
import neatcorner.measure.Notation;
import neatcorner.measure.Units;
import neatcorner.outline.Loop;
import neatcorner.outline.Shape;
import neatcorner.outline.Traverse;

/**
 * Where the sides and corners of an opening are entered as they were measured. Measured ones rarely close; it says by how
 * much they do not, and offers the sides that could give.
 */
final class TraverseEditor extends VBox {
    private static final int MOST_OFFERS = 3;

    private final Workbench bench;
    private final Runnable close;
    private final FlowPane rows = new FlowPane();
    private final Label said = new Label();
    private final HBox offers = new HBox();
    private final List<TextField> sides = new ArrayList<>();
    private final List<TextField> corners = new ArrayList<>();
    private Notation notation = Notation.of(Units.MILLIMETRES);

    TraverseEditor(Workbench bench, Runnable close) {
        this.bench = bench;
        this.close = close;
        getStyleClass().add("traverse");
        setId("traverse");
        HBox.setHgrow(this, Priority.ALWAYS);
        rows.getStyleClass().add("tools");
        said.getStyleClass().add("hint");
        said.setWrapText(true);
        said.setId("traverse-said");
        offers.getStyleClass().add("captioned");
        Button more = Controls.chip(ShapeTexts.ONE_SIDE_MORE, () -> setCount(sides.size() + 1));
        more.setId("traverse-more");
        Button fewer = Controls.chip(ShapeTexts.ONE_SIDE_FEWER, () -> setCount(sides.size() - 1));
        fewer.setId("traverse-fewer");
        HBox last = new HBox(more, fewer, Controls.chip(ShapeTexts.CLOSE, close), offers);
        last.getStyleClass().add("captioned");
        getChildren().addAll(rows, said, last);
    }

    /** Opened with the outline as it is. */
    TraverseEditor open() {
        notation = bench.notation().get();
        if (bench.job().outline().shape() instanceof Shape.Polygon polygon) {
            Traverse traverse = Traverse.of(Shape.fromTheTop(polygon.loop()));
            sides.clear();
            corners.clear();
            for (int i = 0; i < traverse.sides().size(); i++) {
                addRow(notation.figures(Length.mm(traverse.sides().get(i))).digits(),
                        String.valueOf(Math.round(traverse.corners().get(i).degrees() * 100) / 100.0));
            }
            lay();
        }
        return this;
    }

    void show(Notation now) {
        notation = now;
    }

    private void addRow(String side, String corner) {
        corners.add(field(corner, "corner-in-" + corners.size()));
        sides.add(field(side, "side-in-" + sides.size()));
    }

    private TextField field(String text, String id) {
        TextField field = new TextField(text);
        field.setPrefColumnCount(6);
        field.setId(id);
        field.textProperty().addListener((observed, old, now) -> judge());
        return field;
    }

    private void setCount(int count) {
        while (sides.size() > Math.max(Shape.FEWEST_SIDES, count)) {
            sides.removeLast();
            corners.removeLast();
        }
        while (sides.size() < Math.min(Shape.MOST_SIDES, count)) {
            addRow(sides.getLast().getText(), corners.getLast().getText());
        }
        lay();
    }

    private void lay() {
        rows.getChildren().clear();
        int count = sides.size();
        for (int i = 0; i < count; i++) {
            rows.getChildren().add(
                    Controls.captioned(ShapeTexts.CORNER.formatted(letter(i + count - 1), letter(i)), corners.get(i)));
            rows.getChildren().add(Controls.captioned(ShapeTexts.SIDE.formatted(letter(i)), sides.get(i)));
        }
        judge();
    }

    private String letter(int i) {
        return String.valueOf((char) ('A' + i % sides.size()));
    }

    private void judge() {
        offers.getChildren().clear();
        List<Double> lengths = new ArrayList<>();
        List<Angle> angles = new ArrayList<>();
        for (int i = 0; i < sides.size(); i++) {
            if (LengthText.read(sides.get(i).getText(), notation.units()) instanceof LengthText.Understood length
                    && length.length().isPositive()) {
                lengths.add(length.length().toMm());
            } else {
                said.setText(ShapeTexts.EXPECTED_LENGTH.formatted(letter(i)));
                return;
            }
            int corner = i;
            if (!(Typing.angle(notation, 1, 359, angles::add)
                    .read(corners.get(corner).getText()) instanceof Typing.Understood read)) {
                said.setText(ShapeTexts.EXPECTED_DEGREES.formatted(letter(i + sides.size() - 1), letter(i)));
                return;
            }
            read.take().run();
        }
        judge(new Traverse(lengths, angles));
    }

    private void judge(Traverse traverse) {
        double over = traverse.angleError().degrees();
        Length gap = Length.mm(traverse.gap());
        boolean closes = Math.abs(over) < 0.005 && gap.toMm() < 0.05;
        said.setText(closes
                ? ShapeTexts.CLOSES
                : notation.words((over < 0 ? ShapeTexts.CORNERS_TOO_LITTLE : ShapeTexts.CORNERS_TOO_MUCH)
                        .formatted(notation.text(Angle.ofDegrees(Math.abs(over))), notation.text(gap))));
        traverse.closings().stream().limit(closes ? 1 : MOST_OFFERS).forEach(closing -> {
            String text = closes
                    ? ShapeTexts.TAKE_OUTLINE
                    : ShapeTexts.SIDE_GIVES.formatted(letter(closing.side()),
                            notation.text(Length.mm(closing.length())), degrees(closing.start()),
                            degrees(closing.end()));
            Button offer = Controls.chip(text, () -> take(traverse.closedBy(closing.side())));
            offer.setId("give-" + closing.side());
            offers.getChildren().add(offer);
        });
    }

    private static String degrees(Angle angle) {
        return Math.round(angle.degrees() * 10) / 10.0 + "°";
    }

    private void take(Loop loop) {
        Loop upright = Traverse.of(loop).closedBy(loop.sides() - 1, 0, loop.at(0), 0);
        bench.change(ShapeTexts.CHANGE_OUTLINE_AS_MEASURED, job -> {
            boolean same = job.outline().faceWidths().size() == loop.sides();
            return job.withOutline(job.outline().withShape(new Shape.Polygon(upright))
                    .withFaceWidths(same ? job.outline().faceWidths() : List.of()))
                    .withSize(job.sizeOf(), upright.box());
        });
        close.run();
    }
}
