/**
 * Job, shop and saw files: what a maker decided, as JSON. {@link neatcorner.exchange.job.JobFile} is the whole file, with all that
 * other programs keep in it; readers say in one line what is wrong and where, writers leave nothing out.
 */
@org.jspecify.annotations.NullMarked
package neatcorner.exchange.job;
