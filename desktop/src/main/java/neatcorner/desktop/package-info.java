/**
 * The window, in which the work is the screen.
 *
 * <p>{@link neatcorner.desktop.Workbench} holds the job on the bench: it is edited, undone and kept there, and each edit
 * gives a new {@link neatcorner.plan.Plan}. {@link neatcorner.desktop.MainWindow} shows the plan through one {@link
 * neatcorner.desktop.StationView} at a time: a {@link neatcorner.desktop.FigureView} in the middle, the {@link
 * neatcorner.desktop.SlatePane} beside it, the {@link neatcorner.desktop.FindingsPane} below. Nothing here computes
 * anything about frames.
 */
@NullMarked
package neatcorner.desktop;

import org.jspecify.annotations.NullMarked;
