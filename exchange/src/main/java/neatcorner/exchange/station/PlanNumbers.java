package neatcorner.exchange.station;

import java.util.List;
import neatcorner.exchange.json.Json;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.piece.EndCut;
import neatcorner.piece.Piece;
import neatcorner.plan.Plan;

/** How values that several stations have stand in a plan's JSON. */
public final class PlanNumbers {
    private PlanNumbers() {}

    /** A length in millimetres, with at most four decimals. */
    public static Json mm(Length length) {
        return Json.of(length.toMm(), 4);
    }

    /** An angle in degrees, with at most six decimals. */
    public static Json degrees(Angle angle) {
        return Json.of(angle.degrees(), 6);
    }

    /** Width and height in millimetres. */
    public static Json pair(Length width, Length height) {
        return Json.of(List.of(mm(width), mm(height)));
    }

    /** A piece as it is cut: its ends as it lies face up with its outer edge away from you. */
    public static Json piece(Piece piece, Plan plan) {
        Json.Fields fields = Json.object().with("name", piece.name()).with("side", piece.place().words())
                .with("count", Json.of(plan.job().quantity())).with("long", mm(piece.longPoint()))
                .with("short", mm(piece.shortPoint())).with("span", mm(piece.span())).with("left", end(piece.left()))
                .with("right", end(piece.right()));
        Length blank = plan.blanks().width(piece);
        return (blank.equals(plan.section(piece).width()) ? fields : fields.with("blank", mm(blank))).end();
    }

    private static Json end(EndCut end) {
        return Json.object().with("miter", degrees(end.miter())).with("bevel", degrees(end.bevel())).end();
    }
}
