/**
 * What paper is made of. {@link neatcorner.exchange.paper.PaperSheet} sets headings, tables and figures on pages; what stands
 * on them, stations say. Figures and templates also go out alone, as SVG, PDF and DXF.
 */
@org.jspecify.annotations.NullMarked
package neatcorner.exchange.paper;
