package org.pelluna.core.arrival;

import static org.assertj.core.api.Assertions.assertThat;
import static org.pelluna.core.Fixtures.CATALOGUE;
import static org.pelluna.core.Fixtures.TODAY;
import static org.pelluna.core.Fixtures.plan;
import static org.pelluna.core.Fixtures.resident;
import static org.pelluna.core.Fixtures.wish;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.pelluna.core.Fixtures;
import org.pelluna.core.finding.Provenance;
import org.pelluna.core.id.FishId;
import org.pelluna.core.id.WishId;
import org.pelluna.core.plan.Approaches;
import org.pelluna.core.plan.HouseRules;
import org.pelluna.core.plan.QuarantineTank;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.plan.Schedule;
import org.pelluna.core.plan.Wish;
import org.pelluna.core.pressure.Likeness;
import org.pelluna.core.pressure.Pressure;

/** The day of an arrival, step by step, for one fish and for two, boxed and not, by one approach and by the other. */
class RunSheetTest {
    private static final Resident GALE = resident("gale", "chrysiptera-parasema", 400, 7);
    private static final Resident LION = resident("lion", "dendrochirus-zebra", 300, 9);

    private static Approaches by(Approaches.Bacteria bacteria, Approaches.Rock rock) {
        Approaches usual = Approaches.USUAL;
        return new Approaches(
                usual.ceiling(),
                usual.bigFish(),
                usual.kin(),
                usual.anthias(),
                usual.clownfish(),
                usual.tangs(),
                usual.pause(),
                usual.quarantine(),
                bacteria,
                usual.salinity(),
                rock);
    }

    private static ResolvedPlan stock(HouseRules rules, Schedule schedule, List<Resident> residents, Wish... wishes) {
        return ResolvedPlan.of(
                plan(Fixtures.reef(), rules, residents, List.of(wishes)).withSchedule(schedule), CATALOGUE);
    }

    /** The sheet of the first wish, when it comes by itself and one resident attacks it so hard. */
    private static RunSheet sheet(ResolvedPlan stock, double perHour) {
        Wish wish = stock.plan().wishes().get(0);
        Arrival arrival = new Arrival(
                1,
                TODAY.plusDays(30),
                List.of(wish.id()),
                "it",
                wish.count(),
                OrderCost.NONE,
                new RoomUse("adult fish", 1, 10, 10, "in", true, Provenance.PRACTICE),
                new AcclimationBox(stock.plan().houseRules().weights().carefulPerHour(), false).days(perHour, perHour),
                List.of());
        List<Pressure> planned = List.of(
                new Pressure(LION_ID, wish.id().fish(), perHour / 4, Likeness.Kin.OTHER, List.of()),
                new Pressure(GALE_ID, wish.id().fish(), perHour, Likeness.Kin.OTHER, List.of()),
                new Pressure(LION_ID, GALE_ID, 99, Likeness.Kin.OTHER, List.of()));
        ArrivalPlan order = new ArrivalPlan(
                List.of(arrival),
                OrderCost.NONE,
                OptionalDouble.of(0),
                Optional.empty(),
                List.of(),
                Optional.empty(),
                List.of());
        ArrivalCalendar.Lane lane = ArrivalCalendar.of(stock, order, planned).get(0);
        return RunSheet.of(stock, lane, wish.id(), planned);
    }

    private static final FishId GALE_ID = new FishId("gale");
    private static final FishId LION_ID = new FishId("lion");

    private static Map<String, String> words(RunSheet sheet) {
        return sheet.steps().stream()
                .collect(Collectors.toMap(
                        RunSheet.Step::key, step -> step.words().toString()));
    }

    @Test
    void oneHardAttackedFishIsBoughtBroughtBoxedReleasedAndLookedFor() {
        ResolvedPlan stock = stock(
                HouseRules.USUAL,
                Schedule.NONE,
                List.of(GALE, LION),
                wish("gramma-loreto", 1),
                wish("salarias-fasciatus", 1));
        RunSheet sheet = sheet(stock, 4);
        assertThat(sheet.steps())
                .extracting(RunSheet.Step::key)
                .containsExactly(
                        "inspect",
                        "eats",
                        "size",
                        "match",
                        "move",
                        "rock",
                        "box",
                        "box-feed",
                        "dim",
                        "feed",
                        "cover",
                        "roll-call",
                        "test");
        Map<String, String> words = words(sheet);
        assertThat(words.get("box"))
                .contains("until about " + TODAY.plusDays(37))
                .contains("about 4 attacks an hour from gale");
        assertThat(words.get("dim")).contains("lights-out on " + TODAY.plusDays(37));
        assertThat(words.get("roll-call")).contains("On " + TODAY.plusDays(38)).contains("count all 3 ");
        assertThat(words.get("test")).contains("again on " + TODAY.plusDays(41));
        assertThat(words.get("rock")).contains("that no fish has claimed");
        assertThat(words.get("feed")).endsWith("in front of it.");
        assertThat(words.get("move")).doesNotContain("bare hands");
        assertThat(sheet.title()).isEqualTo("Royal gramma");
    }

