package org.pelluna.core.shortlist;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.pelluna.core.finding.Figure;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.finding.Sentence;
import org.pelluna.core.finding.Severity;
import org.pelluna.core.id.FishId;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.pressure.Encounters;
import org.pelluna.core.pressure.HardAttacks;
import org.pelluna.core.pressure.Pressure;
import org.pelluna.core.pressure.WayIn;
import org.pelluna.core.units.Numbers;
import org.pelluna.core.units.Quantity;

/** Who here would press it hardest in its first week, and whom would it press? */
final class PressureRule implements ShortlistRule {
    static final String RULE = "pressure";

    /** Encounters an hour below which nobody would speak of pressure. */
    private static final double LITTLE = 0.1;

    @Override
    public String key() {
        return RULE;
    }

    @Override
    public String question() {
        return "Who would attack whom?";
    }

    @Override
    public List<Finding> judge(Candidate candidate) {
        List<Fish> residents = candidate.stock().residents();
        if (residents.isEmpty()) {
            return List.of();
        }
        Encounters encounters = candidate.encounters();
        List<Pressure> suffered = residents.stream()
                .map(resident -> encounters.onArrival(
                        resident, candidate.fish(), candidate.wished().count()))
                .toList();
        double careful = candidate.rules().weights().carefulPerHour();
        double most = candidate.rules().weights().notAbovePerHour();
        double withHelp =
                HardAttacks.withHelp(suffered.stream().map(Pressure::perHour).toList(), careful);
        Stream<Finding> suffers = hardest(suffered.stream())
                .map(hardest -> withHelp > most
                        ? tooMany(candidate, withHelp, most, named(residents, hardest.aggressorId()))
                        : finding(candidate, hardest, named(residents, hardest.aggressorId()), true))
                .stream();
        Stream<Finding> attacks = hardest(residents.stream()
                        .map(resident -> encounters.byNewcomer(
                                candidate.fish(), resident, candidate.wished().count())))
                .map(hardest -> hardest.perHour() * candidate.wished().count() > most
                        ? attacksTooMuch(
                                hardest.perHour() * candidate.wished().count(),
                                most,
                                named(residents, hardest.victimId()))
                        : finding(candidate, hardest, named(residents, hardest.victimId()), false))
                .stream();
        return Stream.concat(suffers, attacks).toList();
    }

    private static Finding tooMany(Candidate candidate, double attacks, double most, String by) {
        return stop(
                        "Too many attacks: expect about " + Numbers.significant(attacks)
                                + " an hour on it in its first week, most by " + by + ", even with an acclimation box.",
                        attacks,
                        most)
                .remedy(waysIn(WayIn.all(
                        candidate.stock(),
                        candidate.fish(),
                        candidate.wished().count(),
                        candidate.rules().weights().carefulPerHour(),
                        most)));
    }

    /** The two cheapest ways, each with what it leaves. */
    private static Sentence waysIn(List<WayIn> ways) {
        if (ways.isEmpty()) {
            return Sentence.of("Nothing we know makes it safe here: choose another fish.");
        }
        Sentence sentence = Sentence.of("It can come if you ");
        for (int i = 0; i < Math.min(2, ways.size()); i++) {
            WayIn way = ways.get(i);
            sentence = Sentence.of(
                    sentence,
                    i == 0 ? "" : ", or ",
                    words(way),
                    way.attacksPerHour() > 0
                            ? " (about " + Numbers.significant(way.attacksPerHour()) + " an hour)"
                            : " (few attacks)");
        }
        return Sentence.of(sentence, ".");
    }

    private static Sentence words(WayIn way) {
        String names = way.residents().stream().map(Fish::name).collect(Collectors.joining(", "));
        return switch (way.kind()) {
            case LARGER -> Sentence.of("buy one of ", Quantity.wholeCm(Math.ceil(way.amount())), " or longer");
            case MORE_CAVES -> Sentence.of("add " + Numbers.plain(way.amount(), 0) + " caves");
            case ALL_TOGETHER -> Sentence.of("take out " + names + " and let all in on one day");
            case REHOME -> Sentence.of("find a new home for " + names);
        };
    }

    private static Finding attacksTooMuch(double attacks, double most, String victim) {
        return stop(
                "It attacks too much: expect about " + Numbers.significant(attacks) + " attacks an hour on " + victim
                        + " in its first week.",
                attacks,
                most);
    }

    private static Finding stop(String sentence, double attacks, double most) {
        return Finding.of(
                RULE,
                Severity.STOP,
                sentence,
                Pressure.SOURCE,
                List.of(
                        new Figure(
                                "expected attacks by those that attack hard, with help",
                                attacks,
                                "an hour",
                                Pressure.SOURCE),
                        new Figure("most that your house rules allow", most, "an hour", Pressure.SOURCE)));
    }

    private static Optional<Pressure> hardest(Stream<Pressure> pressures) {
        return pressures.max(Comparator.comparingDouble(Pressure::perHour));
    }

    private static String named(List<Fish> residents, FishId id) {
        return residents.stream()
                .filter(fish -> fish.id().equals(id))
                .findFirst()
                .orElseThrow()
                .name();
    }

    private static String sentence(double perHour, double limit, String other, boolean suffers) {
        if (perHour < LITTLE) {
            return suffers ? "No fish here should attack it." : "It should attack no fish here.";
        }
        String about = Numbers.significant(perHour);
        return suffers
                ? "Without help, expect about " + about + (about.equals("1") ? " attack" : " attacks")
                        + " an hour from " + other + " in its first week; your limit is " + Numbers.plain(limit) + "."
                : "Expect it to attack " + other + " about " + (about.equals("1") ? "once" : about + " times")
                        + " an hour in its first week; your limit is " + Numbers.plain(limit) + ".";
    }

    private static Finding finding(Candidate candidate, Pressure pressure, String other, boolean suffers) {
        double limit = candidate.rules().weights().carefulPerHour();
        boolean hard = pressure.perHour() >= limit;
        Finding finding = Finding.of(
                RULE,
                hard ? Severity.CAREFUL : Severity.FINE,
                sentence(pressure.perHour(), limit, other, suffers),
                Pressure.SOURCE,
                List.of(
                        new Figure("expected attacks", pressure.perHour(), "an hour", Pressure.SOURCE),
                        new Figure("your limit", limit, "an hour", Pressure.SOURCE)));
        return hard
                ? finding.remedy("Use an acclimation box, add caves, or take " + (suffers ? other : "the attacker")
                        + " out first.")
                : finding;
    }
}
