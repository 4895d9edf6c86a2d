package org.pelluna.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.File;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.pelluna.core.json.Json;
import org.pelluna.core.plan.DataPackage;
import org.pelluna.core.plan.PlanFile;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.species.CatalogueFiles;
import tools.jackson.databind.JsonNode;

/**
 * The demo's reef as a data package, read by the JavaScript library of the Data Package specification (npm: datapackage 1.1.10, in
 * {@code src/test/reader}): it finds the package valid by the published profiles, and every cell castable to its described type.
 */
class PackageReaderTest {
    @TempDir
    private Path folder;

    @Test
    void anIndependentReaderFindsThePackageValidAndEveryRowInIt() throws Exception {
        TankPlan plan = PlanFile.read(
                new String(
                        PackageReaderTest.class
                                .getResourceAsStream("/demo/skerry-reef.json")
                                .readAllBytes(),
                        StandardCharsets.UTF_8),
                CatalogueFiles.shipped());
        unfold(DataPackage.write(plan, Map.of("a-photo", new byte[] {(byte) 0xff, (byte) 0xd8, 1, 2})));
        JsonNode read = read();

        assertThat(read.path("faults")).isEmpty();
        assertThat(read.path("valid").asBoolean()).isTrue();
        JsonNode tables = read.path("tables");
        assertThat(tables.path("residents")).hasSize(plan.residents().size());
        assertThat(tables.path("wishes")).hasSize(plan.wishes().size());
        assertThat(tables.path("log")).hasSize(plan.log().size());
        assertThat(tables.path("losses")).hasSize(plan.losses().size());
        assertThat(tables.path("water-tests")).hasSize(plan.waterTests().size());
        assertThat(tables.path("watches")).hasSize(plan.observations().watches().size());
        assertThat(tables.path("roll-calls"))
                .hasSize(plan.observations().rollCalls().size());
        assertThat(tables.path("crew")).hasSize(plan.observations().crew().size());
        for (int i = 0; i < plan.residents().size(); i++) {
            JsonNode row = tables.path("residents").get(i);
            assertThat(row.path("id").asString())
                    .isEqualTo(plan.residents().get(i).id().key());
            assertThat(row.path("lengthCm").asDouble())
                    .isEqualTo(plan.residents().get(i).lengthCm());
        }
    }

    /** A package that breaks its own description is found out: the check above can fail. */
    @Test
    void itFindsAWrongPackageWrong() throws Exception {
        Files.writeString(
                folder.resolve("datapackage.json"),
                "{\"profile\": \"data-package\", \"name\": \"No Good Name!\", \"resources\": [{\"name\": \"x\", \"path\": \"x.csv\"}]}");
        Files.writeString(folder.resolve("x.csv"), "id\n1\n");
        assertThat(read().path("valid").asBoolean()).isFalse();
    }

    private void unfold(byte[] bytes) throws Exception {
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(bytes))) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                Path file = folder.resolve(entry.getName());
                Files.createDirectories(file.getParent());
                Files.write(file, zip.readAllBytes());
            }
        }
    }

    private JsonNode read() throws Exception {
        Process reader = new ProcessBuilder("node", "read-package.mjs", folder.toString())
                .directory(new File("src/test/reader"))
                .redirectError(ProcessBuilder.Redirect.INHERIT)
                .start();
        String said = new String(reader.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(reader.waitFor()).isZero();
        return Json.MAPPER.readTree(said);
    }
}
