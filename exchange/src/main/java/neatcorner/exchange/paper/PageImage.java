package neatcorner.exchange.paper;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;

/**
 * A page as it leaves the printer, to be looked at or printed.
 *
 * @param width  of the picture, pixels
 * @param height of the picture, pixels
 * @param pixels row by row, 0xAARRGGBB
 */
@SuppressWarnings("ArrayRecordComponent")
public record PageImage(int width, int height, int[] pixels) {

    /** All pages of a PDF at so many pixels to the inch. Throws {@link IOException} when it is none. */
    public static List<PageImage> of(byte[] pdf, float dotsPerInch) throws IOException {
        List<PageImage> pages = new ArrayList<>();
        try (PDDocument document = Loader.loadPDF(pdf)) {
            PDFRenderer renderer = new PDFRenderer(document);
            for (int i = 0; i < document.getNumberOfPages(); i++) {
                BufferedImage image = renderer.renderImageWithDPI(i, dotsPerInch, ImageType.ARGB);
                int[] pixels = image.getRGB(0, 0, image.getWidth(), image.getHeight(), null, 0, image.getWidth());
                pages.add(new PageImage(image.getWidth(), image.getHeight(), pixels));
            }
        }
        return pages;
    }
}
