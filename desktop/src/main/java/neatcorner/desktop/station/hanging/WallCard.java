package neatcorner.desktop.station.hanging;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.logging.Level;
import java.util.logging.Logger;
import java.util.stream.Stream;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import neatcorner.desktop.control.BuiltFrom;
import neatcorner.desktop.control.Controls;
import neatcorner.desktop.control.LengthBox;
import neatcorner.desktop.desk.JobFolders;
import neatcorner.desktop.desk.Notice;
import neatcorner.desktop.desk.Workbench;
import neatcorner.desktop.document.Planning;
import neatcorner.exchange.BadFile;
import neatcorner.exchange.job.JobFile;
import neatcorner.exchange.paper.PaperSize;
import neatcorner.exchange.template.WallTemplate;
import neatcorner.hanging.Arrangement;
import neatcorner.hanging.HungFrame;
import neatcorner.hanging.OnWall;
import neatcorner.job.Job;
import neatcorner.measure.Length;
import neatcorner.measure.Notation;
import neatcorner.plan.Plan;
import neatcorner.station.hanging.HangingFields;
import neatcorner.station.hanging.WallWork;

/** Frames that hang on one wall with this one: taken from the shop or given by their size, set out, and marked on paper. */
final class WallCard extends VBox {
    private static final Logger LOG = Logger.getLogger(WallCard.class.getName());

    private final Workbench bench;
    private final MenuButton ofShop = new MenuButton();
    private final VBox rows = new VBox(4);
    private final FlowPane ways = new FlowPane(6, 6);
    private final CheckBox studs = new CheckBox(HangingTexts.STUDS_KNOWN);
    private final LengthBox width;
    private final LengthBox from;
    private final LengthBox gap;
    private final LengthBox firstStud;
    private final LengthBox studsApart;
    private final Button template;
    private final Button today;
    private final BuiltFrom built = new BuiltFrom();
    private List<LengthBox> sizes = List.of();

    WallCard(Workbench bench) {
        this.bench = bench;
        setId("wall-frames");
        setSpacing(8);
        ofShop.setId("wall-add-job");
        ofShop.setOnShowing(e -> listJobs());
        ofShop.getItems().add(new MenuItem());
        Button another = Controls.chip(HangingTexts.ADD_ANOTHER, this::addAnother);
        another.setId("wall-add-other");
        today = Controls.chip(HangingTexts.SIZES_OF_TODAY, this::measureAgain);
        today.setId("wall-today");
        width = new LengthBox(bench, HangingFields.WALL_WIDTH, HangingTexts.WALL_WIDTH);
        from = new LengthBox(bench, HangingFields.FROM, HangingTexts.FROM_THE_LEFT);
        gap = new LengthBox(bench, HangingFields.GAP, HangingTexts.GAP);
        firstStud = new LengthBox(bench, HangingFields.FIRST_STUD, HangingTexts.FIRST_STUD);
        studsApart = new LengthBox(bench, HangingFields.STUDS_APART, HangingTexts.STUDS_APART);
        way("wall-gap", HangingTexts.WITH_GAP,
                wall -> frames -> Arrangement.withGap(frames, wall.gap().toMm()));
        way("wall-equal", HangingTexts.EQUAL_GAPS, wall -> Arrangement::equalGaps);
        way("wall-top", HangingTexts.TOPS, wall -> frames -> Arrangement.inLine(frames, Arrangement.Line.TOP));
        way("wall-middles", HangingTexts.MIDDLES,
                wall -> frames -> Arrangement.inLine(frames, Arrangement.Line.CENTER));
        way("wall-bottom", HangingTexts.BOTTOMS,
                wall -> frames -> Arrangement.inLine(frames, Arrangement.Line.BOTTOM));
        way("wall-center", HangingTexts.MIDDLE_OF_THE_WALL,
                wall -> frames -> Arrangement.centered(frames, wall.width().toMm()));
        ways.setPrefWrapLength(420);
        studs.setId("studs-known");
        studs.setOnAction(e -> changeWall(HangingTexts.STUDS_KNOWN, wall -> wall.withStuds(studs.isSelected()
                ? OnWall.studs(bench.job().units())
                : null)));
        template = Controls.chip(HangingTexts.TEMPLATE, this::writeTemplate);
        template.setId("wall-template");
        getChildren().addAll(row(ofShop, another), rows, width, from, gap, ways, studs, firstStud, studsApart,
                row(template, today));
    }

