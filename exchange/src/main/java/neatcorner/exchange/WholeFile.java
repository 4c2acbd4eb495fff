package neatcorner.exchange;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.nio.file.AtomicMoveNotSupportedException;
import java.nio.file.FileSystemException;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.PosixFileAttributeView;
import java.nio.file.attribute.PosixFileAttributes;
import java.util.Arrays;
import java.util.Optional;
import java.util.concurrent.ThreadLocalRandom;
import java.util.concurrent.locks.ReentrantLock;
import org.jspecify.annotations.Nullable;

/**
 * Files that are written whole or not at all, and are on the disk when a write returns. A file keeps its mode, its group
 * and its links, symbolic and hard, where its file system has such things. Programs of this kind that write into one folder do so one after the other.
 */
public final class WholeFile {
    /** A folder that is held for longer than this, ms, is not waited for. */
    private static final long LONGEST_WAIT = 5_000;
    private static final String LOCK = ".neat-corner.lock";
    private static final ReentrantLock IN_THIS_PROGRAM = new ReentrantLock();

    private WholeFile() {}

    /** Something to be done while nobody else writes. */
    @FunctionalInterface
    public interface Action<T> {
        T run() throws IOException;
    }

    /**
     * The bytes of a file, or of a pipe.
     *
     * @param most throws {@link BadFile} for more bytes than this
     * @param what it should hold, for the message, such as "a job"
     */
    public static byte[] read(Path file, int most, String what) throws IOException, BadFile {
        recover(file);
        try (InputStream in = Files.newInputStream(file)) {
            byte[] bytes = in.readNBytes(most);
            if (in.read() >= 0) {
                throw new BadFile(0, "", what + ": this file is larger than any, over " + most / 1_000_000 + " MB");
            }
            return bytes;
        }
    }

    /** Bytes as text. Throws {@link BadFile} when they are not UTF-8. */
    public static String text(byte[] bytes) throws BadFile {
        try {
            String text = StandardCharsets.UTF_8.newDecoder().decode(ByteBuffer.wrap(bytes)).toString();
            return text.startsWith("\uFEFF") ? text.substring(1) : text;
        } catch (CharacterCodingException e) {
            throw new BadFile(0, "", "text in UTF-8: this file holds something else");
        }
    }

    /**
     * Puts bytes in the place of a file's. Throws {@link IOException} when the folder cannot be written, the disk is full, or
     * the path is no file but a folder or a device; what was there is then untouched.
     */
    public static void write(Path file, byte[] bytes) throws IOException {
        Path target = target(file);
        if (!Files.exists(target)) {
            putInPlace(target, bytes, null);
        } else if (!Files.isRegularFile(target)) {
            throw new FileSystemException(file.toString(), null, "is not a file that can be replaced");
        } else if (links(target) > 1) {
            writeInto(target, bytes);
        } else {
            putInPlace(target, bytes, owned(target));
        }
    }

    /**
     * Writes a file if it still holds what is expected, with no other program of this kind between the look and the write.
     *
     * @param expected null when there is not to be such a file. A file that is gone may be written anew.
     * @return what the file holds instead, and then nothing is written; empty when it was written
     */
    public static Optional<byte[]> replace(Path file, byte @Nullable [] expected, byte[] bytes, int most)
            throws IOException {
        return alone(file, () -> {
            byte[] there;
            try {
                there = read(file, most, "a file");
            } catch (NoSuchFileException e) {
                there = null;
            } catch (BadFile e) {
                there = new byte[0];
            }
            if (there != null && !Arrays.equals(there, expected) && !Arrays.equals(there, bytes)) {
                return Optional.of(there);
            }
            if (!Arrays.equals(there, bytes)) {
                write(file, bytes);
            }
            return Optional.empty();
        });
    }

    /**
     * Does something while no other program of this kind writes into the file's folder. Throws {@link IOException} when
     * another holds it for over five seconds.
     */
    public static <T> T alone(Path file, Action<T> action) throws IOException {
        Path folder = folder(target(file));
        IN_THIS_PROGRAM.lock();
        try (FileChannel channel = FileChannel.open(folder.resolve(LOCK), StandardOpenOption.CREATE,
                StandardOpenOption.WRITE)) {
            lock(channel, folder);
            return action.run();
        } finally {
            IN_THIS_PROGRAM.unlock();
        }
    }

