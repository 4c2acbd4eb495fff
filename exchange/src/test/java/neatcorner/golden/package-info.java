/**
 * What the program says about the demo jobs and about odd ones, as it was when it was last looked at with care. A change
 * that was not meant shows here as a changed line; one that was meant is taken over with {@code ./neat-corner golden}, and
 * its commit says why.
 */
@org.jspecify.annotations.NullMarked
package neatcorner.golden;
