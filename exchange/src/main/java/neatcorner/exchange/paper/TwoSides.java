package neatcorner.exchange.paper;

import java.io.IOException;
import java.util.List;
import neatcorner.measure.Notation;

/** A sheet of paper, front and back, with all that is to stand on it. */
public final class TwoSides {
    /** The usual size, and smaller ones, down to a text of some 7.5 points. */
    private static final List<Double> SHARES = List.of(1.0, 0.94, 0.88, 0.83, 0.78, 0.74);

    private TwoSides() {}

    /** What is written on sheets. */
    @FunctionalInterface
    public interface Content {
        void write(PaperSheet sheet) throws IOException;
    }

    /**
     * Writes something on two sides, a little smaller where it would else take more; in the usual size, on as many as it takes,
     * where even that is not enough.
     */
    public static void write(PdfPen pen, PaperSize paper, Notation notation, String job, Content content)
            throws IOException {
        double fits = 1;
        for (double share : SHARES) {
            PaperSheet tried = new PaperSheet(pen.measuring(), paper, share, notation, job);
            content.write(tried);
            if (tried.page() <= 2) {
                fits = share;
                break;
            }
        }
        PaperSheet sheet = new PaperSheet(pen, paper, fits, notation, job);
        content.write(sheet);
        sheet.finish();
    }
}
