/**
 * The job on paper. {@link neatcorner.exchange.paper.PaperSheet} sets headings, tables and figures on pages, the rest says what
 * stands on them; figures and templates also go out alone, as SVG, PDF and DXF.
 */
@org.jspecify.annotations.NullMarked
package neatcorner.exchange.paper;
