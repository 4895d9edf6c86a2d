package org.pelluna.core.shop;

import java.util.ArrayList;
import java.util.List;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.finding.Provenance;
import org.pelluna.core.finding.Severity;
import org.pelluna.core.plan.Approaches;
import org.pelluna.core.species.SocialGrouping;
import org.pelluna.core.species.Species;
import org.pelluna.core.species.Trade;

/** What to look at and to ask before a fish is bagged; common practice, the fish's own points first. */
final class ShopChecks {
    private final List<Finding> checks = new ArrayList<>();

    private ShopChecks() {}

    static List<Finding> of(Species species, Approaches.Pause pause) {
        ShopChecks card = new ShopChecks();
        if (pause == Approaches.Pause.TEST_KIT) {
            card.add("Buy it only if ammonia and nitrite read zero in the last days.");
        }
        card.eating(species);
        card.origin(species);
        card.health(species);
        species.hazards().forEach(hazard -> card.add("hazard", hazard.handling(), hazard.from()));
        return List.copyOf(card.checks);
    }

    private void eating(Species species) {
        String food = species.habits().diet().words();
        add(
                switch (species.habits().eating()) {
                    case EASY -> "See it eat: it should take food at once. Ask what it gets.";
                    case COAXED -> "See it eat twice. It eats " + food + ": ask which food it takes, and since when.";
                    case HARD ->
                        "Buy it only if you see it eat prepared food well. It lives on " + food
                                + "; most never accept anything else.";
                });
    }

    private void origin(Species species) {
        if (species.trade().origin() != Trade.Origin.WILD) {
            add(
                    species.trade().origin() == Trade.Origin.BRED_AND_WILD
                            ? "Ask for a captive-bred one."
                            : "Most are captive-bred: choose one of those.");
        }
        if (species.company().sexChange() == SocialGrouping.SexChange.FEMALE_TO_MALE
                && species.company().way() == SocialGrouping.Way.HAREM) {
            add("For a group choose one male at most, and females clearly smaller than he is.");
        } else if (species.company().sexChange() == SocialGrouping.SexChange.MALE_TO_FEMALE) {
            add("For a pair choose two of clearly different size; the larger becomes the female.");
        }
    }

    private void health(Species species) {
        species.ailments()
                .forEach(ailment -> add(
                        "ailment",
                        "It often carries " + ailment.kind().words()
                                + ": ask how it was quarantined and with what it was treated.",
                        ailment.from()));
        add("Look for torn fins, cloudy eyes, dust or spots, and fast breathing: leave it if you see any.");
        add("Look from above: leave it if its belly is pinched or its back is thin. Ask how long it has been here.");
    }

    private void add(String sentence) {
        add("look", sentence, Provenance.PRACTICE);
    }

    private void add(String rule, String sentence, Provenance from) {
        checks.add(Finding.of(rule, Severity.CAREFUL, sentence, from, List.of()));
    }
}
