package org.pelluna.core.species;

import org.pelluna.core.species.Species.Growth;
import org.pelluna.core.species.Species.Needs;
import org.pelluna.core.species.Species.Size;
import org.pelluna.core.species.Species.Water;

/** The figures of a species that a keeper may know better, each with its place in the record and in the data files. */
public enum SpeciesFigure {
    ADULT("adultCm", "usual adult length in tanks", Dimension.LENGTH),
    LONGEST("maximumCm", "longest known", Dimension.LENGTH),
    SOLD("saleCm", "length as sold", Dimension.LENGTH),
    VOLUME("volumeLitres", "water an adult needs", Dimension.VOLUME),
    SWIM("swimCm", "swimming length an adult needs", Dimension.LENGTH),
    AGE_OF_TANK("maturityMonths", "age of tank, months", Dimension.NUMBER),
    COOLEST("coolestCelsius", "coolest at its best", Dimension.TEMPERATURE),
    WARMEST("warmestCelsius", "warmest at its best", Dimension.TEMPERATURE),
    GRAVITY("lowestSpecificGravity", "lowest specific gravity", Dimension.NUMBER),
    FEEDS("feedsPerDay", "feeds a day", Dimension.NUMBER),
    YEARS("lifespanYears", "years it lives", Dimension.NUMBER),
    GAPE("gape", "largest prey, as a share of its length", Dimension.NUMBER);

    /** What kind of number it is, and so in which unit a keeper reads it. */
    public enum Dimension {
        LENGTH,
        VOLUME,
        TEMPERATURE,
        NUMBER
    }

    private final String field;
    private final String words;
    private final Dimension dimension;

    SpeciesFigure(String field, String words, Dimension dimension) {
        this.field = field;
        this.words = words;
        this.dimension = dimension;
    }

    /** Its name in the data files, which says its unit. */
    public String field() {
        return field;
    }

    /** Its name as a keeper reads it. */
    public String words() {
        return words;
    }

    public Dimension dimension() {
        return dimension;
    }

    /** The figure of a species. */
    public Sourced of(Species one) {
        return switch (this) {
            case ADULT -> one.size().adultCm();
            case LONGEST -> one.size().maximumCm();
            case SOLD -> one.size().saleCm();
            case VOLUME -> one.needs().volumeLitres();
            case SWIM -> one.needs().swimCm();
            case AGE_OF_TANK -> one.needs().maturityMonths();
            case COOLEST -> one.water().coolestCelsius();
            case WARMEST -> one.water().warmestCelsius();
            case GRAVITY -> one.water().lowestSpecificGravity();
            case FEEDS -> one.habits().feedsPerDay();
            case YEARS -> one.growth().lifespanYears();
            case GAPE -> one.gape();
        };
    }

    /** The species with another figure. An adult longer than the longest known becomes the longest known. */
    public Species in(Species one, Sourced to) {
        Size size = one.size();
        Needs needs = one.needs();
        Water water = one.water();
        return switch (this) {
            case ADULT -> {
                Sourced longest = to.value() > size.maximumCm().value() ? to : size.maximumCm();
                yield one.with(as -> as.size(new Size(size.measure(), longest, to, size.saleCm())));
            }
            case LONGEST -> one.with(as -> as.size(new Size(size.measure(), to, size.adultCm(), size.saleCm())));
            case SOLD -> one.with(as -> as.size(new Size(size.measure(), size.maximumCm(), size.adultCm(), to)));
            case VOLUME ->
                one.with(as -> as.needs(new Needs(
                        to, needs.swimCm(), needs.sandCm(), needs.maturityMonths(), needs.podsMonths(), needs.care())));
            case SWIM ->
                one.with(as -> as.needs(new Needs(
                        needs.volumeLitres(),
                        to,
                        needs.sandCm(),
                        needs.maturityMonths(),
                        needs.podsMonths(),
                        needs.care())));
            case AGE_OF_TANK ->
                one.with(as -> as.needs(new Needs(
                        needs.volumeLitres(), needs.swimCm(), needs.sandCm(), to, needs.podsMonths(), needs.care())));
            case COOLEST ->
                one.with(as ->
                        as.water(new Water(to, water.warmestCelsius(), water.lowestSpecificGravity(), water.light())));
            case WARMEST ->
                one.with(as ->
                        as.water(new Water(water.coolestCelsius(), to, water.lowestSpecificGravity(), water.light())));
            case GRAVITY ->
                one.with(as -> as.water(new Water(water.coolestCelsius(), water.warmestCelsius(), to, water.light())));
            case FEEDS -> one.with(as -> as.habits(one.habits().feeding(to)));
            case YEARS -> {
                Growth growth = one.growth();
                yield one.with(as -> as.growth(new Growth(growth.ratePerYear(), growth.massA(), growth.massB(), to)));
            }
            case GAPE -> one.with(as -> as.gape(to));
        };
    }
}
