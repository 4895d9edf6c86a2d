package org.pelluna.core.story;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeMap;
import org.pelluna.core.arrival.Arrival;
import org.pelluna.core.assess.Assessment;
import org.pelluna.core.id.FishId;
import org.pelluna.core.losses.Loss;
import org.pelluna.core.plan.Departure;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.plan.WaterTest;
import org.pelluna.core.pressure.Encounters;
import org.pelluna.core.pressure.Pressure;
import org.pelluna.core.tension.Warning;
import org.pelluna.core.timeline.Timeline;
import org.pelluna.core.units.Numbers;
import org.pelluna.core.watch.Exposure;
import org.pelluna.core.watch.Grade;
import org.pelluna.core.watch.LogEntry;

/**
 * The story of one tank, from its first arrival to the last one planned.
 *
 * @param from the first day
 * @param today the day of the plan
 * @param to the last day
 * @param lanes a lane for each fish, in order of arrival, those to come last
 * @param met what fish did to each other, a day and a pair at a time, in order
 * @param marks signs, tests that passed a limit, spawnings, and what asks to be looked at today
 * @param tried remedies, in order
 * @param tension predicted against seen, up to today
 */
public record Story(
        LocalDate from,
        LocalDate today,
        LocalDate to,
        List<Lane> lanes,
        List<Met> met,
        List<Mark> marks,
        List<Tried> tried,
        List<Tension> tension) {

    /** The curve of tension has so many steps at most; a step is a week at least. */
    private static final int MOST_STEPS = 60;

    private static final int AHEAD_DAYS = 14;

    public Story {
        lanes = List.copyOf(lanes);
        met = List.copyOf(met);
        marks = List.copyOf(marks);
        tried = List.copyOf(tried);
        tension = List.copyOf(tension);
    }

    /** The story of an assessed plan; a tank without any fish has a fortnight before it and after. */
    public static Story of(Assessment assessment) {
        ResolvedPlan stock = assessment.stock();
        TankPlan plan = stock.plan();
        LocalDate today = plan.asOf();
        List<Lane> lanes = new ArrayList<>(lived(stock));
        lanes.addAll(planned(assessment));
        LocalDate from =
                lanes.stream().map(Lane::from).min(LocalDate::compareTo).orElse(today.minusDays(AHEAD_DAYS));
        LocalDate to = lanes.stream()
                .map(Lane::from)
                .max(LocalDate::compareTo)
                .orElse(today)
                .plusDays(AHEAD_DAYS);
        LocalDate begin = from.isAfter(today) ? today : from;
        return new Story(
                begin,
                today,
                to.isAfter(today) ? to : today.plusDays(AHEAD_DAYS),
                lanes,
                met(plan),
                marks(plan),
                plan.observations().remedies().stream()
                        .map(one -> new Tried(one.kind().words(), one.fishId(), one.from(), one.until()))
                        .sorted(Comparator.comparing(Tried::from))
                        .toList(),
                tension(stock, begin));
    }

    private static List<Lane> lived(ResolvedPlan stock) {
        Map<FishId, Fish> known = new HashMap<>();
        stock.timeline().stays().forEach(stay -> known.putIfAbsent(stay.who().id(), stay.who()));
        Map<FishId, Loss> lost = new HashMap<>();
        stock.plan().losses().forEach(loss -> loss.linkedTo().ifPresent(fish -> lost.put(fish, loss)));
        return stock.plan().residents().stream()
                .filter(one -> known.containsKey(one.id()))
                .sorted(Comparator.comparing(Resident::arrivedOn).thenComparing(Resident::name))
                .map(one -> new Lane(
                        one.id(),
                        one.name(),
                        java.util.Objects.requireNonNull(known.get(one.id())),
                        one.stays().stream()
                                .map(stay -> new Lane.Days(stay.cameOn(), stay.leftOn()))
                                .toList(),
                        one.leftOn().map(day -> end(one, day, Optional.ofNullable(lost.get(one.id())))),
                        false))
                .filter(lane -> !lane.stays().isEmpty())
                .toList();
    }

    private static Lane.End end(Resident fish, LocalDate on, Optional<Loss> loss) {
        return loss.map(one -> new Lane.End(on, "lost: " + one.cause().words(), true))
                .orElseGet(() -> fish.noted()
                        .departure()
                        .map(Departure::kind)
                        .map(kind -> new Lane.End(on, kind.words(), false))
                        .orElse(new Lane.End(on, "left", false)));
    }

    private static List<Lane> planned(Assessment assessment) {
        List<Lane> lanes = new ArrayList<>();
        for (Arrival arrival : assessment.order().arrivals()) {
            assessment.stock().wishes().stream()
                    .filter(one -> arrival.wishIds().contains(one.wish().id()))
                    .forEach(one -> lanes.add(new Lane(
                            one.fish().id(),
                            (one.count() > 1 ? one.count() + " × " : "")
                                    + one.species().commonName(),
                            one.fish().on(arrival.date()),
                            List.of(new Lane.Days(arrival.date(), Optional.empty())),
                            Optional.empty(),
                            true)));
        }
        return lanes;
    }

    /** One pair on one day. */
    private record Key(LocalDate on, FishId by, FishId to) implements Comparable<Key> {
        private static final Comparator<Key> ORDER =
                Comparator.comparing(Key::on).thenComparing(Key::by).thenComparing(Key::to);

        @Override
        public int compareTo(Key other) {
            return ORDER.compare(this, other);
        }
    }

    private static List<Met> met(TankPlan plan) {
        Map<Key, Met> met = new TreeMap<>();
        for (LogEntry entry : plan.log()) {
            Grade.of(entry).ifPresent(grade -> {
                LocalDate on = entry.at().toLocalDate();
                FishId by = entry.aggressorId().orElseThrow();
                FishId to = entry.fishId().orElseThrow();
                met.merge(
                        new Key(on, by, to),
                        new Met(on, by, to, 1, grade, entry.id()),
                        (one, more) -> new Met(
                                on,
                                by,
                                to,
                                one.count() + 1,
                                one.worst().compareTo(more.worst()) < 0 ? more.worst() : one.worst(),
                                one.worst().compareTo(more.worst()) < 0 ? more.entry() : one.entry()));
            });
        }
        return List.copyOf(met.values());
    }

    private static List<Mark> marks(TankPlan plan) {
        List<Mark> marks = new ArrayList<>();
        plan.observations()
                .signs()
                .forEach(sign -> marks.add(new Mark(
                        Mark.Kind.SIGN,
                        sign.at().toLocalDate(),
                        Optional.of(sign.fishId()),
                        sign.kind().words())));
        for (LogEntry entry : plan.log()) {
            if (entry.kind() == LogEntry.Kind.INJURY && entry.aggressorId().isEmpty()) {
                marks.add(new Mark(Mark.Kind.SIGN, entry.at().toLocalDate(), entry.fishId(), "an injury"));
            } else if (entry.kind() == LogEntry.Kind.SPAWNED) {
                marks.add(new Mark(Mark.Kind.SPAWNED, entry.at().toLocalDate(), entry.fishId(), "spawned"));
            }
        }
        for (WaterTest test : plan.waterTests()) {
            if (!test.kind().suits(test.value(), plan.houseRules().husbandry())) {
                marks.add(new Mark(
                        Mark.Kind.TEST_OVER_LIMIT,
                        test.on(),
                        Optional.empty(),
                        test.kind().words() + " "
                                + Numbers.plain(test.value(), test.kind().decimals())
                                + (test.kind().unit().isEmpty()
                                        ? ""
                                        : " " + test.kind().unit())));
            }
        }
        for (Warning one : Warning.of(plan)) {
            marks.add(new Mark(Mark.Kind.WARNING, plan.asOf(), Optional.of(one.fishId()), one.words()));
        }
        marks.sort(Comparator.comparing(Mark::on));
        return marks;
    }

    private static List<Tension> tension(ResolvedPlan stock, LocalDate from) {
        LocalDate today = stock.plan().asOf();
        long days = ChronoUnit.DAYS.between(from, today) + 1;
        int step = (int) Math.max(7, (days + MOST_STEPS - 1) / MOST_STEPS);
        Exposure exposure =
                Exposure.of(stock.plan().log(), stock.plan().observations().watches());
        Timeline<Fish> timeline = stock.timeline();
        List<Tension> tension = new ArrayList<>();
        for (LocalDate day = from; !day.isAfter(today); day = day.plusDays(step)) {
            LocalDate end = day.plusDays(step);
            LocalDate middle = day.plusDays(step / 2);
            LocalDate at = middle.isAfter(today) ? today : middle;
            double hours = exposure.days().subMap(day, true, end, false).values().stream()
                    .mapToDouble(Double::doubleValue)
                    .sum();
            double predicted = Encounters.of(stock.only(timeline.presentOn(at), at)).amongResidents().stream()
                    .mapToDouble(Pressure::perHour)
                    .sum();
            tension.add(new Tension(
                    day,
                    end.minusDays(1),
                    predicted,
                    hours > 0
                            ? OptionalDouble.of(exposure.encounters(day, end).size() / hours)
                            : OptionalDouble.empty()));
        }
        return tension;
    }

    /** Whose name a key stands for. */
    public Optional<Lane> lane(FishId fish) {
        return lanes.stream().filter(one -> one.fish().equals(fish)).findFirst();
    }

    /** Everything that concerns one fish, and all that concerns the whole tank. */
    public Story about(FishId fish) {
        return new Story(
                from,
                today,
                to,
                lanes,
                met.stream()
                        .filter(one -> one.by().equals(fish) || one.to().equals(fish))
                        .toList(),
                marks.stream()
                        .filter(one -> one.fish().isEmpty() || one.fish().get().equals(fish))
                        .toList(),
                tried.stream()
                        .filter(one -> one.fish().isEmpty() || one.fish().get().equals(fish))
                        .toList(),
                tension);
    }
}
