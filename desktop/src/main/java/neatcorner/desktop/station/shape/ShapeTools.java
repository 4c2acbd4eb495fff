package neatcorner.desktop.station.shape;

import java.nio.file.Path;
import java.util.List;
import java.util.function.BiFunction;
import java.util.function.IntConsumer;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Spinner;
import javafx.scene.layout.HBox;
import neatcorner.desktop.control.AngleBox;
import neatcorner.desktop.control.Controls;
import neatcorner.desktop.control.LengthBox;
import neatcorner.desktop.control.TypedNumber;
import neatcorner.desktop.desk.JobFolders;
import neatcorner.desktop.desk.Notice;
import neatcorner.desktop.desk.Workbench;
import neatcorner.desktop.draw.ModeTiles;
import neatcorner.desktop.draw.Palette;
import neatcorner.exchange.paper.PaperSize;
import neatcorner.exchange.template.Templates;
import neatcorner.job.Geometry;
import neatcorner.job.Job;
import neatcorner.job.PlacedRing;
import neatcorner.job.Reshape;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.measure.Notation;
import neatcorner.outline.Opening;
import neatcorner.outline.Outline;
import neatcorner.outline.Shape;
import neatcorner.plan.Plan;
import neatcorner.station.shape.ShapeFields;
import neatcorner.station.shape.ShapePictures;

/** What has no place in the drawing of the outline: its kind, sides, curve, segments, slope. */
final class ShapeTools {
    /** Kinds of outline as a maker chooses them. */
    private enum Kind {
        RECTANGLE,
        REGULAR,
        FREE,
        ARCH,
        CIRCLE,
        ELLIPSE
    }

    private static final int MOST_SEGMENTS = 64;

    private final Workbench bench;
    private final ModeTiles<Kind> kind;
    private final Spinner<Integer> sides;
    private final Controls.Choices<Boolean> across;
    private final Controls.Choices<Shape.Curve> curve;
    private final Spinner<Integer> segments;
    private final LengthBox board;
    private final LengthBox rise;
    private final AngleBox slope;
    private final Button measured = Controls.chip(ShapeTexts.AS_MEASURED, this::openEditor);
    private final Button templates = Controls.chip(ShapeTexts.TEMPLATES, this::writeTemplates);
    private final TraverseEditor editor;
    private final Node sidesBox;
    private final Node acrossBox;
    private final Node segmentsBox;
    private final HBox holder = new HBox();
    private boolean showing;

    ShapeTools(Workbench bench, Palette palette) {
        this.bench = bench;
        kind = new ModeTiles<Kind>(palette, this::choose)
                .with(Kind.RECTANGLE, ShapeTexts.RECTANGLE, "shape-rectangle", ShapePictures::rectangle)
                .with(Kind.REGULAR, ShapeTexts.EQUAL_SIDES, "shape-regular", ShapePictures::regular)
                .with(Kind.FREE, ShapeTexts.FREE_CORNERS, "shape-free", ShapePictures::free)
                .with(Kind.ARCH, ShapeTexts.ARCHED_TOP, "shape-arch", ShapePictures::arch)
                .with(Kind.CIRCLE, ShapeTexts.CIRCLE, "shape-circle", ShapePictures::circle)
                .with(Kind.ELLIPSE, ShapeTexts.ELLIPSE, "shape-ellipse", ShapePictures::ellipse);
        across = new Controls.Choices<Boolean>(corners -> reshape((job, shape) -> shape instanceof Shape.Regular regular
                ? new Shape.Regular(regular.sides(), corners)
                : shape))
                .with(false, ShapeTexts.ACROSS_FLATS, "across-flats")
                .with(true, ShapeTexts.ACROSS_CORNERS, "across-corners");
        curve = new Controls.Choices<Shape.Curve>(this::bend)
                .with(Shape.Curve.SEGMENT, ShapeTexts.FLAT_ARC, "curve-segment")
                .with(Shape.Curve.SEMICIRCLE, ShapeTexts.HALF_CIRCLE, "curve-semicircle")
                .with(Shape.Curve.ELLIPSE, ShapeTexts.HALF_ELLIPSE, "curve-ellipse");
        sides = spinner("sides", ShapeTexts.SIDES, Shape.FEWEST_SIDES, Shape.MOST_SIDES, this::takeSides);
        segments = spinner("segments", ShapeTexts.SEGMENTS, 0, MOST_SEGMENTS, this::takeSegments);
        board = new LengthBox(bench, ShapeFields.BOARD_WIDTH, ShapeTexts.WIDEST_BOARD);
        rise = new LengthBox(bench, ShapeFields.RISE, ShapeTexts.RISE);
        slope = new AngleBox(ShapeTexts.SLOPE_INWARDS, "slope", 0, 90,
                angle -> bench.change(ShapeTexts.CHANGE_SLOPE, job -> job.sloped(angle)));
        measured.setId("as-measured");
        templates.setId("templates");
        editor = new TraverseEditor(bench, this::closeEditor);
        sidesBox = Controls.captioned(ShapeTexts.SIDES, sides);
        acrossBox = Controls.captioned(ShapeTexts.MEASURED_ACROSS, across);
        segmentsBox = Controls.captioned(ShapeTexts.SEGMENTS_NUMBER, segments);
    }

