package org.pelluna.core.assess;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.pelluna.core.arrival.Arrival;
import org.pelluna.core.arrival.ArrivalPlan;
import org.pelluna.core.finding.Explained;
import org.pelluna.core.finding.Sentence;
import org.pelluna.core.plan.Cycle;
import org.pelluna.core.pressure.Pressure;
import org.pelluna.core.shortlist.Judgement;
import org.pelluna.core.shortlist.Verdict;
import org.pelluna.core.units.Dates;
import org.pelluna.core.units.Numbers;

/**
 * What a plan comes to, before any figure of how it was reckoned.
 *
 * @param wishes how many of the wishes may come, and how many not
 * @param next what comes first, when and why
 * @param hardest the hardest meeting to come, or where nobody is to come the hardest of today; empty where nobody is expected to press anybody
 * @param howHard how the hardest meeting is computed
 * @param held what has no date, and why; empty if everything has one
 * @param step what the keeper does next
 */
public record Headline(
        String wishes,
        Sentence next,
        Optional<String> hardest,
        Optional<Explained> howHard,
        Optional<Sentence> held,
        Step step) {

    /** A keeper's next step. */
    public enum Step {
        WISH("Wish for a fish"),
        TEST("Enter a test of ammonia and nitrite"),
        LOOK("Look for it in the shop"),
        UNHOLD("See what would free it"),
        WAIT("See the order and its dates"),
        WATCH("Note what you see");

        private final String words;

        Step(String words) {
            this.words = words;
        }

        /** The step, as it stands on a button. */
        public String words() {
            return words;
        }
    }

    /** The headline of an assessment. */
    public static Headline of(Assessment assessment) {
        Optional<Pressure> hardest = HardestMeeting.of(assessment);
        return new Headline(
                wishes(assessment.judgements()),
                next(assessment),
                hardest.map(one -> HardestMeeting.words(assessment, one)),
                hardest.map(Pressure::how),
                held(assessment.order()),
                step(assessment));
    }

    private static String wishes(List<Judgement> judgements) {
        if (judgements.isEmpty()) {
            return "No wishes yet.";
        }
        long no =
                judgements.stream().filter(one -> one.verdict() == Verdict.OUT).count();
        long later = judgements.stream()
                .filter(one -> one.verdict() == Verdict.LATER)
                .count();
        long may = judgements.size() - no - later;
        List<String> parts = new ArrayList<>();
        part(parts, may, "may come in its turn", "may come in their turn");
        part(parts, later, "later", "later");
        part(parts, no, "not into this tank as it is", "not into this tank as it is");
        return "Of " + Numbers.count(judgements.size(), "wish", "wishes") + ": " + String.join(", ", parts) + ".";
    }

    private static void part(List<String> parts, long count, String one, String more) {
        if (count > 0) {
            parts.add(count + " " + (count == 1 ? one : more));
        }
    }

    private static Sentence next(Assessment assessment) {
        LocalDate today = assessment.stock().plan().asOf();
        if (assessment.order().arrivals().isEmpty()) {
            return Sentence.of(
                    assessment.judgements().isEmpty()
                            ? "Nothing is planned yet."
                            : assessment.order().held().isEmpty()
                                    ? "Nothing that is wished for may come into this tank as it is."
                                    : "Nothing that is wished for has a date yet.");
        }
        Arrival first = assessment.order().arrivals().get(0);
        Optional<Cycle> cycle = assessment.stock().cycle().filter(one -> one.isGoingOn(today));
        String who = "First: " + first.names();
        if (!first.date().isAfter(today)) {
            return Sentence.of(who + ", as soon as you find a good one.");
        }
        String when = who + ", from " + first.date() + ", " + Dates.distance(first.date(), today);
        if (cycle.isPresent()) {
            return Sentence.of(when + ". The tank is still cycling; its end is reckoned: "
                    + cycle.get().because() + ".");
        }
        return first.reasons().isEmpty()
                ? Sentence.of(when + ".")
                : Sentence.of(when + ". ", first.reasons().get(0).reason());
    }

    private static Optional<Sentence> held(ArrivalPlan order) {
        return order.held().stream()
                .findFirst()
                .map(one -> Sentence.of(
                        "Without a date: " + one.name()
                                + (order.held().size() > 1
                                        ? " and " + Numbers.count(order.held().size() - 1, "other")
                                        : "")
                                + ". ",
                        one.gate().reason(),
                        one.gate()
                                .remedy()
                                .map(remedy -> Sentence.of(" ", remedy))
                                .orElse(Sentence.of())));
    }

    private static Step step(Assessment assessment) {
        LocalDate today = assessment.stock().plan().asOf();
        if (assessment.stock().cycle().filter(one -> one.isGoingOn(today)).isPresent()
                && !assessment.judgements().isEmpty()) {
            return Step.TEST;
        }
        if (!assessment.order().arrivals().isEmpty()) {
            return assessment.order().arrivals().get(0).date().isAfter(today) ? Step.WAIT : Step.LOOK;
        }
        if (!assessment.order().held().isEmpty()) {
            return Step.UNHOLD;
        }
        return assessment.stock().residents().size() > 1
                        && !assessment.judgements().isEmpty()
                ? Step.WATCH
                : Step.WISH;
    }
}
