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
            card.add("Only if ammonia and nitrite read zero in the last days: your house rules go by the test kit.");
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
                    case EASY -> "See it eat. It should come for food at once; ask what it is given.";
                    case COAXED ->
                        "See it eat twice. It lives on " + food + ": ask which food it takes and how long it has.";
                    case HARD ->
                        "Leave it unless you see it eat prepared food with appetite: it lives on " + food
                                + " and most never accept prepared food.";
                });
    }

    private void origin(Species species) {
        if (species.trade().origin() != Trade.Origin.WILD) {
            add(
                    species.trade().origin() == Trade.Origin.BRED_AND_WILD
                            ? "Sold both wild-caught and captive-bred: ask for captive-bred."
                            : "Mostly captive-bred: choose one that is.");
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
                        "It often brings " + ailment.kind().words()
                                + ": ask how it was quarantined and with what it was treated.",
                        ailment.from()));
        add("Look at fins, eyes, skin and breath: no torn edges, no clouds, no dust or spots, no gasping.");
        add("Look along it from above: a pinched belly or a thin back means leave it. Ask how long it has been here.");
    }

    private void add(String sentence) {
        add("look", sentence, Provenance.PRACTICE);
    }

    private void add(String rule, String sentence, Provenance from) {
        checks.add(Finding.of(rule, Severity.CAREFUL, sentence, from, List.of()));
    }
}
