package neatcorner.exchange.plan;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import neatcorner.exchange.paper.PaperSheet;
import neatcorner.exchange.paper.PaperSize;
import neatcorner.exchange.paper.PdfPen;
import neatcorner.exchange.station.StationFiles;
import neatcorner.measure.Notation;
import neatcorner.measure.Theirs;
import neatcorner.plan.Finding;
import neatcorner.plan.Level;
import neatcorner.plan.Plan;
import neatcorner.stock.Search;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDDocumentInformation;

/**
 * The job on paper, to be pinned over the saw: sizes, cut list and saw settings, the sticks with a tick box for every cut,
 * the section at full size with a bar to check the printer by, and the cautions that apply.
 */
public final class PaperPdf {
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
        StationFiles.Telling telling = new StationFiles.Telling(notation, search);
        for (StationFiles.Moment moment : StationFiles.Moment.values()) {
            for (StationFiles station : AllStationFiles.ALL) {
                station.paper(moment, plan, telling, sheet);
            }
        }
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
}
