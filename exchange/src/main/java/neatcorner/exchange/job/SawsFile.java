package neatcorner.exchange.job;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.List;
import neatcorner.exchange.BadFile;
import neatcorner.exchange.json.Json;
import neatcorner.exchange.json.JsonText;
import neatcorner.exchange.json.Node;
import neatcorner.measure.Angle;
import neatcorner.measure.Units;
import neatcorner.saw.SawLog;
import neatcorner.saw.SawReading;
import neatcorner.saw.ShopSaw;

/** The saws of a shop with their readings, as JSON. Lengths are millimetres. */
public final class SawsFile {
    public static final String FORMAT = "neat-corner-saws/1";

    private SawsFile() {}

    public static String write(List<ShopSaw> saws) {
        JobWriter writer = new JobWriter(Units.MILLIMETRES);
        return JsonText.write(Json.object().with("format", FORMAT).with("saws", Json.of(saws.stream()
                .map(shop -> writer.sawFields(shop.saw())
                        .with("readings", Json.of(shop.log().readings().stream().map(SawsFile::reading).toList()))
                        .end())
                .toList())).end());
    }

    private static Json reading(SawReading reading) {
        return Json.object().with("day", reading.day().toString()).with("miter", Json.of(reading.miter().degrees(), 6))
                .with("error", Json.of(reading.error().degrees(), 6)).with("of", reading.tilt() ? "tilt" : "swing")
                .with("turned", Json.of(reading.turned())).end();
    }

    /** Throws {@link BadFile} with the place and what was expected there. */
    public static List<ShopSaw> read(String text) throws BadFile {
        Node root = Node.root(JsonText.read(text));
        if (!root.required("format").text().equals(FORMAT)) {
            throw root.required("format").expected("“" + FORMAT + "”");
        }
        JobReader reader = new JobReader(Units.MILLIMETRES);
        List<ShopSaw> saws = new ArrayList<>();
        for (Node saw : root.required("saws").items()) {
            List<SawReading> readings = new ArrayList<>();
            Node list = saw.optional("readings").orElse(null);
            if (list != null) {
                for (Node each : list.items()) {
                    readings.add(reading(each));
                }
            }
            saws.add(new ShopSaw(reader.sawOf(saw), new SawLog(readings)));
        }
        return saws;
    }

    private static SawReading reading(Node node) throws BadFile {
        try {
            Node turned = node.optional("turned").orElse(null);
            return new SawReading(LocalDate.parse(node.required("day").text()),
                    Angle.ofDegrees(node.required("miter").number(-90, 90, "a miter from -90 to 90 degrees")),
                    Angle.ofDegrees(node.required("error").number(-45, 45, "an error from -45 to 45 degrees")),
                    node.required("of").text().equals("tilt"), turned != null && turned.bool());
        } catch (DateTimeParseException e) {
            throw node.required("day").expected("a day such as 2026-03-14");
        }
    }

    /** Reads a file; throws {@link IOException} when it cannot be read, {@link BadFile} when it is something else. */
    public static List<ShopSaw> read(Path file) throws IOException, BadFile {
        return read(Files.readString(file));
    }
}
