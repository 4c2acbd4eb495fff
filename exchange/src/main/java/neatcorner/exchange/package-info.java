/**
 * Files a maker keeps, sends or prints. {@link neatcorner.exchange.JobFile} reads and writes jobs; {@link
 * neatcorner.exchange.PlanJson}, {@link neatcorner.exchange.CutListCsv}, {@link neatcorner.exchange.SvgPainter} and {@link
 * neatcorner.exchange.PaperPdf} write what a plan says. A file that cannot be read raises {@link
 * neatcorner.exchange.BadFile}, which is one line for the maker: where, and what was expected.
 */
@NullMarked
package neatcorner.exchange;

import org.jspecify.annotations.NullMarked;
