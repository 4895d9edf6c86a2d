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
 * What a plan comes to, before any figure of how it was computed.
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
        TEST("Enter an ammonia and a nitrite test"),
        LOOK("Check it in the shop"),
        UNHOLD("Show what is missing"),
        WAIT("Show the order"),
        WATCH("Log what you see");

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
        if (judgements.size() == 1) {
            return may == 1
                    ? "Your wish fits this tank now."
                    : later == 1 ? "Your wish must wait." : "Your wish does not fit this tank.";
        }
        String fits = (may == 0 ? "None" : "" + may) + " of your " + Numbers.count(judgements.size(), "wish", "wishes")
                + (may == 1 ? " fits" : " fit") + " this tank now.";
        List<String> parts = new ArrayList<>();
        if (later > 0) {
            parts.add(later + " must wait");
        }
        if (no > 0) {
            parts.add(no + (no == 1 ? " does not fit" : " do not fit"));
        }
        return parts.isEmpty() ? fits : fits + " The others: " + String.join(", ", parts) + ".";
    }

    private static Sentence next(Assessment assessment) {
        LocalDate today = assessment.stock().plan().asOf();
        if (assessment.order().arrivals().isEmpty()) {
            return Sentence.of(
                    assessment.judgements().isEmpty()
                            ? "Nothing is planned yet."
                            : assessment.order().held().isEmpty()
                                    ? "None of your wishes fits this tank."
                                    : "None of your wishes has a date yet.");
        }
        Arrival first = assessment.order().arrivals().get(0);
        Optional<Cycle> cycle = assessment.stock().cycle().filter(one -> one.isGoingOn(today));
        String who = "Next: " + first.names();
        if (!first.date().isAfter(today)) {
            return Sentence.of(who + ", as soon as you find a healthy one.");
        }
        String when = who + ", on " + first.date() + " (" + Dates.distance(first.date(), today) + ")";
        if (cycle.isPresent()) {
            return Sentence.of(when + ". The tank is still cycling, probably until "
                    + cycle.get().endsOn() + ".");
        }
        return first.reasons().isEmpty()
                ? Sentence.of(when + ".")
                : Sentence.of(when + ". ", first.reasons().get(0).reason());
    }

    private static Optional<Sentence> held(ArrivalPlan order) {
        return order.held().stream()
                .findFirst()
                .map(one -> Sentence.of(
                        one.name()
                                + (order.held().size() > 1
                                        ? " and " + Numbers.count(order.held().size() - 1, "other") + " have"
                                        : " has")
                                + " no date yet. ",
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
