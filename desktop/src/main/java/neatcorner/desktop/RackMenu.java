package neatcorner.desktop;

import java.io.File;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.logging.Level;
import java.util.logging.Logger;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.stage.FileChooser;
import neatcorner.exchange.BadFile;
import neatcorner.exchange.JobFile;
import neatcorner.exchange.StockCsv;
import neatcorner.plan.Batch;
import neatcorner.plan.Job;
import neatcorner.plan.MoreFrames;
import neatcorner.plan.Offcuts;
import neatcorner.plan.Plan;
import neatcorner.stock.Stick;

/** What can be done with the rack as a whole: offcuts back, lists in and out, other jobs cut together with this one. */
final class RackMenu {
    private static final Logger LOG = Logger.getLogger(RackMenu.class.getName());
    private static final long LARGEST_LIST = 2_000_000;

    private final Workbench bench;
    private final Runnable refresh;
    private final MenuButton menu = new MenuButton("Rack");
    private final Map<Path, Job> together = new LinkedHashMap<>();

    RackMenu(Workbench bench, Runnable refresh) {
        this.bench = bench;
        this.refresh = refresh;
        menu.setId("rack-menu");
        menu.setOnShowing(e -> list());
        menu.getItems().add(new MenuItem());
        bench.file().addListener((observed, old, now) -> together.clear());
    }

    MenuButton button() {
        return menu;
    }

    /** Jobs that are cut from the same sticks as this one. */
    List<Job> together() {
        return List.copyOf(together.values());
    }

    private void list() {
        menu.getItems().clear();
        item("It is cut: put the offcuts on the shelf", this::putBack);
        if (!bench.shelf().offered(bench.job()).isEmpty()) {
            item("Take the offcuts of this section from the shelf", this::takeOffcuts);
        }
        item("What else do the offcuts give?", this::sayWhatElse);
        item("Let all pieces lie anywhere again",
                () -> bench.edit(bench.job().withStock(bench.job().stock().withPins(List.of()))));
        menu.getItems().add(new SeparatorMenuItem());
        item("Read sticks from a list (CSV) …", this::chooseList);
        item("Write the sticks as a list (CSV) …", this::chooseTarget);
        menu.getItems().add(new SeparatorMenuItem());
        for (Path file : others()) {
            Job other = read(file);
            if (other != null && Batch.areAlike(bench.job(), other)) {
                CheckMenuItem item = new CheckMenuItem("Cut together with " + other.title());
                item.setSelected(together.containsKey(file));
                item.setOnAction(e -> {
                    if (together.remove(file) == null) {
                        together.put(file, other);
                    }
                    refresh.run();
                });
                menu.getItems().add(item);
            }
        }
    }

    private void putBack() {
        Plan plan = bench.currentPlan();
        List<Stick> offcuts = Offcuts.of(plan);
        if (!bench.shelf().keep(plan.job(), offcuts)) {
            bench.notice().set(Notice.grave("The offcuts could not be written down; the rack stays as it is."));
            return;
        }
        bench.edit(Offcuts.cut(plan));
        bench.notice().set(Notice.info("The sticks are off the rack, and " + offcuts.size()
                + " offcuts on the shelf, for any job in this wood and section."));
    }

    /** Puts the shelf's offcuts of this section on the rack, where they are taken first, being paid for. */
    void takeOffcuts() {
        Job job = bench.job();
        List<Stick> sticks = new ArrayList<>(bench.shelf().offered(job));
        sticks.addAll(job.stock().sticks());
        bench.shelf().take(job);
        bench.edit(job.withStock(job.stock().withPins(List.of()).withSticks(sticks)));
    }

    private void item(String text, Runnable run) {
        MenuItem item = new MenuItem(bench.notation().get().words(text));
        item.setOnAction(e -> run.run());
        menu.getItems().add(item);
    }

    private List<Path> others() {
        Path own = bench.file().get();
        boolean demo = own != null && bench.shop().isDemo(own);
        return (demo ? bench.shop().demoJobs() : bench.shop().ownJobs()).stream().filter(file -> !file.equals(own))
                .limit(40).toList();
    }

    private static @org.jspecify.annotations.Nullable Job read(Path file) {
        try {
            return JobFile.read(file).job();
        } catch (BadFile | IOException e) {
            LOG.log(Level.INFO, "left out of the list: " + file, e);
            return null;
        }
    }

    private void sayWhatElse() {
        Plan plan = bench.currentPlan();
        List<MoreFrames> more = MoreFrames.of(plan);
        StringBuilder text = new StringBuilder();
        for (MoreFrames each : more.subList(0, Math.min(6, more.size()))) {
            text.append(text.isEmpty() ? "" : ", ").append(each.frames()).append(" × ").append(each.size().name());
        }
        bench.notice().set(Notice.info(more.isEmpty()
                ? "The offcuts are too short for another frame of any standard size."
                : "The offcuts would give, one kind at a time: " + text + "."));
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
        chooser.getExtensionFilters().add(new FileChooser.ExtensionFilter("Comma-separated values", "*.csv"));
        return chooser;
    }

    /** Puts the sticks of a list on the rack in place of those there; one step to undo. */
    void importFrom(Path file) {
        try {
            if (Files.size(file) > LARGEST_LIST) {
                throw new BadFile(0, "", "a list of sticks: this file is too large");
            }
            List<Stick> sticks = StockCsv.read(Files.readString(file, StandardCharsets.UTF_8), bench.job().units());
            bench.edit(bench.job().withStock(bench.job().stock().withPins(List.of()).withSticks(sticks)));
            bench.notice().set(Notice.info(sticks.size() + " kinds of stick are on the rack now."));
        } catch (BadFile e) {
            bench.notice().set(Notice.grave(file.getFileName() + ": " + e.getMessage() + "."));
        } catch (IOException e) {
            LOG.log(Level.WARNING, "list not read", e);
            bench.notice().set(Notice.grave(file + " cannot be read as a list of sticks."));
        }
    }

    void exportTo(Path file) {
        try {
            JobFile.writeWhole(file, StockCsv.write(bench.job().stock().sticks(), bench.job().units())
                    .getBytes(StandardCharsets.UTF_8));
            bench.notice().set(Notice.info("The sticks are listed in " + file + "."));
        } catch (IOException e) {
            LOG.log(Level.WARNING, "list not written", e);
            bench.notice().set(Notice.grave("The list could not be written to " + file + "."));
        }
    }
}
