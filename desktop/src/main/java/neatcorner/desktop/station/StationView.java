package neatcorner.desktop.station;

import java.util.List;
import java.util.Locale;
import javafx.geometry.Orientation;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import neatcorner.desktop.desk.Workbench;
import neatcorner.desktop.draw.FigureView;
import neatcorner.drawing.Figure;
import neatcorner.job.Job;
import neatcorner.job.Reshape;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.measure.Notation;
import neatcorner.measure.Quantity;
import neatcorner.plan.Edit;
import neatcorner.plan.Field;
import neatcorner.plan.Plan;
import neatcorner.plan.Slate;
import neatcorner.plan.Station;
import neatcorner.planner.Chapters;

/** One station of the work: its drawing in the middle, and above it the few controls that have no place in the drawing. */
public abstract class StationView extends BorderPane {
    /** Room kept for the controls until they are there, so that the drawing does not jump. */
    private static final double UNFURNISHED = 88;

    /** The share of the station's height that its controls may take; with large text they scroll. */
    private static final double MOST_TOOLS = 0.45;

    private final Workbench bench;
    private final Station station;
    private final FigureView view = new FigureView();
    private final FlowPane tools = new FlowPane();
    private final VBox top = new VBox(tools);

    public StationView(Desk desk, Station station) {
        this.bench = desk.bench();
        this.station = station;
        getStyleClass().add("station");
        setId("station-" + station.name().toLowerCase(Locale.ROOT));
        tools.getStyleClass().add("tools");
        tools.setAlignment(Pos.CENTER_LEFT);
        tools.setMinHeight(UNFURNISHED);
        setTop(top);
        setCenter(view);
        view.setChanges(new FigureView.Changes() {
            @Override
            public void typed(Field field, Length length) {
                bench.change(field.title(), field.edit(length));
            }

            @Override
            public void dragged(Field field, Length length, boolean done) {
                Length possible = field.range().nearest(length);
                take(field.title(), field.edit(possible), done);
            }

            @Override
            public void cornerMoved(int corner, double dx, double dy, boolean done) {
                take("corner", Edit.job(job -> reshape(job).cornerMoved(corner, dx, dy)), done);
            }

            @Override
            public void cornerTurned(int corner, Angle interior) {
                bench.change("corner", job -> reshape(job).cornerTurned(corner, interior));
            }

            @Override
            public Length measure(Field field) {
                return field.in(bench.currentPlan());
            }

            @Override
            public void working(String name, Quantity value) {
                desk.explain(name, value);
            }
        });
    }

    /** Keeps a job, or only shows it while something is still being dragged. */
    private void take(String name, Edit change, boolean done) {
        if (done) {
            bench.change(name, change);
        } else {
            bench.preview(change);
        }
    }

    /** How the outline is changed here. */
    public Reshape reshape(Job job) {
        return new Reshape(job, false);
    }

    /** What the window works at. */
    public final Workbench bench() {
        return bench;
    }

    /** Which station it shows. */
    public final Station station() {
        return station;
    }

    /** Its drawing. */
    public final FigureView view() {
        return view;
    }

    /** Makes what the drawing can do without for a moment. Called once, before or soon after the view is first shown. */
    public void furnish() {
        ScrollPane scroll = new ScrollPane(top) {
            @Override
            public Orientation getContentBias() {
                return Orientation.HORIZONTAL;
            }

            @Override
            protected double computePrefHeight(double width) {
                double most = StationView.this.getHeight() * MOST_TOOLS;
                double whole = top.prefHeight(width);
                return most > 0 ? Math.min(whole, most) : whole;
            }
        };
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.getStyleClass().add("tools-scroll");
        setTop(scroll);
    }

    /** Adds tools over the drawing. */
    public final void addTools(Node... nodes) {
        addTools(List.of(nodes));
    }

    /** Adds tools over the drawing. */
    public final void addTools(List<Node> nodes) {
        tools.setMinHeight(USE_COMPUTED_SIZE);
        tools.getChildren().addAll(nodes);
    }

    /** The caution that stands at this station, while the work is in view. */
    public final void setCaution(String caution) {
        Label label = new Label("! " + caution);
        label.setWrapText(true);
        label.getStyleClass().add("caution");
        setBottom(label);
    }

    /** Puts the drawing in a frame of the station's own making. */
    public final void setBelowTools(Node node) {
        node.getStyleClass().add("below-tools");
        top.getChildren().setAll(tools, node);
    }

    /** Shows a plan: the drawing and the controls. */
    public final void show(Plan plan, Notation notation) {
        showTools(plan, notation);
        view.show(figure(plan), notation);
    }

    /** The figures that the hands need next here. */
    public Slate slate(Plan plan) {
        return Chapters.slate(plan, station);
    }

    /** The picture for a plan. */
    public abstract Figure figure(Plan plan);

    /** Brings the tools up to date. */
    public abstract void showTools(Plan plan, Notation notation);
}
