package neatcorner.desktop.station.glueup;

import java.util.List;
import javafx.util.Duration;
import neatcorner.desktop.station.Shot;
import neatcorner.desktop.station.StationSpec;
import neatcorner.plan.Station;

/** What the window knows of this station. */
public final class GlueUpStation {
    /** Its entry in the list of stations. */
    public static final StationSpec SPEC = new StationSpec(Station.GLUE_UP, GlueUpView::new, GlueBench::new,
            GlueUpWords.FOUND_BY,
            List.of(new StationSpec.Mode(GlueUpWords.JIGS, "glue-jigs"),
                    new StationSpec.Mode(GlueUpWords.MODE_DAYS, "glue-days")),
            List.of(new Shot("7-glue-up", demo -> demo.open("storm-painting.json")),
                    new Shot("7-days", Duration.seconds(6), demo -> {
                        demo.bench().folders().demoJobs().stream()
                                .filter(file -> file.endsWith("keepers-photographs.json"))
                                .forEach(file -> demo.bench().day().include(file, false));
                        demo.bringUpToDate();
                        demo.press("glue-days");
                    })));

    private GlueUpStation() {}
}
