package neatcorner.desktop.app;

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
import neatcorner.desktop.desk.Home;
import neatcorner.desktop.desk.Notice;
import neatcorner.desktop.desk.Settings;
import neatcorner.desktop.desk.WindowThread;
import neatcorner.desktop.desk.Workbench;
import neatcorner.desktop.look.Look;
import neatcorner.desktop.shell.MainWindow;
import neatcorner.desktop.station.saw.BenchView;
import org.jspecify.annotations.Nullable;

/** The running program. */
public final class NeatCornerWindow extends Application {
    private static final Logger LOG = Logger.getLogger("neatcorner");
    /** For measuring the start: with the "first" picture, or when the window is "whole", prints its age in ms and leaves. */
    private static final String LEAVE = "neatcorner.leave";

    private static final WindowThread WINDOW = new WindowThread();

    private @Nullable Workbench bench;

    @Override
    public void start(Stage stage) throws Exception {
        Desktop.Opening opening = Desktop.opening();
        LOG.setUseParentHandlers(false);
        Thread.setDefaultUncaughtExceptionHandler(
                (thread, e) -> LOG.log(Level.SEVERE, e, () -> "in " + thread.getName()));
        MainWindow window = Desktop.window();
        WINDOW.start();
        Workbench opened = window.bench();
        opened.files().setOpener(file -> getHostServices().showDocument(file.toUri().toString()));
        bench = opened;
        Thread.ofVirtual().start(() -> logTo(opened.home()));
        Scene scene = show(stage, window);
        opening.shots().ifPresent(folder -> new Shots(stage, scene, opened, folder).run());
    }

    /**
     * Reads the job that the window opens with and makes the window's content. Neither is on a screen yet, so both can be
     * done while the toolkit is starting.
     */
    static MainWindow prepare(Desktop.Opening opening) throws IOException {
        Workbench bench = new Workbench(opening.shots().isPresent() ? temporaryHome() : Home.ofUser(), WINDOW);
        chooseJob(bench, opening);
        Look.applyTheme(bench.settings());
        MainWindow window = new MainWindow(bench, Stations.ALL, BenchView::new);
        Look.loadFonts();
        return window;
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
        bench.shop().lookNow();
        if (!opening.jobs().isEmpty()) {
            bench.openNow(opening.jobs().getFirst());
            return;
        }
        Path last = bench.settings().lastJob().filter(Files::isReadable).orElse(bench.shop().firstDemo());
        if (!bench.openNow(last) && Files.isReadable(bench.shop().firstDemo())) {
            Notice why = bench.notice().get();
            bench.openNow(bench.shop().firstDemo());
            bench.notice().set(why);
        }
    }

    /** Puts the content in a stage and shows it. */
    static Scene show(Stage stage, MainWindow window) {
        Workbench bench = window.bench();
        Settings settings = bench.settings();
        Scene scene = new Scene(window, settings.windowWidth(), settings.windowHeight());
        Look.apply(scene, settings);
        stage.setTitle("Neat Corner");
        stage.setScene(scene);
        stage.setMinWidth(900);
        stage.setMinHeight(600);
        stage.setOnCloseRequest(e -> {
            if (!bench.mayEnd(stage::hide)) {
                e.consume();
            }
        });
        stage.setOnHiding(e -> settings.setWindow(scene.getWidth(), scene.getHeight()));
        afterPicture(scene, () -> {
            if (leave("first")) {
                return;
            }
            window.furnish();
            afterPicture(scene, () -> leave("whole"));
        });
        stage.show();
        Thread.currentThread().setUncaughtExceptionHandler((thread, e) -> {
            LOG.log(Level.SEVERE, "in the window", e);
            bench.notice().set(Notice.grave(
                    "Something went wrong in the program; it is in the log. Your job is kept; undo if the screen looks odd."));
        });
        return scene;
    }

    private static boolean leave(String when) {
        long now = System.currentTimeMillis();
        boolean leaving = System.getProperty(LEAVE, "").equals(when);
        if (leaving) {
            ProcessHandle.current().info().startInstant()
                    .ifPresent(start -> System.out.println(now - start.toEpochMilli()));
            Platform.exit();
        }
        return leaving;
    }

    /** Runs something when the window's next picture is laid out and on its way to the screen. */
    private static void afterPicture(Scene scene, Runnable then) {
        Runnable[] once = new Runnable[1];
        once[0] = () -> {
            scene.removePostLayoutPulseListener(once[0]);
            Platform.runLater(then);
        };
        scene.addPostLayoutPulseListener(once[0]);
    }

    @Override
    public void stop() {
        Workbench open = bench;
        if (open != null) {
            open.close();
        }
    }
}
