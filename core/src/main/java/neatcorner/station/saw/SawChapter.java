package neatcorner.station.saw;

import java.util.ArrayList;
import java.util.List;
import neatcorner.drawing.Figure;
import neatcorner.drawing.FrameFront;
import neatcorner.measure.Sentence;
import neatcorner.plan.Field;
import neatcorner.plan.Finding;
import neatcorner.plan.Plan;
import neatcorner.plan.Slate;
import neatcorner.plan.Station;
import neatcorner.station.Chapter;
import neatcorner.stock.Search;

/** How the saw is set, and what was measured of what it cut. */
public final class SawChapter implements Chapter {

    @Override
    public Station station() {
        return Station.SAW;
    }

    @Override
    public List<Finding> findings(Plan plan, Search search) {
        List<Finding> findings = new ArrayList<>();
        SawFindings.add(plan, findings);
        MeasuredFindings.add(plan, findings);
        return findings;
    }

    @Override
    public Slate slate(Plan plan) {
        return SawSlate.of(plan);
    }

    @Override
    public List<Field> fields(Plan plan) {
        return List.of(SawFields.KERF, SawFields.ROUGH, SawFields.MIN_HOLD);
    }

    @Override
    public List<Sentence> cautions(Plan plan) {
        return List.of(Sentence.of(SawTexts.CAUTION_PROTECTED), Sentence.of(SawTexts.CAUTION_BLADE),
                Sentence.of(SawTexts.CAUTION_SHORT, plan.job().saw().minHold()));
    }

    @Override
    public Figure figure(Plan plan) {
        return plan.cuts().isEmpty() ? FrameFront.nothing() : SawFigure.of(plan, plan.cuts().getFirst());
    }
}
