package neatcorner.desktop.station.opening;

import java.io.File;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.image.Image;
import javafx.scene.layout.Region;
import javafx.stage.FileChooser;
import neatcorner.desktop.control.Controls;
import neatcorner.desktop.desk.ArtPhotos;
import neatcorner.desktop.desk.Workbench;
import neatcorner.desktop.station.Desk;
import neatcorner.desktop.station.WoodSwatch;
import neatcorner.drawing.Figure;
import neatcorner.job.Design;
import neatcorner.job.Job;
import neatcorner.job.Looks;
import neatcorner.job.Shade;
import neatcorner.measure.Notation;
import neatcorner.plan.Plan;
import neatcorner.station.opening.FramedFigure;
import neatcorner.station.opening.SwatchTexts;
import neatcorner.wood.Species;
import org.jspecify.annotations.Nullable;

/** How the frame will look: its wood, finish, mat and wall from swatches, a photo of the art, other designs beside it. */
final class FramedTools {
    /** A photo is shown no larger than this, pixels. */
    private static final double MOST = 1600;
    private static final int MOST_KEPT = 4;

    private final Desk desk;
    private final Workbench bench;
    private final SwatchCard wood;
    private final SwatchCard finish;
    private final SwatchCard mat;
    private final SwatchCard core;
    private final SwatchCard wall;
    private final Button photo = Controls.chip(OpeningTexts.PHOTO, this::choosePhoto);
    private final Button another = Controls.chip(OpeningTexts.ANOTHER_DESIGN, this::addAnother);
    private final Button choose = Controls.chip(OpeningTexts.MAKE_THIS_ONE, this::choose);
    private final Button away = Controls.chip(OpeningTexts.TAKE_DESIGN_AWAY, this::takeAway);
    private final Map<Path, Image> images = new HashMap<>();
    /** May be of a design that the plan on the screen does not have yet. */
    private int picked;

    FramedTools(Desk desk) {
        this.desk = desk;
        bench = desk.bench();
        wood = new SwatchCard(desk, "framed-wood", OpeningTexts.WOOD, woods(), Optional.empty());
        finish = new SwatchCard(desk, "framed-finish", OpeningTexts.FINISH, SwatchTexts.FINISHES.stream()
                .map(each -> new SwatchCard.Choice(each.name(),
                        () -> Looks.isColored(each.recipe()) ? SwatchCard.swatch(each.shade()) : bare(),
                        () -> change(OpeningTexts.FINISH, design -> design.withFinish(each.recipe(),
                                Looks.isColored(each.recipe()) ? each.shade() : design.stain()))))
                .toList(), Optional.empty());
        mat = colors("framed-mat", OpeningTexts.MAT, SwatchTexts.MATS,
                shade -> change(OpeningTexts.MAT, design -> design.withMat(shade)));
        core = colors("framed-core", OpeningTexts.CORE, SwatchTexts.CORES,
                shade -> change(OpeningTexts.CORE, design -> design.withCore(shade)));
        wall = colors("framed-wall", OpeningTexts.WALL, SwatchTexts.WALLS, shade -> bench.change(OpeningTexts.WALL,
                job -> job.withLooks(job.looks().withWall(shade))));
        photo.setId("framed-photo");
        another.setId("framed-another");
        choose.setId("framed-choose");
        away.setId("framed-away");
    }

    @FunctionalInterface
    private interface Taken {
        void shade(Shade shade);
    }

    private SwatchCard colors(String id, String title, List<SwatchTexts.Swatch> swatches, Taken taken) {
        return new SwatchCard(desk, id, title, swatches.stream().map(each -> new SwatchCard.Choice(each.name(),
                () -> SwatchCard.swatch(each.shade()), () -> taken.shade(each.shade()))).toList(),
                Optional.of(taken::shade));
    }

    private List<SwatchCard.Choice> woods() {
        return Species.KNOWN.stream().map(each -> new SwatchCard.Choice(each.name(), () -> new WoodSwatch(each),
                () -> change(OpeningTexts.WOOD, design -> design.withWood(each)))).toList();
    }

    private static Region bare() {
        Region swatch = new Region();
        swatch.getStyleClass().addAll("swatch", "swatch-none");
        return swatch;
    }

    List<Node> controls() {
        return List.of(wood, finish, mat, core, wall, photo);
    }

