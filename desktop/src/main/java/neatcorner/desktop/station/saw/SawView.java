package neatcorner.desktop.station.saw;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import javafx.scene.Node;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.layout.VBox;
import neatcorner.desktop.control.Controls;
import neatcorner.desktop.desk.Workbench;
import neatcorner.desktop.draw.ModeTiles;
import neatcorner.desktop.station.CardButton;
import neatcorner.desktop.station.Desk;
import neatcorner.desktop.station.StationMode;
import neatcorner.desktop.station.StationView;
import neatcorner.drawing.Figure;
import neatcorner.measure.Notation;
import neatcorner.measure.Sentence;
import neatcorner.plan.Plan;
import neatcorner.plan.Slate;
import neatcorner.plan.Station;
import neatcorner.saw.Saw;
import neatcorner.saw.SawScale;
import neatcorner.saw.ShopSaw;
import neatcorner.station.saw.SawPictures;

/** Station 6: the saw. The cuts one after the other, and what makes a saw one that can be trusted. */
public final class SawView extends StationView {
    /** What is done at the saw. */
    public enum Mode {
        CUTS,
        TEST,
        BEFORE,
        AS_CUT,
        DRY_FIT,
        SEASONS
    }

    private final Map<Mode, StationMode> modes = new EnumMap<>(Mode.class);
    private final ModeTiles<Mode> choices;
    private final CardButton more;
    private final MenuButton saws = new MenuButton();
    private final VBox says = new VBox();
    private Mode mode = Mode.CUTS;

    public SawView(Desk desk) {
        super(desk, Station.SAW);
        Workbench bench = desk.bench();
        Runnable refresh = desk::refresh;
        modes.put(Mode.CUTS, new CutsMode(bench));
        modes.put(Mode.TEST, new TestCornerMode(bench, refresh));
        modes.put(Mode.BEFORE, new BeforeMode(bench));
        modes.put(Mode.AS_CUT, new AsCutMode(bench));
        modes.put(Mode.DRY_FIT, new DryFitMode(bench));
        modes.put(Mode.SEASONS, new SeasonsMode(bench));
        choices = new ModeTiles<Mode>(view(), wanted -> {
            mode = wanted;
            desk.forget();
            refresh.run();
        }).with(Mode.CUTS, SawTexts.VIEW_CUTS, "saw-cuts", SawPictures::cuts)
                .with(Mode.TEST, SawTexts.VIEW_TEST_CORNER, "saw-test", SawPictures::testCorner)
                .with(Mode.BEFORE, SawTexts.VIEW_BEFORE, "saw-before", SawPictures::before)
                .with(Mode.AS_CUT, SawTexts.VIEW_AS_CUT, "saw-as-cut", SawPictures::asCut)
                .with(Mode.DRY_FIT, SawTexts.VIEW_DRY_FIT, "saw-dry-fit", SawPictures::dryFit)
                .with(Mode.SEASONS, SawTexts.VIEW_SEASONS, "saw-seasons", SawPictures::seasons);
        saws.setId("saws");
        saws.setMnemonicParsing(false);
        saws.setOnShowing(e -> listSaws());
        saws.getItems().add(new MenuItem());
        more = new CardButton(desk, "saw-more", SawTexts.MORE, SawTexts.SAW,
                modes.values().stream().flatMap(each -> each.more().stream()).toList());
        addTools(choices, saws, more);
        says.getStyleClass().add("says");
        says.setId("saw-says");
        setUnderDrawing(says);
        modes.values().forEach(each -> addUnderDrawing(each.bar()));
        bench.whileOpen(bench.premises().saws().watch(refresh));
        bench.cut().addListener((observed, old, now) -> show(bench.currentPlan(), bench.notation().get()));
    }

    private StationMode current() {
        return Objects.requireNonNull(modes.get(mode));
    }

    /** Saws of the shop to cut this job with, and how this one's scale is read. */
    private void listSaws() {
        Saw now = bench().job().saw();
        saws.getItems().clear();
        for (ShopSaw shop : bench().premises().saws().saws()) {
            MenuItem item = new MenuItem(SawTexts.CUT_WITH.formatted(shop.saw().name()));
            item.setMnemonicParsing(false);
            item.setOnAction(e -> bench().change(SawTexts.CHANGE_SAW, job -> job.withSaw(
                    shop.saw().withRough(job.saw().rough()))));
            saws.getItems().add(item);
        }
        saws.getItems().add(new SeparatorMenuItem());
        boolean fence = now.scale().zero() == SawScale.Zero.FENCE;
        MenuItem zero = new MenuItem(fence ? SawTexts.SCALE_FROM_SQUARE : SawTexts.SCALE_FROM_FENCE);
        zero.setOnAction(e -> bench().change(SawTexts.CHANGE_SCALE, job -> job.withSaw(job.saw().withScale(new SawScale(
                fence ? SawScale.Zero.SQUARE : SawScale.Zero.FENCE, job.saw().scale().radius(),
                job.saw().scale().fence())))));
        MenuItem keep = new MenuItem(SawTexts.KEEP_SETTINGS.formatted(now.name()));
        keep.setMnemonicParsing(false);
        keep.setOnAction(e -> bench().premises().saws().keep(now));
        saws.getItems().addAll(zero, keep);
    }

    @Override
    public Figure figure(Plan plan) {
        return current().figure(plan);
    }

    @Override
    public Slate slate(Plan plan) {
        return current().slate(plan);
    }

    private static void show(List<Node> nodes, boolean shown) {
        for (Node node : nodes) {
            node.setVisible(shown);
            node.setManaged(shown);
        }
    }

    @Override
    public void showTools(Plan plan, Notation notation) {
        choices.show(mode, plan.job().section().wood(), notation);
        saws.setText(plan.job().saw().name());
        modes.forEach((each, view) -> {
            show(view.bar(), each == mode);
            show(view.more(), each == mode);
        });
        more.setDisable(current().more().isEmpty());
        current().show(plan, notation);
        List<Sentence> sentences = current().says(plan);
        Controls.say(says, sentences, notation);
    }
}
