/**
 * What the station of the section gives to files: in a plan for other programs, what milling comes to: area, passes, the
 * zone where parts lie safe; on paper, the passes, and the stick's end at full size.
 */
@org.jspecify.annotations.NullMarked
package neatcorner.exchange.station.section;
