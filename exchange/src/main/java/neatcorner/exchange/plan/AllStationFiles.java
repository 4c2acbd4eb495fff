package neatcorner.exchange.plan;

import java.util.List;
import neatcorner.exchange.station.StationFiles;
import neatcorner.exchange.station.corners.CornersFiles;
import neatcorner.exchange.station.fitout.FitOutFiles;
import neatcorner.exchange.station.glueup.GlueUpFiles;
import neatcorner.exchange.station.hanging.HangingFiles;
import neatcorner.exchange.station.opening.OpeningFiles;
import neatcorner.exchange.station.saw.SawFiles;
import neatcorner.exchange.station.section.SectionFiles;
import neatcorner.exchange.station.shape.ShapeFiles;
import neatcorner.exchange.station.sticks.SticksFiles;

/** What all stations give to files, in the order of the work. */
public final class AllStationFiles {
    /** One of each. */
    public static final List<StationFiles> ALL = List.of(new OpeningFiles(), new SectionFiles(), new ShapeFiles(),
            new CornersFiles(), new SticksFiles(), new SawFiles(), new GlueUpFiles(), new FitOutFiles(),
            new HangingFiles());

    private AllStationFiles() {}
}
