/** Jigs that clamp a corner: their blocks, bridges and holes, and the templates to cut them by. */
@org.jspecify.annotations.NullMarked
package neatcorner.glueup.jig;
