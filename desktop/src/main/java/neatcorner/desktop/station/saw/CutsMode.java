package neatcorner.desktop.station.saw;

import java.util.ArrayList;
import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import neatcorner.desktop.control.Controls;
import neatcorner.desktop.control.LengthBox;
import neatcorner.desktop.desk.Workbench;
import neatcorner.desktop.station.StationMode;
import neatcorner.drawing.Box;
import neatcorner.drawing.Figure;
import neatcorner.measure.Notation;
import neatcorner.plan.Plan;
import neatcorner.plan.Slate;
import neatcorner.plan.Station;
import neatcorner.planner.Chapters;
import neatcorner.saw.SawCut;
import neatcorner.saw.SecondMiter;
import neatcorner.station.saw.SawFields;
import neatcorner.station.saw.SawFigure;

/** The saw table from above, one cut after the other. */
final class CutsMode implements StationMode {
    private final Workbench bench;
    private final Label step = new Label();
    private final Controls.Choices<SecondMiter> second;
    private final List<LengthBox> boxes;
    private final HBox steps;
    private final List<Node> more = new ArrayList<>();

    CutsMode(Workbench bench) {
        this.bench = bench;
        Button back = new Button(SawTexts.CUT_BACK);
        back.setId("cut-back");
        back.setOnAction(e -> move(-1));
        Button next = new Button(SawTexts.NEXT_CUT);
        next.setId("cut-next");
        next.getStyleClass().add("accent");
        next.setOnAction(e -> move(1));
        step.setId("cut-step");
        step.getStyleClass().add("step");
        second = new Controls.Choices<SecondMiter>(
                how -> bench.change(SawTexts.CHANGE_SECOND_MITER, job -> job.withSaw(job.saw().withSecondMiter(how))))
                .with(SecondMiter.TURN_PIECE, SawTexts.TURN_THE_PIECE_OVER, "second-turn")
                .with(SecondMiter.SWING_SAW, SawTexts.SWING_THE_SAW, "second-swing");
        boxes = List.of(new LengthBox(bench, SawFields.KERF, SawTexts.KERF),
                new LengthBox(bench, SawFields.ROUGH, SawTexts.ROUGH_ALLOWANCE),
                new LengthBox(bench, SawFields.MIN_HOLD, SawTexts.HOLD_BY_HAND_FROM));
        steps = new HBox(back, step, next);
        steps.getStyleClass().add("cut-steps");
        steps.setAlignment(Pos.CENTER_LEFT);
        more.add(Controls.captioned(SawTexts.SECOND_END, second));
        more.addAll(boxes);
    }

    private void move(int by) {
        int last = bench.currentPlan().cuts().size() - 1;
        bench.cut().set(Math.max(0, Math.min(last, bench.cut().get() + by)));
    }

    @Override
    public List<Node> bar() {
        return List.of(steps);
    }

    @Override
    public List<Node> more() {
        return more;
    }

    @Override
    public Figure figure(Plan plan) {
        if (plan.cuts().isEmpty()) {
            return new Figure(SawTexts.NOTHING_TO_CUT, new Box(0, 0, 100, 60), Figure.Margin.all(20), List.of());
        }
        return SawFigure.of(plan, plan.cuts().get(Math.min(bench.cut().get(), plan.cuts().size() - 1)));
    }

    @Override
    public Slate slate(Plan plan) {
        return Chapters.slate(plan, Station.SAW);
    }

    @Override
    public void show(Plan plan, Notation notation) {
        second.show(plan.job().saw().secondMiter());
        boxes.forEach(box -> box.show(plan, notation));
        step.setText(plan.cuts().isEmpty()
                ? SawTexts.NO_CUTS_YET
                : title(plan, Math.min(bench.cut().get(), plan.cuts().size() - 1), notation));
    }

    /** "Cut 3 of 8: first miter on C". */
    static String title(Plan plan, int index, Notation notation) {
        SawCut cut = plan.cuts().get(index);
        return notation.words((cut.kind() == SawCut.Kind.FIRST_MITER ? SawTexts.FIRST_MITER : SawTexts.SECOND_MITER_OF)
                .formatted(index + 1, plan.cuts().size(), cut.piece().label(plan.job().quantity())));
    }
}
