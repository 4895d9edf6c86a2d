package org.pelluna.benchmarks;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.function.DoubleUnaryOperator;
import java.util.function.Function;
import org.pelluna.core.course.Course;
import org.pelluna.core.course.Help;
import org.pelluna.core.course.SettlingAlarm;
import org.pelluna.core.course.Watched;
import org.pelluna.core.id.FishId;
import org.pelluna.core.tension.RateChange;
import org.pelluna.core.tension.RemedyEffect;

/**
 * How often what is said of a quarrel is wrong, and how often it is said when it is right, over simulated keepers' records whose truth is known. Prints the table of
 * {@code docs/calibration.md}; started by {@code ./pelluna calibrate}.
 */
public final class Calibration {
    private static final int DAYS = 60;
    private static final int LOOKS_APART = 3;

    private final SplittableRandom random;
    private final double bout;

    private Calibration(long seed, double bout) {
        this.random = new SplittableRandom(seed);
        this.bout = bout;
    }

    public static void main(String[] arguments) {
        int lives = arguments.length > 0 ? Integer.parseInt(arguments[0]) : 400;
        if (arguments.length > 1 && arguments[1].equals("messy")) {
            MessyCalibration.print(lives);
            return;
        }
        line(
                "| record | bouts of | watched | said not to settle (25) | median day | worth an eye (6) | today's rate held (90 %) |");
        line("|---|---|---|---|---|---|---|");
        for (double bout : new double[] {1, 2.5, 5}) {
            settlingEach(
                    "as the priors have them",
                    keeper -> settling(
                            3 * Math.exp(keeper.random.nextGaussian()),
                            8 * Math.exp(keeper.random.nextGaussian()),
                            1 - Math.pow(1 - keeper.random.nextDouble(), 0.4)),
                    bout,
                    1,
                    lives);
            for (double halfLife : new double[] {5, 7, 10, 21}) {
                settling("settles, half-life " + halfLife + " d to 15 %", settling(6, halfLife, 0.15), bout, 1, lives);
            }
            settling("stays at 6 an hour", day -> 6, bout, 1, lives);
            settling(
                    "flares up on day 20",
                    day -> day < 20 ? settling(6, 5, 0.1).applyAsDouble(day) : 6,
                    bout,
                    1,
                    lives);
        }
        settling("settles, half-life 10 d to 30 %", settling(6, 10, 0.3), 2.5, 3, lives);
        line("");
        line("| remedy | bouts of | begun | “it helped” | “may have” or more | “worse since” | interval held (90 %) |");
        line("|---|---|---|---|---|---|---|");
        for (double bout : new double[] {1, 2.5, 5}) {
            for (double times : new double[] {1, 0.2}) {
                remedy(times, bout, true, lives);
                remedy(times, bout, false, lives);
                hard(times, bout, lives);
            }
        }
        line("");
        line(
                "| six aggressors at once | bouts of | of any “it helped” | of any “worse since” | “another stepped in” |");
        line("|---|---|---|---|---|");
        for (double bout : new double[] {1, 2.5, 5}) {
            several("all settle by themselves, the remedy does nothing", bout, lives, one -> 1);
            several(
                    "the worst is taken out, another attacks five times as hard",
                    bout,
                    lives,
                    one -> one == 0 ? 0.05 : one == 1 ? 5 : 1);
        }
        MessyCalibration.print(lives);
    }

    /** Six fish that attack others, the first most; something is done on day twelve, and every fish's rate is from then on so many times what it would be. */
    private static void several(String name, double bout, int lives, java.util.function.IntToDoubleFunction times) {
        int helped = 0;
        int worse = 0;
        int stepped = 0;
        for (int life = 0; life < lives; life++) {
            Calibration keeper = new Calibration(life, bout);
            List<RateChange> changes = new ArrayList<>();
            for (int fish = 0; fish < 6; fish++) {
                DoubleUnaryOperator rate = settling(
                        (fish == 0 ? 6 : 1.5) * Math.exp(0.5 * keeper.random.nextGaussian()),
                        8 * Math.exp(0.7 * keeper.random.nextGaussian()),
                        0.3);
                List<Watched> before = new ArrayList<>();
                List<Watched> after = new ArrayList<>();
                for (double day = 0.5; day < 33; day++) {
                    double since = day > 12 ? times.applyAsDouble(fish) : 1;
                    (day > 12 ? after : before)
                            .add(new Watched(day, 0.5, keeper.seen(rate.applyAsDouble(day) / 2 * since)));
                }
                changes.add(RateChange.of(Optional.of(new FishId("f" + fish)), before, after, 6));
            }
            helped += changes.stream().anyMatch(one -> one.verdict() == RemedyEffect.Outcome.HELPED) ? 1 : 0;
            worse += changes.stream().anyMatch(one -> one.verdict() == RemedyEffect.Outcome.WORSE) ? 1 : 0;
            changes.sort(Comparator.comparingInt((RateChange one) -> RateChange.encounters(one.before()))
                    .reversed());
            stepped += RemedyEffect.steppedIn(changes).isPresent() ? 1 : 0;
        }
        line(
                "| %s | %.1f | %.1f %% | %.1f %% | %.1f %% |",
                name, bout, 100.0 * helped / lives, 100.0 * worse / lives, 100.0 * stepped / lives);
    }

