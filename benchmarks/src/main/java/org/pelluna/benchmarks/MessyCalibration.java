package org.pelluna.benchmarks;

import java.util.Locale;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import java.util.function.LongFunction;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.tension.RemedyEffect;
import org.pelluna.core.tension.Settling;
import org.pelluna.core.watch.Remedy;

/** How often what is said of a fight is wrong on messy records. Prints the second part of {@code docs/calibration.md}. */
final class MessyCalibration {
    private static final DoubleUnaryOperator GOES_ON = MessyKeeper.settling(6, 21, 0.5, 0);

    private MessyCalibration() {}

    static void print(int lives) {
        System.out.println(
                "\n| messy record | “it helped” | “may have” | “did not fall” | cannot be told |\n|---|---|---|---|---|");
        remedy(
                "idle; the attacked fish dies six days later",
                lives,
                seed -> keeper(seed, Optional.of(26), Optional.empty()).attacks("bully", "victim", 0, 26, GOES_ON));
        remedy(
                "idle; the bully is sold five days later",
                lives,
                seed -> keeper(seed, Optional.empty(), Optional.of(25)).attacks("bully", "victim", 0, 25, GOES_ON));
        remedy(
                "idle; a real one begins five days later",
                lives,
                seed -> keeper(seed, Optional.empty(), Optional.empty())
                        .remedy(Remedy.Kind.FRESH_ROCK, 25, Optional.empty())
                        .attacks("bully", "victim", 0, 25, GOES_ON)
                        .attacks("bully", "victim", 25, 45, day -> 0.2 * GOES_ON.applyAsDouble(day)));
        remedy(
                "idle; another fish arrives five days later and draws the attacks",
                lives,
                seed -> keeper(seed, Optional.empty(), Optional.empty())
                        .fish("new", 25, Optional.empty())
                        .attacks("bully", "victim", 0, 25, GOES_ON)
                        .attacks("bully", "victim", 25, 45, day -> 0.3 * GOES_ON.applyAsDouble(day)));
        remedy(
                "idle; settles fast, half-life 2 days",
                lives,
                seed -> new MessyKeeper(seed)
                        .fish("bully", -300, Optional.empty())
                        .fish("victim", 14, Optional.empty())
                        .remedy(Remedy.Kind.MIRROR, 20, Optional.empty())
                        .watched(14, 45)
                        .attacks("bully", "victim", 14, 45, MessyKeeper.settling(12, 2, 0.03, 14)));
        remedy(
                "idle; the fight simply goes on",
                lives,
                seed -> keeper(seed, Optional.empty(), Optional.empty()).attacks("bully", "victim", 0, 45, day -> 5));
        remedy(
                "idle; moods that last (0.8)",
                lives,
                seed -> keeper(seed, Optional.empty(), Optional.empty())
                        .moods(1, 0.8)
                        .attacks("bully", "victim", 0, 45, GOES_ON));
        remedy(
                "takes four fifths, on a hard fight",
                lives,
                seed -> keeper(seed, Optional.empty(), Optional.empty())
                        .attacks("bully", "victim", 0, 20, GOES_ON)
                        .attacks("bully", "victim", 20, 45, day -> 0.2 * GOES_ON.applyAsDouble(day)));
        remedy(
                "takes four fifths; bouts of 2.5",
                lives,
                seed -> keeper(seed, Optional.empty(), Optional.empty())
                        .bouts(2.5)
                        .attacks("bully", "victim", 0, 20, GOES_ON)
                        .attacks("bully", "victim", 20, 45, day -> 0.2 * GOES_ON.applyAsDouble(day)));
        System.out.println(
                "\n| newcomer, looked at every third day for 60 | “not settling” | today's rate held (90 %) |\n|---|---|---|");
        settling(
                "hides eight days, then is attacked and settles",
                lives,
                seed -> arrival(seed)
                        .watched(0, 60)
                        .attacks("bully", "victim", 8, 60, MessyKeeper.settling(6, 7, 0.1, 8)),
                MessyKeeper.settling(6, 7, 0.1, 8));
        settling(
                "settles, half-life 7 d to 15 %",
                lives,
                seed -> arrival(seed)
                        .watched(0, 60)
                        .attacks("bully", "victim", 0, 60, MessyKeeper.settling(6, 7, 0.15, 0)),
                MessyKeeper.settling(6, 7, 0.15, 0));
        settling(
                "settles; moods that last (0.8)",
                lives,
                seed -> arrival(seed)
                        .moods(1, 0.8)
                        .watched(0, 60)
                        .attacks("bully", "victim", 0, 60, MessyKeeper.settling(6, 7, 0.15, 0)),
                MessyKeeper.settling(6, 7, 0.15, 0));
        settling(
                "settles; a fight makes the keeper watch",
                lives,
                seed -> arrival(seed).promptedBy("bully", "victim", 0, 60, MessyKeeper.settling(6, 10, 0.15, 0)),
                MessyKeeper.settling(6, 10, 0.15, 0));
        settling(
                "settles; bouts of 12",
                lives,
                seed -> arrival(seed)
                        .bouts(12)
                        .watched(0, 60)
                        .attacks("bully", "victim", 0, 60, MessyKeeper.settling(6, 10, 0.15, 0)),
                MessyKeeper.settling(6, 10, 0.15, 0));
        settling(
                "stays at 6 an hour",
                lives,
                seed -> arrival(seed).watched(0, 60).attacks("bully", "victim", 0, 60, day -> 6),
                day -> 6);
    }

