package neatcorner.desktop.station.opening;

import neatcorner.desktop.station.Desk;
import neatcorner.desktop.station.StationView;
import neatcorner.drawing.Figure;
import neatcorner.measure.Notation;
import neatcorner.plan.Plan;
import neatcorner.plan.Station;
import neatcorner.station.opening.OpeningFigure;
import org.jspecify.annotations.Nullable;

/**
 * Station 1: what is to be framed, and all sizes that follow. The window opens here, so the drawing comes first and the
 * controls a moment later.
 */
public final class OpeningView extends StationView {
    private final Desk desk;
    private @Nullable OpeningTools tools;

    public OpeningView(Desk desk) {
        super(desk, Station.OPENING);
        this.desk = desk;
    }

    @Override
    public void furnish() {
        super.furnish();
        OpeningTools made = new OpeningTools(desk);
        tools = made;
        addTools(made.controls());
    }

    @Override
    public Figure figure(Plan plan) {
        return OpeningFigure.of(plan);
    }

    @Override
    public void showTools(Plan plan, Notation notation) {
        OpeningTools shown = tools;
        if (shown != null) {
            shown.show(plan, notation);
        }
    }
}
