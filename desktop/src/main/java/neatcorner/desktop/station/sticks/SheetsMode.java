package neatcorner.desktop.station.sticks;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import neatcorner.desktop.control.Controls;
import neatcorner.desktop.control.LengthBox;
import neatcorner.desktop.desk.Later;
import neatcorner.desktop.desk.Notice;
import neatcorner.desktop.desk.Workbench;
import neatcorner.desktop.station.CardButton;
import neatcorner.desktop.station.Desk;
import neatcorner.desktop.station.StationMode;
import neatcorner.drawing.Figure;
import neatcorner.job.Job;
import neatcorner.measure.Notation;
import neatcorner.measure.Reading;
import neatcorner.measure.Scalar;
import neatcorner.measure.Sentence;
import neatcorner.measure.Theirs;
import neatcorner.measure.Units;
import neatcorner.plan.Edit;
import neatcorner.plan.Plan;
import neatcorner.plan.Slate;
import neatcorner.station.sticks.SheetWork;
import neatcorner.station.sticks.SheetsFigure;
import neatcorner.station.sticks.StockFields;
import neatcorner.stock.Sheet;
import neatcorner.stock.sheets.Panel;
import neatcorner.stock.sheets.SheetCut;
import neatcorner.stock.sheets.SheetNesting;

/** Sheets of glass, mat and backing, with the panels for all frames cut from them edge to edge. */
final class SheetsMode implements StationMode {
    private final Workbench bench;
    private final CardButton card;
    private final Controls.Picker picker;
    private final StockEditor editor;
    private final LengthRow lengths;
    private final MenuButton add = new MenuButton(SticksTexts.ADD_A_SHEET_OF);
    private final CheckBox grained = new CheckBox(SticksTexts.HAS_PATTERN);
    private final List<Node> tools;
    private final MenuButton more = new MenuButton(SticksTexts.MORE);
    private final OtherJobs others;
    private final Later<Asked, List<SheetWork>> works;
    private final Runnable refresh;

    private record Asked(Plan plan, List<Job> others) {}

    SheetsMode(Desk desk, Runnable refresh) {
        bench = desk.bench();
        this.refresh = refresh;
        picker = new Controls.Picker("sheet", refresh);
        works = new Later<>(bench, List.of(), (asked, search) -> SheetWork.of(asked.plan, asked.others, search),
                refresh);
        others = new OtherJobs(bench, refresh);
        more.setId("sheets-more");
        more.setOnShowing(e -> listMore());
        more.getItems().add(new MenuItem());
        add.setId("add-sheet");
        add.setOnShowing(e -> list());
        add.getItems().add(new MenuItem());
        grained.setId("sheet-grained");
        grained.setOnAction(e -> change(s -> s.withGrained(grained.isSelected())));
        lengths = new LengthRow(index -> List.of(new LengthBox(bench, StockFields.sheetWidth(index), SticksTexts.WIDTH),
                new LengthBox(bench, StockFields.sheetHeight(index), SticksTexts.HEIGHT),
                new LengthBox(bench, StockFields.sheetTrim(index), SticksTexts.TRIM)));
        editor = new StockEditor("sheet", SticksTexts.SHEET, new StockEditor.Edits(
                name -> change(s -> s.withName(name)), count -> change(s -> s.withCount(count)),
                price -> change(s -> s.withPrice(price))),
                List.of(lengths), List.of(grained, Controls.chip(SticksTexts.REMOVE, this::remove)));
        card = new CardButton(desk, "sheet-own", "", SticksTexts.SHEET, List.of(editor));
        tools = List.of(add, picker, card, more);
    }

    private void list() {
        add.getItems().clear();
        Set<String> materials = SheetWork.materials(bench.job());
        for (String material : materials) {
            MenuItem item = new MenuItem(bench.notation().get().words(SheetWork.title(material)));
            item.setMnemonicParsing(false);
            item.setOnAction(e -> add(material));
            add.getItems().add(item);
        }
        if (materials.isEmpty()) {
            add.getItems().add(new MenuItem(SticksTexts.NO_SHEETS));
        }
    }

    /** What is left of sheets is kept in the shop, and taken from there; other jobs are cut from the same sheets. */
    private void listMore() {
        more.getItems().clear();
        Job job = bench.job();
        List<SheetWork> now = works(bench.currentPlan());
        List<Sheet> left = SheetWork.left(now, job.units());
        MenuItem cut = new MenuItem(SticksTexts.SHEETS_ARE_CUT.formatted(left.size()));
        cut.setId("sheets-cut");
        cut.setDisable(now.stream().allMatch(work -> work.layout().count() == 0));
        cut.setOnAction(e -> cut(now, left));
        more.getItems().add(cut);
        Set<String> materials = SheetWork.materials(job);
        bench.shop().sheets().stream()
                .filter(sheet -> materials.stream().anyMatch(material -> SheetWork.isOf(material, sheet)))
                .forEach(sheet -> more.getItems().add(taking(sheet)));
        others.offer(more, other -> SheetWork.sharesSheets(job, other));
    }

    private void cut(List<SheetWork> now, List<Sheet> left) {
        bench.change(SticksTexts.CHANGE_SHEETS_ARE_CUT, Edit.both(job -> SheetWork.cut(job, now), shop -> {
            List<Sheet> kept = new ArrayList<>(shop.sheets());
            kept.addAll(left);
            return shop.withSheets(kept);
        }));
        bench.notices().say(Notice.info(SticksTexts.SHEETS_WERE_CUT.formatted(left.size())));
    }

