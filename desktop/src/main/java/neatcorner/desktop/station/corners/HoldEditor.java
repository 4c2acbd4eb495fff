package neatcorner.desktop.station.corners;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import neatcorner.corner.Reinforcement;
import neatcorner.corner.ReinforcementKind;
import neatcorner.corner.ScrewGauge;
import neatcorner.desktop.control.AngleBox;
import neatcorner.desktop.control.BuiltFrom;
import neatcorner.desktop.control.Controls;
import neatcorner.desktop.control.LengthBox;
import neatcorner.desktop.desk.Workbench;
import neatcorner.measure.Angle;
import neatcorner.measure.Notation;
import neatcorner.measure.Sentence;
import neatcorner.plan.Field;
import neatcorner.plan.Plan;
import neatcorner.station.corners.CornerChoices;
import neatcorner.station.corners.CornerFields;

/** What holds the corners, one chip each; the chosen one can be sized, moved, counted, kept in stock, or left out. */
final class HoldEditor extends FlowPane {
    private final Workbench bench;
    private final Runnable refresh;
    private final BuiltFrom built = new BuiltFrom();
    private List<LengthBox> boxes = List.of();
    private int chosen;

    HoldEditor(Workbench bench, Runnable refresh) {
        this.bench = bench;
        this.refresh = refresh;
        setId("holds");
        getStyleClass().add("stick-editor");
        setAlignment(Pos.CENTER_LEFT);
    }

    int chosen() {
        return chosen;
    }

    void choose(int index) {
        chosen = index;
    }

    void show(Plan plan, Notation notation) {
        List<Reinforcement> all = plan.job().reinforcement();
        if (chosen >= plan.job().reinforcement().size() && bench.isOld(plan)) {
            return;
        }
        chosen = Math.max(0, Math.min(chosen, all.size() - 1));
        setVisible(!all.isEmpty());
        setManaged(!all.isEmpty());
        if (built.changed(all, chosen, notation, plan.job().section().wood(), plan.shop().inventory())) {
            boxes = new ArrayList<>();
            List<Node> nodes = new ArrayList<>();
            for (int i = 0; i < all.size(); i++) {
                nodes.add(chip(all.get(i), i, notation));
            }
            if (!all.isEmpty()) {
                nodes.addAll(controls(plan, notation, all.get(chosen)));
            }
            getChildren().setAll(nodes);
        }
        boxes.forEach(box -> box.show(plan, notation));
    }

    private Node chip(Reinforcement what, int index, Notation notation) {
        String count = what.parts() > 1 ? what.parts() + " " : "";
        ToggleButton chip = new ToggleButton(
                notation.words(count + what.kind().title() + (what.parts() > 1 ? "s" : "")));
        chip.getStyleClass().add("chip");
        chip.setId("hold-chip-" + index);
        chip.setSelected(index == chosen);
        chip.setOnAction(e -> {
            chosen = index;
            refresh.run();
        });
        return chip;
    }

    private List<Node> controls(Plan plan, Notation notation, Reinforcement what) {
        List<Node> nodes = new ArrayList<>();
        for (Field field : CornerFields.of(what.kind(), chosen)) {
            String title = field.title();
            LengthBox box = new LengthBox(bench, field,
                    Sentence.capital(title.substring(title.indexOf(", ") + 2)));
            boxes.add(box);
            nodes.add(box);
        }
        if (what.kind() == ReinforcementKind.SPLINE) {
            AngleBox tilt = new AngleBox(CornersWords.TILT, "hold-tilt", 0, 45,
                    angle -> change(now -> now.withTilt(angle)));
            tilt.show(Angle.ofDegrees(Math.abs(what.tilt().degrees())), notation);
            nodes.add(tilt);
        }
        if (what.kind() != ReinforcementKind.BLOCK) {
            nodes.add(counter(what));
        }
        nodes.add(sizes(what, notation));
        if (what.kind().isScrew()) {
            nodes.add(pilots(plan, notation));
        }
        Button remove = Controls.chip(CornersWords.LEAVE_OUT, () -> {
            int index = chosen;
            bench.change(CornersWords.CHANGE_LEAVE_OUT, job -> CornerChoices.without(job, index));
        });
        remove.setId("hold-remove");
        nodes.add(remove);
        return nodes;
    }

