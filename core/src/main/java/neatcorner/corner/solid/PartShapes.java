package neatcorner.corner.solid;

import java.util.List;
import neatcorner.corner.Reinforcement;

/** Places the parts of a reinforcement in a corner, if it takes them. Slices are never smaller than the part. */
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
        return Manner.of(what.kind()).parts().of(wood, what, index);
    }
}
