package neatcorner.exchange.csv;

import java.io.IOException;
import java.io.UncheckedIOException;
import neatcorner.measure.Notation;
import neatcorner.piece.Piece;
import neatcorner.plan.Plan;
import neatcorner.stock.Blanks;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** The cut list as comma-separated values (RFC 4180): a row a piece, lengths in millimetres and in the shop's notation. */
public final class CutListCsv {

    private CutListCsv() {}

    /** The text of the list. */
    public static String write(Plan plan, Notation notation) {
        StringBuilder text = new StringBuilder();
        try (CSVPrinter printer = new CSVPrinter(text, CSVFormat.RFC4180)) {
            printer.printRecord("piece", "side", "count", "long_mm", "short_mm", "long", "short", "left_miter_deg",
                    "right_miter_deg", "face_mm", "left_tilt_deg", "right_tilt_deg", "span_mm", "blank_mm");
            Blanks blanks = plan.blanks();
            for (Piece piece : plan.parts()) {
                printer.printRecord(piece.name(), piece.place().words(), plan.job().quantity(),
                        piece.longPoint().toMm(),
                        piece.shortPoint().toMm(), notation.text(piece.longPoint()), notation.text(piece.shortPoint()),
                        piece.left().miter().degrees(), piece.right().miter().degrees(), piece.face().toMm(),
                        piece.left().bevel().degrees(), piece.right().bevel().degrees(), piece.span().toMm(),
                        blanks.width(piece).toMm());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return text.toString();
    }
}
