package neatcorner.exchange.paper;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import neatcorner.drawing.Drawing;
import neatcorner.drawing.Figure;
import neatcorner.fitout.CutSizes;
import neatcorner.fitout.Layer;
import neatcorner.measure.Notation;
import neatcorner.measure.Quantity;
import neatcorner.measure.Sentence;
import neatcorner.measure.Theirs;
import neatcorner.outline.Opening;
import neatcorner.piece.Piece;
import neatcorner.plan.Finding;
import neatcorner.plan.Level;
import neatcorner.plan.Plan;
import neatcorner.saw.Saw;
import neatcorner.saw.SawCut;
import neatcorner.saw.SawSetting;
import neatcorner.station.opening.OpeningFigure;
import neatcorner.station.saw.SawFigure;
import neatcorner.station.saw.SawWords;
import neatcorner.station.section.SectionFigure;
import neatcorner.station.shape.JointWords;
import neatcorner.station.sticks.SticksFigure;
import neatcorner.stock.Blanks;
import neatcorner.stock.CutPiece;
import neatcorner.stock.CutStick;
import neatcorner.stock.Search;
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
        return write(plan, paper, notation, Search.PATIENT);
    }

    /** As the other; when it is told to stop, sheets are cut as well as they were laid out by then. */
    public static byte[] write(Plan plan, PaperSize paper, Notation notation, Search search) throws IOException {
        try (PDDocument document = new PDDocument()) {
            PDDocumentInformation information = document.getDocumentInformation();
            information.setTitle(plan.job().title());
            information.setCreator("Neat Corner");
            try (PdfPen pen = new PdfPen(document, paper)) {
                new PaperPdf(plan, notation, new PaperSheet(pen, paper, notation, plan.job().title())).write(search);
            }
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            document.save(bytes);
            return bytes.toByteArray();
        }
    }

    private void write(Search search) throws IOException {
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
        wood.sheets(search);
        cautions();
        sheet.finish();
    }

    private String subtitle() {
        var section = plan.job().section();
        String frames = plan.job().quantity() == 1 ? "one frame" : plan.job().quantity() + " frames";
        return frames + ", " + Theirs.words(section.wood().name()) + " " + notation.bare(section.width()) + " × "
                + notation.text(section.thickness()) + ", rabbet " + notation.bare(section.rabbet().width()) + " × "
                + notation.text(section.rabbet().depth()) + "; sizes in drawings are in " + notation.units().symbol();
    }

    private void stops() throws IOException {
        for (Finding finding : plan.findings()) {
            if (finding.level() == Level.STOP) {
                sheet.note("STOP", finding.message(), true);
            }
        }
    }

    private void cutList() throws IOException {
        sheet.heading("Cut list");
        boolean tilted = plan.parts().stream().anyMatch(piece -> piece.left().isTilted() || piece.right().isTilted());
        boolean wide = plan.parts().stream().map(Piece::face).distinct().count() > 1;
        List<String> columns = new ArrayList<>(List.of("piece", "side", "count", "long point", "short point",
                "miter left", "miter right"));
        List<Double> places = new ArrayList<>(tilted || wide
                ? List.of(0.0, 0.08, 0.2, 0.28, 0.42, 0.56, 0.67)
                : List.of(0.0, 0.09, 0.21, 0.33, 0.51, 0.69, 0.85));
        if (tilted) {
            columns.add("tilt, both");
            places.add(0.78);
        }
        if (wide) {
            columns.add("blank, wide");
            places.add(tilted ? 0.88 : 0.8);
        }
        sheet.columns(columns, places);
        for (Piece piece : plan.parts()) {
            List<Quantity> figures = new ArrayList<>(List.of(piece.longPoint(), piece.shortPoint(),
                    piece.left().miter(), piece.right().miter()));
            if (tilted) {
                figures.add(piece.left().bevel());
            }
            if (wide) {
                figures.add(Blanks.of(plan.job().section()).width(piece));
            }
            sheet.row(List.of(piece.name(), piece.side(), String.valueOf(plan.job().quantity())), figures);
        }
    }

    private void sawSettings() throws IOException {
        sheet.heading("Saw settings, in this order");
        Saw saw = plan.job().saw();
        sheet.note("–", "Left and right are yours, at the near end of the cut, as you stand at the fence.", false);
        sheet.note("1", firstCuts(), false);
        int step = 2;
        for (SawSetting setting : plan.settings()) {
            SawCut cut = plan.cutOf(setting);
            String how = cut.isFaceDown(saw)
                    ? "turned over, face down"
                    : "face up, on the " + cut.lies(saw).title() + " of the blade";
            sheet.note(String.valueOf(step++), SawWords.of(saw, cut, "Pieces " + String.join(", ", setting.pieces())
                    + ": ", "; stop {3}" + SawWords.points(setting) + "; " + how + ", first end against the stop.",
                    setting.stop()), false);
        }
        for (Sentence joint : JointWords.of(plan)) {
            sheet.note(String.valueOf(step++), joint, false);
        }
    }

    /** What the first cuts have in common. */
    private Sentence firstCuts() {
        Saw saw = plan.job().saw();
        String leave = saw.rough().isPositive()
                ? "The marks leave {3} more than the piece's length between its outermost points"
                : "The marks leave the piece's length between its outermost points, and no more";
        List<SawCut> first = plan.cuts().stream().filter(cut -> cut.kind() == SawCut.Kind.FIRST_MITER).toList();
        boolean alike = first.stream().allMatch(cut -> cut.end().isNear(first.getFirst().end()));
        String end = "; cut on the waste side of the line.";
        return first.isEmpty() || !alike
                ? Sentence
                        .of("First cut on every piece, at its left end, face up, outer edge on the fence, each as it is"
                                + " listed with its stick. " + leave.replace("{3}", "{0}") + end, saw.rough())
                : SawWords.of(saw, first.getFirst(),
                        "First cut on every piece, at its left end, face up, outer edge on the fence: ",
                        ". " + leave + end, saw.rough());
    }

    private void packList() throws IOException {
        sheet.heading("Cut for the pack");
        sheet.columns(List.of("layer", "width", "height", "thickness"), List.of(0.0, 0.33, 0.51, 0.69));
        for (Layer layer : plan.job().pack().layers()) {
            Opening size = CutSizes.of(layer, plan.sizes(), plan.seat().rabbet(), plan.job().units());
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
                sheet.tick(firstCut(stick, cut));
            }
        }
    }

    private Sentence firstCut(CutStick stick, CutPiece cut) {
        Blanks blanks = Blanks.of(plan.job().section());
        String rip = blanks.isRipped(cut.piece(), stick.stick()) ? ", ripped to {5}" : "";
        return SawWords.of(plan.job().saw(), new SawCut(SawCut.Kind.FIRST_MITER, cut, stick, null),
                "Piece " + cut.label(plan.job().quantity()) + rip + ": ",
                "; from {3} along the stick, {4} between its outermost points", cut.at(), cut.piece().span(),
                blanks.width(cut.piece()));
    }

    /** A page for each setting of the saw: the table from above, and a box to tick for every piece. */
    private void finalCuts() throws IOException {
        int step = 2;
        for (SawSetting setting : plan.settings()) {
            SawCut cut = plan.cutOf(setting);
            sheet.newPage();
            sheet.heading("Saw setting " + step + ": " + String.join(", ", setting.pieces()));
            sheet.note(String.valueOf(step++), SawWords.of(plan.job().saw(), cut, "Here: ",
                    "; stop {3}" + SawWords.points(setting), setting.stop()), true);
            sheet.figure(Drawing.of(SawFigure.of(plan, cut), sheet.textWidth() / UNIT, 300 / UNIT, notation), UNIT);
            for (int frame = 1; frame <= plan.job().quantity(); frame++) {
                for (String piece : setting.pieces()) {
                    sheet.tick(Sentence.of("Piece " + piece + (plan.job().quantity() > 1 ? frame : "") + " to {0}",
                            setting.stop()));
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
