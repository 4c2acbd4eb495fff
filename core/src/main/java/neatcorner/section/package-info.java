/**
 * The stick's end: a {@link neatcorner.section.Section} is a blank less its {@link neatcorner.section.Rabbet}.
 *
 * <p>Coordinates everywhere: x from the sight edge outwards (0 … width), y from the front face backwards (0 … thickness).
 */
@NullMarked
package neatcorner.section;

import org.jspecify.annotations.NullMarked;
