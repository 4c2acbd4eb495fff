/**
 * What is laid on the wood or the wall as it is: segments of curves, jigs, hooks. {@link neatcorner.exchange.template.Templates} and
 * {@link neatcorner.exchange.template.JigTemplates} write them as SVG, DXF and, over as many pages as they take, PDF.
 */
@org.jspecify.annotations.NullMarked
package neatcorner.exchange.template;
