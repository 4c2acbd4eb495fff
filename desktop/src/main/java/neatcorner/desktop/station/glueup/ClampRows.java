package neatcorner.desktop.station.glueup;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.control.Label;
import javafx.scene.control.Spinner;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import neatcorner.desktop.control.Controls;
import neatcorner.desktop.control.LengthBox;
import neatcorner.desktop.control.TypedNumber;
import neatcorner.desktop.desk.Workbench;
import neatcorner.glueup.Clamp;
import neatcorner.measure.Notation;
import neatcorner.measure.Physical;
import neatcorner.measure.Sentence;
import neatcorner.plan.Plan;
import neatcorner.station.glueup.ClampFields;

/** The shop's clamps, a row a kind: what they reach, and how hard they pull by their maker's word. */
final class ClampRows extends VBox {
    private static final double MOST = 50_000;

    private final Workbench bench;
    private final List<Row> rows = new ArrayList<>();
    private boolean showing;

    private record Row(Label name, LengthBox reach, Spinner<Double> force, Label unit) {}

    ClampRows(Workbench bench) {
        this.bench = bench;
        getStyleClass().add("ordered");
        setId("clamp-rows");
    }

    private Row row(int index) {
        Spinner<Double> force = TypedNumber.decimal("clamp-force-" + index, GlueUpTexts.CLAMP_PULLS, 0, MOST, 50,
                bench::say);
        force.valueProperty().addListener((observed, old, now) -> {
            if (!showing && now != null) {
                double newtons = Physical.Kind.FORCE.from(bench.notation().get().units(), now);
                bench.changeShop(GlueUpTexts.CHANGE_CLAMPS, shop -> ClampFields.withForce(shop, index, newtons));
            }
        });
        Row row = new Row(new Label(), new LengthBox(bench, ClampFields.reach(index), GlueUpTexts.CLAMP_REACHES), force,
                new Label());
        row.name.getStyleClass().add("caption");
        HBox line = Controls.captioned(GlueUpTexts.CLAMP_PULLS, force, row.unit);
        HBox all = new HBox(row.name, row.reach, line);
        all.getStyleClass().add("captioned");
        getChildren().add(all);
        return row;
    }

    void show(Plan plan, Notation notation) {
        List<Clamp> clamps = plan.shop().clamps();
        if (rows.size() > clamps.size()) {
            rows.clear();
            getChildren().clear();
        }
        showing = true;
        for (int i = 0; i < clamps.size(); i++) {
            if (i == rows.size()) {
                rows.add(row(i));
            }
            Row row = rows.get(i);
            row.name.setText(Sentence.capital(clamps.get(i).name()));
            row.reach.show(plan, notation);
            double shown = Physical.Kind.FORCE.in(notation.units(), clamps.get(i).force());
            if (!row.force.isFocused()) {
                row.force.getValueFactory().setValue((double) Math.round(shown));
            }
            row.unit.setText(Physical.Kind.FORCE.unit(notation.units()));
        }
        showing = false;
    }
}
