package neatcorner.station.shape;

import java.util.ArrayList;
import java.util.List;
import neatcorner.drawing.Figure;
import neatcorner.measure.Sentence;
import neatcorner.plan.Field;
import neatcorner.plan.Finding;
import neatcorner.plan.Plan;
import neatcorner.plan.Slate;
import neatcorner.plan.Station;
import neatcorner.station.Chapter;
import neatcorner.stock.Search;

/** The outline of the frame, and how its sides meet. */
public final class ShapeChapter implements Chapter {

    @Override
    public Station station() {
        return Station.SHAPE;
    }

    @Override
    public List<Finding> findings(Plan plan, Search search) {
        List<Finding> findings = new ArrayList<>();
        ShapeFindings.add(plan, findings);
        return findings;
    }

    @Override
    public Slate slate(Plan plan) {
        return ShapeSlate.of(plan);
    }

    @Override
    public List<Field> fields(Plan plan) {
        return plan.job().outline().shape().isStraight() ? List.of() : List.of(ShapeFields.BOARD_WIDTH);
    }

    @Override
    public List<Sentence> cautions(Plan plan) {
        return List.of();
    }

    @Override
    public Figure figure(Plan plan) {
        return ShapeFigure.of(plan, false);
    }
}
