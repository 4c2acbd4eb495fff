/**
 * The days of a shop. A {@link neatcorner.glueup.schedule.Chain} of tasks is one frame's way through it;
 * {@link neatcorner.glueup.schedule.Scheduling} lays all of them out over hands, clamps and places in the
 * {@link neatcorner.glueup.schedule.WorkCalendar working hours}, with a bound that no order can beat.
 */
@org.jspecify.annotations.NullMarked
package neatcorner.glueup.schedule;
