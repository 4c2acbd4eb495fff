package neatcorner.corner.solid;

import static neatcorner.corner.solid.Room.BACK;
import static neatcorner.corner.solid.Room.DEEPER;
import static neatcorner.corner.solid.Room.FRONT;
import static neatcorner.corner.solid.Room.HEEL;
import static neatcorner.corner.solid.Room.TOE;

import java.util.List;
import java.util.function.DoubleFunction;
import java.util.function.ToDoubleBiFunction;
import java.util.function.ToDoubleFunction;
import neatcorner.corner.Reinforcement;
import neatcorner.corner.ReinforcementKind;
import neatcorner.outline.Vertex;

/**
 * What a kind of part is in the wood: all that places, clearances, glue and the search for the strongest have to know of it.
 *
 * @param parts   its solids, at their usual places where the maker has not said: slots and tenons in the middle of the solid
 *                wood, dowels spread along the seam, V-nails near both ends of it, pins spread over the thickness
 * @param margins wood that stays round it, in a corner of an interior angle in radians
 * @param rooms   the ways in which it can be moved, or made larger
 * @param glued   faces of one part that glue holds lengthwise, mm²
 * @param taken   what one part takes out of the joint's own face, mm²
 * @param most    how many in a corner are tried when the strongest is sought
 * @param worth   what one holds, to be compared within its kind alone: glued faces, or steel across the joint
 */
record Manner(Places parts, DoubleFunction<Margins> margins, List<Room> rooms,
        ToDoubleBiFunction<Reinforcement, Part> glued,
        ToDoubleFunction<Reinforcement> taken, int most, ToDoubleFunction<Reinforcement> worth) {
    /** Half of a round hole's wall is end grain: common practice. */
    private static final double ROUND_HOLD = 0.5;

    /** Places the parts of a reinforcement, which has an index among those of its corner. */
    interface Places {
        List<Part> of(CornerWood wood, Reinforcement what, int index);
    }

    static Manner of(ReinforcementKind kind) {
        return switch (kind) {
            case SPLINE ->
                new Manner((wood, what, index) -> new HeelParts(wood, what, index).splines(), Margins::ofSlot,
                        List.of(FRONT, BACK, DEEPER), (what, part) -> bothFaces(part) / Math.cos(what.tilt().radians()),
                        what -> size(what) * thin(what), 1, what -> size(what) * thin(what));
            case SLIP -> new Manner((wood, what, index) -> new HeelParts(wood, what, index).slips(), Margins::ofSlot,
                    List.of(FRONT, BACK, DEEPER), (what, part) -> bothFaces(part),
                    what -> size(what) * thin(what), 1, what -> size(what) * thin(what));
            case TENON -> new Manner((wood, what, index) -> new SeamParts(wood, what, index).tenons(),
                    interior -> Margins.MORTISED, List.of(FRONT, BACK, HEEL, TOE, DEEPER),
                    (what, part) -> bothFaces(part),
                    what -> wide(what) * thin(what), 1, what -> size(what) * wide(what));
            case BISCUIT -> new Manner((wood, what, index) -> new SeamParts(wood, what, index).biscuits(),
                    interior -> Margins.MORTISED, List.of(FRONT, BACK, HEEL, TOE), (what, part) -> bothFaces(part),
                    what -> wide(what) * thin(what), 1, what -> size(what) * wide(what));
            case DOWEL -> new Manner((wood, what, index) -> new SeamParts(wood, what, index).dowels(),
                    interior -> Margins.MORTISED, List.of(FRONT, BACK, HEEL, TOE, DEEPER),
                    (what, part) -> Math.PI * thin(what) * size(what) * ROUND_HOLD, Manner::disc, 4,
                    what -> size(what) * thin(what));
            case POCKET_SCREW -> steel((wood, what, index) -> new SeamParts(wood, what, index).pocketScrews(),
                    Margins.BEHIND, List.of(HEEL, TOE), 2).taking(Manner::disc);
            case V_NAIL -> steel((wood, what, index) -> new SeamParts(wood, what, index).vNails(), Margins.SPLITTING,
                    List.of(HEEL, TOE, DEEPER), 3);
            case CORRUGATED -> steel((wood, what, index) -> new SeamParts(wood, what, index).corrugated(),
                    Margins.SPLITTING, List.of(HEEL, TOE, DEEPER), 2);
            case STAPLE -> steel((wood, what, index) -> new SeamParts(wood, what, index).staples(), Margins.BEHIND,
                    List.of(HEEL, TOE, DEEPER), 2);
            case PIN, BRAD, NAIL, SCREW -> steel((wood, what, index) -> new EdgeParts(wood, what, index).throughEdge(),
                    Margins.THROUGH_EDGE, List.of(FRONT, BACK, HEEL, TOE, DEEPER), 2);
            case BRACE ->
                steel((wood, what, index) -> new BackParts(wood, what, index).brace(), Margins.BEHIND, List.of(),
                        2);
            case BLOCK -> new Manner((wood, what, index) -> new BackParts(wood, what, index).block(),
                    interior -> Margins.NONE, List.of(), (what, part) -> 2 * size(what) * thin(what), what -> 0, 1,
                    what -> size(what) * thin(what));
            case PEG -> new Manner((wood, what, index) -> new BackParts(wood, what, index).pegs(),
                    interior -> Margins.RIGHT_THROUGH, List.of(HEEL, TOE),
                    (what, part) -> Math.PI * thin(what) * part.slabs().getFirst().thickness() * ROUND_HOLD, what -> 0,
                    4,
                    what -> Math.max(1, size(what)) * thin(what));
        };
    }

    /** No glue holds it; a longer or thicker one is stronger. */
    private static Manner steel(Places parts, Margins margins, List<Room> rooms, int most) {
        return new Manner(parts, interior -> margins, rooms, (what, part) -> 0, what -> 0, most,
                what -> size(what) * (what.kind().isRound() ? thin(what) : 1));
    }

    private Manner taking(ToDoubleFunction<Reinforcement> out) {
        return new Manner(parts, margins, rooms, glued, out, most, worth);
    }

    private static double size(Reinforcement what) {
        return what.size().toMm();
    }

    private static double thin(Reinforcement what) {
        return what.thickness().toMm();
    }

    private static double wide(Reinforcement what) {
        return what.width().toMm();
    }

    private static double disc(Reinforcement what) {
        return Math.PI * thin(what) * thin(what) / 4;
    }

    /** Front and back of a flat part. */
    private static double bothFaces(Part part) {
        double sum = 0;
        for (Slab slab : part.slabs()) {
            List<Vertex> shape = slab.shape();
            sum += Math.abs(Plane.area(shape));
        }
        return 2 * sum;
    }
}
