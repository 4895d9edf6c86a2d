package org.pelluna.core.table;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.pelluna.core.plan.ApproximateDate;
import org.pelluna.core.plan.Life;

/** Keepers' lists of the fish they have. */
class LivingTableTest {
    private static TableReading<LivingTable.Living> read(String text) {
        return TableReading.of(text, new LivingTable(), Map.of(), false, List.of());
    }

    @Test
    void aKeepersListIsReadByItsHeadings() {
        TableReading<LivingTable.Living> read = read("""
                Species;Quantity;Size (cm);Here since;Nickname
                Royal gramma;1;6,5;spring 2024;Plum
                Chromis viridis;7;;2022;
                Yellow tang;;14;31.5.2023;
                Yellow tang;;14;31.5.2023;
                Firefish;two;;;
                """);
        assertThat(read.missing()).isEmpty();
        assertThat(read.values()).hasSize(4);
        assertThat(read.values().get(0))
                .isEqualTo(new LivingTable.Living(
                        "Royal gramma",
                        Optional.of(1),
                        Optional.of(6.5),
                        Optional.of(new ApproximateDate(LocalDate.of(2024, 4, 15), Life.DatePrecision.SEASON)),
                        Optional.of("Plum")));
        assertThat(read.values().get(2).since()).contains(ApproximateDate.day(LocalDate.of(2023, 5, 31)));
        assertThat(read.faults())
                .singleElement()
                .satisfies(line -> assertThat(line.fault()).contains("'count' is a number"));
    }
}
