package neatcorner.station.saw;

import neatcorner.drawing.Figure;
import neatcorner.drawing.Pictogram;
import neatcorner.drawing.Tint;

/** Small pictures of what is done at the saw. */
public final class SawPictures {
    private SawPictures() {}

    /** The saw table from above. */
    public static Figure cuts(Tint wood) {
        return new Pictogram(SawTexts.CUTS).box(Tint.METAL, 0, 3, 24, 8).area(wood, 9, 8, 24, 8, 24, 17, 18, 17)
                .line(Tint.CUT, 2, 5, 2, 20, 22).figure();
    }

    /** Two scraps that do not close. */
    public static Figure testCorner(Tint wood) {
        return new Pictogram(SawTexts.TEST_CORNER).area(wood, 0, 3, 20, 3, 12, 11, 0, 11)
                .area(wood, 20, 3, 23, 22, 15.5, 23, 13.8, 12).figure();
    }

    /** A frame closed on three corners, and a guess. */
    public static Figure before(Tint wood) {
        return new Pictogram(SawTexts.WHAT_TO_EXPECT).area(wood, 2, 2, 22, 2, 17, 7, 7, 7)
                .area(wood, 2, 2, 7, 7, 7, 17, 2, 22)
                .area(wood, 22, 2, 22, 20, 17, 15, 17, 7).area(wood, 3.5, 22, 7.5, 17, 16, 17, 21, 22).figure();
    }

    /** A piece with its length measured. */
    public static Figure asCut(Tint wood) {
        return new Pictogram(SawTexts.AS_CUT).area(wood, 1, 10, 23, 10, 17, 17, 7, 17).line(Tint.INK, 1, 1, 5, 23, 5)
                .line(Tint.INK, 1, 1, 2.5, 1, 7.5).line(Tint.INK, 1, 23, 2.5, 23, 7.5).figure();
    }

    /** Four pieces laid together. */
    public static Figure dryFit(Tint wood) {
        return new Pictogram(SawTexts.DRY_FIT).area(wood, 2.5, 1, 21.5, 1, 17, 6, 7, 6)
                .area(wood, 1, 2.5, 6, 7, 6, 17, 1, 21.5)
                .area(wood, 23, 2.5, 23, 21.5, 18, 17, 18, 7).area(wood, 2.5, 23, 7, 18, 17, 18, 21.5, 23).figure();
    }

    /** A corner, and the air that rises and falls. */
    public static Figure seasons(Tint wood) {
        return new Pictogram(SawTexts.SEASONS).area(wood, 1, 8, 17, 8, 11, 14, 1, 14)
                .area(wood, 17, 8, 17, 24, 11, 24, 11, 14)
                .line(Tint.CUT, 1.4, 1, 4, 4, 2, 7, 4, 10, 6, 13, 4, 16, 2, 19, 4, 22, 6).figure();
    }
}
