package neatcorner.station.saw;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
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
     * A sentence about a cut, made by {@code around} of the words for how the saw stands. Quantities of its own are counted
     * from <code>{3}</code>.
     */
    public static Sentence of(Saw saw, SawCut cut, UnaryOperator<String> around, Quantity... more) {
        List<Quantity> quantities = new ArrayList<>(List.of(size(cut.miter()), size(cut.bevel()),
                size(saw.set(cut.miter()))));
        quantities.addAll(List.of(more));
        return new Sentence(around.apply(stand(saw, cut)), quantities);
    }

    private static Angle size(Angle angle) {
        return Angle.ofDegrees(Math.abs(angle.degrees()));
    }

    private static String stand(Saw saw, SawCut cut) {
        Side swing = cut.swing(saw);
        String miter = swing == null
                ? SawTexts.SAW_SQUARE
                : saw.reachesMiter(cut.miter())
                        ? SawTexts.SAW_TO_THE.formatted(swing.title())
                        : SawTexts.SAW_IN_THE_FIXTURE;
        Side leans = cut.leans(saw);
        return leans == null ? miter : SawTexts.AND_BLADE_TILTED.formatted(miter, leans.title());
    }

    /** "Miter, to the left"; "Square cut" where the saw is not swung. */
    static String miterName(@Nullable Side swing) {
        return swing == null ? SawTexts.SQUARE_CUT : SawTexts.MITER_TO_THE.formatted(swing.title());
    }

    static String tiltName(@Nullable Side leans) {
        return leans == null ? SawTexts.BLADE_UPRIGHT : SawTexts.TILT_TOP_TO_THE.formatted(leans.title());
    }

    /** Where the stop is measured from, and which point of the piece touches it; empty where heels do both. */
    public static String points(SawSetting setting) {
        return setting.from() == Tip.HEEL && setting.touches() == Tip.HEEL
                ? ""
                : SawTexts.MEASURED_FROM.formatted(setting.from().edge(),
                        setting.touches().title());
    }
}
