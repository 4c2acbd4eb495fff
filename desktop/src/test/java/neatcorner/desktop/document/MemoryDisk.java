package neatcorner.desktop.document;

import java.io.IOException;
import java.nio.file.FileSystemException;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import neatcorner.exchange.WholeFile;
import org.jspecify.annotations.Nullable;

/** Files in memory, on a disk that can be full. */
final class MemoryDisk implements Disk {
    final Map<Path, byte[]> files = new HashMap<>();
    boolean full;

    @Override
    public byte[] read(Path file) throws IOException {
        byte[] bytes = files.get(file);
        if (bytes == null) {
            throw new NoSuchFileException(file.toString());
        }
        return bytes;
    }

    @Override
    public Optional<byte[]> replace(Path file, byte @Nullable [] expected, byte[] bytes) throws IOException {
        byte[] there = files.get(file);
        if (there != null && !Arrays.equals(there, expected) && !Arrays.equals(there, bytes)) {
            return Optional.of(there);
        }
        write(file, bytes);
        return Optional.empty();
    }

    @Override
    public void write(Path file, byte[] bytes) throws IOException {
        if (full) {
            throw new FileSystemException(file.toString(), null, "No space left on device");
        }
        files.put(file, bytes);
    }

    @Override
    public void append(Path file, byte[] bytes) throws IOException {
        byte[] before = files.getOrDefault(file, new byte[0]);
        byte[] all = Arrays.copyOf(before, before.length + bytes.length);
        System.arraycopy(bytes, 0, all, before.length, bytes.length);
        write(file, all);
    }

    @Override
    public boolean exists(Path file) {
        return files.containsKey(file);
    }

    @Override
    public Path setAside(Path file) throws IOException {
        Path aside = file.resolveSibling("aside-" + files.size());
        files.put(aside, Objects.requireNonNull(files.remove(file)));
        return aside;
    }

    @Override
    public <T> T alone(Path file, WholeFile.Action<T> action) throws IOException {
        return action.run();
    }
}
