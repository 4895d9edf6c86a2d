package org.pelluna.core.pressure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.pelluna.core.Fixtures.CATALOGUE;
import static org.pelluna.core.Fixtures.TODAY;
import static org.pelluna.core.Fixtures.resident;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.pelluna.core.Fixtures;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.species.Species;

/** The laws of the pressure model, in tanks as they are: groups that arrive, and the days after. */
class EncountersTest {
    private static final LocalDate ARRIVAL = TODAY.minusDays(100);

    static IntStream seeds() {
        return IntStream.range(0, 60);
    }

    /** Some residents, and one to four fish that came on one day; as it was so many days after. */
    private static ResolvedPlan tank(int seed, int daysAfter) {
        Random random = new Random(seed);
        List<Species> all = CATALOGUE.all().stream().toList();
        List<Resident> fish = new ArrayList<>();
        int here = 1 + random.nextInt(5);
        int came = 1 + random.nextInt(4);
        for (int i = 0; i < here + came; i++) {
            Species species = all.get(random.nextInt(all.size()));
            int ago = 100 + (i < here ? 1 + random.nextInt(300) : 0);
            fish.add(
                    resident("f" + i, species.id(), ago, species.size().saleCm().value()));
        }
        return ResolvedPlan.of(Fixtures.plan(Fixtures.reef(), fish).withAsOf(ARRIVAL.plusDays(daysAfter)), CATALOGUE);
    }

    private static Map<String, Pressure> pressures(ResolvedPlan stock) {
        return Encounters.of(stock).amongResidents().stream()
                .collect(Collectors.toMap(
                        one -> one.aggressorId().key() + ">" + one.victimId().key(), Function.identity()));
    }

    private static double without(Pressure pressure, Factor.Kind kind) {
        return pressure.factors().stream()
                .filter(factor -> factor.kind() == kind)
                .mapToDouble(Factor::multiplier)
                .reduce(pressure.perHour(), (left, times) -> left / times);
    }

    /** The first week is never easier than the days after it, but by what growth does and says so. */
    @ParameterizedTest
    @MethodSource("seeds")
    void noDayAfterTheFirstIsHarderButByGrowth(int seed) {
        Map<String, Pressure> before = pressures(tank(seed, 0));
        for (int day : new int[] {1, 7, 14, 60}) {
            Map<String, Pressure> after = pressures(tank(seed, day));
            before.forEach((pair, first) -> {
                Pressure then = after.get(pair);
                assertThat(withoutGrowth(then, first))
                        .as("%s on day %s", pair, day)
                        .isLessThanOrEqualTo(withoutGrowth(first, then) + 1e-9);
            });
            before = after;
        }
    }

    /** A fish that has grown small beside another may be one that it attacks for its size, and does not let go. */
    private static double withoutGrowth(Pressure pressure, Pressure other) {
        double left = without(pressure, Factor.Kind.SIZE) / tempers(pressure);
        return tempers(pressure) == tempers(other) ? left : left / times(pressure, Factor.Kind.SETTLING);
    }

    private static double tempers(Pressure pressure) {
        double temper = times(pressure, Factor.Kind.TEMPER);
        return temper == 0 ? 1 : temper;
    }

    private static double times(Pressure pressure, Factor.Kind kind) {
        return pressure.factors().stream()
                .filter(factor -> factor.kind() == kind)
                .mapToDouble(Factor::multiplier)
                .reduce(1, (left, times) -> left * times);
    }

    /** Common practice: a tank of peaceful fish that have long lived together is quiet, but for a chase now and then. */
    @Test
    void aDozenPeacefulFishOfAYearAreNearlyLeftAlone() {
        List<Resident> fish = new ArrayList<>();
        for (String species : List.of(
                "nemateleotris-magnifica",
                "pterapogon-kauderni",
                "elacatinus-oceanops",
                "synchiropus-splendidus",
                "halichoeres-chrysus",
                "cirrhilabrus-rubriventralis",
                "amblyeleotris-randalli",
                "chromis-viridis",
                "opistognathus-aurifrons",
                "gramma-loreto",
                "ecsenius-midas",
                "siganus-vulpinus")) {
            double adult = Fixtures.species(species).size().adultCm().value();
            fish.add(resident(species, species, 365 + 14 * fish.size(), adult));
        }
        List<Double> perHour =
                Encounters.of(ResolvedPlan.of(Fixtures.plan(Fixtures.reef(), fish), CATALOGUE))
                        .amongResidents()
                        .stream()
                        .map(Pressure::perHour)
                        .sorted()
                        .toList();
        assertThat(perHour.get(perHour.size() / 2)).isLessThan(0.05);
        assertThat(perHour.stream().mapToDouble(one -> one).sum()).isLessThan(10);
    }

    /** On the day of the arrival, what is seen of a group is what was planned for it. */
    @Test
    void theFirstDayIsWhatWasPlanned() {
        List<Resident> fish = List.of(
                resident("gale", "chrysiptera-parasema", 200, 7), resident("dove", "salarias-fasciatus", 300, 9));
        ResolvedPlan before = ResolvedPlan.of(Fixtures.plan(Fixtures.reef(), fish), CATALOGUE);
        List<Resident> with = new ArrayList<>(fish);
        for (int i = 0; i < 4; i++) {
            with.add(resident("n" + i, "pterapogon-kauderni", 0, 4));
        }
        ResolvedPlan after = ResolvedPlan.of(Fixtures.plan(Fixtures.reef(), with), CATALOGUE);
        Pressure planned = Encounters.of(before)
                .onArrival(
                        before.residents().stream()
                                .filter(one -> one.name().equals("gale"))
                                .findFirst()
                                .orElseThrow(),
                        Fixtures.fish("n0", Fixtures.species("pterapogon-kauderni"), 4, TODAY),
                        4);
        assertThat(pressures(after).get("gale>n0").perHour()).isCloseTo(planned.perHour(), within(1e-9));
    }

    /** A second clownfish is not a third because another fish comes that day. */
    @Test
    void othersThatDayAreNoKin() {
        ResolvedPlan stock = ResolvedPlan.of(
                Fixtures.plan(Fixtures.reef(), List.of(resident("rush", "amphiprion-ocellaris", 200, 7))), CATALOGUE);
        Species clownfish = Fixtures.species("amphiprion-ocellaris");
        double alone = suffers(stock, clownfish, 1);
        for (int newcomers : new int[] {2, 3, 5}) {
            assertThat(suffers(stock, clownfish, newcomers)).isLessThan(alone);
        }
    }

    private static double suffers(ResolvedPlan stock, Species species, int newcomers) {
        return new WhatIf(
                        species.size().saleCm().value(),
                        newcomers,
                        WhatIf.Order.LAST,
                        Set.of(),
                        Habitat.of(stock.plan().tank(), TODAY))
                .shifts(stock, species)
                .get(0)
                .wouldSuffer()
                .perHour();
    }
}
