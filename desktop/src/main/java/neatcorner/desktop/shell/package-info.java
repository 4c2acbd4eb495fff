/**
 * What stands round the stations: the rail, the header, the finder, the findings, the slate, the notices. It knows stations only by
 * their {@link neatcorner.desktop.station.StationSpec}.
 */
@org.jspecify.annotations.NullMarked
package neatcorner.desktop.shell;
