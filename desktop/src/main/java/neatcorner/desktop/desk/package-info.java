/**
 * What one window works at. The {@link neatcorner.desktop.desk.Workbench} has the job on the bench, the station, the notation and
 * the notices, and the shop's things that are kept: saws, timers, days, settings. All of it lives on the window's thread and
 * draws nothing.
 */
@org.jspecify.annotations.NullMarked
package neatcorner.desktop.desk;
