package neatcorner.desktop;

import javafx.scene.control.CheckBox;
import neatcorner.figure.Figure;
import neatcorner.figure.ShapeFigure;
import neatcorner.measure.Notation;
import neatcorner.plan.Plan;
import neatcorner.plan.Reshape;
import neatcorner.plan.Station;

/** Station 3: the outline, with corners to drag, angles and sides to type. */
final class ShapeView extends StationView {
    private final ShapeTools tools;
    private final CheckBox mirrored = new CheckBox("both halves alike");

    ShapeView(Workbench bench, SlatePane slate) {
        super(bench, Station.SHAPE, slate);
        mirrored.setId("mirrored");
        mirrored.setOnAction(e -> show(bench.currentPlan(), bench.notation().get()));
        tools = new ShapeTools(bench);
        addTools(tools.controls());
        addTools(mirrored);
        setBelowTools(tools.editor());
    }

    @Override
    Reshape reshape() {
        return new Reshape(bench().job(), mirrored.isSelected());
    }

    @Override
    Figure figure(Plan plan) {
        return ShapeFigure.of(plan, mirrored.isSelected());
    }

    @Override
    void showTools(Plan plan, Notation notation) {
        tools.show(plan, notation);
        boolean free = plan.job().outline().shape() instanceof neatcorner.outline.Shape.Polygon;
        mirrored.setVisible(free);
        mirrored.setManaged(free);
    }
}
