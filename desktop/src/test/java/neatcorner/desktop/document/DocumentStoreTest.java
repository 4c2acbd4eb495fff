package neatcorner.desktop.document;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;

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
        assertTrue(!on.join().isDaemon(), "the program does not end before it is done");
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
        assertTrue(!closed.isDone() && !store.isIdle());
        go.countDown();
        closed.get(180, TimeUnit.SECONDS);
        assertTrue(store.isIdle());
    }

    private static void awaited(CountDownLatch latch) {
        try {
            latch.await();
        } catch (InterruptedException e) {
            throw new AssertionError(e);
        }
    }
}
