package neatcorner.exchange.plan;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.time.LocalDate;
import neatcorner.exchange.paper.Column;
import neatcorner.exchange.paper.PaperSheet;
import neatcorner.exchange.paper.PaperSize;
import neatcorner.exchange.paper.PdfPen;
import neatcorner.exchange.paper.Photos;
import neatcorner.exchange.paper.TwoSides;
import neatcorner.exchange.station.StationFiles;
import neatcorner.job.DayText;
import neatcorner.job.Order;
import neatcorner.measure.Notation;
import neatcorner.measure.Theirs;
import neatcorner.plan.Finding;
import neatcorner.plan.Plan;
import neatcorner.stock.Search;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDDocumentInformation;

/**
 * The job on paper, to be pinned over the saw: a plain frame takes one sheet. On its front what is cut: the frame, the cut
 * list, the sticks, the saw's settings with a box for every cut. On its back how it is put together, and what to mind. A richer one is
 * written a little smaller, so that it does not take more, and its back goes on where its front ends.
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
        return pages(plan, paper, Photos.NONE, pen -> TwoSides.write(pen, paper, notation, plan.job().title(),
                sheet -> new PaperPdf(plan, notation, sheet).write(search)));
    }

    private void write(Search search) throws IOException {
        StationFiles.Telling telling = new StationFiles.Telling(notation, search);
        sheet.title(plan.job().title(), subtitle());
        agreed();
        findings();
        sheet.beside(0.5, left -> part(StationFiles.Moment.FRAME, telling, left),
                right -> part(StationFiles.Moment.CUT_LIST, telling, right));
        part(StationFiles.Moment.BOARDS, telling);
        sheet.beside(0.5, left -> part(StationFiles.Moment.MILLING, telling, left),
                right -> part(StationFiles.Moment.PACK, telling, right));
        part(StationFiles.Moment.FIRST_CUTS, telling);
        part(StationFiles.Moment.FINAL_CUTS, telling);
        boolean minded = sheet.hasRoomFor(below -> part(StationFiles.Moment.CAUTIONS, telling, below));
        if (minded) {
            part(StationFiles.Moment.CAUTIONS, telling);
        }
        if (sheet.page() == 1) {
            sheet.newPage();
        }
        part(StationFiles.Moment.CORNERS, telling);
        part(StationFiles.Moment.GLUE_UP, telling);
        part(StationFiles.Moment.FIT_OUT, telling);
        part(StationFiles.Moment.HANGING, telling);
        if (!minded) {
            part(StationFiles.Moment.CAUTIONS, telling);
        }
        part(StationFiles.Moment.SHEETS, telling);
    }

    private void part(StationFiles.Moment moment, StationFiles.Telling telling) throws IOException {
        part(moment, telling, sheet);
    }

    private void part(StationFiles.Moment moment, StationFiles.Telling telling, Column column) throws IOException {
        for (StationFiles station : AllStationFiles.ALL) {
            station.paper(moment, plan, telling, column);
        }
    }

    private String subtitle() {
        var section = plan.job().section();
        int frames = plan.job().quantity();
        return (frames == 1
                ? SheetTexts.SUBTITLE_OF_ONE
                : SheetTexts.SUBTITLE_OF_SEVERAL)
                .formatted(frames, Theirs.words(section.wood().name()), notation.bare(section.width()),
                        notation.text(section.thickness()), notation.bare(section.rabbet().width()),
                        notation.text(section.rabbet().depth()));
    }

    private void agreed() throws IOException {
        Order order = plan.job().order();
        LocalDate due = order.due();
        if (due != null) {
            sheet.note(SheetTexts.DUE, DayText.inFull(due, notation.spelling()), true);
        }
        if (!order.note().isBlank()) {
            sheet.note(SheetTexts.NOTE, Theirs.words(order.note().strip().replaceAll("\\s+", " ")), false);
        }
    }

    /** What should be known before wood is cut. */
    private void findings() throws IOException {
        for (Finding finding : plan.findings()) {
            switch (finding.level()) {
                case STOP -> sheet.note("STOP", finding.message(), true);
                case CHECK -> sheet.note("CHECK", finding.message(), false);
                case NOTE -> {
                }
            }
        }
    }

    /** The stick's end at full size, to lay the work on. */
    static byte[] fullSize(Plan plan, PaperSize paper, Notation notation) throws IOException {
        return document(plan, paper, notation, sheet -> {
            sheet.title(plan.job().title(), SheetTexts.TO_LAY_THE_WORK);
            for (StationFiles station : AllStationFiles.ALL) {
                station.paper(StationFiles.Moment.FULL_SIZE, plan, new StationFiles.Telling(notation, Search.PATIENT),
                        sheet);
            }
        });
    }

    /** A document of sheets with their feet. */
    static byte[] document(Plan plan, PaperSize paper, Notation notation, TwoSides.Content content)
            throws IOException {
        return document(plan, paper, notation, Photos.NONE, content);
    }

    /** As the other, with photos. */
    static byte[] document(Plan plan, PaperSize paper, Notation notation, Photos photos, TwoSides.Content content)
            throws IOException {
        return pages(plan, paper, photos, pen -> {
            PaperSheet sheet = new PaperSheet(pen, paper, notation, plan.job().title());
            content.write(sheet);
            sheet.finish();
        });
    }

    /** What is drawn on pages. */
    @FunctionalInterface
    interface Drawn {
        void draw(PdfPen pen) throws IOException;
    }

    /** A document of pages. */
    static byte[] pages(Plan plan, PaperSize paper, Photos photos, Drawn drawn) throws IOException {
        try (PDDocument document = new PDDocument()) {
            PDDocumentInformation information = document.getDocumentInformation();
            information.setTitle(plan.job().title());
            information.setCreator("Neat Corner");
            try (PdfPen pen = new PdfPen(document, paper, false, photos)) {
                drawn.draw(pen);
            }
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            document.save(bytes);
            return bytes.toByteArray();
        }
    }
}
