package org.pelluna.core.learn;

import java.util.Map;
import java.util.Optional;
import org.pelluna.core.id.FishId;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.species.Species;

/**
 * What a tank's log has taught of its fish: a value that plans are judged with. The same log, residents and version of the model give the same.
 *
 * @param version of the model that learned them
 * @param encounters seen in declared watches
 * @param hours of declared watches
 * @param scale how many times as much is seen in this tank, as it is watched, as predicted; empty where nothing was watched
 * @param scaleCounts whether it feeds the plan; not if the keeper has taken it back
 * @param lessons what was learned of each fish
 */
public record Beliefs(
        int version,
        int encounters,
        double hours,
        Optional<Multiple> scale,
        boolean scaleCounts,
        Map<FishId, Lesson> lessons) {
    /** The version of today's model. */
    public static final int VERSION = 5;

    /** What is held possible of a tank of which nothing was seen. */
    public static final Multiple ANY_TANK = TemperamentModel.anyTank();

    /** Nothing. */
    public static final Beliefs NONE = new Beliefs(VERSION, 0, 0, Optional.empty(), false, Map.of());

    /** What is held possible of a fish of a species of which nothing was seen. */
    public static Multiple any(Species species) {
        return TemperamentModel.anyFish(species.temper().apart());
    }

    /** What was learned of a fish; empty if nothing was. */
    public Optional<Lesson> of(FishId fish) {
        return Optional.ofNullable(lessons.get(fish));
    }

    /**
     * The multiple of all pressures used for the tank; within a quarter and four times. 1 where nothing was watched or the keeper has taken it back.
     */
    public double seenTimes() {
        return scaleCounts ? scale.map(one -> Lesson.bounded(one.middle())).orElse(1.0) : 1;
    }

    /** A plan in which the tank and every fish are as they are believed to be, but for what the keeper has taken back. */
    public ResolvedPlan on(ResolvedPlan base) {
        return lessons.isEmpty() ? base : base.each(this::learned).seen(seenTimes());
    }

    private Fish learned(Fish fish) {
        return of(fish.id())
                .filter(Lesson::counts)
                .map(one -> fish.learned(one.factor(seenTimes()), one.factors(seenTimes())))
                .orElse(fish);
    }
}
