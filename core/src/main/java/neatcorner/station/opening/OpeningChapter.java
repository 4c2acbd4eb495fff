package neatcorner.station.opening;

import java.util.ArrayList;
import java.util.List;
import neatcorner.job.Preset;
import neatcorner.drawing.Figure;
import neatcorner.measure.Sentence;
import neatcorner.plan.Field;
import neatcorner.plan.Finding;
import neatcorner.plan.FrameFields;
import neatcorner.plan.Plan;
import neatcorner.plan.Slate;
import neatcorner.plan.Station;
import neatcorner.station.Chapter;
import neatcorner.stock.Search;

/** What is framed, and the sizes that follow from it. */
public final class OpeningChapter implements Chapter {

    @Override
    public Station station() {
        return Station.OPENING;
    }

    @Override
    public List<Finding> findings(Plan plan, Search search) {
        List<Finding> findings = new ArrayList<>();
        SizeFindings.add(plan, findings);
        MemberFindings.add(plan, findings);
        return findings;
    }

    @Override
    public Slate slate(Plan plan) {
        return OpeningSlate.of(plan);
    }

    @Override
    public List<Field> fields(Plan plan) {
        List<Field> fields = new ArrayList<>(List.of(FrameFields.ART_WIDTH, FrameFields.ART_HEIGHT,
                FrameFields.OPENING_WIDTH, FrameFields.OPENING_HEIGHT, FrameFields.SIGHT_WIDTH,
                FrameFields.SIGHT_HEIGHT,
                FrameFields.OUTSIDE_WIDTH, FrameFields.OUTSIDE_HEIGHT));
        if (plan.job().hold().isInRabbet()) {
            fields.add(FrameFields.CLEARANCE);
        }
        if (Preset.of(plan.job()) == Preset.SHUTTERS) {
            fields.add(FrameFields.LEAF_PLAY);
        }
        if (plan.job().pack().mat().isPresent()) {
            fields.addAll(MatFields.OF_MAT);
        }
        plan.job().rings().forEach(ring -> fields.addAll(RingFields.of(ring)));
        fields.addAll(MemberFields.all(plan));
        return fields;
    }

    @Override
    public List<Sentence> cautions(Plan plan) {
        return List.of();
    }

    @Override
    public Figure figure(Plan plan) {
        return OpeningFigure.of(plan);
    }
}
