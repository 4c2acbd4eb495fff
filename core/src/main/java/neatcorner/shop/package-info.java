/**
 * What there is to make frames with. A {@link neatcorner.shop.Shop} has drawers of fasteners and blades, clamps, a jig, places and
 * hours. It belongs to its maker and not to a job: each job is planned in a shop, and the same job comes out otherwise in
 * another.
 */
@org.jspecify.annotations.NullMarked
package neatcorner.shop;
