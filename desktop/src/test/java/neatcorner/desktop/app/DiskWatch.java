package neatcorner.desktop.app;

import java.io.FileInputStream;
import java.io.FileOutputStream;
import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jdk.jfr.Recording;
import jdk.jfr.consumer.RecordedEvent;
import jdk.jfr.consumer.RecordedFrame;
import jdk.jfr.consumer.RecordedMethod;
import jdk.jfr.consumer.RecordingFile;

/** Sees which files the window's thread touches: the machine records each call of what opens, asks, lists, moves and makes them. */
final class DiskWatch implements AutoCloseable {
    private static final String CALLS = "jdk.MethodTrace";
    private static final String WATCHED = Files.class.getName() + ";" + Stream
            .of(FileInputStream.class.getName() + "::<init>", FileOutputStream.class.getName() + "::<init>",
                    FileChannel.class.getName() + "::open")
            .collect(Collectors.joining(";"));

    private final Recording recording = new Recording();
    private final List<Watch> watches = new ArrayList<>();

    /** A thread that must not wait for a disk for a while. */
    private record Watch(long thread, Instant from, Instant to) {
        boolean saw(RecordedEvent event) {
            return event.getThread() != null && event.getThread().getJavaThreadId() == thread
                    && event.getStartTime().isAfter(from) && event.getStartTime().isBefore(to);
        }
    }

    DiskWatch() {
        recording.enable(CALLS).with("filter", WATCHED).withThreshold(Duration.ZERO).withStackTrace();
        recording.start();
    }

    /** From now on the thread that this is called on must not wait for a disk. */
    synchronized void begin() {
        watches.add(new Watch(Thread.currentThread().threadId(), Instant.now(), Instant.MAX));
    }

    /** From now on it may. */
    synchronized void end() {
        if (!watches.isEmpty()) {
            Watch last = watches.removeLast();
            watches.add(new Watch(last.thread, last.from, Instant.now()));
        }
    }

    /**
     * Each call that touched a file on the watched thread since this was last asked, and the place of the program that it
     * came from.
     */
    synchronized List<String> touched() throws IOException {
        Path file = Files.createTempFile("disk-watch", ".jfr");
        try {
            recording.dump(file);
            return RecordingFile.readAllEvents(file).stream()
                    .filter(event -> watches.stream().anyMatch(watch -> watch.saw(event)))
                    .filter(DiskWatch::isOurs).map(DiskWatch::place).distinct().toList();
        } finally {
            watches.clear();
            Files.delete(file);
        }
    }

    /** Whether the program itself asked, not the toolkit for its pictures or the machine for a class. */
    private static boolean isOurs(RecordedEvent event) {
        List<String> frames = event.getStackTrace().getFrames().stream().map(DiskWatch::name).toList();
        return frames.stream().noneMatch(frame -> frame.startsWith("java.lang.ClassLoader."))
                && frames.stream().filter(frame -> !frame.startsWith("java.") && !frame.startsWith("sun.")
                        && !frame.startsWith("jdk.")).findFirst().orElse("").startsWith("neatcorner.");
    }

    private static String place(RecordedEvent event) {
        RecordedMethod called = event.getValue("method");
        String from = event.getStackTrace().getFrames().stream().filter(frame -> name(frame).startsWith("neatcorner."))
                .map(frame -> name(frame) + ":" + frame.getLineNumber()).limit(3).collect(Collectors.joining(" < "));
        return called.getType().getName() + "." + called.getName() + " from " + from;
    }

    private static String name(RecordedFrame frame) {
        return frame.getMethod().getType().getName() + "." + frame.getMethod().getName();
    }

    @Override
    public void close() {
        recording.close();
    }
}
