package neatcorner.desktop.station;

import java.util.List;
import java.util.function.BiFunction;
import java.util.function.Function;
import neatcorner.desktop.desk.Workbench;
import neatcorner.plan.Station;
import org.jspecify.annotations.Nullable;

/**
 * All that the window knows of one station. Its place in the list of stations is its number on the rail, and its shortcut.
 *
 * @param view  made when the station is first entered
 * @param bench what fills the screen at the bench while the station is entered, given what to do when it is left; null for
 *              what fills it at most stations
 * @param words what else makers call what is done here, in US words: the finder leads from each of them to the station
 * @param modes other things that the station shows, which the finder leads to
 * @param shots pictures of it for the documentation, in the demo shop
 */
public record StationSpec(Station station, Function<Desk, StationView> view,
        @Nullable BiFunction<Workbench, Runnable, BenchScreen> bench, List<String> words, List<Mode> modes,
        List<Shot> shots) {

    public StationSpec {
        words = List.copyOf(words);
        modes = List.copyOf(modes);
        shots = List.copyOf(shots);
    }

    /**
     * Something that a station shows in place of what it shows at first.
     *
     * @param title  in US words
     * @param button the id of the button that shows it
     */
    public record Mode(String title, String button) {}
}
