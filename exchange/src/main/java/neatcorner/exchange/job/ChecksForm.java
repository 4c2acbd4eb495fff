package neatcorner.exchange.job;

import java.util.List;
import neatcorner.exchange.BadFile;
import neatcorner.exchange.form.Fields;
import neatcorner.exchange.form.Form;
import neatcorner.exchange.form.Forms;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.measure.LengthRange;
import neatcorner.saw.measured.Checks;
import neatcorner.saw.measured.DryFit;
import neatcorner.saw.measured.MeasuredPiece;
import neatcorner.wood.Climate;

/** What was measured on a frame, and where it will hang. Its fields stand among the job's. */
final class ChecksForm {
    private static final int CORNERS = 4;
    private static final int MOST_PIECES = 1_000;

    private static final Form<Length> MEASURED = Forms.length(LengthRange.MEASURED);
    private static final Form<Angle> MITER = Forms.angle(-90, 90, "a miter from -90 to 90 degrees");
    private static final Form<Double> MM = inMm(Forms.length(LengthRange.MEASURED));
    private static final Form<List<Double>> GAPS = Forms.exactly(CORNERS, inMm(Forms.length(LengthRange.GAP)),
            "four gaps, clockwise from the top left corner");
    private static final Form<List<Double>> DIAGONALS = Forms.exactly(2, MM, "two diagonals");

    private static final Form<MeasuredPiece> PIECE = Form.of("measured piece",
            f -> new MeasuredPiece(f.must("piece", MeasuredPiece::piece, Forms.TEXT, "its letter"),
                    f.must("long", MeasuredPiece::outer, MEASURED, "its outer edge"),
                    f.must("left", MeasuredPiece::left, MITER, "miter, in degrees"),
                    f.must("right", MeasuredPiece::right, MITER, "miter, in degrees")));

    private static final Form<DryFit> DRY_FIT = Form.of("dry fit", f -> {
        List<Double> heels = f.get("heels", DryFit::heels, GAPS, "four, clockwise from the top left corner");
        List<Double> toes = f.get("toes", DryFit::toes, GAPS, "");
        List<Double> steps = f.get("steps", DryFit::steps, GAPS, "");
        List<Double> diagonals = f.maybe("diagonals",
                fit -> fit.first() > 0 || fit.second() > 0 ? List.of(fit.first(), fit.second()) : null, DIAGONALS,
                "from the top left, from the top right; 0 where one was not measured");
        return new DryFit(heels, toes, steps, diagonals == null ? 0 : diagonals.get(0),
                diagonals == null ? 0 : diagonals.get(1),
                f.get("rocks", DryFit::rocks, inMm(Forms.length(LengthRange.ALLOWANCE)),
                        "how far a corner lifts off the table"));
    });

    private static final Form<Climate.Air> AIR = Form.of("air",
            f -> new Climate.Air(
                    f.must("celsius", Climate.Air::celsius,
                            Forms.number(-40, 60, "a temperature from -40 to 60 °C"), "°C"),
                    f.must("humidity", Climate.Air::humidity,
                            Forms.number(0, 99, "a relative humidity from 0 to 99 %"), "%")));

    private static final Form<Climate> PLACE = Form.of("place",
            f -> new Climate(f.must("driest", Climate::dry, AIR, ""), f.must("dampest", Climate::damp, AIR, ""),
                    f.must("glued", Climate::glued, Forms.number(0, 40, "a moisture from 0 to 40 %"),
                            "moisture of the wood when it was glued, %"),
                    f.or("flatSawn", Climate::flat, Forms.FLAG, true, "")));

    private ChecksForm() {}

    private static Form<Double> inMm(Form<Length> length) {
        return length.as((each, at) -> each.toMm(), Length::mm, 0.0);
    }

    static Checks checks(Fields<Checks> f) throws BadFile {
        return new Checks(
                f.get("measured", Checks::measured, Forms.list(PIECE, MOST_PIECES), "pieces as they were cut"),
                f.get("gapLimit", Checks::gapLimit, Forms.length(LengthRange.GAP), "the widest gap that is let pass"),
                f.get("dryFit", Checks::dryFit, DRY_FIT, ""),
                f.maybe("place", Checks::place, PLACE, "where it will hang"));
    }
}
