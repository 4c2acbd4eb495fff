package neatcorner.exchange.plan;

import java.io.IOException;
import java.time.LocalDate;
import java.util.stream.Collectors;
import neatcorner.drawing.Drawing;
import neatcorner.exchange.paper.PaperSheet;
import neatcorner.exchange.paper.PaperSize;
import neatcorner.exchange.paper.Photos;
import neatcorner.fitout.Layer;
import neatcorner.job.DayText;
import neatcorner.job.Design;
import neatcorner.measure.Notation;
import neatcorner.measure.Sentence;
import neatcorner.measure.Theirs;
import neatcorner.outline.Opening;
import neatcorner.plan.Plan;
import neatcorner.station.opening.FramedFigure;

/** What the frame will be, for whom it is made: its picture, sizes, wood, what lies in it, and room for price and name. */
final class ClientPdf {
    private static final double PICTURE = 300;

    private ClientPdf() {}

    static byte[] write(Plan plan, PaperSize paper, Notation notation, Photos photos) throws IOException {
        return PaperPdf.document(plan, paper, notation, photos, sheet -> {
            int frames = plan.job().quantity();
            sheet.title(plan.job().title(),
                    frames == 1 ? SheetTexts.ONE_FRAME : SheetTexts.FRAMES_ALIKE.formatted(frames));
            sheet.figure(Drawing.snug(FramedFigure.alone(plan), sheet.textWidth(),
                    Math.min(PICTURE, sheet.left() - 220), notation), 1);
            sheet.heading(SheetTexts.FRAME);
            size(sheet, SheetTexts.OUTSIDE_SIZE, plan.sizes().outside());
            size(sheet, SheetTexts.SIGHT_SIZE, plan.sizes().sight());
            size(sheet, SheetTexts.ART_SIZE, plan.sizes().art());
            sheet.note("", SheetTexts.WOOD_OF_IT.formatted(Theirs.words(plan.job().section().wood().name())), false);
            sheet.note("", Sentence.of(SheetTexts.FACE_FRONT_TO_BACK, plan.job().section().width(),
                    plan.job().section().thickness()), false);
            String pack = plan.job().layersToCut().stream().filter(layer -> !(layer instanceof Layer.Art))
                    .map(Layer::within).collect(Collectors.joining(", "));
            if (!pack.isEmpty()) {
                sheet.note("", SheetTexts.PACK_WITH_IT.formatted(pack), false);
            }
            sheet.note("", SheetTexts.FINISH_OF_IT.formatted(FramedFigure.finish(Design.of(plan.job()))), false);
            LocalDate due = plan.job().order().due();
            if (due == null) {
                sheet.lines(SheetTexts.PRICE, SheetTexts.READY_ON, SheetTexts.AGREED);
            } else {
                sheet.note("", SheetTexts.READY_ON_DAY.formatted(DayText.inFull(due, notation.spelling())), true);
                sheet.lines(SheetTexts.PRICE, SheetTexts.AGREED);
            }
        });
    }

    private static void size(PaperSheet sheet, String what, Opening size) throws IOException {
        sheet.note("", Sentence.of(what, size.width(), size.height()), false);
    }
}
