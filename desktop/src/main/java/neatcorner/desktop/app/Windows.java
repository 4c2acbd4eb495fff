package neatcorner.desktop.app;

import javafx.animation.Animation;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.application.Platform;
import javafx.geometry.Rectangle2D;
import javafx.scene.Scene;
import javafx.stage.Screen;
import javafx.stage.Stage;
import javafx.stage.Window;
import javafx.util.Duration;
import neatcorner.desktop.desk.Notice;
import neatcorner.desktop.desk.Premises;
import neatcorner.desktop.desk.Settings;
import neatcorner.desktop.desk.ShopTimer;
import neatcorner.desktop.desk.Workbench;
import neatcorner.desktop.look.Chime;
import neatcorner.desktop.look.Look;
import neatcorner.desktop.shell.MainWindow;
import neatcorner.desktop.station.saw.BenchView;
import org.jspecify.annotations.Nullable;

/** The windows that are open. Each shows a job, and several may show the same one; timers run for all of them. */
final class Windows {
    /** For measuring the start: with the "first" picture, or when the window is "whole", prints its age in ms and leaves. */
    private static final String LEAVE = "neatcorner.leave";
    /** How far a new window is moved from the one that it was opened from, pixels. */
    private static final double BESIDE = 36;

    /** More are never open at once. */
    private static final int MOST = 30;

    private final Premises premises;
    private final Timeline seconds = new Timeline();
    /** Whether a window was asked for that is not seen yet. */
    private boolean opening;

    Windows(Premises premises) {
        this.premises = premises;
        seconds.getKeyFrames().add(new KeyFrame(Duration.seconds(1), e -> premises.tick()));
        seconds.setCycleCount(Animation.INDEFINITE);
    }

    /** The content of a window; may be made while the toolkit is starting. */
    MainWindow content(Workbench bench) {
        return new MainWindow(bench, Stations.ALL, BenchView::new, () -> openBeside(bench));
    }

    private void openBeside(Workbench bench) {
        if (opening) {
            return;
        }
        if (Window.getWindows().stream().filter(Stage.class::isInstance).count() >= MOST) {
            bench.notices().say(Notice.info(AppTexts.ENOUGH_WINDOWS.formatted(MOST)));
            return;
        }
        opening = true;
        Stage stage = new Stage();
        Stage from = stage(bench);
        show(stage, content(bench.another()));
        if (from != null) {
            stage.setWidth(from.getWidth());
            stage.setHeight(from.getHeight());
            stage.setX(beside(from.getX(), from.getWidth(), screen(from).getMinX(), screen(from).getMaxX()));
            stage.setY(beside(from.getY(), from.getHeight(), screen(from).getMinY(), screen(from).getMaxY()));
        }
    }

    /** A little further on; where that would leave the screen, at its start. */
    private static double beside(double from, double size, double min, double max) {
        return from + BESIDE + size <= max ? from + BESIDE : min;
    }

    private static Rectangle2D screen(Stage stage) {
        return Screen.getScreensForRectangle(stage.getX(), stage.getY(), stage.getWidth(), stage.getHeight()).stream()
                .findFirst().orElseGet(Screen::getPrimary).getVisualBounds();
    }

    private static @Nullable Stage stage(Workbench bench) {
        for (Window each : Window.getWindows()) {
            if (each instanceof Stage stage && stage.getScene().getRoot() instanceof MainWindow content
                    && content.bench() == bench) {
                return stage;
            }
        }
        return null;
    }

    /** Puts the content in a stage and shows it. */
    Scene show(Stage stage, MainWindow window) {
        Workbench bench = window.bench();
        Settings settings = premises.settings();
        Scene scene = new Scene(window, settings.windowWidth(), settings.windowHeight());
        Look.apply(scene, settings);
        bench.plan().subscribe(plan -> name(stage, plan.job().title()));
        stage.setScene(scene);
        stage.setMinWidth(900);
        stage.setMinHeight(600);
        stage.focusedProperty().subscribe(focused -> {
            if (focused) {
                bench.use();
            }
        });
        stage.setOnCloseRequest(e -> {
            if (!bench.mayEnd(stage::hide)) {
                e.consume();
            }
        });
        stage.setOnHiding(e -> settings.setWindow(scene.getWidth(), scene.getHeight()));
        stage.setOnHidden(e -> closed(bench));
        afterPicture(scene, () -> {
            opening = false;
            if (leave("first")) {
                return;
            }
            window.furnish();
            watchTimers();
            afterPicture(scene, () -> leave("whole"));
        });
        stage.show();
        window.rest();
        Thread.currentThread().setUncaughtExceptionHandler((thread, e) -> premises.fault(e));
        return scene;
    }

    /** The desktop is only told of another name: to tell it takes its time. */
    private static void name(Stage stage, String job) {
        String title = AppTexts.WINDOW_TITLE.formatted(job);
        if (!title.equals(stage.getTitle())) {
            stage.setTitle(title);
        }
    }

    private void closed(Workbench bench) {
        bench.leave();
        if (premises.benches().isEmpty()) {
            seconds.stop();
        }
    }

    /** Timers run on from the last time; each second they are looked at. */
    private void watchTimers() {
        premises.timers().setOver(this::over);
        seconds.play();
    }

    private void over(ShopTimer timer) {
        Chime.ring();
        Workbench front = premises.benches().getFirst();
        front.notices().say(Notice.info(AppTexts.WAIT_IS_OVER.formatted(timer.name())));
        Stage stage = stage(front);
        if (stage != null) {
            stage.toFront();
        }
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
}
