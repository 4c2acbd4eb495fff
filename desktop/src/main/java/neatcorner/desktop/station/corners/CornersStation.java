package neatcorner.desktop.station.corners;

import java.util.List;
import neatcorner.desktop.station.Shot;
import neatcorner.desktop.station.StationSpec;
import neatcorner.plan.Station;

/** What the window knows of this station. */
public final class CornersStation {
    /** Its entry in the list of stations. */
    public static final StationSpec SPEC = new StationSpec(Station.CORNERS, CornersView::new, null,
            CornersWords.FOUND_BY,
            List.of(),
            List.of(new Shot("4-corners", demo -> {})));

    private CornersStation() {}
}
