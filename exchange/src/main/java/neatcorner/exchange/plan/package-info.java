/** What follows from a job, for other programs: the plan and the nesting as JSON, the shop's days as a calendar. */
@org.jspecify.annotations.NullMarked
package neatcorner.exchange.plan;
