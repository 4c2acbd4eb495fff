package neatcorner.desktop.app;

import java.util.List;
import java.util.function.BiFunction;
import neatcorner.desktop.desk.Workbench;
import neatcorner.desktop.station.BenchScreen;
import neatcorner.desktop.station.StationSpec;
import neatcorner.desktop.station.corners.CornersView;
import neatcorner.desktop.station.glueup.GlueBench;
import neatcorner.desktop.station.glueup.GlueUpView;
import neatcorner.desktop.station.opening.OpeningView;
import neatcorner.desktop.station.saw.BenchView;
import neatcorner.desktop.station.saw.SawView;
import neatcorner.desktop.station.section.SectionView;
import neatcorner.desktop.station.shape.ShapeView;
import neatcorner.desktop.station.sticks.SticksView;
import neatcorner.plan.Station;

/** The stations of the window, in the order in which a maker passes them. */
final class Stations {
    private static final BiFunction<Workbench, Runnable, BenchScreen> CUTS = BenchView::new;

    static final List<StationSpec> ALL = List.of(
            new StationSpec(Station.OPENING, OpeningView::new, CUTS),
            new StationSpec(Station.SECTION, SectionView::new, CUTS),
            new StationSpec(Station.SHAPE, ShapeView::new, CUTS),
            new StationSpec(Station.CORNERS, CornersView::new, CUTS),
            new StationSpec(Station.STICKS, SticksView::new, CUTS),
            new StationSpec(Station.SAW, SawView::new, CUTS),
            new StationSpec(Station.GLUE_UP, GlueUpView::new, GlueBench::new));

    private Stations() {}
}
