/**
 * What holds a corner besides glue, as its maker chooses it: a {@link neatcorner.corner.Reinforcement} of some
 * {@link neatcorner.corner.ReinforcementKind}, with the sizes that there are in the shop's {@link neatcorner.corner.Inventory}
 * and the {@link neatcorner.corner.Craft} that it takes. What becomes of it in the wood is in {@code corner.solid}.
 */
@NullMarked
package neatcorner.corner;

import org.jspecify.annotations.NullMarked;
