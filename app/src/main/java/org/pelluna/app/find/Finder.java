package org.pelluna.app.find;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.pelluna.app.storage.TankStore;
import org.pelluna.app.storage.TankStore.Choice;
import org.pelluna.app.web.Places;
import org.pelluna.app.web.TankCache;
import org.pelluna.app.web.TankCatalogue;
import org.pelluna.app.web.Terms;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.species.Species;
import org.pelluna.core.tank.Purpose;
import org.springframework.stereotype.Component;

/** Finds by a few letters: what lives in the keeper's tanks, what can be done, places, species and words. */
@Component
class Finder {
    private static final int MOST_TANKS = 6;
    private static final int MOST_SPECIES = 8;
    private static final int MOST = 24;

    private final TankStore tanks;
    private final TankCache cache;
    private final TankCatalogue known;

    Finder(TankStore tanks, TankCache cache, TankCatalogue known) {
        this.tanks = tanks;
        this.cache = cache;
        this.known = known;
    }

    /**
     * What the letters find, the nearest first; without letters what can be done.
     *
     * @param tank the tank one looks from; empty for the keeper's oldest
     */
    List<Hit> find(UUID keeperId, Optional<UUID> tank, String letters) {
        List<Choice> choices = tanks.choices(keeperId);
        Optional<Choice> here = tank.flatMap(id ->
                        choices.stream().filter(one -> one.id().equals(id)).findFirst())
                .or(() -> choices.stream().findFirst());
        List<Hit> hits = new ArrayList<>();
        here.ifPresent(one -> {
            hits.addAll(Actions.in(one.kind(), address(one)));
            Places.all(one.kind(), address(one))
                    .forEach(tab -> hits.add(new Hit("place", tab.name(), tab.answers(), tab.address())));
        });
        hits.addAll(Actions.anywhere());
        if (!letters.isBlank()) {
            choices.stream()
                    .sorted(Comparator.comparing(one -> !here.equals(Optional.of(one))))
                    .limit(MOST_TANKS)
                    .forEach(one -> hits.addAll(fish(keeperId, one)));
            Terms.ALL.forEach(
                    term -> hits.add(new Hit("word", term.word(), term.meaning(), "/glossary#" + Terms.anchor(term))));
        }
        List<Hit> found = new ArrayList<>(hits.stream()
                .filter(hit -> fits(hit, letters))
                .sorted(Comparator.comparing((Hit hit) -> !plain(hit.name()).startsWith(plain(letters)))
                        .thenComparing(hit -> !plain(hit.name()).contains(plain(letters))))
                .limit(MOST)
                .toList());
        if (!letters.isBlank()) {
            here.filter(one -> one.kind() == Purpose.Kind.DISPLAY)
                    .ifPresent(one -> species(keeperId, one, letters).forEach(found::add));
        }
        return found;
    }

    private List<Hit> fish(UUID keeperId, Choice tank) {
        TankPlan plan = cache.of(keeperId, tank.id()).plan();
        return Stream.concat(
                        Stream.of(new Hit("tank", tank.name(), "", address(tank))),
                        plan.residents().stream()
                                .filter(one -> one.leftOn().isEmpty())
                                .map(one -> fish(plan, one, tank)))
                .toList();
    }

    private Hit fish(TankPlan plan, Resident one, Choice tank) {
        return new Hit(
                "fish",
                one.name(),
                known.in(plan).get(one.speciesId()).commonName() + ", " + tank.name(),
                address(tank) + "/fish/" + one.id().key());
    }

    private List<Hit> species(UUID keeperId, Choice tank, String letters) {
        return known.names(cache.of(keeperId, tank.id()).plan().ownSpecies()).find(letters).stream()
                .limit(MOST_SPECIES)
                .map(one -> species(one, tank))
                .toList();
    }

    private static Hit species(Species one, Choice tank) {
        return new Hit(
                "species",
                one.commonName(),
                one.scientificName(),
                address(tank) + "/species/" + one.id().key());
    }

    private static String address(Choice tank) {
        return "/tanks/" + tank.id();
    }

    /** Every word of the letters begins a word of the name or of what is said of it. */
    static boolean fits(Hit hit, String letters) {
        String words = " " + plain(hit.name() + " " + hit.about()).replaceAll("[^a-z0-9]+", " ");
        return Stream.of(plain(letters).split("[^a-z0-9]+", -1)).allMatch(part -> words.contains(" " + part));
    }

    private static String plain(String words) {
        return Normalizer.normalize(words, Normalizer.Form.NFD)
                .replaceAll("\\p{M}", "")
                .toLowerCase(Locale.ROOT)
                .strip();
    }
}
