package neatcorner.planner;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import neatcorner.measure.Reading;
import neatcorner.plan.Derived;
import neatcorner.plan.Plan;
import neatcorner.plan.Slate;
import neatcorner.plan.Station;
import neatcorner.station.Chapter;
import neatcorner.station.corners.CornersChapter;
import neatcorner.station.fitout.FitOutChapter;
import neatcorner.station.glueup.GlueUpChapter;
import neatcorner.station.hanging.HangingChapter;
import neatcorner.station.opening.OpeningChapter;
import neatcorner.station.saw.SawChapter;
import neatcorner.station.section.SectionChapter;
import neatcorner.station.shape.ShapeChapter;
import neatcorner.station.sticks.SticksChapter;

/** The chapters of a plan, one a station. */
public final class Chapters {
    /** In the order in which their findings are read: what an outline makes impossible comes before what a section does. */
    public static final List<Chapter> ALL = List.of(new OpeningChapter(), new ShapeChapter(), new SectionChapter(),
            new CornersChapter(), new SticksChapter(), new SawChapter(), new GlueUpChapter(),
            new FitOutChapter(), new HangingChapter());

    private static final Map<Station, Derived<Slate>> SLATES = ALL.stream()
            .collect(Collectors.toMap(Chapter::station, chapter -> new Derived<>(chapter::slate)));

    private Chapters() {}

    /** What stands on a station's slate, put together once for a plan. */
    public static Slate slate(Plan plan, Station station) {
        return Objects.requireNonNull(plan.derived(Objects.requireNonNull(SLATES.get(station))));
    }

    /** The figure of that name, on whichever slate it stands, with how it came about. */
    public static Optional<Reading> reading(Plan plan, String name) {
        return Stream.of(Station.values()).flatMap(station -> slate(plan, station).reading(name).stream()).findFirst();
    }

    /** The chapter that is read at a station. */
    public static Chapter at(Station station) {
        return ALL.stream().filter(chapter -> chapter.station() == station).findFirst().orElseThrow();
    }
}
