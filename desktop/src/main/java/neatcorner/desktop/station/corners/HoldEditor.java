package neatcorner.desktop.station.corners;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import neatcorner.corner.Inventory;
import neatcorner.corner.Reinforcement;
import neatcorner.corner.ReinforcementKind;
import neatcorner.corner.ScrewGauge;
import neatcorner.desktop.control.AngleBox;
import neatcorner.desktop.control.BuiltFrom;
import neatcorner.desktop.control.Card;
import neatcorner.desktop.control.Controls;
import neatcorner.desktop.control.LengthBox;
import neatcorner.desktop.control.ValueTag;
import neatcorner.desktop.desk.Workbench;
import neatcorner.desktop.station.AtRing;
import neatcorner.desktop.station.Desk;
import neatcorner.measure.Angle;
import neatcorner.measure.Notation;
import neatcorner.measure.Sentence;
import neatcorner.plan.Field;
import neatcorner.plan.Plan;
import neatcorner.station.corners.CornerChoices;
import neatcorner.station.corners.CornerFields;
import org.jspecify.annotations.Nullable;

/** What holds the corners, one chip each; a card beside it has its sizes, its place, how many, the drawer, leaving it out. */
final class HoldEditor {
    private final Desk desk;
    private final AtRing at;
    private final Workbench bench;
    private final HBox chips = new HBox();
    private final FlowPane sizes = new FlowPane();
    private final Card card = new Card("hold-card", "", List.of(sizes));
    private final Runnable refresh;
    private final BuiltFrom built = new BuiltFrom();
    private List<LengthBox> boxes = List.of();
    private int chosen;

    HoldEditor(Desk desk, AtRing at, Runnable refresh) {
        this.desk = desk;
        this.bench = desk.bench();
        this.at = at;
        this.refresh = refresh;
        chips.setId("holds");
        chips.getStyleClass().add("hold-chips");
        chips.setAlignment(Pos.CENTER_LEFT);
        sizes.getStyleClass().add("card-fields");
    }

    /** One chip for each thing that holds the corners. */
    HBox chips() {
        return chips;
    }

    /** Opens the card of one beside what was pressed, or puts it away. */
    void toggle(int index, Node beside) {
        chosen = index;
        refresh.run();
        show(bench.currentPlan(), bench.notation().get());
        desk.card(card, beside);
    }

    int chosen() {
        return chosen;
    }

    void choose(int index) {
        chosen = index;
    }

    /** Opens the card in which a field is. */
    @Nullable
    ValueTag reveal(String box) {
        for (int i = 0; i < at.now().reinforcement().size(); i++) {
            if (box.startsWith("field-reinforcement-" + i + "-") && i < chips.getChildren().size()) {
                toggle(i, chips.getChildren().get(i));
                return card.lookup("#" + box) instanceof ValueTag found ? found : null;
            }
        }
        return null;
    }

    void show(Plan whole, Notation notation) {
        Plan plan = at.ring().plan(whole);
        List<Reinforcement> all = plan.job().reinforcement();
        if (chosen >= plan.job().reinforcement().size() && bench.isOld(whole)) {
            return;
        }
        chosen = Math.max(0, Math.min(chosen, all.size() - 1));
        if (built.changed(all, chosen, notation, at.ring(), plan.job().section().wood(), plan.shop().inventory())) {
            boxes = new ArrayList<>();
            List<Node> names = new ArrayList<>();
            for (int i = 0; i < all.size(); i++) {
                names.add(chip(all.get(i), i, notation));
            }
            chips.getChildren().setAll(names);
            if (all.isEmpty()) {
                sizes.getChildren().clear();
            } else {
                Reinforcement what = all.get(chosen);
                sizes.getChildren().setAll(controls(plan, notation, what));
                card.setTitle(Sentence.capital(name(what, notation, false)));
            }
        }
        boxes.forEach(box -> box.show(whole, notation));
    }

    private static String name(Reinforcement what, Notation notation, boolean counted) {
        boolean many = what.parts() > 1;
        return notation.words((many && counted ? what.parts() + " " : "") + what.kind().title() + (many ? "s" : ""));
    }

    private Node chip(Reinforcement what, int index, Notation notation) {
        Button chip = new Button(name(what, notation, true) + " …");
        chip.getStyleClass().add("chip");
        chip.setId("hold-chip-" + index);
        chip.setMinWidth(Region.USE_PREF_SIZE);
        chip.setOnAction(e -> toggle(index, chip));
        return chip;
    }

