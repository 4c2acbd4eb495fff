package neatcorner.desktop.station.corners;

import java.util.List;
import javafx.geometry.VPos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import neatcorner.desktop.control.Controls;
import neatcorner.desktop.desk.Later;
import neatcorner.desktop.desk.Workbench;
import neatcorner.desktop.station.AtRing;
import neatcorner.measure.Notation;
import neatcorner.measure.Physical;
import neatcorner.measure.Scalar;
import neatcorner.plan.Plan;
import neatcorner.station.corners.WayToJoin;

/** Two ways to hold the corners side by side: the one that the job has, and one of the schools. */
final class ComparePane extends GridPane {
    private final Workbench bench;
    private final AtRing at;
    private final ToggleButton toggle = new ToggleButton(CornersTexts.COMPARE);
    private final MenuButton others = new MenuButton(CornersTexts.OTHER_WAY);
    private int other = 1;
    private final Later<Plan, List<WayToJoin>> ways;

    ComparePane(Workbench bench, AtRing at, Runnable refresh) {
        this.bench = bench;
        this.at = at;
        ways = new Later<>(bench, List.of(), (plan, search) -> WayToJoin.schools(plan), refresh);
        toggle.setId("compare");
        toggle.getStyleClass().add("chip");
        toggle.setOnAction(e -> refresh.run());
        others.setId("other-way");
        setId("compare-pane");
        getStyleClass().add("compare");
        setHgap(18);
        setVgap(3);
        ColumnConstraints names = new ColumnConstraints();
        names.setMinWidth(92);
        ColumnConstraints half = new ColumnConstraints();
        half.setPercentWidth(43);
        getColumnConstraints().addAll(names, half, half);
    }

    ToggleButton toggle() {
        return toggle;
    }

    boolean isOpen() {
        return toggle.isSelected();
    }

    void show(Plan plan, Notation notation) {
        setVisible(isOpen());
        setManaged(isOpen());
        if (!isOpen()) {
            return;
        }
        List<WayToJoin> schools = ways.of(plan);
        if (schools.isEmpty()) {
            getChildren().clear();
            return;
        }
        other = Math.min(other, schools.size() - 1);
        others.getItems().setAll(schools.stream().map(way -> {
            MenuItem item = new MenuItem(notation.words(way.name()));
            item.setOnAction(e -> {
                other = schools.indexOf(way);
                show(at.plan(), bench.notation().get());
            });
            return item;
        }).toList());
        WayToJoin now = WayToJoin.of(plan);
        WayToJoin way = schools.get(other);
        getChildren().clear();
        Button take = Controls.chip(CornersTexts.TAKE_THIS, () -> at.change(CornersTexts.CHANGE_WAY_TO_JOIN,
                job -> job.withJoint(way.joint()).withReinforcement(way.reinforcement())));
        take.setId("take-way");
        header(CornersTexts.AS_IT_IS.formatted(notation.words(now.name())));
        others.setText(notation.words(way.name()));
        HBox second = new HBox(others, take);
        second.setSpacing(8);
        add(second, 2, 0);
        row(1, CornersTexts.GLUE_LONG_GRAIN, area(now.glue().longGrain(), notation),
                area(way.glue().longGrain(), notation));
        row(2, CornersTexts.GLUE_END_GRAIN, area(now.glue().endGrain(), notation),
                area(way.glue().endGrain(), notation));
        row(3, CornersTexts.SHOWS, now.shows(), way.shows());
        row(4, CornersTexts.TOOLS, tools(now), tools(way));
        row(5, CornersTexts.TIME, minutes(now, notation), minutes(way, notation));
        row(6, CornersTexts.FOR, String.join(" ", now.reasons()), String.join(" ", way.reasons()));
        row(7, CornersTexts.AGAINST, String.join(" ", now.against()), String.join(" ", way.against()));
    }

    private void header(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("compare-head");
        add(label, 1, 0);
    }

    private static String area(double area, Notation notation) {
        return CornersTexts.A_CORNER.formatted(notation.text(Physical.area(area)));
    }

    private static String tools(WayToJoin way) {
        return way.tools().isEmpty() ? CornersTexts.SAW_AND_GLUE : String.join(", ", way.tools());
    }

    private static String minutes(WayToJoin way, Notation notation) {
        return notation.text(new Scalar(way.minutes(), CornersTexts.MINUTES_A_FRAME, 0))
                + (way.fits() ? "" : CornersTexts.DOES_NOT_FIT_YET);
    }

    private void row(int row, String name, String first, String second) {
        Label label = new Label(name);
        label.getStyleClass().add("caption");
        GridPane.setValignment(label, VPos.TOP);
        add(label, 0, row);
        add(text(first), 1, row);
        add(text(second), 2, row);
    }

    private static Label text(String text) {
        Label label = new Label(text);
        label.setWrapText(true);
        GridPane.setValignment(label, VPos.TOP);
        return label;
    }
}
