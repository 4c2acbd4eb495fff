package neatcorner.section;

import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.Geometry;

/**
 * One pass of the stick over or under a tool.
 *
 * @param operation which operation of the whole order it belongs to
 * @param of        how many passes that operation takes
 * @param number    which of them this is, from 1
 * @param tool      what does it
 * @param rest      the face that lies on the table, or on the bench under the plane
 * @param guide     the face against the fence
 * @param fence     from the fence to the far side of the cut; for a groove, to its near side
 * @param height    of blade or bit above the table, or what the plane takes off in all
 * @param tilt      of the blade; null for a square cut
 * @param cut       the place that the tool sweeps
 */
public record MillPass(int operation, int of, int number, Tool tool, Face rest, Face guide, Length fence, Length height,
        @Nullable Angle tilt, Geometry cut) {}
