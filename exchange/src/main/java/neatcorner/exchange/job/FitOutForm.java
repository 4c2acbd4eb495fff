package neatcorner.exchange.job;

import java.util.List;
import neatcorner.exchange.BadFile;
import neatcorner.exchange.form.Fields;
import neatcorner.exchange.form.Form;
import neatcorner.exchange.form.Forms;
import neatcorner.fitout.FitOut;
import neatcorner.fitout.RetainerKind;
import neatcorner.fitout.Retainers;
import neatcorner.fitout.Spacing;
import neatcorner.measure.Length;
import neatcorner.measure.LengthRange;

/** How what is framed is put in. */
public final class FitOutForm {
    /** What keeps a pack in, as files call it. */
    public static final Form<RetainerKind> KIND = Forms.named(List.of(RetainerKind.values()), kind -> switch (kind) {
        case POINTS -> "points";
        case PUSH_POINTS -> "push points";
        case BRADS -> "brads";
        case BENT_NAILS -> "bent nails";
        case FLEXIBLE_TABS -> "flexible tabs";
        case TURN_CLIPS -> "turn clips";
        case OFFSET_CLIPS -> "offset clips";
        case BLOCKS -> "blocks";
        case TRIANGLES -> "triangles";
        case STRIP -> "strip";
    });
    private static final Form<Length> ALONG = Forms.length(LengthRange.ALLOWANCE);

    static final Form<FitOut> FIT_OUT = Form.of("fit-out",
            f -> new FitOut(f.within("retainers", Fields.Need.USUAL, "what keeps the pack in", FitOutForm::retainers)));

    private FitOutForm() {}

    private static Retainers retainers(Fields<FitOut> f) throws BadFile {
        return new Retainers(f.get("kind", each -> each.retainers().kind(), KIND, ""),
                f.get("length", each -> each.retainers().length(), Forms.length(LengthRange.PART),
                        "of a point, nail or clip's screw; of a block, along the wall"),
                new Spacing(f.get("first", each -> each.retainers().spacing().first(), ALONG,
                        "of the outermost ones from the corners"),
                        f.get("most", each -> each.retainers().spacing().most(), ALONG, "no two lie further apart")));
    }
}
