package neatcorner.exchange.job;

import neatcorner.exchange.BadFile;
import neatcorner.exchange.form.Form;
import neatcorner.exchange.form.Forms;
import neatcorner.exchange.json.JsonText;
import neatcorner.exchange.json.Node;
import neatcorner.measure.Length;
import neatcorner.measure.Units;
import neatcorner.stock.Shelf;
import neatcorner.wood.Species;

/** A shop's shelf of offcuts, as JSON. Lengths are millimetres. */
public final class ShelfFile {
    public static final String FORMAT = "neat-corner-shelf/1";
    /** A shelf may hold more than any rack: everything that was ever left over. */
    private static final int MOST_LOTS = 10_000;

    private static final Form<Shelf.Kind> KIND = SectionForm.SECTION.as((section, at) -> Shelf.Kind.milled(section),
            Shelf.Kind::section, Shelf.Kind.blank(Species.named("white ash"), Length.mm(30), Length.mm(20)));
    private static final Form<Shelf.Lot> LOT = Form.of("lot", f -> new Shelf.Lot(
            f.must("of", Shelf.Lot::kind, KIND, "what the sticks are of, as a section"),
            f.must("sticks", Shelf.Lot::sticks,
                    Forms.list(RackForm.STICK, 0, MOST_LOTS, "at most " + MOST_LOTS + " sticks"), "")));
    private static final Form<Shelf> SHELF = Form.of("shelf file", f -> {
        f.must("format", shelf -> FORMAT, Forms.format(FORMAT), "");
        return new Shelf(f.must("lots", Shelf::lots, Forms.list(LOT, 0, MOST_LOTS, "at most " + MOST_LOTS + " lots"),
                "each of one wood and section"));
    });

    private ShelfFile() {}

    /** The text of the file. */
    public static String write(Shelf shelf) {
        return JsonText.write(SHELF.write(shelf, Units.MILLIMETRES));
    }

    /** Throws {@link BadFile} with the place and what was expected there. */
    public static Shelf read(String text) throws BadFile {
        return SHELF.read(Node.root(JsonText.read(text)), Units.MILLIMETRES);
    }
}
