package neatcorner.exchange.plan;

import java.util.List;
import java.util.Optional;
import neatcorner.exchange.json.Json;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.section.MillPass;
import neatcorner.section.Operation;
import neatcorner.section.Passes;
import neatcorner.section.SafeZone;
import neatcorner.section.Section;

/** What milling comes to, for the plan's JSON: area, passes, safe zone. */
final class SectionJson {

    private SectionJson() {}

    static Json of(Section section) {
        List<Operation> order = section.milling().order(section.rabbet());
        Json.Fields fields = Json.object().with("area", Json.of(section.areaMm2(section.width()), 4))
                .with("passes", Json.of(Passes.of(section).stream().map(pass -> pass(section, order, pass)).toList()));
        Optional<SafeZone> zone = SafeZone.of(section);
        return fields.with("safeZone", zone.isEmpty()
                ? Json.none()
                : Json.of(zone.get().largest().stream().map(value -> Json.of(value, 4)).toList())).end();
    }

    private static Json pass(Section section, List<Operation> order, MillPass pass) {
        Json.Fields fields = Json.object().with("op", order.get(pass.operation()).title())
                .with("tool", pass.tool().title()).with("pass", Json.of(pass.number())).with("of", Json.of(pass.of()))
                .with("fence", Json.of(pass.fence().toMm(), 4)).with("height", Json.of(pass.height().toMm(), 4))
                .with("table", pass.rest().title()).with("guide", pass.guide().title());
        Length wide = pass.wide();
        if (wide != null) {
            fields.with("wide", Json.of(wide.toMm(), 4));
        }
        if (pass.isAfterAssembly(section)) {
            fields.with("after", "assembly");
        }
        Angle tilt = pass.tilt();
        return (tilt == null
                ? fields
                : fields.with("tilt", Json.of(tilt.degrees(), 6)).with("top", pass.leans() ? "to fence" : "from fence"))
                .end();
    }
}
