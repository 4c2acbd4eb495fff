package neatcorner.desktop.station;

import java.util.List;
import java.util.function.BiFunction;
import java.util.function.Consumer;
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
 * @param things what can be chosen there, for the finder
 */
public record StationSpec(Station station, Function<Desk, StationView> view,
        @Nullable BiFunction<Workbench, Runnable, BenchScreen> bench, List<String> words, List<Mode> modes,
        List<Shot> shots, List<Thing> things) {

    /** Of a station that has nothing to be found but itself, its fields and what it shows. */
    public StationSpec(Station station, Function<Desk, StationView> view,
            @Nullable BiFunction<Workbench, Runnable, BenchScreen> bench, List<String> words, List<Mode> modes,
            List<Shot> shots) {
        this(station, view, bench, words, modes, shots, List.of());
    }

    public StationSpec {
        things = List.copyOf(things);
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

    /**
     * Something that is chosen or done at a station: a joint, a glue.
     *
     * @param kind   what sort of thing it is, in US words
     * @param title  what it is called, in US words
     * @param also   other words that lead to it
     * @param take   chooses it
     * @param button the id of the button there that is pressed for it instead; null where none is
     */
    public record Thing(String kind, String title, String also, Consumer<Workbench> take, @Nullable String button) {

        /** That is chosen away from the station's own buttons. */
        public Thing(String kind, String title, String also, Consumer<Workbench> take) {
            this(kind, title, also, take, null);
        }

        /** That is done by pressing a button of the station. */
        public static Thing pressed(String kind, String title, String also, String button) {
            return new Thing(kind, title, also, bench -> {}, button);
        }
    }
}
