package neatcorner.exchange.job;

import neatcorner.exchange.BadFile;
import neatcorner.exchange.form.Form;
import neatcorner.exchange.form.Forms;
import neatcorner.exchange.json.JsonText;
import neatcorner.exchange.json.Node;
import neatcorner.measure.Units;

/** What a shop has, as a JSON file of its own. Lengths are millimetres. */
public final class ShopFile {
    public static final String FORMAT = "neat-corner-shop/1";

    private static final Form<KnownShop> SHOP = Form.of("shop file", f -> {
        f.must("format", shop -> FORMAT, Forms.format(FORMAT), "");
        return f.inline(shop -> shop, ShopForm.SHOP);
    });

    private ShopFile() {}

    /** The text of the file. */
    public static String write(KnownShop shop) {
        return JsonText.write(SHOP.write(shop, Units.MILLIMETRES));
    }

    /** Throws {@link BadFile} with the place and what was expected there. */
    public static KnownShop read(String text) throws BadFile {
        return SHOP.read(Node.root(JsonText.read(text))
                .withUsual(FirstDefaults.job(Units.MILLIMETRES).required("shop").json()), Units.MILLIMETRES);
    }
}
