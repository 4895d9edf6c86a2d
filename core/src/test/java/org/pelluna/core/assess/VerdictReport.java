package org.pelluna.core.assess;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.pelluna.core.Fixtures;
import org.pelluna.core.id.SpeciesId;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.shortlist.Glance;
import org.pelluna.core.shortlist.Shortlist;
import org.pelluna.core.shortlist.Verdict;
import org.pelluna.core.species.Catalogue;
import org.pelluna.core.species.Species;
import org.pelluna.core.tank.AnimalGroup;
import org.pelluna.core.tank.Tank;
import org.pelluna.core.tank.TankShape;
import org.pelluna.core.tank.WaterSpace;

/** What the whole catalogue comes to in three empty reefs of a seasoned keeper, as a page to be read by hand. */
public final class VerdictReport {
    private static final Map<String, Tank> TANKS = new LinkedHashMap<>();

    static {
        TANKS.put("100 L", tank(65, 40, 40, 8, 12));
        TANKS.put("400 L", tank(130, 55, 58, 30, 50));
        TANKS.put("1,500 L", tank(220, 85, 82, 90, 200));
    }

    private VerdictReport() {}

    private static Tank tank(double lengthCm, double depthCm, double heightCm, double rockKg, double sumpLitres) {
        return new Fixtures.TankBuilder()
                .shape(new TankShape.Box(lengthCm, depthCm, heightCm))
                .water(WaterSpace.usual(4, rockKg, sumpLitres))
                .holding(AnimalGroup.LARGE_POLYP_STONY_CORALS, 5)
                .holding(AnimalGroup.SHRIMPS, 4)
                .build();
    }

    /** The page. */
    public static String of(Catalogue catalogue) {
        List<Map<SpeciesId, Glance>> verdicts = TANKS.values().stream()
                .map(tank ->
                        Shortlist.glances(ResolvedPlan.of(Fixtures.plan(tank, List.of()), catalogue), catalogue.all()))
                .toList();
        StringBuilder text = new StringBuilder("""
                # Every species in three tanks

                Written by `./pelluna catalogue`. An empty, three-year-old reef with stony corals of large polyps and shrimps of 4 cm, 25.5 °C, of a seasoned keeper; in the fewest that do well, as
                sold. What surprised one of us in it, and what was mended: [second-pass.md](../second-pass.md).

                | |""");
        TANKS.keySet().forEach(name -> text.append(" ").append(name).append(" |"));
        text.append("\n|---|---|---|---|\n");
        for (Verdict verdict : Verdict.values()) {
            text.append("| **").append(verdict.words()).append("** |");
            verdicts.forEach(all -> text.append(" ")
                    .append(all.values().stream()
                            .filter(one -> one.verdict() == verdict)
                            .count())
                    .append(" |"));
            text.append("\n");
        }
        text.append("\n| Family | Species | ")
                .append(String.join(" | ", TANKS.keySet()))
                .append(" |\n|---|---|---|---|---|\n");
        catalogue.all().stream()
                .sorted(Comparator.comparing(Species::family).thenComparing(Species::scientificName))
                .forEach(one -> {
                    text.append("| ").append(one.family()).append(" | ").append(one.commonName());
                    verdicts.forEach(all -> text.append(" | ")
                            .append(Objects.requireNonNull(all.get(one.id()))
                                    .verdict()
                                    .words()));
                    text.append(" |\n");
                });
        return text.toString();
    }
}
