package org.pelluna.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.pelluna.core.Fixtures.TODAY;

import java.lang.reflect.Method;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.pelluna.core.Fixtures;
import org.pelluna.core.id.FishId;
import org.pelluna.core.id.WishId;
import org.pelluna.core.species.Species;

/** The values a plan is made of: their limits, and what changes of one leave alone. */
class PlanValuesTest {
    private static final Species TANG = Fixtures.species("zebrasoma-flavescens");

    @Test
    void aStepIsTickedOnceAndItsTickTakenBack() {
        Schedule ticked = Schedule.NONE
                .ticked(new WishId("w"), "inspect", TODAY.atTime(9, 0), true)
                .ticked(new WishId("w"), "inspect", TODAY.atTime(10, 0), true)
                .ticked(new WishId("w"), "match", TODAY.atTime(10, 0), true)
                .ticked(new WishId("v"), "inspect", TODAY.atTime(11, 0), true);
        assertThat(ticked.ticks())
                .containsExactly(
                        new Schedule.Tick(new WishId("w"), "inspect", TODAY.atTime(9, 0)),
                        new Schedule.Tick(new WishId("w"), "match", TODAY.atTime(10, 0)),
                        new Schedule.Tick(new WishId("v"), "inspect", TODAY.atTime(11, 0)));
        assertThat(ticked.ticked(new WishId("w"), "inspect", TODAY.atTime(12, 0), false)
                        .ticks())
                .extracting(Schedule.Tick::step, Schedule.Tick::wishId)
                .containsExactly(
                        org.assertj.core.groups.Tuple.tuple("match", new WishId("w")),
                        org.assertj.core.groups.Tuple.tuple("inspect", new WishId("v")));
    }

    @Test
    void theLastLookAtTheBoxOnADayCounts() {
        Schedule.BoxCheck first = new Schedule.BoxCheck(new WishId("w"), TODAY, true, Optional.of("Gale"));
        Schedule.BoxCheck second = new Schedule.BoxCheck(new WishId("w"), TODAY, false, Optional.empty());
        Schedule.BoxCheck another = new Schedule.BoxCheck(new WishId("v"), TODAY, true, Optional.empty());
        Schedule.BoxCheck before = new Schedule.BoxCheck(new WishId("w"), TODAY.minusDays(1), true, Optional.empty());
        assertThat(Schedule.NONE
                        .checked(before)
                        .checked(first)
                        .checked(another)
                        .checked(second)
                        .boxChecks())
                .containsExactly(before, another, second);
    }

    @Test
    void aSetbackIsKeptOnceAndTakenOutByItsKey() {
        Setback one = new Setback("one", TODAY, Setback.Kind.LATE, "fish", Optional.empty(), Optional.empty());
        Setback other = new Setback("other", TODAY, Setback.Kind.SICK, "fish", Optional.empty(), Optional.empty());
        Schedule both = Schedule.NONE.with(one).with(other).with(one);
        assertThat(both.setbacks()).containsExactly(one, other);
        assertThat(both.withoutSetback("one").setbacks()).containsExactly(other);
    }

    @Test
    void whatIsNoLongerInThePlanLosesItsDaysAndItsPlace() {
        Schedule schedule = Schedule.NONE
                .ordered(List.of(List.of(new WishId("a"), new WishId("b")), List.of(new WishId("c"))))
                .notBefore(new WishId("a"), TODAY)
                .notBefore(new WishId("c"), TODAY)
                .quarantined(new WishId("c"), TODAY)
                .quarantined(new WishId("b"), TODAY);
        Schedule left = schedule.only(id -> !id.equals(new WishId("c")));
        assertThat(left.order()).containsExactly(List.of(new WishId("a"), new WishId("b")));
        assertThat(left.notBefore()).isEqualTo(Map.of(new WishId("a"), TODAY));
        assertThat(left.inQuarantine()).isEqualTo(Map.of(new WishId("b"), TODAY));
        assertThat(schedule.only(id -> !id.equals(new WishId("a"))).order())
                .containsExactly(List.of(new WishId("b")), List.of(new WishId("c")));
    }

    @ParameterizedTest(name = "{0} times as fierce: allowed {1}")
    @CsvSource({"0.1, true", "4, true", "0.09, false", "4.01, false"})
    void anIndividualsTemperHasLimits(double factor, boolean allowed) {
        checked(allowed, () -> new Individual(factor, Optional.empty(), "known"));
    }

    @ParameterizedTest(name = "{0} cm: allowed {1}")
    @CsvSource({"0, false", "0.1, true", "300, true", "300.1, false"})
    void lengthsHaveLimits(double cm, boolean allowed) {
        checked(allowed, () -> new Individual(1, Optional.of(cm), "known"));
        checked(allowed, () -> wish(1, Optional.of(cm), Optional.empty()));
    }

    @ParameterizedTest(name = "{0} fish: allowed {1}")
    @CsvSource({"0, false", "1, true", "50, true", "51, false"})
    void countsHaveLimits(int count, boolean allowed) {
        checked(allowed, () -> wish(count, Optional.empty(), Optional.empty()));
    }

