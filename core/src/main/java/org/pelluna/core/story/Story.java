package org.pelluna.core.story;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.pelluna.core.assess.Assessment;
import org.pelluna.core.id.FishId;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.tension.Warning;

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
        List<DailyEncounters> met,
        List<Mark> marks,
        List<RemedyLane> tried,
        List<Tension> tension) {

    private static final int AHEAD_DAYS = 14;

    public Story {
        lanes = List.copyOf(lanes);
        met = List.copyOf(met);
        marks = List.copyOf(marks);
        tried = List.copyOf(tried);
        tension = List.copyOf(tension);
    }

    /**
     * The story of an assessed plan; a tank without any fish has two weeks before it and after.
     *
     * @param warnings what asks to be looked at today
     */
    public static Story of(Assessment assessment, List<Warning> warnings) {
        ResolvedPlan stock = assessment.stock();
        TankPlan plan = stock.plan();
        LocalDate today = plan.asOf();
        List<Lane> lanes = new ArrayList<>(Lanes.lived(stock));
        lanes.addAll(Lanes.planned(assessment));
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
                EncounterDays.of(plan),
                Marks.of(plan, warnings),
                plan.observations().remedies().stream()
                        .map(one -> new RemedyLane(one.kind().words(), one.fishId(), one.from(), one.until()))
                        .sorted(Comparator.comparing(RemedyLane::from))
                        .toList(),
                TensionCurve.of(stock, begin));
    }

    /** Whose name a key stands for. */
    public Optional<Lane> lane(FishId fish) {
        return lanes.stream().filter(one -> one.fish().equals(fish)).findFirst();
    }

    /** What a fish is called. */
    public String name(FishId fish) {
        return lane(fish).map(Lane::name).orElse("a fish that is gone");
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
