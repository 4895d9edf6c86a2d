package org.pelluna.core;

import java.time.LocalDate;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.pelluna.core.growth.GrowthCurve;
import org.pelluna.core.id.FishId;
import org.pelluna.core.id.SpeciesId;
import org.pelluna.core.id.WishId;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.HouseRules;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.plan.Wish;
import org.pelluna.core.species.Catalogue;
import org.pelluna.core.species.CatalogueFiles;
import org.pelluna.core.species.Species;
import org.pelluna.core.species.Temperament;
import org.pelluna.core.tank.AnimalGroup;
import org.pelluna.core.tank.Cover;
import org.pelluna.core.tank.Tank;
import org.pelluna.core.tank.TankShape;
import org.pelluna.core.tank.WaterRegime;
import org.pelluna.core.tank.WaterSpace;

/** Tanks, fish and plans for tests: an ordinary one first, then what a test wants to be different. */
public final class Fixtures {
    public static final LocalDate TODAY = LocalDate.of(2026, 11, 23);
    public static final Catalogue CATALOGUE = CatalogueFiles.shipped();

    private Fixtures() {}

    /** A settled reef of 150 × 55 × 58 cm that suits most fish: sand, mesh, refugium, three years old, empty of others. */
    public static Tank reef() {
        return new TankBuilder().build();
    }

    public static Species species(String id) {
        return CATALOGUE.get(new SpeciesId(id));
    }

    /** A fish of the given length that has its length on the given day. */
    public static Fish fish(String id, Species species, double lengthCm, LocalDate since) {
        return new Fish(
                new FishId(id),
                id,
                species,
                new GrowthCurve(
                        since,
                        lengthCm,
                        species.size().adultCm().value(),
                        species.growth().ratePerYear().value()));
    }

    public static Resident resident(String id, String speciesId, int daysAgo, double lengthCm) {
        return new Resident(
                new FishId(id), new SpeciesId(speciesId), id, TODAY.minusDays(daysAgo), lengthCm, Optional.empty());
    }

    public static Resident resident(String id, SpeciesId species, int daysAgo, double lengthCm) {
        return resident(id, species.key(), daysAgo, lengthCm);
    }

    public static Wish wish(SpeciesId species) {
        return wish(species.key(), 1);
    }

    public static Wish wish(String speciesId) {
        return wish(speciesId, 1);
    }

    /** A wish that its keeper keeps whatever speaks against it. */
    public static Wish kept(String speciesId) {
        return new Wish(
                new WishId("wish-" + speciesId),
                new SpeciesId(speciesId),
                1,
                Optional.empty(),
                Optional.empty(),
                Wish.Decision.IN,
                Optional.of("kept for the test"));
    }

    public static Wish wish(String speciesId, int count) {
        return new Wish(
                new WishId("wish-" + speciesId),
                new SpeciesId(speciesId),
                count,
                Optional.empty(),
                Optional.empty(),
                Wish.Decision.OPEN,
                Optional.empty());
    }

    public static TankPlan plan(Tank tank, List<Resident> residents, String... wished) {
        return plan(
                tank,
                HouseRules.USUAL,
                residents,
                Stream.of(wished).map(Fixtures::wish).toList());
    }

    public static TankPlan plan(Tank tank, HouseRules rules, List<Resident> residents, List<Wish> wishes) {
        return TankPlan.of(TODAY, tank, rules)
                .with(as -> as.residents(residents).wishes(wishes));
    }

    /** A species like the given one but for its temper. */
    public static Species withTemper(Species like, Temperament temper) {
        return like.individual(like.size(), temper);
    }

    /** Builds tanks that differ from {@link Fixtures#reef()} in a few points. */
    public static final class TankBuilder {
        private TankShape shape = new TankShape.Box(150, 55, 58);
        private WaterSpace water = WaterSpace.usual(4, 40, 50);
        private Optional<Double> swim = Optional.empty();
        private Optional<LocalDate> cycledOn = Optional.of(TODAY.minusYears(3));
        private Cover cover = new Cover(Cover.Kind.MESH, 5);
        private double sandCm = 8;
        private double refugiumLitres = 20;
        private Tank.Experience experience = Tank.Experience.SEASONED;
        private final Map<AnimalGroup, Double> holdings = new EnumMap<>(AnimalGroup.class);

        public TankBuilder shape(TankShape newShape) {
            shape = newShape;
            return this;
        }

        public TankBuilder water(WaterSpace newWater) {
            water = newWater;
            return this;
        }

        public TankBuilder swim(double cm) {
            swim = Optional.of(cm);
            return this;
        }

        public TankBuilder cycledOn(LocalDate day) {
            cycledOn = Optional.of(day);
            return this;
        }

        public TankBuilder cycling() {
            cycledOn = Optional.empty();
            return this;
        }

        public TankBuilder cover(Cover.Kind kind, double gapMm) {
            cover = new Cover(kind, gapMm);
            return this;
        }

        public TankBuilder sand(double cm) {
            sandCm = cm;
            return this;
        }

        public TankBuilder refugium(double litres) {
            refugiumLitres = litres;
            return this;
        }

        public TankBuilder firstTank() {
            experience = Tank.Experience.FIRST_TANK;
            return this;
        }

        public TankBuilder seasoned() {
            experience = Tank.Experience.SEASONED;
            return this;
        }

        public TankBuilder holding(AnimalGroup group, double smallestCm) {
            holdings.put(group, smallestCm);
            return this;
        }

        public Tank build() {
            return org.pelluna.core.tank.TankBuilder.builder()
                    .guesses(java.util.Set.of())
                    .cyclingSince(Optional.empty())
                    .name("Test reef")
                    .shape(shape)
                    .water(water)
                    .swimLengthCm(swim)
                    .cycledOn(cycledOn)
                    .cover(cover)
                    .sandDepthCm(sandCm)
                    .refugiumLitres(refugiumLitres)
                    .shelters(8)
                    .feedingPlaces(2)
                    .regime(new WaterRegime(25.5, 1.0255))
                    .experience(experience)
                    .holdings(holdings)
                    .build();
        }
    }
}