    /** Holds until the channel is closed. */
    private static void lock(FileChannel channel, Path folder) throws IOException {
        long until = System.nanoTime() + LONGEST_WAIT * 1_000_000;
        while (true) {
            if (channel.tryLock() != null) {
                return;
            }
            if (System.nanoTime() > until) {
                throw new FileSystemException(folder.toString(), null, "another program holds this folder");
            }
            try {
                Thread.sleep(1);
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
                throw new FileSystemException(folder.toString(), null, "was not waited for");
            }
        }
    }

    /** Where a chain of symbolic links ends, whether or not there is anything. */
    private static Path target(Path file) throws IOException {
        Path at = file.toAbsolutePath();
        for (int i = 0; Files.isSymbolicLink(at); i++) {
            if (i == 40) {
                throw new FileSystemException(file.toString(), null, "links to itself");
            }
            at = at.resolveSibling(Files.readSymbolicLink(at));
        }
        return at;
    }

    private static Path folder(Path target) {
        Path folder = target.getParent();
        return folder == null ? target : folder;
    }

    /** How many names a file has; one where the file system cannot say. */
    private static int links(Path file) throws IOException {
        return knows(file, "unix") ? ((Number) Files.getAttribute(file, "unix:nlink")).intValue() : 1;
    }

    private static boolean knows(Path file, String attributes) {
        return file.getFileSystem().supportedFileAttributeViews().contains(attributes);
    }

    /** Whose a file is and who may write it; null where the file system has no such thing. */
    private static @Nullable PosixFileAttributes owned(Path file) throws IOException {
        return knows(file, "posix") ? Files.readAttributes(file, PosixFileAttributes.class) : null;
    }

    private static void putInPlace(Path target, byte[] bytes, @Nullable PosixFileAttributes like) throws IOException {
        Path neighbour = target.resolveSibling("." + target.getFileName() + "."
                + Long.toString(ThreadLocalRandom.current().nextLong(Long.MAX_VALUE), 36) + ".part");
        try {
            try (OutputStream out = Files.newOutputStream(neighbour, StandardOpenOption.CREATE_NEW,
                    StandardOpenOption.WRITE, StandardOpenOption.SYNC)) {
                out.write(bytes);
            }
            if (like != null) {
                become(neighbour, like);
            }
            take(neighbour, target);
        } catch (NoSuchFileException e) {
            throw new NoSuchFileException(folder(target).toString());
        } finally {
            Files.deleteIfExists(neighbour);
        }
        sync(folder(target));
    }

    /** At once where the file system can; else there is a moment without a file, and its neighbour then has it all. */
    private static void take(Path neighbour, Path target) throws IOException {
        try {
            Files.move(neighbour, target, StandardCopyOption.REPLACE_EXISTING, StandardCopyOption.ATOMIC_MOVE);
        } catch (AtomicMoveNotSupportedException e) {
            Files.move(neighbour, target, StandardCopyOption.REPLACE_EXISTING);
        }
    }

    private static void become(Path file, PosixFileAttributes like) throws IOException {
        PosixFileAttributeView view = Files.getFileAttributeView(file, PosixFileAttributeView.class,
                LinkOption.NOFOLLOW_LINKS);
        if (!view.readAttributes().group().equals(like.group())) {
            try {
                view.setGroup(like.group());
            } catch (IOException e) {
                // a group that we are not in cannot be given; the file is then ours
            }
        }
        view.setPermissions(like.permissions());
    }

    private static void sync(Path folder) {
        try (FileChannel channel = FileChannel.open(folder)) {
            channel.force(true);
        } catch (IOException e) {
            // not every file system knows folders that can be synced
        }
    }

    /**
     * A file with several names cannot be replaced, only written into. Until that is done a whole copy lies beside it, from
     * which {@link #recover} takes over.
     */
    private static void writeInto(Path target, byte[] bytes) throws IOException {
        Path whole = whole(target);
        putInPlace(whole, bytes, owned(target));
        takeOver(whole, target);
    }

    private static void takeOver(Path whole, Path target) throws IOException {
        byte[] bytes = Files.readAllBytes(whole);
        try (OutputStream out = Files.newOutputStream(target, StandardOpenOption.WRITE,
                StandardOpenOption.TRUNCATE_EXISTING, StandardOpenOption.SYNC)) {
            out.write(bytes);
        }
        Files.delete(whole);
    }

    private static Path whole(Path target) {
        return target.resolveSibling("." + target.getFileName() + ".whole");
    }

    /** Ends a write into a file with several names that was broken off. */
    private static void recover(Path file) throws IOException {
        Path target = target(file);
        if (target.getFileName() != null && Files.isRegularFile(whole(target)) && Files.isRegularFile(target)) {
            takeOver(whole(target), target);
        }
    }
}
