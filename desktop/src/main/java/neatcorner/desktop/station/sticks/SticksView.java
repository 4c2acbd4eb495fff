package neatcorner.desktop.station.sticks;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.VBox;
import neatcorner.desktop.control.Controls;
import neatcorner.desktop.control.LengthBox;
import neatcorner.desktop.control.ValueTag;
import neatcorner.desktop.desk.Later;
import neatcorner.desktop.desk.Workbench;
import neatcorner.desktop.draw.ModeTiles;
import neatcorner.desktop.station.CardButton;
import neatcorner.desktop.station.Desk;
import neatcorner.desktop.station.StationView;
import neatcorner.drawing.Figure;
import neatcorner.job.Job;
import neatcorner.measure.Money;
import neatcorner.measure.Notation;
import neatcorner.measure.Reading;
import neatcorner.measure.Scalar;
import neatcorner.measure.Sentence;
import neatcorner.piece.Scarf;
import neatcorner.plan.Field;
import neatcorner.plan.Plan;
import neatcorner.plan.Slate;
import neatcorner.plan.Station;
import neatcorner.planner.Batch;
import neatcorner.shop.Shop;
import neatcorner.station.sticks.SticksChapter;
import neatcorner.station.sticks.SticksFigure;
import neatcorner.station.sticks.StockFields;
import neatcorner.station.sticks.WoodPictures;
import neatcorner.stock.Keep;
import neatcorner.stock.Span;
import neatcorner.stock.Stick;
import neatcorner.stock.StickLayout;
import org.jspecify.annotations.Nullable;

/**
 * Station 5: the wood. The sticks on the rack with the mitred pieces laid in them; the rough boards that sticks are milled
 * from; the sheets that glass, mat and backing are cut from.
 */
public final class SticksView extends StationView {
    /** What is looked at. */
    private enum Mode {
        STICKS,
        BOARDS,
        SHEETS
    }

    private final ModeTiles<Mode> choices;
    private final BoardsMode boards;
    private final SheetsMode sheets;
    private final Controls.Choices<Keep> keep;
    private final Controls.Choices<Double> scarf;
    private final LengthBox endTrim;
    private final LengthBox leastOffcut;
    private final StickEditor editor;
    private final RackMenu rack;
    private final ToggleButton compare = new ToggleButton(SticksTexts.COMPARE_WITH_THIS_LAYOUT);
    private final Button back = Controls.chip(SticksTexts.TAKE_THE_OTHER_ONE, this::takeKept);
    private final Button shelf;
    private final Label hint = new Label();
    private final VBox says = new VBox();
    private final StickDragging dragging;
    private final List<Node> ofSticks;
    private Mode mode = Mode.STICKS;
    private int chosen;
    private @Nullable Plan kept;
    private final Later<Together, Optional<Plan>> batch;

    /** Jobs that are cut from the same sticks. */
    private record Together(Job job, Shop shop, List<Job> others) {}

