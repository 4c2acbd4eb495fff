package neatcorner.saw.measured;

import java.util.List;
import java.util.Objects;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.piece.Piece;
import neatcorner.wood.Climate;
import neatcorner.wood.Movement;
import neatcorner.wood.Species;

/**
 * How a tight miter opens when its faces shrink or swell: faces change in width and not in length, so a miter μ becomes
 * atan(tan μ / (1 + s)) at a strain s of the width. At 45° a corner opens by |s| radians, and by |s|·w·√2 at its far end
 * (geometry). Drying opens it inside, at the toe; damp opens it outside, at the heel; front and back alike.
 *
 * @param strain  share by which the faces have changed; negative when they shrank
 * @param opening angle between the two faces
 * @param gap     at the end where it opens
 */
public record SeasonGap(double moisture, double strain, Angle opening, Length gap) {

    /** Whether the corner opens at the inside: the wood has shrunk. */
    public boolean isAtToe() {
        return strain < 0;
    }

    /** The corner that opens most between the glue-up and some air. Throws when there are no pieces. */
    public static SeasonGap of(List<Piece> pieces, Species wood, Climate climate, Climate.Air air) {
        Movement movement = Movement.of(wood);
        double coefficient = climate.flat() ? movement.tangential() : movement.radial();
        double moisture = air.moisture();
        double strain = Movement.change(1, coefficient, moisture - climate.glued());
        SeasonGap most = null;
        for (int i = 0; i < pieces.size(); i++) {
            Piece piece = pieces.get(i);
            double right = piece.right().miter().radians();
            double left = pieces.get((i + 1) % pieces.size()).left().miter().radians();
            double opening = turned(right, strain) + turned(left, strain);
            double contact = piece.face().toMm() / Math.cos(right);
            SeasonGap gap = new SeasonGap(moisture, strain, Angle.ofRadians(Math.abs(opening)),
                    Length.mm(Math.abs(contact * Math.tan(opening))));
            if (most == null || gap.gap.isMoreThan(most.gap)) {
                most = gap;
            }
        }
        return Objects.requireNonNull(most, "a frame without pieces");
    }

    private static double turned(double miter, double strain) {
        return Math.atan(Math.tan(miter) / (1 + strain)) - miter;
    }
}
