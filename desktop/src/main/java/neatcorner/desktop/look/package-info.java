/** How the program looks and sounds: style sheet, fonts, theme, text size, the chime of a timer. */
@org.jspecify.annotations.NullMarked
package neatcorner.desktop.look;
