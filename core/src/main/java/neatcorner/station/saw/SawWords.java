package neatcorner.station.saw;

import java.util.ArrayList;
import java.util.List;
import neatcorner.measure.Angle;
import neatcorner.measure.Quantity;
import neatcorner.measure.Sentence;
import neatcorner.piece.Tip;
import neatcorner.saw.Saw;
import neatcorner.saw.SawCut;
import neatcorner.saw.SawSetting;
import neatcorner.saw.Side;
import org.jspecify.annotations.Nullable;

/**
 * How the saw stands for a cut, in words: how far from square and to which side, how far the blade tilts and to which side
 * its top leans. Left and right are the maker's, at the near end of the cut.
 */
public final class SawWords {
    private SawWords() {}

    /**
     * A sentence about a cut: {@code before}, how the saw stands, {@code after}. Quantities of its own are counted from
     * <code>{3}</code>.
     */
    public static Sentence of(Saw saw, SawCut cut, String before, String after, Quantity... more) {
        List<Quantity> quantities = new ArrayList<>(List.of(size(cut.miter()), size(cut.bevel()),
                size(saw.set(cut.miter()))));
        quantities.addAll(List.of(more));
        return new Sentence(before + stand(saw, cut) + after, quantities);
    }

    private static Angle size(Angle angle) {
        return Angle.ofDegrees(Math.abs(angle.degrees()));
    }

    private static String stand(Saw saw, SawCut cut) {
        Side swing = cut.swing(saw);
        String miter = swing == null
                ? "saw square"
                : saw.reachesMiter(cut.miter())
                        ? "saw {0} to the " + swing.title()
                        : "for {0}, stick square to an auxiliary fence and saw {2} from square";
        Side leans = cut.leans(saw);
        return leans == null ? miter : miter + ", blade tilted {1} with its top to the " + leans.title();
    }

    /** "Miter, to the left"; "Square cut" where the saw is not swung. */
    static String miterName(@Nullable Side swing) {
        return swing == null ? "Square cut" : "Miter, to the " + swing.title();
    }

    static String tiltName(@Nullable Side leans) {
        return leans == null ? "Blade upright" : "Tilt, top to the " + leans.title();
    }

    /** Where the stop is measured from, and which point of the piece touches it; empty where heels do both. */
    public static String points(SawSetting setting) {
        return setting.from() == Tip.HEEL && setting.touches() == Tip.HEEL
                ? ""
                : " (from the blade's line at the " + setting.from().edge() + "; the " + setting.touches().title()
                        + " touches it)";
    }
}
