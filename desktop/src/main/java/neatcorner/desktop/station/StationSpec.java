package neatcorner.desktop.station;

import java.util.function.BiFunction;
import java.util.function.Function;
import neatcorner.desktop.desk.Workbench;
import neatcorner.plan.Station;

/**
 * One station as the window knows it.
 *
 * @param view  made when the station is first entered
 * @param bench what fills the screen at the bench while the station is entered; given what to do when it is left. Stations
 *              with the same one share its screen
 */
public record StationSpec(Station station, Function<Desk, StationView> view,
        BiFunction<Workbench, Runnable, BenchScreen> bench) {}
