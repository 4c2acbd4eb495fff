/**
 * Controls of our own: a {@link neatcorner.desktop.control.ValueTag value} that is typed over where it stands, a
 * {@link neatcorner.desktop.control.LengthBox length} and an angle with a name, a counted number, a list of steps. What is kept
 * on the screen while nothing in it changes asks {@link neatcorner.desktop.control.BuiltFrom}.
 */
@org.jspecify.annotations.NullMarked
package neatcorner.desktop.control;
