package neatcorner.bench;

import com.sun.management.ThreadMXBean;
import java.lang.management.ManagementFactory;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.function.ToDoubleFunction;
import java.util.stream.Stream;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.ButtonBase;
import javafx.scene.input.KeyCode;
import javafx.scene.robot.Robot;
import javafx.stage.Window;
import neatcorner.desktop.app.Desktop;

/**
 * From key press to drawn screen: the running program's window gets 200 presses of an arrow key on the handle that makes
 * the frame wider, then on a corner of a free outline; each changes the job, the plan and the drawing. Measured is the time
 * from the press until the picture in which the figures are new is laid out and on its way to the painter. That time waits
 * for the screen's beat and for whatever else the machine does; what two versions differ by is told by the processor's
 * time and the memory that the window's thread takes until then.
 */
public final class WindowBench {
    private static final ThreadMXBean THREADS = (ThreadMXBean) ManagementFactory.getThreadMXBean();
    private static final int PRESSES = 200;
    private static final int WARM_UP = 60;
    /** How long a picture may take to be painted where there is no graphics card, ms. */
    private static final int PAINTING = 150;

    private WindowBench() {}

    public static void main(String[] args) throws InterruptedException {
        Thread driver = Thread.ofPlatform().daemon().start(() -> {
            try {
                drive();
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
            }
        });
        Desktop.open(Desktop.Opening.demo());
        driver.join(1000);
    }

    private static void drive() throws InterruptedException {
        Scene scene = waitForScene();
        Thread.sleep(1500);
        measure(scene, "key press to drawn screen", "#knob-art-width");
        for (String button : new String[]{"#rail-shape", "#shape-free"}) {
            Platform.runLater(() -> ((ButtonBase) scene.lookup(button)).fire());
            Thread.sleep(600);
        }
        measure(scene, "corner moved to drawn screen", "#corner-1");
        Platform.exit();
    }

    /** What one press took: from the press on, and of that the processor's time and the bytes of the window's thread. */
    private record Took(double millis, double busy, double bytes) {}

    private static void measure(Scene scene, String what, String knob) throws InterruptedException {
        List<Took> all = new ArrayList<>();
        for (int i = -WARM_UP; i < PRESSES; i++) {
            Took took = press(scene, knob, i % 2 == 0 ? KeyCode.RIGHT : KeyCode.LEFT);
            if (i >= 0) {
                all.add(took);
            }
        }
        double[] millis = sorted(all, Took::millis);
        System.out.printf("%s: median %.1f ms, 95th percentile %.1f ms, worst %.1f ms; "
                + "the window's thread %.1f ms of the processor and %.0f kB%n", what, millis[PRESSES / 2],
                millis[PRESSES * 95 / 100], millis[PRESSES - 1], sorted(all, Took::busy)[PRESSES / 2],
                sorted(all, Took::bytes)[PRESSES / 2] / 1000);
    }

    private static double[] sorted(List<Took> all, ToDoubleFunction<Took> part) {
        return all.stream().mapToDouble(part).sorted().toArray();
    }

    private static Scene waitForScene() throws InterruptedException {
        while (true) {
            Thread.sleep(100);
            CountDownLatch looked = new CountDownLatch(1);
            Scene[] found = new Scene[1];
            try {
                Platform.runLater(() -> {
                    Window.getWindows().stream().filter(Window::isShowing).findFirst()
                            .ifPresent(window -> found[0] = window.getScene());
                    looked.countDown();
                });
            } catch (IllegalStateException notStarted) {
                continue;
            }
            looked.await();
            if (found[0] != null) {
                return found[0];
            }
        }
    }

    /** From the press to the picture with the new figures, laid out and given to the painter, who is then let finish. */
    private static Took press(Scene scene, String held, KeyCode key) throws InterruptedException {
        CountDownLatch drawn = new CountDownLatch(1);
        List<Took> readings = new ArrayList<>();
        Platform.runLater(() -> {
            Node knob = scene.lookup(held);
            knob.requestFocus();
            String before = figures(scene);
            Runnable[] look = new Runnable[1];
            look[0] = () -> {
                if (!figures(scene).equals(before)) {
                    scene.removePostLayoutPulseListener(look[0]);
                    readings.add(clocks());
                    drawn.countDown();
                }
            };
            scene.addPostLayoutPulseListener(look[0]);
            readings.add(clocks());
            new Robot().keyType(key);
        });
        if (!drawn.await(5, TimeUnit.SECONDS)) {
            throw new IllegalStateException("the window did not answer");
        }
        Thread.sleep(PAINTING);
        Took from = readings.getFirst();
        Took to = readings.getLast();
        return new Took(to.millis - from.millis, to.busy - from.busy, to.bytes - from.bytes);
    }

    /** What the clocks of the thread that asks stand at. */
    private static Took clocks() {
        return new Took(System.nanoTime() / 1e6, THREADS.getCurrentThreadCpuTime() / 1e6,
                THREADS.getCurrentThreadAllocatedBytes());
    }

    /** All figures that stand on the screen. */
    private static String figures(Scene scene) {
        return Stream.of(".slate-row", ".value-tag").flatMap(kind -> scene.getRoot().lookupAll(kind).stream())
                .map(Node::getAccessibleText).toList().toString();
    }
}
