/**
 * The saw: what it can be set to ({@link neatcorner.saw.Saw}), the settings a job needs ({@link
 * neatcorner.saw.SawSetting}), and the cuts in the order they are made ({@link neatcorner.saw.CuttingOrder}).
 */
@NullMarked
package neatcorner.saw;

import org.jspecify.annotations.NullMarked;
