package neatcorner.stock.sheets;

import neatcorner.measure.Length;

/**
 * One straight cut across a part of a sheet, from edge to edge of that part.
 *
 * @param number  in the order of cutting, from 1
 * @param upright whether it runs from top to bottom
 * @param at      where the cut starts: from the sheet's left edge when it is upright, else from its top
 * @param from    where it begins along its own way
 * @param to      where it ends
 * @param strip   the narrower of the two parts that it leaves, square to the cut
 */
public record SheetCut(int number, boolean upright, Length at, Length from, Length to, Length strip) {}
