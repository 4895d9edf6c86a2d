package org.pelluna.core.plan;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import org.pelluna.core.id.FishId;

/** What happened to several fish of one species together. */
public sealed interface BondHappening extends Happening {
    List<FishId> fish();

    /** The plan without it. */
    TankPlan takenBack(TankPlan plan);

    @Override
    default String subject() {
        return fish().get(0).key();
    }

    /** They came together. */
    record CameTogether(List<FishId> fish, Life.Bonded bond) implements BondHappening {
        public CameTogether {
            fish = List.copyOf(fish);
            if (fish.size() < 2 || Set.copyOf(fish).size() < fish.size()) {
                throw new IllegalArgumentException("a bond is of two fish or more");
            }
            if (bond.kind() == Life.Bond.PAIR && fish.size() != 2) {
                throw new IllegalArgumentException("a pair is two fish");
            }
        }

        @Override
        public TankPlan applyTo(TankPlan plan) {
            long kinds = fish.stream()
                    .map(id -> Happening.resident(plan, id).speciesId())
                    .distinct()
                    .count();
            if (kinds > 1) {
                throw new IllegalArgumentException("fish of two species form no bond");
            }
            return each(plan, fish, bonds -> Lists.with(bonds, List.of(bond)));
        }

        @Override
        public TankPlan takenBack(TankPlan plan) {
            return each(plan, fish, bonds -> Lists.without(bonds, Life.Bonded::bond, Set.of(bond.bond())));
        }
    }

    /** They parted. */
    record Parted(List<FishId> fish, String bond, LocalDate on) implements BondHappening {
        @Override
        public TankPlan applyTo(TankPlan plan) {
            return until(plan, Optional.of(on));
        }

        @Override
        public TankPlan takenBack(TankPlan plan) {
            return until(plan, Optional.empty());
        }

        private TankPlan until(TankPlan plan, Optional<LocalDate> day) {
            return each(
                    plan,
                    fish,
                    bonds -> bonds.stream()
                            .map(one -> one.bond().equals(bond)
                                    ? new Life.Bonded(one.bond(), one.kind(), one.from(), day)
                                    : one)
                            .toList());
        }
    }

    private static TankPlan each(TankPlan plan, List<FishId> fish, UnaryOperator<List<Life.Bonded>> change) {
        return plan.withResidents(plan.residents().stream()
                .map(one -> fish.contains(one.id())
                        ? one.with(one.noted().bonds(change.apply(one.noted().bonds())))
                        : one)
                .toList());
    }
}
