package neatcorner.desktop.desk;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;

import java.nio.file.Files;
import java.nio.file.Path;
import neatcorner.measure.Units;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class JobFoldersTest {

    /** As a full disk left it: a job that holds nothing. */
    @Test
    void aDemoJobThatIsEmptyIsLaidOutAgainAndOneThatWasChangedIsNot(@TempDir Path folder) throws Exception {
        JobFolders folders = new JobFolders(new Home(folder.resolve("data"), folder.resolve("config")),
                () -> Units.MILLIMETRES);
        folders.layOutDemo();
        Path first = folders.firstDemo();
        byte[] whole = Files.readAllBytes(first);
        Path other = first.resolveSibling("sailcloth.json");
        Files.write(first, new byte[0]);
        Files.writeString(other, "mine");
        folders.layOutDemo();
        assertArrayEquals(whole, Files.readAllBytes(first));
        assertEquals("mine", Files.readString(other));
    }
}
