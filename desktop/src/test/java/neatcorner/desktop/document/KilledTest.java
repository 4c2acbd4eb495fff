package neatcorner.desktop.document;

import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Objects;
import java.util.Random;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.locks.LockSupport;
import neatcorner.exchange.job.JobFile;
import neatcorner.job.Defaults;
import neatcorner.measure.Units;
import neatcorner.planner.Planner;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The program is killed while edits come as fast as they can: what was shown as kept is there, and the file is whole. */
class KilledTest {
    private static final int KILLS = Integer.getInteger("neatcorner.kills", 3);

    @TempDir
    Path folder = Path.of("");

    @Test
    void whatWasShownAsKeptIsThereWhenTheProgramIsKilled() throws Exception {
        Random random = new Random(KILLS);
        Path file = folder.resolve("job.json");
        JobFile.of(Defaults.blank(Units.MILLIMETRES).withTitle("0")).write(file);
        for (int i = 0; i < KILLS; i++) {
            int before = Integer.parseInt(JobFile.read(file).job().title());
            Process process = new ProcessBuilder(ProcessHandle.current().info().command().orElseThrow(), "-cp",
                    System.getProperty("java.class.path"), Typing.class.getName(), file.toString())
                    .redirectError(ProcessBuilder.Redirect.INHERIT).start();
            int kept = before;
            try (BufferedReader out = new BufferedReader(
                    new InputStreamReader(process.getInputStream(), StandardCharsets.UTF_8))) {
                int lines = 1 + random.nextInt(20);
                for (String line = out.readLine(); line != null; line = out.readLine()) {
                    kept = Integer.parseInt(line);
                    if (--lines == 0) {
                        process.toHandle().destroyForcibly();
                    }
                }
            }
            process.waitFor();
            assertTrue(kept > before, "something was kept");
            int there = Integer.parseInt(JobFile.read(file).job().title());
            assertTrue(there >= kept, "kept " + kept + ", there " + there);
        }
        try (var files = Files.list(folder)) {
            assertTrue(files.noneMatch(each -> each.toString().endsWith(".whole")));
        }
    }

    /** Counts up in a job's title, and prints every number that is kept. */
    static final class Typing {
        private Typing() {}

        public static void main(String... arguments) throws IOException, InterruptedException {
            LinkedBlockingQueue<Runnable> window = new LinkedBlockingQueue<>();
            DocumentStore store = DocumentStore.onThread(window::add);
            Path file = Path.of(Objects.requireNonNull(arguments[0]));
            ShopState shop = new ShopState(store, file.resolveSibling("shop.json"), file.resolveSibling("shelf.json"),
                    file.resolveSibling("offcuts"),
                    System.err::println);
            Documents documents = new Documents(store, shop, Planning.onThreads(window::add), Planner::plan);
            documents.open(file, document -> {
                document.watch(() -> {
                    if (document.keeping() instanceof Document.Keeping.Kept) {
                        System.out.println(document.job().title());
                        System.out.flush();
                    }
                });
                type(document, window);
            }, System.err::println);
            while (true) {
                window.take().run();
            }
        }

        private static void type(Document document, LinkedBlockingQueue<Runnable> window) {
            document.change(new Change("count",
                    job -> job.withTitle(String.valueOf(Integer.parseInt(job.title()) + 1))));
            Thread.ofVirtual().start(() -> {
                LockSupport.parkNanos(2_000_000);
                window.add(() -> type(document, window));
            });
        }
    }
}
