package neatcorner.corner.solid;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import neatcorner.corner.Reinforcement;
import neatcorner.corner.ReinforcementKind;
import neatcorner.measure.Length;
import neatcorner.outline.Vertex;

/**
 * A corner with all that holds it: where every part lies, what it runs into, and how far it could move.
 *
 * @param parts   in the order of the reinforcements
 * @param clashes what must be mended before wood is cut
 * @param missing indices of the reinforcements that make no part in such a corner
 */
public record JoinedCorner(CornerWood wood, List<Reinforcement> reinforcements, List<Part> parts, List<Clash> clashes,
        List<Integer> missing) {

    public JoinedCorner {
        reinforcements = List.copyOf(reinforcements);
        parts = List.copyOf(parts);
        clashes = List.copyOf(clashes);
        missing = List.copyOf(missing);
    }

    /** A corner with its parts at their places, what they run into, and which reinforcements it has no place for. */
    public static JoinedCorner of(CornerWood wood, List<Reinforcement> reinforcements) {
        List<Part> parts = new ArrayList<>();
        List<Integer> missing = new ArrayList<>();
        for (int i = 0; i < reinforcements.size(); i++) {
            List<Part> made = PartShapes.of(wood, reinforcements.get(i), i);
            parts.addAll(made);
            if (made.isEmpty()) {
                missing.add(i);
            }
        }
        return new JoinedCorner(wood, reinforcements, parts, new Clearance(wood, parts).clashes(), missing);
    }

    /** Whether all parts are there and nothing is in their way. */
    public boolean isClear() {
        return clashes.isEmpty() && missing.isEmpty();
    }

    /** How much glue holds the corner. */
    public GlueArea glue() {
        return GlueArea.of(wood, reinforcements, parts);
    }

    /** Clashes of one reinforcement's parts. */
    public List<Clash> clashesOf(int reinforcement) {
        return clashes.stream().filter(clash -> parts.get(clash.part()).of() == reinforcement).toList();
    }

    /** How far a part could move each way, mm, before it runs into something; ways in which nothing stops it are left out. */
    public Map<Room, Double> rooms(int part) {
        return new Clearance(wood, parts).rooms(part, reinforcements.get(parts.get(part).of()));
    }

    /** The least room that any part of a reinforcement has, each way. */
    public Map<Room, Double> leastRooms(int reinforcement) {
        Map<Room, Double> least = new HashMap<>();
        for (int i = 0; i < parts.size(); i++) {
            if (parts.get(i).of() == reinforcement) {
                rooms(i).forEach((room, free) -> least.merge(room, free, Math::min));
            }
        }
        return least.isEmpty() ? Map.of() : new EnumMap<>(least);
    }

    /** From the frame's back to the near side of a slot or a part that is sawn in from the heel. */
    public Length toBack(Part part) {
        return Length.mm(wood.thickness()).minus(Length.mm(part.fromFace()))
                .minus(reinforcements.get(part.of()).thickness().scaled(0.5));
    }

    /** Plates of a brace, seen from the front. */
    public List<List<Vertex>> plates(int reinforcement) {
        Reinforcement brace = reinforcements.get(reinforcement);
        return brace.kind() == ReinforcementKind.BRACE ? BackParts.plates(wood, brace) : List.of();
    }

    JoinedCorner with(int reinforcement, Reinforcement changed) {
        List<Reinforcement> all = new ArrayList<>(reinforcements);
        all.set(reinforcement, changed);
        return of(wood, all);
    }
}
