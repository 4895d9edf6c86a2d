package org.pelluna.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.Objects;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.pelluna.core.Fixtures;
import org.pelluna.core.assess.Assessment;

/** Files as keepers have them on their disks, written by the versions of their day, are read for good. */
class FilesOfYesterdayTest {
    private static byte[] file(String name) throws IOException {
        try (InputStream in = Objects.requireNonNull(FilesOfYesterdayTest.class.getResourceAsStream(name), name)) {
            return in.readAllBytes();
        }
    }

    private static TankPlan plan(String name) throws IOException, PlanFileException {
        return PlanFile.read(new String(file(name), StandardCharsets.UTF_8), Fixtures.CATALOGUE);
    }

    @ParameterizedTest
    @CsvSource({"plan-1.json, 1", "plan-3-first.json, 3", "plan-3.json, 3"})
    void aFileOfEveryVersionIsReadJudgedAndWrittenAnew(String name, int version) throws Exception {
        assertThat(new String(file(name), StandardCharsets.UTF_8)).containsPattern("\"version\" ?: " + version);
        TankPlan plan = plan(name);
        assertThat(plan.residents()).isNotEmpty();
        assertThat(plan.wishes()).isNotEmpty();
        assertThat(Assessment.of(plan, Fixtures.CATALOGUE).order().arrivals()).isNotEmpty();
        assertThat(PlanFile.read(PlanFile.write(plan), Fixtures.CATALOGUE)).isEqualTo(plan);
    }

    @Test
    void aPackageOfTheFirstVersionIsTheSamePlanAsItsFile() throws Exception {
        assertThat(DataPackage.read(file("package-1.zip"), Fixtures.CATALOGUE).plan())
                .isEqualTo(plan("plan-3.json"));
    }
}
