package neatcorner.exchange.job;

import java.util.ArrayList;
import java.util.List;
import neatcorner.exchange.BadFile;
import neatcorner.exchange.json.Node;
import neatcorner.measure.Angle;
import neatcorner.measure.LengthRange;
import neatcorner.saw.measured.Checks;
import neatcorner.saw.measured.DryFit;
import neatcorner.saw.measured.MeasuredPiece;
import neatcorner.wood.Climate;
import org.jspecify.annotations.Nullable;

/** Reads what was measured on a frame, and where it will hang. */
final class ChecksReader {
    private static final int CORNERS = 4;
    private static final int MOST_PIECES = 1_000;

    private final JobReader reader;

    ChecksReader(JobReader reader) {
        this.reader = reader;
    }

    Checks read(Node root) throws BadFile {
        List<MeasuredPiece> measured = new ArrayList<>();
        Node list = root.optional("measured").orElse(null);
        if (list != null) {
            for (Node piece : list.items(MOST_PIECES)) {
                measured.add(new MeasuredPiece(piece.required("piece").text(),
                        reader.length(piece.required("long"), LengthRange.MEASURED),
                        miter(piece.required("left")), miter(piece.required("right"))));
            }
        }
        return new Checks(measured, reader.lengthOr(root, "gapLimit", LengthRange.GAP, Checks.HAIRLINE), dryFit(root),
                place(root.optional("place").orElse(null)));
    }

    private static Angle miter(Node node) throws BadFile {
        return Angle.ofDegrees(node.number(-90, 90, "a miter from -90 to 90 degrees"));
    }

    private DryFit dryFit(Node root) throws BadFile {
        Node fit = root.optional("dryFit").orElse(null);
        if (fit == null) {
            return DryFit.closed();
        }
        Node diagonals = fit.optional("diagonals").orElse(null);
        if (diagonals != null && diagonals.items().size() != 2) {
            throw diagonals.expected("two diagonals");
        }
        return new DryFit(gaps(fit, "heels"), gaps(fit, "toes"), gaps(fit, "steps"),
                diagonals == null ? 0 : reader.length(diagonals.items().get(0), LengthRange.MEASURED).toMm(),
                diagonals == null ? 0 : reader.length(diagonals.items().get(1), LengthRange.MEASURED).toMm(),
                reader.lengthOr(fit, "rocks", LengthRange.ALLOWANCE, neatcorner.measure.Length.ZERO).toMm());
    }

    private List<Double> gaps(Node fit, String name) throws BadFile {
        Node list = fit.optional(name).orElse(null);
        if (list == null) {
            return List.of(0.0, 0.0, 0.0, 0.0);
        }
        if (list.items().size() != CORNERS) {
            throw list.expected("four gaps, clockwise from the top left corner");
        }
        List<Double> gaps = new ArrayList<>();
        for (Node gap : list.items()) {
            gaps.add(reader.length(gap, LengthRange.GAP).toMm());
        }
        return gaps;
    }

    private static @Nullable Climate place(@Nullable Node place) throws BadFile {
        if (place == null) {
            return null;
        }
        Node flat = place.optional("flatSawn").orElse(null);
        return new Climate(air(place.required("driest")), air(place.required("dampest")),
                place.required("glued").number(0, 40, "a moisture from 0 to 40 %"), flat == null || flat.bool());
    }

    private static Climate.Air air(Node air) throws BadFile {
        return new Climate.Air(air.required("celsius").number(-40, 60, "a temperature from -40 to 60 °C"),
                air.required("humidity").number(0, 99, "a relative humidity from 0 to 99 %"));
    }
}
