package org.pelluna.core.judge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.pelluna.core.Fixtures.CATALOGUE;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.pelluna.core.arrival.Arrival;
import org.pelluna.core.assess.Assessment;
import org.pelluna.core.assess.RandomPlans;
import org.pelluna.core.id.FishId;
import org.pelluna.core.id.WishId;
import org.pelluna.core.plan.Schedule;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.plan.Wish;
import org.pelluna.core.pressure.HardAttacks;
import org.pelluna.core.pressure.Pressure;
import org.pelluna.core.shortlist.Judgement;
import org.pelluna.core.shortlist.Verdict;
import org.pelluna.core.species.Temperament.Turn;

/** What holds of the judgement of any plan, over plans drawn at random. */
@Tag("long")
class JudgementPropertiesTest {
    private static final int PLANS = 600;

    /** As the plan of a seed, in the order the judgement finds and with no wish kept against a finding. */
    private static TankPlan open(long seed) {
        TankPlan plan = RandomPlans.of(seed);
        return plan.with(as -> as.schedule(Schedule.NONE)
                .wishes(plan.wishes().stream()
                        .map(wish -> wish.decided(Wish.Decision.OPEN, java.util.Optional.empty()))
                        .toList()));
    }

    private static Map<WishId, Judgement> byWish(Assessment assessment) {
        Map<WishId, Judgement> judged = new HashMap<>();
        assessment.judgements().forEach(one -> judged.put(one.wished().wish().id(), one));
        return judged;
    }

    /** A wish has a date only where its verdict lets it come, and one that may come today has a date or says what holds it back. */
    @Test
    void datesAndVerdictsAgree() {
        for (long seed = 1; seed <= PLANS; seed++) {
            Assessment judged = Assessment.of(open(seed), CATALOGUE);
            for (Judgement one : judged.judgements()) {
                var date = judged.order().dateOf(one.wished().wish().id());
                if (one.verdict() == Verdict.OUT) {
                    assertThat(date)
                            .as("seed %d, %s", seed, one.wished().wish().id())
                            .isEmpty();
                    assertThat(one.deciding()).isPresent();
                } else if (date.isEmpty()) {
                    assertThat(one.undatedGate())
                            .as("seed %d, %s", seed, one.wished().wish().id())
                            .isPresent();
                } else {
                    one.laterFrom().ifPresent(from -> assertThat(date.get()).isAfterOrEqualTo(from));
                }
            }
        }
    }

    /** Nothing that is dated passes the limit of its day or the mark of attacks. */
    @Test
    void nothingDatedIsAboveALimitOrAMark() {
        int arrivals = 0;
        for (long seed = 1; seed <= PLANS; seed++) {
            TankPlan plan = open(seed);
            Assessment judged = Assessment.of(plan, CATALOGUE);
            double careful = plan.houseRules().weights().carefulPerHour();
            for (Arrival one : judged.order().arrivals()) {
                assertThat(one.overHeadroom())
                        .as("seed %d: %s", seed, one.names())
                        .isFalse();
                arrivals++;
            }
            Map<FishId, Integer> counts = new HashMap<>();
            judged.judgements()
                    .forEach(one ->
                            counts.put(one.wished().fish().id(), one.wished().count()));
            Map<FishId, List<Double>> suffered = new HashMap<>();
            for (Pressure one : judged.planned()) {
                suffered.computeIfAbsent(one.victimId(), fish -> new ArrayList<>())
                        .add(one.perHour() * counts.getOrDefault(one.aggressorId(), 1));
            }
            long number = seed;
            suffered.forEach((fish, attacks) -> assertThat(HardAttacks.of(attacks, careful))
                    .as("seed %d, %s", number, fish)
                    .isLessThanOrEqualTo(plan.houseRules().weights().notAbovePerHour()));
        }
        assertThat(arrivals).isGreaterThan(PLANS / 2);
    }

    /** The order in which the wishes are written changes no verdict and no date. */
    @Test
    void theOrderOfTheListNeverMatters() {
        for (long seed = 1; seed <= PLANS / 4; seed++) {
            TankPlan plan = open(seed);
            List<Wish> shuffled = new ArrayList<>(plan.wishes());
            Collections.shuffle(shuffled, new Random(seed));
            Assessment one = Assessment.of(plan, CATALOGUE);
            Assessment other = Assessment.of(plan.with(as -> as.wishes(shuffled)), CATALOGUE);
            assertThat(verdicts(other)).as("seed %d", seed).isEqualTo(verdicts(one));
            assertThat(other.order().cost().total())
                    .as("seed %d", seed)
                    .isCloseTo(one.order().cost().total(), within(1e-6));
        }
    }

    private static Map<String, Verdict> verdicts(Assessment assessment) {
        Map<String, Verdict> verdicts = new TreeMap<>();
        byWish(assessment).forEach((wish, judgement) -> verdicts.put(wish.key(), judgement.verdict()));
        return verdicts;
    }

    /** A bully comes after every other fish, or the plan says why not. */
    @Test
    void bulliesComeLastOrThePlanSaysWhyNot() {
        int bullies = 0;
        for (long seed = 1; seed <= PLANS; seed++) {
            Assessment judged = Assessment.of(open(seed), CATALOGUE);
            Map<WishId, Judgement> wishes = byWish(judged);
            boolean excused = judged.order().findings().stream()
                    .anyMatch(one -> one.rule().equals("precedence"));
            LocalDate firstBully = null;
            for (Arrival arrival : judged.order().arrivals()) {
                boolean bully = arrival.wishIds().stream()
                        .anyMatch(
                                id -> wishes.get(id).wished().species().temper().turn() != Turn.ANY);
                if (bully && firstBully == null) {
                    firstBully = arrival.date();
                    bullies++;
                }
                if (!bully && firstBully != null) {
                    assertThat(excused).as("seed %d: %s", seed, arrival.names()).isTrue();
                }
            }
        }
        assertThat(bullies).isGreaterThan(20);
    }

    /** A bully more on the list makes no other fish come sooner. */
    @Test
    void aBullyMoreBringsNobodySooner() {
        for (long seed = 1; seed <= PLANS / 4; seed++) {
            TankPlan plan = open(seed);
            Wish bully = new Wish(
                    new WishId("bully"),
                    new org.pelluna.core.id.SpeciesId("pseudocheilinus-hexataenia"),
                    1,
                    java.util.Optional.empty(),
                    java.util.Optional.empty(),
                    Wish.Decision.OPEN,
                    java.util.Optional.empty());
            List<Wish> more = new ArrayList<>(plan.wishes());
            more.add(bully);
            Assessment without = Assessment.of(plan, CATALOGUE);
            Assessment with = Assessment.of(plan.with(as -> as.wishes(more)), CATALOGUE);
            int fish =
                    without.order().arrivals().stream().mapToInt(Arrival::fish).sum();
            int fishWith = with.order().arrivals().stream()
                    .filter(one -> !one.wishIds().contains(bully.id()))
                    .mapToInt(Arrival::fish)
                    .sum();
            // Small as it is, it may take the last room of a larger one; it never makes room.
            assertThat(fishWith).as("seed %d", seed).isLessThanOrEqualTo(fish);
        }
    }
}
