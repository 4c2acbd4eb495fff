package neatcorner.desktop.app;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import neatcorner.exchange.paper.SvgPainter;
import neatcorner.fitout.SizeOf;
import neatcorner.job.Defaults;
import neatcorner.job.Job;
import neatcorner.measure.Length;
import neatcorner.measure.Notation;
import neatcorner.measure.Units;
import neatcorner.outline.Opening;
import neatcorner.plan.Plan;
import neatcorner.station.opening.PresetPictures;

/** Every kind of frame, as the guide shows it. */
final class KindPictures {
    private static final double WIDTH = 260;
    private static final double HEIGHT = 220;

    private KindPictures() {}

    /** Writes an SVG of each. Throws {@link IOException} when the folder cannot be written. */
    static void write(Path folder) throws IOException {
        Job job = Defaults.blank(Units.MILLIMETRES).withSize(SizeOf.ART, new Opening(Length.mm(420), Length.mm(300)));
        Files.createDirectories(folder);
        for (PresetPictures.Choice kind : PresetPictures.of(Plan.of(job, () -> true))) {
            Files.writeString(folder.resolve(kind.preset().word() + ".svg"), SvgPainter.write(kind.picture(), WIDTH,
                    HEIGHT, Notation.of(Units.MILLIMETRES)), StandardCharsets.UTF_8);
        }
    }
}
