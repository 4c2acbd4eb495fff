package neatcorner.station.opening;

import neatcorner.drawing.Figure;
import neatcorner.drawing.Pictogram;
import neatcorner.drawing.Tint;

/** Small pictures of the two looks at the opening: its sizes, or the frame on the wall. */
public final class FramedPictures {
    private FramedPictures() {}

    /** The frame with a dimension over it. */
    public static Figure sizes(Tint wood) {
        return frame(OpeningTexts.SIZES, wood, 7).line(Tint.INK, 1, 3, 3, 21, 3).line(Tint.INK, 1, 3, 1, 3, 5)
                .line(Tint.INK, 1, 21, 1, 21, 5).figure();
    }

    /** The frame with a picture in it. */
    public static Figure framed(Tint wood) {
        return frame(OpeningTexts.FRAMED, wood, 2).area(Tint.ART, 8, 7, 16, 7, 16, 18, 8, 18)
                .line(Tint.ART_LINE, 1.6, 8, 14, 11, 11, 13, 13, 16, 10).figure();
    }

    private static Pictogram frame(String title, Tint wood, double top) {
        return new Pictogram(title).ring(wood, Pictogram.points(3, top, 21, top, 21, 23, 3, 23),
                Pictogram.points(7, top + 4, 17, top + 4, 17, 19, 7, 19), 0, 1, 2, 3);
    }
}
