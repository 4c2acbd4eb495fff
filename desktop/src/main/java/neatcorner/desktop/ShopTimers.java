package neatcorner.desktop;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Clock;
import java.time.DateTimeException;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.logging.Level;
import java.util.logging.Logger;
import neatcorner.exchange.BadFile;
import neatcorner.exchange.JobFile;
import neatcorner.exchange.json.Json;
import neatcorner.exchange.json.JsonText;
import neatcorner.exchange.json.Node;

/** The waits that are being watched, kept in a file at every change so that none is lost. Lives on the window's thread. */
final class ShopTimers {
    private static final Logger LOG = Logger.getLogger(ShopTimers.class.getName());
    private final Path file;
    private final Clock clock;
    private final List<ShopTimer> timers = new ArrayList<>();
    private Consumer<ShopTimer> over = timer -> {};

    ShopTimers(Path file, Clock clock) {
        this.file = file;
        this.clock = clock;
        load();
    }

    private void load() {
        if (!Files.exists(file)) {
            return;
        }
        try {
            for (Node each : Node.root(JsonText.read(Files.readString(file))).required("timers").items()) {
                timers.add(new ShopTimer(each.required("name").text(), Instant.parse(each.required("end").text()),
                        Duration.parse(each.required("whole").text()), each.required("told").bool()));
            }
        } catch (IOException | BadFile | DateTimeException e) {
            LOG.log(Level.WARNING, "timers not read", e);
            try {
                Files.move(file, file.resolveSibling("timers-unreadable.json"), StandardCopyOption.REPLACE_EXISTING);
            } catch (IOException moving) {
                LOG.log(Level.WARNING, "timers not put aside", moving);
            }
        }
    }

    /** Who is to hear when a wait is over, also of those that ended while the program was closed. */
    void setOver(Consumer<ShopTimer> heard) {
        over = heard;
    }

    List<ShopTimer> all() {
        return List.copyOf(timers);
    }

    Instant now() {
        return clock.instant();
    }

    void start(String name, Duration whole) {
        timers.removeIf(timer -> timer.name().equals(name));
        timers.add(new ShopTimer(name, now().plus(whole), whole, false));
        keep();
    }

    void stop(ShopTimer timer) {
        timers.remove(timer);
        keep();
    }

    /** Announces what is over by now, each once. */
    void look() {
        Instant now = now();
        for (int i = 0; i < timers.size(); i++) {
            ShopTimer timer = timers.get(i);
            if (!timer.told() && timer.isOver(now)) {
                timers.set(i, timer.asTold());
                keep();
                over.accept(timer);
            }
        }
    }

    private void keep() {
        String text = JsonText.write(Json.object().with("timers", Json.of(timers.stream()
                .map(timer -> Json.object().with("name", timer.name()).with("end", timer.end().toString())
                        .with("whole", timer.whole().toString()).with("told", Json.of(timer.told())).end())
                .toList())).end());
        try {
            Files.createDirectories(file.getParent());
            JobFile.writeWhole(file, text.getBytes(StandardCharsets.UTF_8));
        } catch (IOException e) {
            LOG.log(Level.WARNING, "timers not kept", e);
        }
    }
}
