/**
 * What one window works at, and what all share. The {@link neatcorner.desktop.desk.Workbench} of a window has the job on its
 * bench, the station, the notation and the notices. The {@link neatcorner.desktop.desk.Premises} have all open jobs and the
 * shop's things that are kept: saws, timers, days, settings. All of it lives on the windows' thread and draws nothing.
 */
@org.jspecify.annotations.NullMarked
package neatcorner.desktop.desk;
