package neatcorner.exchange.job;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.EnumMap;
import java.util.List;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import java.util.Objects;
import neatcorner.corner.Inventory;
import neatcorner.corner.Reinforcement;
import neatcorner.corner.ReinforcementKind;
import neatcorner.exchange.BadFile;
import neatcorner.exchange.form.Form;
import neatcorner.exchange.form.Forms;
import neatcorner.exchange.json.Json;
import neatcorner.exchange.json.JsonText;
import neatcorner.exchange.json.Node;
import neatcorner.measure.Length;
import neatcorner.measure.Units;

/**
 * What a file of version 1 means by what it does not say. Files once left out what was as usual, and what people write by
 * hand still does: whatever a new job starts with tomorrow, these stay as they are. A value that a later version adds gets
 * here the one with which old frames come out as they did.
 */
final class FirstDefaults {
    private static final Node ALL = read();
    private static final Set<String> KNOWN = kinds();
    private static final Form<List<Reinforcement>> DRAWERS = Forms.list(ReinforcementForm.REINFORCEMENT, 500);

    private FirstDefaults() {}

    private static Node read() {
        try (InputStream in = Objects.requireNonNull(FirstDefaults.class.getResourceAsStream("first-defaults.json"))) {
            return Node.root(JsonText.read(new String(in.readAllBytes(), StandardCharsets.UTF_8)));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (BadFile e) {
            throw new IllegalStateException(e);
        }
    }

    /** Of a job in files of these units. */
    static Node job(Units units) {
        try {
            return ALL.required(units.symbol());
        } catch (BadFile e) {
            throw new IllegalStateException(e);
        }
    }

    /** What counts for what files leave out, for their schema and for those who read about it. */
    static Map<Units, Json> all() {
        Map<Units, Json> all = new EnumMap<>(Units.class);
        for (Units units : Units.values()) {
            all.put(units, job(units).json());
        }
        return all;
    }

    /** How far a mat covers the art. */
    static Length matOverlap(Units units) {
        return units.either(3, 1.0 / 8);
    }

    /** Whether files could leave out the thin sizes of a kind of part; of kinds that came later, they say them. */
    static boolean knows(ReinforcementKind kind) {
        return KNOWN.contains(kind.title());
    }

    private static Set<String> kinds() {
        try {
            Set<String> kinds = new HashSet<>();
            for (Node part : drawers(Units.MILLIMETRES).items()) {
                kinds.add(part.required("kind").text());
            }
            return Set.copyOf(kinds);
        } catch (BadFile e) {
            throw new IllegalStateException(e);
        }
    }

    private static Node drawers(Units units) {
        try {
            return job(units).required("shop").required("inventory");
        } catch (BadFile e) {
            throw new IllegalStateException(e);
        }
    }

    /** The largest part of a kind that is commonly sold: what does not say its thin sizes has those of this one. */
    static Reinforcement part(ReinforcementKind kind, Units units) {
        try {
            return new Inventory(DRAWERS.read(drawers(units), units)).of(kind).getFirst();
        } catch (BadFile e) {
            throw new IllegalStateException(e);
        }
    }
}
