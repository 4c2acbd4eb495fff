package neatcorner.desktop.station.section;

import java.util.List;
import java.util.function.UnaryOperator;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.ToggleButton;
import neatcorner.desktop.desk.Workbench;
import neatcorner.desktop.station.Desk;
import neatcorner.desktop.station.StationView;
import neatcorner.drawing.Figure;
import neatcorner.fitout.Layer;
import neatcorner.fitout.Material;
import neatcorner.job.Job;
import neatcorner.measure.Length;
import neatcorner.measure.Notation;
import neatcorner.measure.Sentence;
import neatcorner.measure.Units;
import neatcorner.plan.Plan;
import neatcorner.plan.Slate;
import neatcorner.plan.Station;
import neatcorner.section.Rabbet;
import neatcorner.section.RabbetWay;
import neatcorner.station.section.MillingSlate;
import neatcorner.station.section.SectionFigure;
import neatcorner.station.section.SectionLook;

/** Station 2: the stick's end, with the pack lying in its rabbet. */
public final class SectionView extends StationView {
    private final WoodPicker wood;
    private final CheckMenuItem doubleRabbet = new CheckMenuItem();
    private final MenuButton pack = new MenuButton(SectionWords.PACK);
    private final MenuButton way = new MenuButton();
    private final MenuButton blank = new MenuButton(SectionWords.BLANK);
    private final ToggleButton safeZone = new ToggleButton(SectionWords.SAFE_ZONE);
    private final MillingEditor milling;
    private final PassStepper passes;

    public SectionView(Desk desk) {
        super(desk, Station.SECTION);
        Workbench bench = desk.bench();
        Runnable refresh = desk::refresh;
        milling = new MillingEditor(bench);
        passes = new PassStepper(refresh);
        wood = new WoodPicker(desk, species -> bench.change(SectionWords.CHANGE_WOOD,
                job -> job.withSection(job.section().withWood(species))));
        doubleRabbet.setId("double-rabbet");
        doubleRabbet.setOnAction(e -> toggleStep());
        pack.setId("pack");
        pack.setOnShowing(e -> listLayers());
        pack.getItems().add(new MenuItem());
        way.setId("rabbet-way");
        for (RabbetWay each : RabbetWay.values()) {
            MenuItem item = new MenuItem(Sentence.capital(each.title()));
            item.setOnAction(e -> bench.change(SectionWords.CHANGE_WAY_OF_THE_RABBET, job -> job.withSection(
                    job.section().withMilling(job.section().milling().withWay(each)))));
            way.getItems().add(item);
        }
        way.getItems().addAll(new SeparatorMenuItem(), doubleRabbet);
        blank.setId("section-blank");
        blank.setOnShowing(e -> new BlankMenu(bench).list(blank));
        blank.getItems().add(new MenuItem());
        safeZone.setId("safe-zone");
        safeZone.getStyleClass().add("chip");
        safeZone.setOnAction(e -> refresh.run());
        addTools(wood, pack, way, milling.adding(), blank, passes.play(), safeZone);
        addUnderDrawing(List.of(passes, milling));
    }

    private void toggleStep() {
        bench().change(SectionWords.CHANGE_SECOND_STEP, SectionView::stepToggled);
    }

    private static Job stepToggled(Job job) {
        Rabbet rabbet = job.section().rabbet();
        Units units = job.units();
        Rabbet changed = rabbet.withStep(rabbet.step() != null
                ? null
                : new Rabbet.Step(rabbet.width().plus(units.either(4, 3.0 / 16)),
                        new Length(rabbet.depth().units() / 2)));
        return job.withSection(job.section().withRabbet(changed));
    }

    /** What lies in the rabbet can be taken out, or more put in, each at its usual thickness. */
    private void listLayers() {
        Job job = bench().job();
        Notation notation = bench().notation().get();
        pack.getItems().clear();
        List<Layer> layers = job.pack().layers();
        for (int i = 0; i < layers.size(); i++) {
            int index = i;
            item(SectionWords.TAKE_OUT.formatted(layers.get(i).within(), notation.text(layers.get(i).thickness())),
                    now -> now.withPack(now.pack().without(index)));
        }
        pack.getItems().add(new SeparatorMenuItem());
        Units units = job.units();
        add(new Layer.Glazing(Material.GLASS, units.either(2, 3.0 / 32)));
        add(new Layer.Glazing(Material.ACRYLIC, units.either(3, 1.0 / 8)));
        add(new Layer.Art(units.either(0.3, 1.0 / 64)));
        for (Material material : Material.BACKINGS) {
            add(new Layer.Backing(material, units.either(3, 1.0 / 8)));
        }
    }

    private void add(Layer layer) {
        item(SectionWords.PUT_IN.formatted(layer.within(), bench().notation().get().text(layer.thickness())),
                job -> job.withPack(job.pack().plus(layer)));
    }

    private void item(String text, UnaryOperator<Job> change) {
        MenuItem item = new MenuItem(bench().notation().get().words(text));
        item.setOnAction(e -> bench().change(SectionWords.CHANGE_PACK, change));
        pack.getItems().add(item);
    }

    @Override
    public String caution(Plan plan) {
        return SectionWords.CAUTION;
    }

    @Override
    public Figure figure(Plan plan) {
        return SectionFigure.of(plan, new SectionLook(passes.index(plan), safeZone.isSelected()));
    }

    @Override
    public Slate slate(Plan plan) {
        int pass = passes.index(plan);
        return pass < 0 || !plan.job().section().isSound() ? super.slate(plan) : MillingSlate.of(plan, pass);
    }

    @Override
    public void showTools(Plan plan, Notation notation) {
        wood.show(plan.job().section().wood());
        doubleRabbet.setText(notation.words(SectionWords.DOUBLE_RABBET));
        doubleRabbet.setSelected(plan.job().section().rabbet().step() != null);
        way.setText(notation.words(SectionWords.RABBET_BY.formatted(
                plan.job().section().milling().way().title().split(",", 2)[0])));
        milling.show(plan, notation);
        passes.show(plan);
    }
}
