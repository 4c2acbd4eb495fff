package neatcorner.exchange.template;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import neatcorner.exchange.WholeFile;
import neatcorner.exchange.paper.PaperSize;
import neatcorner.exchange.paper.SvgPainter;
import neatcorner.measure.Notation;
import neatcorner.plan.Plan;
import neatcorner.station.shape.TemplateFigure;

/** The templates of a frame with curves, as files side by side: one PDF of all, an SVG and a DXF of each. */
public final class Templates {

    private Templates() {}

    /**
     * Writes the files and returns the PDF. Throws {@link IllegalArgumentException} for a frame without curves, {@link
     * IOException} when the folder cannot be written.
     */
    public static Path write(Plan plan, Path folder, String name, PaperSize paper, Notation notation)
            throws IOException {
        Files.createDirectories(folder);
        Path pdf = folder.resolve(name + ".pdf");
        WholeFile.write(pdf, TemplatePdf.write(plan, paper, notation));
        for (TemplateFigure.Sheet sheet : TemplateFigure.sheets(plan)) {
            String one = name + "-" + String.join("-", sheet.pieces()).replaceAll("[^\\p{L}\\p{N}._-]+", "-");
            WholeFile.write(folder.resolve(one + ".svg"), SvgPainter
                    .fullSize(TemplateFigure.of(sheet, notation.units()), notation).getBytes(StandardCharsets.UTF_8));
            WholeFile.write(folder.resolve(one + ".dxf"),
                    TemplateDxf.write(sheet.template()).getBytes(StandardCharsets.US_ASCII));
        }
        return pdf;
    }
}