    private static HBox row(Node... nodes) {
        HBox row = new HBox(6, nodes);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    /** What sets the frames of a wall out. */
    private interface Way {
        UnaryOperator<List<HungFrame>> on(OnWall wall);
    }

    private void way(String id, String name, Way way) {
        Button button = Controls.chip(name, () -> bench.change(name, job -> {
            OnWall wall = job.hanging().onWall();
            return wall == null ? job : WallWork.arranged(job, way.on(wall));
        }));
        button.setId(id);
        ways.getChildren().add(button);
    }

    /** The wall is there as soon as something is said about it. */
    private void changeWall(String name, UnaryOperator<OnWall> change) {
        bench.change(name, job -> changed(job, change));
    }

    private static Job changed(Job job, UnaryOperator<OnWall> change) {
        OnWall wall = job.hanging().onWall();
        return job.withHanging(
                job.hanging().withOnWall(change.apply(wall == null ? OnWall.usual(job.units()) : wall)));
    }

    private static OnWall with(OnWall wall, OnWall.Other other) {
        List<OnWall.Other> others = new ArrayList<>(wall.others());
        others.add(other);
        return wall.withOthers(others.subList(0, Math.min(others.size(), OnWall.MOST_OTHERS)));
    }

    private void listJobs() {
        JobFolders folders = bench.folders();
        ofShop.getItems().setAll(Stream.concat(folders.ownJobs().stream(), folders.demoJobs().stream())
                .filter(file -> !file.equals(bench.file())).map(file -> {
                    MenuItem item = new MenuItem(name(file));
                    item.setMnemonicParsing(false);
                    item.setId("wall-job-" + name(file).replace(' ', '-'));
                    item.setOnAction(e -> add(file));
                    return item;
                }).toList());
        if (ofShop.getItems().isEmpty()) {
            MenuItem none = new MenuItem(HangingTexts.NO_OTHER_JOBS);
            none.setDisable(true);
            ofShop.getItems().add(none);
        }
    }

    private static String name(Path file) {
        String name = String.valueOf(file.getFileName());
        int dot = name.lastIndexOf('.');
        return dot > 0 ? name.substring(0, dot) : name;
    }

    /** To the right of all that hangs there, a gap away, its middle as high as the others'. */
    private static Job added(Job job, OnWall.Other other) {
        return changed(job, wall -> {
            double[] right = {0};
            WallWork.arranged(job.withHanging(job.hanging().withOnWall(wall)), frames -> {
                right[0] = frames.stream().mapToDouble(HungFrame::right).max().orElse(0);
                return frames;
            });
            Length middle = Length.mm(right[0]).plus(wall.gap()).plus(other.width().scaled(0.5));
            return with(wall, other.withFrom(middle).withCentre(job.hanging().centre()));
        });
    }

    private void addAnother() {
        bench.change(HangingTexts.ADD_ANOTHER, job -> {
            OnWall wall = job.hanging().onWall();
            int number = wall == null ? 2 : wall.others().size() + 2;
            Length w = job.units().either(300, 12);
            Length h = job.units().either(400, 16);
            return added(job, new OnWall.Other(HangingTexts.FRAME_NUMBER.formatted(number), "", w, h, Length.ZERO,
                    Length.ZERO, List.of(new OnWall.HungBy(Length.ZERO, job.units().either(60, 2.5)))));
        });
    }

    private void add(Path file) {
        bench.planning().ask(Planning.Pace.QUICK, search -> read(file),
                found -> found.ifPresentOrElse(
                        other -> bench.change(HangingTexts.ADD_FROM_SHOP, job -> added(job, other)),
                        () -> bench.say(HangingTexts.NOT_READ.formatted(name(file)))),
                bench::fault);
    }

    /** A job's frame as it is kept; empty where that cannot be read, or makes no frame. */
    private static Optional<OnWall.Other> read(Path file) {
        try {
            Job job = JobFile.mended(file).file().job();
            Plan plan = Plan.of(job.withStock(job.stock().withSticks(List.of())), () -> true);
            return WallWork.other(plan, String.valueOf(file.getFileName()), Length.ZERO);
        } catch (IOException | BadFile e) {
            LOG.log(Level.WARNING, "a frame for the wall", e);
            return Optional.empty();
        }
    }

    /** All that come from the shop, as their jobs are now; where they hang stays. */
    private void measureAgain() {
        JobFolders folders = bench.folders();
        List<Path> files = Stream.concat(folders.ownJobs().stream(), folders.demoJobs().stream()).toList();
        bench.planning().ask(Planning.Pace.QUICK,
                search -> files.stream().flatMap(file -> read(file).stream()).toList(),
                read -> changeWall(HangingTexts.SIZES_OF_TODAY, wall -> wall.withOthers(
                        wall.others().stream().map(other -> now(other, read)).toList())),
                bench::fault);
    }

    private static OnWall.Other now(OnWall.Other before, List<OnWall.Other> read) {
        return read.stream().filter(other -> !before.job().isEmpty() && other.job().equals(before.job())).findFirst()
                .map(other -> other.withFrom(before.from()).withCentre(before.centre())).orElse(before);
    }

    private void writeTemplate() {
        Plan plan = bench.currentPlan();
        Path file = bench.home().paper().resolve(JobFolders.fileName(plan.job().title()) + "-hooks.pdf");
        PaperSize paper = bench.settings().paper();
        Notation notation = bench.notation().get();
        WallWork.of(plan).ifPresent(work -> bench.files().make(() -> WallTemplate.write(work, file, paper, notation),
                made -> Notice.info(HangingTexts.TEMPLATE_READY.formatted(made),
                        new Notice.Action(HangingTexts.OPEN_IT, () -> bench.files().open(made))),
                HangingTexts.TEMPLATE_NOT_WRITTEN.formatted(file)));
    }

    void show(Plan plan, Notation notation) {
        OnWall wall = plan.job().hanging().onWall();
        boolean there = wall != null;
        boolean several = wall != null && !wall.others().isEmpty();
        ofShop.setText(HangingTexts.ADD_FROM_SHOP);
        List<OnWall.Other> others = wall == null ? List.of() : wall.others();
        if (built.changed(others.stream().map(OnWall.Other::name).toList(), notation)) {
            build(others);
        }
        sizes.forEach(box -> box.show(plan, notation));
        for (LengthBox box : List.of(width, from, gap)) {
            box.show(plan, notation);
            present(box, there);
        }
        present(ways, several);
        present(template, there);
        present(today, others.stream().anyMatch(other -> !other.job().isEmpty()));
        boolean known = wall != null && wall.studs() != null;
        studs.setSelected(known);
        firstStud.show(plan, notation);
        studsApart.show(plan, notation);
        present(firstStud, known);
        present(studsApart, known);
    }

    private void build(List<OnWall.Other> others) {
        List<LengthBox> boxes = new ArrayList<>();
        rows.getChildren().clear();
        for (int i = 0; i < others.size(); i++) {
            int index = i;
            Label name = new Label(others.get(i).name());
            name.setMinWidth(120);
            LengthBox wide = new LengthBox(bench, HangingFields.otherWidth(i), "");
            LengthBox high = new LengthBox(bench, HangingFields.otherHeight(i), "×");
            Button away = Controls.chip(HangingTexts.LEAVE_OUT, () -> changeWall(HangingTexts.LEAVE_OUT, wall -> {
                List<OnWall.Other> rest = new ArrayList<>(wall.others());
                if (index < rest.size()) {
                    rest.remove(index);
                }
                return wall.withOthers(rest);
            }));
            away.setId("wall-out-" + i);
            rows.getChildren().add(row(name, wide, high, away));
            boxes.add(wide);
            boxes.add(high);
        }
        sizes = boxes;
    }

    private static void present(Node node, boolean present) {
        node.setVisible(present);
        node.setManaged(present);
    }
}
