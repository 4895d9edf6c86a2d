package org.pelluna.core.species;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.pelluna.core.id.SpeciesId;
import org.pelluna.core.tank.AnimalGroup;

/**
 * One species of the catalogue. Names follow Darwin Core terms.
 *
 * @param id stable key: the scientific name in lower case with a hyphen, for example {@code gramma-loreto}
 * @param scientificName genus and specific epithet
 * @param genus genus
 * @param family family
 * @param vernacularNames common names, the most usual first; at least one
 * @param otherNames former scientific names, and names in other languages
 * @param size lengths
 * @param growth growth, mass and lifespan
 * @param look body form, pattern and colours
 * @param forms how the young, or one sex, look where a keeper would not know the adult
 * @param habits where it lives and what it eats
 * @param temper how it takes to others
 * @param company whom of its own kind it needs or bears
 * @param gape the largest prey it can swallow, as a share of its own length, above 0 and below 1
 * @param reef what it does to each group of animals; a group not named is left alone
 * @param needs what it asks of a tank
 * @param water what water it wants
 * @param jumping how readily it leaves the water
 * @param hazards how it can hurt the keeper
 * @param disturbs what it breaks or moves
 * @param ailments what it often brings along
 * @param benefits what it does for the tank
 * @param trade price, availability and origin
 * @param note trade or conservation note worth knowing before buying
 */
