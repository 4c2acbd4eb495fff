package neatcorner.exchange.station.opening;

import static neatcorner.exchange.station.PlanNumbers.mm;
import static neatcorner.exchange.station.PlanNumbers.pair;

import java.io.IOException;
import java.util.List;
import neatcorner.drawing.Box;
import neatcorner.drawing.Drawing;
import neatcorner.drawing.FrameFront;
import neatcorner.exchange.json.Json;
import neatcorner.exchange.paper.Column;
import neatcorner.exchange.station.StationFiles;
import neatcorner.fitout.Layer;
import neatcorner.measure.Notation;
import neatcorner.member.MadeMember;
import neatcorner.outline.Opening;
import neatcorner.plan.Across;
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
        if (!plan.members().isEmpty()) {
            root.with("parts", Json.of(plan.members().stream().map(OpeningFiles::part).toList()));
        }
    }

    @Override
    public void paper(Moment moment, Plan plan, Telling telling, Column sheet) throws IOException {
        if (moment == Moment.FRAME) {
            sheet.figure(Drawing.snug(OpeningFigure.of(plan), sheet.textWidth() / UNIT, 168 / UNIT, telling.notation()),
                    UNIT);
        } else if (moment == Moment.BOARDS) {
            plates(plan, sheet);
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
                .with("seen", opening(Across.of(plan).seen(plan)))
                .with("outside", opening(plan.sizes().outside())).end();
    }

    private static Json pack(Plan plan) {
        return Json.object().with("thickness", mm(plan.job().pack().thickness()))
                .with("room", mm(plan.seat().rabbet().depth())).with("spare", mm(plan.spareDepth())).end();
    }

    /** A part whose place is impossible has a count of 0, and findings say why. */
    private static Json part(MadeMember made) {
        return Json.object().with("name", made.member().name()).with("kind", made.member().kind().title())
                .with("count", Json.of(made.count())).with("length", mm(made.length()))
                .with("width", mm(made.member().width())).with("thickness", mm(made.member().thickness()))
                .with("sawn", Json.of(made.plates().stream().map(plate -> Json.object()
                        .with("count", Json.of(plate.count())).with("width", mm(plate.width()))
                        .with("height", mm(plate.height())).end()).toList()))
                .with("at", Json.of(made.shapes().stream().map(OpeningFiles::middle).toList())).end();
    }

    /** Of the box round a part: right of the middle of the sight opening, and above it. */
    private static Json middle(MadeMember.Shape shape) {
        Box box = FrameFront.box(shape.outline().stream().map(FrameFront::point).toList());
        return Json.of(List.of(Json.of(box.center().x(), 4), Json.of(-box.center().y(), 4)));
    }

    /** What is sawn from boards and sheets, and what is bought. */
    private static void plates(Plan plan, Column sheet) throws IOException {
        List<MadeMember> sawn = plan.members().stream()
                .filter(made -> made.fault() == null && (!made.plates().isEmpty() || !made.member().kind().isWood()))
                .toList();
        if (sawn.isEmpty()) {
            return;
        }
        sheet.heading(OpeningPaperTexts.BESIDES_THE_PIECES);
        sheet.columns(OpeningPaperTexts.COLUMNS_OF_PARTS, List.of(0.0, 0.36, 0.5, 0.66, 0.82));
        for (MadeMember made : sawn) {
            int frames = plan.job().quantity();
            for (MadeMember.Plate plate : made.plates()) {
                sheet.row(List.of(made.member().name(), String.valueOf(plate.count() * frames)),
                        List.of(plate.width(), plate.height(), made.member().stick().thickness()));
            }
            if (!made.member().kind().isWood()) {
                sheet.row(List.of(made.member().name(), String.valueOf(made.count() * frames)),
                        List.of(made.member().width()));
            }
        }
    }

    private static Json opening(Opening opening) {
        return pair(opening.width(), opening.height());
    }

    private static void packList(Plan plan, Notation notation, Column sheet) throws IOException {
        if (plan.job().layersToCut().isEmpty()) {
            return;
        }
        sheet.heading(OpeningPaperTexts.CUT_FOR_THE_PACK);
        sheet.columns(List.of("layer", "width", "height", "thickness"), List.of(0.0, 0.36, 0.58, 0.8));
        for (Layer layer : plan.job().layersToCut()) {
            Opening size = plan.cut(layer);
            sheet.row(List.of(notation.words(layer.title())), List.of(size.width(), size.height(), layer.thickness()));
        }
        Opening window = plan.sizes().window();
        if (window != null) {
            sheet.row(List.of(notation.words(OpeningPaperTexts.MAT_WINDOW)), List.of(window.width(), window.height()));
        }
    }
}
