/**
 * The start. {@link neatcorner.desktop.app.Desktop} opens the window, {@code Stations} lists the stations it has,
 * {@code Shots} takes a picture of each.
 */
@org.jspecify.annotations.NullMarked
package neatcorner.desktop.app;
