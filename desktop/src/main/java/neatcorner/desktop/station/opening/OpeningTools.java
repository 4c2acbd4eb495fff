package neatcorner.desktop.station.opening;

import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.Spinner;
import javafx.scene.control.SpinnerValueFactory;
import neatcorner.desktop.control.Controls;
import neatcorner.desktop.control.LengthBox;
import neatcorner.desktop.control.TypedNumber;
import neatcorner.desktop.control.ValueTag;
import neatcorner.desktop.desk.Workbench;
import neatcorner.desktop.draw.FigureView;
import neatcorner.desktop.draw.Palette;
import neatcorner.desktop.station.CardButton;
import neatcorner.desktop.station.Desk;
import neatcorner.desktop.station.StationView;
import neatcorner.fitout.Layer;
import neatcorner.fitout.Pack;
import neatcorner.fitout.SizeOf;
import neatcorner.fitout.StandardSize;
import neatcorner.job.Defaults;
import neatcorner.job.Job;
import neatcorner.job.Preset;
import neatcorner.measure.Notation;
import neatcorner.outline.Opening;
import neatcorner.plan.Field;
import neatcorner.plan.FrameFields;
import neatcorner.plan.Plan;
import neatcorner.station.opening.MatFields;
import neatcorner.station.opening.OpeningFigure;
import neatcorner.station.opening.WhatFits;
import org.jspecify.annotations.Nullable;

/** What has no place in the drawing of the opening: which size was measured, standard sizes, mat, how many frames. */
final class OpeningTools {
    private final Workbench bench;
    private final Controls.Choices<SizeOf> start;
    private final KindCard kind;
    private final MenuButton standard = new MenuButton(OpeningTexts.STANDARD_SIZES);
    private final MenuButton fits = new MenuButton(OpeningTexts.WHAT_FITS);
    private final CardButton mat;
    private final LengthBox even;
    private final LengthBox overlap;
    private final LengthBox clearance;
    private final LengthBox leaves;
    private final Spinner<Integer> quantity;
    private final BuiltOf builtOf;
    private final CardButton built;
    private final List<Node> controls;
    private boolean showing;

    OpeningTools(Desk desk, Palette palette) {
        this.bench = desk.bench();
        kind = new KindCard(desk, palette);
        start = new Controls.Choices<SizeOf>(of -> bench.change(OpeningTexts.CHANGE_START, job -> job.startingFrom(of)))
                .with(SizeOf.ART, OpeningTexts.ART, "start-art")
                .with(SizeOf.RABBET, OpeningTexts.RABBET, "start-rabbet")
                .with(SizeOf.SIGHT, OpeningTexts.SIGHT, "start-sight")
                .with(SizeOf.OUTSIDE, OpeningTexts.OUTSIDE, "start-outside");
        overlap = new LengthBox(bench, MatFields.MAT_OVERLAP, OpeningTexts.OVERLAP);
        clearance = new LengthBox(bench, FrameFields.CLEARANCE, OpeningTexts.CLEARANCE_A_SIDE);
        leaves = new LengthBox(bench, FrameFields.LEAF_PLAY, OpeningTexts.LEAF_PLAY);
        standard.setId("standard-sizes");
        standard.setOnShowing(e -> listStandard());
        listStandard();
        fits.setId("what-fits");
        fits.setOnShowing(e -> listFits());
        fits.getItems().add(new MenuItem());
        even = new LengthBox(bench, MatFields.MAT_EVEN, OpeningTexts.SHOWS_ALL_ROUND);
        Button without = Controls.chip(OpeningTexts.TAKE_MAT_OUT, this::takeMatOut);
        without.setId("mat-out");
        mat = new CardButton(desk, "mat", OpeningTexts.MAT, OpeningTexts.MAT, List.of(even, overlap, without));
        mat.setOnAction(e -> {
            if (bench.job().pack().mat().isEmpty()) {
                bench.change(OpeningTexts.CHANGE_MAT, Defaults::withUsualMat);
            }
            mat.toggle();
        });
        quantity = TypedNumber.count("quantity", OpeningTexts.FRAMES, 1, Job.MOST_FRAMES, bench::say);
        quantity.valueProperty().addListener((observed, old, now) -> {
            if (!showing && now != null) {
                bench.change(OpeningTexts.CHANGE_QUANTITY, job -> job.withQuantity(now));
            }
        });
        Button turn = Controls.chip(OpeningTexts.TURN,
                () -> bench.change(OpeningTexts.CHANGE_TURN, job -> turned(job)));
        turn.setId("turn-art");
        builtOf = new BuiltOf(bench);
        built = new CardButton(desk, "rings-and-parts", OpeningTexts.BUILT_OF_MORE, OpeningTexts.BUILT_OF,
                List.of(builtOf));
        controls = List.of(kind.button(), Controls.captioned(OpeningTexts.I_MEASURED, start), standard, mat,
                Controls.captioned(OpeningTexts.FRAMES, quantity),
                new CardButton(desk, "opening-more", OpeningTexts.MORE, OpeningTexts.OPENING,
                        List.of(turn, clearance, leaves, fits, built)));
    }

