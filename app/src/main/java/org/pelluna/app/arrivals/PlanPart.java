package org.pelluna.app.arrivals;

import java.util.ArrayList;
import java.util.List;
import org.pelluna.app.web.Measures;
import org.pelluna.core.assess.Assessment;
import org.pelluna.core.assess.Headline;
import org.pelluna.core.headroom.InchRule;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.units.Numbers;

/**
 * One part of the way to a plan.
 *
 * @param name the part
 * @param address its page
 * @param words how it stands
 * @param missing whether something is missing in it
 */
record PlanPart(String name, String address, String words, boolean missing) {
    static List<PlanPart> of(Assessment assessment, Headline headline, String base, Measures measures) {
        TankPlan plan = assessment.stock().plan();
        InchRule rule = new InchRule(plan.tank(), plan.houseRules());
        double used = InchRule.inches(assessment.stock().residents());
        double ceiling = rule.ceilingInches(plan.asOf());
        List<PlanPart> parts = new ArrayList<>();
        parts.add(new PlanPart(
                "Tank",
                base,
                measures.volumeOf(plan.tank().netWater().litres()) + " net, "
                        + Numbers.count(assessment.stock().residents().size(), "fish", "fish"),
                false));
        parts.add(new PlanPart(
                "House rules",
                base + "/rules",
                "limit: " + plan.houseRules().approaches().ceiling().words(),
                false));
        parts.add(new PlanPart(
                "Headroom",
                base + "/headroom",
                (used > ceiling ? "over: " : "") + Numbers.plain(used) + " of " + Numbers.plain(ceiling)
                        + " inches of adult fish",
                used > ceiling));
        parts.add(new PlanPart(
                "Wishes",
                base + "/wishes",
                headline.wishes(),
                assessment.judgements().isEmpty()));
        parts.add(new PlanPart(
                "Tank mates",
                base + "/company",
                headline.hardest().isPresent()
                        ? assessment.order().arrivals().isEmpty()
                                ? "which fish attack which, of those that live here"
                                : "which fish attack which, with the whole plan"
                        : "no pair is above your limit",
                false));
        int dated = assessment.order().arrivals().size();
        parts.add(new PlanPart(
                "Arrivals",
                base + "/arrivals",
                dated == 0
                        ? "none dated"
                        : Numbers.count(dated, "arrival") + ", the last on "
                                + assessment.order().arrivals().get(dated - 1).date(),
                dated == 0 || !assessment.order().held().isEmpty()));
        return parts;
    }
}
