package neatcorner.piece;

import java.util.ArrayList;
import java.util.List;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.outline.Corner;
import neatcorner.outline.Faces;
import neatcorner.outline.Opening;

/** The four mitred pieces of a rectangular frame. */
public final class RectanglePieces {
    private static final List<String> SIDES = List.of("top", "right", "bottom", "left");

    private RectanglePieces() {}

    /** A (top), B (right), C (bottom), D (left) of a frame with this sight size and these face widths. */
    public static List<Piece> of(Opening sight, Faces faces) {
        Opening outside = sight.grown(faces);
        List<Length> widths = faces.list();
        List<Piece> pieces = new ArrayList<>(4);
        for (int side = 0; side < 4; side++) {
            Length own = widths.get(side);
            Corner start = new Corner(Angle.RIGHT, widths.get((side + 3) % 4), own);
            Corner end = new Corner(Angle.RIGHT, own, widths.get((side + 1) % 4));
            boolean lying = side % 2 == 0;
            pieces.add(new Piece(String.valueOf((char) ('A' + side)), SIDES.get(side),
                    lying ? outside.width() : outside.height(), lying ? sight.width() : sight.height(), own,
                    EndCut.flat(start.miterAfter()), EndCut.flat(end.miterBefore())));
        }
        return List.copyOf(pieces);
    }
}
