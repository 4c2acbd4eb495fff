package neatcorner.exchange;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.util.List;
import org.junit.jupiter.api.Test;

class ExchangeArchitectureTest {
    private static final JavaClasses EXCHANGE = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests()).importPackages("neatcorner.exchange");

    /** What is read does not know what follows from it; neither knows the paper. */
    @Test
    void jobsPlansAndPapersAreApart() {
        for (String kind : List.of("csv", "job", "paper", "plan")) {
            List<String> above = kind.equals("job")
                    ? List.of("csv", "paper", "plan")
                    : kind.equals("plan") ? List.of("csv", "paper") : List.of("job", "plan");
            noClasses().that().resideInAPackage("neatcorner.exchange." + kind).should().dependOnClassesThat()
                    .resideInAnyPackage(
                            above.stream().map(each -> "neatcorner.exchange." + each).toArray(String[]::new))
                    .check(EXCHANGE);
        }
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
