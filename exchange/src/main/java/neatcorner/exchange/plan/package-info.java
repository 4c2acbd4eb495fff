/**
 * A whole plan in files: {@link neatcorner.exchange.plan.PlanJson} for other programs, {@link
 * neatcorner.exchange.plan.PaperPdf} for the wall over the saw. Both go through the stations, of which {@link
 * neatcorner.exchange.plan.AllStationFiles} is the list, and put together what each gives.
 */
@org.jspecify.annotations.NullMarked
package neatcorner.exchange.plan;
