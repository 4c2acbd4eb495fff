/** Station 2 in the window: the end of the stick, what is milled off it pass by pass, the wood it is glued from. */
@org.jspecify.annotations.NullMarked
package neatcorner.desktop.station.section;
