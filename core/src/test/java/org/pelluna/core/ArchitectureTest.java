package org.pelluna.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.shortlist.Shortlist;

/** The core is plain Java, and its packages depend on each other in one direction only. */
class ArchitectureTest {
    private static final JavaClasses CORE = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("org.pelluna.core");

    @Test
    void theCoreKnowsNoFramework() {
        classes()
                .that()
                .resideInAPackage("org.pelluna.core..")
                .should()
                .onlyDependOnClassesThat()
                .resideInAnyPackage(
                        "java..",
                        "org.pelluna.core..",
                        "org.jspecify..",
                        "tools.jackson..",
                        "com.fasterxml.jackson.annotation..",
                        "com.networknt..",
                        "org.apache.commons.text..",
                        "org.apache.commons.csv..",
                        "org.hipparchus..",
                        "org.threeten.extra..")
                .check(CORE);
    }

    @Test
    void onlyTheFilesKnowJson() {
        noClasses()
                .that()
                .resideOutsideOfPackages(
                        "org.pelluna.core.json..", "org.pelluna.core.plan..", "org.pelluna.core.assess..")
                .and()
                .haveNameNotMatching(".*\\.CatalogueFiles(\\$.*)?")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("tools.jackson..", "com.fasterxml..", "com.networknt..")
                .check(CORE);
    }

    /** A verdict on a wish is made in one place: what the rules say of it alone is read nowhere else. */
    @Test
    void onlyTheJudgementAsksTheShortlistOfAPlan() {
        noClasses()
                .that()
                .resideOutsideOfPackages("org.pelluna.core.judge..", "org.pelluna.core.shortlist..")
                .should()
                .callMethod(Shortlist.class, "of", ResolvedPlan.class)
                .check(CORE);
    }

    @Test
    void packagesFormNoCycles() {
        slices().matching("org.pelluna.core.(*)..").should().beFreeOfCycles().check(CORE);
    }

    @Test
    void noClassIsADrawer() {
        noClasses().should().haveNameMatching(".*(Util|Utils|Helper|Manager)").check(CORE);
    }
}
