package neatcorner.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertInstanceOf;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.isA;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.timeout;
import static org.mockito.Mockito.verify;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import neatcorner.exchange.JobFile;
import neatcorner.measure.Units;
import neatcorner.plan.Defaults;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class KeeperTest {
    private static final JobFile JOB = JobFile.of(Defaults.blank(Units.MILLIMETRES));

    @TempDir
    Path folder = Path.of("");

    private final BlockingQueue<Keeper.Outcome> outcomes = new LinkedBlockingQueue<>();

    private Keeper.Outcome next() throws InterruptedException {
        return java.util.Objects.requireNonNull(outcomes.poll(5, TimeUnit.SECONDS), "nothing was reported");
    }

    @Test
    void anEditIsKeptAtOnce() throws Exception {
        Path file = folder.resolve("job.json");
        try (Keeper keeper = new Keeper(outcomes::add)) {
            keeper.attend(file, null);
            keeper.keep(file, JOB);
            assertInstanceOf(Keeper.Outcome.Kept.class, next());
        }
        assertEquals(JOB.job(), JobFile.read(file).job());
    }

    @Test
    @SuppressWarnings("unchecked")
    void theLastOfManyEditsIsTheOneThatStays() throws Exception {
        Path file = folder.resolve("job.json");
        Consumer<Keeper.Outcome> report = mock(Consumer.class);
        try (Keeper keeper = new Keeper(report)) {
            keeper.attend(file, null);
            for (int i = 1; i <= 200; i++) {
                keeper.keep(file, JOB.withJob(JOB.job().withTitle("edit " + i)));
            }
        }
        assertEquals("edit 200", JobFile.read(file).job().title());
        verify(report, timeout(2000).atLeastOnce()).accept(isA(Keeper.Outcome.Kept.class));
        verify(report, org.mockito.Mockito.never()).accept(isA(Keeper.Outcome.NotKept.class));
        verify(report, org.mockito.Mockito.atMost(200)).accept(any());
    }

    @Test
    void aFileThatSomebodyElseChangedIsNotWrittenOver() throws Exception {
        Path file = Files.writeString(folder.resolve("job.json"), JOB.text());
        try (Keeper keeper = new Keeper(outcomes::add)) {
            keeper.attend(file, JOB.text());
            Files.writeString(file, "theirs");
            keeper.keep(file, JOB);
            assertInstanceOf(Keeper.Outcome.ChangedOutside.class, next());
            assertEquals("theirs", Files.readString(file));
            keeper.attend(file, null);
            keeper.keep(file, JOB);
            assertInstanceOf(Keeper.Outcome.Kept.class, next());
        }
    }

    @Test
    void aFolderThatIsGoneIsSaidInOneLine() throws Exception {
        Path file = folder.resolve("gone").resolve("job.json");
        try (Keeper keeper = new Keeper(outcomes::add)) {
            keeper.attend(file, null);
            keeper.keep(file, JOB);
            Keeper.Outcome.NotKept not = assertInstanceOf(Keeper.Outcome.NotKept.class, next());
            assertTrue(not.why().contains("cannot be written"), not.why());
        }
    }
}
