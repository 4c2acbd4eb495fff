package neatcorner.desktop;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.logging.FileHandler;
import java.util.logging.Level;
import java.util.logging.Logger;
import java.util.logging.SimpleFormatter;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.stage.Stage;
import org.jspecify.annotations.Nullable;

/** The running program. */
public final class NeatCornerWindow extends Application {
    private static final Logger LOG = Logger.getLogger("neatcorner");
    /** Set to leave as soon as the first picture is drawn, for measuring the start. */
    private static final String LEAVE_AT_ONCE = "neatcorner.leaveAtOnce";

    private @Nullable Workbench bench;

    @Override
    public void start(Stage stage) throws IOException {
        Desktop.Opening opening = Desktop.opening();
        Desktop.setHost(getHostServices());
        Home home = opening.shots().isPresent() ? temporaryHome() : Home.ofUser();
        Thread.ofVirtual().start(() -> logTo(home));
        LOG.setUseParentHandlers(false);
        Thread.setDefaultUncaughtExceptionHandler(
                (thread, e) -> LOG.log(Level.SEVERE, e, () -> "in " + thread.getName()));
        Workbench opened = new Workbench(home);
        bench = opened;
        chooseJob(opened, opening);
        Scene scene = show(stage, opened);
        opening.shots().ifPresent(folder -> new Shots(stage, scene, opened, folder).run());
        if (Boolean.getBoolean(LEAVE_AT_ONCE)) {
            Platform.runLater(() -> Platform.runLater(Platform::exit));
        }
    }

    private static Home temporaryHome() throws IOException {
        Path folder = Files.createTempDirectory("neat-corner-shots");
        return new Home(folder.resolve("data"), folder.resolve("config"));
    }

    /** What goes wrong is written to a log beside the jobs; nothing of it reaches the screen. */
    private static void logTo(Home home) {
        try {
            Files.createDirectories(home.log());
            FileHandler handler = new FileHandler(home.log().resolve("neat-corner.log").toString(), 500_000, 2, true);
            handler.setFormatter(new SimpleFormatter());
            LOG.addHandler(handler);
        } catch (IOException e) {
            // without a log the program works all the same
        }
        LOG.setUseParentHandlers(false);
        Thread.setDefaultUncaughtExceptionHandler(
                (thread, e) -> LOG.log(Level.SEVERE, e, () -> "in " + thread.getName()));
    }

    static void chooseJob(Workbench bench, Desktop.Opening opening) {
        try {
            bench.shop().layOutDemo();
        } catch (IOException e) {
            LOG.log(Level.WARNING, "demo not laid out", e);
        }
        if (!opening.jobs().isEmpty()) {
            bench.open(opening.jobs().getFirst());
            return;
        }
        Path last = bench.settings().lastJob().filter(Files::isReadable).orElse(bench.shop().firstDemo());
        if (!bench.open(last) && Files.isReadable(bench.shop().firstDemo())) {
            Notice why = bench.notice().get();
            bench.open(bench.shop().firstDemo());
            bench.notice().set(why);
        }
    }

    /** Fills a stage with the window and shows it. */
    static Scene show(Stage stage, Workbench bench) {
        Look.loadFonts();
        Settings settings = bench.settings();
        MainWindow window = new MainWindow(bench);
        Scene scene = new Scene(window, settings.windowWidth(), settings.windowHeight());
        Look.apply(scene, settings);
        stage.setTitle("Neat Corner");
        stage.setScene(scene);
        stage.setMinWidth(900);
        stage.setMinHeight(600);
        stage.setOnHiding(e -> settings.setWindow(scene.getWidth(), scene.getHeight()));
        stage.show();
        Thread.currentThread().setUncaughtExceptionHandler((thread, e) -> {
            LOG.log(Level.SEVERE, "in the window", e);
            bench.notice().set(Notice.grave(
                    "Something went wrong in the program; it is in the log. Your job is kept; undo if the screen looks odd."));
        });
        return scene;
    }

    @Override
    public void stop() {
        Workbench open = bench;
        if (open != null) {
            open.close();
        }
    }
}
