package org.pelluna.core.table;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.pelluna.core.Fixtures.CATALOGUE;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.pelluna.core.id.FishId;
import org.pelluna.core.id.SpeciesId;
import org.pelluna.core.losses.Loss;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.WaterTest;
import org.pelluna.core.watch.LogEntry;

class TableReadingTest {
    private static final List<Resident> FISH = List.of(
            new Resident(
                    new FishId("r1"),
                    new SpeciesId("gramma-loreto"),
                    "Plum",
                    LocalDate.of(2026, 1, 5),
                    4,
                    Optional.empty()),
            new Resident(
                    new FishId("r2"),
                    new SpeciesId("chrysiptera-parasema"),
                    "Gale, the \"old\" one",
                    LocalDate.of(2026, 2, 5),
                    4,
                    Optional.empty()));

    private static TableReading<WaterTest> tests(String text, WaterTest... known) {
        return TableReading.of(text, new TestTable(), Map.of(), false, List.of(known));
    }

    @Test
    void aKeepersSheetWithAColumnForEachTestIsReadWithItsSeparatorAndDecimals() {
        var read = tests("\uFEFFDate;NO3 (mg/L);PO4;Alk\r\n3.11.2026;4,5;0,03;8\r\n10.11.2026;;0,05;8\r\n");
        assertThat(read.matched()).containsEntry("on", "Date").containsEntry("nitrate", "NO3 (mg/L)");
        assertThat(read.values())
                .extracting(WaterTest::on, WaterTest::kind, WaterTest::value)
                .containsExactly(
                        org.assertj.core.groups.Tuple.tuple(LocalDate.of(2026, 11, 3), WaterTest.Kind.NITRATE, 4.5),
                        org.assertj.core.groups.Tuple.tuple(LocalDate.of(2026, 11, 3), WaterTest.Kind.PHOSPHATE, 0.03),
                        org.assertj.core.groups.Tuple.tuple(LocalDate.of(2026, 11, 3), WaterTest.Kind.ALKALINITY, 8.0),
                        org.assertj.core.groups.Tuple.tuple(LocalDate.of(2026, 11, 10), WaterTest.Kind.PHOSPHATE, 0.05),
                        org.assertj.core.groups.Tuple.tuple(
                                LocalDate.of(2026, 11, 10), WaterTest.Kind.ALKALINITY, 8.0));
    }

    @Test
    void aRowThatCannotBeReadSaysWhyAndTheOthersStay() {
        var read = tests("on,nitrate\n2026-11-03,4\n2026-13-03,4\n2026-11-04,many\n2026-11-05,\n2026-11-06,-2\n");
        assertThat(read.values()).hasSize(1);
        assertThat(read.faults()).extracting(TableReading.Line::number).containsExactly(3L, 4L, 5L, 6L);
        assertThat(read.faults().get(0).fault()).contains("a day such as 2026-05-31");
        assertThat(read.faults().get(1).fault()).contains("'nitrate' is a number, not 'many'");
        assertThat(read.faults().get(2).fault()).contains("no reading");
        assertThat(read.faults().get(3).fault()).contains("0 to 1000");
    }

    @Test
    void whatIsHereAlreadyOrTwiceInTheTableIsRecognisedByItsContent() {
        var here = new WaterTest("another-key", LocalDate.of(2026, 11, 3), WaterTest.Kind.NITRATE, 4);
        var read = tests("on,nitrate\n2026-11-03,4\n2026-11-04,5\n2026-11-04,5.0\n", here);
        assertThat(read.known()).isEqualTo(2);
        assertThat(read.values())
                .singleElement()
                .satisfies(one -> assertThat(one.value()).isEqualTo(5));
        assertThat(tests("on,nitrate\n2026-11-04,5\n").values()).isEqualTo(read.values());
    }

    @Test
    void headingsNobodyKnowsAreMatchedByTheKeeper() {
        String text = "Tag,Salpeter\n5/6/2026,7\n";
        assertThat(tests(text).missing()).extracting(Column::name).containsExactly("on");
        var read = TableReading.of(text, new TestTable(), Map.of("on", "Tag", "nitrate", "Salpeter"), true, List.of());
        assertThat(read.values())
                .singleElement()
                .satisfies(one -> assertThat(one.on()).isEqualTo(LocalDate.of(2026, 5, 6)));
        assertThat(TableReading.of(text, new TestTable(), Map.of("on", "Tag", "nitrate", "Salpeter"), false, List.of())
                        .values()
                        .get(0)
                        .on())
                .isEqualTo(LocalDate.of(2026, 6, 5));
    }

