/**
 * What the saw cut, as it was measured. Errors of single cuts add up round the frame
 * ({@link neatcorner.saw.measured.Closing}); a test corner, the lengths as cut and the dry fit are read for their cause, and
 * the least shaving that mends them is found.
 */
@org.jspecify.annotations.NullMarked
package neatcorner.saw.measured;
