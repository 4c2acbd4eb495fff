package neatcorner.station.fitout;

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

/** What goes in from behind, and what keeps it there. */
public final class FitOutChapter implements Chapter {

    @Override
    public Station station() {
        return Station.FIT_OUT;
    }

    @Override
    public List<Finding> findings(Plan plan, Search search) {
        return FitOutFindings.of(plan);
    }

    @Override
    public Slate slate(Plan plan) {
        return FitOutSlate.of(plan);
    }

    @Override
    public List<Field> fields(Plan plan) {
        return FitOutFields.all(plan);
    }

    @Override
    public List<Sentence> cautions(Plan plan) {
        return FitOutSteps.cautions(plan).stream().map(Sentence::of).toList();
    }

    @Override
    public Figure figure(Plan plan) {
        return FitOutFigure.of(plan);
    }
}