    public SticksView(Desk desk) {
        super(desk, Station.STICKS);
        Workbench bench = desk.bench();
        Runnable refresh = desk::refresh;
        batch = new Later<>(bench, Optional.empty(),
                (jobs, search) -> Optional.of(Batch.plan(jobs.job(), jobs.others(), jobs.shop(), search)), refresh);
        boards = new BoardsMode(desk, refresh);
        sheets = new SheetsMode(desk, refresh);
        rack = new RackMenu(bench, refresh);
        choices = new ModeTiles<Mode>(view(), wanted -> {
            mode = wanted;
            desk.forget();
            refresh.run();
        }).with(Mode.STICKS, SticksTexts.VIEW_STICKS, "wood-sticks", WoodPictures::sticks)
                .with(Mode.BOARDS, SticksTexts.VIEW_BOARDS, "wood-boards", WoodPictures::boards)
                .with(Mode.SHEETS, SticksTexts.VIEW_SHEETS, "wood-sheets", wood -> WoodPictures.sheets());
        AtHandCard add = new AtHandCard(desk);
        keep = new Controls.Choices<Keep>(
                k -> bench.change(SticksTexts.CHANGE_FRAMES_TOGETHER, job -> job.withStock(job.stock().withKeep(k))))
                .with(Keep.NO, SticksTexts.NO_MATTER, "keep-no")
                .with(Keep.WISH, SticksTexts.IF_IT_COSTS_NOTHING, "keep-wish")
                .with(Keep.MUST, SticksTexts.ALWAYS, "keep-must");
        scarf = new Controls.Choices<Double>(
                slope -> bench.change(SticksTexts.CHANGE_SCARF, job -> job.withStock(job.stock().withScarf(slope))))
                .with(0.0, SticksTexts.NO, "scarf-no").with(Scarf.USUAL, "1:8", "scarf-8")
                .with(12.0, "1:12", "scarf-12");
        endTrim = new LengthBox(bench, StockFields.END_TRIM, SticksTexts.END_TRIM);
        leastOffcut = new LengthBox(bench, StockFields.LEAST_OFFCUT, SticksTexts.KEEP_OFFCUTS_FROM);
        editor = new StickEditor(desk, this::found);
        hint.getStyleClass().add("hint");
        hint.setId("sticks-hint");
        compare.getStyleClass().add("chip");
        compare.setId("compare");
        compare.setOnAction(e -> {
            kept = compare.isSelected() ? bench.currentPlan() : null;
            refresh.run();
        });
        back.setId("take-other");
        shelf = Controls.chip("", rack::takeOffcuts);
        shelf.setId("take-offcuts");
        bench.whileOpen(bench.shelf().watch(refresh));
        CardButton more = new CardButton(desk, "sticks-more", SticksTexts.MORE, SticksTexts.LAYING_OUT,
                List.of(Controls.captioned(SticksTexts.ONE_STICK_A_FRAME, keep), endTrim, leastOffcut,
                        Controls.captioned(SticksTexts.SCARF, scarf)));
        ofSticks = List.of(add, rack.button(), shelf, compare, back, more, hint);
        addTools(choices);
        addTools(ofSticks.subList(0, ofSticks.size() - 1));
        addTools(boards.tools());
        addTools(sheets.tools());
        says.getStyleClass().add("says");
        says.setId("wood-says");
        setUnderDrawing(says);
        addUnderDrawing(List.of(hint));
        addUnderDrawing(boards.bar());
        bench.document().addListener((observed, old, now) -> forgetOthers());
        dragging = new StickDragging(bench, view(), this::choose, this::found, this::openStick, hint::setText);
        getChildren().add(dragging.mark());
        view().setOnMousePressed(e -> {
            if (isPlain()) {
                dragging.press(e);
            }
        });
        view().setOnMouseDragged(e -> {
            if (isPlain()) {
                dragging.drag(e);
            }
        });
        view().setOnMouseReleased(e -> {
            if (isPlain()) {
                dragging.release(e);
                showHint();
            }
        });
    }

    /** Whether the sticks shown are this job's alone. */
    private boolean isPlain() {
        return mode == Mode.STICKS && rack.together().isEmpty();
    }

    private void choose(int stock) {
        chosen = stock;
        editor.show(bench().currentPlan(), bench().notation().get(), chosen);
    }

    /** One stick of a kind has a knot; where there are several of it, that one is a kind of its own from now on. */
    private void found(int stock, int number, Span defect) {
        List<Stick> sticks = bench().job().stock().sticks();
        if (stock < sticks.size() && sticks.get(stock).count() > 1) {
            chosen = stock + 1;
        }
        bench().change(SticksTexts.CHANGE_KNOT,
                job -> job.withStock(job.stock().withDefect(stock, number, defect)));
    }

    /** The stick's own card, beside its name. */
    private void openStick(int stock) {
        Node name = view().spot(SticksFigure.key(stock));
        if (name != null) {
            pressed(SticksFigure.key(stock), name);
        }
    }

    @Override
    public List<Sentence> cautions(Plan plan) {
        return switch (mode) {
            case STICKS -> List.of();
            case BOARDS -> SticksChapter.boardCautions(plan);
            case SHEETS -> SticksChapter.sheetCautions(plan);
        };
    }

    @Override
    public void pressed(String key, Node at) {
        if (mode != Mode.STICKS) {
            (mode == Mode.BOARDS ? boards : sheets).pressed(key, at);
            return;
        }
        for (int i = 0; i < bench().job().stock().sticks().size(); i++) {
            if (SticksFigure.key(i).equals(key)) {
                choose(i);
                editor.toggle(at);
            }
        }
    }

    @Override
    public @Nullable ValueTag reveal(Field field) {
        for (int i = 0; i < bench().job().stock().sticks().size(); i++) {
            if (field.id().equals(StockFields.stickWidth(i).id())
                    || field.id().equals(StockFields.stickThickness(i).id())) {
                openStick(i);
                return editor.box(boxId(field));
            }
        }
        return super.reveal(field);
    }

