package neatcorner.desktop.station.opening;

import java.util.List;
import neatcorner.desktop.station.Shot;
import neatcorner.desktop.station.StationSpec;
import neatcorner.plan.Station;

/** What the window knows of this station. */
public final class OpeningStation {
    /** Its entry in the list of stations. */
    public static final StationSpec SPEC = new StationSpec(Station.OPENING, OpeningView::new, null,
            OpeningTexts.FOUND_BY,
            List.of(new StationSpec.Mode(OpeningTexts.ON_THE_WALL, "opening-framed")),
            List.of(new Shot("1-opening", demo -> {}), new Shot("1-framed", demo -> demo.press("opening-framed"))),
            List.of(StationSpec.Thing.pressed(OpeningTexts.IN_THE_FRAME, OpeningTexts.MAT, OpeningTexts.MAT_ALSO,
                    "mat")));

    private OpeningStation() {}
}
