package neatcorner.exchange.paper;

import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import neatcorner.drawing.Anchor;
import neatcorner.drawing.Box;
import neatcorner.drawing.Point;
import neatcorner.drawing.Tint;
import neatcorner.job.Shade;
import neatcorner.section.Face;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.apache.pdfbox.pdmodel.graphics.image.JPEGFactory;
import org.apache.pdfbox.pdmodel.graphics.state.PDExtendedGraphicsState;

/**
 * Draws on the pages of a PDF. Places are in points from the page's top left corner; {@link #place} moves and scales
 * what is drawn until the next call.
 */
public final class PdfPen implements PagePen, AutoCloseable {
    private final PDDocument document;
    private final PaperSize paper;
    private final Map<Face, PDFont> fonts = new EnumMap<>(Face.class);
    /** Those that were written or measured so far: text is measured far more often than it is written. */
    private final Map<Face, Map<Integer, Glyph>> glyphs = new EnumMap<>(Face.class);
    private final Photos photos;
    private PDPageContentStream content;
    private double scale = 1;
    private double originX;
    private double originY;
    private double pageHeight;

    /**
     * A character as a font writes it.
     *
     * @param width in thousandths of the text's size
     */
    private record Glyph(String text, float width) {}

    public PdfPen(PDDocument document, PaperSize paper) throws IOException {
        this(document, paper, false, Photos.NONE);
    }

    /** With the first page upright or on its side. */
    public PdfPen(PDDocument document, PaperSize paper, boolean sideways, Photos photos) throws IOException {
        this.document = document;
        this.photos = photos;
        this.paper = paper;
        this.pageHeight = sideways ? paper.width() : paper.height();
        fonts.put(Face.TEXT, font("AtkinsonHyperlegibleNext_400Regular.ttf"));
        fonts.put(Face.BOLD, font("AtkinsonHyperlegibleNext_700Bold.ttf"));
        fonts.put(Face.FIGURES, font("AtkinsonHyperlegibleMono_400Regular.ttf"));
        fonts.put(Face.BOLD_FIGURES, font("AtkinsonHyperlegibleMono_700Bold.ttf"));
        this.content = startPage();
    }

    private PDFont font(String name) throws IOException {
        try (InputStream in = Fonts.open(name)) {
            return PDType0Font.load(document, in, true);
        }
    }

    private PDPageContentStream startPage() throws IOException {
        double pageWidth = paper.width() + paper.height() - pageHeight;
        PDPage page = new PDPage(new PDRectangle((float) pageWidth, (float) pageHeight));
        document.addPage(page);
        return new PDPageContentStream(document, page);
    }

    @Override
    public void newPage() throws IOException {
        newPage(false);
    }

    /** As {@link #newPage()}, of paper that lies on its side or stands. */
    public void newPage(boolean sideways) throws IOException {
        pageHeight = sideways ? paper.width() : paper.height();
        content.close();
        place(0, 0, 1);
        content = startPage();
    }

    @Override
    public void place(double x, double y, double newScale) {
        originX = x;
        originY = y;
        scale = newScale;
    }

    /** Nothing is drawn outside this part of the page, in points from its top left corner, until the next page. */
    public void clip(double left, double top, double width, double height) {
        draw(() -> {
            content.addRect((float) left, (float) (pageHeight - top - height), (float) width, (float) height);
            content.clip();
        });
    }

    private float x(double x) {
        return (float) (originX + x * scale);
    }

    private float y(double y) {
        return (float) (pageHeight - originY - y * scale);
    }

    @Override
    public void fill(List<Point> outline, Tint tint) {
        draw(() -> {
            content.setNonStrokingColor(new Color(PaperInks.rgb(tint)));
            path(outline);
            content.fill();
        });
    }

    @Override
    public void paint(List<Point> outline, Shade color, double opacity) {
        draw(() -> {
            content.saveGraphicsState();
            PDExtendedGraphicsState state = new PDExtendedGraphicsState();
            state.setNonStrokingAlphaConstant((float) opacity);
            content.setGraphicsStateParameters(state);
            content.setNonStrokingColor(new Color(color.rgb()));
            path(outline);
            content.fill();
            content.restoreGraphicsState();
        });
    }

