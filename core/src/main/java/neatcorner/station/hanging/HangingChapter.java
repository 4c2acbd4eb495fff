package neatcorner.station.hanging;

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

/** From the bench to the wall. */
public final class HangingChapter implements Chapter {

    @Override
    public Station station() {
        return Station.HANGING;
    }

    @Override
    public List<Finding> findings(Plan plan, Search search) {
        return HangingFindings.of(plan);
    }

    @Override
    public Slate slate(Plan plan) {
        return HangingSlate.of(plan);
    }

    @Override
    public List<Field> fields(Plan plan) {
        return HangingFields.all(plan);
    }

    @Override
    public List<Sentence> cautions(Plan plan) {
        return HangingCautions.of(plan).stream().map(Sentence::of).toList();
    }

    @Override
    public Figure figure(Plan plan) {
        return HangingFigure.of(plan);
    }
}
