package neatcorner.corner;

import java.util.List;

/**
 * What a way to hold corners asks of the maker, and what is said for and against it. Minutes are common practice for someone
 * who has done it before.
 *
 * @param tools     besides saw and glue
 * @param setUp     minutes for the first corner
 * @param perCorner minutes for each
 */
public record Craft(List<String> tools, double setUp, double perCorner, String reason, String against) {

    public Craft {
        tools = List.copyOf(tools);
    }

    /** What it takes to put in a part of a kind: common practice. */
    public static Craft of(ReinforcementKind kind) {
        return switch (kind) {
            case SPLINE -> new Craft(List.of("table saw or router table", "spline cradle", "flush saw"), 15, 4,
                    "Long grain across the joint, added when the corner already stands; strong for large and heavy frames.",
                    "Shows as a stripe on both edges: some find it lovely, some ugly.");
            case SLIP -> new Craft(List.of("biscuit cutter", "flush saw"), 10, 4,
                    "Quick: the cutter's own fence sets the slot.", "The slot's curve takes less depth than a spline.");
            case TENON -> new Craft(List.of("mortiser or router with a jig"), 20, 5,
                    "Hidden, strong, and brings the faces flush as it closes.",
                    "Needs a wide section: the mortise must stay clear of rabbet and edge.");
            case BISCUIT -> new Craft(List.of("biscuit cutter"), 10, 2, "Hidden and quick; lines the faces up.",
                    "The smallest is [47 mm|1 7/8 in] long: only for wide faces.");
            case DOWEL -> new Craft(List.of("drill", "dowel jig"), 15, 5, "Hidden; needs only a drill and a jig.",
                    "A hole a little off leaves a step in the face; half of its wall is end grain.");
            case V_NAIL -> new Craft(List.of("V-nail driver"), 5, 1,
                    "Hidden from the front, pulls the miter shut, no waiting: the usual way for light frames.",
                    "Little strength in thin or hard wood; must go in dead straight.");
            case PIN -> new Craft(List.of("pin nailer or hammer and punch"), 3, 1.5,
                    "Holds the corner while the glue sets, no clamps.", "Adds little strength; a hole to fill.");
            case BRAD -> new Craft(List.of("brad nailer or hammer and punch"), 3, 1.5,
                    "Holds the corner while the glue sets, no clamps.", "A hole to fill; may wander in hard grain.");
            case NAIL -> new Craft(List.of("hammer and punch", "drill"), 5, 3, "Holds without any other tool.",
                    "Needs a pilot hole near an end, or it splits; a hole to fill.");
            case STAPLE -> new Craft(List.of("stapler"), 2, 1, "Fast, from behind.",
                    "Only pulls at the back; for light frames with glue.");
            case SCREW -> new Craft(List.of("drill", "countersink"), 10, 3, "Pulls up hard, holds at once.",
                    "Shows on the edge unless plugged; end grain holds a thread badly.");
            case POCKET_SCREW -> new Craft(List.of("pocket-hole jig", "drill"), 10, 3,
                    "From behind, holds at once, no clamps.", "Needs a thick section; pulls the miter out of line.");
            case BRACE -> new Craft(List.of("drill", "screwdriver"), 5, 3,
                    "Strong against racking; also as a look on the front.", "Shows on the back; thin sections split.");
            case BLOCK -> new Craft(List.of("saw for the triangles"), 10, 3,
                    "Glued long grain to both sides of a deep rabbet.", "Only where there is room behind the pack.");
            case CORRUGATED -> new Craft(List.of("hammer", "driver for corrugated fasteners"), 2, 1,
                    "Cheap and fast, from behind; draws the joint together as it goes in.",
                    "Bruises and splits hard or narrow wood; for plain softwood frames.");
            case PEG -> new Craft(List.of("drill", "flush saw"), 10, 4, "Locks a lap for good; a look of its own.",
                    "Only for laps.");
        };
    }
}
