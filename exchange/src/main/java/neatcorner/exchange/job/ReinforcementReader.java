package neatcorner.exchange.job;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import neatcorner.corner.Inventory;
import neatcorner.corner.Reinforcement;
import neatcorner.corner.ReinforcementKind;
import neatcorner.corner.ScrewGauge;
import neatcorner.exchange.BadFile;
import neatcorner.exchange.json.Node;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.measure.LengthRange;
import neatcorner.measure.Units;
import org.jspecify.annotations.Nullable;

/** Reads what holds a job's corners, or lies in a shop's drawers. Thin sizes may be left out: those of the usual one count. */
final class ReinforcementReader {
    static final Map<String, ReinforcementKind> KINDS = kinds();
    private final JobReader lengths;
    private final Inventory usual;

    ReinforcementReader(JobReader lengths, Units units) {
        this.lengths = lengths;
        this.usual = Inventory.usual(units);
    }

    private static Map<String, ReinforcementKind> kinds() {
        Map<String, ReinforcementKind> kinds = new LinkedHashMap<>();
        for (ReinforcementKind kind : ReinforcementKind.values()) {
            kinds.put(kind.title(), kind);
        }
        return kinds;
    }

    List<Reinforcement> list(@Nullable Node list, int most) throws BadFile {
        List<Reinforcement> all = new ArrayList<>();
        if (list != null) {
            for (Node each : list.items(most)) {
                all.add(one(each));
            }
        }
        return all;
    }

    private Reinforcement one(Node node) throws BadFile {
        ReinforcementKind kind = kind(node.required("kind"));
        Node count = node.optional("count").orElse(null);
        int many = count == null ? 1 : count.whole(1, Reinforcement.MOST);
        Reinforcement sized = kind == ReinforcementKind.BISCUIT ? biscuit(node) : sized(node, kind);
        Node tilt = node.optional("tilt").orElse(null);
        return sized.withCount(many).withTilt(tilt == null
                ? Angle.ZERO
                : Angle.ofDegrees(tilt.number(-45, 45, "an angle from −45 to 45 degrees")))
                .at(place(node, "fromHeel"), place(node, "fromFace"));
    }

    /** "loose tenon", "pocket-screw" and "key" are understood as well. */
    private static ReinforcementKind kind(Node node) throws BadFile {
        String text = node.text().strip().toLowerCase(java.util.Locale.ROOT);
        return switch (text) {
            case "loose tenon" -> ReinforcementKind.TENON;
            case "key" -> ReinforcementKind.SPLINE;
            case "pocket-screw" -> ReinforcementKind.POCKET_SCREW;
            case "v nail" -> ReinforcementKind.V_NAIL;
            default -> {
                ReinforcementKind kind = KINDS.get(text);
                if (kind == null) {
                    throw node.expected("one of " + String.join(", ", KINDS.keySet()));
                }
                yield kind;
            }
        };
    }

    private static Reinforcement biscuit(Node node) throws BadFile {
        Node size = node.required("size");
        int number = size.whole(0, 20);
        if (number % 10 != 0) {
            throw size.expected("a biscuit's size: 0, 10 or 20");
        }
        return Inventory.biscuit(number);
    }

    private Reinforcement sized(Node node, ReinforcementKind kind) throws BadFile {
        Reinforcement like = usual.of(kind).getFirst();
        Length size = kind == ReinforcementKind.PEG
                ? Length.ZERO
                : lengths.length(node.required(kind.sizeName()), LengthRange.PART);
        Length width = kind.widthName().isEmpty()
                ? Length.ZERO
                : lengths.lengthOr(node, kind.widthName(), LengthRange.PART,
                        like.width());
        Node gauge = kind.isScrew() ? node.optional("gauge").orElse(null) : null;
        Length thickness = gauge != null
                ? new ScrewGauge(gauge.whole(0, 24)).diameter()
                : lengths.lengthOr(node, kind.thicknessName(), LengthRange.PART, like.thickness());
        return Reinforcement.of(kind, size, thickness, width, 1);
    }

    private @Nullable Length place(Node node, String name) throws BadFile {
        Node place = node.optional(name).orElse(null);
        return place == null ? null : lengths.length(place, LengthRange.PLACE);
    }
}
