/**
 * What paper is made of. Headings, tables and figures are {@link neatcorner.exchange.paper.Block}s of a
 * {@link neatcorner.exchange.paper.Column}; {@link neatcorner.exchange.paper.PaperSheet} is one that goes on from page to page,
 * {@link neatcorner.exchange.paper.Stack} one that is put beside others. What
 * stands in them, stations say. Figures also go out alone, as SVG.
 */
@org.jspecify.annotations.NullMarked
package neatcorner.exchange.paper;
