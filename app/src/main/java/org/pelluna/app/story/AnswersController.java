package org.pelluna.app.story;

import java.util.List;
import java.util.stream.Collectors;
import org.pelluna.app.web.Here;
import org.pelluna.app.web.TankAnswers;
import org.pelluna.core.learn.Beliefs;
import org.pelluna.core.learn.TemperamentVerdict;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.tension.Ranks;
import org.pelluna.core.tension.Settling;
import org.pelluna.core.units.Numbers;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;

/** What the record answers, each in a sentence, with the page that says why. */
@Controller
class AnswersController {

    /** A question, its answer in a sentence, and where it is answered at length. */
    record AnswerView(String question, String answer, String address) {}

    @GetMapping("/tanks/{tankId}/log/answers")
    String answers(Here here, Model model) {
        TankAnswers answers = here.answers();
        TankPlan plan = answers.stock().plan();
        String base = "/tanks/" + here.tank();
        model.addAttribute("stands", answers.tension().orElse(null));
        model.addAttribute(
                "answers",
                List.of(
                        new AnswerView("Is it settling?", settling(answers), base + "/watch/settling"),
                        new AnswerView("Who rules?", rules(answers), base + "/watch/rank"),
                        new AnswerView("Did it help?", helped(answers), base + "/watch/remedies"),
                        new AnswerView(
                                "What now?", "Compare what would help each bullied fish.", base + "/watch/what-now"),
                        new AnswerView("What was learned?", learned(answers.beliefs(), plan), base + "/watch/learned"),
                        new AnswerView("Who survives?", survives(plan), base + "/losses/survival")));
        return "story/answers";
    }

    private static String settling(TankAnswers answers) {
        TankPlan plan = answers.plan();
        List<Settling> together = answers.settling().stream()
                .filter(one -> one.aggressorId().isEmpty())
                .toList();
        return together.isEmpty()
                ? "No fish arrived in the last two months."
                : together.stream()
                                .map(one ->
                                        name(plan, one) + ": " + one.settles().words())
                                .collect(Collectors.joining("; "))
                        + ".";
    }

    private static String name(TankPlan plan, Settling one) {
        return plan.residents().stream()
                .filter(fish -> fish.id().equals(one.victimId()))
                .map(Resident::name)
                .findFirst()
                .orElse(one.victimId().key());
    }

    private static String rules(TankAnswers answers) {
        Ranks ranks = Ranks.of(answers.stock());
        if (ranks.encounters() == 0 || ranks.ranked().isEmpty()) {
            return "No attacks between your fish are logged.";
        }
        return ranks.ranked().get(0).fish().name() + " is at the top, after "
                + Numbers.count(ranks.encounters(), "attack") + ".";
    }

    private static String helped(TankAnswers answers) {
        return answers.remedies().stream()
                .findFirst()
                .map(one -> "Last remedy, " + one.remedy().kind().words() + ": "
                        + one.outcome().words() + ".")
                .orElse("No remedies tried yet.");
    }

    private static String learned(Beliefs beliefs, TankPlan plan) {
        if (beliefs.scale().isEmpty()) {
            return "No timed watch yet, so nothing is learned.";
        }
        String worse = plan.residents().stream()
                .filter(fish -> fish.livesHere(plan.asOf()))
                .filter(fish -> beliefs.of(fish.id())
                        .map(one -> one.verdict().isWorse())
                        .orElse(false))
                .map(fish -> fish.name() + " "
                        + beliefs.of(fish.id())
                                .map(one -> one.verdict())
                                .orElse(TemperamentVerdict.AS_ITS_KIND)
                                .words())
                .collect(Collectors.joining("; "));
        return "We multiply every prediction for this tank by " + Numbers.plain(beliefs.seenTimes(), 2) + "; "
                + (worse.isEmpty() ? "no fish is more aggressive than its species." : worse + ".");
    }

    private static String survives(TankPlan plan) {
        int lost = plan.losses().size();
        return lost == 0
                ? "No loss is on record."
                : Numbers.count(lost, "loss", "losses") + " on record, of "
                        + Numbers.count(plan.residents().size(), "fish", "fish") + ".";
    }
}
