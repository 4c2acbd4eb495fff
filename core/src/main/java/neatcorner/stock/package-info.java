/**
 * The wood that is there, and what is cut from it. A {@link neatcorner.stock.Rack} holds {@link neatcorner.stock.Stick}s with their
 * defects, rough boards and sheets; a {@link neatcorner.stock.Shelf} the shop's offcuts, under what they are of; a {@link neatcorner.stock.StickLayout} is where the pieces of a job lie on its sticks. How
 * such a layout is found is the work of the package {@code stock.sticks}, and for panes and mats of {@code stock.sheets}.
 */
@NullMarked
package neatcorner.stock;

import org.jspecify.annotations.NullMarked;
