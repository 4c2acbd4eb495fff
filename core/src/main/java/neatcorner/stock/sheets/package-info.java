/** Panes, mats and backings cut from sheets by guillotine cuts, exactly where there are few, greedily where there are many. */
@org.jspecify.annotations.NullMarked
package neatcorner.stock.sheets;
