package org.pelluna.core.plan;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.pelluna.core.finding.Provenance;
import org.pelluna.core.id.SpeciesId;
import org.pelluna.core.species.Catalogue;
import org.pelluna.core.species.ReefStance;
import org.pelluna.core.species.Sourced;
import org.pelluna.core.species.Species;
import org.pelluna.core.species.SpeciesCheck;
import org.pelluna.core.stored.IfAbsent;
import org.pelluna.core.tank.AnimalGroup;

/**
 * A species its keeper adds to a plan because the catalogue lacks it: like one of the catalogue, save for what is said
 * here. What is said counts as entered; all else stays as it is known of the other.
 *
 * @param id key, beginning with {@value #PREFIX} so that it never meets one of the catalogue
 * @param scientificName genus and specific epithet
 * @param commonName what the keeper calls it
 * @param like key of the species of the catalogue it resembles most in looks and life
 * @param adultCm length adults usually reach in tanks, cm
 * @param saleCm usual length when sold, cm
 * @param volumeLitres water volume for life, L
 * @param swimCm clear swim length for life, cm
 * @param gape the largest prey it can swallow, as a share of its own length
 * @param temperFactor its temper as a multiple of the other's, 0.1 to 4
 * @param reef what it does to groups of animals where this differs from the other
 * @param note where this is known from; stays visible
 */
public record OwnSpecies(
        SpeciesId id,
        String scientificName,
        String commonName,
        SpeciesId like,
        double adultCm,
        double saleCm,
        double volumeLitres,
        double swimCm,
        double gape,
        @IfAbsent("1") double temperFactor,
        Map<AnimalGroup, ReefStance.Conduct> reef,
        @IfAbsent("\"not noted\"") String note) {

    /** How every key of an own species begins. */
    public static final String PREFIX = "own-";

    public OwnSpecies {
        if (!id.key().startsWith(PREFIX)) {
            throw new IllegalArgumentException("the key of an own species begins with '" + PREFIX + "'");
        }
        if (!scientificName.matches("[A-Z][a-z]+ [a-z][a-z. -]*")) {
            throw new IllegalArgumentException("a scientific name is a genus and an epithet, such as Gramma loreto");
        }
        if (commonName.isBlank() || note.isBlank()) {
            throw new IllegalArgumentException(
                    "an own species needs a common name, and a word on where it is known from");
        }
        if (!(temperFactor >= 0.1 && temperFactor <= 4)) {
            throw new IllegalArgumentException("temperament is 0.1 to 4 times the other's, but was " + temperFactor);
        }
        EnumMap<AnimalGroup, ReefStance.Conduct> copy = new EnumMap<>(AnimalGroup.class);
        copy.putAll(reef);
        reef = java.util.Collections.unmodifiableMap(copy);
    }

    /**
     * The catalogue with these added.
     *
     * @throws IllegalArgumentException if one resembles a species the catalogue lacks
     */
    public static Catalogue added(List<OwnSpecies> own, Catalogue catalogue) {
        return catalogue.with(
                own.stream().map(one -> one.from(catalogue.get(one.like()))).toList());
    }

    /** The whole species. */
    public Species from(Species other) {
        Map<AnimalGroup, ReefStance> stances = new EnumMap<>(AnimalGroup.class);
        stances.putAll(other.reef());
        reef.forEach(
                (group, conduct) -> stances.put(group, new ReefStance(conduct, Optional.empty(), Provenance.KEEPER)));
        Species.Needs needs = other.needs();
        return other.kindred(
                id,
                scientificName,
                commonName,
                new Species.Size(
                        other.size().measure(),
                        entered(Math.max(adultCm, other.size().maximumCm().value())),
                        entered(adultCm),
                        entered(saleCm)),
                other.temper().times(temperFactor, Provenance.KEEPER),
                entered(gape),
                stances,
                new Species.Needs(
                        entered(volumeLitres),
                        entered(swimCm),
                        needs.sandCm(),
                        needs.maturityMonths(),
                        needs.podsMonths(),
                        needs.care()),
                "Added by the keeper as like " + other.scientificName() + ": " + note);
    }

    /** Every fault as a sentence: what contradicts itself or cannot be; empty for a sound one. */
    public List<String> faults(Species other) {
        List<String> faults = new ArrayList<>(SpeciesCheck.figureFaults(from(other)));
        if (other.id().key().startsWith(PREFIX)) {
            faults.add("choose a species of the catalogue as the one it resembles");
        }
        return faults;
    }

    private static Sourced entered(double value) {
        return new Sourced(value, Provenance.KEEPER);
    }
}
