/**
 * What a maker measures and reads: exact {@link neatcorner.measure.Length}s, {@link neatcorner.measure.Angle}s, and
 * {@link neatcorner.measure.Reading}s that can show their working.
 *
 * <p>Text goes in through {@link neatcorner.measure.LengthText}, which accepts what people type, and comes out through a
 * {@link neatcorner.measure.Notation}, which knows the shop's units, the finest step it reads, and its spelling. Nothing
 * in the program keeps a length as text or as a floating-point number; both appear only at these two doors and inside
 * trigonometry.
 */
@NullMarked
package neatcorner.measure;

import org.jspecify.annotations.NullMarked;
