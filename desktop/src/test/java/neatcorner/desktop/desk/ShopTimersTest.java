package neatcorner.desktop.desk;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import neatcorner.desktop.look.Chime;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class ShopTimersTest {
    private static final Instant NOON = Instant.parse("2026-11-25T12:00:00Z");
    @TempDir
    Path folder = Path.of("");

    private ShopTimers at(Instant when) {
        return new ShopTimers(AtOnce.store(), folder.resolve("timers.json"), Clock.fixed(when, ZoneOffset.UTC),
                AtOnce.SAID::add);
    }

    @Test
    void aWaitGoesOnWhileTheProgramIsClosedAndIsAnnouncedOnce() {
        at(NOON).start("in the clamps", Duration.ofMinutes(30));
        List<String> heard = new ArrayList<>();
        ShopTimers soon = at(NOON.plusSeconds(600));
        soon.setOver(timer -> heard.add(timer.name()));
        soon.look();
        assertEquals(List.of(), heard);
        assertEquals("20:00", soon.all().getFirst().text(soon.now()));
        ShopTimers late = at(NOON.plusSeconds(3600));
        late.setOver(timer -> heard.add(timer.name()));
        late.look();
        late.look();
        assertEquals(List.of("in the clamps"), heard);
        assertEquals("over by 30:00", late.all().getFirst().text(late.now()));
        at(NOON.plusSeconds(7200)).look();
        assertTrue(at(NOON).all().getFirst().told(), "told already, also after a restart");
    }

    @Test
    void aClockThatWasPutBackLosesNothing() {
        at(NOON).start("epoxy", Duration.ofHours(6));
        assertEquals("7:00:00", at(NOON.minusSeconds(3600)).all().getFirst().text(NOON.minusSeconds(3600)));
    }

    @Test
    void aFileThatCannotBeReadIsPutAside() throws Exception {
        Files.writeString(folder.resolve("timers.json"), "{ \"timers\": [ { \"name\": 4 } ] }");
        assertEquals(List.of(), at(NOON).all());
        assertTrue(Files.exists(folder.resolve("timers-unreadable.json")));
    }

    @Test
    void theChimeDiesAway() {
        byte[] tones = Chime.tones();
        int loudest = 0;
        for (int i = 1; i < tones.length; i += 2) {
            loudest = Math.max(loudest, Math.abs(tones[i]));
        }
        assertTrue(loudest > 30 && Math.abs(tones[tones.length - 1]) < 8);
    }
}