    private void change(UnaryOperator<Reinforcement> change) {
        int index = chosen;
        bench.change(CornersWords.CHANGE_HOLD, job -> index < job.reinforcement().size()
                ? job.withReinforcement(index, change.apply(job.reinforcement().get(index)))
                : job);
    }

    private Node counter(Reinforcement what) {
        Button less = Controls.chip("−", () -> change(now -> now.withCount(Math.max(1, now.count() - 1))));
        less.setId("hold-less");
        less.setDisable(what.count() <= 1);
        less.setAccessibleText(CornersWords.ONE_FEWER);
        Button more = Controls.chip("+",
                () -> change(now -> now.withCount(Math.min(Reinforcement.MOST, now.count() + 1))));
        more.setId("hold-more");
        more.setDisable(what.count() >= Reinforcement.MOST);
        more.setAccessibleText(CornersWords.ONE_MORE);
        Label count = new Label((what.kind().isFromBothSides() ? "2 × " : "") + what.count());
        HBox box = Controls.captioned(CornersWords.COUNT, less, count, more);
        box.setSpacing(4);
        return box;
    }

    /** Sizes in the shop's drawers, and keeping this one there. */
    private MenuButton sizes(Reinforcement what, Notation notation) {
        MenuButton menu = new MenuButton(CornersWords.IN_STOCK);
        menu.setId("hold-stock");
        for (Reinforcement item : bench.shop().inventory().of(what.kind())) {
            MenuItem take = new MenuItem(name(item, notation));
            take.setOnAction(e -> change(now -> now.kind() == item.kind() ? sized(now, item) : now));
            take.setDisable(!item.isPossible());
            menu.getItems().add(take);
        }
        MenuItem keep = new MenuItem(CornersWords.PUT_IN_DRAWER);
        keep.setOnAction(
                e -> bench.changeShop(CornersWords.CHANGE_PUT_IN_THE_DRAWER,
                        shop -> shop.withInventory(shop.inventory().plus(what))));
        MenuItem none = new MenuItem(CornersWords.NONE_IN_SHOP);
        none.setOnAction(
                e -> bench.changeShop(CornersWords.CHANGE_NONE_IN_THE_SHOP, shop -> shop.withInventory(shop.inventory()
                        .without(what.withCount(1).at(null, null)))));
        menu.getItems().addAll(new SeparatorMenuItem(), keep, none);
        return menu;
    }

    /** Drills for each gauge in this wood. */
    private static MenuButton pilots(Plan plan, Notation notation) {
        MenuButton menu = new MenuButton(CornersWords.DRILLS);
        menu.setId("hold-drills");
        for (int gauge : ScrewGauge.COMMON) {
            ScrewGauge screw = new ScrewGauge(gauge);
            menu.getItems()
                    .add(new MenuItem(CornersWords.DRILLS_FOR_SCREW.formatted(gauge, notation.text(screw.diameter()),
                            notation.text(screw.pilot(plan.job().section().wood())), notation.text(screw.head()))));
        }
        return menu;
    }

    private static Reinforcement sized(Reinforcement what, Reinforcement item) {
        return item.withCount(what.count()).at(what.fromHeel(), what.fromFace());
    }

    private static String name(Reinforcement item, Notation notation) {
        String thin = notation.text(item.thickness());
        if (!item.isPossible()) {
            return CornersWords.THICKNESS.formatted(thin);
        }
        if (item.kind() == ReinforcementKind.PEG) {
            return notation.words(CornersWords.DIAMETER) + thin;
        }
        String wide = item.width().isPositive() ? " × " + notation.text(item.width()) : "";
        if (item.kind().isScrew()) {
            return CornersWords.SCREW.formatted(ScrewGauge.nearest(item.thickness()).number(),
                    notation.text(item.size()));
        }
        return Sentence.capital(item.kind().sizeName()) + " " + notation.text(item.size()) + " × " + thin + wide;
    }
}
