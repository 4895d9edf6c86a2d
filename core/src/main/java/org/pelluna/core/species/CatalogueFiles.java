package org.pelluna.core.species;

import com.fasterxml.jackson.annotation.JsonFormat;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.pelluna.core.json.Json;
import tools.jackson.databind.json.JsonMapper;

/** Reads the catalogue from its data files, one per family, listed in {@code families.txt}. */
public final class CatalogueFiles {
    private static final String FOLDER = "/org/pelluna/species/";

    /** In a file the shares toward others stand among the other figures of a temper. */
    private static final JsonMapper FILES = Json.MAPPER
            .rebuild()
            .addMixIn(Temperament.class, TemperForm.class)
            .addMixIn(Anatomy.Landmark.class, LandmarkForm.class)
            .build();

    private CatalogueFiles() {}

    interface TemperForm {
        @JsonUnwrapped
        Temperament.Toward toward();
    }

    /** In a file a landmark is a pair of numbers. */
    @JsonFormat(shape = JsonFormat.Shape.ARRAY)
    interface LandmarkForm {}

    /** One data file: the species of one family. */
    private record FamilyFile(String family, List<Species> species) {}

    /**
     * The catalogue shipped with Pelluna.
     *
     * @throws IllegalStateException if a file is missing, cannot be read, or contradicts itself
     */
    public static Catalogue shipped() {
        List<Species> all = new ArrayList<>();
        for (String family : families()) {
            FamilyFile file = read(family + ".json");
            for (Species one : file.species()) {
                if (!one.family().equals(file.family())) {
                    throw new IllegalStateException(one.id() + " stands in the file of " + file.family()
                            + " but names the family " + one.family());
                }
                all.add(one);
            }
        }
        return Catalogue.of(all);
    }

    /** The invertebrates shipped, by common name. */
    static List<Invertebrate> invertebrates() {
        return Stream.of(FILES.readValue(text("invertebrates.json"), Invertebrate[].class))
                .sorted(Comparator.comparing(Invertebrate::commonName))
                .toList();
    }

    /**
     * The proportions of every body plan.
     *
     * @throws IllegalStateException if a plan is missing, or given twice
     */
    public static Map<BodyPlan, Anatomy> anatomies() {
        EnumMap<BodyPlan, Anatomy> anatomies = new EnumMap<>(BodyPlan.class);
        for (Anatomy one : FILES.readValue(text("body-plans.json"), Anatomy[].class)) {
            if (anatomies.put(one.plan(), one) != null) {
                throw new IllegalStateException("the body plan " + one.plan() + " is given twice");
            }
        }
        if (anatomies.size() < BodyPlan.values().length) {
            throw new IllegalStateException("a body plan has no proportions");
        }
        return Collections.unmodifiableMap(anatomies);
    }

    /** Names of the family files without their ending. */
    static List<String> families() {
        return text("families.txt").lines().filter(line -> !line.isBlank()).toList();
    }

    /** What keepers call the fish of each family. */
    static List<Family> familyNames() {
        return text("families.csv")
                .lines()
                .skip(1)
                .map(line -> line.split(";", -1))
                .map(cells -> new Family(cells[0], cells[1], cells[2]))
                .toList();
    }

    /** The family of every genus that a shipped file may name. */
    static Map<String, String> genera() {
        return text("genera.csv")
                .lines()
                .skip(1)
                .map(line -> line.split(","))
                .collect(Collectors.toMap(pair -> pair[0], pair -> pair[1]));
    }

    /** The text of one data file. */
    static String text(String file) {
        try (InputStream in = CatalogueFiles.class.getResourceAsStream(FOLDER + file)) {
            if (in == null) {
                throw new IllegalStateException("the data file " + file + " is missing");
            }
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static FamilyFile read(String file) {
        try {
            return FILES.readValue(text(file), FamilyFile.class);
        } catch (tools.jackson.core.JacksonException e) {
            throw new IllegalStateException("the data file " + file + " cannot be read: " + e.getOriginalMessage(), e);
        }
    }
}
