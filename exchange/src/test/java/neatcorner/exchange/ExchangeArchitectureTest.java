package neatcorner.exchange;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import neatcorner.exchange.plan.AllStationFiles;
import neatcorner.exchange.station.StationFiles;
import neatcorner.plan.Station;
import org.junit.jupiter.api.Test;

class ExchangeArchitectureTest {
    private static final JavaClasses EXCHANGE = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests()).importPackages("neatcorner.exchange");

    private static final String ROOT = "neatcorner.exchange.";

    private static void apart(String from, String... to) {
        noClasses().that().resideInAPackage(ROOT + from).should().dependOnClassesThat()
                .resideInAnyPackage(Stream.of(to).map(each -> ROOT + each).toArray(String[]::new)).check(EXCHANGE);
    }

    /** What is read does not know what follows from it, nor the paper; a paper's sheets know no station. */
    @Test
    void eachUsesOnlyWhatStandsBelowIt() {
        apart("job..", "csv..", "paper..", "plan..", "station..");
        apart("csv..", "job..", "paper..", "plan..", "station..");
        apart("paper..", "job..", "csv..", "plan..", "station..");
        apart("station..", "csv..", "plan..");
    }

    /** A station's part stands by itself, and is in the list. */
    @Test
    void stationsAreApartAndAllGiveTheirPart() {
        List<String> stations = Stream.of(Station.values())
                .map(station -> station.name().toLowerCase(Locale.ROOT).replace("_", "")).toList();
        for (String station : stations) {
            apart("station." + station + "..",
                    stations.stream().filter(other -> !other.equals(station)).map(other -> "station." + other + "..")
                            .toArray(String[]::new));
        }
        List<String> listed = AllStationFiles.ALL.stream().map(files -> files.getClass().getPackageName()).toList();
        assertEquals(stations.stream().map(station -> ROOT + "station." + station).toList(), listed);
        assertEquals(List.of(Station.values()),
                AllStationFiles.ALL.stream().map(StationFiles::station).toList());
    }

    /** JSON knows nobody, a form only JSON. */
    @Test
    void formsStandOnJsonAlone() {
        noClasses().that().resideInAPackage("neatcorner.exchange.json").should().dependOnClassesThat()
                .resideInAnyPackage("neatcorner.exchange.form", "neatcorner.exchange.job").check(EXCHANGE);
        noClasses().that().resideInAPackage("neatcorner.exchange.form").should().dependOnClassesThat()
                .resideInAnyPackage("neatcorner.exchange.job", "neatcorner.exchange.plan", "neatcorner.job..")
                .check(EXCHANGE);
    }
}
