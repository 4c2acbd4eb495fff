/** Station 1: what is framed, and the sizes that follow. The rules about sizes, the mat's lengths, the front of the frame. */
@org.jspecify.annotations.NullMarked
package neatcorner.station.opening;
