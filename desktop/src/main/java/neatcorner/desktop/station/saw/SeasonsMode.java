package neatcorner.desktop.station.saw;

import java.util.List;
import java.util.function.BiFunction;
import java.util.function.ToDoubleFunction;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Spinner;
import javafx.scene.layout.HBox;
import neatcorner.desktop.control.Controls;
import neatcorner.desktop.control.TypedNumber;
import neatcorner.desktop.desk.Workbench;
import neatcorner.desktop.station.StationMode;
import neatcorner.drawing.Figure;
import neatcorner.measure.Notation;
import neatcorner.plan.Plan;
import neatcorner.plan.Slate;
import neatcorner.station.saw.SawSlates;
import neatcorner.station.saw.SeasonFigure;
import neatcorner.wood.Climate;
import org.jspecify.annotations.Nullable;

/** The air where the frame will hang, and what the year does to its miters. */
final class SeasonsMode implements StationMode {
    private final Workbench bench;
    private final List<Spinner<Double>> spinners;
    private final CheckBox flat = new CheckBox(SawWords.FACES_FLAT_SAWN);
    private final HBox air;
    private final List<Node> tools;
    private final List<ToDoubleFunction<Climate>> gets = List.of(climate -> climate.dry().celsius(),
            climate -> climate.dry().humidity(), climate -> climate.damp().celsius(),
            climate -> climate.damp().humidity(), Climate::glued);
    private boolean showing;

    SeasonsMode(Workbench bench) {
        this.bench = bench;
        spinners = List.of(
                spinner("dry-celsius", SawWords.DRIEST_NUMBER, -30, 50, 1,
                        (c, v) -> c.withDry(new Climate.Air(v, c.dry().humidity()))),
                spinner("dry-humidity", SawWords.DRIEST_HUMIDITY_NUMBER, 1, 99, 1,
                        (c, v) -> c.withDry(new Climate.Air(c.dry().celsius(), v))),
                spinner("damp-celsius", SawWords.DAMPEST_NUMBER, -30, 50, 1,
                        (c, v) -> c.withDamp(new Climate.Air(v, c.damp().humidity()))),
                spinner("damp-humidity", SawWords.DAMPEST_HUMIDITY_NUMBER, 1, 99, 1,
                        (c, v) -> c.withDamp(new Climate.Air(c.damp().celsius(), v))),
                spinner("glued", SawWords.GLUED_AT, 0, 30, 0.5, Climate::withGlued));
        flat.setId("flat-sawn");
        flat.setOnAction(e -> change(climate -> climate.withFlat(flat.isSelected())));
        air = new HBox(Controls.captioned(SawWords.DRIEST, spinners.get(0)),
                Controls.captioned(SawWords.HUMID, spinners.get(1)),
                Controls.captioned(SawWords.DAMPEST, spinners.get(2)),
                Controls.captioned(SawWords.HUMID, spinners.get(3)));
        air.getStyleClass().add("captioned");
        tools = List.of(
                Controls.captioned(SawWords.IT_WILL_HANG_IN,
                        place(SawWords.HEATED_HOUSE, Climate.HEATED_HOUSE, "place-house"),
                        place(SawWords.UNHEATED_HALL, Climate.BY_THE_SEA, "place-sea"),
                        place(SawWords.STEADY_MUSEUM_AIR, Climate.STEADY, "place-steady"),
                        place(SawWords.NOT_SAID, null, "place-none")),
                air,
                Controls.captioned(SawWords.GLUED_AT, spinners.get(4)), flat);
    }

    private Node place(String name, @Nullable Climate climate, String id) {
        var chip = Controls.chip(name,
                () -> bench.change(SawWords.CHANGE_WHERE_IT_HANGS,
                        job -> job.withChecks(job.checks().withPlace(climate))));
        chip.setId(id);
        return chip;
    }

    private Spinner<Double> spinner(String id, String what, double least, double most, double step,
            BiFunction<Climate, Double, Climate> set) {
        Spinner<Double> spinner = TypedNumber.decimal(id, what, least, most, step, bench::say);
        spinner.valueProperty().addListener((observed, old, now) -> {
            if (!showing && now != null) {
                change(climate -> set.apply(climate, now));
            }
        });
        return spinner;
    }

    private void change(UnaryOperator<Climate> change) {
        bench.change(SawWords.CHANGE_WHERE_IT_HANGS, job -> {
            Climate place = job.checks().place();
            return place == null ? job : job.withChecks(job.checks().withPlace(change.apply(place)));
        });
    }

    @Override
    public List<Node> tools() {
        return tools;
    }

    @Override
    public void show(Plan plan, Notation notation) {
        showing = true;
        Climate place = plan.job().checks().place();
        air.setDisable(place == null);
        flat.setDisable(place == null);
        spinners.get(4).setDisable(place == null);
        if (place != null) {
            for (int i = 0; i < spinners.size(); i++) {
                spinners.get(i).getValueFactory().setValue(gets.get(i).applyAsDouble(place));
            }
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