    private Spinner<Integer> spinner(String id, String what, int least, int most, IntConsumer taken) {
        Spinner<Integer> spinner = TypedNumber.count(id, what, least, most, bench::say);
        spinner.valueProperty().addListener((observed, old, now) -> {
            if (!showing && now != null) {
                taken.accept(now);
            }
        });
        return spinner;
    }

    List<Node> controls() {
        return List.of(kind, sidesBox);
    }

    /** What this kind of outline asks for, below the drawing. */
    List<Node> bar() {
        return List.of(acrossBox, curve, rise, segmentsBox, board, templates, slope, measured);
    }

    /** Where sides and angles are entered as they were measured. */
    Node editor() {
        return holder;
    }

    private void writeTemplates() {
        Plan plan = bench.currentPlan();
        String name = JobFolders.fileName(plan.job().title()) + "-template";
        Path folder = bench.home().paper();
        PaperSize paper = bench.settings().paper();
        Notation notation = bench.notation().get();
        bench.files().make(() -> Templates.write(plan, folder, name, paper, notation),
                file -> Notice.info(ShapeTexts.TEMPLATES_READY.formatted(file),
                        new Notice.Action(ShapeTexts.OPEN_IT, () -> bench.files().open(file))),
                ShapeTexts.TEMPLATES_NOT_WRITTEN.formatted(folder));
    }

    private void openEditor() {
        holder.getChildren().setAll(editor.open());
    }

    private void closeEditor() {
        holder.getChildren().clear();
    }

    /** Changes the shape there is; one that is of another kind by now stays as it is. */
    private void reshape(BiFunction<Job, Shape, Shape> change) {
        bench.change(ShapeTexts.CHANGE_OUTLINE, job -> job.withOutline(job.outline()
                .withShape(change.apply(job, job.outline().shape()))));
    }

    private void choose(Kind wanted) {
        if (wanted != kindOf(bench.job().outline().shape())) {
            closeEditor();
            bench.change(ShapeTexts.CHANGE_SHAPE, job -> shaped(job, wanted));
        }
    }

    private static Job shaped(Job job, Kind wanted) {
        if (wanted == kindOf(job.outline().shape())) {
            return job;
        }
        Opening size = job.size();
        Length least = Length.min(size.width(), size.height());
        Job based = wanted == Kind.ARCH || wanted == Kind.CIRCLE || wanted == Kind.ELLIPSE
                ? job.sloped(Angle.ZERO)
                : job;
        Outline flat = based.outline();
        return switch (wanted) {
            case RECTANGLE -> based.withOutline(flat.withShape(new Shape.Rectangle()));
            case REGULAR -> based.withOutline(flat.withShape(new Shape.Regular(8, false))).withSize(job.sizeOf(),
                    new Opening(least, least));
            case FREE -> free(based);
            case ARCH -> based.withOutline(flat.withShape(new Shape.Arch(Shape.Curve.SEMICIRCLE,
                    new Length(size.width().units() / 2), 0))).withSize(job.sizeOf(), tallEnough(size));
            case CIRCLE -> based.withOutline(flat.withShape(new Shape.Circle(0))).withSize(job.sizeOf(),
                    new Opening(least, least));
            case ELLIPSE -> based.withOutline(flat.withShape(new Shape.Ellipse(0)));
        };
    }

