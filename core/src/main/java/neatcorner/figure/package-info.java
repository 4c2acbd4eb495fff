/**
 * Pictures as data. A {@link neatcorner.figure.Figure} holds {@link neatcorner.figure.Mark}s in millimetres: wood with its
 * grain, areas, lines, labels, and dimensions that know which {@link neatcorner.plan.Field} of the job they show.
 *
 * <p>{@link neatcorner.figure.Drawing#of} lays a figure out at a scale and breaks it down to a few primitives (filled
 * shapes, strokes, texts, values). A painter for the window, for SVG or for PDF has only those to draw, so every medium
 * shows the same picture. Colours are named by {@link neatcorner.figure.Tint}; each medium has its own values for them.
 */
@NullMarked
package neatcorner.figure;

import org.jspecify.annotations.NullMarked;