    @Override
    public void photo(List<Point> outline, Box box, String name) {
        BufferedImage image = photos.get(name);
        if (image == null) {
            return;
        }
        double zoom = Math.max(box.width() / image.getWidth(), box.height() / image.getHeight());
        double wide = image.getWidth() * zoom;
        double high = image.getHeight() * zoom;
        Point middle = box.center();
        draw(() -> {
            content.saveGraphicsState();
            path(outline);
            content.clip();
            content.drawImage(JPEGFactory.createFromImage(document, image, 0.9f), x(middle.x() - wide / 2),
                    y(middle.y() + high / 2), (float) (wide * scale), (float) (high * scale));
            content.restoreGraphicsState();
        });
    }

    @Override
    public void blank(double x, double y, double width, double height) {
        draw(() -> {
            content.setNonStrokingColor(Color.WHITE);
            content.addRect(x(x), y(y + height), (float) (width * scale), (float) (height * scale));
            content.fill();
        });
    }

    @Override
    public void stroke(List<Point> points, Tint tint, double weight, boolean dashed) {
        draw(() -> {
            content.setStrokingColor(new Color(PaperInks.rgb(tint)));
            content.setLineWidth((float) (weight * scale));
            content.setLineDashPattern(
                    dashed ? new float[]{(float) (6 * scale), (float) (4 * scale)} : new float[0], 0);
            path(points);
            content.stroke();
        });
    }

    private void path(List<Point> points) throws IOException {
        content.moveTo(x(points.getFirst().x()), y(points.getFirst().y()));
        for (Point point : points.subList(1, points.size())) {
            content.lineTo(x(point.x()), y(point.y()));
        }
    }

    @Override
    public void write(double x, double y, Anchor anchor, String text, double size, Face face, Tint tint) {
        String known = known(text, face);
        if (known.isEmpty()) {
            return;
        }
        draw(() -> {
            double width = width(known, size, face);
            double left = switch (anchor) {
                case START -> x;
                case MIDDLE -> x - width / 2;
                case END -> x - width;
            };
            content.setNonStrokingColor(new Color(PaperInks.rgb(tint)));
            content.beginText();
            content.setFont(fonts.get(face), (float) (size * scale));
            content.newLineAtOffset(x(left), y(y));
            content.showText(known);
            content.endText();
        });
    }

    @Override
    public double width(String text, double size, Face face) {
        float width = 0;
        for (int i = 0; i < text.length(); i = text.offsetByCodePoints(i, 1)) {
            width += glyph(text.codePointAt(i), face).width;
        }
        return width / 1000 * size;
    }

    /** The text with what the font cannot write replaced by a question mark: a title may hold anything. */
    private String known(String text, Face face) {
        StringBuilder known = new StringBuilder();
        text.codePoints().forEach(c -> known.append(glyph(c, face).text));
        return known.toString();
    }

    private Glyph glyph(int codePoint, Face face) {
        return glyphs.computeIfAbsent(face, each -> new HashMap<>()).computeIfAbsent(codePoint,
                each -> glyph(each, Objects.requireNonNull(fonts.get(face))));
    }

    private static Glyph glyph(int codePoint, PDFont font) {
        String text = isWritable(font, codePoint) ? Character.toString(codePoint) : "?";
        try {
            return new Glyph(text, font.getStringWidth(text));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static boolean isWritable(PDFont font, int codePoint) {
        try {
            return !Character.isISOControl(codePoint) && font.encode(Character.toString(codePoint)).length > 0;
        } catch (IOException | IllegalArgumentException e) {
            return false;
        }
    }

    /** One or more drawing operations on the page. */
    @FunctionalInterface
    private interface Operations {
        void run() throws IOException;
    }

    private static void draw(Operations operations) {
        try {
            operations.run();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @Override
    public void close() throws IOException {
        content.close();
    }
}
