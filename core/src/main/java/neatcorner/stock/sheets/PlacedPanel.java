package neatcorner.stock.sheets;

import neatcorner.measure.Length;

/**
 * A panel on a sheet.
 *
 * @param panel  its index among the panels
 * @param x      its left edge, from the sheet's left
 * @param y      its top edge, from the sheet's top
 * @param turned whether its width runs down the sheet
 */
public record PlacedPanel(int panel, Length x, Length y, Length width, Length height, boolean turned) {}
