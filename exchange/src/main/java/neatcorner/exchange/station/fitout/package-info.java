/** What the open back gives to files: what is cut for it, where points and screws go, and the steps in order. */
@org.jspecify.annotations.NullMarked
package neatcorner.exchange.station.fitout;
