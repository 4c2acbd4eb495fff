package neatcorner.saw.measured;

import neatcorner.outline.Vertex;

/**
 * Where a piece lies in a ring.
 *
 * @param start   outer corner at its left end, millimetres
 * @param end     outer corner at its right end
 * @param heading direction it runs in, radians clockwise from the right
 */
public record Placed(Vertex start, Vertex end, double heading) {}
