/**
 * The station where the frame goes to the wall. {@link neatcorner.station.hanging.HangingWork} is where its hooks are, what they
 * carry, and how the wire pulls, {@link neatcorner.station.hanging.HangerWood} the wood that its hardware goes into; the rest says, shows and
 * lets change that.
 */
@org.jspecify.annotations.NullMarked
package neatcorner.station.hanging;
