package neatcorner.station.hanging;

import java.util.ArrayList;
import java.util.List;
import neatcorner.hanging.HangBy;
import neatcorner.hanging.Hanging;
import neatcorner.hanging.WallKind;
import neatcorner.plan.Plan;

/** What to beware of at the wall; each is said only where it is done. */
final class HangingCautions {
    private HangingCautions() {}

    /** Of a plan. */
    static List<String> of(Plan plan) {
        Hanging hanging = plan.job().hanging();
        List<String> cautions = new ArrayList<>();
        if (HangingWork.Upon.of(plan) != HangingWork.Upon.WALL) {
            return HangingWork.Upon.of(plan) == HangingWork.Upon.MIRROR
                    ? List.of(HangingTexts.CAUTION_MIRROR)
                    : List.of(HangingTexts.CAUTION_LEAF);
        }
        if (hanging.by() == HangBy.STRIPS) {
            cautions.add(HangingTexts.CAUTION_STRIPS);
        } else if (hanging.by().isOnWall()) {
            cautions.add(HangingTexts.CAUTION_WALL);
        }
        if (hanging.by() == HangBy.SCREWS || hanging.wall() == WallKind.STUD) {
            cautions.add(HangingTexts.CAUTION_STUD);
        }
        return cautions;
    }
}
