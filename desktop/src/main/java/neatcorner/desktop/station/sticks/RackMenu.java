package neatcorner.desktop.station.sticks;

import java.io.File;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.logging.Level;
import java.util.logging.Logger;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.stage.FileChooser;
import neatcorner.desktop.desk.Notice;
import neatcorner.desktop.desk.Workbench;
import neatcorner.desktop.document.Planning;
import neatcorner.exchange.BadFile;
import neatcorner.exchange.WholeFile;
import neatcorner.exchange.csv.StockCsv;
import neatcorner.job.Job;
import neatcorner.measure.Units;
import neatcorner.plan.Plan;
import neatcorner.planner.Batch;
import neatcorner.station.sticks.MoreFrames;
import neatcorner.station.sticks.Offcuts;
import neatcorner.stock.Shelf;
import neatcorner.stock.Stick;
import org.jspecify.annotations.Nullable;

/** What can be done with the rack as a whole: offcuts back, lists in and out, other jobs cut together with this one. */
public final class RackMenu {
    private static final Logger LOG = Logger.getLogger(RackMenu.class.getName());
    private static final int LARGEST_LIST = 2_000_000;

    private final Workbench bench;
    private final MenuButton menu = new MenuButton(SticksTexts.RACK);
    private final OtherJobs others;

    public RackMenu(Workbench bench, Runnable refresh) {
        this.bench = bench;
        menu.setId("rack-menu");
        menu.setOnShowing(e -> list());
        menu.getItems().add(new MenuItem());
        others = new OtherJobs(bench, refresh);
    }

    MenuButton button() {
        return menu;
    }

    /** Jobs that are cut from the same sticks as this one. */
    List<Job> together() {
        return others.picked();
    }

    void forgetTogether() {
        others.forget();
    }

    /** Other jobs that could be cut together with this one are added as soon as they are read. */
    private void list() {
        listOwn();
        Job job = bench.job();
        others.offer(menu, other -> Batch.areAlike(job, other));
    }

    private void listOwn() {
        menu.getItems().clear();
        item(SticksTexts.CUT_IT, () -> bench.whenPlanned(this::putBack));
        if (!bench.shelf().of(bench.job()).isEmpty()) {
            item(SticksTexts.TAKE_OFFCUTS, this::takeOffcuts);
        }
        item(SticksTexts.WHAT_OFFCUTS_GIVE, this::sayWhatElse);
        item(SticksTexts.LET_PIECES_LIE,
                () -> bench.change(SticksTexts.CHANGE_LET_PIECES_LIE,
                        job -> job.withStock(job.stock().withPins(List.of()))));
        menu.getItems().add(new SeparatorMenuItem());
        item(SticksTexts.READ_STICKS, this::chooseList);
        item(SticksTexts.WRITE_STICKS, this::chooseTarget);
        menu.getItems().add(new SeparatorMenuItem());
    }

    /** What is left goes by the plan that is shown, which must be of the job as it is now. */
    private void putBack() {
        Plan plan = bench.currentPlan();
        bench.change(SticksTexts.CHANGE_CUT, job -> Offcuts.cut(job, plan),
                new Shelf.Move(Offcuts.lots(plan), List.of()));
        bench.notices().say(Notice.info(SticksTexts.IT_IS_CUT.formatted(Offcuts.of(plan).size())));
    }

    /** Puts the shelf's offcuts that this job can be cut from on the rack, where they are taken first, being paid for. */
    void takeOffcuts() {
        List<Shelf.Lot> offered = bench.shelf().of(bench.job());
        bench.change(SticksTexts.CHANGE_TAKE_OFFCUTS, job -> {
            List<Stick> sticks = new ArrayList<>(Offcuts.onRack(job, offered));
            sticks.addAll(job.stock().sticks());
            return job.withStock(job.stock().withPins(List.of()).withSticks(sticks));
        }, new Shelf.Move(List.of(), offered));
    }

    private void item(String text, Runnable run) {
        MenuItem item = new MenuItem(bench.notation().get().words(text));
        item.setMnemonicParsing(false);
        item.setOnAction(e -> run.run());
        menu.getItems().add(item);
    }

    private void sayWhatElse() {
        Plan plan = bench.currentPlan();
        bench.planning().ask(Planning.Pace.SLOW, search -> MoreFrames.of(plan, search),
                more -> bench.notices().say(Notice.info(whatElse(more))), bench::fault);
    }

    private static String whatElse(List<MoreFrames> more) {
        StringBuilder text = new StringBuilder();
        for (MoreFrames each : more.subList(0, Math.min(6, more.size()))) {
            text.append(text.isEmpty() ? "" : ", ").append(each.frames()).append(" × ").append(each.size().name());
        }
        return more.isEmpty()
                ? SticksTexts.OFFCUTS_TOO_SHORT
                : SticksTexts.OFFCUTS_GIVE.formatted(text);
    }

    private void chooseList() {
        File file = chooser().showOpenDialog(menu.getScene().getWindow());
        if (file != null) {
            importFrom(file.toPath());
        }
    }

    private void chooseTarget() {
        File file = chooser().showSaveDialog(menu.getScene().getWindow());
        if (file != null) {
            exportTo(file.toPath());
        }
    }

    private static FileChooser chooser() {
        FileChooser chooser = new FileChooser();
        chooser.setInitialFileName("sticks.csv");
        chooser.getExtensionFilters().add(new FileChooser.ExtensionFilter(SticksTexts.COMMA_SEPARATED_VALUES, "*.csv"));
        return chooser;
    }

    /** Puts the sticks of a list on the rack in place of those there; one step to undo. */
    public void importFrom(Path file) {
        Units units = bench.job().units();
        bench.planning().ask(Planning.Pace.QUICK, search -> read(file, units), list -> {
            if (list.said != null) {
                bench.notices().say(Notice.grave(list.said));
                return;
            }
            bench.change(SticksTexts.CHANGE_STICKS_FROM_A_LIST,
                    job -> job.withStock(job.stock().withPins(List.of()).withSticks(list.sticks)));
            bench.notices().say(Notice.info(SticksTexts.STICKS_READ.formatted(list.sticks.size())));
        }, bench::fault);
    }

    /** The sticks of a list, or what is to be said about it. */
    private record Imported(List<Stick> sticks, @Nullable String said) {}

    private static Imported read(Path file, Units units) {
        try {
            return new Imported(
                    StockCsv.read(WholeFile.text(WholeFile.read(file, LARGEST_LIST, SticksTexts.LIST_OF_STICKS)),
                            units),
                    null);
        } catch (BadFile e) {
            return new Imported(List.of(), file.getFileName() + ": " + e.getMessage() + ".");
        } catch (IOException e) {
            LOG.log(Level.WARNING, "list not read", e);
            return new Imported(List.of(), SticksTexts.STICKS_NOT_READ.formatted(file));
        }
    }

    /** Writes the sticks into a list. */
    public void exportTo(Path file) {
        Job job = bench.job();
        bench.files().write(file,
                () -> StockCsv.write(job.stock().sticks(), job.units()).getBytes(StandardCharsets.UTF_8),
                SticksTexts.STICKS_WRITTEN.formatted(file), SticksTexts.STICKS_NOT_WRITTEN.formatted(file));
    }
}
