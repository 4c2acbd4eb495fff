package neatcorner.desktop.station.opening;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import neatcorner.desktop.station.Shot;
import neatcorner.desktop.station.StationSpec;
import neatcorner.job.Preset;
import neatcorner.measure.Sentence;
import neatcorner.plan.Station;

/** What the window knows of this station. */
public final class OpeningStation {
    /** Its entry in the list of stations. */
    public static final StationSpec SPEC = new StationSpec(Station.OPENING, OpeningView::new, null,
            OpeningTexts.FOUND_BY,
            List.of(new StationSpec.Mode(OpeningTexts.ON_THE_WALL, "opening-framed")),
            List.of(new Shot("1-opening", demo -> {}), new Shot("1-framed", demo -> demo.press("opening-framed"))),
            Stream.concat(Stream.of(StationSpec.Thing.pressed(OpeningTexts.IN_THE_FRAME, OpeningTexts.MAT,
                    OpeningTexts.MAT_ALSO, "mat")),
                    Arrays.stream(Preset.values()).map(preset -> new StationSpec.Thing(OpeningTexts.CHANGE_KIND,
                            Sentence.capital(preset.title()), "", bench -> bench.change(OpeningTexts.CHANGE_KIND,
                                    job -> preset.of(job, job.units())))))
                    .toList());

    private OpeningStation() {}
}
