package neatcorner.exchange;

import java.util.List;
import java.util.Optional;
import neatcorner.exchange.json.Json;
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
                .with("passes", Json.of(Passes.of(section).stream().map(pass -> pass(order, pass)).toList()));
        Optional<SafeZone> zone = SafeZone.of(section);
        return fields.with("safeZone", zone.isEmpty()
                ? Json.none()
                : Json.of(zone.get().largest().stream().map(value -> Json.of(value, 4)).toList())).end();
    }

    private static Json pass(List<Operation> order, MillPass pass) {
        Json.Fields fields = Json.object().with("op", order.get(pass.operation()).title())
                .with("tool", pass.tool().title()).with("pass", Json.of(pass.number())).with("of", Json.of(pass.of()))
                .with("fence", Json.of(pass.fence().toMm(), 4)).with("height", Json.of(pass.height().toMm(), 4))
                .with("table", pass.rest().title()).with("guide", pass.guide().title());
        return (pass.tilt() == null ? fields : fields.with("tilt", Json.of(pass.tilt().degrees(), 6))).end();
    }
}
