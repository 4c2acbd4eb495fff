package neatcorner;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Stream;
import neatcorner.plan.Finding;
import neatcorner.plan.Station;
import neatcorner.planner.Chapters;
import org.junit.jupiter.api.Test;

class ArchitectureTest {
    /** Lowest first; each may use only those before it. */
    private static final List<String> ORDER = List.of("measure", "wood", "section", "outline", "piece", "stock", "saw",
            "member", "corner", "glueup", "fitout", "hanging", "shop",
            "job", "plan", "drawing", "station", "planner");
    private static final List<String> STATIONS = Stream.of(Station.values())
            .map(station -> station.name().toLowerCase(Locale.ROOT).replace("_", "")).toList();
    private static final JavaClasses CORE = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("neatcorner");

    @Test
    void packagesUseOnlyThoseBelowThem() {
        for (int i = 0; i < ORDER.size(); i++) {
            String[] above = ORDER.subList(i + 1, ORDER.size()).stream().map(name -> "neatcorner." + name + "..")
                    .toArray(String[]::new);
            if (above.length > 0) {
                noClasses().that().resideInAPackage("neatcorner." + ORDER.get(i) + "..").should().dependOnClassesThat()
                        .resideInAnyPackage(above).check(CORE);
            }
        }
    }

    @Test
    void noStationUsesAnother() {
        for (String station : STATIONS) {
            String[] others = STATIONS.stream().filter(other -> !other.equals(station))
                    .map(other -> "neatcorner.station." + other + "..").toArray(String[]::new);
            noClasses().that().resideInAPackage("neatcorner.station." + station + "..").should().dependOnClassesThat()
                    .resideInAnyPackage(others).check(CORE);
        }
    }

    @Test
    void theStationsAreThoseWithAChapter() {
        assertEquals(STATIONS.size(), Chapters.ALL.size());
        for (Station station : Station.values()) {
            assertEquals(station, Chapters.at(station).station());
        }
    }

    @Test
    void everyKindOfFindingHasANameOfItsOwn() throws ClassNotFoundException {
        List<String> codes = new ArrayList<>();
        for (JavaClass each : CORE) {
            if (each.isAssignableTo(Finding.Kind.class) && each.isEnum()) {
                for (Object kind : Class.forName(each.getName()).getEnumConstants()) {
                    codes.add(((Finding.Kind) kind).code());
                }
            }
        }
        assertTrue(codes.size() > 50, codes.toString());
        assertEquals(codes.size(), Set.copyOf(codes).size(), codes.toString());
        assertTrue(codes.stream().allMatch(code -> code.matches("[a-z]+([.-][a-z]+)+")), codes.toString());
    }

    @Test
    void theCoreDrawsNothingStoresNothingAndHasNoClock() {
        noClasses().should().dependOnClassesThat()
                .resideInAnyPackage("javafx..", "java.awt..", "javax..", "java.io..", "java.nio..", "java.sql..",
                        "java.net..")
                .check(CORE);
        noClasses().should().callMethod(System.class, "nanoTime").orShould()
                .callMethod(System.class, "currentTimeMillis")
                .orShould().callMethod(LocalDate.class, "now")
                .orShould().dependOnClassesThat().haveFullyQualifiedName("java.time.Clock")
                .orShould().dependOnClassesThat().haveFullyQualifiedName("java.lang.Thread").check(CORE);
    }
}