    private static MessyKeeper keeper(long seed, Optional<Integer> victimDies, Optional<Integer> bullySold) {
        return new MessyKeeper(seed)
                .fish("bully", -300, bullySold)
                .fish("victim", -30, victimDies)
                .remedy(Remedy.Kind.MIRROR, 20, Optional.empty())
                .watched(0, 45);
    }

    private static MessyKeeper arrival(long seed) {
        return new MessyKeeper(seed).fish("bully", -300, Optional.empty()).fish("victim", 0, Optional.empty());
    }

    /** What is said of the remedy of day 20 on day 44. */
    private static void remedy(String name, int lives, LongFunction<MessyKeeper> record) {
        int[] said = new int[RemedyEffect.Outcome.values().length];
        for (int life = 0; life < lives; life++) {
            TankPlan plan = record.apply(life).plan(44);
            RemedyEffect of = RemedyEffect.of(plan).stream()
                    .filter(one -> one.remedy().kind() == Remedy.Kind.MIRROR)
                    .findFirst()
                    .orElseThrow();
            said[of.outcome().ordinal()]++;
        }
        System.out.printf(
                Locale.ROOT,
                "| %s | %.0f %% | %.0f %% | %.0f %% | %.0f %% |%n",
                name,
                share(said, lives, RemedyEffect.Outcome.HELPED),
                share(said, lives, RemedyEffect.Outcome.MAY_HAVE_HELPED),
                share(said, lives, RemedyEffect.Outcome.WORSE),
                share(said, lives, RemedyEffect.Outcome.MIXED)
                        + share(said, lives, RemedyEffect.Outcome.UNKNOWN)
                        + share(said, lives, RemedyEffect.Outcome.UNCLEAR));
    }

    private static double share(int[] said, int lives, RemedyEffect.Outcome of) {
        return 100.0 * said[of.ordinal()] / lives;
    }

    private static void settling(String name, int lives, LongFunction<MessyKeeper> record, DoubleUnaryOperator truth) {
        int alarms = 0;
        int held = 0;
        for (int life = 0; life < lives; life++) {
            MessyKeeper keeper = record.apply(life);
            boolean alarm = false;
            for (int day = 3; day < 60 && !alarm; day += 3) {
                alarm = Settling.of(keeper.plan(day)).get(0).settles() == Settling.State.NOT_SETTLING;
            }
            alarms += alarm ? 1 : 0;
            int asked = 12 + keeper.random().nextInt(30);
            Settling then = Settling.of(keeper.plan(asked)).get(0);
            held += then.rateOn(MessyKeeper.BEGIN.plusDays(asked)).holds(truth.applyAsDouble(asked)) ? 1 : 0;
        }
        System.out.printf(
                Locale.ROOT, "| %s | %.0f %% | %.0f %% |%n", name, 100.0 * alarms / lives, 100.0 * held / lives);
    }
}
