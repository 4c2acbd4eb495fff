package neatcorner.desktop.shell;

import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import neatcorner.desktop.desk.Workbench;
import neatcorner.desktop.station.StationSpec;
import neatcorner.plan.Level;
import neatcorner.plan.Plan;
import neatcorner.plan.Station;

/** The stations, in the order of the work, each with the shape and number of its gravest findings. */
final class StationRail extends VBox {
    private final Workbench bench;
    private final ToggleGroup stations = new ToggleGroup();
    private final Map<Station, Label> signs = new EnumMap<>(Station.class);
    private final Map<Station, ToggleButton> buttons = new EnumMap<>(Station.class);

    StationRail(Workbench bench) {
        this.bench = bench;
        getStyleClass().add("rail");
    }

    /** Makes its buttons. */
    void furnish(List<StationSpec> specs) {
        specs.forEach(spec -> add(spec.station()));
    }

    private void add(Station station) {
        Label number = new Label(String.valueOf(getChildren().size() + 1));
        number.getStyleClass().add("rail-number");
        Label name = new Label(bench.notation().get().words(station.title()));
        name.getStyleClass().add("rail-name");
        Label sign = new Label();
        sign.getStyleClass().add("rail-sign");
        signs.put(station, sign);
        HBox content = new HBox(number, name, sign);
        content.setAlignment(Pos.CENTER_LEFT);
        content.getStyleClass().add("rail-content");
        ToggleButton button = new ToggleButton();
        button.setGraphic(content);
        button.setToggleGroup(stations);
        button.setId("rail-" + station.name().toLowerCase(Locale.ROOT));
        button.setMaxWidth(Double.MAX_VALUE);
        Tooltip told = new Tooltip();
        told.textProperty().bind(button.accessibleTextProperty());
        button.setTooltip(told);
        button.setOnAction(e -> bench.station().set(station));
        buttons.put(station, button);
        getChildren().add(button);
    }

    /** Shows where one is, and what a plan says of each station. */
    void show(Plan plan) {
        buttons.forEach((station, button) -> show(station, button, plan));
    }

    private void show(Station station, ToggleButton button, Plan plan) {
        Label sign = signs.get(station);
        if (sign == null) {
            return;
        }
        button.setSelected(station == bench.station().get());
        Level level = FindingsPane.gravest(plan, station);
        String styled = level == null ? "fine" : level.code();
        int count = FindingsPane.count(plan, station);
        sign.setText(level == null ? "✓" : switch (level) {
            case STOP -> "■ ";
            case CHECK -> "▲ ";
            case NOTE -> "● ";
        } + count);
        if (!sign.getStyleClass().getLast().equals(styled)) {
            sign.getStyleClass().setAll("rail-sign", styled);
        }
        button.setAccessibleText(bench.notation().get().words(station.title()) + ": " + styled
                + (count > 1 ? ", " + count : ""));
    }
}
