package neatcorner.station.sticks;

import neatcorner.drawing.Figure;
import neatcorner.drawing.Pictogram;
import neatcorner.drawing.Tint;

/** Small pictures of what wood and sheets are cut from. */
public final class WoodPictures {
    private WoodPictures() {}

    /** Sticks with pieces in them. */
    public static Figure sticks(Tint wood) {
        return new Pictogram(SticksTexts.STICKS).box(Tint.WASTE, 0, 3, 24, 9).area(wood, 1, 3, 11, 3, 9, 9, 3, 9)
                .area(wood, 12, 3, 22, 3, 20, 9, 14, 9).box(Tint.WASTE, 0, 14, 24, 20).area(wood, 1, 14, 15, 14, 13, 20,
                        3, 20)
                .figure();
    }

    /** A board with the strips that it gives. */
    public static Figure boards(Tint wood) {
        return new Pictogram(SticksTexts.ROUGH_BOARDS).area(wood, 0, 4, 24, 3, 24, 20, 0, 21)
                .line(Tint.CUT, 1.2, 0, 9, 24, 9)
                .line(Tint.CUT, 1.2, 0, 14, 24, 14).figure();
    }

    /** A sheet cut edge to edge. */
    public static Figure sheets() {
        return new Pictogram(SticksTexts.SHEETS).box(Tint.GLASS, 1, 3, 23, 21).line(Tint.CUT, 1.2, 12, 3, 12, 21)
                .line(Tint.CUT, 1.2, 12, 12, 23, 12).figure();
    }
}
