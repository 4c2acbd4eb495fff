package neatcorner.desktop.app;

import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import neatcorner.desktop.desk.Home;
import neatcorner.desktop.desk.Notice;
import neatcorner.desktop.desk.Premises;
import neatcorner.desktop.desk.Workbench;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What is said before there is a window. */
class StartTest {

    /** A file lies where the folder should be made. */
    @Test
    void whyTheDemoCouldNotBeLaidOutIsSaid(@TempDir Path folder) throws Exception {
        Path data = Files.writeString(folder.resolve("data"), "");
        try (Premises premises = new Premises(new Home(data, folder.resolve("config")), Runnable::run)) {
            Workbench bench = new Workbench(premises);
            NeatCornerWindow.chooseJob(bench, Desktop.Opening.demo());
            List<Notice> said = bench.notices().all();
            assertTrue(said.stream().anyMatch(notice -> notice.grave()
                    && notice.text().startsWith("The demo shop’s jobs could not be laid out: ")
                    && notice.text().contains(data.toString())), said.toString());
        }
    }
}
