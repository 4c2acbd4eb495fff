package neatcorner.station.sticks;

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

/** Where all pieces are cut from. */
public final class SticksChapter implements Chapter {

    @Override
    public Station station() {
        return Station.STICKS;
    }

    @Override
    public List<Finding> findings(Plan plan, Search search) {
        List<Finding> findings = new ArrayList<>();
        StockFindings.add(plan, findings, search);
        return findings;
    }

    @Override
    public Slate slate(Plan plan) {
        return SticksSlate.of(plan);
    }

    @Override
    public List<Field> fields(Plan plan) {
        return List.of(StockFields.END_TRIM, StockFields.LEAST_OFFCUT);
    }

    @Override
    public List<Sentence> cautions(Plan plan) {
        List<Sentence> cautions = new ArrayList<>(boardCautions(plan));
        cautions.addAll(sheetCautions(plan));
        return cautions;
    }

    /** Those of them that are about rough boards. */
    public static List<Sentence> boardCautions(Plan plan) {
        return plan.job().stock().boards().isEmpty() ? List.of() : List.of(Sentence.of(SticksTexts.CAUTION_RECLAIMED));
    }

    /** Those of them that are about sheets of glass. */
    public static List<Sentence> sheetCautions(Plan plan) {
        return plan.job().stock().sheets().isEmpty() ? List.of() : List.of(Sentence.of(SticksTexts.CAUTION_GLASS));
    }

    @Override
    public Figure figure(Plan plan) {
        return SticksFigure.of(plan);
    }
}
