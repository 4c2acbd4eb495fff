package neatcorner.exchange.plan;

import java.io.IOException;
import neatcorner.exchange.paper.PaperSize;
import neatcorner.exchange.paper.Photos;
import neatcorner.measure.Notation;
import neatcorner.plan.Plan;
import neatcorner.stock.Search;

/** The papers that a job can be printed on, each a document of its own. */
public enum Paper {
    /** What to cut and how, on two sides of one sheet. */
    SHEET("Working sheet", "cutting on the front, putting together on the back", "sheet"),
    /** A sticker for each piece. */
    LABELS("Labels", "a sheet of stickers, one for each piece", "labels"),
    /** The stick's end at full size. */
    FULL_SIZE("At full size", "the stick's end to lay the work on", "full-size"),
    /** For whom the frame is made. */
    CLIENT("For the client", "picture, sizes, wood, and a line for the price", "client");

    private final String title;
    private final String about;
    private final String suffix;

    Paper(String title, String about, String suffix) {
        this.title = title;
        this.about = about;
        this.suffix = suffix;
    }

    /** What it is called, in US words. */
    public String title() {
        return title;
    }

    /** What is on it, in US words. */
    public String about() {
        return about;
    }

    /** What its file's name ends with, before its type. */
    public String suffix() {
        return suffix;
    }

    /**
     * The PDF's bytes. Throws {@link IOException} when a font is missing from the program.
     *
     * @param photos where the photo of the art is, if there is one
     */
    public byte[] write(Plan plan, PaperSize size, Notation notation, Photos photos) throws IOException {
        return switch (this) {
            case SHEET -> PaperPdf.write(plan, size, notation, Search.PATIENT);
            case LABELS -> LabelsPdf.write(plan, size, notation);
            case FULL_SIZE -> PaperPdf.fullSize(plan, size, notation);
            case CLIENT -> ClientPdf.write(plan, size, notation, photos);
        };
    }
}
