package neatcorner.desktop;

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
final class OpeningView extends StationView {
    private @Nullable OpeningTools tools;

    OpeningView(Workbench bench, SlatePane slate) {
        super(bench, Station.OPENING, slate);
    }

    @Override
    void furnish() {
        super.furnish();
        OpeningTools made = new OpeningTools(bench());
        tools = made;
        addTools(made.controls());
    }

    @Override
    Figure figure(Plan plan) {
        return OpeningFigure.of(plan);
    }

    @Override
    void showTools(Plan plan, Notation notation) {
        OpeningTools shown = tools;
        if (shown != null) {
            shown.show(plan, notation);
        }
    }
}
