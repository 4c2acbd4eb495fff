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
import javafx.scene.control.ButtonBase;
import javafx.scene.image.PixelReader;
import javafx.scene.image.WritableImage;
import javafx.stage.Stage;
import javafx.util.Duration;
import javax.imageio.ImageIO;
import neatcorner.desktop.desk.JobShelves;
import neatcorner.desktop.desk.Workbench;
import neatcorner.desktop.look.Look;
import neatcorner.desktop.shell.MainWindow;
import neatcorner.desktop.station.Shot;
import neatcorner.desktop.station.StationSpec;
import neatcorner.job.Order;
import neatcorner.measure.Units;
import neatcorner.plan.Station;

/** Leads the real window through the demo and takes a picture of each main view, 1280 × 800. */
final class Shots implements Shot.Demo {
    private static final Logger LOG = Logger.getLogger(Shots.class.getName());

    private static final String NO_PICTURE = "";
    /** Until files have been written and read, and all is styled anew. */
    private static final Duration LONG = Duration.millis(1500);

    private final Stage stage;
    private final Scene scene;
    private final Workbench bench;
    private final Path folder;
    private final List<Shot> shots = new ArrayList<>();

    Shots(Stage stage, Scene scene, Workbench bench, Path folder) {
        this.stage = stage;
        this.scene = scene;
        this.bench = bench;
        this.folder = folder;
    }

    void run() {
        stage.setWidth(1280);
        stage.setHeight(800);
        for (StationSpec spec : Stations.ALL) {
            shots.add(new Shot(NO_PICTURE, demo -> {
                bench.open(bench.folders().firstDemo());
                bench.station().set(spec.station());
            }));
            shots.addAll(spec.shots());
        }
        shots.add(new Shot(NO_PICTURE, demo -> {
            bench.open(bench.folders().firstDemo());
            bench.station().set(Station.SAW);
        }));
        shots.add(new Shot("8-bench", demo -> {
            bench.cut().set(bench.currentPlan().cuts().size() - 2);
            window().openBench();
        }));
        shots.add(new Shot(NO_PICTURE, LONG, demo -> {
            scene.getRoot().lookup("#bench-view").setVisible(false);
            bench.station().set(Station.OPENING);
            press("opening-sizes");
            agree("storm-painting.json", 9, "collected by the keeper");
            agree("tide-chart-sheet-1.json", 2, "");
        }));
        shots.add(new Shot(NO_PICTURE, LONG, demo -> open("storm-painting.json")));
        shots.add(new Shot("8-jobs", LONG, demo -> press("jobs")));
        shots.add(new Shot("9-inches-dark", LONG, demo -> {
            press("jobs-close");
            bench.settings().setDark(true);
            Look.apply(scene, bench.settings());
            open("storm-painting.json");
            bench.premises().setUnits(Units.INCHES);
            bench.station().set(Station.OPENING);
        }));
        next(0);
    }

    private void agree(String file, int days, String note) {
        JobShelves shelves = bench.premises().shelves();
        bench.folders().demoJobs().stream().filter(each -> each.endsWith(file)).findFirst().ifPresent(
                job -> shelves.agree(job, order -> new Order(shelves.today().plusDays(days), note), () -> {}));
    }

    @Override
    public Workbench bench() {
        return bench;
    }

    @Override
    public void open(String file) {
        bench.open(bench.folders().demoJobs().stream().filter(each -> each.endsWith(file)).findFirst()
                .orElse(bench.folders().firstDemo()));
    }

    @Override
    public void press(String id) {
        ((ButtonBase) scene.getRoot().lookup("#" + id)).fire();
    }

    @Override
    public void bringUpToDate() {
        window().bringUpToDate();
    }

    private MainWindow window() {
        return (MainWindow) scene.getRoot();
    }

    private void next(int index) {
        if (index == shots.size()) {
            try {
                KindPictures.write(folder.toAbsolutePath().resolveSibling("kinds"));
            } catch (IOException e) {
                LOG.log(Level.WARNING, "pictures of the kinds not written", e);
            }
            Platform.exit();
            return;
        }
        shots.get(index).prepare().accept(this);
        PauseTransition settle = new PauseTransition(shots.get(index).settle());
        settle.setOnFinished(e -> {
            if (!shots.get(index).name().equals(NO_PICTURE)) {
                take(shots.get(index).name());
            }
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
