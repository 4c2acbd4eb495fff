/**
 * Pictures as data. A {@link neatcorner.drawing.Figure} holds {@link neatcorner.drawing.Mark}s in millimetres: wood with its
 * grain, areas, lines, labels, and dimensions that know which {@link neatcorner.plan.Field} of the job they show.
 *
 * <p>{@link neatcorner.drawing.Drawing#of} lays a figure out at a scale and breaks it down to a few primitives in pixels, so
 * that each medium, screen, SVG or PDF, is painted by a few lines and shows the same picture. Colours are named by
 * {@link neatcorner.drawing.Tint}; each medium has its own. The stations draw their own pictures; what several of them draw is
 * here, as the {@link neatcorner.drawing.FrameFront front of the frame}.
 */
@org.jspecify.annotations.NullMarked
package neatcorner.drawing;
