package neatcorner.exchange.job;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import neatcorner.exchange.BadFile;
import neatcorner.exchange.form.Forms;
import neatcorner.exchange.json.Json;
import neatcorner.exchange.json.JsonText;
import neatcorner.exchange.json.Node;
import neatcorner.measure.Units;
import neatcorner.saw.ShopSaw;

/** The saws of a shop with their readings, as JSON. Lengths are millimetres. */
public final class SawsFile {
    public static final String FORMAT = "neat-corner-saws/1";

    private SawsFile() {}

    /** The text of the file. */
    public static String write(List<ShopSaw> saws) {
        return JsonText.write(Json.object().with("format", FORMAT).with("saws",
                Json.of(saws.stream().map(saw -> SawForm.SHOP_SAW.write(saw, Units.MILLIMETRES)).toList())).end());
    }

    /** Throws {@link BadFile} with the place and what was expected there. */
    public static List<ShopSaw> read(String text) throws BadFile {
        Node root = Node.root(JsonText.read(text));
        Forms.format(FORMAT).read(root.required("format"), Units.MILLIMETRES);
        Json usual = FirstDefaults.job(Units.MILLIMETRES).required("saw").json();
        List<ShopSaw> saws = new ArrayList<>();
        for (Node saw : root.required("saws").items()) {
            saws.add(SawForm.SHOP_SAW.read(saw.withUsual(usual), Units.MILLIMETRES));
        }
        return saws;
    }

    /** Reads a file; throws {@link IOException} when it cannot be read, {@link BadFile} when it is something else. */
    public static List<ShopSaw> read(Path file) throws IOException, BadFile {
        return read(Files.readString(file));
    }
}
