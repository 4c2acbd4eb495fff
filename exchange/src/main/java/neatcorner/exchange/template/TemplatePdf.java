package neatcorner.exchange.template;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import neatcorner.drawing.Anchor;
import neatcorner.drawing.Drawing;
import neatcorner.drawing.Figure;
import neatcorner.drawing.Point;
import neatcorner.drawing.Tint;
import neatcorner.exchange.paper.PaperPainter;
import neatcorner.exchange.paper.PaperSize;
import neatcorner.exchange.paper.PdfPen;
import neatcorner.exchange.paper.Pen;
import neatcorner.exchange.paper.Photos;
import neatcorner.measure.Notation;
import neatcorner.plan.Plan;
import neatcorner.station.shape.TemplateFigure;
import org.apache.pdfbox.pdmodel.PDDocument;

/** Templates at full size, tiled over as many pages as they take, with crosses at which the pages are laid together. */
public final class TemplatePdf {
    private static final double POINTS_PER_MM = 72 / 25.4;
    private static final double MARGIN = 14 * POINTS_PER_MM;
    private static final double OVERLAP = 12 * POINTS_PER_MM;
    private static final double CROSS = 4 * POINTS_PER_MM;

    private TemplatePdf() {}

    /**
     * The file's bytes. Throws {@link IllegalArgumentException} for a frame without curves, {@link IOException} when a font
     * is missing from the program.
     */
    public static byte[] write(Plan plan, PaperSize paper, Notation notation) throws IOException {
        List<TemplateFigure.Sheet> sheets = TemplateFigure.sheets(plan);
        if (sheets.isEmpty()) {
            throw new IllegalArgumentException("a frame without curves has no templates");
        }
        return write(TemplateTexts.TEMPLATES_OF.formatted(plan.job().title()),
                sheets.stream().map(sheet -> new Sheet(sheet.letters(), TemplateFigure.of(sheet, notation.units())))
                        .toList(),
                paper,
                notation);
    }

    /** Something to be printed at full size: what it is called, and the drawing, its millimetres those of the wood. */
    record Sheet(String name, Figure figure) {}

    static byte[] write(String title, List<Sheet> sheets, PaperSize paper, Notation notation) throws IOException {
        try (PDDocument document = new PDDocument()) {
            document.getDocumentInformation().setTitle(title);
            document.getDocumentInformation().setCreator("Neat Corner");
            try (PdfPen pen = new PdfPen(document, paper,
                    !sheets.isEmpty() && isSideways(sheets.getFirst(), paper, notation), Photos.NONE)) {
                boolean first = true;
                for (Sheet sheet : sheets) {
                    first = tile(sheet, paper, notation, pen, first);
                }
            }
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            document.save(bytes);
            return bytes.toByteArray();
        }
    }

    private static boolean tile(Sheet sheet, PaperSize paper, Notation notation, PdfPen pen,
            boolean firstPage) throws IOException {
        Drawing drawing = Drawing.atScale(sheet.figure(), POINTS_PER_MM, notation);
        boolean sideways = isSideways(sheet, paper, notation);
        double pageWidth = sideways ? paper.height() : paper.width();
        double pageHeight = sideways ? paper.width() : paper.height();
        double stepX = step(pageWidth);
        double stepY = step(pageHeight);
        int columns = tiles(drawing.width(), stepX);
        int rows = tiles(drawing.height(), stepY);
        boolean first = firstPage;
        for (int row = 0; row < rows; row++) {
            for (int column = 0; column < columns; column++) {
                if (!first) {
                    pen.newPage(sideways);
                }
                first = false;
                pen.place(0, 0, 1);
                pen.write(MARGIN, MARGIN - 8, Anchor.START, (rows * columns > 1
                        ? TemplateTexts.SHEET_IN_ROW_AND_COLUMN
                        : TemplateTexts.SHEET).formatted(sheet.name(), row * columns + column + 1,
                                rows * columns, row + 1, column + 1),
                        9,
                        Pen.Face.TEXT, Tint.INK);
                pen.clip(MARGIN, MARGIN, pageWidth - 2 * MARGIN, pageHeight - 2 * MARGIN);
                pen.place(MARGIN - column * stepX, MARGIN - row * stepY, 1);
                new PaperPainter(pen, notation).paint(drawing);
                crosses(pen, rows, columns, stepX, stepY);
            }
        }
        return false;
    }

    /** Whether it takes fewer pages when they lie on their side. */
    private static boolean isSideways(Sheet sheet, PaperSize paper, Notation notation) {
        Drawing drawing = Drawing.atScale(sheet.figure(), POINTS_PER_MM, notation);
        int upright = tiles(drawing.width(), step(paper.width())) * tiles(drawing.height(), step(paper.height()));
        int turned = tiles(drawing.width(), step(paper.height())) * tiles(drawing.height(), step(paper.width()));
        return turned < upright;
    }

    private static double step(double page) {
        return page - 2 * MARGIN - OVERLAP;
    }

    private static int tiles(double length, double step) {
        return Math.max(1, (int) Math.ceil((length - OVERLAP) / step));
    }

    /** In the middle of each overlap, so that the same cross is on both of the pages that meet there. */
    private static void crosses(PdfPen pen, int rows, int columns, double stepX, double stepY) {
        for (int row = 0; row <= rows; row++) {
            for (int column = 0; column <= columns; column++) {
                double x = column * stepX + OVERLAP / 2;
                double y = row * stepY + OVERLAP / 2;
                pen.stroke(List.of(new Point(x - CROSS, y), new Point(x + CROSS, y)), Tint.INK, 0.5, false);
                pen.stroke(List.of(new Point(x, y - CROSS), new Point(x, y + CROSS)), Tint.INK, 0.5, false);
            }
        }
    }
}
