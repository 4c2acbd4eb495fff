package neatcorner.desktop.desk;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import neatcorner.exchange.BadFile;
import neatcorner.exchange.job.JobFile;
import neatcorner.exchange.paper.PaperSize;
import neatcorner.measure.ReadingStep;
import neatcorner.measure.Spelling;
import neatcorner.measure.Units;
import neatcorner.plan.Finding;
import neatcorner.plan.Level;
import neatcorner.plan.Plan;
import neatcorner.planner.Planner;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class SettingsTest {
    @TempDir
    Path folder = Path.of("");

    private Home home() {
        return new Home(folder.resolve("data"), folder.resolve("config"));
    }

    private Settings settings() {
        return new Settings(AtOnce.store(), home(), AtOnce.SAID::add);
    }

    @Test
    void whatTheShopLikesIsRemembered() {
        Settings settings = settings();
        settings.setUnits(Units.INCHES);
        settings.setStep(ReadingStep.INCH_16TH);
        settings.setSpelling(Spelling.UK);
        settings.setDark(true);
        settings.setWindow(1440, 900);

        Settings again = settings();
        assertEquals(ReadingStep.INCH_16TH, again.notation().step());
        assertEquals(Spelling.UK, again.notation().spelling());
        assertTrue(again.isDark());
        assertEquals(1440, again.windowWidth());
        assertEquals(PaperSize.LETTER, again.paper());
    }

    @Test
    void nonsenseInTheSettingsCostsNothingButThat() throws IOException {
        Files.createDirectories(folder.resolve("config"));
        Files.writeString(folder.resolve("config/settings.properties"),
                "units=cubit\nwindow.width=NaN\nstep.mm=INCH_16TH\ndark=\\uZZZZ\ntext.size=9000\n");
        Settings settings = settings();
        assertEquals(Units.MILLIMETRES, settings.units());
        assertEquals(1280, settings.windowWidth());
        assertEquals(ReadingStep.MM_TENTH, settings.notation().step());
        assertFalse(settings.isDark());
        assertEquals(100, settings.textSize());
        settings.setDark(true);
        assertTrue(Files.readString(folder.resolve("config/settings-unreadable.properties")).contains("cubit"));
        assertTrue(AtOnce.SAID.getFirst().contains("settings.properties could not be read"), AtOnce.SAID.toString());
    }

    @Test
    void foldersFollowTheEnvironment() {
        Map<String, String> set = Map.of("XDG_DATA_HOME", "/data", "XDG_CONFIG_HOME", "relative");
        Home home = Home.of(name -> set.getOrDefault(name, ""), Path.of("/home/maker"));
        assertEquals(Path.of("/data/neat-corner"), home.data());
        assertEquals(Path.of("/home/maker/.config/neat-corner"), home.config());
    }

    @ParameterizedTest
    @EnumSource(Units.class)
    void everyJobOfTheDemoShopCanBeReadAndItsPlanIsWorthLookingAt(Units units) throws IOException, BadFile {
        JobFolders folders = new JobFolders(home(), () -> units);
        folders.layOutDemo();
        folders.lookNow();
        assertEquals(12, folders.demoJobs().size());
        for (Path file : folders.demoJobs()) {
            Plan plan = Planner.plan(JobFile.read(file).job());
            assertFalse(plan.pieces().isEmpty(), file.toString());
            assertTrue(plan.layout().isComplete(), file.toString());
            assertEquals(units, plan.job().units());
            assertEquals(List.of(),
                    Planner.plan(plan.job()).findings().stream().filter(each -> each.level() == Level.STOP)
                            .map(Finding::code).toList(),
                    file.toString());
        }
        assertTrue(folders.isDemo(folders.firstDemo()));
    }

    /** The demo shop works as the maker's own does, and is laid out when the maker's changes. */
    @Test
    void theDemoShopWorksInTheUnitsOfTheMakersShop() throws IOException {
        Units[] now = {Units.MILLIMETRES};
        JobFolders folders = new JobFolders(home(), () -> now[0]);
        folders.layOutDemo();
        folders.lookNow();
        Path first = folders.firstDemo();
        now[0] = Units.INCHES;
        folders.lookNow();
        assertEquals(12, folders.demoJobs().size());
        assertTrue(folders.demoJobs().stream().noneMatch(file -> file.startsWith(first.getParent())));
        assertTrue(folders.isDemo(first) && folders.isDemo(folders.firstDemo()));
    }

    @Test
    void aFirstStartIsInInchesWhereWoodIsSoldInInches() {
        assertEquals(Units.INCHES, Settings.usual(Locale.US));
        assertEquals(Units.MILLIMETRES, Settings.usual(Locale.UK));
        assertEquals(Units.MILLIMETRES, Settings.usual(Locale.ROOT));
    }

    @Test
    void titlesBecomeFileNamesThatEveryDiskTakes() throws IOException {
        assertEquals("tide-chart-sheet-3", JobFolders.fileName("Tide chart, sheet 3"));
        assertEquals("frame", JobFolders.fileName("../../"));
        assertEquals("海図", JobFolders.fileName("海図?"));
        JobFolders folders = new JobFolders(home(), () -> Units.MILLIMETRES);
        Files.createDirectories(folders.newFile("New frame").getParent());
        Files.createFile(folders.newFile("New frame"));
        assertEquals("new-frame-2.json", folders.newFile("New frame").getFileName().toString());
        assertEquals("New frame 2", JobFolders.label(folders.newFile("New frame")));
    }
}
