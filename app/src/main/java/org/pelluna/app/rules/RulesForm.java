package org.pelluna.app.rules;

import static java.util.Objects.requireNonNull;

import java.util.LinkedHashMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.pelluna.core.json.Json;
import org.pelluna.core.plan.Approaches;
import org.pelluna.core.plan.HouseRules;
import org.pelluna.core.plan.Husbandry;
import org.pelluna.core.plan.HusbandryBuilder;

/** Approaches, husbandry and overruled rules as entered; shares are entered in percent. */
public class RulesForm {
    public @Nullable Integer version;
    public Map<String, String> approaches = new LinkedHashMap<>();
    public Map<String, String> overruled = new LinkedHashMap<>();
    public @Nullable Double clears;
    public @Nullable Double protein;
    public @Nullable Double change;
    public @Nullable Integer changeDays;
    public @Nullable Double nitrate;
    public @Nullable Double phosphate;
    public @Nullable Double nitrateExport;
    public @Nullable Double phosphateExport;
    public @Nullable Double food;
    public @Nullable Double pH;
    public boolean bottled;
    public @Nullable Double saltPrice;

    static RulesForm of(int version, HouseRules rules) {
        RulesForm form = new RulesForm();
        form.version = version;
        Json.MAPPER
                .valueToTree(rules.approaches())
                .properties()
                .forEach(field ->
                        form.approaches.put(field.getKey(), field.getValue().stringValue()));
        form.overruled.putAll(rules.overruled());
        Husbandry done = rules.husbandry();
        form.clears = done.clearsMgPerLitreDay();
        form.protein = percent(done.proteinShare());
        form.change = percent(done.change().share());
        form.changeDays = done.change().days();
        form.nitrate = done.target().nitrate();
        form.phosphate = done.target().phosphate();
        form.nitrateExport = percent(done.export().nitrate());
        form.phosphateExport = percent(done.export().phosphate());
        form.food = percent(done.foodFactor());
        form.pH = done.pH();
        form.bottled = done.bottledBacteria();
        form.saltPrice = done.saltPrice();
        return form;
    }

    /**
     * The rules entered, with the limits that stand.
     *
     * @throws IllegalArgumentException with a sentence, if a figure is missing or cannot be
     */
    HouseRules rules(HouseRules before) {
        if (clears == null
                || protein == null
                || change == null
                || changeDays == null
                || nitrate == null
                || phosphate == null
                || nitrateExport == null
                || phosphateExport == null
                || food == null
                || pH == null
                || saltPrice == null) {
            throw new IllegalArgumentException("enter a number for every figure of your routine");
        }
        Map<String, String> notes = new LinkedHashMap<>();
        overruled.forEach((rule, note) -> {
            if (note != null && !note.isBlank()) {
                if (!rule.matches("[a-z-]{1,40}") || note.length() > 500) {
                    throw new IllegalArgumentException("a note on a rule has at most 500 characters");
                }
                notes.put(rule, note.strip());
            }
        });
        return before.with(as -> as.approaches(chosen())
                .husbandry(HusbandryBuilder.builder()
                        .clearsMgPerLitreDay(requireNonNull(clears))
                        .proteinShare(requireNonNull(protein) / 100)
                        .change(new Husbandry.WaterChange(requireNonNull(change) / 100, requireNonNull(changeDays)))
                        .target(new Husbandry.Targets(requireNonNull(nitrate), requireNonNull(phosphate)))
                        .export(new Husbandry.Export(
                                requireNonNull(nitrateExport) / 100, requireNonNull(phosphateExport) / 100))
                        .foodFactor(requireNonNull(food) / 100)
                        .pH(requireNonNull(pH))
                        .bottledBacteria(bottled)
                        .saltPrice(requireNonNull(saltPrice))
                        .build())
                .overruled(notes));
    }

    private Approaches chosen() {
        try {
            return Json.MAPPER.convertValue(approaches, Approaches.class);
        } catch (tools.jackson.core.JacksonException e) {
            throw new IllegalArgumentException("choose one answer to every question", e);
        }
    }

    private static double percent(double share) {
        return Math.round(share * 1e6) / 1e4;
    }
}
