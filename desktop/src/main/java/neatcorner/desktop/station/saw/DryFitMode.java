package neatcorner.desktop.station.saw;

import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Button;
import neatcorner.desktop.control.Controls;
import neatcorner.desktop.control.LengthBox;
import neatcorner.desktop.desk.Workbench;
import neatcorner.desktop.station.StationMode;
import neatcorner.drawing.Figure;
import neatcorner.measure.Notation;
import neatcorner.measure.Sentence;
import neatcorner.plan.Plan;
import neatcorner.plan.Slate;
import neatcorner.saw.measured.DryFit;
import neatcorner.station.saw.DryFitFigure;
import neatcorner.station.saw.DryFitWords;
import neatcorner.station.saw.SawFields;
import neatcorner.station.saw.SawSlates;

/** The frame put together dry: gaps and diagonals typed where they are, and the likeliest causes. */
final class DryFitMode implements StationMode {
    private final List<LengthBox> boxes;
    private final Button clear;

    DryFitMode(Workbench bench) {
        boxes = List.of(new LengthBox(bench, SawFields.gap(0, 2), SawTexts.FACES_STEPPED),
                new LengthBox(bench, SawFields.ROCKS, SawTexts.LIFTS_OFF_TABLE));
        clear = Controls.chip(SawTexts.ALL_CLOSED,
                () -> bench.change(SawTexts.CHANGE_ALL_CLOSED,
                        job -> job.withChecks(job.checks().withDryFit(DryFit.closed()))));
        clear.setId("dry-clear");
    }

    @Override
    public List<Node> bar() {
        return List.of(boxes.get(0), boxes.get(1), clear);
    }

    @Override
    public void show(Plan plan, Notation notation) {
        boxes.forEach(box -> box.show(plan, notation));
        clear.setDisable(plan.job().checks().dryFit().equals(DryFit.closed()));
    }

    @Override
    public Figure figure(Plan plan) {
        return DryFitFigure.of(plan);
    }

    @Override
    public Slate slate(Plan plan) {
        return SawSlates.dryFit(plan);
    }

    @Override
    public List<Sentence> says(Plan plan) {
        return DryFitWords.of(plan);
    }
}
