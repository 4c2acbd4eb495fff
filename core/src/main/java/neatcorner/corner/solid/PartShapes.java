package neatcorner.corner.solid;

import java.util.List;
import neatcorner.corner.Reinforcement;

/**
 * Places the parts of a reinforcement in a corner. Where the maker has not said, they go to the usual place: splines and
 * tenons in the middle of the solid wood, dowels spread along the seam, V-nails near both ends of it, pins spread over the
 * thickness. Slices are never smaller than the part.
 */
final class PartShapes {

    private PartShapes() {}

    /** None when it is no possible thing, or cannot be put in such a corner at all. */
    static List<Part> of(CornerWood wood, Reinforcement what, int index) {
        boolean needsHeel = switch (what.kind().reach()) {
            case FROM_HEEL, FROM_EDGE, IN_RABBET -> true;
            case ACROSS, FROM_BACK, ON_BACK, THROUGH -> false;
        };
        if (!what.isPossible() || !what.kind().suits(wood.joint()) || (needsHeel && !wood.standsOut())) {
            return List.of();
        }
        return switch (what.kind()) {
            case SPLINE -> new HeelParts(wood, what, index).splines();
            case SLIP -> new HeelParts(wood, what, index).slips();
            case TENON -> new SeamParts(wood, what, index).tenons();
            case BISCUIT -> new SeamParts(wood, what, index).biscuits();
            case DOWEL -> new SeamParts(wood, what, index).dowels();
            case POCKET_SCREW -> new SeamParts(wood, what, index).pocketScrews();
            case V_NAIL -> new SeamParts(wood, what, index).vNails();
            case STAPLE -> new SeamParts(wood, what, index).staples();
            case CORRUGATED -> new SeamParts(wood, what, index).corrugated();
            case PIN, BRAD, NAIL, SCREW -> new EdgeParts(wood, what, index).throughEdge();
            case BRACE -> new BackParts(wood, what, index).brace();
            case BLOCK -> new BackParts(wood, what, index).block();
            case PEG -> new BackParts(wood, what, index).pegs();
        };
    }
}
