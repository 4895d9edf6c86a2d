package org.pelluna.core.species;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.pelluna.core.assess.VerdictReport;

/** The maintainers' pages are those of the catalogue as it is; {@code ./pelluna catalogue} writes them. */
class CatalogueReportTest {
    private static final Path DOCS = Path.of("../docs/generated");

    @Test
    void thePagesAreCurrent() throws IOException {
        Catalogue catalogue = CatalogueFiles.shipped();
        check("catalogue.md", CatalogueReport.coverage(catalogue));
        check("names.md", CatalogueReport.names(catalogue));
        check("verdicts.md", VerdictReport.of(catalogue));
    }

    /** Nothing stands alike because it was copied: for each there is a reason, and no reason for what is not alike. */
    @Test
    void whatIsAlikeWasReadByHand() {
        Catalogue catalogue = CatalogueFiles.shipped();
        assertThat(CatalogueReport.unread(catalogue)).isEmpty();
        assertThat(CatalogueReport.idleReasons(catalogue)).isEmpty();
    }

    private static void check(String page, String text) throws IOException {
        if (Boolean.getBoolean("pelluna.record")) {
            Files.writeString(DOCS.resolve(page), text);
        }
        assertThat(DOCS.resolve(page)).content().as("run ./pelluna catalogue").isEqualTo(text);
    }
}
