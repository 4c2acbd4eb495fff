package neatcorner.desktop.station.saw;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BiConsumer;
import java.util.function.BiFunction;
import java.util.function.ToDoubleFunction;
import java.util.function.UnaryOperator;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.Spinner;
import javafx.scene.layout.HBox;
import neatcorner.desktop.control.Controls;
import neatcorner.desktop.control.TypedNumber;
import neatcorner.desktop.desk.Workbench;
import neatcorner.desktop.station.StationMode;
import neatcorner.drawing.Figure;
import neatcorner.measure.Notation;
import neatcorner.measure.Physical;
import neatcorner.measure.Units;
import neatcorner.plan.Plan;
import neatcorner.plan.Slate;
import neatcorner.station.saw.SawSlates;
import neatcorner.station.saw.SeasonFigure;
import neatcorner.wood.Climate;
import org.jspecify.annotations.Nullable;

/** The air where the frame will hang, and what the year does to its miters. */
final class SeasonsMode implements StationMode {
    private final Workbench bench;
    private final List<Spinner<Double>> spinners = new ArrayList<>();
    private final List<BiConsumer<Climate, Units>> shows = new ArrayList<>();
    private final CheckBox flat = new CheckBox(SawTexts.FACES_FLAT_SAWN);
    private final List<Node> air;
    private final List<Node> tools;
    private boolean showing;

    SeasonsMode(Workbench bench) {
        this.bench = bench;
        flat.setId("flat-sawn");
        flat.setOnAction(e -> change(climate -> climate.withFlat(flat.isSelected())));
        air = List.of(
                Controls.captioned(SawTexts.DRIEST, temperature("dry", SawTexts.DRIEST_AIR, c -> c.dry().celsius(),
                        (c, v) -> c.withDry(new Climate.Air(v, c.dry().humidity())))),
                Controls.captioned(SawTexts.HUMID, spinner("dry-humidity", SawTexts.DRIEST_HUMIDITY_NUMBER, 1, 99, 1,
                        c -> c.dry().humidity(), (c, v) -> c.withDry(new Climate.Air(c.dry().celsius(), v)))),
                Controls.captioned(SawTexts.DAMPEST, temperature("damp", SawTexts.DAMPEST_AIR,
                        c -> c.damp().celsius(), (c, v) -> c.withDamp(new Climate.Air(v, c.damp().humidity())))),
                Controls.captioned(SawTexts.HUMID, spinner("damp-humidity", SawTexts.DAMPEST_HUMIDITY_NUMBER, 1, 99, 1,
                        c -> c.damp().humidity(), (c, v) -> c.withDamp(new Climate.Air(c.damp().celsius(), v)))));
        tools = new ArrayList<>(List.of(
                Controls.captioned(SawTexts.IT_WILL_HANG_IN,
                        place(SawTexts.HEATED_HOUSE, Climate.HEATED_HOUSE, "place-house")),
                place(SawTexts.UNHEATED_HALL, Climate.BY_THE_SEA, "place-sea"),
                place(SawTexts.STEADY_MUSEUM_AIR, Climate.STEADY, "place-steady"),
                place(SawTexts.NOT_SAID, null, "place-none")));
        tools.addAll(air);
        tools.add(Controls.captioned(SawTexts.GLUED_AT, spinner("glued", SawTexts.GLUED_AT, 0, 30, 0.5, Climate::glued,
                Climate::withGlued)));
        tools.add(flat);
    }

    private Node place(String name, @Nullable Climate climate, String id) {
        var chip = Controls.chip(name,
                () -> bench.change(SawTexts.CHANGE_WHERE_IT_HANGS,
                        job -> job.withChecks(job.checks().withPlace(climate))));
        chip.setId(id);
        return chip;
    }

    private Spinner<Double> spinner(String id, String what, double least, double most, double step,
            ToDoubleFunction<Climate> get, BiFunction<Climate, Double, Climate> set) {
        Spinner<Double> spinner = TypedNumber.decimal(id, what, least, most, step, bench::say);
        spinner.valueProperty().addListener((observed, old, now) -> {
            if (!showing && now != null) {
                change(climate -> set.apply(climate, now));
            }
        });
        spinners.add(spinner);
        shows.add((climate, units) -> spinner.getValueFactory().setValue(get.applyAsDouble(climate)));
        return spinner;
    }

    /** In the degrees of the shop's own system. */
    private HBox temperature(String id, String what, ToDoubleFunction<Climate> get,
            BiFunction<Climate, Double, Climate> set) {
        HBox box = new HBox(4);
        box.setAlignment(Pos.CENTER_LEFT);
        for (Units units : Units.values()) {
            Physical.Kind kind = Physical.Kind.TEMPERATURE;
            Spinner<Double> spinner = spinner(id + (units == Units.MILLIMETRES ? "-celsius" : "-fahrenheit"), what,
                    kind.in(units, -30), kind.in(units, 50), 1,
                    climate -> Math.round(kind.in(units, get.applyAsDouble(climate)) * 10) / 10.0,
                    (climate, degrees) -> set.apply(climate, kind.from(units, degrees)));
            HBox one = new HBox(4, spinner, new Label(kind.unit(units)));
            one.setAlignment(Pos.CENTER_LEFT);
            box.getChildren().add(one);
            shows.add((climate, shown) -> {
                one.setVisible(units == shown);
                one.setManaged(units == shown);
            });
        }
        return box;
    }

    private void change(UnaryOperator<Climate> change) {
        bench.change(SawTexts.CHANGE_WHERE_IT_HANGS, job -> {
            Climate place = job.checks().place();
            return place == null ? job : job.withChecks(job.checks().withPlace(change.apply(place)));
        });
    }

    @Override
    public List<Node> bar() {
        return tools;
    }

    @Override
    public void show(Plan plan, Notation notation) {
        showing = true;
        Climate place = plan.job().checks().place();
        air.forEach(each -> each.setDisable(place == null));
        flat.setDisable(place == null);
        spinners.forEach(spinner -> spinner.setDisable(place == null));
        Climate shown = place == null ? Climate.STEADY : place;
        shows.forEach(show -> show.accept(shown, notation.units()));
        if (place != null) {
            flat.setSelected(place.flat());
        }
        showing = false;
    }

    @Override
    public Figure figure(Plan plan) {
        return SeasonFigure.of(plan);
    }

    @Override
    public Slate slate(Plan plan) {
        return SawSlates.seasons(plan);
    }
}
