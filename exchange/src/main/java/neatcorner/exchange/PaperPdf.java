package neatcorner.exchange;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import neatcorner.figure.Drawing;
import neatcorner.figure.Figure;
import neatcorner.figure.OpeningFigure;
import neatcorner.figure.SawFigure;
import neatcorner.figure.SectionFigure;
import neatcorner.figure.SticksFigure;
import neatcorner.fitout.CutSizes;
import neatcorner.fitout.Layer;
import neatcorner.measure.Notation;
import neatcorner.measure.Sentence;
import neatcorner.outline.Opening;
import neatcorner.piece.Piece;
import neatcorner.plan.Finding;
import neatcorner.plan.Level;
import neatcorner.plan.Plan;
import neatcorner.saw.SawCut;
import neatcorner.saw.SawSetting;
import neatcorner.saw.SecondMiter;
import neatcorner.stock.CutPiece;
import neatcorner.stock.CutStick;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDDocumentInformation;

/**
 * The job on paper, to be pinned over the saw: sizes, cut list and saw settings, the sticks with a tick box for every cut,
 * the section at full size with a bar to check the printer by, and the cautions that apply.
 */
public final class PaperPdf {
    private static final double UNIT = 0.62;
    private static final double POINTS_PER_MM = 72 / 25.4;

    private final Plan plan;
    private final Notation notation;
    private final PaperSheet sheet;

    private PaperPdf(Plan plan, Notation notation, PaperSheet sheet) {
        this.plan = plan;
        this.notation = notation;
        this.sheet = sheet;
    }

    /** The file's bytes. Throws {@link IOException} when a font is missing from the program. */
    public static byte[] write(Plan plan, PaperSize paper, Notation notation) throws IOException {
        try (PDDocument document = new PDDocument()) {
            PDDocumentInformation information = document.getDocumentInformation();
            information.setTitle(plan.job().title());
            information.setCreator("Neat Corner");
            try (PdfPen pen = new PdfPen(document, paper)) {
                new PaperPdf(plan, notation, new PaperSheet(pen, paper, notation, plan.job().title())).write();
            }
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            document.save(bytes);
            return bytes.toByteArray();
        }
    }

    private void write() throws IOException {
        sheet.title(plan.job().title(), subtitle());
        stops();
        cutList();
        sawSettings();
        packList();
        front();
        WoodPaper wood = new WoodPaper(plan, notation, sheet, UNIT);
        wood.boards();
        wood.milling();
        sticks();
        wood.offcuts();
        finalCuts();
        new GlueUpPaper(plan, notation, sheet).write();
        fullSizeSection();
        wood.sheets();
        cautions();
        sheet.finish();
    }

    private String subtitle() {
        var section = plan.job().section();
        String frames = plan.job().quantity() == 1 ? "one frame" : plan.job().quantity() + " frames";
        return frames + ", " + section.wood().name() + " " + notation.bare(section.width()) + " × "
                + notation.text(section.thickness()) + ", rabbet " + notation.bare(section.rabbet().width()) + " × "
                + notation.text(section.rabbet().depth()) + "; sizes in drawings are in " + notation.units().symbol();
    }

    private void stops() throws IOException {
        for (Finding finding : plan.findings()) {
            if (finding.level() == Level.STOP) {
                sheet.note("STOP", finding.message().in(notation), true);
            }
        }
    }

    private void cutList() throws IOException {
        sheet.heading("Cut list");
        sheet.columns(List.of("piece", "side", "count", "long point", "short point", "miter left", "miter right"),
                List.of(0.0, 0.09, 0.21, 0.33, 0.51, 0.69, 0.85));
        for (Piece piece : plan.parts()) {
            sheet.row(List.of(piece.name(), piece.side(), String.valueOf(plan.job().quantity())),
                    List.of(piece.longPoint(), piece.shortPoint(), piece.left().miter(), piece.right().miter()));
        }
    }

    private void sawSettings() throws IOException {
        sheet.heading("Saw settings, in this order");
        boolean turn = plan.job().saw().secondMiter() == SecondMiter.TURN_PIECE;
        sheet.note("1",
                (plan.job().saw().rough().isPositive()
                        ? Sentence.of(
                                "First miter on every piece, face up, outer edge on the fence. Leave {0} more than"
                                        + " the long point, and cut on the waste side of the line.",
                                plan.job().saw().rough())
                        : Sentence
                                .of("First miter on every piece, face up, outer edge on the fence. Leave the long point"
                                        + " and a little more, and cut on the waste side of the line."))
                        .in(notation),
                false);
        int step = 2;
        for (SawSetting setting : plan.settings()) {
            boolean tilted = setting.bevel().degrees() > 1e-9;
            String how = tilted
                    ? "saw swung and tilted to the other side, face up"
                    : turn ? "turned over, face down" : "saw swung to the other side, face up";
            sheet.note(String.valueOf(step++),
                    Sentence.of(
                            angle(setting) + ", stop {1}: pieces " + String.join(", ", setting.pieces()) + ", " + how
                                    + ", first miter against the stop.",
                            setting.miter(), setting.stop(), setting.bevel(),
                            plan.job().saw().set(setting.miter())).in(notation),
                    false);
        }
    }

