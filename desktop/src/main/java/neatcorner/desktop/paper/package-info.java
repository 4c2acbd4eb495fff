/** What leaves the window on paper: one file for the whole job, opened with the program that the computer has for it. */
@org.jspecify.annotations.NullMarked
package neatcorner.desktop.paper;