    /** A free outline with the corners there are; of a curve, with those of the box round it. */
    private static Job free(Job job) {
        boolean sound = PlacedRing.frame(Geometry.of(job)).contours() != null;
        Job straight = sound && job.outline().shape().isStraight()
                ? job
                : job.withOutline(job.outline().withShape(new Shape.Rectangle()));
        return new Reshape(straight, false).freed();
    }

    private static Opening tallEnough(Opening size) {
        return size.height().isMoreThan(size.width().scaled(0.75))
                ? size
                : new Opening(size.width(), size.width().scaled(1.4));
    }

    private void bend(Shape.Curve wanted) {
        reshape((job, shape) -> {
            if (!(shape instanceof Shape.Arch arch)) {
                return shape;
            }
            Length half = new Length(job.size().width().units() / 2);
            Length high = wanted == Shape.Curve.SEMICIRCLE ? half : new Length(half.units() / 2);
            return new Shape.Arch(wanted, wanted == arch.curve() ? arch.rise() : high, arch.segments());
        });
    }

    private void takeSides(int count) {
        reshape((job, shape) -> shape instanceof Shape.Regular regular
                ? new Shape.Regular(count, regular.acrossCorners())
                : shape);
    }

    private void takeSegments(int count) {
        int round = count == 0 ? 0 : Math.max(Shape.FEWEST_SIDES, count);
        reshape((job, shape) -> switch (shape) {
            case Shape.Arch arch -> new Shape.Arch(arch.curve(), arch.rise(), count);
            case Shape.Circle circle -> new Shape.Circle(round);
            case Shape.Ellipse ellipse -> new Shape.Ellipse(round);
            case Shape.Rectangle straight -> straight;
            case Shape.Regular straight -> straight;
            case Shape.Polygon straight -> straight;
        });
    }

    private static Kind kindOf(Shape shape) {
        return switch (shape) {
            case Shape.Rectangle rectangle -> Kind.RECTANGLE;
            case Shape.Regular regular -> Kind.REGULAR;
            case Shape.Polygon polygon -> Kind.FREE;
            case Shape.Arch arch -> Kind.ARCH;
            case Shape.Circle circle -> Kind.CIRCLE;
            case Shape.Ellipse ellipse -> Kind.ELLIPSE;
        };
    }

    void show(Plan plan, Notation notation) {
        showing = true;
        Shape shape = plan.job().outline().shape();
        kind.show(kindOf(shape), plan.job().section().wood(), notation);
        boolean regular = shape instanceof Shape.Regular;
        boolean arch = shape instanceof Shape.Arch;
        boolean curved = !shape.isStraight();
        present(sidesBox, regular);
        present(acrossBox, regular);
        present(curve, arch);
        present(rise, arch);
        present(segmentsBox, curved);
        present(board, curved);
        present(templates, plan.contours() != null && (curved || plan.members().stream().anyMatch(
                member -> member.member().kind().isSawnToALine())));
        present(slope, !curved);
        present(measured, shape instanceof Shape.Polygon);
        switch (shape) {
            case Shape.Regular r -> {
                sides.getValueFactory().setValue(r.sides());
                across.show(r.acrossCorners());
            }
            case Shape.Arch a -> {
                curve.show(a.curve());
                present(rise, a.curve() != Shape.Curve.SEMICIRCLE);
                segments.getValueFactory().setValue(a.segments());
            }
            case Shape.Circle c -> segments.getValueFactory().setValue(c.segments());
            case Shape.Ellipse e -> segments.getValueFactory().setValue(e.segments());
            case Shape.Rectangle r -> closeEditor();
            case Shape.Polygon p -> editor.show(notation);
        }
        board.show(plan, notation);
        rise.show(plan, notation);
        slope.show(plan.job().outline().slope(), notation);
        showing = false;
    }

    private static void present(Node node, boolean present) {
        node.setVisible(present);
        node.setManaged(present);
    }
}
