package org.pelluna.core.course;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.pelluna.core.statistics.CountLaw;
import org.pelluna.core.statistics.Interval;

/** What is said of small records, summed here by the definitions alone: first rates, half-lives, shares that stay and laws of scatter, each held possible. */
class ByHandTest {
    private static final List<Watched> RECORD = List.of(
            new Watched(1, 1, 5),
            new Watched(4, 0.5, 2),
            new Watched(9, 2, 4),
            new Watched(14, 1, 0),
            new Watched(18, 1, 3));

    /** First rates, an hour, in steps of three tenths of their logarithm, and how likely each is: log-normal about three. */
    private static final double[] RATES =
            IntStream.range(0, 31).mapToDouble(i -> Math.exp(-4.5 + 0.3 * i)).toArray();

    private static double rateChance(double rate) {
        double z = Math.log(rate / 3) / 1.3;
        return 0.3 / (1.3 * Math.sqrt(2 * Math.PI)) * Math.exp(-z * z / 2);
    }

    private static double left(double halfLife, double rest, double day) {
        return rest + (1 - rest) * Math.pow(2, -day / halfLife);
    }

    /** A law of scatter, by itself or with moods that last. */
    private record Law(CountLaw law, boolean moody) {}

    private static final List<Law> LAWS = Stream.concat(
                    CountLaw.POSSIBLE.stream().map(law -> new Law(law, false)),
                    Stream.of(new Law(CountLaw.sized(50), true)))
            .toList();

    /** Logarithms of the seven moods. */
    private static final double[] MOODS = {-1.8, -1.2, -0.6, 0, 0.6, 1.2, 1.8};

    /** By every path of moods: the first as any, each next by a fall of a fifth a day. */
    private static double ofMoods(
            CountLaw law,
            List<Watched> record,
            java.util.function.DoubleUnaryOperator rate,
            double before,
            double gap) {
        if (record.isEmpty()) {
            return 1;
        }
        double kept = Math.pow(0.8, gap);
        double spread = 0.9 * Math.sqrt(1 - kept * kept);
        double[] chances = Arrays.stream(MOODS)
                .map(mood -> Math.exp(-Math.pow((mood - kept * before) / spread, 2) / 2))
                .toArray();
        double all = Arrays.stream(chances).sum();
        Watched one = record.get(0);
        List<Watched> rest = record.subList(1, record.size());
        double sum = 0;
        for (int i = 0; i < MOODS.length; i++) {
            double mean = one.hours() * rate.applyAsDouble(one.day()) * Math.exp(MOODS[i] - 0.9 * 0.9 / 2);
            sum += chances[i]
                    / all
                    * Math.exp(law.logChance(one.count(), Math.log(mean)))
                    * ofMoods(
                            law,
                            rest,
                            rate,
                            MOODS[i],
                            rest.isEmpty() ? 1 : rest.get(0).day() - one.day());
        }
        return sum;
    }

    private static double likelihood(Law law, List<Watched> record, java.util.function.DoubleUnaryOperator rate) {
        return law.moody ? ofMoods(law.law, record, rate, 0, 20) : likelihood(law.law, record, rate);
    }

    private static double likelihood(CountLaw law, List<Watched> record, java.util.function.DoubleUnaryOperator rate) {
        return Math.exp(record.stream()
                .mapToDouble(one -> law.logChance(one.count(), Math.log(one.hours() * rate.applyAsDouble(one.day()))))
                .sum());
    }

    private record Node(double first, double halfLife, double rest, double weight) {
        double calmOn(double perHour) {
            double share = perHour / first;
            return share >= 1
                    ? 0
                    : share <= rest
                            ? Double.POSITIVE_INFINITY
                            : halfLife * Math.log((1 - rest) / (share - rest)) / Math.log(2);
        }
    }

    private static List<Node> nodes() {
        double[] widths = IntStream.range(0, 9).mapToDouble(i -> -2.4 + 0.6 * i).toArray();
        double all = Arrays.stream(widths).map(z -> Math.exp(-z * z / 2)).sum();
        double[] rests = {0, 0.005, 0.02, 0.05, 0.09, 0.15, 0.23, 0.34, 0.48, 0.7};
        List<Node> nodes = new ArrayList<>();
        for (Law law : LAWS) {
            for (double z : widths) {
                double halfLife = 8 * Math.exp(z);
                double below = 0;
                for (int r = 0; r < rests.length; r++) {
                    double rest = rests[r];
                    double edge = r == rests.length - 1 ? 1 : (rest + rests[r + 1]) / 2;
                    double upTo = 1 - Math.pow(1 - edge, 2.5);
                    boolean asked = !law.moody || (r % 2 == 0 && Math.round((z + 2.4) / 0.6) % 2 == 0);
                    for (double first : asked ? RATES : new double[0]) {
                        nodes.add(new Node(
                                first,
                                halfLife,
                                rest,
                                rateChance(first)
                                        * Math.exp(-z * z / 2)
                                        / all
                                        * (upTo - below)
                                        * likelihood(law, RECORD, day -> first * left(halfLife, rest, day))));
                    }
                    below = upTo;
                }
            }
        }
        return nodes;
    }

    private static double share(List<Node> nodes, java.util.function.Predicate<Node> of) {
        return nodes.stream().filter(of).mapToDouble(Node::weight).sum()
                / nodes.stream().mapToDouble(Node::weight).sum();
    }

    private static double quantile(List<Node> nodes, java.util.function.ToDoubleFunction<Node> value, double share) {
        double all = nodes.stream().mapToDouble(Node::weight).sum();
        double sum = 0;
        for (Node node :
                nodes.stream().sorted(Comparator.comparingDouble(value)).toList()) {
            sum += node.weight / all;
            if (sum >= share) {
                return value.applyAsDouble(node);
            }
        }
        throw new AssertionError("there is no such share");
    }

