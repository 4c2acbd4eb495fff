package neatcorner.desktop.station.corners;

import java.util.Arrays;
import java.util.List;
import neatcorner.corner.ReinforcementKind;
import neatcorner.desktop.station.Shot;
import neatcorner.desktop.station.StationSpec;
import neatcorner.measure.Sentence;
import neatcorner.plan.Station;

/** What the window knows of this station. */
public final class CornersStation {
    /** Its entry in the list of stations. */
    public static final StationSpec SPEC = new StationSpec(Station.CORNERS, CornersView::new, null,
            CornersTexts.FOUND_BY,
            List.of(),
            List.of(new Shot("4-corners", demo -> {})),
            Arrays.stream(ReinforcementKind.values()).map(kind -> StationSpec.Thing.pressed(CornersTexts.HOLDS_A_CORNER,
                    Sentence.capital(kind.title()), CornersTexts.ALSO.getOrDefault(kind, ""), HeldWith.id(kind)))
                    .toList());

    private CornersStation() {}
}
