package neatcorner.station.glueup;

import neatcorner.drawing.Figure;
import neatcorner.drawing.Pictogram;
import neatcorner.drawing.Point;
import neatcorner.drawing.Tint;
import neatcorner.glueup.School;

/** Small pictures of what is looked at while frames are glued up. */
public final class GlueUpPictures {
    private GlueUpPictures() {}

    /** A frame with a band round it. */
    public static Figure clamps(Tint wood) {
        return new Pictogram(GlueUpTexts.IN_THE_CLAMPS).ring(wood, Pictogram.points(4, 4, 20, 4, 20, 20, 4, 20),
                Pictogram.points(8, 8, 16, 8, 16, 16, 8, 16), 0, 1, 2, 3)
                .line(Tint.CUT, 2, 3, 1.5, 21, 1.5, 22.5, 3, 22.5, 21, 21, 22.5, 3, 22.5, 1.5, 21, 1.5, 3, 3, 1.5)
                .figure();
    }

    /** Blocks round a corner. */
    public static Figure jigs(Tint wood) {
        return new Pictogram(GlueUpTexts.JIGS).area(Tint.BACKING, 0, 0, 16, 0, 16, 5, 5, 5, 5, 16, 0, 16)
                .area(wood, 6, 6, 24, 6, 18, 12, 12, 12, 12, 18, 6, 24).figure();
    }

    /** In what order corners are closed: those of the first clamping are marked. */
    public static Figure school(School school, Tint wood) {
        Pictogram picture = new Pictogram(school.title());
        return switch (school) {
            case ALL_AT_ONCE -> dots(frame(picture, wood), 5, 5, 19, 5, 19, 19, 5, 19).figure();
            case TWO_HALVES -> dots(picture.area(wood, 1, 1, 18, 1, 14, 5, 5, 5, 5, 14, 1, 18)
                    .area(wood, 23, 23, 6, 23, 10, 19, 19, 19, 19, 10, 23, 6), 3, 3, 21, 21).figure();
            case CORNER_BY_CORNER -> dots(frame(picture, wood), 5, 5).figure();
        };
    }

    private static Pictogram frame(Pictogram picture, Tint wood) {
        return picture.ring(wood, Pictogram.points(3, 3, 21, 3, 21, 21, 3, 21),
                Pictogram.points(7, 7, 17, 7, 17, 17, 7, 17), 0, 1, 2, 3);
    }

    private static Pictogram dots(Pictogram picture, double... places) {
        for (Point at : Pictogram.points(places)) {
            picture.dot(Tint.HIGHLIGHT, at, 2.6);
        }
        return picture;
    }

    /** Work and waiting along the hours. */
    public static Figure days() {
        return new Pictogram(GlueUpTexts.DAYS).box(Tint.CUT, 0, 3, 8, 7).box(Tint.WASTE, 8, 4, 19, 6)
                .box(Tint.CUT, 8, 10, 14, 14)
                .box(Tint.WASTE, 14, 11, 24, 13).box(Tint.CUT, 15, 17, 23, 21).figure();
    }
}