    private List<Node> controls(Plan plan, Notation notation, Reinforcement what) {
        List<Node> nodes = new ArrayList<>();
        for (Field field : CornerFields.of(what.kind(), chosen)) {
            String title = field.title();
            LengthBox box = new LengthBox(bench, at.ring().field(field),
                    Sentence.capital(title.substring(title.indexOf(", ") + 2)));
            boxes.add(box);
            nodes.add(box);
        }
        if (what.kind() == ReinforcementKind.SPLINE) {
            AngleBox tilt = new AngleBox(CornersTexts.TILT, "hold-tilt", 0, 45,
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
        Button remove = Controls.chip(CornersTexts.LEAVE_OUT, () -> {
            int index = chosen;
            at.change(CornersTexts.CHANGE_LEAVE_OUT, job -> CornerChoices.without(job, index));
        });
        remove.setId("hold-remove");
        nodes.add(remove);
        return nodes;
    }

    private void change(UnaryOperator<Reinforcement> change) {
        int index = chosen;
        at.change(CornersTexts.CHANGE_HOLD, job -> index < job.reinforcement().size()
                ? job.withReinforcement(index, change.apply(job.reinforcement().get(index)))
                : job);
    }

    private Node counter(Reinforcement what) {
        Button less = Controls.chip("−", () -> change(now -> now.withCount(Math.max(1, now.count() - 1))));
        less.setId("hold-less");
        less.setDisable(what.count() <= 1);
        less.setAccessibleText(CornersTexts.ONE_FEWER);
        Button more = Controls.chip("+",
                () -> change(now -> now.withCount(Math.min(Reinforcement.MOST, now.count() + 1))));
        more.setId("hold-more");
        more.setDisable(what.count() >= Reinforcement.MOST);
        more.setAccessibleText(CornersTexts.ONE_MORE);
        Label count = new Label((what.kind().isFromBothSides() ? "2 × " : "") + what.count());
        HBox box = Controls.captioned(CornersTexts.COUNT, less, count, more);
        box.setSpacing(4);
        return box;
    }

    /** Sizes in the shop's drawers, and keeping this one there. */
    private MenuButton sizes(Reinforcement what, Notation notation) {
        MenuButton menu = new MenuButton(CornersTexts.IN_STOCK);
        menu.setId("hold-stock");
        for (Reinforcement item : bench.shop().inventory().of(what.kind())) {
            MenuItem take = new MenuItem(name(item, notation));
            take.setOnAction(e -> change(now -> now.kind() == item.kind() ? sized(now, item) : now));
            take.setDisable(!item.isPossible());
            menu.getItems().add(take);
        }
        MenuItem keep = new MenuItem(CornersTexts.PUT_IN_DRAWER);
        keep.setOnAction(
                e -> bench.changeShop(CornersTexts.CHANGE_PUT_IN_THE_DRAWER,
                        shop -> shop.withInventory(shop.inventory().plus(what))));
        MenuItem none = new MenuItem(CornersTexts.NONE_IN_SHOP);
        none.setOnAction(
                e -> bench.changeShop(CornersTexts.CHANGE_NONE_IN_THE_SHOP, shop -> shop.withInventory(shop.inventory()
                        .without(what.withCount(1).at(null, null)))));
        menu.getItems().addAll(new SeparatorMenuItem(), keep, none);
        return menu;
    }

    /** Drills for each gauge in this wood. */
    private static MenuButton pilots(Plan plan, Notation notation) {
        MenuButton menu = new MenuButton(CornersTexts.DRILLS);
        menu.setId("hold-drills");
        for (int gauge : ScrewGauge.COMMON) {
            ScrewGauge screw = new ScrewGauge(gauge);
            menu.getItems()
                    .add(new MenuItem(CornersTexts.DRILLS_FOR_SCREW.formatted(gauge, notation.text(screw.diameter()),
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
            return CornersTexts.THICKNESS.formatted(thin);
        }
        if (item.kind() == ReinforcementKind.PEG) {
            return notation.words(CornersTexts.DIAMETER.formatted(thin));
        }
        Optional<Integer> biscuit = Inventory.biscuitSize(item);
        if (biscuit.isPresent()) {
            return CornersTexts.SIZE.formatted(biscuit.get());
        }
        String wide = item.width().isPositive() ? " × " + notation.text(item.width()) : "";
        if (item.kind().isScrew()) {
            return CornersTexts.SCREW.formatted(ScrewGauge.nearest(item.thickness()).number(),
                    notation.text(item.size()));
        }
        return Sentence.capital(item.kind().sizeName()) + " " + notation.text(item.size()) + " × " + thin + wide;
    }
}
