package neatcorner.desktop.station;

import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import neatcorner.desktop.control.Mnemonics;
import neatcorner.desktop.control.ValueTag;
import neatcorner.desktop.desk.Workbench;
import neatcorner.desktop.draw.FigureView;
import neatcorner.drawing.Figure;
import neatcorner.job.Job;
import neatcorner.job.Reshape;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.measure.Notation;
import neatcorner.measure.Quantity;
import neatcorner.measure.Sentence;
import neatcorner.plan.Edit;
import neatcorner.plan.Field;
import neatcorner.plan.Plan;
import neatcorner.plan.Slate;
import neatcorner.plan.Station;
import neatcorner.planner.Chapters;
import org.jspecify.annotations.Nullable;

/** One station of the work: its drawing in the middle, and above it the few controls that have no place in the drawing. */
public abstract class StationView extends BorderPane {
    /** Room kept for the controls until they are there, so that the drawing does not jump. */
    private static final double UNFURNISHED = 52;

    /** The shares of the station's height that its controls may take, over the drawing and under it. */
    private static final double MOST_TOOLS = 0.45;
    private static final double MOST_UNDER = 0.4;
    private static final double BAR_INSETS = 24;

    private final Workbench bench;
    private final Station station;
    private final FigureView view = new FigureView();
    private final FlowPane tools = new FlowPane();
    private final VBox top = new VBox(tools);
    /** Keys go through parts in the order in which they lie here: tools come before the drawing. */
    private final StackPane over = new StackPane(top);
    private final VBox bottom = new VBox();
    private final FlowPane bar = new FlowPane();
    private final Label cautioned = new Label();

    public StationView(Desk desk, Station station) {
        this.bench = desk.bench();
        this.station = station;
        getStyleClass().add("station");
        setId("station-" + station.name().toLowerCase(Locale.ROOT));
        tools.getStyleClass().add("tools");
        tools.setAlignment(Pos.CENTER_LEFT);
        tools.setMinHeight(UNFURNISHED);
        setTop(over);
        setCenter(view);
        setBottom(bottom);
        cautioned.setWrapText(true);
        cautioned.setMaxWidth(Double.MAX_VALUE);
        cautioned.getStyleClass().add("caution");
        bar.getStyleClass().add("under-drawing");
        bar.setAlignment(Pos.CENTER_LEFT);
        bottom.getChildren().add(cautioned);
        view.setChanges(new FigureView.Changes() {
            @Override
            public void typed(Field field, Length length) {
                bench.change(field.title(), field.edit(length));
            }

            @Override
            public @Nullable String refusal(Edit edit) {
                return bench.refusal(edit);
            }

            @Override
            public void dragged(Field field, Length length, boolean done) {
                Length possible = field.range().nearest(length);
                take(field.title(), field.edit(possible), done);
            }

            @Override
            public void cornerMoved(int corner, double dx, double dy, boolean done) {
                take(movedName(), Edit.job(job -> StationView.this.dragged(job, corner, dx, dy)), done);
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
            public void thing(String key, Node at) {
                StationView.this.pressed(key, at);
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

    /** The job with something moved by so many millimetres, to the right and down, that is taken hold of by its middle. */
    public Job dragged(Job job, int corner, double dx, double dy) {
        return reshape(job).cornerMoved(corner, dx, dy);
    }

    /** What that changes, as it stands in the list of what can be undone. */
    public String movedName() {
        return BenchTexts.CORNER;
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
        over.getChildren().setAll(new AtMost(this, top, MOST_TOOLS));
    }

    /** Adds tools over the drawing. */
    public final void addTools(Node... nodes) {
        addTools(List.of(nodes));
    }

    /** Adds tools over the drawing. */
    public final void addTools(List<Node> nodes) {
        tools.setMinHeight(USE_COMPUTED_SIZE);
        tools.getChildren().addAll(nodes);
        Mnemonics.give(tools.getChildren());
    }

    /** The plan whose cautions stand at this station: of what is looked at there. */
    public Plan cautioned(Plan plan) {
        return plan;
    }

    /** Opens the card in which a field is, and gives its box; null when it is in none. */
    public @Nullable ValueTag reveal(Field field) {
        for (Node node : lookupAll(".card-button")) {
            if (node instanceof CardButton button && button.part(boxId(field)) instanceof ValueTag box) {
                button.toggle();
                return box;
            }
        }
        return null;
    }

    /** The id of a field's box. */
    public static String boxId(Field field) {
        return "field-" + field.id().replace('.', '-').replace(' ', '-');
    }

    /** A thing of the drawing was pressed, which may have choices of its own. */
    public void pressed(String key, Node at) {}

    /** Puts something below the drawing, above the caution. */
    public final void setUnderDrawing(Region node) {
        bottom.getChildren().addFirst(new AtMost(this, node, MOST_UNDER));
    }

    /** Adds to the bar below the drawing, where what is shown is stepped through or measured. */
    public final void addUnderDrawing(List<? extends Node> nodes) {
        bar.getChildren().addAll(nodes);
        for (Node node : nodes) {
            if (node instanceof Label label) {
                label.setWrapText(true);
                label.maxWidthProperty().bind(bar.widthProperty().subtract(BAR_INSETS));
            }
        }
        if (!bottom.getChildren().contains(bar)) {
            bar.setMinWidth(0);
            bottom.getChildren().add(bottom.getChildren().indexOf(cautioned), bar);
        }
    }

    /** The bar takes no room while nothing in it is shown. */
    private void fitBar() {
        boolean any = bar.getChildren().stream().anyMatch(Node::isVisible);
        bar.setVisible(any);
        bar.setManaged(any);
    }

    /** Puts the drawing in a frame of the station's own making. */
    public final void setBelowTools(Node node) {
        node.getStyleClass().add("below-tools");
        top.getChildren().setAll(tools, node);
    }

    /** The chapter's cautions; of them those about what is shown, where the station shows one thing after another. */
    public List<Sentence> cautions(Plan plan) {
        return Chapters.at(station).cautions(cautioned(plan));
    }

    /** Cautions in one paragraph; empty where there are none. */
    static String joined(List<Sentence> cautions, Notation notation) {
        return cautions.stream().map(each -> each.in(notation)).collect(Collectors.joining(" "));
    }

    /** Shows a plan: the drawing and the controls. */
    public final void show(Plan plan, Notation notation) {
        String caution = joined(cautions(plan), notation);
        cautioned.setText("! " + caution);
        cautioned.setVisible(!caution.isEmpty());
        cautioned.setManaged(!caution.isEmpty());
        showTools(plan, notation);
        fitBar();
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
