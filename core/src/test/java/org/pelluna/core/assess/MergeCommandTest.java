package org.pelluna.core.assess;

import static org.assertj.core.api.Assertions.assertThat;
import static org.pelluna.core.Fixtures.TODAY;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.pelluna.core.id.SpeciesId;
import org.pelluna.core.plan.Correction;
import org.pelluna.core.plan.CorrectionFile;
import org.pelluna.core.species.SpeciesFigure;

/** A maintainer takes a keeper's figures into the data files: one figure changes, all else stays letter by letter. */
class MergeCommandTest {
    @TempDir
    Path folder;

    private final ByteArrayOutputStream out = new ByteArrayOutputStream();
    private final ByteArrayOutputStream err = new ByteArrayOutputStream();
    private String before;

    @BeforeEach
    void aDataFile() throws IOException {
        before = Files.readString(Path.of("src/main/resources/org/pelluna/species/grammatidae.json"));
        Files.writeString(folder.resolve("grammatidae.json"), before);
    }

    private int merge(Correction one, String... provenance) throws IOException {
        Path file = folder.resolve("figures.txt");
        Files.writeString(file, CorrectionFile.write(List.of(one)));
        String[] arguments = provenance.length == 0
                ? new String[] {folder.toString(), file.toString()}
                : new String[] {folder.toString(), file.toString(), provenance[0]};
        return MergeCommand.run(
                arguments,
                new PrintStream(out, true, StandardCharsets.UTF_8),
                new PrintStream(err, true, StandardCharsets.UTF_8));
    }

    private String after() throws IOException {
        return Files.readString(folder.resolve("grammatidae.json"));
    }

    @Test
    void oneFigureChangesAndTheRestStays() throws IOException {
        assertThat(merge(figure(8.5), "published: A Book of Basslets 2020")).isZero();
        assertThat(after())
                .isNotEqualTo(before)
                .contains("\"adultCm\": {\"value\": 8.5, \"from\": \"published: A Book of Basslets 2020\"}");
        List<String> was = before.lines().toList();
        List<String> now = after().lines().toList();
        assertThat(now).hasSameSizeAs(was);
        assertThat(now.stream().filter(line -> !was.contains(line))).hasSize(1);
        assertThat(out.toString(StandardCharsets.UTF_8))
                .contains("gramma-loreto, usual adult length", "becomes 8.5", "my fish");
    }

    @Test
    void whatCannotBeIsNotWritten() throws IOException {
        assertThat(merge(new Correction(new SpeciesId("gramma-loreto"), SpeciesFigure.SOLD, 90, "a slip", TODAY)))
                .isEqualTo(2);
        assertThat(merge(figure(8.5), "somebody said")).isEqualTo(2);
        assertThat(after()).isEqualTo(before);
        assertThat(err.toString(StandardCharsets.UTF_8)).contains("nothing was written", "a provenance is");
        assertThat(MergeCommand.run(new String[0], System.out, new PrintStream(err, true, StandardCharsets.UTF_8)))
                .isEqualTo(2);
    }

    private static Correction figure(double adult) {
        return new Correction(new SpeciesId("gramma-loreto"), SpeciesFigure.ADULT, adult, "my fish", TODAY);
    }
}
