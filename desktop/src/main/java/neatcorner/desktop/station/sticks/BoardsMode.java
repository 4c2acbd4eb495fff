package neatcorner.desktop.station.sticks;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.HBox;
import neatcorner.desktop.control.Controls;
import neatcorner.desktop.control.LengthBox;
import neatcorner.desktop.desk.Later;
import neatcorner.desktop.desk.Workbench;
import neatcorner.desktop.station.CardButton;
import neatcorner.desktop.station.Desk;
import neatcorner.desktop.station.StationMode;
import neatcorner.drawing.Figure;
import neatcorner.measure.Length;
import neatcorner.measure.Notation;
import neatcorner.measure.Reading;
import neatcorner.measure.Scalar;
import neatcorner.measure.Sentence;
import neatcorner.measure.Units;
import neatcorner.plan.AsFrame;
import neatcorner.plan.BoardWork;
import neatcorner.plan.Plan;
import neatcorner.plan.Remedy;
import neatcorner.plan.Slate;
import neatcorner.station.sticks.BoardsFigure;
import neatcorner.station.sticks.StockFields;
import neatcorner.stock.BoardMilling;
import neatcorner.stock.RoughBoard;

/** Rough boards: what sticks they give, cut by cut, and how much lumber the job takes. */
final class BoardsMode implements StationMode {
    private final Workbench bench;
    private final CardButton card;
    private final Controls.Picker picker;
    private final StockEditor editor;
    private final LengthRow lengths;
    private final HBox advice = new HBox();
    private final Button mill;
    private final MenuButton ring = new MenuButton();
    private final List<Node> tools;
    private final Later<Plan, List<Remedy>> whenShort;
    private final Runnable refresh;

    BoardsMode(Desk desk, Runnable refresh) {
        bench = desk.bench();
        this.refresh = refresh;
        picker = new Controls.Picker("board", refresh);
        whenShort = new Later<>(bench, List.of(), (plan, search) -> BoardWork.whenShort(plan), refresh);
        Button add = new Button(SticksTexts.ADD_A_BOARD);
        add.setId("add-board");
        add.setOnAction(e -> add());
        mill = new Button(SticksTexts.MILL_IT_TO_STICKS);
        mill.setId("mill-board");
        mill.getStyleClass().add("accent");
        mill.setOnAction(e -> {
            int index = picker.index();
            bench.changeSlowly(SticksTexts.CHANGE_MILL_A_BOARD, job -> BoardWork.milled(job, index));
        });
        lengths = new LengthRow(
                index -> List.of(new LengthBox(bench, StockFields.boardLength(index), SticksTexts.LENGTH),
                        new LengthBox(bench, StockFields.boardWidth(index), SticksTexts.WIDTH),
                        new LengthBox(bench, StockFields.boardThickness(index), SticksTexts.THICKNESS),
                        new LengthBox(bench, StockFields.boardBow(index), SticksTexts.BOW)));
        advice.getStyleClass().add("captioned");
        editor = new StockEditor("board", SticksTexts.BOARD, new StockEditor.Edits(
                name -> change(b -> b.withName(name)), count -> change(b -> b.withCount(count)),
                price -> change(b -> b.withPrice(price))),
                List.of(lengths), List.of(ring, Controls.chip(SticksTexts.REMOVE, this::remove)));
        ring.setId("board-ring");
        ring.setMnemonicParsing(false);
        ring.setOnShowing(e -> listRings());
        ring.getItems().add(new MenuItem());
        card = new CardButton(desk, "board-own", "", SticksTexts.BOARD, List.of(editor));
        tools = List.of(add, picker, card, mill);
    }

    private void add() {
        picker.choose(bench.job().stock().boards().size());
        bench.change(SticksTexts.CHANGE_ADD_A_BOARD, job -> {
            Units units = job.units();
            List<RoughBoard> boards = new ArrayList<>(job.stock().boards());
            boards.add(new RoughBoard(SticksTexts.NEW_BOARD.formatted(boards.size() + 1), units.either(2400, 96),
                    units.either(150, 6),
                    units.either(27, 1), Length.ZERO, 1, null, List.of()));
            return job.withStock(job.stock().withBoards(boards));
        });
        card.toggle();
    }

    private void listRings() {
        ring.getItems().setAll(AsFrame.all(bench.job()).stream().map(each -> {
            MenuItem item = new MenuItem(each.ring().isEmpty() ? SticksTexts.FOR_THE_FRAME : each.ring());
            item.setMnemonicParsing(false);
            item.setOnAction(e -> change(board -> board.withRing(each.ring())));
            return item;
        }).toList());
    }

    private void change(UnaryOperator<RoughBoard> changed) {
        int index = picker.index();
        bench.change(SticksTexts.CHANGE_BOARD, job -> StockFields.boards(index).change(job, changed));
    }

