package org.pelluna.core.assess;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.pelluna.core.arrival.Arrival;
import org.pelluna.core.headroom.Headroom;
import org.pelluna.core.headroom.Load;
import org.pelluna.core.id.FishId;
import org.pelluna.core.id.WishId;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.pressure.Pressure;
import org.pelluna.core.shortlist.Verdict;

/**
 * What would be otherwise if one fish were not here: told before it leaves.
 *
 * @param turns wishes judged otherwise then, in the order of the list
 * @param dates arrivals that would come sooner or later then
 * @param ends pressures that end with it, the hardest first
 * @param before the load counted by the house's approach with all grown, as it is
 * @param after and as it would be
 */
public record WithoutFish(List<Turn> turns, List<Shift> dates, List<Pressure> ends, Load before, Load after) {

    /** A wish whose verdict turns. */
    public record Turn(WishId wishId, String name, Verdict before, Verdict after) {}

    /** An arrival that gets another day; a day is empty where the wish has none. */
    public record Shift(WishId wishId, String name, Optional<LocalDate> before, Optional<LocalDate> after) {}

    /**
     * Judges a plan without one of its fish.
     *
     * @param now the plan as it is judged with it
     */
    public static WithoutFish of(Assessment now, FishId fishId) {
        Assessment then = Assessment.of(now.stock().without(fishId));
        Map<WishId, Verdict> judged = new HashMap<>();
        then.judgements().forEach(one -> judged.put(one.wished().wish().id(), one.verdict()));
        List<Turn> turns = now.judgements().stream()
                .map(one -> new Turn(
                        one.wished().wish().id(),
                        one.wished().species().commonName(),
                        one.verdict(),
                        judged.getOrDefault(one.wished().wish().id(), one.verdict())))
                .filter(turn -> turn.before() != turn.after())
                .toList();
        Map<WishId, LocalDate> before = days(now);
        Map<WishId, LocalDate> after = days(then);
        List<Shift> dates = now.judgements().stream()
                .map(one -> new Shift(
                        one.wished().wish().id(),
                        one.wished().species().commonName(),
                        Optional.ofNullable(before.get(one.wished().wish().id())),
                        Optional.ofNullable(after.get(one.wished().wish().id()))))
                .filter(shift -> !shift.before().equals(shift.after()))
                .toList();
        List<Pressure> ends = now.today().stream()
                .filter(one ->
                        one.aggressorId().equals(fishId) || one.victimId().equals(fishId))
                .sorted(Comparator.comparingDouble(Pressure::perHour).reversed())
                .toList();
        return new WithoutFish(turns, dates, ends, load(now.stock()), load(then.stock()));
    }

    private static Map<WishId, LocalDate> days(Assessment assessment) {
        Map<WishId, LocalDate> days = new HashMap<>();
        for (Arrival arrival : assessment.order().arrivals()) {
            arrival.wishIds().forEach(id -> days.put(id, arrival.date()));
        }
        return days;
    }

    private static Load load(ResolvedPlan stock) {
        TankPlan plan = stock.plan();
        return new Headroom(plan.tank(), plan.houseRules(), plan.asOf())
                .of(
                        plan.houseRules().approaches().ceiling(),
                        stock.withAbsent().residents(),
                        (Fish fish) -> fish.growth().adultLengthCm())
                .get(0);
    }
}
