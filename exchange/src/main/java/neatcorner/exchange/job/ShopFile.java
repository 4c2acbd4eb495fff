package neatcorner.exchange.job;

import java.util.LinkedHashMap;
import java.util.Map;
import neatcorner.exchange.BadFile;
import neatcorner.exchange.json.Json;
import neatcorner.exchange.json.JsonText;
import neatcorner.exchange.json.Node;
import neatcorner.glueup.Workshop;
import neatcorner.measure.Units;

/** What a shop has, as a JSON file of its own. Lengths are millimetres. */
public final class ShopFile {
    public static final String FORMAT = "neat-corner-shop/1";

    private ShopFile() {}

    public static String write(Workshop shop) {
        Map<String, Json> fields = new LinkedHashMap<>();
        fields.put("format", Json.of(FORMAT));
        fields.putAll(new ShopWriter(length -> Json.of(length.toMm(), 6)).shop(shop).fields());
        return JsonText.write(new Json.Obj(fields));
    }

    /** Throws {@link BadFile} with the place and what was expected there. */
    public static Workshop read(String text) throws BadFile {
        Node root = Node.root(JsonText.read(text));
        if (!root.required("format").text().equals(FORMAT)) {
            throw root.required("format").expected("“" + FORMAT + "”");
        }
        return new ShopReader(new JobReader(Units.MILLIMETRES), Units.MILLIMETRES).shop(root);
    }
}
