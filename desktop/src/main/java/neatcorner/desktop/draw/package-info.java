/** A figure on the screen: painted on a canvas, with its values to type over and its handles to drag. */
@org.jspecify.annotations.NullMarked
package neatcorner.desktop.draw;
