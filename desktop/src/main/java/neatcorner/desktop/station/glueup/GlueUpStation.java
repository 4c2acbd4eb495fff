package neatcorner.desktop.station.glueup;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import javafx.util.Duration;
import neatcorner.desktop.station.Shot;
import neatcorner.desktop.station.StationSpec;
import neatcorner.glueup.Glue;
import neatcorner.glueup.GlueUp;
import neatcorner.glueup.Holding;
import neatcorner.glueup.Recipe;
import neatcorner.glueup.School;
import neatcorner.measure.Sentence;
import neatcorner.plan.Station;

/** What the window knows of this station. */
public final class GlueUpStation {
    /** Its entry in the list of stations. */
    public static final StationSpec SPEC = new StationSpec(Station.GLUE_UP, GlueUpView::new, GlueBench::new,
            GlueUpTexts.FOUND_BY,
            List.of(new StationSpec.Mode(GlueUpTexts.JIGS, "glue-jigs"),
                    new StationSpec.Mode(GlueUpTexts.MODE_DAYS, "glue-days")),
            List.of(new Shot("7-glue-up", demo -> demo.open("storm-painting.json")),
                    new Shot("7-days", Duration.seconds(6), demo -> {
                        demo.bench().folders().demoJobs().stream()
                                .filter(file -> file.endsWith("keepers-photographs.json"))
                                .forEach(file -> demo.bench().premises().day().include(file, false));
                        demo.bringUpToDate();
                        demo.press("glue-days");
                    })),
            things());

    private GlueUpStation() {}

    private static List<StationSpec.Thing> things() {
        List<StationSpec.Thing> things = new ArrayList<>();
        for (Glue glue : Glue.KNOWN) {
            things.add(thing(GlueUpTexts.A_GLUE, glue.name(), now -> now.withGlue(glue)));
        }
        for (Recipe finish : Recipe.KNOWN) {
            things.add(thing(GlueUpTexts.A_FINISH, finish.name(), now -> now.withFinish(finish)));
        }
        for (School school : School.values()) {
            things.add(thing(GlueUpTexts.A_WAY_TO_GLUE, school.title(), now -> now.withSchool(school)));
        }
        for (Holding holding : Holding.values()) {
            things.add(thing(GlueUpTexts.PRESSES, holding.title(), now -> now.withHolding(holding)));
        }
        return things;
    }

    private static StationSpec.Thing thing(String kind, String title, UnaryOperator<GlueUp> change) {
        return new StationSpec.Thing(kind, Sentence.capital(title), "",
                bench -> bench.change(kind, job -> job.withGlueUp(change.apply(job.glueUp()))));
    }
}
