package neatcorner.saw;

import neatcorner.outline.Vertex;

/**
 * Where a piece lies in a ring.
 *
 * @param start   outer corner at its left end, millimetres
 * @param heading direction it runs in, radians clockwise from the right
 */
public record Placed(Vertex start, double heading) {}