    private MenuItem taking(Sheet sheet) {
        Notation notation = bench.notation().get();
        MenuItem item = new MenuItem(SticksTexts.TAKE_A_SHEET.formatted(sheet.name(), notation.text(sheet.width()),
                notation.text(sheet.height())));
        item.setMnemonicParsing(false);
        item.setOnAction(e -> bench.change(SticksTexts.CHANGE_TAKE_A_SHEET, Edit.both(job -> {
            List<Sheet> sheets = new ArrayList<>(job.stock().sheets());
            sheets.addFirst(sheet);
            return job.withStock(job.stock().withSheets(sheets));
        }, shop -> {
            List<Sheet> kept = new ArrayList<>(shop.sheets());
            kept.remove(sheet);
            return shop.withSheets(kept);
        })));
        return item;
    }

    private void add(String material) {
        picker.choose(bench.job().stock().sheets().size());
        bench.change(SticksTexts.CHANGE_ADD_A_SHEET, job -> {
            Units units = job.units();
            List<Sheet> sheets = new ArrayList<>(job.stock().sheets());
            sheets.add(new Sheet(SticksTexts.NEW_SHEET.formatted(material), material, units.either(1600, 60),
                    units.either(1200, 40), 2,
                    null, false));
            return job.withStock(job.stock().withSheets(sheets));
        });
        card.toggle();
    }

    private void change(UnaryOperator<Sheet> changed) {
        int index = picker.index();
        bench.change(SticksTexts.CHANGE_SHEET, job -> StockFields.sheets(index).change(job, changed));
    }

    private void remove() {
        int index = picker.index();
        bench.change(SticksTexts.CHANGE_REMOVE_A_SHEET, job -> {
            List<Sheet> sheets = new ArrayList<>(job.stock().sheets());
            if (index < sheets.size()) {
                sheets.remove(index);
            }
            return job.withStock(job.stock().withSheets(sheets));
        });
    }

    private List<SheetWork> works(Plan plan) {
        return works.of(new Asked(plan, others.picked()));
    }

    @Override
    public List<Node> tools() {
        return tools;
    }

    @Override
    public void pressed(String key, Node at) {
        List<Sheet> sheets = bench.job().stock().sheets();
        for (int i = 0; i < sheets.size(); i++) {
            if (SheetsFigure.key(sheets.get(i)).equals(key)) {
                picker.choose(i);
                refresh.run();
                card.openAt(at);
                return;
            }
        }
    }

    @Override
    public void show(Plan plan, Notation notation) {
        List<Sheet> sheets = plan.job().stock().sheets();
        if (picker.index() >= sheets.size() && bench.isOld(plan)) {
            return;
        }
        picker.show(sheets.stream().map(Sheet::name).toList());
        card.setVisible(!sheets.isEmpty());
        card.setManaged(!sheets.isEmpty());
        if (!sheets.isEmpty()) {
            int index = picker.index();
            Sheet sheet = sheets.get(index);
            editor.show(sheet.name(), sheet.count(), sheet.price(), notation);
            card.setText(SticksTexts.OWN_CARD.formatted(sheet.name()));
            grained.setSelected(sheet.grained());
            lengths.show(index, plan, notation);
        }
    }

    @Override
    public Figure figure(Plan plan) {
        return SheetsFigure.of(works(plan));
    }

    @Override
    public Slate slate(Plan plan) {
        List<Slate.Row> rows = new ArrayList<>();
        for (SheetWork work : works(plan)) {
            String proof = !work.layout().isComplete()
                    ? SticksTexts.TOO_FEW
                    : work.layout().proved() ? SticksTexts.PROVED_LEAST : SticksTexts.LEAST_NOT_PROVED;
            rows.add(Slate.Row.large(Sentence.capital(SheetWork.title(work.material())) + proof,
                    Reading.computed(SticksTexts.SHEETS_TO_TAKE,
                            Scalar.count(work.layout().count()), work.layout().proof())));
            for (Panel panel : work.nesting().panels()) {
                rows.add(Slate.Row.plain(panel.count() + " × " + panel.name(),
                        Reading.given(SticksTexts.PANEL_WIDTH.formatted(panel.name()), panel.width()),
                        Reading.given(SticksTexts.PANEL_HEIGHT.formatted(panel.name()), panel.height())));
            }
            if (work.layout().count() > 0) {
                rows.add(Slate.Row.plain(SticksTexts.OF_IT_LEFT_OVER, Reading.computed(SticksTexts.LEFT_OVER,
                        new Scalar(100 * SheetsFigure.unused(work), "%", 0), SticksTexts.HOW_LEFT_OVER)));
            }
        }
        return new Slate(rows);
    }

    @Override
    public List<Sentence> says(Plan plan) {
        List<Sentence> says = new ArrayList<>();
        if (!others.picked().isEmpty()) {
            List<String> names = new ArrayList<>();
            for (Job job : others.picked()) {
                names.add(SticksTexts.NUMBERED_JOB.formatted(names.size() + 2, Theirs.words(job.title())));
            }
            says.add(Sentence.of(SticksTexts.PANELS_NUMBERED_TOGETHER.formatted(String.join(", ", names))));
        }
        for (SheetWork work : works(plan)) {
            if (!work.layout().isComplete() && !plan.job().stock().sheets().isEmpty()) {
                says.add(Sentence.of(
                        SticksTexts.NO_PLACE.formatted(SheetWork.title(work.material())),
                        Scalar.count(work.layout().unplaced())));
            }
            boolean narrow = work.layout().sheets().stream().flatMap(cut -> cut.cuts().stream()).map(SheetCut::strip)
                    .anyMatch(work::isTooNarrow);
            if (narrow) {
                says.add(Sentence.of(SticksTexts.PLIERS_HINT, work.thickness().times(SheetNesting.NARROW)));
            }
        }
        return says;
    }
}
