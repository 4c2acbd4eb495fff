package neatcorner.exchange.station.opening;

import static neatcorner.exchange.station.PlanNumbers.mm;
import static neatcorner.exchange.station.PlanNumbers.pair;

import java.io.IOException;
import java.util.List;
import neatcorner.drawing.Drawing;
import neatcorner.exchange.json.Json;
import neatcorner.exchange.paper.PaperSheet;
import neatcorner.exchange.station.StationFiles;
import neatcorner.fitout.Layer;
import neatcorner.measure.Notation;
import neatcorner.outline.Opening;
import neatcorner.plan.Plan;
import neatcorner.plan.Station;
import neatcorner.station.opening.OpeningFigure;

/** Sizes, pack and weight. */
public final class OpeningFiles implements StationFiles {
    @Override
    public Station station() {
        return Station.OPENING;
    }

    @Override
    public void json(Plan plan, Telling telling, Json.Fields root) {
        root.with("sizes", sizes(plan)).with("pack", pack(plan))
                .with("weight", Json.of(plan.weight().total().kilograms(), 4));
    }

    @Override
    public void paper(Moment moment, Plan plan, Telling telling, PaperSheet sheet) throws IOException {
        if (moment == Moment.FRAME) {
            sheet.figure(Drawing.snug(OpeningFigure.of(plan), sheet.textWidth() / UNIT, 168 / UNIT, telling.notation()),
                    UNIT);
        } else if (moment == Moment.PACK) {
            packList(plan, telling.notation(), sheet);
        }
    }

    /** Points on paper for each of the drawing's. */
    private static final double UNIT = 0.5;

    private static Json sizes(Plan plan) {
        Json.Fields sizes = Json.object().with("art", opening(plan.sizes().art()));
        Opening window = plan.sizes().window();
        if (window != null) {
            sizes.with("window", opening(window)).with("matOuter", opening(plan.sizes().pack()));
        }
        return sizes.with("rabbet", opening(plan.sizes().rabbet())).with("sight", opening(plan.sizes().sight()))
                .with("outside", opening(plan.sizes().outside())).end();
    }

    private static Json pack(Plan plan) {
        return Json.object().with("thickness", mm(plan.job().pack().thickness()))
                .with("room", mm(plan.seat().rabbet().depth())).with("spare", mm(plan.spareDepth())).end();
    }

    private static Json opening(Opening opening) {
        return pair(opening.width(), opening.height());
    }

    private static void packList(Plan plan, Notation notation, PaperSheet sheet) throws IOException {
        if (plan.job().pack().layers().isEmpty()) {
            return;
        }
        sheet.heading(OpeningPaperTexts.CUT_FOR_THE_PACK);
        sheet.columns(List.of("layer", "width", "height", "thickness"), List.of(0.0, 0.36, 0.58, 0.8));
        for (Layer layer : plan.job().pack().layers()) {
            Opening size = plan.cut(layer);
            sheet.row(List.of(notation.words(layer.title())), List.of(size.width(), size.height(), layer.thickness()));
        }
        Opening window = plan.sizes().window();
        if (window != null) {
            sheet.row(List.of(notation.words(OpeningPaperTexts.MAT_WINDOW)), List.of(window.width(), window.height()));
        }
    }
}
