package neatcorner.desktop.app;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.logging.Level;
import java.util.logging.Logger;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.image.PixelReader;
import javafx.scene.image.WritableImage;
import javafx.stage.Stage;
import javafx.util.Duration;
import javax.imageio.ImageIO;
import neatcorner.desktop.desk.Workbench;
import neatcorner.desktop.look.Look;
import neatcorner.desktop.shell.MainWindow;
import neatcorner.measure.Units;
import neatcorner.plan.Station;

/** Leads the real window through the demo and takes a picture of each main view, 1280 × 800. */
final class Shots {
    private static final Logger LOG = Logger.getLogger(Shots.class.getName());
    private static final Duration SETTLE = Duration.millis(450);
    /** Time to lay the days out. */
    private static final Duration LONG = Duration.seconds(6);

    private final Stage stage;
    private final Scene scene;
    private final Workbench bench;
    private final Path folder;
    private final List<Shot> shots = new ArrayList<>();

    private record Shot(String name, Duration settle, Runnable prepare) {

        Shot(String name, Runnable prepare) {
            this(name, SETTLE, prepare);
        }
    }

    Shots(Stage stage, Scene scene, Workbench bench, Path folder) {
        this.stage = stage;
        this.scene = scene;
        this.bench = bench;
        this.folder = folder;
    }

    void run() {
        stage.setWidth(1280);
        stage.setHeight(800);
        MainWindow window = (MainWindow) scene.getRoot();
        shots.add(new Shot("1-opening", () -> bench.station().set(Station.OPENING)));
        shots.add(new Shot("2-section", () -> bench.station().set(Station.SECTION)));
        shots.add(new Shot("2-section-milled", () -> {
            open("harbour-panorama.json");
            press("#safe-zone");
        }));
        shots.add(new Shot("2-section-pass", () -> {
            press("#safe-zone");
            press("#passes");
        }));
        shots.add(new Shot("3-shape", () -> {
            press("#passes");
            open("compass-rose.json");
            bench.station().set(Station.SHAPE);
        }));
        shots.add(new Shot("3-shape-body", () -> {
            open("barometer-glass.json");
            press("#body");
        }));
        shots.add(new Shot("4-corners", () -> {
            bench.open(bench.shop().firstDemo());
            bench.station().set(Station.CORNERS);
        }));
        shots.add(new Shot("5-sticks", () -> {
            bench.open(bench.shop().firstDemo());
            bench.station().set(Station.STICKS);
        }));
        shots.add(new Shot("5-boards", () -> press("#wood-boards")));
        shots.add(new Shot("5-sheets", () -> press("#wood-sheets")));
        shots.add(new Shot("6-saw", () -> {
            bench.station().set(Station.SAW);
            bench.cut().set(bench.currentPlan().cuts().size() - 2);
        }));
        shots.add(new Shot("6-saw-test",
                () -> scene.getRoot().lookup("#saw-test").fireEvent(new javafx.event.ActionEvent())));
        shots.add(new Shot("6-saw-as-cut", () -> {
            bench.change("measured", job -> job.withChecks(measured()));
            scene.getRoot().lookup("#saw-as-cut").fireEvent(new javafx.event.ActionEvent());
        }));
        shots.add(new Shot("6-saw-dry-fit",
                () -> scene.getRoot().lookup("#saw-dry-fit").fireEvent(new javafx.event.ActionEvent())));
        shots.add(new Shot("6-saw-seasons",
                () -> scene.getRoot().lookup("#saw-seasons").fireEvent(new javafx.event.ActionEvent())));
        shots.add(new Shot("7-glue-up", () -> {
            open("storm-painting.json");
            bench.station().set(Station.GLUE_UP);
        }));
        shots.add(new Shot("7-days", LONG, () -> {
            bench.shop().demoJobs().stream().filter(file -> file.endsWith("keepers-photographs.json"))
                    .forEach(file -> bench.day().include(file, false));
            window.bringUpToDate();
            press("#glue-days");
        }));
        shots.add(new Shot("8-bench", () -> {
            bench.open(bench.shop().firstDemo());
            bench.station().set(Station.SAW);
            bench.cut().set(bench.currentPlan().cuts().size() - 2);
            window.openBench();
        }));
        shots.add(new Shot("9-inches-dark", () -> {
            scene.getRoot().lookup("#bench-view").setVisible(false);
            bench.settings().setDark(true);
            Look.apply(scene, bench.settings());
            open("storm-painting.json");
            bench.setUnits(Units.INCHES);
            bench.station().set(Station.OPENING);
        }));
        next(0);
    }

    private void press(String id) {
        ((javafx.scene.control.ToggleButton) scene.getRoot().lookup(id)).fire();
    }

    /** Pieces that came off the saw a little long, short and steep. */
    private neatcorner.saw.measured.Checks measured() {
        neatcorner.saw.measured.Checks checks = bench.job().checks()
                .withDryFit(
                        neatcorner.saw.measured.DryFit.closed().with(0, 1, 0.4).with(1, 1, 0.5).with(2, 1, 0.4).with(3,
                                1, 0.5));
        double[] off = {0.3, -0.2, -0.4, 0.1};
        double[] steep = {0.15, 0.1, 0.2, 0.12};
        for (int i = 0; i < 4; i++) {
            neatcorner.saw.measured.MeasuredPiece piece = neatcorner.saw.measured.MeasuredPiece
                    .asPlanned(bench.currentPlan().pieces().get(i));
            checks = checks.with(new neatcorner.saw.measured.MeasuredPiece(piece.piece(),
                    piece.outer().plus(neatcorner.measure.Length.mm(off[i])),
                    neatcorner.measure.Angle.ofDegrees(45 + steep[i]),
                    neatcorner.measure.Angle.ofDegrees(45 + steep[3 - i])));
        }
        return checks;
    }

    private void open(String name) {
        bench.open(bench.shop().demoJobs().stream().filter(file -> file.endsWith(name)).findFirst()
                .orElse(bench.shop().firstDemo()));
    }

    private void next(int index) {
        if (index == shots.size()) {
            Platform.exit();
            return;
        }
        shots.get(index).prepare.run();
        PauseTransition settle = new PauseTransition(shots.get(index).settle);
        settle.setOnFinished(e -> {
            take(shots.get(index).name);
            next(index + 1);
        });
        settle.play();
    }

    private void take(String name) {
        WritableImage image = scene.snapshot(null);
        int width = (int) image.getWidth();
        int height = (int) image.getHeight();
        BufferedImage picture = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        PixelReader pixels = image.getPixelReader();
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                picture.setRGB(x, y, pixels.getArgb(x, y));
            }
        }
        try {
            Files.createDirectories(folder);
            ImageIO.write(picture, "png", folder.resolve(name + ".png").toFile());
        } catch (IOException e) {
            LOG.log(Level.WARNING, "picture not written", e);
            System.err.println("neat-corner: no picture could be written to " + folder);
        }
    }
}
