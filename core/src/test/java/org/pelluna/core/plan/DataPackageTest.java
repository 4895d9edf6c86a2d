package org.pelluna.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.pelluna.core.Fixtures;
import org.pelluna.core.tank.TankShape;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.dataformat.csv.CsvMapper;
import tools.jackson.dataformat.csv.CsvSchema;

class DataPackageTest {
    private static final byte[] JPEG = {(byte) 0xff, (byte) 0xd8, 1, 2, 3};

    @ParameterizedTest
    @MethodSource("org.pelluna.core.plan.PlanFileTest#shapes")
    void aWholeTankGoesOutAndComesBackTheSame(TankShape shape) throws PlanFileException {
        TankPlan plan = PlanFileTest.everything(shape);
        byte[] zip = DataPackage.write(plan, Map.of("sg-photo", JPEG));
        var read = DataPackage.read(zip, Fixtures.CATALOGUE);
        assertThat(read.plan()).isEqualTo(plan);
        assertThat(read.photos()).containsOnlyKeys("sg-photo");
        assertThat(read.photos().get("sg-photo")).isEqualTo(JPEG);
        assertThat(DataPackage.write(read.plan(), read.photos())).isEqualTo(zip);
    }

    /**
     * The descriptor has what the Data Package, Tabular Data Resource and Table Schema specifications require, and a reader of tables
     * that is not the one we write with finds every row and every field as described. (A reader of data packages: PackageReaderTest, in the app.)
     */
    @Test
    void anIndependentReaderReadsItsTablesAsTheyAreDescribed() throws Exception {
        TankPlan plan = PlanFileTest.everything(new TankShape.Box(120, 50, 58));
        Map<String, byte[]> files = new HashMap<>();
        try (ZipInputStream zip =
                new ZipInputStream(new ByteArrayInputStream(DataPackage.write(plan, Map.of("sg-photo", JPEG))))) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                files.put(entry.getName(), zip.readAllBytes());
            }
        }
        JsonNode descriptor = new JsonMapper().readTree(files.get("datapackage.json"));
        assertThat(descriptor.path("name").asString()).matches("[-a-z0-9._/]+");
        Map<String, Integer> rows = new HashMap<>();
        for (JsonNode resource : descriptor.path("resources")) {
            assertThat(resource.path("name").asString()).matches("[-a-z0-9._/]+");
            assertThat(files).containsKey(resource.path("path").asString());
            if (!resource.path("profile").asString("").equals("tabular-data-resource")) {
                continue;
            }
            List<String> fields = new ArrayList<>();
            for (JsonNode field : resource.path("schema").path("fields")) {
                fields.add(field.path("name").asString());
                assertThat(field.path("type").asString())
                        .isIn("string", "number", "integer", "boolean", "date", "object", "array");
            }
            List<Map<String, String>> read = new CsvMapper()
                    .readerForMapOf(String.class)
                    .with(CsvSchema.emptySchema().withHeader())
                    .<Map<String, String>>readValues(
                            files.get(resource.path("path").asString()))
                    .readAll();
            read.forEach(row -> assertThat(row.keySet()).containsExactlyElementsOf(fields));
            rows.put(resource.path("name").asString(), read.size());
        }
        assertThat(rows)
                .containsEntry("log", plan.log().size())
                .containsEntry("residents", plan.residents().size())
                .containsEntry("roll-calls", plan.observations().rollCalls().size());
    }

    @Test
    void whatIsNoPackageIsRefused() throws Exception {
        for (byte[] bad : new byte[][] {
            "no zip at all".getBytes(StandardCharsets.UTF_8), zipOf("other.txt", "x"), zipOf("plan.json", "[]")
        }) {
            PlanFileException refused =
                    catchThrowableOfType(PlanFileException.class, () -> DataPackage.read(bad, Fixtures.CATALOGUE));
            assertThat(refused).isNotNull();
        }
    }

    private static byte[] zipOf(String path, String text) throws Exception {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            zip.putNextEntry(new ZipEntry(path));
            zip.write(text.getBytes(StandardCharsets.UTF_8));
            zip.putNextEntry(new ZipEntry("datapackage.json"));
            zip.write("{\"resources\": []}".getBytes(StandardCharsets.UTF_8));
        }
        return bytes.toByteArray();
    }

    /** Tables that are small while they are zipped, and rows or cells without end when they are not. */
    @Test
    void whatUnpacksToFillTheMemoryIsRefused() throws Exception {
        byte[] whole = DataPackage.write(PlanFileTest.everything(new TankShape.Box(120, 50, 58)), Map.of());
        for (String table : new String[] {"id\r\n" + "a\r\n".repeat(100_001), "id" + ",x".repeat(60_000) + "\r\n"}) {
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(whole));
                    ZipOutputStream out = new ZipOutputStream(bytes)) {
                for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                    out.putNextEntry(new ZipEntry(entry.getName()));
                    out.write(
                            entry.getName().equals("data/log.csv")
                                    ? table.getBytes(StandardCharsets.UTF_8)
                                    : in.readAllBytes());
                }
            }
            PlanFileException refused = catchThrowableOfType(
                    PlanFileException.class, () -> DataPackage.read(bytes.toByteArray(), Fixtures.CATALOGUE));
            assertThat(refused).isNotNull();
            assertThat(refused.faults().get(0).toString()).contains("more than 100000");
        }
    }
}
