package org.pelluna.core.assess;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.pelluna.core.Fixtures;
import org.pelluna.core.json.Json;
import org.pelluna.core.plan.PlanFile;
import tools.jackson.databind.JsonNode;

class AssessCommandTest {
    private final ByteArrayOutputStream out = new ByteArrayOutputStream();
    private final ByteArrayOutputStream err = new ByteArrayOutputStream();

    @TempDir
    Path folder;

    private int run(String... arguments) {
        return AssessCommand.run(
                arguments,
                new PrintStream(out, true, StandardCharsets.UTF_8),
                new PrintStream(err, true, StandardCharsets.UTF_8));
    }

    private String file(String text) throws IOException {
        return Files.writeString(folder.resolve("plan.json"), text).toString();
    }

    @Test
    void printsFindingsPressuresAndOrderAsJson() throws IOException {
        String file = file(PlanFile.write(Fixtures.plan(
                Fixtures.reef(),
                List.of(Fixtures.resident("plum", "gramma-loreto", 100, 6)),
                "elacatinus-oceanops",
                "naso-lituratus")));
        assertThat(run(file)).isZero();
        assertThat(err.toString(StandardCharsets.UTF_8)).isEmpty();
        JsonNode report = Json.MAPPER.readTree(out.toString(StandardCharsets.UTF_8));
        assertThat(report.at("/wishes/0/verdict").stringValue()).isEqualTo("in");
        assertThat(report.at("/wishes/1/verdict").stringValue()).isEqualTo("out");
        assertThat(report.at("/wishes/1/findings/0/sentence").stringValue()).contains("an adult needs");
        assertThat(report.at("/wishes/1/findings/0/figures/0/provenance").stringValue())
                .isEqualTo("common practice");
        assertThat(report.at("/wishes/0/ways")).isEmpty();
        assertThat(report.at("/wishes/1/ways/0/turn").stringValue()).startsWith("Choose ");
        assertThat(report.at("/wishes/1/ways/0/verdict").stringValue()).isNotEqualTo("out");
        assertThat(report.at("/pressuresPlanned")).hasSize(2);
        assertThat(report.at("/pressuresPlanned/0/factors/0/sentence").stringValue())
                .containsIgnoringCase("temperament");
        assertThat(report.at("/schools")).hasSize(5);
        assertThat(report.at("/schools/0/school").stringValue()).isEqualTo("inches");
        assertThat(report.at("/schools/0/chosen").booleanValue()).isTrue();
        assertThat(report.at("/schools/1/arithmetic/1").stringValue()).contains("0.092");
        assertThat(report.at("/order/proved").booleanValue()).isTrue();
        assertThat(report.at("/order/arrivals/0/wishIds/0").stringValue()).isEqualTo("wish-elacatinus-oceanops");
    }

    @Test
    void refusesWithCodeTwoAndTheReasonOnStandardError() throws IOException {
        assertThat(run(file("{}"))).isEqualTo(2);
        assertThat(run(folder.resolve("none.json").toString())).isEqualTo(2);
        assertThat(run()).isEqualTo(2);
        assertThat(run(folder.toString())).isEqualTo(2);
        Path binary = folder.resolve("binary.json");
        Files.write(binary, new byte[] {(byte) 0xff, (byte) 0xfe, 0});
        assertThat(run(binary.toString())).isEqualTo(2);
        assertThat(out.toString(StandardCharsets.UTF_8)).isEmpty();
        assertThat(err.toString(StandardCharsets.UTF_8)).contains("/format", "there is no file", "usage", "UTF-8");
    }
}
