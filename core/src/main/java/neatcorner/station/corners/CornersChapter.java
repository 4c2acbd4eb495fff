package neatcorner.station.corners;

import java.util.ArrayList;
import java.util.List;
import neatcorner.drawing.Figure;
import neatcorner.drawing.FrameFront;
import neatcorner.job.Ring;
import neatcorner.measure.Sentence;
import neatcorner.plan.AsFrame;
import neatcorner.plan.CornerWork;
import neatcorner.plan.Field;
import neatcorner.plan.Finding;
import neatcorner.plan.Plan;
import neatcorner.plan.Slate;
import neatcorner.plan.Station;
import neatcorner.station.Chapter;
import neatcorner.stock.Search;

/** What holds each corner besides glue. */
public final class CornersChapter implements Chapter {

    @Override
    public Station station() {
        return Station.CORNERS;
    }

    @Override
    public List<Finding> findings(Plan plan, Search search) {
        List<Finding> findings = new ArrayList<>();
        CornerFindings.add(plan, findings, search);
        for (Ring ring : plan.job().rings()) {
            AsFrame at = new AsFrame(ring.name());
            List<Finding> found = new ArrayList<>();
            CornerFindings.addHeld(at.plan(plan), found, search);
            found.forEach(each -> findings.add(at.finding(each)));
        }
        return findings;
    }

    @Override
    public Slate slate(Plan plan) {
        return CornerSlate.of(plan);
    }

    @Override
    public List<Field> fields(Plan plan) {
        return List.of();
    }

    @Override
    public List<Sentence> cautions(Plan plan) {
        List<String> all = AsFrame.all(plan.job()).stream()
                .flatMap(ring -> CornerCautionWords.of(ring.plan(plan)).stream()).distinct().toList();
        List<Sentence> cautions = new ArrayList<>(all.stream().map(Sentence::of).toList());
        if (!all.isEmpty()) {
            cautions.set(all.size() - 1,
                    Sentence.of(all.getLast() + " " + CornersTexts.TOOLS_OWN_MANUAL_DECIDES));
        }
        return cautions;
    }

    @Override
    public Figure figure(Plan plan) {
        List<CornerWork.Kind> kinds = CornerWork.of(plan).kinds();
        return kinds.isEmpty() ? FrameFront.nothing() : CornerFigure.of(plan, kinds.getFirst(), 0);
    }
}
