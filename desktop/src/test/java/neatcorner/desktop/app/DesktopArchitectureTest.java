package neatcorner.desktop.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static org.junit.jupiter.api.Assertions.assertEquals;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import neatcorner.desktop.station.StationSpec;
import neatcorner.plan.Station;
import org.junit.jupiter.api.Test;

class DesktopArchitectureTest {
    /** Lowest first; each may use only those before it. */
    private static final List<String> ORDER = List.of("document", "desk", "look", "control", "draw", "paper", "station",
            "shell",
            "app");
    private static final List<String> STATIONS = Stream.of(Station.values())
            .map(station -> station.name().toLowerCase(Locale.ROOT).replace("_", "")).toList();
    private static final JavaClasses DESKTOP = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("neatcorner.desktop");

    private static String[] packages(List<String> names, String within) {
        return names.stream().map(name -> "neatcorner.desktop." + within + name + "..").toArray(String[]::new);
    }

    @Test
    void packagesUseOnlyThoseBelowThem() {
        for (int i = 0; i + 1 < ORDER.size(); i++) {
            noClasses().that().resideInAPackage("neatcorner.desktop." + ORDER.get(i) + "..").should()
                    .dependOnClassesThat().resideInAnyPackage(packages(ORDER.subList(i + 1, ORDER.size()), ""))
                    .check(DESKTOP);
        }
    }

    @Test
    void noStationUsesAnother() {
        for (String station : STATIONS) {
            noClasses().that().resideInAPackage("neatcorner.desktop.station." + station + "..").should()
                    .dependOnClassesThat()
                    .resideInAnyPackage(
                            packages(STATIONS.stream().filter(other -> !other.equals(station)).toList(), "station."))
                    .check(DESKTOP);
        }
    }

    @Test
    void theShellKnowsNoStation() {
        noClasses().that().resideInAPackage("neatcorner.desktop.shell..").should().dependOnClassesThat()
                .resideInAnyPackage(packages(STATIONS, "station.")).check(DESKTOP);
    }

    @Test
    void everyStationIsInTheWindow() {
        assertEquals(List.of(Station.values()), Stations.ALL.stream().map(StationSpec::station).toList());
    }
}
