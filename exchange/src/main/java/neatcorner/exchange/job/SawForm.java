package neatcorner.exchange.job;

import java.util.List;
import neatcorner.exchange.form.Form;
import neatcorner.exchange.form.Forms;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.measure.LengthRange;
import neatcorner.saw.Saw;
import neatcorner.saw.SawKind;
import neatcorner.saw.SawLog;
import neatcorner.saw.SawReading;
import neatcorner.saw.SawScale;
import neatcorner.saw.SecondMiter;
import neatcorner.saw.ShopSaw;

/** A saw: a job's, or one of the shop's with what was read off its test corners. */
final class SawForm {
    private static final int MOST_STOPS = 100;
    private static final int MOST_READINGS = 100_000;
    private static final Form<Length> ALLOWANCE = Forms.length(LengthRange.ALLOWANCE);
    private static final Form<Length> TOOL = Forms.length(LengthRange.TOOL);
    private static final Form<Angle> ANGLE = Forms.angle(0, 90, "an angle from 0 to 90 degrees");
    private static final Form<SecondMiter> SECOND = Forms.named(List.of(SecondMiter.values()), way -> switch (way) {
        case TURN_PIECE -> "turn";
        case SWING_SAW -> "swing";
    });

    private static final Form<SawKind> KIND = Forms.named(SawKind.class);
    private static final Form<SawScale.Zero> ZERO = Forms.named(SawScale.Zero.class);
    private static final Form<Length> KERF = Forms.length(LengthRange.KERF);
    private static final Form<List<Angle>> STOPS = Forms.list(ANGLE, MOST_STOPS);

    private static final Form<SawScale> SCALE = Form.of("scale",
            f -> new SawScale(
                    f.get("zero", SawScale::zero, ZERO,
                            "its 0°: at a square cut, or at the fence"),
                    f.get("radius", SawScale::radius, TOOL, "from the pivot to the marks"),
                    f.get("fence", SawScale::fence, TOOL, "from the blade to its end")));

    static final Form<Saw> SAW = Form.of("saw",
            f -> new Saw(f.get("name", Saw::name, Forms.TEXT, ""),
                    f.get("kind", Saw::kind, KIND, ""),
                    f.get("kerf", Saw::kerf, KERF, ""),
                    f.get("maxMiter", Saw::maxMiter, ANGLE, "how far it swings, in degrees"),
                    f.get("maxBevel", Saw::maxBevel, ANGLE, "how far it tilts, in degrees"),
                    f.get("minHold", Saw::minHold, ALLOWANCE, "shorter pieces are clamped"),
                    f.get("rough", Saw::rough, ALLOWANCE, "extra length at the first cut"),
                    f.get("secondMiter", Saw::secondMiter, SECOND, "`turn` the piece over, or `swing` the saw"),
                    f.get("scale", Saw::scale, SCALE, ""),
                    f.get("stops", Saw::stops, STOPS, "miters at which it clicks in")));

    private static final Form<Boolean> OF_TILT = Forms.named(List.of(false, true), tilt -> tilt ? "tilt" : "swing");

    private static final Form<SawReading> READING = Form.of("reading",
            f -> new SawReading(f.must("day", SawReading::day, Forms.DAY, ""),
                    f.must("miter", SawReading::miter, Forms.angle(-90, 90, "a miter from -90 to 90 degrees"),
                            "it stood at"),
                    f.must("error", SawReading::error, Forms.angle(-45, 45, "an error from -45 to 45 degrees"),
                            "of one cut, in degrees; positive when the miter came out too big"),
                    f.must("of", SawReading::tilt, OF_TILT, ""),
                    f.or("turned", SawReading::turned, Forms.FLAG, false, "the saw was turned by it afterwards")));

    static final Form<ShopSaw> SHOP_SAW = Form.of("shop saw",
            f -> new ShopSaw(f.inline(ShopSaw::saw, SAW),
                    new SawLog(f.or("readings", saw -> saw.log().readings(), Forms.list(READING, MOST_READINGS),
                            List.of(), "of its test corners"))));

    private SawForm() {}
}
