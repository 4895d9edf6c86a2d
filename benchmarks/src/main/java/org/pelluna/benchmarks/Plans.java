package org.pelluna.benchmarks;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import org.pelluna.core.id.FishId;
import org.pelluna.core.id.WishId;
import org.pelluna.core.plan.HouseRules;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.plan.Wish;
import org.pelluna.core.species.Catalogue;
import org.pelluna.core.species.CatalogueFiles;
import org.pelluna.core.species.Species;
import org.pelluna.core.tank.AnimalGroup;
import org.pelluna.core.tank.Cover;
import org.pelluna.core.tank.Tank;
import org.pelluna.core.tank.TankBuilder;
import org.pelluna.core.tank.TankShape;
import org.pelluna.core.tank.WaterRegime;
import org.pelluna.core.tank.WaterSpace;

/** Plans to measure with. */
public final class Plans {
    /** The day of every plan. */
    public static final LocalDate TODAY = LocalDate.of(2026, 11, 23);

    /** The shipped catalogue. */
    public static final Catalogue CATALOGUE = CatalogueFiles.shipped();

    private Plans() {}

    /** So many species, spread over the families. */
    public static List<Species> spread(int count) {
        List<Species> all = List.copyOf(CATALOGUE.all());
        return IntStream.range(0, count)
                .mapToObj(i -> all.get(i * all.size() / count))
                .toList();
    }

    /** A large tank with some residents, and wishes that are all in the plan. */
    public static ResolvedPlan stock(List<Species> living, List<Species> wished, LocalDate cycledOn) {
        Tank tank = TankBuilder.builder()
                .guesses(java.util.Set.of())
                .cyclingSince(Optional.empty())
                .name("Bench")
                .shape(new TankShape.Box(240, 70, 70))
                .water(WaterSpace.usual(4, 90, 150))
                .cycledOn(Optional.of(cycledOn))
                .cover(new Cover(Cover.Kind.MESH, 5))
                .sandDepthCm(8)
                .refugiumLitres(40)
                .shelters(14)
                .feedingPlaces(3)
                .regime(new WaterRegime(25.5, 1.0255))
                .experience(Tank.Experience.SEASONED)
                .holdings(Map.of(AnimalGroup.SHRIMPS, 4.0, AnimalGroup.SOFT_CORALS, 5.0, AnimalGroup.SNAILS, 1.5))
                .build();
        List<Resident> residents = IntStream.range(0, living.size())
                .mapToObj(i -> new Resident(
                        new FishId("r" + i),
                        living.get(i).id(),
                        "Fish " + i,
                        TODAY.minusDays(30L + i),
                        5,
                        Optional.empty()))
                .toList();
        List<Wish> wishes = wished.stream()
                .map(one -> new Wish(
                        new WishId("w-" + one.id()),
                        one.id(),
                        1,
                        Optional.empty(),
                        Optional.empty(),
                        Wish.Decision.IN,
                        Optional.empty()))
                .toList();
        return ResolvedPlan.of(
                TankPlan.of(TODAY, tank, HouseRules.USUAL)
                        .with(as -> as.residents(residents).wishes(wishes)),
                CATALOGUE);
    }
}
