package neatcorner.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import javafx.scene.input.KeyCode;
import neatcorner.exchange.job.JobFile;
import neatcorner.job.Job;
import org.junit.jupiter.api.Test;

/** What could not be opened again is refused where it is typed, and what was damaged once is opened all the same. */
class RefusedTest extends WindowTest {
    @Override
    boolean isSmall() {
        return true;
    }

    /** With what the mat hides it would be wider than any mat. */
    @Test
    void aNumberThatCannotBeKeptIsRefusedBesideIt() throws Exception {
        settle();
        Job before = bench.job();
        String file = Files.readString(bench.file());
        maker.clickOn("#value-mat-top-shows");
        maker.push(KeyCode.CONTROL, KeyCode.A).write("2031");
        settle();
        String said = read(".not-understood");
        assertTrue(said.startsWith("This cannot be kept: pack[") && said.contains("expected a length"), said);
        maker.push(KeyCode.ENTER);
        settle();
        assertEquals(before, bench.job());
        maker.push(KeyCode.CONTROL, KeyCode.A).write("52");
        assertTrue(maker.nodes(".not-understood").isEmpty(), "what can be kept is not");
        maker.push(KeyCode.ESCAPE);
        settle();
        assertEquals(file, Files.readString(bench.file()));
    }

    /** As the version before this one kept it: an arched glass whose rise was below zero. */
    @Test
    void aDamagedJobIsOnTheRailAndOpensAndSaysWhatWasMended() throws Exception {
        settle();
        Path file = bench.home().jobs().resolve("arched.json");
        Files.createDirectories(file.getParent());
        String good = JobFile.read(demo("barometer-glass")).text();
        Files.writeString(file,
                good.replaceFirst("\"curve\" : \"semicircle\",", "\"curve\" : \"semicircle\", \"rise\" : -1.5,")
                        .replaceFirst("(\"rise\" : -1.5,\\s*)\"rise\" : [0-9.]+,", "$1"));
        maker.interact(() -> bench.open(file));
        settle();
        String said = read("#notice-text");
        assertTrue(said.contains("outline.rise: expected a length from 0"), said);
        assertEquals("Barometer glass, arched", bench.job().title());
        assertFalse(Files.exists(file.resolveSibling("arched.json.damaged")),
                "nothing is written before it is changed");
        maker.interact(() -> bench.change("title", job -> job.withTitle("Mended")));
        settle();
        assertTrue(Files.readString(file.resolveSibling("arched.json.damaged")).contains("-1.5"));
        assertEquals("Mended", JobFile.read(file).job().title());
    }
}
