package neatcorner.desktop.station.shape;

import javafx.scene.control.CheckBox;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.MouseEvent;
import neatcorner.desktop.desk.Workbench;
import neatcorner.desktop.station.Desk;
import neatcorner.desktop.station.StationView;
import neatcorner.drawing.Figure;
import neatcorner.job.Job;
import neatcorner.job.Reshape;
import neatcorner.measure.Notation;
import neatcorner.outline.Shape;
import neatcorner.plan.Plan;
import neatcorner.plan.Station;
import neatcorner.station.shape.ShapeFigure;
import neatcorner.station.shape.SolidFigure;

/** Station 3: the outline, with corners to drag, angles and sides to type. */
public final class ShapeView extends StationView {
    private final ShapeTools tools;
    /** Radians that a pixel of dragging turns the body. */
    private static final double PER_PIXEL = 0.008;
    private static final double MOST_PITCH = 1.4;

    private final ToggleButton body = new ToggleButton(ShapeTexts.PUT_TOGETHER);
    private double yaw = 0.55;
    private double pitch = 0.4;
    private double pressedX;
    private double pressedY;
    private final CheckBox mirrored = new CheckBox(ShapeTexts.BOTH_HALVES_ALIKE);

    public ShapeView(Desk desk) {
        super(desk, Station.SHAPE);
        Workbench bench = desk.bench();
        mirrored.setId("mirrored");
        mirrored.setOnAction(e -> show(bench.currentPlan(), bench.notation().get()));
        tools = new ShapeTools(bench, view());
        addTools(tools.controls());
        body.setId("body");
        body.getStyleClass().add("chip");
        body.setOnAction(e -> show(bench.currentPlan(), bench.notation().get()));
        addTools(mirrored, body);
        addUnderDrawing(tools.bar());
        view().addEventHandler(MouseEvent.MOUSE_PRESSED, e -> {
            pressedX = e.getX() - yaw / PER_PIXEL;
            pressedY = e.getY() - pitch / PER_PIXEL;
        });
        view().addEventHandler(MouseEvent.MOUSE_DRAGGED, this::turn);
        setBelowTools(tools.editor());
    }

    private void turn(MouseEvent e) {
        if (body.isSelected()) {
            yaw = (e.getX() - pressedX) * PER_PIXEL;
            pitch = Math.max(-MOST_PITCH, Math.min(MOST_PITCH, (e.getY() - pressedY) * PER_PIXEL));
            view().show(figure(bench().currentPlan()), bench().notation().get());
        }
    }

    @Override
    public Reshape reshape(Job job) {
        return new Reshape(job, mirrored.isSelected());
    }

    @Override
    public Figure figure(Plan plan) {
        return body.isSelected() ? SolidFigure.of(plan, yaw, pitch) : ShapeFigure.of(plan, mirrored.isSelected());
    }

    @Override
    public void showTools(Plan plan, Notation notation) {
        tools.show(plan, notation);
        boolean free = plan.job().outline().shape() instanceof Shape.Polygon;
        mirrored.setVisible(free);
        mirrored.setManaged(free);
    }
}
