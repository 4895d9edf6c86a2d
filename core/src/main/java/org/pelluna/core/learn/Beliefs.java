package org.pelluna.core.learn;

import java.util.Map;
import java.util.Optional;
import org.pelluna.core.id.FishId;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.ResolvedPlan;

/**
 * What a tank's log has taught of its fish: a value that plans are judged with. The same log, residents and version of the model give the same.
 *
 * @param version of the model that learned them
 * @param encounters seen in declared watches
 * @param hours of declared watches
 * @param scale how many times as much is seen in this tank, as it is watched, as predicted; empty where nothing was watched
 * @param lessons what was learned of each fish
 */
public record Beliefs(
        int version, int encounters, double hours, Optional<Multiple> scale, Map<FishId, Lesson> lessons) {
    /** The version of today's model. */
    public static final int VERSION = 2;

    /** What is held possible of a tank, and of a fish, of which nothing was seen. */
    public static final Multiple ANY_TANK = Tempers.anyTank();

    public static final Multiple ANY_FISH = Tempers.anyFish();

    /** Nothing. */
    public static final Beliefs NONE = new Beliefs(VERSION, 0, 0, Optional.empty(), Map.of());

    /** What was learned of a fish; empty if nothing was. */
    public Optional<Lesson> of(FishId fish) {
        return Optional.ofNullable(lessons.get(fish));
    }

    /** A plan in which every fish is as it is believed to be, but for what the keeper has taken back. */
    public ResolvedPlan on(ResolvedPlan base) {
        return lessons.isEmpty() ? base : base.each(this::learned);
    }

    private Fish learned(Fish fish) {
        return of(fish.id())
                .filter(Lesson::counts)
                .map(one -> fish.learned(one.factor(), one.factors()))
                .orElse(fish);
    }
}