    private void takeKept() {
        Plan other = kept;
        if (other != null) {
            kept = bench().currentPlan();
            bench().change(SticksTexts.CHANGE_THE_OTHER_LAYOUT,
                    job -> job.withStock(other.job().stock()).withSaw(other.job().saw()));
        }
    }

    /** What was kept or cut together belongs to the job that was on the bench then. */
    private void forgetOthers() {
        kept = null;
        rack.forgetTogether();
    }

    private void showHint() {
        hint.setText(!rack.together().isEmpty()
                ? SticksTexts.NUMBERED_TOGETHER
                : bench().job().stock().sticks().isEmpty()
                        ? ""
                        : SticksTexts.DRAG_HINT);
    }

    /** This job's plan, or that of all jobs cut together. */
    private Plan shown(Plan plan) {
        List<Job> others = rack.together();
        if (others.isEmpty()) {
            return plan;
        }
        Optional<Plan> known = batch.of(new Together(plan.job(), plan.shop(), others));
        return known.orElse(plan);
    }

    @Override
    public Figure figure(Plan plan) {
        return switch (mode) {
            case STICKS -> SticksFigure.of(shown(plan));
            case BOARDS -> boards.figure(plan);
            case SHEETS -> sheets.figure(plan);
        };
    }

    @Override
    public Slate slate(Plan plan) {
        return switch (mode) {
            case STICKS -> withKept(super.slate(shown(plan)));
            case BOARDS -> boards.slate(plan);
            case SHEETS -> sheets.slate(plan);
        };
    }

    /** The figures of the layout that was kept for comparison stand below the present ones. */
    private Slate withKept(Slate slate) {
        Plan other = kept;
        if (other == null) {
            return slate;
        }
        StickLayout layout = other.layout();
        List<Slate.Row> rows = new ArrayList<>(slate.rows());
        rows.add(Slate.Row.large(SticksTexts.THE_OTHER_STICKS, Reading.given(SticksTexts.OTHER_STICKS,
                Scalar.count(layout.sticks().size()))));
        rows.add(Slate.Row.plain(SticksTexts.THE_OTHER_LONGEST_OFFCUT,
                Reading.given(SticksTexts.OTHER_OFFCUT, layout.longestOffcut())));
        Double cost = layout.cost();
        if (cost != null) {
            rows.add(Slate.Row.plain(SticksTexts.THE_OTHER_COST,
                    Reading.given(SticksTexts.OTHER_COST, new Money(cost))));
        }
        return new Slate(rows);
    }

    @Override
    public void showTools(Plan plan, Notation notation) {
        choices.show(mode, plan.job().section().wood(), notation);
        show(ofSticks, mode == Mode.STICKS);
        show(boards.tools(), mode == Mode.BOARDS);
        show(boards.bar(), mode == Mode.BOARDS);
        show(sheets.tools(), mode == Mode.SHEETS);
        List<Sentence> sentences = List.of();
        switch (mode) {
            case STICKS -> showSticks(plan, notation);
            case BOARDS -> {
                boards.show(plan, notation);
                sentences = boards.says(plan);
            }
            case SHEETS -> {
                sheets.show(plan, notation);
                sentences = sheets.says(plan);
            }
        }
        Controls.say(says, sentences, notation);
    }

    private static void show(List<Node> nodes, boolean shown) {
        for (Node node : nodes) {
            node.setVisible(shown);
            node.setManaged(shown);
        }
    }

    private void showSticks(Plan plan, Notation notation) {
        keep.show(plan.job().stock().keepFrameTogether());
        scarf.show(plan.job().stock().scarf());
        endTrim.show(plan, notation);
        leastOffcut.show(plan, notation);
        int sticks = plan.job().stock().sticks().size();
        if (chosen >= sticks && bench().isOld(plan)) {
            return;
        }
        chosen = Math.max(0, Math.min(chosen, sticks - 1));
        editor.show(plan, notation, chosen);
        compare.setSelected(kept != null);
        back.setVisible(kept != null);
        back.setManaged(kept != null);
        int offered = bench().shelf().of(plan.job()).stream().mapToInt(lot -> lot.sticks().size()).sum();
        shelf.setText(SticksTexts.TAKE_SOME_OFFCUTS.formatted(offered));
        shelf.setVisible(offered > 0);
        shelf.setManaged(offered > 0);
        showHint();
    }
}
