package neatcorner.desktop.app;

import java.util.List;
import neatcorner.desktop.station.StationSpec;
import neatcorner.desktop.station.corners.CornersStation;
import neatcorner.desktop.station.fitout.FitOutStation;
import neatcorner.desktop.station.glueup.GlueUpStation;
import neatcorner.desktop.station.hanging.HangingStation;
import neatcorner.desktop.station.opening.OpeningStation;
import neatcorner.desktop.station.saw.SawStation;
import neatcorner.desktop.station.section.SectionStation;
import neatcorner.desktop.station.shape.ShapeStation;
import neatcorner.desktop.station.sticks.SticksStation;

/** The stations of the window, in the order in which a maker passes them. */
final class Stations {
    static final List<StationSpec> ALL = List.of(OpeningStation.SPEC, SectionStation.SPEC, ShapeStation.SPEC,
            CornersStation.SPEC, SticksStation.SPEC, SawStation.SPEC, GlueUpStation.SPEC, FitOutStation.SPEC,
            HangingStation.SPEC);

    private Stations() {}
}