    @Test
    void whatIsNoTableIsRefused() {
        assertThatThrownBy(() -> tests("")).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> tests("on,nitrate\n\"2026-11-03,4\n")).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void theLogGoesOutAndComesBackTheSame() {
        List<LogEntry> log = List.of(
                new LogEntry(
                        "e1",
                        LocalDateTime.of(2026, 3, 1, 18, 5, 7),
                        LogEntry.Kind.CHASE,
                        Optional.of(new FishId("r2")),
                        Optional.of(new FishId("r1")),
                        Optional.of(3),
                        Optional.of("left, \"deep\" cave"),
                        Optional.of(20),
                        Optional.of("twice;\nthen fed")),
                new LogEntry(
                        "e2",
                        LocalDateTime.of(2026, 3, 2, 0, 0),
                        LogEntry.Kind.NOTE,
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.of("calm")));
        LogTable form = new LogTable(FISH, CATALOGUE);
        String text = TableWriting.of(log, form);
        assertThat(TableReading.of(text, form, Map.of(), false, List.of()).values())
                .isEqualTo(log);
        assertThat(TableReading.of(text, form, Map.of(), false, log).known()).isEqualTo(2);
    }

    @Test
    void aLineWithoutEndIsNoTable() {
        org.assertj.core.api.Assertions.assertThatIllegalArgumentException()
                .isThrownBy(() -> tests("on" + ",1".repeat(9_000_000) + "\n2026-11-03,4\n"))
                .withMessageContaining("a line of its own");
    }

    @Test
    void aStrangerInTheLogIsNamed() {
        var read = TableReading.of(
                "when,what,by,to\n2026-03-01 9:30,chase,PLUM,Nobody\n2026-03-01 9:30,chase,plum,r2\n",
                new LogTable(FISH, CATALOGUE),
                Map.of(),
                false,
                List.of());
        assertThat(read.faults())
                .singleElement()
                .satisfies(line -> assertThat(line.fault()).contains("no fish of this tank is called 'Nobody'"));
        assertThat(read.values())
                .singleElement()
                .satisfies(one -> assertThat(one.at().getHour()).isEqualTo(9));
    }

    /** Somebody's sheet says “royal gramma”; two damsels of one kind are not guessed between. */
    @Test
    void aFishIsKnownByTheNamesOfItsSpeciesWhereOnlyOneBearsThem() {
        List<Resident> three = java.util.stream.Stream.concat(
                        FISH.stream(),
                        java.util.stream.Stream.of(new Resident(
                                new FishId("r3"),
                                new SpeciesId("chrysiptera-parasema"),
                                "Squall",
                                LocalDate.of(2026, 2, 5),
                                4,
                                Optional.empty())))
                .toList();
        var read = TableReading.of(
                "when,what,by,to\n2026-03-01 9:30,chase,Squall,Royal Gramma\n2026-03-01 9:40,chase,Gramma loreto,Chrysiptera parasema\n",
                new LogTable(three, CATALOGUE),
                Map.of(),
                false,
                List.of());
        assertThat(read.values())
                .singleElement()
                .satisfies(one -> assertThat(one.fishId()).contains(new FishId("r1")));
        assertThat(read.faults())
                .singleElement()
                .satisfies(line -> assertThat(line.fault()).contains("may be Gale, the \"old\" one or Squall"));
    }

    @Test
    void lossesGoOutAndComeBackTheSame() {
        List<Loss> losses = List.of(new Loss(
                "x1",
                new FishId("r2"),
                LocalDate.of(2026, 5, 1),
                Loss.Cause.BAD_WATER,
                Loss.Certainty.SEEN,
                Optional.of(19.5),
                Optional.of("after the flood")));
        LossTable form = new LossTable(FISH, CATALOGUE);
        assertThat(TableReading.of(TableWriting.of(losses, form), form, Map.of(), false, List.of())
                        .values())
                .isEqualTo(losses);
        assertThat(TableReading.of(
                                "name,date,reason\nPlum,2026-05-02,given away or returned\n",
                                form,
                                Map.of(),
                                false,
                                losses)
                        .values())
                .singleElement()
                .satisfies(one -> assertThat(one.cause()).isEqualTo(Loss.Cause.GIVEN_AWAY));
    }
}
