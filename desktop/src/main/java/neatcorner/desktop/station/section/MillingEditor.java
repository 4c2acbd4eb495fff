package neatcorner.desktop.station.section;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import neatcorner.desktop.control.BuiltFrom;
import neatcorner.desktop.control.Card;
import neatcorner.desktop.control.Controls;
import neatcorner.desktop.control.LengthBox;
import neatcorner.desktop.desk.Workbench;
import neatcorner.desktop.station.AtRing;
import neatcorner.desktop.station.Desk;
import neatcorner.measure.Length;
import neatcorner.measure.Notation;
import neatcorner.measure.Sentence;
import neatcorner.measure.Units;
import neatcorner.plan.Field;
import neatcorner.plan.Plan;
import neatcorner.section.Edge;
import neatcorner.section.EdgeShape;
import neatcorner.section.Face;
import neatcorner.section.Layers;
import neatcorner.section.Milling;
import neatcorner.section.Operation;
import neatcorner.section.Ply;
import neatcorner.station.section.SectionFields;
import neatcorner.wood.Species;

/** The cuts that make the section, in order; each has a card in which it is sized, moved earlier or later, or left out. */
final class MillingEditor extends FlowPane {
    /** As wide as a row of cuts may become, pixels. */
    private static final double ROW = 640;

    private final Desk desk;
    private final AtRing at;
    private final Workbench bench;
    private final VBox own = new VBox();
    private final Card card = new Card("op-card", "", List.of(own));
    private final List<Button> chips = new ArrayList<>();
    private final BuiltFrom built = new BuiltFrom();
    private List<LengthBox> boxes = List.of();
    private int chosen = -1;
    /** The card is to be opened at the cut that is chosen, once that is there. */
    private boolean opens;

    MillingEditor(Desk desk, AtRing at) {
        this.desk = desk;
        this.at = at;
        bench = desk.bench();
        own.getStyleClass().add("card-fields");
        setId("milling");
        getStyleClass().add("stick-editor");
        setAlignment(Pos.CENTER_LEFT);
        setPrefWrapLength(ROW);
    }

    /** A menu of everything that can be milled. */
    MenuButton adding() {
        MenuButton menu = new MenuButton(SectionTexts.MILL);
        menu.setId("mill");
        menu.setOnShowing(e -> list(menu));
        menu.getItems().add(new MenuItem());
        return menu;
    }

    private void list(MenuButton menu) {
        menu.getItems().clear();
        Units units = bench.job().units();
        for (EdgeShape shape : EdgeShape.values()) {
            Length size = shape == EdgeShape.BEVEL ? units.either(12, 0.5) : units.either(5, 3.0 / 16);
            Length depth = shape == EdgeShape.BEAD
                    ? units.either(1.5, 1.0 / 16)
                    : shape == EdgeShape.BEVEL ? units.either(4, 3.0 / 16) : size;
            Edge edge = shape == EdgeShape.RABBET ? Edge.BACK_OUTER : Edge.FRONT_OUTER;
            item(menu, shape.title(), new Operation.Shaped(shape, edge, size, depth, 0));
        }
        item(menu, SectionTexts.OGEE,
                Operation.Shaped.ogee(Edge.FRONT_OUTER, units.either(6, 0.25), units.either(4, 3.0 / 16)));
        item(menu, SectionTexts.GROOVE, new Operation.Groove(Face.FRONT, units.either(10, 0.375), units.either(6, 0.25),
                units.either(4, 3.0 / 16), 0));
        menu.getItems().add(new SeparatorMenuItem());
        item(menu, SectionTexts.RIP_A_STRIP_OFF, new Operation.Rip(units.either(6, 0.25)));
    }

    private void item(MenuButton menu, String title, Operation operation) {
        item(menu, title, List.of(operation));
    }

