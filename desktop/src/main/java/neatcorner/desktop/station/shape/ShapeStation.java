package neatcorner.desktop.station.shape;

import java.util.Arrays;
import java.util.List;
import neatcorner.desktop.station.Shot;
import neatcorner.desktop.station.StationSpec;
import neatcorner.measure.Sentence;
import neatcorner.piece.CornerJoint;
import neatcorner.plan.Station;

/** What the window knows of this station. */
public final class ShapeStation {
    /** Its entry in the list of stations. */
    public static final StationSpec SPEC = new StationSpec(Station.SHAPE, ShapeView::new, null,
            ShapeTexts.FOUND_BY,
            List.of(new StationSpec.Mode(ShapeTexts.MODE_BODY, "body")),
            List.of(new Shot("3-shape", demo -> demo.open("compass-rose.json"))),
            Arrays.stream(CornerJoint.values()).map(joint -> new StationSpec.Thing(ShapeTexts.CORNER_JOINT,
                    Sentence.capital(joint.title()), "", bench -> bench.change(ShapeTexts.CHANGE_CORNER_JOINT,
                            job -> job.outline().isRectangle() ? job.withJoint(joint) : job)))
                    .toList());

    private ShapeStation() {}
}
