package neatcorner.exchange.station.fitout;

import static neatcorner.exchange.station.PlanNumbers.mm;
import static neatcorner.exchange.station.PlanNumbers.pair;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import neatcorner.exchange.job.FitOutForm;
import neatcorner.exchange.json.Json;
import neatcorner.exchange.paper.Column;
import neatcorner.exchange.station.PlanNumbers;
import neatcorner.exchange.station.StationFiles;
import neatcorner.fitout.RetainerKind;
import neatcorner.job.Hold;
import neatcorner.measure.Sentence;
import neatcorner.measure.Units;
import neatcorner.outline.Opening;
import neatcorner.plan.Plan;
import neatcorner.plan.Station;
import neatcorner.planner.Chapters;
import neatcorner.station.fitout.FitOutSteps;
import neatcorner.station.fitout.FitOutWork;

/** What goes in from behind. */
public final class FitOutFiles implements StationFiles {
    @Override
    public Station station() {
        return Station.FIT_OUT;
    }

    @Override
    public void json(Plan plan, Telling telling, Json.Fields root) {
        if (plan.contours() == null) {
            return;
        }
        FitOutWork work = FitOutWork.of(plan);
        Json.Fields fields = Json.object().with("cut", Json.of(work.cuts().stream().map(FitOutFiles::cut).toList()));
        RetainerKind kind = plan.job().fitOut().retainers().kind();
        if (!work.retainers().isEmpty()) {
            fields.with("retainers", Json.object()
                    .with("kind", FitOutForm.KIND.write(kind, Units.MILLIMETRES))
                    .with("count", Json.of(work.retainerCount()))
                    .with("along", Json.of(work.retainers().stream().map(FitOutFiles::along).toList())).end());
        }
        Opening fabric = work.fabric();
        if (fabric != null) {
            fields.with("fabric", pair(fabric.width(), fabric.height()));
        }
        root.with("fitOut", fields.end());
    }

    private static Json cut(FitOutWork.Cut cut) {
        return Json.object().with("what", cut.what()).with("width", mm(cut.size().width()))
                .with("height", mm(cut.size().height())).with("mass", Json.of(cut.mass().kilograms(), 4)).end();
    }

    private static Json along(FitOutWork.Along along) {
        return Json.object().with("piece", along.piece().name())
                .with("at", Json.of(along.at().stream().map(PlanNumbers::mm).toList())).end();
    }

    @Override
    public void paper(Moment moment, Plan plan, Telling telling, Column sheet) throws IOException {
        boolean something = !(plan.job().hold() instanceof Hold.Nothing)
                && !(plan.job().hold().isInRabbet() && plan.job().pack().layers().isEmpty());
        if (moment != Moment.FIT_OUT || plan.contours() == null || !something) {
            return;
        }
        sheet.heading(FitOutPaperTexts.FIT_OUT);
        List<Sentence> steps = FitOutSteps.of(plan);
        List<Column.Part> parts = new ArrayList<>();
        for (Sentence step : steps) {
            parts.add(column -> column.tick(step));
        }
        for (Sentence caution : Chapters.at(Station.FIT_OUT).cautions(plan)) {
            parts.add(column -> column.note("!", caution, false));
        }
        sheet.inTwoColumns(parts);
    }
}
