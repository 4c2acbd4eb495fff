package neatcorner.desktop.station.fitout;

import java.util.Arrays;
import java.util.List;
import neatcorner.desktop.station.Shot;
import neatcorner.desktop.station.StationSpec;
import neatcorner.fitout.RetainerKind;
import neatcorner.fitout.Retainers;
import neatcorner.measure.Sentence;
import neatcorner.plan.Station;

/** What the window knows of this station. */
public final class FitOutStation {
    /** Its entry in the list of stations. */
    public static final StationSpec SPEC = new StationSpec(Station.FIT_OUT, FitOutView::new, null,
            FitOutTexts.FOUND_BY, List.of(), List.of(new Shot("8-fit-out", demo -> {})),
            Arrays.stream(RetainerKind.values()).map(kind -> new StationSpec.Thing(FitOutTexts.KEEPS_THE_PACK,
                    Sentence.capital(kind.title()), "", bench -> bench.change(FitOutTexts.CHANGE_RETAINERS,
                            job -> job.withFitOut(job.fitOut().withRetainers(Retainers.of(kind, job.units()))))))
                    .toList());

    private FitOutStation() {}
}
