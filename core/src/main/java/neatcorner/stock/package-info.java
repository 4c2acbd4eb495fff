/**
 * Sticks on the rack and how pieces are laid out on them.
 *
 * <p>A {@link neatcorner.stock.Rack} holds {@link neatcorner.stock.Stick}s with their defects. {@link
 * neatcorner.stock.StickLayout} turns the pieces of a job into a {@link neatcorner.stock.Nesting} problem, in which only
 * lengths are left: how much of a stick each part takes, and how much room each bar gives. {@link
 * neatcorner.stock.Nesting#solve} picks the search that suits it: {@link neatcorner.stock.FewKindsSearch} weighs every
 * layout when there are few different lengths; {@link neatcorner.stock.EqualBarsSearch} proves a least count for many
 * lengths on one kind of bar, with the help of {@link neatcorner.stock.PatternLp} and {@link
 * neatcorner.stock.PatternDive}; {@link neatcorner.stock.MixedBarsSearch} does its best where bars differ. Each says
 * whether its count is proved, and by what.
 */
@NullMarked
package neatcorner.stock;

import org.jspecify.annotations.NullMarked;
