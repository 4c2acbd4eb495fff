package neatcorner.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import neatcorner.exchange.job.JobFile;
import neatcorner.job.Job;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/** What could not be opened again is refused where it is typed, and what was damaged once is opened all the same. */
class RefusedTest extends WindowTest {
    @Start
    void start(Stage opened) throws Exception {
        openSmall(opened);
    }

    /** With what the mat hides it would be wider than any mat. */
    @Test
    void aNumberThatCannotBeKeptIsRefusedBesideIt(FxRobot robot) throws Exception {
        settle();
        Job before = bench.job();
        String file = Files.readString(bench.file());
        robot.clickOn("#value-mat-top-shows");
        robot.push(KeyCode.CONTROL, KeyCode.A).write("2031");
        settle();
        String said = read(robot, ".not-understood");
        assertTrue(said.startsWith("This cannot be kept: pack[") && said.contains("expected a length"), said);
        robot.push(KeyCode.ENTER);
        settle();
        assertEquals(before, bench.job());
        robot.push(KeyCode.CONTROL, KeyCode.A).write("52");
        assertTrue(robot.lookup(".not-understood").queryAll().isEmpty(), "what can be kept is not");
        robot.push(KeyCode.ESCAPE);
        settle();
        assertEquals(file, Files.readString(bench.file()));
    }

    /** As the version before this one kept it: an arched glass whose rise was below zero. */
    @Test
    void aDamagedJobIsOnTheRailAndOpensAndSaysWhatWasMended(FxRobot robot) throws Exception {
        settle();
        Path file = bench.home().jobs().resolve("arched.json");
        Files.createDirectories(file.getParent());
        String good = JobFile.read(demo("barometer-glass")).text();
        Files.writeString(file,
                good.replaceFirst("\"curve\" : \"semicircle\",", "\"curve\" : \"semicircle\", \"rise\" : -1.5,")
                        .replaceFirst("(\"rise\" : -1.5,\\s*)\"rise\" : [0-9.]+,", "$1"));
        robot.interact(() -> bench.open(file));
        settle();
        String said = read(robot, "#notice-text");
        assertTrue(said.contains("outline.rise: expected a length from 0"), said);
        assertEquals("Barometer glass, arched", bench.job().title());
        assertFalse(Files.exists(file.resolveSibling("arched.json.damaged")),
                "nothing is written before it is changed");
        robot.interact(() -> bench.change("title", job -> job.withTitle("Mended")));
        settle();
        assertTrue(Files.readString(file.resolveSibling("arched.json.damaged")).contains("-1.5"));
        assertEquals("Mended", JobFile.read(file).job().title());
    }
}
