/** Station 6 in the window: the cuts one by one, and the bench view of them; a test corner, lengths as cut, the dry fit, the seasons. */
@org.jspecify.annotations.NullMarked
package neatcorner.desktop.station.saw;
