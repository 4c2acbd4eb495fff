/**
 * Pieces laid out on sticks. {@link neatcorner.stock.sticks.LayOut} turns mitred pieces into lengths,
 * {@link neatcorner.stock.sticks.Nesting} finds the fewest or cheapest bars for them and proves it where it can: exactly for
 * few kinds of length ({@code FewKindsSearch}), by column generation with diving and bin completion on bars of one kind
 * ({@code EqualBarsSearch}), by asking in turn which bars and how to fill them on several ({@code MixedBarsSearch}).
 */
@org.jspecify.annotations.NullMarked
package neatcorner.stock.sticks;