    /** Opens the card of the rings and parts beside the one of that name. */
    void open(String name, Node at) {
        builtOf.pick(name);
        builtOf.show(bench.plan().get(), bench.notation().get());
        built.openAt(at);
    }

    /** Opens the card of the ring or part that a length is of, beside it in the drawing; null where it is of none. */
    @Nullable
    ValueTag reveal(Field field, FigureView view) {
        String name = builtOf.owner(field);
        if (name == null) {
            return null;
        }
        Node there = view.spot(OpeningFigure.THING + name);
        open(name, there == null ? view : there);
        return built.part(StationView.boxId(field)) instanceof ValueTag box ? box : null;
    }

    /** Those of the job's own units first. */
    private void listStandard() {
        standard.getItems().clear();
        List<StandardSize> own = StandardSize.in(bench.job().units());
        own.forEach(this::offer);
        standard.getItems().add(new SeparatorMenuItem());
        StandardSize.all().stream().filter(size -> !own.contains(size)).forEach(this::offer);
    }

    private void offer(StandardSize size) {
        MenuItem item = new MenuItem(size.title());
        item.setOnAction(e -> takeStandard(size));
        standard.getItems().add(item);
    }

    private static Job turned(Job job) {
        return job.withSize(job.sizeOf(), job.size().turned());
    }

    private void takeStandard(StandardSize size) {
        bench.change(OpeningTexts.CHANGE_STANDARD_SIZE, job -> {
            boolean lying = job.size().width().isMoreThan(job.size().height());
            return job.withSize(job.sizeOf(), lying ? size.size().turned() : size.size());
        });
    }

    private void takeMatOut() {
        mat.toggle();
        bench.change(OpeningTexts.CHANGE_WITHOUT_A_MAT, OpeningTools::withoutMat);
    }

    /** For a frame that is already made: what art and mat go in. */
    private void listFits() {
        Notation notation = bench.notation().get();
        Job job = bench.job();
        fits.getItems().clear();
        Opening pack = job.sizes().pack();
        MenuItem whole = new MenuItem(notation.words(OpeningTexts.WITHOUT_A_MAT_ART_OF
                .formatted(notation.bare(pack.width()), notation.text(pack.height()))));
        whole.setOnAction(e -> bench.change(OpeningTexts.CHANGE_WITHOUT_A_MAT,
                now -> withoutMat(now.startingFrom(SizeOf.RABBET))));
        fits.getItems().add(whole);
        for (WhatFits fit : WhatFits.in(job)) {
            String way = fit.isUpright() ? OpeningTexts.SIZE_UPRIGHT : OpeningTexts.SIZE_LYING;
            MenuItem item = new MenuItem(notation.words(fit.needsMat()
                    ? (fit.isNarrow() ? OpeningTexts.WITH_NARROW_MAT_BORDERS : OpeningTexts.WITH_MAT_BORDERS).formatted(
                            way.formatted(fit.size().title()), notation.bare(fit.borders().left()),
                            notation.text(fit.borders().top()))
                    : OpeningTexts.WITHOUT_A_MAT.formatted(way.formatted(fit.size().title()))));
            item.setOnAction(e -> bench.change(OpeningTexts.CHANGE_WHAT_FITS, fit::appliedTo));
            fits.getItems().add(item);
        }
    }

    private static Job withoutMat(Job job) {
        List<Layer> layers = job.pack().layers().stream().filter(layer -> !(layer instanceof Layer.Mat)).toList();
        return job.withPack(new Pack(layers));
    }

    /** The controls, in reading order. */
    List<Node> controls() {
        return controls;
    }

    void show(Plan plan, Notation notation) {
        showing = true;
        kind.show(plan, notation);
        start.show(plan.job().sizeOf());
        start.rename(SizeOf.RABBET, notation.words(OpeningTexts.RABBET));
        mat.setText(notation.words(OpeningTexts.MAT));
        even.show(plan, notation);
        overlap.show(plan, notation);
        clearance.show(plan, notation);
        leaves.show(plan, notation);
        boolean pair = Preset.of(plan.job()) == Preset.SHUTTERS;
        leaves.setVisible(pair);
        leaves.setManaged(pair);
        builtOf.show(plan, notation);
        SpinnerValueFactory<Integer> values = quantity.getValueFactory();
        if (!quantity.isFocused() || !values.getValue().equals(plan.job().quantity())) {
            values.setValue(plan.job().quantity());
        }
        showing = false;
    }
}
