package neatcorner.stock.sheets;

import neatcorner.measure.Length;

/**
 * A rectangle to be cut from a sheet.
 *
 * @param name  what it is for, as it is written on it
 * @param count how many are wanted
 */
public record Panel(String name, Length width, Length height, int count) {}
