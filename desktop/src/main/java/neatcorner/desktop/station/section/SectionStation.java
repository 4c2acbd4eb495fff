package neatcorner.desktop.station.section;

import java.util.List;
import neatcorner.desktop.station.Shot;
import neatcorner.desktop.station.StationSpec;
import neatcorner.plan.Station;

/** What the window knows of this station. */
public final class SectionStation {
    /** Its entry in the list of stations. */
    public static final StationSpec SPEC = new StationSpec(Station.SECTION, SectionView::new, null,
            SectionTexts.FOUND_BY,
            List.of(new StationSpec.Mode(SectionTexts.MODE_SAFE_ZONE, "safe-zone"),
                    new StationSpec.Mode(SectionTexts.MODE_MILLING, "passes")),
            List.of(new Shot("2-section", demo -> {}), new Shot("2-section-milled", demo -> {
                demo.open("harbour-panorama.json");
                demo.press("safe-zone");
            })));

    private SectionStation() {}
}