    /** What is made of several cuts is added as these, so that each can be sized and moved. */
    private void item(MenuButton menu, String title, List<? extends Operation> operations) {
        MenuItem item = new MenuItem(bench.notation().get().words(Sentence.capital(title)));
        item.setOnAction(e -> {
            chosen = at.now().section().milling().operations().size() + 1;
            opens = true;
            edit(milling -> {
                Milling more = milling;
                for (Operation operation : operations) {
                    more = more.plus(operation);
                }
                return more;
            });
        });
        menu.getItems().add(item);
    }

    private void edit(UnaryOperator<Milling> change) {
        at.change(SectionTexts.CHANGE_MILLING,
                job -> job.withSection(job.section().withMilling(change.apply(job.section().milling()))));
    }

    void show(Plan whole, Notation notation) {
        Plan plan = at.ring().plan(whole);
        Milling milling = plan.job().section().milling();
        List<Operation> order = milling.order(plan.job().section().rabbet());
        if (chosen >= order.size() && bench.isOld(whole)) {
            return;
        }
        boolean any = milling.shapes();
        setVisible(any);
        setManaged(any);
        if (!any) {
            chosen = -1;
            return;
        }
        chosen = Math.min(chosen, order.size() - 1);
        if (built.changed(at.ring(), milling, order, chosen, notation)) {
            build(milling, order, notation);
        }
        boxes.forEach(box -> box.show(whole, notation));
    }

    private void build(Milling milling, List<Operation> order, Notation notation) {
        boxes = new ArrayList<>();
        List<Node> nodes = new ArrayList<>(plies(milling.layers()));
        if (!milling.operations().isEmpty()) {
            while (chips.size() < order.size()) {
                chips.add(chip(chips.size()));
            }
            int number = 0;
            for (int i = 0; i < order.size(); i++) {
                if (!(order.get(i) instanceof Operation.PackRabbet rabbet && rabbet.rabbet().isNone())) {
                    number++;
                    chips.get(i).setText(notation.words(SectionTexts.CUT_IN_ORDER.formatted(number,
                            order.get(i).title())));
                    nodes.add(chips.get(i));
                }
            }
        }
        getChildren().setAll(nodes);
        if (chosen >= 0) {
            Node had = getScene() == null ? null : getScene().getFocusOwner();
            String id = had == null || own.lookup("#" + had.getId()) != had ? null : had.getId();
            card.setTitle(Sentence.capital(notation.words(order.get(chosen).title())));
            own.getChildren().setAll(controls(milling, notation, order.get(chosen)));
            if (opens) {
                desk.card(card, chips.get(chosen));
            }
            if (id != null && own.lookup("#" + id) != null) {
                own.lookup("#" + id).requestFocus();
            }
        }
        opens = false;
    }

    private List<Node> plies(Layers layers) {
        List<Node> nodes = new ArrayList<>();
        for (int i = 0; i < layers.plies().size(); i++) {
            int index = i;
            Ply ply = layers.plies().get(i);
            MenuButton wood = new MenuButton(ply.wood().name());
            wood.setId("ply-wood-" + i);
            for (Species species : Species.KNOWN) {
                MenuItem item = new MenuItem(species.name());
                item.setOnAction(e -> edit(now -> now.withLayers(now.layers().withWood(index, species))));
                wood.getItems().add(item);
            }
            LengthBox size = length(SectionFields.ply(i), SectionTexts.BOARD.formatted(i + 1));
            size.getChildren().add(wood);
            nodes.add(size);
        }
        return nodes;
    }

    private Button chip(int place) {
        Button chip = Controls.chip("", () -> {
            chosen = place;
            show(bench.currentPlan(), bench.notation().get());
            desk.card(card, chips.get(place));
        });
        chip.setId("op-" + place);
        return chip;
    }

