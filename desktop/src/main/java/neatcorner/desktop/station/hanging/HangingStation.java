package neatcorner.desktop.station.hanging;

import java.util.Arrays;
import java.util.List;
import neatcorner.desktop.station.Shot;
import neatcorner.desktop.station.StationSpec;
import neatcorner.hanging.HangBy;
import neatcorner.measure.Sentence;
import neatcorner.plan.Station;

/** What the window knows of this station. */
public final class HangingStation {
    /** Its entry in the list of stations. */
    public static final StationSpec SPEC = new StationSpec(Station.HANGING, HangingView::new, null,
            HangingTexts.FOUND_BY, List.of(), List.of(new Shot("9-hanging", demo -> demo.open("storm-painting.json"))),
            Arrays.stream(HangBy.values()).map(by -> new StationSpec.Thing(HangingTexts.HANGS_A_FRAME,
                    Sentence.capital(by.title()), "", bench -> bench.change(HangingTexts.CHANGE_WAY,
                            job -> job.withHanging(job.hanging().withBy(by)))))
                    .toList());

    private HangingStation() {}
}
