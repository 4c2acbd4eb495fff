package neatcorner.desktop.station.sticks;

import java.util.List;
import neatcorner.desktop.station.Shot;
import neatcorner.desktop.station.StationSpec;
import neatcorner.plan.Station;

/** What the window knows of this station. */
public final class SticksStation {
    /** Its entry in the list of stations. */
    public static final StationSpec SPEC = new StationSpec(Station.STICKS, SticksView::new, null,
            SticksTexts.FOUND_BY,
            List.of(new StationSpec.Mode(SticksTexts.MODE_BOARDS, "wood-boards"),
                    new StationSpec.Mode(SticksTexts.MODE_SHEETS, "wood-sheets")),
            List.of(new Shot("5-sticks", demo -> {}),
                    new Shot("5-boards", demo -> demo.press("wood-boards")),
                    new Shot("5-sheets", demo -> demo.press("wood-sheets"))),
            List.of(StationSpec.Thing.pressed(SticksTexts.ON_THE_RACK, SticksTexts.ADD_STICKS, SticksTexts.ADD_ALSO,
                    "add-stick")));

    private SticksStation() {}
}
