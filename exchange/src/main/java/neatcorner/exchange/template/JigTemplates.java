package neatcorner.exchange.template;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import neatcorner.exchange.WholeFile;
import neatcorner.exchange.paper.PaperSize;
import neatcorner.exchange.paper.SvgPainter;
import neatcorner.glueup.jig.JigDesign;
import neatcorner.measure.Notation;
import neatcorner.station.glueup.JigFigure;

/** The templates of a jig at full size, as files side by side: one PDF of all, an SVG and a DXF of each part. */
public final class JigTemplates {
    private JigTemplates() {}

    /** Writes the files and returns the PDF. Throws {@link IOException} when the folder cannot be written. */
    public static Path write(JigDesign design, Path folder, PaperSize paper, Notation notation) throws IOException {
        Files.createDirectories(folder);
        String name = name(design.kind().title());
        List<TemplatePdf.Sheet> sheets = new ArrayList<>();
        for (JigDesign.Template template : design.templates()) {
            sheets.add(new TemplatePdf.Sheet(template.name(), JigFigure.fullSize(template, notation.units())));
            String one = name + "-" + name(template.name());
            WholeFile.write(folder.resolve(one + ".svg"),
                    SvgPainter.fullSize(JigFigure.fullSize(template, notation.units()), notation)
                            .getBytes(StandardCharsets.UTF_8));
            WholeFile.write(folder.resolve(one + ".dxf"),
                    TemplateDxf.write(template).getBytes(StandardCharsets.US_ASCII));
        }
        Path pdf = folder.resolve(name + ".pdf");
        WholeFile.write(pdf, TemplatePdf.write(design.kind().title(), sheets, paper, notation));
        return pdf;
    }

    private static String name(String title) {
        return title.toLowerCase(Locale.ROOT).replace(' ', '-');
    }
}
