package org.pelluna.app.species;

import static java.util.Objects.requireNonNull;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.pelluna.app.storage.VersionMark;
import org.pelluna.app.web.Measures;
import org.pelluna.core.id.SpeciesId;
import org.pelluna.core.plan.OwnSpecies;
import org.pelluna.core.species.ReefStance;
import org.pelluna.core.species.ReefStance.Conduct;
import org.pelluna.core.species.Species;
import org.pelluna.core.tank.AnimalGroup;
import org.pelluna.core.units.Numbers;

/** A species as its keeper describes it, in the keeper's units. Public for binding. */
public class OwnForm {
    /** Key of the species being changed; empty for a new one. */
    public @Nullable String id;

    /** The mark of the species this form was made from; empty for a new one. */
    public @Nullable String seen;

    @NotBlank(message = "Which fish of the catalogue is it most like?")
    public @Nullable String like;

    @NotBlank(message = "What do you call it?")
    @Size(max = 80, message = "At most 80 characters.")
    public @Nullable String commonName;

    @NotBlank(message = "Its scientific name: genus and epithet.")
    @Pattern(regexp = "[A-Z][a-z]+ [a-z][a-z. -]*", message = "Genus and epithet, such as “Gramma loreto”.")
    @Size(max = 58, message = "At most 58 characters.")
    public @Nullable String scientificName;

    @NotNull(message = "How long does it grow in a tank?")
    public @Nullable Double adult;

    @NotNull(message = "How long is it when sold?")
    public @Nullable Double sale;

    @NotNull(message = "How much water does an adult need?")
    public @Nullable Double volume;

    @NotNull(message = "How much swimming length does it need?")
    public @Nullable Double swim;

    @NotNull(message = "How wide is its mouth, in per cent of its length?")
    public @Nullable Double gape;

    @NotNull(message = "How aggressive is it compared with the other? 1 means the same.")
    public @Nullable Double temper;

    /** What it does to each group of animals. */
    public Map<AnimalGroup, Conduct> reef = new EnumMap<>(AnimalGroup.class);

    @NotBlank(message = "Where do you know this from? A word is enough.")
    @Size(max = 500, message = "At most 500 characters.")
    public @Nullable String note;

    /** A new species like the given one. */
    static OwnForm like(Species other, Measures measures) {
        OwnForm form = new OwnForm();
        form.like = other.id().key();
        form.fill(other, measures);
        form.temper = 1.0;
        return form;
    }

    /** The species as it was entered. */
    static OwnForm of(OwnSpecies own, Species other, Measures measures) {
        OwnForm form = new OwnForm();
        form.fill(own.from(other), measures);
        form.id = own.id().key();
        form.seen = VersionMark.mark(own);
        form.like = own.like().key();
        form.commonName = own.commonName();
        form.scientificName = own.scientificName();
        form.temper = own.temperFactor();
        form.note = own.note();
        return form;
    }

    private void fill(Species one, Measures measures) {
        adult = Double.valueOf(measures.lengthField(one.size().adultCm().value()));
        sale = Double.valueOf(measures.lengthField(one.size().saleCm().value()));
        volume = Double.valueOf(measures.volumeField(one.needs().volumeLitres().value()));
        swim = Double.valueOf(measures.lengthField(one.needs().swimCm().value()));
        gape = Double.valueOf(Numbers.plain(100 * one.gape().value()));
        one.reef().forEach((group, stance) -> reef.put(group, stance.conduct()));
    }

    /**
     * The species described.
     *
     * @param other the one it is like
     * @throws IllegalArgumentException if a figure cannot be; with the reason
     */
    OwnSpecies species(Species other, Measures measures) {
        Map<AnimalGroup, Conduct> differs = new EnumMap<>(AnimalGroup.class);
        reef.forEach((group, conduct) -> {
            ReefStance known = other.reef().get(group);
            if (conduct != (known == null ? Conduct.LEAVES_ALONE : known.conduct())) {
                differs.put(group, conduct);
            }
        });
        return new OwnSpecies(
                new SpeciesId(id == null ? OwnSpecies.PREFIX + slug(requireNonNull(scientificName)) : id),
                requireNonNull(scientificName),
                requireNonNull(commonName),
                new SpeciesId(requireNonNull(like)),
                measures.length().toCentimetres(requireNonNull(adult)),
                measures.length().toCentimetres(requireNonNull(sale)),
                measures.volume().toLitres(requireNonNull(volume)),
                measures.length().toCentimetres(requireNonNull(swim)),
                requireNonNull(gape) / 100,
                requireNonNull(temper),
                differs,
                note == null ? "" : note);
    }

    private static String slug(String name) {
        return name.toLowerCase(Locale.ROOT).replaceAll("[^a-z]+", "-").replaceAll("-$", "");
    }
}