    /** What is done with whole designs. */
    List<Node> bar() {
        return List.of(another, choose, away);
    }

    /** Changes the design that is picked. */
    private void change(String name, UnaryOperator<Design> change) {
        int index = picked;
        bench.change(name, job -> index < Looks.designs(job).size()
                ? Looks.with(job, index, change.apply(Looks.designs(job).get(index)))
                : job);
    }

    private void addAnother() {
        int like = picked;
        int next = Looks.designs(bench.job()).size();
        bench.change(OpeningTexts.ANOTHER_DESIGN,
                job -> Looks.withAnother(job, Math.min(like, job.looks().others().size())));
        picked = Math.min(next, Looks.MOST_OTHERS);
        desk.refresh();
    }

    private void choose() {
        int index = picked;
        picked = 0;
        bench.change(OpeningTexts.MAKE_THIS_ONE, job -> index <= job.looks().others().size()
                ? Looks.chosen(job, index)
                : job);
    }

    private void takeAway() {
        int index = picked;
        picked = 0;
        bench.change(OpeningTexts.TAKE_DESIGN_AWAY, job -> index <= job.looks().others().size()
                ? Looks.without(job, index)
                : job);
    }

    private void choosePhoto() {
        FileChooser chooser = new FileChooser();
        chooser.setTitle(OpeningTexts.CHOOSE_PHOTO);
        chooser.getExtensionFilters().add(new FileChooser.ExtensionFilter(OpeningTexts.PHOTOS,
                ArtPhotos.types().stream().map(type -> "*." + type).toList()));
        File file = chooser.showOpenDialog(photo.getScene().getWindow());
        if (file != null) {
            bench.premises().photos().take(file.toPath(), bench.document().get());
        }
    }

    /** A design in the drawing was pressed. */
    void pressed(String key) {
        if (key.startsWith("design-")) {
            picked = Integer.parseInt(key.substring("design-".length()));
            desk.refresh();
        }
    }

    Figure figure(Plan plan) {
        return FramedFigure.of(plan, Math.min(picked, plan.job().looks().others().size()));
    }

    void show(Plan plan, Notation notation) {
        Job job = plan.job();
        List<Design> designs = new ArrayList<>(Looks.designs(job));
        int shown = Math.min(picked, designs.size() - 1);
        Design now = designs.get(shown);
        wood.show(OpeningTexts.WOOD, now.wood().name(), new WoodSwatch(now.wood()), notation);
        finish.show(OpeningTexts.FINISH, FramedFigure.finish(now),
                Looks.isColored(now.finish()) ? SwatchCard.swatch(now.stain()) : bare(), notation);
        color(mat, OpeningTexts.MAT, now.mat(), SwatchTexts.MATS, notation);
        color(core, OpeningTexts.CORE, now.core(), SwatchTexts.CORES, notation);
        color(wall, OpeningTexts.WALL, job.looks().wall(), SwatchTexts.WALLS, notation);
        boolean matted = job.pack().mat().isPresent();
        shown(mat, matted);
        shown(core, matted);
        shown(another, designs.size() <= Looks.MOST_OTHERS);
        shown(choose, shown > 0);
        shown(away, shown > 0);
        photo.setText(job.looks().photo() == null ? OpeningTexts.PHOTO : OpeningTexts.ANOTHER_PHOTO);
    }

    private static void color(SwatchCard card, String title, Shade shade, List<SwatchTexts.Swatch> known,
            Notation notation) {
        card.show(title, known.stream().filter(each -> each.shade().equals(shade)).map(SwatchTexts.Swatch::name)
                .findFirst().orElse(shade.toString()), SwatchCard.swatch(shade), notation);
    }

    private static void shown(Node node, boolean now) {
        node.setVisible(now);
        node.setManaged(now);
    }

    /** The photo of that name beside the job, which may still be on its way; {@code come} hears when it has come. */
    @Nullable
    Image image(String name, Runnable come) {
        Path file = bench.file().resolveSibling(name);
        if (images.size() > MOST_KEPT) {
            images.clear();
        }
        return images.computeIfAbsent(file, wanted -> {
            Image image = new Image(wanted.toUri().toString(), MOST, MOST, true, true, true);
            image.progressProperty().addListener((observed, old, now) -> {
                if (now.doubleValue() >= 1) {
                    come.run();
                }
            });
            return image;
        });
    }
}
