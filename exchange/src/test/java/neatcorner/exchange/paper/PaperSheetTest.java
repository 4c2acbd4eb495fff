package neatcorner.exchange.paper;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import neatcorner.exchange.BadFile;
import neatcorner.exchange.job.JobFile;
import neatcorner.exchange.job.JobFileTest;
import neatcorner.exchange.plan.PaperPdf;
import neatcorner.job.Job;
import neatcorner.measure.Length;
import neatcorner.measure.Notation;
import neatcorner.measure.ReadingStep;
import neatcorner.measure.Spelling;
import neatcorner.measure.Units;
import neatcorner.plan.Plan;
import neatcorner.planner.Planner;
import neatcorner.stock.Span;
import neatcorner.stock.Stick;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;
import org.junit.jupiter.api.Test;

/** The sheets as they leave the printer, read back by a general library. */
class PaperSheetTest {
    private static final Notation MM = Notation.of(Units.MILLIMETRES);

    /** Where every letter stands, page by page. */
    private static final class Letters extends PDFTextStripper {
        private final List<List<TextPosition>> pages = new ArrayList<>();

        @Override
        protected void startPage(org.apache.pdfbox.pdmodel.PDPage page) {
            pages.add(new ArrayList<>());
        }

        @Override
        protected void processTextPosition(TextPosition text) {
            pages.getLast().add(text);
            super.processTextPosition(text);
        }
    }

    private static Job job() throws BadFile {
        return JobFile.read(JobFileTest.CHART).job();
    }

    private static Plan plan(int frames) throws BadFile {
        return Planner.plan(job().withQuantity(frames));
    }

    private static Letters letters(byte[] pdf) throws IOException {
        Letters letters = new Letters();
        try (PDDocument document = Loader.loadPDF(pdf)) {
            letters.getText(document);
        }
        return letters;
    }

    private static String page(byte[] pdf, int number) throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            PDFTextStripper stripper = new PDFTextStripper();
            stripper.setStartPage(number);
            stripper.setEndPage(number);
            return stripper.getText(document);
        }
    }

    private static int pages(byte[] pdf) throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return document.getNumberOfPages();
        }
    }

    @Test
    void nothingIsPrintedWhereAPrinterCannotReach() throws Exception {
        for (PaperSize paper : PaperSize.values()) {
            for (List<TextPosition> page : letters(PaperPdf.write(plan(7), paper, MM)).pages) {
                for (TextPosition letter : page) {
                    assertTrue(letter.getXDirAdj() >= 17 && letter.getXDirAdj() + letter.getWidthDirAdj() <= paper
                            .width() - 17, letter + " at " + letter.getXDirAdj());
                    assertTrue(letter.getYDirAdj() >= 17 && letter.getYDirAdj() <= paper.height() - 17,
                            letter + " at height " + letter.getYDirAdj());
                }
            }
        }
    }

    @Test
    void everySheetSaysWhichJobAndWhichPageItIs() throws Exception {
        byte[] pdf = PaperPdf.write(plan(7), PaperSize.A5, MM);
        assertTrue(pages(pdf) >= 2);
        for (int i = 1; i <= pages(pdf); i++) {
            String text = page(pdf, i);
            assertTrue(text.contains("page " + i), text);
            assertTrue(text.contains("Tide chart"), text);
        }
    }

    @Test
    void everyCutOfEveryFrameHasItsTick() throws Exception {
        byte[] pdf = PaperPdf.write(plan(3), PaperSize.LETTER, MM);
        StringBuilder all = new StringBuilder();
        for (int i = 1; i <= pages(pdf); i++) {
            all.append(page(pdf, i));
        }
        for (String piece : List.of("A", "B", "C", "D")) {
            for (int frame = 1; frame <= 3; frame++) {
                String name = piece + frame;
                assertTrue(all.toString().split(name, -1).length > 3,
                        name + " is drawn, and ticked when it is cut off and when it is cut to length");
            }
        }
    }

    @Test
    void aVeryLongTitleStaysOnItsSheet() throws Exception {
        Plan plan = Planner.plan(job().withTitle("A very long name for a chart ".repeat(20)));
        double right = PaperSize.A4.width() - 17;
        for (List<TextPosition> page : letters(PaperPdf.write(plan, PaperSize.A4, MM)).pages) {
            page.forEach(letter -> assertTrue(letter.getXDirAdj() + letter.getWidthDirAdj() <= right));
        }
    }

    @Test
    void inchesAndUkWordsAreOnPaperToo() throws Exception {
        Notation uk = new Notation(ReadingStep.INCH_32ND, Spelling.UK);
        byte[] pdf = PaperPdf.write(plan(1), PaperSize.A4, uk);
        String all = page(pdf, 1) + page(pdf, 2);
        assertTrue(all.contains("mitre") && !all.contains("miter"), all);
        assertTrue(all.contains("29") && all.contains("in"), all);
    }

    @Test
    void theCautionsAreOnEveryPaper() throws Exception {
        byte[] pdf = PaperPdf.write(plan(1), PaperSize.A4, MM);
        StringBuilder all = new StringBuilder();
        for (int i = 1; i <= pages(pdf); i++) {
            all.append(page(pdf, i));
        }
        for (String caution : List.of("Eyes and ears", "blade stands still", "clamped or cut on a sled", "Gloves")) {
            assertTrue(all.indexOf(caution) >= 0, caution);
        }
    }

    @Test
    void anEmptyRackSaysSo() throws Exception {
        Job bare = job().withStock(job().stock().withSticks(List.of()));
        byte[] pdf = PaperPdf.write(Planner.plan(bare), PaperSize.A4, MM);
        assertTrue((page(pdf, 1) + page(pdf, 2)).contains("No sticks are laid out"));
    }

    @Test
    void defectsDoNotStopThePress() throws Exception {
        Stick bad = job().stock().sticks().getFirst()
                .withDefects(
                        List.of(new Span(Length.mm(-5), Length.mm(30)), new Span(Length.mm(700), Length.mm(9000))));
        Job job = job().withStock(job().stock().withSticks(List.of(bad)));
        assertTrue(pages(PaperPdf.write(Planner.plan(job), PaperSize.A4, MM)) >= 2);
    }

    /** ISO 216 and ANSI/ASME Y14.1: A4 is 210 × 297 mm, Letter 8½ × 11 in; a PDF point is 1/72 in. */
    @Test
    void papersAreAsLargeAsTheirNamesSay() {
        assertEquals(210 / 25.4 * 72, PaperSize.A4.width(), 0.3);
        assertEquals(297 / 25.4 * 72, PaperSize.A4.height(), 0.3);
        assertEquals(148 / 25.4 * 72, PaperSize.A5.width(), 0.3);
        assertEquals(210 / 25.4 * 72, PaperSize.A5.height(), 0.3);
        assertEquals(612, PaperSize.LETTER.width(), 0.01);
        assertEquals(792, PaperSize.LETTER.height(), 0.01);
    }
}
