/**
 * The station where what is framed goes in from behind. {@link neatcorner.station.fitout.FitOutWork} is what is cut for it and
 * where points and screws go; the rest says, shows and lets change that.
 */
@org.jspecify.annotations.NullMarked
package neatcorner.station.fitout;