    @ParameterizedTest(name = "a price of {0}: allowed {1}")
    @CsvSource({"-0.01, false", "0, true", "1000000, true", "1000001, false"})
    void pricesHaveLimits(double price, boolean allowed) {
        checked(allowed, () -> wish(1, Optional.empty(), Optional.of(price)));
        checked(allowed, () -> new Resident.Acquisition(Optional.empty(), Optional.empty(), Optional.of(price)));
    }

    private static Wish wish(int count, Optional<Double> cm, Optional<Double> price) {
        return new Wish(
                new WishId("w"),
                TANG.id(),
                count,
                cm,
                Optional.empty(),
                Wish.Decision.OPEN,
                Optional.empty(),
                price,
                Optional.empty());
    }

    private static void checked(boolean allowed, Runnable making) {
        if (allowed) {
            assertThatCode(making::run).doesNotThrowAnyException();
        } else {
            assertThatThrownBy(making::run).isInstanceOf(IllegalArgumentException.class);
        }
    }

    @Test
    void anIndividualIsItsKindWithItsOwnSizeAndTemper() {
        Species longer = new Individual(0.5, Optional.of(260.0), "a giant").of(TANG);
        assertThat(longer.size().adultCm().value()).isEqualTo(260);
        assertThat(longer.size().maximumCm().value())
                .as("never below its adult length")
                .isEqualTo(260);
        assertThat(longer.temper().toward().genus())
                .isCloseTo(TANG.temper().toward().genus() / 2, within(1e-12));
        Species usual = new Individual(1, Optional.empty(), "as its kind").of(TANG);
        assertThat(usual.size()).isEqualTo(TANG.size());
        Species smaller = new Individual(1, Optional.of(10.0), "stunted").of(TANG);
        assertThat(smaller.size().maximumCm()).isEqualTo(TANG.size().maximumCm());
        assertThat(smaller.size().adultCm().value()).isEqualTo(10);
    }

    @Test
    void howAFishCameIsKnownIfAnythingOfItIs() {
        assertThat(Resident.Acquisition.of(Optional.empty(), Optional.empty(), Optional.empty()))
                .isEmpty();
        assertThat(Resident.Acquisition.of(Optional.of(Resident.Origin.BRED), Optional.empty(), Optional.empty()))
                .isPresent();
        assertThat(Resident.Acquisition.of(
                        Optional.empty(), Optional.of(Resident.Method.values()[0]), Optional.empty()))
                .isPresent();
        assertThat(Resident.Acquisition.of(Optional.empty(), Optional.empty(), Optional.of(3.0)))
                .isPresent();
    }

    @Test
    void aGroupThatLacksSomeIsFilledUpToTheFewestThatDoWell() {
        Species shoaler = Fixtures.CATALOGUE.all().stream()
                .filter(species -> species.company().smallestGroup() > 2)
                .filter(species -> !species.company().suits(2))
                .findFirst()
                .orElseThrow();
        int least = shoaler.company().smallestGroup();
        Resident one = Fixtures.resident("one", shoaler.id(), 30, 6);
        assertThat(stock().fewestMore(shoaler)).as("one alone is borne").isEqualTo(1);
        assertThat(stock(one).residentsOf(shoaler)).isEqualTo(1);
        assertThat(stock(one).fewestMore(shoaler)).isEqualTo(least - 1);
        assertThat(stock().fewestMore(TANG)).isEqualTo(1);
        assertThat(stock(Fixtures.resident("one", TANG.id(), 30, 6)).fewestMore(TANG))
                .isEqualTo(1);
    }

    private static ResolvedPlan stock(Resident... residents) {
        return ResolvedPlan.of(Fixtures.plan(Fixtures.reef(), List.of(residents)), Fixtures.CATALOGUE);
    }

    @Test
    void whoHasLeftOrIsToComeDoesNotLiveHere() {
        Resident left = Fixtures.resident("left", TANG.id(), 30, 6).left(Optional.of(TODAY.minusDays(2)));
        Resident leaves = Fixtures.resident("leaves", TANG.id(), 30, 6).left(Optional.of(TODAY.plusDays(2)));
        ResolvedPlan stock = stock(left, leaves, Fixtures.resident("here", TANG.id(), 10, 6));
        assertThat(stock.residents()).extracting(Fish::id).containsExactly(new FishId("leaves"), new FishId("here"));
        assertThat(stock.departed()).extracting(gone -> gone.fish().id()).containsExactly(new FishId("left"));
        assertThat(left.livesHere(TODAY.minusDays(3))).isTrue();
        assertThat(left.livesHere(TODAY.minusDays(2))).isFalse();
        assertThat(left.livesHere(TODAY.minusDays(31))).isFalse();
    }

