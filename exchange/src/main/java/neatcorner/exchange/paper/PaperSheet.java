package neatcorner.exchange.paper;

import java.io.IOException;
import neatcorner.drawing.Anchor;
import neatcorner.drawing.Tint;
import neatcorner.measure.Notation;

/** A stack of sheets written from top to bottom; a new sheet is begun when something no longer fits. */
public final class PaperSheet extends Column {
    private static final double FOOT = 24;

    private final double pageWidth;
    private final double pageHeight;
    private final double margin;
    private final String job;
    private final Ink ink;
    private double y;
    private int page = 1;

    public PaperSheet(PdfPen pen, PaperSize paper, Notation notation, String job) {
        this(pen, paper, 1, notation, job);
    }

    /** With everything a share of its usual size. */
    PaperSheet(PagePen pen, PaperSize paper, double share, Notation notation, String job) {
        this(share < 1 ? new ReducedPen(pen, share) : pen, paper.width() / share, paper.height() / share,
                paper.width() < 500 ? 30 : 40, notation, job);
    }

    private PaperSheet(PagePen pen, double pageWidth, double pageHeight, double margin, Notation notation, String job) {
        super(new Format(pen, notation, pageHeight - 3 * margin), pageWidth - 2 * margin);
        this.pageWidth = pageWidth;
        this.pageHeight = pageHeight;
        this.margin = margin;
        this.job = job;
        ink = new Ink(pen, notation);
        y = margin;
    }

    /** The number of the page that is written on, from 1. */
    public int page() {
        return page;
    }

    @Override
    void add(Block block) throws IOException {
        keepTogether(block.room());
        block.drawn().at(ink, margin, y);
        y += block.height();
    }

    /** Whether a part fits on what is left of this sheet. */
    public boolean hasRoomFor(Part part) throws IOException {
        return stack(textWidth(), part).height() <= left();
    }

    /** Height that is left on this sheet. */
    public double left() {
        return pageHeight - margin - 6 - y;
    }

    @Override
    public void keepTogether(double height) throws IOException {
        if (left() < height && y > margin + 1) {
            finish();
            pen().newPage();
            page++;
            y = margin;
        }
    }

    /** Begins a new sheet unless this one is still empty. */
    public void newPage() throws IOException {
        keepTogether(Double.MAX_VALUE);
    }

    /** Writes the foot of the last sheet. */
    public void finish() {
        String name = Wording.clipped(pen(), job, textWidth() * 0.8, 8.5, Pen.Face.TEXT);
        ink.text(margin, pageHeight - FOOT, name, 8.5, Pen.Face.TEXT, Tint.FAINT_INK);
        ink.text(pageWidth - margin, pageHeight - FOOT, Anchor.END, PageTexts.PAGE.formatted(page), 8.5, Pen.Face.TEXT,
                Tint.FAINT_INK);
    }
}