    private void remove() {
        int index = picker.index();
        bench.change(SticksTexts.CHANGE_REMOVE_A_BOARD, job -> {
            List<RoughBoard> boards = new ArrayList<>(job.stock().boards());
            if (index < boards.size()) {
                boards.remove(index);
            }
            return job.withStock(job.stock().withBoards(boards));
        });
    }

    @Override
    public List<Node> tools() {
        return tools;
    }

    @Override
    public List<Node> bar() {
        return List.of(advice);
    }

    @Override
    public void pressed(String key, Node at) {
        for (int i = 0; i < bench.job().stock().boards().size(); i++) {
            if (BoardsFigure.key(i).equals(key)) {
                picker.choose(i);
                refresh.run();
                card.openAt(at);
            }
        }
    }

    @Override
    public void show(Plan plan, Notation notation) {
        List<RoughBoard> boards = plan.job().stock().boards();
        if (picker.index() >= boards.size() && bench.isOld(plan)) {
            return;
        }
        picker.show(boards.stream().map(RoughBoard::name).toList());
        for (Node each : List.of(card, mill)) {
            each.setVisible(!boards.isEmpty());
            each.setManaged(!boards.isEmpty());
        }
        if (!boards.isEmpty()) {
            int index = picker.index();
            RoughBoard board = boards.get(index);
            editor.show(board.name(), board.count(), board.price(), notation);
            card.setText(SticksTexts.OWN_CARD.formatted(board.name()));
            lengths.show(index, plan, notation);
            ring.setText(plan.job().ring(board.ring()) == null
                    ? SticksTexts.FOR_THE_FRAME
                    : SticksTexts.FOR_A_RING.formatted(board.ring()));
            ring.setVisible(!plan.job().rings().isEmpty());
            ring.setManaged(ring.isVisible());
            mill.setDisable(BoardWork.of(plan, board).cuts().isEmpty());
        }
        List<Node> buttons = new ArrayList<>();
        for (Remedy remedy : whenShort.of(plan)) {
            Button button = new Button(remedy.label().in(notation));
            button.setMnemonicParsing(false);
            button.setOnAction(e -> bench.take(remedy));
            buttons.add(button);
        }
        if (!buttons.isEmpty()) {
            buttons.addFirst(new Label(SticksTexts.NOT_ENOUGH_WOOD));
        }
        advice.getChildren().setAll(buttons);
    }

    @Override
    public Figure figure(Plan plan) {
        return BoardsFigure.of(plan);
    }

    @Override
    public Slate slate(Plan plan) {
        List<Slate.Row> rows = new ArrayList<>();
        int sticks = 0;
        Length total = Length.ZERO;
        for (BoardMilling milling : BoardWork.of(plan)) {
            sticks += milling.sticks().stream().mapToInt(stick -> stick.count()).sum();
            total = total.plus(milling.total().times(milling.board().count()));
        }
        rows.add(Slate.Row.large(SticksTexts.STICKS_FROM_BOARDS, Reading.computed(SticksTexts.STICKS_FROM_BOARDS,
                Scalar.count(sticks), SticksTexts.HOW_STICKS_FROM_BOARDS)));
        rows.add(Slate.Row.large(SticksTexts.STICK_END_TO_END, Reading.computed(SticksTexts.STICK_END_TO_END, total,
                SticksTexts.HOW_STICK_END_TO_END)));
        rows.add(
                Slate.Row.plain(SticksTexts.STICK_NEEDED, Reading.computed(SticksTexts.STICK_NEEDED, plan.stickNeeded(),
                        SticksTexts.HOW_STICK_NEEDED)));
        rows.add(lumber(SticksTexts.LUMBER_AT_HAND, BoardWork.volume(plan.job().stock()), plan.job().units(),
                SticksTexts.HOW_LUMBER_AT_HAND));
        rows.add(lumber(SticksTexts.LUMBER_NEEDED, BoardWork.volumeNeeded(plan), plan.job().units(),
                SticksTexts.HOW_LUMBER_NEEDED));
        return new Slate(rows);
    }

    private static Slate.Row lumber(String name, double volume, Units units, String how) {
        return Slate.Row.plain(name, units == Units.MILLIMETRES
                ? Reading.computed(name, new Scalar(volume, "m³", 4), how)
                : Reading.computed(name, new Scalar(volume / BoardWork.BOARD_FOOT, SticksTexts.BD_FT, 1), how));
    }

    @Override
    public List<Sentence> says(Plan plan) {
        List<RoughBoard> boards = plan.job().stock().boards();
        if (boards.isEmpty()) {
            return List.of();
        }
        return BoardWork.steps(BoardWork.of(plan, boards.get(Math.min(picker.index(), boards.size() - 1))));
    }
}
