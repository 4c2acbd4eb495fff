/**
 * The frame seen from the front. An {@link neatcorner.outline.Outline} is what the maker chose: a {@link
 * neatcorner.outline.Shape}, a slope, the width of each side. {@link neatcorner.outline.Contours} are the edges that follow:
 * {@link neatcorner.outline.Loop}s of straight sides, and the {@link neatcorner.outline.Segment}s of a curve with the blanks
 * they are sawn from. A {@link neatcorner.outline.Corner} is where two sides meet. {@link neatcorner.outline.Faces} and
 * {@link neatcorner.outline.Opening} are the four sides and the size of a rectangle.
 */
@NullMarked
package neatcorner.outline;

import org.jspecify.annotations.NullMarked;
