package neatcorner.exchange.job;

import java.util.List;
import java.util.function.Function;
import neatcorner.corner.Inventory;
import neatcorner.corner.Reinforcement;
import neatcorner.corner.ReinforcementKind;
import neatcorner.corner.ScrewGauge;
import neatcorner.exchange.json.Json;
import neatcorner.measure.Length;

/** Writes reinforcement; see {@link ReinforcementReader}. */
final class ReinforcementWriter {
    private final Function<Length, Json> length;

    /** With the way lengths are written. */
    ReinforcementWriter(Function<Length, Json> length) {
        this.length = length;
    }

    Json list(List<Reinforcement> all) {
        return Json.of(all.stream().map(each -> one(each).end()).toList());
    }

    Json.Fields one(Reinforcement what) {
        ReinforcementKind kind = what.kind();
        Json.Fields fields = Json.object().with("kind", kind.title());
        if (kind == ReinforcementKind.BISCUIT) {
            fields.with("size", Json.of(biscuit(what)));
        } else {
            if (kind != ReinforcementKind.PEG) {
                fields.with(kind.sizeName(), length.apply(what.size()));
            }
            if (!kind.widthName().isEmpty()) {
                fields.with(kind.widthName(), length.apply(what.width()));
            }
            ScrewGauge gauge = ScrewGauge.nearest(what.thickness());
            if (kind.isScrew() && gauge.diameter().equals(what.thickness())) {
                fields.with("gauge", Json.of(gauge.number()));
            } else {
                fields.with(kind.thicknessName(), length.apply(what.thickness()));
            }
        }
        fields.with("count", Json.of(what.count()));
        if (Math.abs(what.tilt().degrees()) > 1e-9) {
            fields.with("tilt", Json.of(what.tilt().degrees(), 6));
        }
        Length heel = what.fromHeel();
        if (heel != null) {
            fields.with("fromHeel", length.apply(heel));
        }
        Length face = what.fromFace();
        return face == null ? fields : fields.with("fromFace", length.apply(face));
    }

    private static int biscuit(Reinforcement what) {
        for (int size : List.of(0, 10)) {
            if (Inventory.biscuit(size).width().equals(what.width())) {
                return size;
            }
        }
        return 20;
    }
}
