package neatcorner.planner;

import java.util.List;
import neatcorner.plan.Station;
import neatcorner.station.Chapter;
import neatcorner.station.corners.CornersChapter;
import neatcorner.station.glueup.GlueUpChapter;
import neatcorner.station.opening.OpeningChapter;
import neatcorner.station.saw.SawChapter;
import neatcorner.station.section.SectionChapter;
import neatcorner.station.shape.ShapeChapter;
import neatcorner.station.sticks.SticksChapter;

/** The chapters of a plan, one a station. */
public final class Chapters {
    /** In the order in which their findings are read: what an outline makes impossible comes before what a section does. */
    public static final List<Chapter> ALL = List.of(new OpeningChapter(), new ShapeChapter(), new SectionChapter(),
            new CornersChapter(), new SticksChapter(), new SawChapter(), new GlueUpChapter());

    private Chapters() {}

    /** The chapter that is read at a station. */
    public static Chapter at(Station station) {
        return ALL.stream().filter(chapter -> chapter.station() == station).findFirst().orElseThrow();
    }
}
