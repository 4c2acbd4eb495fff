package neatcorner.exchange.job;

import neatcorner.exchange.BadFile;
import neatcorner.exchange.form.Form;
import neatcorner.exchange.form.Forms;
import neatcorner.exchange.json.JsonText;
import neatcorner.exchange.json.Node;
import neatcorner.glueup.Workshop;
import neatcorner.measure.Units;

/** What a shop has, as a JSON file of its own. Lengths are millimetres. */
public final class ShopFile {
    public static final String FORMAT = "neat-corner-shop/1";

    private static final Form<Workshop> SHOP = Form.of("shop file", f -> {
        f.must("format", shop -> FORMAT, Forms.format(FORMAT), "");
        return f.inline(shop -> shop, WorkshopForm.WORKSHOP);
    });

    private ShopFile() {}

    public static String write(Workshop shop) {
        return JsonText.write(SHOP.write(shop, Units.MILLIMETRES));
    }

    /** Throws {@link BadFile} with the place and what was expected there. */
    public static Workshop read(String text) throws BadFile {
        return SHOP.read(Node.root(JsonText.read(text))
                .withUsual(FirstDefaults.job(Units.MILLIMETRES).required("shop").json()), Units.MILLIMETRES);
    }
}
