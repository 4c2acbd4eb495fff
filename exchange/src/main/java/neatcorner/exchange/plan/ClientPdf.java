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
            sheet.title(plan.job().title(), frames == 1 ? "one frame" : frames + " frames alike");
            sheet.figure(Drawing.snug(FramedFigure.alone(plan), sheet.textWidth(),
                    Math.min(PICTURE, sheet.left() - 220), notation), 1);
            sheet.heading("The frame");
            size(sheet, "Outside", plan.sizes().outside());
            size(sheet, "Seen through it", plan.sizes().sight());
            size(sheet, "What it is for", plan.sizes().art());
            sheet.note("", "Wood: " + Theirs.words(plan.job().section().wood().name()), false);
            sheet.note("", Sentence.of("Face {0}, front to back {1}", plan.job().section().width(),
                    plan.job().section().thickness()), false);
            String pack = plan.job().pack().layers().stream().filter(layer -> !(layer instanceof Layer.Art))
                    .map(Layer::within).collect(Collectors.joining(", "));
            if (!pack.isEmpty()) {
                sheet.note("", "With it: " + pack, false);
            }
            sheet.note("", "Finish: " + FramedFigure.finish(Design.of(plan.job())), false);
            LocalDate due = plan.job().order().due();
            if (due == null) {
                sheet.lines("Price", "Ready on", "Agreed");
            } else {
                sheet.note("", "Ready on: " + DayText.inFull(due, notation.spelling()), true);
                sheet.lines("Price", "Agreed");
            }
        });
    }

    private static void size(PaperSheet sheet, String name, Opening size) throws IOException {
        sheet.note("", Sentence.of(name + ": {0} × {1}", size.width(), size.height()), false);
    }
}
