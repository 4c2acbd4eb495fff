package neatcorner.desktop.document;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import neatcorner.exchange.BadFile;
import neatcorner.exchange.JobFile;
import neatcorner.exchange.WholeFile;
import org.jspecify.annotations.Nullable;

/** The files, as a store needs them. Its methods may take their time. */
public interface Disk {

    /** The bytes of a file. Throws {@link BadFile} for one that no job is as large as. */
    byte[] read(Path file) throws IOException, BadFile;

    /** Writes a file if it is as expected; else gives what it holds. See {@link WholeFile#replace}. */
    Optional<byte[]> replace(Path file, byte @Nullable [] expected, byte[] bytes) throws IOException;

    /** The computer's own. */
    static Disk ofComputer() {
        return new Disk() {
            @Override
            public byte[] read(Path file) throws IOException, BadFile {
                if (Files.exists(file) && !Files.isRegularFile(file)) {
                    throw new BadFile(0, "", "a file with a job: this is none");
                }
                return WholeFile.read(file, JobFile.LARGEST, "a job");
            }

            @Override
            public Optional<byte[]> replace(Path file, byte @Nullable [] expected, byte[] bytes) throws IOException {
                Path folder = file.toAbsolutePath().getParent();
                if (expected == null && folder != null) {
                    Files.createDirectories(folder);
                }
                return WholeFile.replace(file, expected, bytes, JobFile.LARGEST);
            }
        };
    }
}