    @Test
    void theRateOfADayAndTheDayOfCalm() {
        List<Node> nodes = nodes();
        Course course = Course.of(RECORD);
        for (double day : new double[] {0, 3, 20, 50}) {
            Interval rate = course.rate(day, 0.8);
            assertThat(rate.low())
                    .isCloseTo(
                            quantile(nodes, one -> one.first * left(one.halfLife, one.rest, day), 0.1), within(1e-6));
            assertThat(rate.high())
                    .isCloseTo(
                            quantile(nodes, one -> one.first * left(one.halfLife, one.rest, day), 0.9), within(1e-6));
            assertThat(course.chanceBelow(1.5, day))
                    .isCloseTo(share(nodes, one -> one.first * left(one.halfLife, one.rest, day) < 1.5), within(1e-8));
        }
        Interval calm = course.calmOn(2, 0.5);
        assertThat(calm.low()).isCloseTo(quantile(nodes, one -> one.calmOn(2), 0.25), within(1e-6));
        assertThat(calm.high()).isCloseTo(quantile(nodes, one -> one.calmOn(2), 0.75), within(1e-6));
        assertThat(course.calmOn(0.4, 0.3).low())
                .isCloseTo(quantile(nodes, one -> one.calmOn(0.4), 0.35), within(1e-6));
    }

    /** Settling by one of nine courses; staying as it is, or flaring up on some fourth day from the fifth on, to 2, 4 or 8 times what it had come to. */
    @Test
    void howManyTimesLikelierUnrestIs() {
        double settling = 0;
        double stays = 0;
        double flares = 0;
        double[] halfLives = {5, 10, 21};
        double[] rests = {0.05, 0.15, 0.3};
        int[] days = {5, 9, 13, 17};
        for (Law law : LAWS) {
            for (double first : RATES) {
                double chance = rateChance(first) / LAWS.size();
                double plain = law.moody || !CountLaw.POSSIBLE.contains(law.law)
                        ? 0
                        : rateChance(first) / CountLaw.POSSIBLE.size();
                stays += plain == 0 ? 0 : plain * likelihood(law, RECORD, day -> first);
                for (double halfLife : halfLives) {
                    for (double rest : rests) {
                        settling += chance / 9 * likelihood(law, RECORD, day -> first * left(halfLife, rest, day));
                        for (int flare : plain == 0 ? new int[0] : days) {
                            for (int times : new int[] {2, 4, 8}) {
                                // Levels stand in steps: what a flare comes to is the nearest.
                                double then = first * left(halfLife, rest, flare) * times;
                                double level = Math.exp(-4.5 + 0.3 * Math.round((Math.log(then) + 4.5) / 0.3));
                                flares += plain
                                        / 9
                                        / days.length
                                        / 3
                                        * likelihood(
                                                law,
                                                RECORD,
                                                day -> day < flare ? first * left(halfLife, rest, day) : level);
                            }
                        }
                    }
                }
            }
        }
        assertThat(SettlingAlarm.of(RECORD)).isCloseTo((stays + flares) / 2 / settling, within(1e-6));
        assertThat(SettlingAlarm.of(RECORD.subList(0, 2)))
                .as("before the fifth day nothing can have flared up")
                .isBetween(0.5, 2.0);
    }

    @Test
    void howManyTimesAsHighTheRateIsWithARemedy() {
        List<Watched> before = RECORD.subList(0, 2);
        List<Watched> after = RECORD.subList(2, 5);
        double[] halfLives = DoubleStream.of(
                        Math.log(0.25), -1.382994, -0.674490, -0.210428, 0.210428, 0.674490, 1.382994)
                .map(z -> 8 * Math.exp(z))
                .toArray();
        double[] rests = DoubleStream.concat(
                        DoubleStream.of(0.01),
                        IntStream.range(0, 4).mapToDouble(i -> 1 - Math.pow(1 - (i + 0.5) / 4, 0.4)))
                .toArray();
        double[] chances = new double[41];
        for (int i = 0; i < chances.length; i++) {
            double log = 0.3 * (i - 20);
            for (Law law : LAWS) {
                for (double halfLife : halfLives) {
                    for (double rest : rests) {
                        for (double first : RATES) {
                            chances[i] += rateChance(first)
                                    * Math.exp(-log * log / 2 / 2.25)
                                    * likelihood(law, before, day -> first * left(halfLife, rest, day))
                                    * likelihood(law, after, day -> first * Math.exp(log) * left(halfLife, rest, day));
                        }
                    }
                }
            }
        }
        double all = Arrays.stream(chances).sum();
        Help help = Help.of(before, after);
        double under = (Arrays.stream(chances, 0, 20).sum() + chances[20] / 2) / all;
        assertThat(help.chanceBelow(1)).isCloseTo(under, within(1e-5));
        double underHalf = IntStream.range(0, 41)
                        .mapToDouble(i ->
                                chances[i] * Math.max(0, Math.min(1, (Math.log(0.5) - 0.3 * (i - 20)) / 0.3 + 0.5)))
                        .sum()
                / all;
        assertThat(help.chanceBelow(0.5)).isCloseTo(underHalf, within(1e-5));
        // What lies below an end of an interval is its share.
        assertThat(help.chanceBelow(help.times(0.8).low())).isCloseTo(0.1, within(1e-9));
        assertThat(help.chanceBelow(help.times(0.8).high())).isCloseTo(0.9, within(1e-9));
        assertThat(help.chanceBelow(help.middle())).isCloseTo(0.5, within(1e-9));
        assertThat(RECORD.get(1).perHour()).isEqualTo(4);
    }
}
