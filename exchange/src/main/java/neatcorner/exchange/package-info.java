/**
 * Files a maker keeps, sends or prints. {@link neatcorner.exchange.job.JobFile} reads and writes jobs; {@link
 * neatcorner.exchange.plan.PlanJson}, {@link neatcorner.exchange.csv.CutListCsv}, {@link neatcorner.exchange.paper.SvgPainter} and {@link
 * neatcorner.exchange.plan.PaperPdf} write what a plan says. A file that cannot be read raises {@link
 * neatcorner.exchange.BadFile}, which is one line for the maker: where, and what was expected.
 */
@NullMarked
package neatcorner.exchange;

import org.jspecify.annotations.NullMarked;
