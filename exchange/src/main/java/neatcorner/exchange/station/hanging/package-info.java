/** What hanging gives to files: weight, wire, hooks, and how far sides bend. */
@org.jspecify.annotations.NullMarked
package neatcorner.exchange.station.hanging;
