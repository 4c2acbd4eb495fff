package neatcorner.exchange.template;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Objects;
import neatcorner.exchange.WholeFile;
import neatcorner.exchange.paper.PaperSize;
import neatcorner.measure.Notation;
import neatcorner.station.hanging.WallFigure;
import neatcorner.station.hanging.WallWork;

/** The hooks of a wall at full size, over as many pages as they take. */
public final class WallTemplate {
    private WallTemplate() {}

    /** Writes the PDF and returns it. Throws {@link IOException} when it cannot be written. */
    public static Path write(WallWork work, Path file, PaperSize paper, Notation notation) throws IOException {
        Files.createDirectories(Objects.requireNonNull(file.getParent()));
        WholeFile.write(file, pdf(work, paper, notation));
        return file;
    }

    /** Its bytes. Throws {@link IOException} when a font is missing from the program. */
    public static byte[] pdf(WallWork work, PaperSize paper, Notation notation) throws IOException {
        return TemplatePdf.write(TemplateTexts.HOOKS, List.of(new TemplatePdf.Sheet(TemplateTexts.HOOKS,
                WallFigure.template(work, notation.units()))), paper, notation);
    }
}
