/**
 * Station 2: the stick. How the pack lies in the rabbet ({@code SeatFindings}), what milling can get wrong
 * ({@code MillingFindings}), and the {@link neatcorner.station.section.SectionFigure end of the stick}, pass by pass.
 */
@org.jspecify.annotations.NullMarked
package neatcorner.station.section;
