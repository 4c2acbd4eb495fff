package neatcorner.station.section;

import java.util.ArrayList;
import java.util.List;
import neatcorner.drawing.Figure;
import neatcorner.job.Ring;
import neatcorner.measure.Sentence;
import neatcorner.plan.AsFrame;
import neatcorner.plan.Field;
import neatcorner.plan.Finding;
import neatcorner.plan.FrameFields;
import neatcorner.plan.Plan;
import neatcorner.plan.Slate;
import neatcorner.plan.Station;
import neatcorner.station.Chapter;
import neatcorner.stock.Search;

/** The stick: its rabbet, its wood, and how it is milled. */
public final class SectionChapter implements Chapter {

    @Override
    public Station station() {
        return Station.SECTION;
    }

    @Override
    public List<Finding> findings(Plan plan, Search search) {
        List<Finding> findings = new ArrayList<>();
        SectionFindings.add(plan, findings);
        MillingFindings.add(plan, findings);
        for (Ring ring : plan.job().rings()) {
            AsFrame at = new AsFrame(ring.name());
            List<Finding> found = new ArrayList<>();
            MillingFindings.add(at.plan(plan), found);
            found.forEach(each -> findings.add(at.finding(each)));
        }
        return findings;
    }

    @Override
    public Slate slate(Plan plan) {
        return SectionSlate.of(plan);
    }

    @Override
    public List<Field> fields(Plan plan) {
        List<Field> fields = new ArrayList<>(List.of(FrameFields.FACE_WIDTH, SectionFields.THICKNESS));
        if (!plan.job().section().rabbet().isNone()) {
            fields.addAll(List.of(SectionFields.RABBET_WIDTH, SectionFields.RABBET_DEPTH));
        }
        if (!plan.job().hold().isInRabbet()) {
            fields.add(SectionFields.ROOM);
        }
        return fields;
    }

    @Override
    public List<Sentence> cautions(Plan plan) {
        List<Sentence> cautions = new ArrayList<>();
        boolean milled = AsFrame.all(plan.job()).stream().map(each -> each.in(plan.job()).section())
                .anyMatch(section -> !section.rabbet().isNone() || !section.milling().operations().isEmpty());
        if (milled) {
            cautions.add(Sentence.of(SectionTexts.CAUTION_PASSES));
        }
        return cautions;
    }

    @Override
    public Figure figure(Plan plan) {
        return SectionFigure.of(plan);
    }
}