@RecordBuilder
public record Species(
        SpeciesId id,
        String scientificName,
        String genus,
        String family,
        List<String> vernacularNames,
        OtherNames otherNames,
        Size size,
        Growth growth,
        Appearance look,
        List<Form> forms,
        Habits habits,
        Temperament temper,
        SocialGrouping company,
        Sourced gape,
        Map<AnimalGroup, ReefStance> reef,
        Needs needs,
        Water water,
        Jumping jumping,
        List<Hazard> hazards,
        List<Disturbance> disturbs,
        List<Ailment> ailments,
        List<Benefit> benefits,
        Trade trade,
        Optional<String> note)
        implements SpeciesBuilder.With {

    public Species {
        if (vernacularNames.isEmpty()) {
            throw new IllegalArgumentException(id + " needs a common name");
        }
        vernacularNames = List.copyOf(vernacularNames);
        EnumMap<AnimalGroup, ReefStance> copy = new EnumMap<>(AnimalGroup.class);
        copy.putAll(reef);
        reef = Collections.unmodifiableMap(copy);
        forms = List.copyOf(forms);
        hazards = List.copyOf(hazards);
        disturbs = List.copyOf(disturbs);
        ailments = List.copyOf(ailments);
        benefits = List.copyOf(benefits);
    }

    /**
     * The clear swim that one of this length wants, cm: what its kind wants, and so many of its own lengths if it travels; none if
     * it rests.
     */
    public double swimWantedCm(double ofCm, double ownLengths) {
        if (habits.isResting()) {
            return 0;
        }
        boolean travels = habits.swimming() == Habits.Swimming.CRUISES || habits.swimming() == Habits.Swimming.ROAMS;
        return Math.max(needs.swimCm().value(), travels ? ownLengths * ofCm : 0);
    }

    /** Every name it has or had, without authors: common ones, the scientific one, former ones, those of other languages. */
    public List<String> names() {
        return Stream.of(
                        vernacularNames.stream(),
                        Stream.of(scientificName),
                        otherNames.formerBinomials().stream(),
                        otherNames.foreign())
                .flatMap(each -> each)
                .toList();
    }

    /** The most usual common name. */
    public String commonName() {
        return vernacularNames.get(0);
    }

    /** The same species as an individual of another temper and adult length shows it. */
    public Species individual(Size ownSize, Temperament ownTemper) {
        return with(as -> as.size(ownSize).temper(ownTemper));
    }

    /**
     * Another species like this one.
     *
     * @param ownId its key
     * @param name its scientific name; it stays in this family
     * @param commonName its common name
     * @param ownNote what to know of it
     */
    public Species kindred(
            SpeciesId ownId,
            String name,
            String commonName,
            Size ownSize,
            Temperament ownTemper,
            Sourced ownGape,
            Map<AnimalGroup, ReefStance> ownReef,
            Needs ownNeeds,
            String ownNote) {
        return with(as -> as.id(ownId)
                .scientificName(name)
                .genus(name.split(" ", 2)[0])
                .vernacularNames(List.of(commonName))
                .otherNames(OtherNames.NONE)
                .size(ownSize)
                .forms(forms.stream()
                        .filter(form -> form.untilCm()
                                .filter(cm -> cm >= ownSize.adultCm().value())
                                .isEmpty())
                        .toList())
                .temper(ownTemper)
                .gape(ownGape)
                .reef(ownReef)
                .needs(ownNeeds)
                .note(Optional.of(ownNote)));
    }

    /** How a fish of this length looks: as the young do while it is shorter than they are when they change. */
    public Appearance lookAt(double lengthCm) {
        return forms.stream()
                .filter(form -> form.untilCm().filter(cm -> lengthCm < cm).isPresent())
                .map(Form::look)
                .findFirst()
                .orElse(look);
    }

    /**
     * A look other than the usual adult's.
     *
     * @param form whose look it is
     * @param untilCm length at which the young take on the adult's look, cm; empty for the sexes
     * @param look the look
     */
    public record Form(Form.Kind form, Optional<Double> untilCm, Appearance look) {
        /** Whose look. */
        public enum Kind {
            JUVENILE,
            MALE,
            FEMALE
        }
    }

    /**
     * Lengths, cm.
     *
     * @param measure how the maximum is measured
     * @param maximumCm the longest known in the wild
     * @param adultCm what adults usually reach in tanks
     * @param saleCm usual length when sold
     */
    public record Size(Measure measure, Sourced maximumCm, Sourced adultCm, Sourced saleCm) {
        /** Total length runs to the tip of the tail, standard length to its root. */
        public enum Measure {
            TOTAL_LENGTH,
            STANDARD_LENGTH
        }
    }

    /**
     * Growth, mass and age.
     *
     * @param ratePerYear von Bertalanffy's K
     * @param massA condition factor a of W = a·L^b, g/cm^b
     * @param massB exponent b
     * @param lifespanYears years it can live in good care
     */
    public record Growth(Sourced ratePerYear, Sourced massA, Sourced massB, Sourced lifespanYears) {}

    /**
     * What it asks of a tank.
     *
     * @param volumeLitres water volume for life, L
     * @param swimCm clear swim length for life, cm
     * @param sandCm depth of sand it cannot do without, cm; 0 for none
     * @param maturityMonths age of tank before which it should not come, months since cycled
     * @param podsMonths months a tank needs to grow the live pods it lives on; 0 if it does not
     * @param care what it asks of the keeper
     */
    public record Needs(
            Sourced volumeLitres,
            Sourced swimCm,
            Sourced sandCm,
            Sourced maturityMonths,
            Sourced podsMonths,
            Care care) {
        /**
         * The share of the water for life with which it may do: tables give sizes of tanks, of which some sixth is rock and sand, and are rounded; common practice.
         */
        public static final double NEARLY_WATER = 0.85;

        /** The share of the clear swim for life with which it may do: lengths asked for are rounded by more; ours. */
        public static final double NEARLY_SWIM = 0.9;
    }

    /**
     * What water it wants.
     *
     * @param coolestCelsius the coolest water in which it does its best for life
     * @param warmestCelsius the warmest
     * @param lowestSpecificGravity lowest lasting specific gravity, 25 °C/25 °C
     * @param light whether it bears a brightly lit tank or wants it dim
     */
    public record Water(Sourced coolestCelsius, Sourced warmestCelsius, Sourced lowestSpecificGravity, Light light) {
        /**
         * So much cooler or warmer it still bears for life, K; what lies further out harms it. Assumed for every species alike: common
         * practice.
         */
        public static final double BORNE_BEYOND_CELSIUS = 2;

        /** Light it wants. */
        public enum Light {
            BRIGHT,
            DIM
        }
    }
}
