package neatcorner.desktop.station.saw;

import java.util.Collections;
import java.util.List;
import javafx.scene.Node;
import neatcorner.desktop.control.LengthBox;
import neatcorner.desktop.desk.Workbench;
import neatcorner.desktop.station.StationMode;
import neatcorner.drawing.Box;
import neatcorner.drawing.Figure;
import neatcorner.measure.Notation;
import neatcorner.measure.Sentence;
import neatcorner.piece.Piece;
import neatcorner.plan.Plan;
import neatcorner.plan.Slate;
import neatcorner.saw.SawLog;
import neatcorner.saw.measured.CutError;
import neatcorner.station.saw.Assembly;
import neatcorner.station.saw.ClosingFigure;
import neatcorner.station.saw.SawFields;
import neatcorner.station.saw.SawSlates;

/** What the saw, as its readings have it, will do to this frame before a piece is cut. */
final class BeforeMode implements StationMode {
    private final Workbench bench;
    private final LengthBox limit;

    BeforeMode(Workbench bench) {
        this.bench = bench;
        limit = new LengthBox(bench, SawFields.GAP_LIMIT, SawTexts.LET_GAPS_PASS);
    }

    @Override
    public List<Node> bar() {
        return List.of(limit);
    }

    @Override
    public void show(Plan plan, Notation notation) {
        limit.show(plan, notation);
    }

    @Override
    public Figure figure(Plan plan) {
        if (!Assembly.canJudge(plan)) {
            return cannot();
        }
        double steady = bench.premises().saws().log(plan.job().saw()).steady().radians();
        return ClosingFigure.of(plan, Collections.nCopies(plan.pieces().size(), new CutError(0, steady, steady)),
                plan.pieces().stream().map(Piece::name).toList());
    }

    static Figure cannot() {
        return new Figure(SawTexts.ONLY_FLAT, new Box(0, 0, 100, 60),
                Figure.Margin.all(20), List.of());
    }

    @Override
    public Slate slate(Plan plan) {
        return SawSlates.before(plan, bench.premises().saws().log(plan.job().saw()));
    }

    @Override
    public List<Sentence> says(Plan plan) {
        SawLog log = bench.premises().saws().log(plan.job().saw());
        if (!Assembly.canJudge(plan)) {
            return List.of(Sentence.of(SawTexts.ONLY_FLAT_HERE));
        }
        return log.readings().isEmpty()
                ? List.of(Sentence
                        .of(SawTexts.NO_READINGS_YET))
                : List.of();
    }
}
