package org.pelluna.core.species;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** Turns back a species whose figures contradict each other or cannot be. */
public final class SpeciesCheck {
    /** Adult lengths of clear swim that the least of tanks must offer. */
    private static final double ADULTS_TO_TURN = 3;

    private final List<String> faults = new ArrayList<>();

    private SpeciesCheck() {}

    /** Every fault, as a sentence; empty for a sound species. */
    public static List<String> faults(Species one) {
        SpeciesCheck check = new SpeciesCheck();
        check.names(one);
        check.sizes(one);
        check.life(one);
        return List.copyOf(check.faults);
    }

    /** Every fault of its figures, whatever its names. */
    public static List<String> figureFaults(Species one) {
        SpeciesCheck check = new SpeciesCheck();
        check.sizes(one);
        check.life(one);
        return List.copyOf(check.faults);
    }

    /** The fault of a genus that is not known, or is known from another family. */
    public static Optional<String> unknownGenus(Species one, Map<String, String> familyOfGenus) {
        return one.family().equals(familyOfGenus.get(one.genus()))
                ? Optional.empty()
                : Optional.of("the genus " + one.genus() + " is not known in the family " + one.family());
    }

    /** The fault of a gape that nothing living has. */
    static Optional<String> gapeFault(double gape) {
        return gape >= 0.01 && gape <= 0.8
                ? Optional.empty()
                : Optional.of("a gape is 0.01 to 0.8 of the own length, but was " + gape);
    }

    private void names(Species one) {
        require(
                one.id()
                        .key()
                        .equals(one.scientificName().toLowerCase(Locale.ROOT).replace(' ', '-')),
                "the key must be the scientific name, hyphened");
        require(one.genus().equals(one.scientificName().split(" ", 2)[0]), "the genus must head the scientific name");
    }

    private void sizes(Species one) {
        double sale = one.size().saleCm().value();
        double adult = one.size().adultCm().value();
        require(sale > 0, "the length at sale must be above 0 cm");
        require(adult > sale, "an adult must be longer than a fish at sale");
        require(one.size().maximumCm().value() >= adult, "the longest known must not be shorter than a usual adult");
        require(
                one.habits().isResting() || one.needs().swimCm().value() >= ADULTS_TO_TURN * adult,
                "an adult needs room to turn: 3 lengths");
        require(one.needs().volumeLitres().value() >= 10, "no marine fish does with less than 10 L");
        for (Species.Form form : one.forms()) {
            require(
                    form.untilCm().filter(cm -> cm >= adult).isEmpty(),
                    "the young must take on the adult's look before they are adult");
        }
    }

    private void life(Species one) {
        gapeFault(one.gape().value()).ifPresent(faults::add);
        within("von Bertalanffy's K", one.growth().ratePerYear().value(), 0.1, 3);
        within("the exponent b", one.growth().massB().value(), 2.5, 3.5);
        within("a lifespan in years", one.growth().lifespanYears().value(), 1, 60);
        within("feeds a day", one.habits().feedsPerDay().value(), 0.2, 12);
        double coolest = one.water().coolestCelsius().value();
        double warmest = one.water().warmestCelsius().value();
        require(coolest >= 5 && coolest < warmest && warmest <= 32, "the water is 5 to 32 °C, coolest first");
        within("a lowest specific gravity", one.water().lowestSpecificGravity().value(), 1, 1.026);
        require(
                one.habits().sleep() != Habits.Sleep.UNDER_SAND
                        || one.needs().sandCm().value() > 0,
                "a fish that sleeps under sand must name its depth");
        require(
                one.habits().diet() != Habits.Diet.PODS
                        || one.needs().podsMonths().value() > 0,
                "a pod eater must name the months a tank needs to grow its pods");
    }

    private void within(String what, double value, double least, double most) {
        require(value >= least && value <= most, what + " is " + least + " to " + most + ", but was " + value);
    }

    private void require(boolean holds, String otherwise) {
        if (!holds) {
            faults.add(otherwise);
        }
    }
}
