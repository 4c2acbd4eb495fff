package neatcorner.desktop.desk;

import java.nio.file.Path;
import java.time.Clock;
import java.time.DateTimeException;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import neatcorner.desktop.document.DocumentStore;
import neatcorner.desktop.document.SharedFile;
import neatcorner.exchange.BadFile;
import neatcorner.exchange.json.Json;
import neatcorner.exchange.json.JsonText;
import neatcorner.exchange.json.Node;

/** The waits that are being watched, kept at every change so that none is lost. Lives on the window's thread. */
public final class ShopTimers {
    private final SharedFile<List<ShopTimer>> file;
    private final Clock clock;
    private Consumer<ShopTimer> over = timer -> {};

    /** {@code say} hears when a file is set aside or cannot be written. */
    public ShopTimers(DocumentStore store, Path path, Clock clock, Consumer<String> say) {
        this.file = new SharedFile<>(store, path, new Timers(), List.of(), say);
        this.clock = clock;
    }

    /** Who is to hear when a wait is over, also of those that ended while the program was closed. */
    public void setOver(Consumer<ShopTimer> heard) {
        over = heard;
    }

    /** All waits that are watched. */
    public List<ShopTimer> all() {
        return file.now();
    }

    /** This moment, by the program's clock. */
    public Instant now() {
        return clock.instant();
    }

    /** Watches a wait from now on; a wait of the same name begins anew. */
    public void start(String name, Duration whole) {
        ShopTimer started = new ShopTimer(name, now().plus(whole), whole, false);
        file.change(timers -> {
            List<ShopTimer> all = new ArrayList<>(timers);
            all.removeIf(timer -> timer.name().equals(name));
            all.add(started);
            return List.copyOf(all);
        });
    }

    /** Watches a wait no longer. */
    public void stop(ShopTimer timer) {
        file.change(timers -> timers.stream().filter(each -> !each.name().equals(timer.name())).toList());
    }

    /** Announces what is over by now, each once. */
    void look() {
        Instant now = now();
        for (ShopTimer timer : file.now()) {
            if (!timer.told() && timer.isOver(now)) {
                file.change(timers -> timers.stream().map(each -> each.equals(timer) ? timer.asTold() : each).toList());
                over.accept(timer);
            }
        }
    }

    private static final class Timers implements SharedFile.Format<List<ShopTimer>> {
        @Override
        public List<ShopTimer> read(String text) throws BadFile {
            List<ShopTimer> timers = new ArrayList<>();
            for (Node each : Node.root(JsonText.read(text)).required("timers").items()) {
                try {
                    timers.add(new ShopTimer(each.required("name").text(), Instant.parse(each.required("end").text()),
                            Duration.parse(each.required("whole").text()), each.required("told").bool()));
                } catch (DateTimeException e) {
                    throw each.expected("an end and a length of time");
                }
            }
            return List.copyOf(timers);
        }

        @Override
        public String write(List<ShopTimer> timers) {
            return JsonText.write(Json.object().with("timers", Json.of(timers.stream()
                    .map(timer -> Json.object().with("name", timer.name()).with("end", timer.end().toString())
                            .with("whole", timer.whole().toString()).with("told", Json.of(timer.told())).end())
                    .toList())).end());
        }
    }
}
