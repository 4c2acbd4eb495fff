package neatcorner.section;

import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.Geometry;

/**
 * One pass of the stick over or under a tool.
 *
 * <p>The fence is always measured on the table to the near side of the cut: between them stays wood. A bit or a dado set that
 * is let into its fence stands at zero, and its width says how far it stands out.
 *
 * @param operation which operation of the whole order it belongs to
 * @param of        how many passes that operation takes
 * @param number    which of them this is, from 1
 * @param tool      what does it
 * @param rest      the face that lies on the table, or on the bench under the plane
 * @param guide     the face against the fence, or along the bit's bearing
 * @param fence     from the fence to the near side of the cut, on the table
 * @param wide      how wide the cut is; null for a blade, which cuts its kerf
 * @param height    of blade or bit above the table, at the near side of the cut; or what the plane takes off in all
 * @param tilt      of the blade; null for a square cut
 * @param leans     whether the top of a tilted blade leans over to the fence, else away from it
 * @param cut       the place that the tool sweeps, with what falls off
 */
public record MillPass(int operation, int of, int number, Tool tool, Face rest, Face guide, Length fence,
        @Nullable Length wide, Length height, @Nullable Angle tilt, boolean leans, Geometry cut) {

    /** A square cut. */
    MillPass(int operation, int of, int number, Tool tool, Face rest, Face guide, Length fence, @Nullable Length wide,
            Length height, Geometry cut) {
        this(operation, of, number, tool, rest, guide, fence, wide, height, null, false, cut);
    }

    /** Whether it is made once the frame is glued, with a bearing along the sight edge. */
    public boolean isAfterAssembly(Section section) {
        return section.milling().order(section.rabbet()).get(operation) instanceof Operation.PackRabbet pack
                && pack.way() == RabbetWay.AFTER_ASSEMBLY && !pack.rabbet().isTilted();
    }

    /** Whether the tool is let into the fence. */
    public boolean isInFence() {
        return wide != null && !fence.isPositive();
    }
}
