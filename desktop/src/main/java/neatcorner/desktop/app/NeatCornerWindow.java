package neatcorner.desktop.app;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.logging.FileHandler;
import java.util.logging.Level;
import java.util.logging.Logger;
import java.util.logging.SimpleFormatter;
import javafx.application.Application;
import javafx.scene.Scene;
import javafx.stage.Stage;
import neatcorner.desktop.desk.Home;
import neatcorner.desktop.desk.Premises;
import neatcorner.desktop.desk.WindowThread;
import neatcorner.desktop.desk.Workbench;
import neatcorner.desktop.document.DocumentStore;
import neatcorner.desktop.look.Look;
import neatcorner.desktop.shell.MainWindow;
import org.jspecify.annotations.Nullable;

/** The running program. */
public final class NeatCornerWindow extends Application {
    private static final Logger LOG = Logger.getLogger("neatcorner");
    private static final WindowThread WINDOW = new WindowThread();

    private @Nullable Premises premises;

    @Override
    public void start(Stage stage) throws Exception {
        Desktop.Opening opening = Desktop.opening();
        LOG.setUseParentHandlers(false);
        Thread.setDefaultUncaughtExceptionHandler(
                (thread, e) -> LOG.log(Level.SEVERE, e, () -> "in " + thread.getName()));
        First first = Desktop.first();
        WINDOW.start();
        Workbench bench = first.content.bench();
        premises = bench.premises();
        bench.premises().setOpener(file -> getHostServices().showDocument(file.toUri().toString()));
        Thread.ofVirtual().start(() -> logTo(bench.home()));
        Scene scene = first.windows.show(stage, first.content);
        opening.shots().ifPresent(folder -> new Shots(stage, scene, bench, folder).run());
    }

    /** The first window, which is not on a screen yet. */
    record First(Windows windows, MainWindow content) {}

    /**
     * Reads the job that the window opens with and makes the window's content. Neither is on a screen yet, so both can be
     * done while the toolkit is starting.
     */
    static First prepare(Desktop.Opening opening) throws IOException {
        Premises premises = new Premises(opening.shots().isPresent() ? temporaryHome() : Home.ofUser(), WINDOW);
        Workbench bench = new Workbench(premises);
        chooseJob(bench, opening);
        Look.applyTheme(premises.settings());
        Windows windows = new Windows(premises);
        MainWindow content = windows.content(bench);
        Look.loadFonts();
        return new First(windows, content);
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
            bench.folders().layOutDemo();
        } catch (IOException e) {
            LOG.log(Level.WARNING, "demo not laid out", e);
            bench.say(AppTexts.DEMO_NOT_LAID_OUT.formatted(DocumentStore.why(bench.folders().firstDemo(), e)));
        }
        bench.folders().lookNow();
        if (!opening.jobs().isEmpty()) {
            bench.openNow(opening.jobs().getFirst());
            return;
        }
        Path last = bench.settings().lastJob().filter(Files::isReadable).orElse(bench.folders().firstDemo());
        if (!bench.openNow(last) && Files.isReadable(bench.folders().firstDemo())) {
            bench.openNow(bench.folders().firstDemo());
        }
    }

    @Override
    public void stop() {
        Premises open = premises;
        if (open != null) {
            open.close();
        }
    }
}
