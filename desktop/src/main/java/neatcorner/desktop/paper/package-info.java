/**
 * What leaves the window on paper: {@link neatcorner.desktop.paper.PaperView} shows a job's papers as they will look, and
 * gives them to a printer or writes them as files.
 */
@org.jspecify.annotations.NullMarked
package neatcorner.desktop.paper;
