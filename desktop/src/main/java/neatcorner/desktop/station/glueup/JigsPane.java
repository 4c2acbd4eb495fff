package neatcorner.desktop.station.glueup;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import neatcorner.desktop.control.Controls;
import neatcorner.desktop.control.LengthBox;
import neatcorner.desktop.control.StepList;
import neatcorner.desktop.desk.JobFolders;
import neatcorner.desktop.desk.Later;
import neatcorner.desktop.desk.Notice;
import neatcorner.desktop.desk.Workbench;
import neatcorner.desktop.draw.Palette;
import neatcorner.desktop.draw.PictureChoice;
import neatcorner.desktop.station.CardButton;
import neatcorner.desktop.station.Desk;
import neatcorner.exchange.paper.PaperSize;
import neatcorner.exchange.template.JigTemplates;
import neatcorner.glueup.jig.CornerJig;
import neatcorner.glueup.jig.JigDesign;
import neatcorner.measure.Notation;
import neatcorner.measure.Reading;
import neatcorner.measure.Sentence;
import neatcorner.plan.Field;
import neatcorner.plan.Plan;
import neatcorner.plan.Slate;
import neatcorner.station.glueup.GlueUpChoices;
import neatcorner.station.glueup.JigFields;
import neatcorner.station.glueup.JigWork;

/** A jig for the frame on the bench: what to cut and from where, how it goes together, and its templates as files. */
final class JigsPane extends StepList {
    private final Workbench bench;
    private final PictureChoice<JigDesign.Kind> kinds;
    private final CardButton which;
    private final Button templates;
    private final List<LengthBox> sizes = new ArrayList<>();
    private final Label holes = new Label();
    private final HBox holeCounter;
    private final Later<Wanted, Optional<JigWork>> works;
    private JigDesign.Kind kind = JigDesign.Kind.CORNER_JIG;

    private record Wanted(Plan plan, JigDesign.Kind kind) {}

    JigsPane(Desk desk, Palette palette) {
        Workbench bench = desk.bench();
        Runnable refresh = desk::refresh;
        works = new Later<>(bench, Optional.empty(),
                (wanted, search) -> Optional.of(JigWork.of(wanted.plan, wanted.kind, search)), refresh);
        super("jig-cuts");
        this.bench = bench;
        kinds = new PictureChoice<>(palette, 5, 4, wanted -> {
            kind = wanted;
            refresh.run();
        });
        kinds.inCard();
        which = new CardButton(desk, "jig", "", GlueUpTexts.WHICH_JIG, List.of(kinds));
        templates = Controls.chip(GlueUpTexts.TEMPLATES, this::write);
        templates.setId("jig-templates");
        for (Field field : JigFields.ALL) {
            sizes.add(new LengthBox(bench, field, field.title()));
        }
        Button fewer = Controls.chip("−", () -> changeHoles(-1));
        fewer.setId("fewer-holes");
        fewer.setAccessibleText(GlueUpTexts.FEWER_HOLES);
        Button more = Controls.chip("+", () -> changeHoles(1));
        more.setId("more-holes");
        more.setAccessibleText(GlueUpTexts.MORE_HOLES);
        holeCounter = Controls.captioned(GlueUpTexts.HOLES, fewer, holes, more);
    }

    List<Node> tools() {
        return List.of(which, templates);
    }

    /** The jigs there are to choose from. */
    void showChoices(Plan plan, GlueUpChoices choices, Notation notation) {
        kinds.show(choices.jigs().stream().map(jig -> new PictureChoice.Option<>(jig.kind(),
                Controls.id("jig-", jig.kind()),
                Sentence.capital(notation.words(jig.kind().title())), jig.figure().in(notation), "", true,
                jig.kind() == kind(plan), jig.picture())).toList());
    }

    private CornerJig jig() {
        CornerJig jig = bench.shop().jig();
        return jig == null ? CornerJig.usual(bench.job().units()) : jig;
    }

    private void changeHoles(int by) {
        int count = Math.max(1, jig().holes() + by);
        bench.changeShop(GlueUpTexts.CHANGE_JIG,
                shop -> shop.withJig(jig().withHoles(count), Math.max(1, shop.jigs())));
    }

    private JigDesign.Kind kind(Plan plan) {
        List<JigDesign.Kind> kinds = JigWork.kinds(plan);
        return kinds.contains(kind) || kinds.isEmpty() ? kind : kinds.getFirst();
    }

    JigDesign design(Plan plan) {
        return work(plan).map(JigWork::design)
                .orElse(new JigDesign(kind, List.of(), List.of(), List.of(), List.of()));
    }

    private Optional<JigWork> work(Plan plan) {
        return plan.pieces().isEmpty() ? Optional.empty() : works.of(new Wanted(plan, kind(plan)));
    }

    Slate slate(Plan plan) {
        List<Slate.Row> rowsOfSlate = new ArrayList<>();
        for (Reading reading : design(plan).settings()) {
            rowsOfSlate.add(Slate.Row.large(reading.name(), reading));
        }
        return new Slate(rowsOfSlate);
    }

    void show(Plan plan, Notation notation) {
        which.setText(Sentence.capital(notation.words(kind(plan).title())));
        List<Node> nodes = new ArrayList<>();
        JigWork work = work(plan).orElse(null);
        if (work != null) {
            nodes.add(heading(notation.words(GlueUpTexts.JIG_CUT_FROM)));
            for (JigDesign.Part part : work.design().parts()) {
                nodes.add(line(part.count() + " × " + part.name() + "  " + notation.bare(part.length()) + " × "
                        + notation.text(part.width())));
            }
            nodes.add(line(work.layout().isComplete()
                    ? GlueUpTexts.FROM_SHEETS.formatted(work.layout().count(),
                            work.nesting().sheets().getFirst().name(),
                            work.layout().proved() ? GlueUpTexts.PROVED_LEAST : GlueUpTexts.LEAST_NOT_PROVED)
                    : GlueUpTexts.JIG_NOT_PLACED.formatted(work.nesting().sheets().getFirst().name())));
            if (kind(plan) == JigDesign.Kind.CORNER_JIG) {
                nodes.add(heading(GlueUpTexts.SHOPS_JIG));
                sizes.forEach(box -> box.show(plan, notation));
                nodes.addAll(sizes);
                holes.setText(String.valueOf(jig().holes()));
                nodes.add(holeCounter);
            }
            nodes.add(heading(GlueUpTexts.PUT_TOGETHER));
            for (Sentence step : work.design().steps()) {
                nodes.add(line(step.in(notation)));
            }
        }
        setRows(nodes);
    }

    private static Label heading(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("step");
        return label;
    }

    private static Label line(String text) {
        Label label = new Label(text);
        label.setWrapText(true);
        label.setMinHeight(USE_PREF_SIZE);
        return label;
    }

    private void write() {
        Plan plan = bench.currentPlan();
        JigDesign design = design(plan);
        Notation notation = bench.notation().get();
        Path folder = bench.home().paper().resolve(JobFolders.fileName(plan.job().title()));
        bench.files().make(() -> JigTemplates.write(design, folder, PaperSize.A4, notation),
                pdf -> Notice.info(GlueUpTexts.TEMPLATES_WRITTEN.formatted(folder),
                        new Notice.Action(GlueUpTexts.OPEN, () -> bench.files().open(pdf))),
                GlueUpTexts.TEMPLATES_NOT_WRITTEN.formatted(folder));
    }
}
