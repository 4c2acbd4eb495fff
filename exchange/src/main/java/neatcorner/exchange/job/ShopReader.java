package neatcorner.exchange.job;

import java.time.DateTimeException;
import java.time.DayOfWeek;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import neatcorner.corner.Inventory;
import neatcorner.exchange.BadFile;
import neatcorner.exchange.json.Node;
import neatcorner.glueup.Clamp;
import neatcorner.glueup.Glue;
import neatcorner.glueup.GlueUp;
import neatcorner.glueup.Holding;
import neatcorner.glueup.Recipe;
import neatcorner.glueup.School;
import neatcorner.glueup.SqueezeOut;
import neatcorner.glueup.Workshop;
import neatcorner.glueup.jig.CornerJig;
import neatcorner.glueup.schedule.WorkingHours;
import neatcorner.measure.Length;
import neatcorner.measure.LengthRange;
import neatcorner.measure.Units;
import org.jspecify.annotations.Nullable;

/** Reads how a frame is glued, and what a shop has to do it with. */
public final class ShopReader {
    public static final Map<String, School> SCHOOLS = JobReader.ordered("all at once", School.ALL_AT_ONCE, "two halves",
            School.TWO_HALVES, "corner by corner", School.CORNER_BY_CORNER);
    static final Map<String, SqueezeOut> SQUEEZE_OUT = JobReader.ordered("wipe", SqueezeOut.WIPE, "lift",
            SqueezeOut.LIFT);
    public static final Map<String, Holding> HOLDINGS = JobReader.ordered("band", Holding.BAND, "jig", Holding.JIG,
            "corner clamps", Holding.CORNER_CLAMPS, "pins", Holding.PINS);
    static final Map<String, Clamp.Kind> CLAMPS = JobReader.ordered("band", Clamp.Kind.BAND, "corner",
            Clamp.Kind.CORNER, "bar", Clamp.Kind.BAR);
    private static final int MOST = 500;

    private final JobReader lengths;
    private final Units units;

    ShopReader(JobReader lengths, Units units) {
        this.lengths = lengths;
        this.units = units;
    }

    GlueUp glueUp(@Nullable Node node) throws BadFile {
        GlueUp usual = GlueUp.usual();
        if (node == null) {
            return usual;
        }
        Node glue = node.optional("glue").orElse(null);
        Node finish = node.optional("finish").orElse(null);
        Node temperature = node.optional("temperature").orElse(null);
        Node outdoors = node.optional("outdoors").orElse(null);
        Node school = node.optional("school").orElse(null);
        Node squeeze = node.optional("squeezeOut").orElse(null);
        Node holding = node.optional("holding").orElse(null);
        return new GlueUp(glue == null ? usual.glue() : glue.oneOf(glues()),
                temperature == null
                        ? usual.temperature()
                        : temperature.number(-40, 60, "a room's temperature, −40 to 60 °C"),
                outdoors != null && outdoors.bool(), school == null ? null : school.oneOf(SCHOOLS),
                squeeze == null ? usual.squeezeOut() : squeeze.oneOf(SQUEEZE_OUT),
                holding == null ? null : holding.oneOf(HOLDINGS),
                finish == null ? usual.finish() : finish.oneOf(recipes()));
    }

    private static Map<String, Glue> glues() {
        Map<String, Glue> glues = new LinkedHashMap<>();
        Glue.KNOWN.forEach(glue -> glues.put(glue.name(), glue));
        return glues;
    }

    private static Map<String, Recipe> recipes() {
        Map<String, Recipe> recipes = new LinkedHashMap<>();
        Recipe.KNOWN.forEach(recipe -> recipes.put(recipe.name(), recipe));
        return recipes;
    }

    Workshop shop(@Nullable Node node) throws BadFile {
        Workshop usual = Workshop.usual(units);
        if (node == null) {
            return usual;
        }
        Node inventory = node.optional("inventory").orElse(null);
        Node clamps = node.optional("clamps").orElse(null);
        Node jig = node.optional("jig").orElse(null);
        int jigs = whole(node, "jigs", 0, MOST, usual.jigs());
        return new Workshop(
                inventory == null
                        ? usual.inventory()
                        : new Inventory(new ReinforcementReader(lengths, units).list(inventory, MOST)),
                clamps == null ? usual.clamps() : clamps(clamps),
                jigs == 0 ? null : jig == null ? usual.jig() : jig(jig), jigs,
                whole(node, "bench", 0, MOST, usual.bench()), whole(node, "drying", 0, MOST, usual.drying()),
                hours(node.optional("hours").orElse(null), usual.hours()));
    }

    private static int whole(Node owner, String name, int least, int most, int otherwise) throws BadFile {
        Node node = owner.optional(name).orElse(null);
        return node == null ? otherwise : node.whole(least, most);
    }

    private List<Clamp> clamps(Node list) throws BadFile {
        List<Clamp> clamps = new ArrayList<>();
        for (Node each : list.items(MOST)) {
            Clamp.Kind kind = each.required("kind").oneOf(CLAMPS);
            Node name = each.optional("name").orElse(null);
            Node force = each.optional("force").orElse(null);
            clamps.add(new Clamp(kind, name == null ? kind.title() : name.text(),
                    lengths.length(each.required("reach"), LengthRange.TOOL),
                    force == null ? 1000 : force.number(0, 100_000, "a force in newtons, 0 to 100000"),
                    whole(each, "count", 0, MOST, 1)));
        }
        return clamps;
    }

    private CornerJig jig(Node node) throws BadFile {
        CornerJig usual = CornerJig.usual();
        CornerJig jig = new CornerJig(positive(node, "first", usual.first()), positive(node, "pitch", usual.pitch()),
                whole(node, "holes", 1, MOST, usual.holes()),
                lengths.lengthOr(node, "block", LengthRange.TOOL, usual.block()),
                lengths.lengthOr(node, "bridge", LengthRange.TOOL, usual.bridge()),
                lengths.lengthOr(node, "least", LengthRange.TOOL, usual.least()),
                lengths.lengthOr(node, "most", LengthRange.TOOL, usual.most()));
        return jig;
    }

    private Length positive(Node owner, String name, Length otherwise) throws BadFile {
        Length length = lengths.lengthOr(owner, name, LengthRange.TOOL, otherwise);
        if (!length.isPositive()) {
            throw owner.required(name).expected("a length of more than zero");
        }
        return length;
    }

    private static WorkingHours hours(@Nullable Node list, WorkingHours otherwise) throws BadFile {
        if (list == null) {
            return otherwise;
        }
        List<WorkingHours.Shift> shifts = new ArrayList<>();
        for (Node each : list.items(MOST)) {
            Set<DayOfWeek> days = EnumSet.noneOf(DayOfWeek.class);
            for (Node day : each.required("days").items()) {
                days.add(day(day));
            }
            LocalTime from = time(each.required("from"));
            LocalTime to = time(each.required("to"));
            if (!to.isAfter(from)) {
                throw each.required("to").expected("a time after " + from);
            }
            shifts.add(new WorkingHours.Shift(days, from, to));
        }
        return new WorkingHours(shifts);
    }

    private static DayOfWeek day(Node node) throws BadFile {
        try {
            return DayOfWeek.valueOf(node.text().toUpperCase(Locale.ROOT));
        } catch (IllegalArgumentException e) {
            throw node.expected("a day of the week, as monday");
        }
    }

    private static LocalTime time(Node node) throws BadFile {
        try {
            return LocalTime.parse(node.text());
        } catch (DateTimeException e) {
            throw node.expected("a time of day, as 08:30");
        }
    }
}
