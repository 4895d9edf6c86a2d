package org.pelluna.app.rules;

import java.util.LinkedHashMap;
import java.util.Map;
import org.pelluna.core.json.Json;
import org.pelluna.core.plan.Approaches;
import org.pelluna.core.plan.HouseRules;
import org.pelluna.core.plan.Husbandry;

/** Approaches, husbandry and overruled rules as entered; shares are entered in percent. */
public class RulesForm {
    public Integer version;
    public Map<String, String> schools = new LinkedHashMap<>();
    public Map<String, String> overruled = new LinkedHashMap<>();
    public Double clears;
    public Double protein;
    public Double change;
    public Integer changeDays;
    public Double nitrate;
    public Double phosphate;
    public Double nitrateExport;
    public Double phosphateExport;
    public Double food;
    public Double pH;
    public boolean bottled;
    public Double saltPrice;

    static RulesForm of(int version, HouseRules rules) {
        RulesForm form = new RulesForm();
        form.version = version;
        Json.MAPPER
                .valueToTree(rules.schools())
                .properties()
                .forEach(field ->
                        form.schools.put(field.getKey(), field.getValue().stringValue()));
        form.overruled.putAll(rules.overruled());
        Husbandry done = rules.husbandry();
        form.clears = done.clearsMgPerLitreDay();
        form.protein = percent(done.proteinShare());
        form.change = percent(done.changeShare());
        form.changeDays = done.changeDays();
        form.nitrate = done.nitrateTarget();
        form.phosphate = done.phosphateTarget();
        form.nitrateExport = percent(done.nitrateExport());
        form.phosphateExport = percent(done.phosphateExport());
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
            throw new IllegalArgumentException("every figure of the husbandry wants a number");
        }
        Map<String, String> notes = new LinkedHashMap<>();
        overruled.forEach((rule, note) -> {
            if (note != null && !note.isBlank()) {
                if (!rule.matches("[a-z-]{1,40}") || note.length() > 500) {
                    throw new IllegalArgumentException("a note on a rule has at most 500 letters");
                }
                notes.put(rule, note.strip());
            }
        });
        return before.with(
                chosen(),
                new Husbandry(
                        clears,
                        protein / 100,
                        change / 100,
                        changeDays,
                        nitrate,
                        phosphate,
                        nitrateExport / 100,
                        phosphateExport / 100,
                        food / 100,
                        pH,
                        bottled,
                        saltPrice),
                notes);
    }

    private Approaches chosen() {
        try {
            return Json.MAPPER.convertValue(schools, Approaches.class);
        } catch (tools.jackson.core.JacksonException e) {
            throw new IllegalArgumentException("choose one answer to every question", e);
        }
    }

    private static double percent(double share) {
        return Math.round(share * 1e6) / 1e4;
    }
}