    private List<Node> controls(Milling milling, Notation notation, Operation operation) {
        List<Node> nodes = new ArrayList<>();
        switch (operation) {
            case Operation.PackRabbet pack -> {
            }
            case Operation.Shaped shaped -> {
                nodes.add(edges(shaped, notation));
                nodes.add(length(SectionFields.milled(chosen), sizeName(shaped.shape())));
                if (shaped.shape().hasDepth()) {
                    nodes.add(length(SectionFields.milledDepth(chosen),
                            shaped.shape() == EdgeShape.BEAD ? SectionTexts.QUIRK : SectionTexts.DEPTH));
                }
                nodes.add(length(SectionFields.milledInset(chosen), SectionTexts.SET_IN));
                nodes.add(length(SectionFields.milledSunk(chosen), SectionTexts.DOWN_THE_SIDE));
            }
            case Operation.Groove groove -> {
                nodes.add(faces(groove, notation));
                nodes.add(length(SectionFields.milledFrom(chosen), SectionTexts.FROM));
                nodes.add(length(SectionFields.milled(chosen), SectionTexts.WIDTH));
                nodes.add(length(SectionFields.milledDepth(chosen), SectionTexts.DEPTH));
            }
            case Operation.Rip rip -> nodes.add(length(SectionFields.milled(chosen), SectionTexts.STRIP));
        }
        HBox order = new HBox(button(SectionTexts.EARLIER, "op-earlier", chosen == 0, () -> move(-1)),
                button(SectionTexts.LATER, "op-later", chosen == milling.operations().size(), () -> move(1)));
        order.getStyleClass().add("captioned");
        if (!(operation instanceof Operation.PackRabbet)) {
            order.getChildren().add(button(SectionTexts.LEAVE_OUT, "op-remove", false, () -> {
                int place = chosen;
                chosen = -1;
                desk.card(card, chips.get(place));
                edit(now -> now.without(place));
            }));
        }
        nodes.add(order);
        return nodes;
    }

    private static String sizeName(EdgeShape shape) {
        return switch (shape) {
            case ROUND_OVER, COVE, BEAD -> SectionTexts.RADIUS;
            case CHAMFER, FACET, BEVEL, RABBET -> SectionTexts.WIDTH;
        };
    }

    private void move(int by) {
        int from = chosen;
        chosen = from + by;
        opens = true;
        edit(now -> now.moved(from, from + by));
    }

    /** Changes the cut that is chosen. */
    private void editChosen(UnaryOperator<Operation> change) {
        int place = chosen;
        edit(now -> now.with(place, change));
    }

    private static Button button(String text, String id, boolean disabled, Runnable run) {
        Button button = Controls.chip(text, run);
        button.setId(id);
        button.setDisable(disabled);
        return button;
    }

    private LengthBox length(Field field, String name) {
        LengthBox box = new LengthBox(bench, at.ring().field(field), name);
        boxes.add(box);
        return box;
    }

    private MenuButton edges(Operation.Shaped shaped, Notation notation) {
        MenuButton menu = new MenuButton(notation.words(SectionTexts.ON_THE.formatted(shaped.edge().title())));
        menu.setId("op-edge");
        for (Edge edge : Edge.values()) {
            MenuItem item = new MenuItem(notation.words(Sentence.capital(edge.title())));
            item.setOnAction(e -> editChosen(
                    now -> now instanceof Operation.Shaped shape ? shape.withEdge(edge) : now));
            menu.getItems().add(item);
        }
        return menu;
    }

    private MenuButton faces(Operation.Groove groove, Notation notation) {
        MenuButton menu = new MenuButton(notation.words(SectionTexts.IN_THE.formatted(groove.face().title())));
        menu.setId("op-face");
        for (Face face : Face.values()) {
            MenuItem item = new MenuItem(notation.words(Sentence.capital(face.title())));
            item.setOnAction(e -> editChosen(now -> now instanceof Operation.Groove is
                    ? new Operation.Groove(face, is.from(), is.size(), is.depth(), is.passes())
                    : now));
            menu.getItems().add(item);
        }
        return menu;
    }
}
