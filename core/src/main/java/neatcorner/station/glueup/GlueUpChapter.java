package neatcorner.station.glueup;

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

/** How the frame is put together. */
public final class GlueUpChapter implements Chapter {

    @Override
    public Station station() {
        return Station.GLUE_UP;
    }

    @Override
    public List<Finding> findings(Plan plan, Search search) {
        List<Finding> findings = new ArrayList<>();
        GlueUpFindings.add(plan, findings);
        return findings;
    }

    @Override
    public Slate slate(Plan plan) {
        return GlueUpSlate.of(plan);
    }

    @Override
    public List<Field> fields(Plan plan) {
        return List.of();
    }

    @Override
    public List<Sentence> cautions(Plan plan) {
        return List.of(Sentence.of(GlueUpTexts.CAUTION));
    }

    @Override
    public Figure figure(Plan plan) {
        return GlueUpFigure.of(plan);
    }
}
