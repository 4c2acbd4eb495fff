package neatcorner.desktop.document;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import neatcorner.exchange.job.JobFile;
import neatcorner.job.Defaults;
import neatcorner.measure.Units;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class DocumentStoreTest {
    private final DocumentStore store = DocumentStore.onThread(Runnable::run);

    @Test
    void whatIsAskedForLateIsDoneInOrderAndNotOnTheThreadThatAsks() {
        BlockingQueue<Integer> done = new LinkedBlockingQueue<>();
        store.close();
        CompletableFuture<Thread> on = new CompletableFuture<>();
        for (int i = 1; i <= 3; i++) {
            int number = i;
            store.ask(() -> {
                done.add(number);
                on.complete(Thread.currentThread());
                return () -> {};
            }, () -> {});
        }
        store.close();
        assertEquals(List.of(1, 2, 3), List.copyOf(done));
        assertNotEquals(Thread.currentThread(), on.join());
        assertFalse(on.join().isDaemon(), "the program does not end before it is done");
    }

    @Test
    void closingWaitsForWhatIsUnderWay() throws Exception {
        CountDownLatch begun = new CountDownLatch(1);
        CountDownLatch go = new CountDownLatch(1);
        store.ask(() -> {
            begun.countDown();
            awaited(go);
            return () -> {};
        }, () -> {});
        begun.await();
        CompletableFuture<Void> closed = CompletableFuture.runAsync(store::close);
        assertFalse(closed.isDone() || store.isIdle());
        go.countDown();
        closed.get(180, TimeUnit.SECONDS);
        assertTrue(store.isIdle());
    }

    /** Whatever a job's file means, nobody else has written it while it holds the same. */
    @Test
    void aFileIsReadAgainOnlyWhenItHoldsSomethingElse(@TempDir Path folder) throws Exception {
        Path file = folder.resolve("job.json");
        Files.writeString(file, JobFile.of(Defaults.blank(Units.MILLIMETRES)).text());
        DocumentStore.Place place = store.read(file).place();
        List<String> heard = new CopyOnWriteArrayList<>();
        Consumer<DocumentStore.Read> read = again -> heard.add(again.content().job().title());
        store.readIfChanged(place, read, () -> heard.add("as it was"));
        store.close();
        Files.writeString(file, JobFile.of(Defaults.blank(Units.MILLIMETRES).withTitle("Theirs")).text());
        store.readIfChanged(place, read, () -> heard.add("as it was"));
        store.close();
        Files.delete(file);
        store.readIfChanged(place, read, () -> heard.add("as it was"));
        store.close();
        assertEquals(List.of("as it was", "Theirs", "as it was"), heard);
    }

    private static void awaited(CountDownLatch latch) {
        try {
            latch.await();
        } catch (InterruptedException e) {
            throw new AssertionError(e);
        }
    }
}
