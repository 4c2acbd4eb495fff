package neatcorner.desktop.station.saw;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import neatcorner.desktop.control.AngleBox;
import neatcorner.desktop.control.Controls;
import neatcorner.desktop.control.LengthBox;
import neatcorner.desktop.control.Typing;
import neatcorner.desktop.control.ValueTag;
import neatcorner.desktop.desk.Workbench;
import neatcorner.desktop.station.StationMode;
import neatcorner.drawing.Figure;
import neatcorner.measure.Angle;
import neatcorner.measure.Fine;
import neatcorner.measure.Length;
import neatcorner.measure.LengthRange;
import neatcorner.measure.Notation;
import neatcorner.measure.Sentence;
import neatcorner.plan.Plan;
import neatcorner.plan.Slate;
import neatcorner.saw.SawLog;
import neatcorner.saw.SawReading;
import neatcorner.saw.measured.TestCorner;
import neatcorner.station.saw.SawFields;
import neatcorner.station.saw.SawSlates;
import neatcorner.station.saw.TestCornerFigure;
import org.jspecify.annotations.Nullable;

/** A test corner: where it is open and by how much; which way to turn the saw, again and again until it closes. */
final class TestCornerMode implements StationMode {
    private final Workbench bench;
    private final Runnable refresh;
    private final Controls.Choices<TestCorner.Where> where;
    private final ValueTag gapTag = new ValueTag();
    private final ValueTag overTag = new ValueTag();
    private final AngleBox miterBox;
    private final List<LengthBox> boxes;
    private final Label log = new Label();
    private final Button turned = Controls.chip(SawTexts.I_TURNED_THE_SAW, this::turn);
    private final List<Node> tools;
    private TestCorner.@Nullable Where open;
    private final Button keep = new Button(SawTexts.KEEP_THIS_READING);
    private Length gap = TestCorner.SHEET_OF_PAPER;
    private @Nullable Length over;
    private @Nullable Angle miter;

    TestCornerMode(Workbench bench, Runnable refresh) {
        this.bench = bench;
        this.refresh = refresh;
        where = new Controls.Choices<TestCorner.Where>(this::found)
                .with(TestCorner.Where.CLOSED, SawTexts.CLOSED, "open-closed")
                .with(TestCorner.Where.HEEL, SawTexts.OUTSIDE_HEEL, "open-heel")
                .with(TestCorner.Where.TOE, SawTexts.INSIDE_TOE, "open-toe")
                .with(TestCorner.Where.FACE, SawTexts.FACE, "open-face")
                .with(TestCorner.Where.BACK, SawTexts.BACK, "open-back");
        gapTag.setId("test-gap");
        gapTag.getStyleClass().add("boxed");
        overTag.setId("test-over");
        overTag.getStyleClass().add("boxed");
        miterBox = new AngleBox(SawTexts.SAW_SET_TO, "test-miter", 0, 89, angle -> {
            miter = angle;
            refresh.run();
        });
        Button paper = Controls.chip(SawTexts.SHEET_OF_PAPER, () -> {
            gap = TestCorner.SHEET_OF_PAPER;
            refresh.run();
        });
        paper.setId("test-paper");
        keep.setId("test-keep");
        keep.getStyleClass().add("accent");
        keep.setOnAction(e -> keep());
        turned.setId("test-turned");
        log.setId("test-log");
        log.getStyleClass().add("hint");
        boxes = List.of(new LengthBox(bench, SawFields.SCALE_RADIUS, SawTexts.PIVOT_TO_SCALE),
                new LengthBox(bench, SawFields.FENCE_LENGTH, SawTexts.BLADE_TO_FENCE));
        tools = List.of(Controls.captioned(SawTexts.CORNER_IS_OPEN, where),
                Controls.captioned(SawTexts.GAP_BY, gapTag, paper),
                Controls.captioned(SawTexts.GAP_OVER, overTag), miterBox, keep, turned,
                log);
    }

