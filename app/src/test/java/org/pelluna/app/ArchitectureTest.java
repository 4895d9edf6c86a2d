package org.pelluna.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.library.dependencies.SliceAssignment;
import com.tngtech.archunit.library.dependencies.SliceIdentifier;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** A package of the application is shared, named here, or a place. Places do not know one another, and nothing goes round in a circle. */
class ArchitectureTest {
    private static final String ROOT = "org.pelluna.app.";

    /** What several places use; every other package is a place, a new one too. */
    private static final Set<String> SHARED = Set.of(
            "account", "chart", "demo", "moves", "operate", "overview", "portrait", "post", "storage", "svg", "web");

    private static final JavaClasses APP = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("org.pelluna.app");

    /** The package below the root; empty for the application itself. */
    private static String name(JavaClass one) {
        String rest =
                one.getPackageName().substring(Math.min(one.getPackageName().length(), ROOT.length()));
        return rest.isEmpty() ? "" : rest.split("[.]")[0];
    }

    private static boolean isPlace(JavaClass one) {
        return one.getPackageName().startsWith(ROOT) && !name(one).isEmpty() && !SHARED.contains(name(one));
    }

    @Test
    void whatIsCalledSharedExists() {
        assertThat(APP).extracting(ArchitectureTest::name).containsAll(SHARED);
        assertThat(APP).filteredOn(ArchitectureTest::isPlace).isNotEmpty();
    }

    @Test
    void placesDoNotKnowOneAnother() {
        slices().assignedFrom(new SliceAssignment() {
                    @Override
                    public SliceIdentifier getIdentifierOf(JavaClass one) {
                        return isPlace(one) ? SliceIdentifier.of(name(one)) : SliceIdentifier.ignore();
                    }

                    @Override
                    public String getDescription() {
                        return "every package that is not shared";
                    }
                })
                .should()
                .notDependOnEachOther()
                .check(APP);
    }

    @Test
    void whatIsSharedKnowsNoPlace() {
        noClasses()
                .that(com.tngtech.archunit.base.DescribedPredicate.describe(
                        "are shared", one -> SHARED.contains(name(one))))
                .should()
                .dependOnClassesThat(com.tngtech.archunit.base.DescribedPredicate.describe(
                        "belong to a place", ArchitectureTest::isPlace))
                .check(APP);
    }

    @Test
    void noPackagesGoRoundInACircle() {
        slices().matching("org.pelluna.app.(*)..").should().beFreeOfCycles().check(APP);
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
