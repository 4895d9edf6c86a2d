package org.pelluna.core.lead;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.pelluna.core.finding.Sentence;
import org.pelluna.core.forecast.Future;
import org.pelluna.core.forecast.Outgrown;
import org.pelluna.core.lessons.Crew;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.shortlist.Judgement;
import org.pelluna.core.shortlist.Verdict;
import org.pelluna.core.units.Dates;
import org.pelluna.core.units.Numbers;
import org.pelluna.core.units.Quantity;

/** Leads of the pages about the tank itself: its profile, the drawing, its rules, its clean-up crew. */
public final class TankLeads {
    private TankLeads() {}

    /** How much water and how many fish the tank has. */
    public static Sentence profile(ResolvedPlan stock) {
        int fish = stock.withAbsent().residents().size();
        Object water = Quantity.litres(stock.plan().tank().netWater().litres());
        return fish == 0
                ? Sentence.of("No fish yet, in ", water, " of water. Add the fish that live here.")
                : Sentence.of(Numbers.count(fish, "fish", "fish") + " in ", water, " of water.");
    }

    /** The fish that outgrows the tank first; else that all have room. */
    public static String reef(ResolvedPlan stock) {
        int fish = stock.residents().size();
        if (fish == 0) {
            return "No fish yet. The drawing shows your rock and water.";
        }
        Optional<Outgrown> first = Future.outgrowing(stock).stream().min(Comparator.comparing(Outgrown::on));
        return first.map(one -> one.fish().name()
                        + (one.on().isAfter(stock.plan().asOf())
                                ? " outgrows this tank about " + Dates.month(one.on()) + "."
                                : " is too large for this tank: find it a new home."))
                .orElse(
                        fish == 1
                                ? "One fish lives here and has room to grow."
                                : fish + " fish live here; all have room to grow.");
    }

    /**
     * How many wishes the keeper's rules stop.
     *
     * @param set the ready-made set of rules that is followed; empty where the keeper changed it
     */
    public static String rules(Optional<String> set, List<Judgement> judgements) {
        long stopped =
                judgements.stream().filter(one -> one.verdict() == Verdict.OUT).count();
        return set.map(title -> "You follow the “" + title + "” rules").orElse("You follow your own rules")
                + (stopped == 0
                        ? "."
                        : ": they stop " + stopped + " of your " + Numbers.count(judgements.size(), "wish", "wishes")
                                + ".");
    }

    /** What to restock first; else that there is enough. Empty while nothing was counted. */
    public static String crew(ResolvedPlan stock, List<Crew> crews) {
        if (crews.isEmpty()) {
            return "";
        }
        return crews.stream()
                .filter(one ->
                        one.toBuy() > 0 && !one.restockOn().isAfter(stock.plan().asOf()))
                .max(Comparator.comparingInt(Crew::toBuy))
                .map(one ->
                        "Buy " + one.toBuy() + " " + one.name() + ": about " + Math.round(one.about()) + " are left.")
                .orElseGet(() -> "You have enough: the next to restock are "
                        + crews.stream()
                                .min(Comparator.comparing(Crew::restockOn))
                                .map(one -> one.name() + ", about "
                                        + Dates.day(
                                                one.restockOn(), stock.plan().asOf()))
                                .orElseThrow()
                        + ".");
    }
}
