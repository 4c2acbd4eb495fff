/**
 * The start. {@link neatcorner.desktop.app.Desktop} opens the first window, {@code Windows} has all that are open,
 * {@code Stations} lists the stations of each, {@code Shots} takes a picture of each.
 */
@org.jspecify.annotations.NullMarked
package neatcorner.desktop.app;