    private static void settling(String name, DoubleUnaryOperator rate, double bout, int every, int lives) {
        settlingEach(name, any -> rate, bout, every, lives);
    }

    private static void settlingEach(
            String name, Function<Calibration, DoubleUnaryOperator> rates, double bout, int every, int lives) {
        int alarms = 0;
        int eyes = 0;
        int held = 0;
        List<Double> days = new ArrayList<>();
        for (int life = 0; life < lives; life++) {
            Calibration keeper = new Calibration(life, bout);
            DoubleUnaryOperator rate = rates.apply(keeper);
            List<Watched> watches = new ArrayList<>();
            double alarm = Double.POSITIVE_INFINITY;
            boolean eye = false;
            for (double day = 0.5; day <= DAYS && alarm > DAYS; day += every) {
                watches.add(new Watched(day, 0.5, keeper.seen(rate.applyAsDouble(day) / 2)));
                if (watches.size() % LOOKS_APART == 0) {
                    double unrest = SettlingAlarm.of(watches);
                    eye |= unrest >= SettlingAlarm.WATCHFUL;
                    alarm = unrest >= SettlingAlarm.ALARM ? day : alarm;
                }
            }
            alarms += alarm <= DAYS ? 1 : 0;
            eyes += eye ? 1 : 0;
            days.add(alarm);
            Watched last = watches.get(watches.size() - 1);
            held += Course.of(watches).rate(last.day(), 0.9).holds(rate.applyAsDouble(last.day())) ? 1 : 0;
        }
        days.sort(null);
        double median = days.get(lives / 2);
        line(
                "| %s | %.1f | %s | %.1f %% | %s | %.1f %% | %.1f %% |",
                name,
                bout,
                every == 1 ? "daily" : "every " + every + " d",
                100.0 * alarms / lives,
                Double.isInfinite(median) ? "not in 60 d" : String.format(Locale.ROOT, "%.0f", median),
                100.0 * eyes / lives,
                100.0 * held / lives);
    }

    /** How often what is said of remedies is right. */
    private static final class Said {
        private int helped;
        private int may;
        private int worse;
        private int held;

        void of(List<Watched> before, List<Watched> after, double times) {
            Help help = Help.of(before.subList(0, before.size() - 1), after);
            helped += help.chanceBelow(1) > 0.95 ? 1 : 0;
            may += help.chanceBelow(1) > 0.9 ? 1 : 0;
            worse += help.chanceBelow(1) < 0.025 ? 1 : 0;
            held += help.times(0.9).holds(times) ? 1 : 0;
        }

        void print(double times, double bout, String begun, int lives) {
            line(
                    "| %s | %.1f | %s | %.1f %% | %.1f %% | %.1f %% | %.1f %% |",
                    times == 1 ? "does nothing" : "takes four fifths",
                    bout,
                    begun,
                    100.0 * helped / lives,
                    100.0 * may / lives,
                    100.0 * worse / lives,
                    100.0 * held / lives);
        }
    }

    private static void remedy(double times, double bout, boolean afterABadWatch, int lives) {
        Said said = new Said();
        for (int life = 0; life < lives; life++) {
            Calibration keeper = new Calibration(life, bout);
            DoubleUnaryOperator rate = settling(
                    3 * Math.exp(keeper.random.nextGaussian()),
                    8 * Math.exp(keeper.random.nextGaussian()),
                    1 - Math.pow(1 - keeper.random.nextDouble(), 0.4));
            List<Watched> before = new ArrayList<>();
            List<Watched> after = new ArrayList<>();
            double start = Double.POSITIVE_INFINITY;
            for (double day = 0.5; day < Math.min(45, start + 21); day++) {
                double mean = rate.applyAsDouble(day) / 2;
                int seen = keeper.seen(day > start ? mean * times : mean);
                (day > start ? after : before).add(new Watched(day, 0.5, seen));
                boolean bad = afterABadWatch ? day > 4 && seen > 0 && seen >= 2 * mean : day > 9;
                start = day < start && (bad || day > 20) ? day + 0.5 : start;
            }
            said.of(before, after, times);
        }
        said.print(times, bout, afterABadWatch ? "after a bad watch" : "on day ten", lives);
    }

    /** A quarrel that goes on at about six an hour and settles slowly; the remedy is begun on day 21 of 42, watched daily. */
    private static void hard(double times, double bout, int lives) {
        Said said = new Said();
        for (int life = 0; life < lives; life++) {
            Calibration keeper = new Calibration(life, bout);
            DoubleUnaryOperator rate = settling(8, 15, 0.5);
            List<Watched> before = new ArrayList<>();
            List<Watched> after = new ArrayList<>();
            for (double day = 0.5; day < 42; day++) {
                boolean since = day > 21;
                int seen = keeper.seen(rate.applyAsDouble(day) / 2 * (since ? times : 1));
                (since ? after : before).add(new Watched(day, 0.5, seen));
            }
            said.of(before, after, times);
        }
        said.print(times, bout, "on day 21 of a hard quarrel", lives);
    }

    private static DoubleUnaryOperator settling(double first, double halfLife, double rest) {
        return day -> first * (rest + (1 - rest) * Math.pow(0.5, day / halfLife));
    }

    private int seen(double mean) {
        return MessyKeeper.seen(random, mean, bout);
    }

    private static void line(String format, Object... values) {
        System.out.println(values.length == 0 ? format : String.format(Locale.ROOT, format, values));
    }
}
