package neatcorner.exchange;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.google.common.jimfs.Configuration;
import com.google.common.jimfs.Jimfs;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.FileSystem;
import java.nio.file.FileSystemException;
import java.nio.file.FileSystems;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class WholeFileTest {
    private static final int MOST = 1000;

    @TempDir
    Path folder = Path.of("");

    private static byte[] bytes(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }

    private List<String> names() throws IOException {
        try (Stream<Path> files = Files.list(folder)) {
            return files.map(file -> file.getFileName().toString()).filter(name -> !name.equals(".neat-corner.lock"))
                    .sorted().toList();
        }
    }

    @Test
    void aFileKeepsItsModeAndNothingElseIsLeftBehind() throws IOException {
        Path file = Files.writeString(folder.resolve("job.json"), "old");
        Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("rw-rw-r--"));
        WholeFile.write(file, bytes("new"));
        assertEquals("new", Files.readString(file));
        assertEquals("rw-rw-r--", PosixFilePermissions.toString(Files.getPosixFilePermissions(file)));
        assertEquals(List.of("job.json"), names());
    }

    @Test
    void aNewFileIsAsOpenAsAnyOtherNewFile() throws IOException {
        Path usual = Files.writeString(folder.resolve("usual"), "");
        WholeFile.write(folder.resolve("new"), bytes("new"));
        assertEquals(Files.getPosixFilePermissions(usual), Files.getPosixFilePermissions(folder.resolve("new")));
    }

    @Test
    void aSymbolicLinkStaysOneAndItsTargetIsWritten() throws IOException {
        Path target = Files.writeString(Files.createDirectory(folder.resolve("real")).resolve("job.json"), "old");
        Path link = Files.createSymbolicLink(folder.resolve("link.json"), Path.of("real/job.json"));
        Path second = Files.createSymbolicLink(folder.resolve("second.json"), link);
        WholeFile.write(second, bytes("new"));
        assertTrue(Files.isSymbolicLink(second) && Files.isSymbolicLink(link));
        assertEquals("new", Files.readString(target));
        Files.delete(target);
        WholeFile.write(link, bytes("anew"));
        assertEquals("anew", Files.readString(target));
        Path round = folder.resolve("round");
        Files.createSymbolicLink(round, round);
        assertThrows(IOException.class, () -> WholeFile.write(round, bytes("x")));
    }

    @Test
    void aFileWithTwoNamesKeepsBoth() throws IOException {
        Path file = Files.writeString(folder.resolve("job.json"), "old and long");
        Path other = Files.createLink(folder.resolve("other.json"), file);
        WholeFile.write(file, bytes("new"));
        assertEquals("new", Files.readString(other));
        assertEquals(List.of("job.json", "other.json"), names());
    }

    @Test
    void aWriteIntoAFileWithTwoNamesThatWasBrokenOffIsEnded() throws Exception {
        Path file = Files.writeString(folder.resolve("job.json"), "ne");
        Path other = Files.createLink(folder.resolve("other.json"), file);
        Files.writeString(folder.resolve(".job.json.whole"), "new");
        assertArrayEquals(bytes("new"), WholeFile.read(file, MOST, "a job"));
        assertEquals("new", Files.readString(other));
        assertEquals(List.of("job.json", "other.json"), names());
    }

    @Test
    void devicesAndFoldersAreNotReplaced() throws IOException {
        assertThrows(IOException.class, () -> WholeFile.write(Path.of("/dev/null"), bytes("x")));
        assertTrue(!Files.isRegularFile(Path.of("/dev/null")));
        Path inside = Files.createDirectory(folder.resolve("inside"));
        assertThrows(IOException.class, () -> WholeFile.write(inside, bytes("x")));
        assertTrue(Files.isDirectory(inside));
    }

    @Test
    void whatNeverEndsIsReadOnlySoFar() {
        BadFile bad = assertThrows(BadFile.class, () -> WholeFile.read(Path.of("/dev/zero"), 4_000_000, "a job"));
        assertEquals("expected a job: this file is larger than any, over 4 MB", bad.getMessage());
    }

    @Test
    void whatSomebodyElseWroteIsNotReplaced() throws IOException {
        Path file = folder.resolve("job.json");
        assertTrue(WholeFile.replace(file, null, bytes("one"), MOST).isEmpty());
        assertTrue(WholeFile.replace(file, bytes("one"), bytes("two"), MOST).isEmpty());
        Files.writeString(file, "theirs");
        assertArrayEquals(bytes("theirs"), WholeFile.replace(file, bytes("two"), bytes("three"), MOST).orElseThrow());
        assertArrayEquals(bytes("theirs"), WholeFile.replace(file, null, bytes("three"), MOST).orElseThrow());
        assertEquals("theirs", Files.readString(file));
        assertTrue(WholeFile.replace(file, bytes("two"), bytes("theirs"), MOST).isEmpty());
        Files.delete(file);
        assertTrue(WholeFile.replace(file, bytes("two"), bytes("three"), MOST).isEmpty());
        assertEquals("three", Files.readString(file));
    }

    /** Each counts on from what it finds; with a gap between look and write some would count from the same number. */
    @Test
    void programsThatWriteAtOnceDoSoOneAfterTheOther() throws Exception {
        Path file = Files.writeString(folder.resolve("count"), "0");
        Process other = new ProcessBuilder(ProcessHandle.current().info().command().orElseThrow(), "-cp",
                System.getProperty("java.class.path"), Counting.class.getName(), file.toString(), "100").inheritIO()
                .start();
        List<Future<?>> threads = new ArrayList<>();
        try (ExecutorService pool = Executors.newFixedThreadPool(2)) {
            for (int i = 0; i < 2; i++) {
                threads.add(pool.submit(() -> {
                    Counting.main(file.toString(), "100");
                    return null;
                }));
            }
        }
        for (Future<?> each : threads) {
            each.get();
        }
        assertEquals(0, other.waitFor());
        assertEquals("300", Files.readString(file));
    }

    /** Counts on in a file. */
    static final class Counting {
        private Counting() {}

        public static void main(String... arguments) throws IOException {
            Path file = Path.of(Objects.requireNonNull(arguments[0]));
            int done = 0;
            while (done < Integer.parseInt(arguments[1])) {
                try {
                    WholeFile.alone(file, () -> {
                        int count = Integer.parseInt(Files.readString(file));
                        WholeFile.write(file, bytes(String.valueOf(count + 1)));
                        return count;
                    });
                    done++;
                } catch (FileSystemException e) {
                    // Who was not let in for long, where others come again at once, comes again, too.
                    if (!"another program holds this folder".equals(e.getReason())) {
                        throw e;
                    }
                }
            }
        }
    }

    /** Of a Windows kind, of a Mac's, and of a plain archive: none has what Linux has, and each keeps what it can. */
    @Test
    void aFileIsWrittenWholeOnAnyFileSystem() throws Exception {
        Path archive = folder.resolve("archive.zip");
        try (FileSystem windows = Jimfs.newFileSystem(Configuration.windows());
                FileSystem mac = Jimfs.newFileSystem(Configuration.osX());
                FileSystem zip = FileSystems.newFileSystem(archive, Map.of("create", "true"))) {
            for (FileSystem system : List.of(windows, mac, zip)) {
                Path shop = Files.createDirectories(system.getRootDirectories().iterator().next().resolve("shop"));
                Path file = shop.resolve("job.json");
                assertEquals(Optional.empty(), WholeFile.replace(file, null, bytes("one"), MOST));
                assertEquals(Optional.empty(), WholeFile.replace(file, bytes("one"), bytes("two"), MOST));
                assertArrayEquals(bytes("two"),
                        WholeFile.replace(file, bytes("one"), bytes("three"), MOST).orElseThrow());
                WholeFile.write(file, bytes("four"));
                assertArrayEquals(bytes("four"), WholeFile.read(file, MOST, "a job"));
                try (Stream<Path> left = Files.list(shop)) {
                    assertEquals(List.of("job.json"), left.map(each -> each.getFileName().toString())
                            .filter(name -> !name.equals(".neat-corner.lock")).toList(), system.toString());
                }
            }
        }
    }
}