    @ParameterizedTest
    @EnumSource
    void aKindOfTestSaysAllThatIsKnownOfIt(WaterTest.Kind kind) {
        Husbandry done = Husbandry.USUAL;
        assertThat(kind.key()).isEqualTo(kind.name().toLowerCase(java.util.Locale.ROOT));
        assertThat(kind.title()).isEqualToIgnoringCase(kind.words());
        assertThat(WaterTest.Kind.PH.title()).isEqualTo("pH");
        assertThat(WaterTest.Kind.NITRATE.title()).isEqualTo("Nitrate");
        assertThat(kind.to(done)).isPositive().isGreaterThan(kind.from());
        assertThat(kind.suits(kind.to(done), done)).isTrue();
        assertThat(kind.suits(kind.to(done) + kind.tells(), done)).isFalse();
        assertThat(kind.aliases()).isNotEmpty();
        assertThat(kind.toWords()).isNotBlank();
        assertThat(kind.tells()).isPositive();
        assertThat(kind.decimals()).isBetween(0, 4);
        assertThatThrownBy(() -> new WaterTest("t", TODAY, kind, 5000)).hasMessageContaining(kind.words());
        assertThatThrownBy(() -> new WaterTest("t", TODAY, kind, -0.1)).hasMessageContaining(kind.words());
        assertThat(new WaterTest("t", TODAY, kind, kind.to(done)).value()).isEqualTo(kind.to(done));
    }

    @Test
    void targetsAreTheHouses() {
        Husbandry done = Husbandry.USUAL;
        assertThat(WaterTest.Kind.NITRATE.to(done)).isEqualTo(done.target().nitrate());
        assertThat(WaterTest.Kind.PHOSPHATE.to(done)).isEqualTo(done.target().phosphate());
        assertThat(WaterTest.Kind.NITRITE.to(done)).isEqualTo(1);
        assertThat(WaterTest.Kind.AMMONIA.to(done)).isEqualTo(0.1);
        assertThat(WaterTest.Kind.PH.suits(7.7, done)).isFalse();
        assertThat(WaterTest.Kind.PH.suits(8.1, done)).isTrue();
    }

    @Test
    void onlyFourKindsArePredicted() {
        assertThat(WaterTest.Kind.values())
                .filteredOn(WaterTest.Kind::isPredicted)
                .containsExactly(
                        WaterTest.Kind.AMMONIA,
                        WaterTest.Kind.NITRITE,
                        WaterTest.Kind.NITRATE,
                        WaterTest.Kind.PHOSPHATE);
    }

    static Stream<Class<?>> choices() {
        return Stream.concat(
                Stream.of(Approaches.class.getDeclaredClasses()).filter(Class::isEnum),
                Stream.of(Setback.Kind.class, Resident.Origin.class, Resident.Method.class));
    }

    @ParameterizedTest
    @MethodSource("choices")
    void everyChoiceHasWordsOfItsOwn(Class<?> type) throws Exception {
        Method words = type.getMethod("words");
        List<Object> said = new java.util.ArrayList<>();
        for (Object choice : type.getEnumConstants()) {
            said.add(words.invoke(choice));
        }
        assertThat(said)
                .isNotEmpty()
                .doesNotHaveDuplicates()
                .allSatisfy(word -> assertThat((String) word).isNotBlank());
    }

    @Test
    void whatIsSeenInTheShopGoesOverToTheWishWhereItWasLookedAt() {
        Wish wish = Fixtures.wish("gramma-loreto", 3);
        ShopSighting looked = new ShopSighting(
                TODAY,
                Optional.of("the pier"),
                Optional.of(true),
                Optional.empty(),
                Optional.of(4.5),
                Optional.of(30.0),
                Optional.of(Life.Sex.FEMALE),
                Optional.empty());
        Wish seen = wish.seen(looked);
        assertThat(seen.lengthCm()).contains(4.5);
        assertThat(seen.price()).as("for all three").contains(90.0);
        assertThat(seen.decision()).isEqualTo(wish.decision());
        assertThat(seen.lifeFrom(TODAY).orElseThrow().sex(TODAY)).contains(Life.Sex.FEMALE);
        assertThat(wish.lifeFrom(TODAY)).isEmpty();
        ShopSighting paid = new ShopSighting(
                TODAY,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.of(ShopSighting.Hold.PAID));
        Wish held = seen.seen(paid);
        assertThat(held.lengthCm()).as("not looked at again").contains(4.5);
        assertThat(held.price()).contains(90.0);
        assertThat(held.decision()).isEqualTo(Wish.Decision.IN);
        assertThat(held.decisionNote()).contains("paid, still at the shop");
    }

    @ParameterizedTest
    @CsvSource({"0, 5, false", "300, 0, true", "301, 5, false", "5, -1, false", "5, 1000000, true", "5, 1000001, false"
    })
    void whatIsSeenHasTheLimitsOfAFish(double cm, double price, boolean allowed) {
        checked(
                allowed,
                () -> new ShopSighting(
                        TODAY,
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.of(cm),
                        Optional.of(price),
                        Optional.empty(),
                        Optional.empty()));
    }
}
