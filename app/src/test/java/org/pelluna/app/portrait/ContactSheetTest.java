package org.pelluna.app.portrait;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.pelluna.app.svg.Svg;
import org.pelluna.core.species.CatalogueFiles;
import org.pelluna.core.species.Species;

/**
 * Writes a contact sheet of every family to {@code app/target/portraits}: portraits without names, to be named by whoever looks. The
 * answers lie beside it as text. {@code scripts/portraits.sh} runs it.
 */
class ContactSheetTest {
    private static final Path FOLDER = Path.of("target", "portraits");
    private static final int ACROSS = 6;
    private static final double WIDE = Portraits.FIELD_WIDTH + 8;
    private static final double HIGH = Portraits.FIELD_HEIGHT + 12;

    /** One portrait to be named. */
    private record Shown(String key, String name) {}

    @Test
    void everyFamilyHasItsSheetWithoutAName() throws IOException {
        Map<String, List<Species>> families = CatalogueFiles.shipped().all().stream()
                .collect(Collectors.groupingBy(Species::family, TreeMap::new, Collectors.toList()));
        Files.createDirectories(FOLDER);
        for (var family : families.entrySet()) {
            List<Shown> shown = shown(family.getValue());
            String sheet = sheet(family.getValue(), shown);
            Files.writeString(FOLDER.resolve(family.getKey() + ".svg"), sheet);
            Files.write(
                    FOLDER.resolve(family.getKey() + ".txt"),
                    shown.stream().map(Shown::name).toList());
            assertThat(sheet)
                    .contains("<use")
                    .doesNotContain(family.getValue().get(0).commonName());
        }
        assertThat(families).hasSizeGreaterThan(50);
    }

    private static List<Shown> shown(List<Species> species) {
        List<Shown> shown = new ArrayList<>();
        for (Species one : species) {
            shown.add(new Shown(Portraits.key(one), one.commonName()));
            one.forms()
                    .forEach(form ->
                            shown.add(new Shown(Portraits.key(one, form), one.commonName() + ", " + form.form())));
        }
        return shown;
    }

    private static String sheet(List<Species> species, List<Shown> shown) {
        Svg.Builder all = new Svg.Builder();
        for (int i = 0; i < shown.size(); i++) {
            double x = i % ACROSS * WIDE;
            double y = i / ACROSS * HIGH;
            all.add(
                    "<use href='#{}' x='{}' y='{}' width='{}' height='{}'/><text x='{}' y='{}' class='chart-text' font-size='7'>{}</text>",
                    shown.get(i).key(),
                    x,
                    y,
                    Portraits.FIELD_WIDTH,
                    Portraits.FIELD_HEIGHT,
                    x + 2,
                    y + 9,
                    i + 1);
        }
        int rows = (shown.size() + ACROSS - 1) / ACROSS;
        Svg drawing = Svg.of(
                "<svg xmlns='http://www.w3.org/2000/svg' viewBox='-4 -4 {} {}'>{}</svg>",
                ACROSS * WIDE + 4,
                rows * HIGH + 8,
                all.build());
        return new PlateStyle().alone(drawing, species).toString();
    }
}
