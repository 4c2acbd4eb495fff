package neatcorner.exchange.plan;

import neatcorner.exchange.json.Json;
import neatcorner.exchange.json.JsonText;
import neatcorner.exchange.station.StationFiles;
import neatcorner.measure.Notation;
import neatcorner.plan.Finding;
import neatcorner.plan.Plan;
import neatcorner.plan.Remedy;
import neatcorner.stock.Search;

/** A plan as JSON: lengths in millimetres with at most four decimals, angles in degrees, masses in kg. */
public final class PlanJson {

    private PlanJson() {}

    /** The text of the plan; messages are written in the given notation. */
    public static String write(Plan plan, Notation notation) {
        return write(plan, notation, Search.PATIENT);
    }

    /** As the other; when it is told to stop, sheets and days are given as well as they were laid out by then. */
    public static String write(Plan plan, Notation notation, Search search) {
        Json.Fields root = Json.object().with("format", "neat-corner-plan/1").with("title", plan.job().title());
        StationFiles.Telling telling = new StationFiles.Telling(notation, search);
        for (StationFiles station : AllStationFiles.ALL) {
            station.json(plan, telling, root);
        }
        root.with("findings", Json.of(plan.findings().stream().map(f -> finding(f, notation)).toList()));
        return JsonText.write(root.end());
    }

    private static Json finding(Finding finding, Notation notation) {
        Json.Fields fields = Json.object().with("code", finding.code()).with("level", finding.level().code())
                .with("message", finding.message().in(notation));
        Remedy remedy = finding.remedy();
        return (remedy == null ? fields : fields.with("remedy", remedy.label().in(notation))).end();
    }
}
