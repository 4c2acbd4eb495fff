package neatcorner.desktop.station.section;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.UnaryOperator;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import neatcorner.desktop.control.BuiltFrom;
import neatcorner.desktop.control.Controls;
import neatcorner.desktop.desk.Workbench;
import neatcorner.desktop.station.CardButton;
import neatcorner.desktop.station.Desk;
import neatcorner.fitout.Layer;
import neatcorner.fitout.Material;
import neatcorner.fitout.Pack;
import neatcorner.job.Job;
import neatcorner.measure.Notation;
import neatcorner.measure.Sentence;
import neatcorner.measure.Units;

/** What lies in the rabbet, from the front: each layer can be taken out, or more put in at their usual thickness. */
final class PackCard {
    private final Workbench bench;
    private final VBox layers = new VBox(2);
    private final FlowPane more = new FlowPane();
    private final CardButton button;
    private final BuiltFrom built = new BuiltFrom();

    PackCard(Desk desk) {
        bench = desk.bench();
        more.getStyleClass().add("card-fields");
        button = new CardButton(desk, "pack", SectionTexts.PACK, SectionTexts.FROM_THE_FRONT,
                List.of(layers, more));
    }

    CardButton button() {
        return button;
    }

    void show(Job job, Notation notation) {
        if (!built.changed(job.pack(), job.units(), notation)) {
            return;
        }
        List<Node> rows = new ArrayList<>();
        List<Layer> now = job.pack().layers();
        for (int i = 0; i < now.size(); i++) {
            rows.add(row(i, now.get(i), notation));
        }
        layers.getChildren().setAll(rows);
        Units units = job.units();
        List<Layer> usual = new ArrayList<>(List.of(new Layer.Glazing(Material.GLASS, units.either(2, 3.0 / 32)),
                new Layer.Glazing(Material.ACRYLIC, units.either(3, 1.0 / 8)),
                new Layer.Spacers(units.either(3, 1.0 / 8)), new Layer.Art(units.either(0.3, 1.0 / 64))));
        Material.BACKINGS.forEach(material -> usual.add(new Layer.Backing(material, units.either(3, 1.0 / 8))));
        more.getChildren().setAll(usual.stream().map(layer -> putIn(layer, notation)).toList());
    }

    private Node row(int index, Layer layer, Notation notation) {
        Label name = new Label(notation.words(Sentence.capital(layer.within())) + "  "
                + notation.text(layer.thickness()));
        HBox.setHgrow(name, Priority.ALWAYS);
        name.setMaxWidth(Double.MAX_VALUE);
        Button out = Controls.chip(SectionTexts.TAKE_OUT, () -> change(pack -> index < pack.layers().size()
                && pack.layers().get(index).equals(layer) ? pack.without(index) : pack));
        out.setId("pack-out-" + index);
        out.setAccessibleText(SectionTexts.TAKE_OUT + ": " + name.getText());
        HBox row = new HBox(12, name, out);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    private Node putIn(Layer layer, Notation notation) {
        Button in = Controls.chip(notation.words(SectionTexts.PUT_IN.formatted(layer.within())),
                () -> change(pack -> pack.plus(layer)));
        in.setId("pack-in-" + layer.within().toLowerCase(Locale.ROOT).replace(' ', '-'));
        return in;
    }

    private void change(UnaryOperator<Pack> change) {
        bench.change(SectionTexts.CHANGE_PACK, job -> job.withPack(change.apply(job.pack())));
    }
}