    /** What the saw is set to; in a fixture when the miter is beyond its range. */
    private String angle(SawSetting setting) {
        String miter = plan.job().saw().reachesMiter(setting.miter())
                ? "Miter {0}"
                : "Miter {0}, with the stick square to an auxiliary fence and the saw at {3}";
        return miter + (setting.bevel().degrees() > 1e-9 ? ", blade tilted {2}" : "");
    }

    private void packList() throws IOException {
        sheet.heading("Cut for the pack");
        sheet.columns(List.of("layer", "width", "height", "thickness"), List.of(0.0, 0.33, 0.51, 0.69));
        for (Layer layer : plan.job().pack().layers()) {
            Opening size = CutSizes.of(layer, plan.sizes(), plan.job().section().rabbet(), plan.job().units());
            sheet.row(List.of(notation.words(layer.title())), List.of(size.width(), size.height(), layer.thickness()));
        }
        Opening window = plan.sizes().window();
        if (window != null) {
            sheet.row(List.of(notation.words("Mat window")), List.of(window.width(), window.height()));
        }
    }

    private void front() throws IOException {
        Figure figure = OpeningFigure.of(plan);
        double height = Math.min(260, Math.max(150, sheet.left() - 20));
        sheet.figure(Drawing.of(figure, sheet.textWidth() / UNIT, height / UNIT, notation), UNIT);
    }

    private void sticks() throws IOException {
        sheet.keepTogether(180);
        sheet.heading("Sticks: first cuts, stick by stick");
        sheet.note("–", "Mark every distance from the stick's left end, so that nothing is measured twice.", false);
        if (plan.layout().sticks().isEmpty()) {
            sheet.note("–", "No sticks are laid out.", false);
        }
        for (int i = 0; i < plan.layout().sticks().size(); i++) {
            CutStick stick = plan.layout().sticks().get(i);
            Drawing strip = Drawing.of(SticksFigure.strips(plan, i, i + 1), sheet.textWidth() / UNIT, 112, notation);
            sheet.keepTogether(strip.height() * UNIT + 18 * stick.cuts().size() + 8);
            sheet.figure(strip, UNIT);
            for (CutPiece cut : stick.cuts()) {
                sheet.tick(Sentence.of("Piece " + cut.label(plan.job().quantity())
                        + ": first miter {0} from {1} along the stick, long point {2}", cut.piece().left().miter(),
                        cut.at(), cut.piece().longPoint()).in(notation));
            }
        }
    }

    /** A page for each setting of the saw: the table from above, and a box to tick for every piece. */
    private void finalCuts() throws IOException {
        int step = 2;
        for (SawSetting setting : plan.settings()) {
            SawCut cut = plan.cuts().stream().filter(c -> c.kind() == SawCut.Kind.FINAL_MITER
                    && setting.pieces().contains(c.piece().piece().name())).findFirst().orElse(null);
            sheet.newPage();
            sheet.heading("Saw setting " + step + ": " + String.join(", ", setting.pieces()));
            sheet.note(String.valueOf(step++), Sentence.of(angle(setting) + ", stop {1}", setting.miter(),
                    setting.stop(), setting.bevel(), plan.job().saw().set(setting.miter())).in(notation), true);
            if (cut != null) {
                sheet.figure(Drawing.of(SawFigure.of(plan, cut), sheet.textWidth() / UNIT, 300 / UNIT, notation), UNIT);
            }
            for (int frame = 1; frame <= plan.job().quantity(); frame++) {
                for (String piece : setting.pieces()) {
                    sheet.tick(Sentence.of("Piece " + piece + (plan.job().quantity() > 1 ? frame : "") + " to {0}",
                            setting.stop()).in(notation));
                }
            }
        }
    }

    private void fullSizeSection() throws IOException {
        Drawing drawing = Drawing.atScale(SectionFigure.fullSize(plan), POINTS_PER_MM / UNIT, notation);
        sheet.keepTogether(Math.min(drawing.height() * UNIT, 500) + 90);
        sheet.heading("The stick's end at full size");
        sheet.figure(drawing, UNIT);
        sheet.scaleBar(POINTS_PER_MM);
    }

    private void cautions() throws IOException {
        sheet.keepTogether(110);
        sheet.heading("Before the saw starts");
        for (String caution : List.of(
                "Eyes and ears protected, dust mask on; guards in place. The saw's manual decides.",
                "The blade stands still before a hand goes near it; never reach behind it.",
                Sentence.of("Pieces under {0} are clamped or cut on a sled, not held by hand.",
                        plan.job().saw().minHold()).in(notation),
                "Gloves and eye protection for glass; dull its edges; sweep up the shards.")) {
            sheet.note("!", caution, false);
        }
    }
}
