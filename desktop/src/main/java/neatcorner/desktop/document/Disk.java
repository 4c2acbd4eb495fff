package neatcorner.desktop.document;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Optional;
import neatcorner.exchange.BadFile;
import neatcorner.exchange.WholeFile;
import org.jspecify.annotations.Nullable;

/** The files, as a store needs them. Its methods may take their time. */
public interface Disk {

    /** The bytes of a file. Throws {@link BadFile} for one that no job is as large as. */
    byte[] read(Path file) throws IOException, BadFile;

    /** Writes a file if it is as expected; else gives what it holds. See {@link WholeFile#replace}. */
    Optional<byte[]> replace(Path file, byte @Nullable [] expected, byte[] bytes) throws IOException;

    /** Writes a file, whole or not at all; its folder is made if need be. */
    void write(Path file, byte[] bytes) throws IOException;

    /** Writes at the end of a file, which is made if need be; what a fault leaves of it may be broken off. */
    void append(Path file, byte[] bytes) throws IOException;

    boolean exists(Path file);

    /** Gives a file another name beside it, which nothing has yet, and tells that name. */
    Path setAside(Path file) throws IOException;

    /** Does something while no other program of this kind writes into the file's folder, which is there. */
    <T> T alone(Path file, WholeFile.Action<T> action) throws IOException;

    /** The computer's own. */
    static Disk ofComputer() {
        return new ComputerDisk();
    }
}
