package org.pelluna.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

/** Data flows one way: places use storage, portraits and the shared frame, and never one another. */
class ArchitectureTest {
    private static final String[] PLACES = {
        "org.pelluna.app.tanks..",
        "org.pelluna.app.wishes..",
        "org.pelluna.app.company..",
        "org.pelluna.app.arrivals..",
        "org.pelluna.app.watch..",
        "org.pelluna.app.losses..",
        "org.pelluna.app.exchange..",
        "org.pelluna.app.water..",
        "org.pelluna.app.reef..",
        "org.pelluna.app.today.."
    };

    private static final JavaClasses APP = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("org.pelluna.app");

    @Test
    void placesDoNotKnowEachOther() {
        slices().matching(
                        "org.pelluna.app.(tanks|wishes|company|arrivals|watch|losses|exchange|species|shop|rules|headroom|water|reef|today)..")
                .should()
                .notDependOnEachOther()
                .check(APP);
    }

    @Test
    void whatIsSharedKnowsNoPlace() {
        noClasses()
                .that()
                .resideInAnyPackage(
                        "org.pelluna.app.storage..",
                        "org.pelluna.app.portrait..",
                        "org.pelluna.app.chart..",
                        "org.pelluna.app.web..",
                        "org.pelluna.app.demo..",
                        "org.pelluna.app.account..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage(PLACES)
                .check(APP);
    }

    @Test
    void rowsStayInStorage() {
        noClasses()
                .that()
                .resideOutsideOfPackage("org.pelluna.app.storage..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("jakarta.persistence..", "org.hibernate..", "org.springframework.data..")
                .check(APP);
    }
}