    private void found(TestCorner.Where place) {
        open = place;
        refresh.run();
    }

    private Angle miter(Plan plan) {
        Angle set = miter;
        return set != null
                ? set
                : plan.pieces().isEmpty()
                        ? Angle.ofDegrees(45)
                        : Angle.ofDegrees(Math.abs(plan.pieces().getFirst().right().miter().degrees()));
    }

    /** What was read; none before it was said where the corner is open. */
    private Optional<TestCorner> corner(Plan plan) {
        TestCorner.Where place = open;
        return place == null ? Optional.empty() : Optional.of(new TestCorner(place, gap, contact(plan)));
    }

    private Length contact(Plan plan) {
        Length typed = over;
        return typed != null
                ? typed
                : open == TestCorner.Where.FACE || open == TestCorner.Where.BACK
                        ? plan.job().section().thickness()
                        : plan.job().section().width().scaled(1 / miter(plan).cos());
    }

    private void keep() {
        Plan plan = bench.currentPlan();
        corner(plan).ifPresent(corner -> {
            SawReading reading = new SawReading(LocalDate.now(ZoneId.systemDefault()), miter(plan), corner.error(),
                    corner.isTilt(), false);
            bench.premises().saws().changeLog(plan.job().saw(), readings -> readings.plus(reading));
            refresh.run();
        });
    }

    private void turn() {
        bench.premises().saws().changeLog(bench.job().saw(), SawLog::turned);
        refresh.run();
    }

    @Override
    public List<Node> bar() {
        return tools;
    }

    @Override
    public List<Node> more() {
        return List.copyOf(boxes);
    }

    @Override
    public void show(Plan plan, Notation notation) {
        TestCorner.Where place = open;
        if (place != null) {
            where.show(place);
        }
        keep.setDisable(place == null);
        boxes.forEach(box -> box.show(plan, notation));
        miterBox.show(miter(plan), notation);
        gapTag.show(Fine.of(gap), SawTexts.GAP, notation,
                Typing.length(notation, LengthRange.GAP, length -> {
                    gap = length;
                    refresh.run();
                }), () -> {});
        overTag.show(contact(plan), SawTexts.CONTACT_LENGTH, notation,
                Typing.length(notation, LengthRange.MEASURED, length -> {
                    over = length.isPositive() ? length : null;
                    refresh.run();
                }), () -> {});
        SawLog readings = bench.premises().saws().log(plan.job().saw());
        turned.setDisable(readings.readings().isEmpty() || readings.readings().getLast().turned());
        log.setText(listed(readings, notation));
    }

    private static String listed(SawLog log, Notation notation) {
        StringBuilder text = new StringBuilder();
        List<SawReading> last = log.readings().reversed().stream().limit(5).toList();
        for (SawReading reading : last) {
            text.append(text.isEmpty() ? SawTexts.READINGS_KEPT : "   ").append(reading.day()).append(' ')
                    .append(reading.error().degrees() > 0 ? "+" : "").append(notation.text(reading.error()))
                    .append(reading.tilt() ? SawTexts.READING_TILT : "")
                    .append(reading.turned() ? SawTexts.READING_TURNED : "");
        }
        return text.isEmpty() ? SawTexts.NO_READINGS : text.toString();
    }

    @Override
    public Figure figure(Plan plan) {
        return corner(plan).map(corner -> TestCornerFigure.of(plan, corner, miter(plan)))
                .orElseGet(() -> TestCornerFigure.unread(plan, miter(plan)));
    }

    @Override
    public Slate slate(Plan plan) {
        return corner(plan)
                .map(corner -> SawSlates.testCorner(plan, corner, miter(plan),
                        bench.premises().saws().log(plan.job().saw())))
                .orElseGet(() -> new Slate(List.of()));
    }

    @Override
    public List<Sentence> says(Plan plan) {
        return List.of(
                Sentence.of(SawTexts.TEST_CORNER_HINT));
    }
}
