/**
 * Putting the frame together, and when: glue, clamps, jigs, the steps of a glue-up, and the shop's days.
 *
 * <p>{@link neatcorner.glueup.GlueUp} is what the maker chose, {@link neatcorner.glueup.GluePlan} what follows for one frame:
 * timed steps, open time, pressure, clamps. {@link neatcorner.glueup.jig.CornerJig} and {@link neatcorner.glueup.jig.JigDesign} are
 * what holds it. A frame becomes a {@link neatcorner.glueup.schedule.Chain} of {@link neatcorner.glueup.schedule.Task}s, hands on and waiting;
 * frames of one job are milled and sawn together, and begin when their wood is there.
 * {@link neatcorner.glueup.schedule.Scheduling} lays the chains of all frames into the maker's hours and says how near to the least
 * possible that is. Times are minutes from a start that the caller knows; there is no clock here.
 */
@NullMarked
package neatcorner.glueup;

import org.jspecify.annotations.NullMarked;
