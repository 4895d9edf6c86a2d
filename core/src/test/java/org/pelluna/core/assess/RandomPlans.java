package org.pelluna.core.assess;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.pelluna.core.Fixtures;
import org.pelluna.core.id.FishId;
import org.pelluna.core.id.SpeciesId;
import org.pelluna.core.id.WishId;
import org.pelluna.core.plan.HouseRules;
import org.pelluna.core.plan.Preset;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.Schedule;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.plan.WaterTest;
import org.pelluna.core.plan.Wish;
import org.pelluna.core.species.Species;
import org.pelluna.core.tank.AnimalGroup;
import org.pelluna.core.tank.Cover;
import org.pelluna.core.tank.TankShape;
import org.pelluna.core.tank.WaterSpace;
import org.pelluna.core.watch.LogEntry;

/** Plans drawn at random, the same for the same seed: any tank, a few residents with a log, wishes of every kind. */
public final class RandomPlans {
    /** Named one by one, so that a further preset leaves the plans as they are. */
    private static final List<String> PRESETS = List.of("slack-water", "fair-wind", "full-sail", "deep-roads");

    /** The species of the day the plans were first drawn, so that a further species leaves the plans as they are. */
    private static final List<Species> DRAWN = drawn();

    private RandomPlans() {}

    private static List<Species> drawn() {
        try (InputStream in = RandomPlans.class.getResourceAsStream("species-drawn.txt")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .map(key -> Fixtures.CATALOGUE.get(new SpeciesId(key)))
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** The plan of a seed. */
    public static TankPlan of(long seed) {
        Random random = new Random(seed);
        List<Species> all = DRAWN;
        double length = 60 + random.nextInt(190);
        double width = 35 + random.nextInt(45);
        double height = 40 + random.nextInt(35);
        Fixtures.TankBuilder tank = new Fixtures.TankBuilder()
                .shape(new TankShape.Box(length, width, height))
                .water(WaterSpace.usual(4, length * width * height / 12_000, random.nextInt(120)))
                .sand(random.nextInt(4) == 0 ? 0 : 2 + random.nextInt(9))
                .refugium(random.nextInt(3) * 15.0)
                .cover(Cover.Kind.values()[random.nextInt(Cover.Kind.values().length)], 4 + random.nextInt(8));
        if (random.nextInt(6) == 0) {
            tank.cycling();
        } else {
            tank.cycledOn(Fixtures.TODAY.minusDays(5 + random.nextInt(1400)));
        }
        if (random.nextInt(3) == 0) {
            tank.firstTank();
        }
        for (AnimalGroup group : AnimalGroup.values()) {
            if (random.nextInt(4) == 0) {
                tank.holding(group, 1 + random.nextInt(8));
            }
        }
        List<Resident> residents = new ArrayList<>();
        int living = random.nextInt(6);
        for (int i = 0; i < living; i++) {
            Species one = all.get(random.nextInt(all.size()));
            double cm = one.size().saleCm().value()
                    + random.nextDouble()
                            * (one.size().adultCm().value()
                                    - one.size().saleCm().value());
            residents.add(new Resident(
                    new FishId("r" + i),
                    one.id(),
                    "Fish " + i,
                    Fixtures.TODAY.minusDays(1 + random.nextInt(500)),
                    cm,
                    random.nextInt(7) == 0
                            ? Optional.of(Fixtures.TODAY.minusDays(random.nextInt(2)))
                            : Optional.empty()));
        }
        List<Wish> wishes = new ArrayList<>();
        List<Species> wished = new ArrayList<>(all);
        Collections.shuffle(wished, random);
        int wanted = 1 + random.nextInt(8);
        for (int i = 0; i < wanted; i++) {
            wishes.add(new Wish(
                    new WishId("w" + i),
                    wished.get(i).id(),
                    1 + (random.nextInt(4) == 0 ? random.nextInt(5) : 0),
                    random.nextInt(4) == 0
                            ? Optional.of(wished.get(i).size().saleCm().value() * 1.3)
                            : Optional.empty(),
                    Optional.empty(),
                    random.nextInt(3) == 0 ? Wish.Decision.IN : Wish.Decision.OPEN,
                    Optional.empty()));
        }
        HouseRules rules = random.nextInt(3) == 0
                ? Preset.of(PRESETS.get(random.nextInt(PRESETS.size())))
                        .orElseThrow()
                        .rules()
                : HouseRules.USUAL;
        return TankPlan.of(Fixtures.TODAY, tank.build(), rules)
                .with(as -> as.residents(residents)
                        .wishes(wishes)
                        .log(log(residents, random))
                        .schedule(schedule(wishes, random))
                        .waterTests(tests(random)));
    }

    private static List<LogEntry> log(List<Resident> residents, Random random) {
        List<Resident> here =
                residents.stream().filter(one -> one.livesHere(Fixtures.TODAY)).toList();
        List<LogEntry> log = new ArrayList<>();
        if (here.size() < 2 || random.nextInt(2) == 0) {
            return log;
        }
        for (int i = 0; i < 3 + random.nextInt(25); i++) {
            int a = random.nextInt(here.size());
            int b = (a + 1 + random.nextInt(here.size() - 1)) % here.size();
            LocalDate since = here.get(a).arrivedOn().isAfter(here.get(b).arrivedOn())
                    ? here.get(a).arrivedOn()
                    : here.get(b).arrivedOn();
            long days = java.time.temporal.ChronoUnit.DAYS.between(since, Fixtures.TODAY);
            log.add(new LogEntry(
                    "l" + i,
                    Fixtures.TODAY
                            .minusDays(random.nextLong(Math.min(days, 60) + 1))
                            .atTime(19, random.nextInt(60)),
                    LogEntry.Kind.CHASE,
                    Optional.of(here.get(a).id()),
                    Optional.of(here.get(b).id()),
                    Optional.of(1 + random.nextInt(3)),
                    Optional.empty(),
                    random.nextInt(3) == 0 ? Optional.of(20) : Optional.empty(),
                    Optional.empty()));
        }
        log.sort(java.util.Comparator.comparing(LogEntry::at).thenComparing(LogEntry::id));
        return log;
    }

    private static Schedule schedule(List<Wish> wishes, Random random) {
        Schedule schedule = Schedule.NONE;
        if (random.nextInt(4) == 0) {
            schedule = schedule.notBefore(wishes.get(0).id(), Fixtures.TODAY.plusDays(random.nextInt(90)));
        }
        if (random.nextInt(6) == 0) {
            schedule = schedule.ordered(
                    wishes.stream().map(one -> List.of(one.id())).toList());
        }
        return schedule;
    }

    private static List<WaterTest> tests(Random random) {
        List<WaterTest> tests = new ArrayList<>();
        if (random.nextInt(3) == 0) {
            for (int i = 0; i < 5; i++) {
                tests.add(new WaterTest(
                        "t" + i,
                        Fixtures.TODAY.minusDays(30 - 6L * i),
                        WaterTest.Kind.NITRATE,
                        4 + i * random.nextDouble()));
            }
        }
        return tests;
    }

    /** Unmodifiable, for tests that want several. */
    static Map<Long, TankPlan> first(int count) {
        Map<Long, TankPlan> plans = new java.util.LinkedHashMap<>();
        for (long seed = 1; seed <= count; seed++) {
            plans.put(seed, of(seed));
        }
        return plans;
    }
}