    /** By common practice some hours to two weeks: a week from the pressure that needs care, some days from half of it. */
    @ParameterizedTest
    @CsvSource({"4,7", "3.99,2", "2,2", "1.99,0", "0,0"})
    void theHarderThePressureTheLongerTheBox(double perHour, int days) {
        ResolvedPlan stock = stock(HouseRules.USUAL, Schedule.NONE, List.of(GALE, LION), wish("gramma-loreto", 1));
        RunSheet sheet = sheet(stock, perHour);
        assertThat(words(sheet).get("dim")).contains("on " + TODAY.plusDays(30 + days) + ".");
        assertThat(words(sheet).containsKey("box")).isEqualTo(days > 0);
        assertThat(sheet.mayRelease()).isEqualTo(days == 0);
    }

    @Test
    void severalBringBottledBacteriaAndAKinsmansRockIsMovedFirstWhereTheHouseSaysSo() {
        HouseRules eight = HouseRules.USUAL.with(
                as -> as.approaches(by(Approaches.Bacteria.EIGHT_HOURS, Approaches.Rock.BEFORE_RIVALS))
                        .husbandry(HouseRules.USUAL.husbandry().withBottledBacteria(true)));
        Wish pair = wish("chrysiptera-cyanea", 2);
        Map<String, String> words = words(sheet(stock(eight, Schedule.NONE, List.of(GALE), pair), 0));
        assertThat(words.get("bacteria")).contains("for 8 hours");
        assertThat(words.get("rock")).startsWith("Move the rock before its rival sees it");
        assertThat(words.get("roll-call")).contains("count all 3 ");
        assertThat(sheet(stock(eight, Schedule.NONE, List.of(GALE), pair), 0).title())
                .startsWith("2 × ");
        HouseRules label = eight.withApproaches(by(Approaches.Bacteria.LABEL, Approaches.Rock.BEFORE_RIVALS));
        assertThat(words(sheet(stock(label, Schedule.NONE, List.of(GALE), pair), 0))
                        .get("bacteria"))
                .contains("12 to 24 hours, as the label says");
        assertThat(words(sheet(stock(eight, Schedule.NONE, List.of(LION), pair), 0))
                        .get("rock"))
                .as("nobody of its genus lives here")
                .contains("that no fish has claimed");
        assertThat(words(sheet(stock(eight, Schedule.NONE, List.of(GALE), wish("chrysiptera-cyanea", 1)), 0)))
                .as("one fish needs none")
                .doesNotContainKey("bacteria");
        assertThat(words(sheet(stock(HouseRules.USUAL, Schedule.NONE, List.of(GALE), pair), 0)))
                .as("not in this house")
                .doesNotContainKey("bacteria");
    }

    @Test
    void anAlgaeEaterIsFedAtTwoClipsAndAVenomousFishIsNotTouched() {
        RunSheet tang = sheet(stock(HouseRules.USUAL, Schedule.NONE, List.of(), wish("zebrasoma-flavescens", 1)), 0);
        assertThat(words(tang).get("feed")).contains("two clips far apart");
        assertThat(words(tang).get("hazard-tail-blades")).contains("folded blade");
        assertThat(words(tang).get("move")).contains("never with bare hands");
        assertThat(tang.steps()).filteredOn(RunSheet.Step::warns).isNotEmpty();
    }

    /** What was seen of the box of another fish, or long ago, decides nothing. */
    @Test
    void theLatestLookAtItsOwnBoxDecides() {
        Wish shy = wish("gramma-loreto", 1);
        Schedule others =
                Schedule.NONE.checked(new Schedule.BoxCheck(new WishId("other"), TODAY, false, Optional.empty()));
        assertThat(sheet(stock(HouseRules.USUAL, others, List.of(GALE), shy), 4).mayRelease())
                .isFalse();
        Schedule calmed = Schedule.NONE
                .checked(new Schedule.BoxCheck(shy.id(), TODAY.minusDays(2), true, Optional.of("Gale")))
                .checked(new Schedule.BoxCheck(shy.id(), TODAY.minusDays(1), false, Optional.empty()));
        RunSheet sheet = sheet(stock(HouseRules.USUAL, calmed, List.of(GALE), shy), 4);
        assertThat(sheet.mayRelease()).isTrue();
        assertThat(sheet.advice()).contains("after 1 day with attacks");
        assertThat(sheet(stock(HouseRules.USUAL, Schedule.NONE, List.of(GALE), shy), 0)
                        .advice())
                .startsWith("No box needed");
    }

    @Test
    void outOfQuarantineTheWaterIsRaisedBeforehandAndNothingIsFloated() {
        Schedule kept = Schedule.NONE.quarantine(Optional.of(new QuarantineTank(70, 3, 2, 1.021)));
        assertThat(words(sheet(stock(HouseRules.USUAL, kept, List.of(), wish("gramma-loreto", 1)), 0))
                        .get("match"))
                .contains("to 1.0255");
    }
}
