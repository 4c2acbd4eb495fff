/**
 * The numbers checked from first principles: own solids for flat and sloped frames, laps and corner parts; a stick cut by
 * following the saw list; passes followed on a section; sheets cut by exhaustive search; days laid by a general solver; the
 * workings on the slates followed with a calculator. Nothing here calls the arithmetic that it checks; it reads plans, and
 * works the same things out again another way.
 *
 * <p>{@link neatcorner.reference.Cases} draws a few hundred random cases a topic in a build, and as many as are asked for by
 * {@code ./neat-corner bench numbers}.
 */
@NullMarked
package neatcorner.reference;

import org.jspecify.annotations.NullMarked;
