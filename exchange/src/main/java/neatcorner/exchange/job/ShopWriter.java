package neatcorner.exchange.job;

import java.util.Locale;
import java.util.Map;
import java.util.function.Function;
import neatcorner.exchange.json.Json;
import neatcorner.glueup.Clamp;
import neatcorner.glueup.GlueUp;
import neatcorner.glueup.Holding;
import neatcorner.glueup.School;
import neatcorner.glueup.Workshop;
import neatcorner.glueup.jig.CornerJig;
import neatcorner.glueup.schedule.WorkingHours;
import neatcorner.measure.Length;

/** Writes how a frame is glued, and what a shop has to do it with; see {@link ShopReader}. */
public final class ShopWriter {
    private final Function<Length, Json> length;

    /** With the way lengths are written. */
    ShopWriter(Function<Length, Json> length) {
        this.length = length;
    }

    public static <T> String word(Map<String, T> words, T value) {
        return words.entrySet().stream().filter(entry -> entry.getValue().equals(value)).findFirst().orElseThrow()
                .getKey();
    }

    Json glueUp(GlueUp glueUp) {
        Json.Fields fields = Json.object().with("glue", glueUp.glue().name())
                .with("temperature", Json.of(glueUp.temperature(), 2)).with("outdoors", Json.of(glueUp.outdoors()))
                .with("squeezeOut", word(ShopReader.SQUEEZE_OUT, glueUp.squeezeOut()))
                .with("finish", glueUp.finish().name());
        School school = glueUp.school();
        if (school != null) {
            fields.with("school", word(ShopReader.SCHOOLS, school));
        }
        Holding holding = glueUp.holding();
        return (holding == null ? fields : fields.with("holding", word(ShopReader.HOLDINGS, holding))).end();
    }

    Json.Obj shop(Workshop shop) {
        Json.Fields fields = Json.object().with("inventory",
                new ReinforcementWriter(length).list(shop.inventory().items()))
                .with("clamps", Json.of(shop.clamps().stream().map(this::clamp).toList()));
        CornerJig jig = shop.jig();
        if (jig != null) {
            fields.with("jig", jig(jig));
        }
        return fields.with("jigs", Json.of(shop.jigs())).with("bench", Json.of(shop.bench()))
                .with("drying", Json.of(shop.drying()))
                .with("hours", Json.of(shop.hours().shifts().stream().map(ShopWriter::shift).toList())).end();
    }

    private Json clamp(Clamp clamp) {
        return Json.object().with("kind", word(ShopReader.CLAMPS, clamp.kind())).with("name", clamp.name())
                .with("reach", length.apply(clamp.reach())).with("force", Json.of(clamp.force(), 2))
                .with("count", Json.of(clamp.count())).end();
    }

    private Json jig(CornerJig jig) {
        return Json.object().with("first", length.apply(jig.first())).with("pitch", length.apply(jig.pitch()))
                .with("holes", Json.of(jig.holes())).with("block", length.apply(jig.block()))
                .with("bridge", length.apply(jig.bridge())).with("least", length.apply(jig.least()))
                .with("most", length.apply(jig.most())).end();
    }

    private static Json shift(WorkingHours.Shift shift) {
        return Json.object().with("days", Json.of(shift.days().stream().sorted()
                .map(day -> Json.of(day.name().toLowerCase(Locale.ROOT))).toList()))
                .with("from", shift.from().toString()).with("to", shift.to().toString()).end();
    }
}
