package neatcorner.desktop.document;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.Optional;
import neatcorner.exchange.BadFile;
import neatcorner.exchange.WholeFile;
import neatcorner.exchange.job.JobFile;
import org.jspecify.annotations.Nullable;

/** The files of this computer. */
final class ComputerDisk implements Disk {

    @Override
    public byte[] read(Path file) throws IOException, BadFile {
        if (Files.exists(file) && !Files.isRegularFile(file)) {
            throw new BadFile(0, "", "a file: this is none");
        }
        return WholeFile.read(file, JobFile.LARGEST, "a job");
    }

    @Override
    public Optional<byte[]> replace(Path file, byte @Nullable [] expected, byte[] bytes) throws IOException {
        if (expected == null) {
            makeFolder(file);
        }
        return WholeFile.replace(file, expected, bytes, JobFile.LARGEST);
    }

    private static void makeFolder(Path file) throws IOException {
        Path folder = file.toAbsolutePath().getParent();
        if (folder != null) {
            Files.createDirectories(folder);
        }
    }

    @Override
    public void write(Path file, byte[] bytes) throws IOException {
        makeFolder(file);
        WholeFile.write(file, bytes);
    }

    @Override
    public void append(Path file, byte[] bytes) throws IOException {
        makeFolder(file);
        Files.write(file, bytes, StandardOpenOption.CREATE, StandardOpenOption.APPEND);
    }

    @Override
    public boolean exists(Path file) {
        return Files.exists(file);
    }

    @Override
    public Path setAside(Path file) throws IOException {
        String name = file.getFileName().toString();
        int dot = name.lastIndexOf('.');
        String stem = dot < 0 ? name : name.substring(0, dot);
        String end = dot < 0 ? "" : name.substring(dot);
        Path aside = file.resolveSibling(stem + "-unreadable" + end);
        for (int i = 2; Files.exists(aside); i++) {
            aside = file.resolveSibling(stem + "-unreadable-" + i + end);
        }
        Files.move(file, aside);
        return aside;
    }

    @Override
    public <T> T alone(Path file, WholeFile.Action<T> action) throws IOException {
        makeFolder(file);
        return WholeFile.alone(file, action);
    }
}
