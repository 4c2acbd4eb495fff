/**
 * Job, shop and saw files: what a maker decided, as JSON. {@link neatcorner.exchange.job.JobFile} is the whole file, with all that
 * other programs keep in it; {@link neatcorner.exchange.job.JobForm} and its neighbours say, once for reading, writing and
 * publishing, how each record stands there; {@link neatcorner.exchange.job.FirstDefaults} is what a file means that leaves
 * something out, today and always.
 */
@org.jspecify.annotations.NullMarked
package neatcorner.exchange.job;
