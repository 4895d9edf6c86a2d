package org.pelluna.app.rules;

import java.util.LinkedHashMap;
import java.util.Map;
import org.pelluna.core.json.Json;
import org.pelluna.core.plan.Approaches;
import org.pelluna.core.plan.HouseRules;
import org.pelluna.core.plan.Husbandry;
import org.pelluna.core.plan.HusbandryBuilder;

/** Approaches, husbandry and overruled rules as entered; shares are entered in percent. */
public class RulesForm {
    public Integer version;
    public Map<String, String> approaches = new LinkedHashMap<>();
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
                        .clearsMgPerLitreDay(clears)
                        .proteinShare(protein / 100)
                        .change(new Husbandry.WaterChange(change / 100, changeDays))
                        .target(new Husbandry.Targets(nitrate, phosphate))
                        .export(new Husbandry.Export(nitrateExport / 100, phosphateExport / 100))
                        .foodFactor(food / 100)
                        .pH(pH)
                        .bottledBacteria(bottled)
                        .saltPrice(saltPrice)
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
