package org.pelluna.core.shop;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.pelluna.core.finding.Figure;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.finding.Provenance;
import org.pelluna.core.finding.Sentence;
import org.pelluna.core.finding.Severity;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.plan.WaterTest;
import org.pelluna.core.species.Invertebrate;
import org.pelluna.core.tank.Purpose;
import org.pelluna.core.tank.Tank;
import org.pelluna.core.units.Numbers;
import org.pelluna.core.units.Quantity;

/**
 * Can I buy this shrimp, snail, star or anemone today?
 *
 * @param kind what was asked about
 * @param findings what speaks against it and for it, the gravest first
 */
public record InvertebrateCard(Invertebrate kind, List<Finding> findings) {
    private static final int COPPER_DAYS = 90;

    public static InvertebrateCard of(ResolvedPlan stock, Invertebrate kind) {
        List<Finding> findings = new ArrayList<>();
        Tank tank = stock.plan().tank();
        if (tank.kind() == Purpose.Kind.QUARANTINE) {
            findings.add(finding(Severity.STOP, "Keep it out of quarantine: medicine for fish kills it.", kind.from()));
        }
        water(stock, kind, findings);
        GroupCard.age(stock, kind.monthsCycled(), kind.from(), findings);
        List<Fish> all = GroupCard.all(stock);
        all.forEach(fish -> GroupCard.eater(fish, kind.group(), kind.adultCm()).ifPresent(findings::add));
        partners(all, kind).ifPresent(findings::add);
        kind.eatsFishBelowCm()
                .flatMap(below -> prey(all, kind, below, stock.plan().asOf()))
                .ifPresent(findings::add);
        findings.sort(Comparator.comparing(Finding::severity));
        return new InvertebrateCard(kind, List.copyOf(findings));
    }

    /** The gravest of the findings. */
    public Severity severity() {
        return findings.stream()
                .map(Finding::severity)
                .min(Comparator.naturalOrder())
                .orElse(Severity.FINE);
    }

    static Finding finding(Severity severity, String sentence, Provenance from) {
        return Finding.of("invertebrate", severity, sentence, from, List.of());
    }

    /** Adds what this tank's salinity, temperature and copper would do to it. */
    static void water(ResolvedPlan stock, Invertebrate kind, List<Finding> findings) {
        Tank tank = stock.plan().tank();
        double gravity = tank.regime().specificGravity();
        if (gravity < kind.leastGravity()) {
            findings.add(Finding.of(
                            "salinity",
                            Severity.STOP,
                            "It needs a specific gravity of " + kind.leastGravity() + " or more, and this tank has "
                                    + gravity + ".",
                            kind.from(),
                            List.of(
                                    new Figure("least specific gravity", kind.leastGravity(), "", kind.from()),
                                    Figure.measured("specific gravity here", gravity, "")))
                    .remedy("Raise the salinity slowly first; low salinity is for fish only."));
        }
        double celsius = tank.regime().temperatureCelsius();
        if (celsius < kind.leastCelsius() || celsius > kind.mostCelsius()) {
            findings.add(Finding.of(
                    "temperature",
                    Severity.CAREFUL,
                    "It is best at " + Numbers.plain(kind.leastCelsius()) + " to "
                            + Numbers.plain(kind.mostCelsius()) + " °C, and this tank is at "
                            + Numbers.plain(celsius) + " °C.",
                    kind.from(),
                    List.of(Figure.measured("temperature here", celsius, "°C"))));
        }
        LocalDate today = stock.plan().asOf();
        stock.plan().waterTests().stream()
                .filter(test -> test.kind() == WaterTest.Kind.COPPER
                        && !test.on().isBefore(today.minusDays(COPPER_DAYS))
                        && !test.kind()
                                .suits(test.value(), stock.plan().houseRules().husbandry()))
                .max(Comparator.comparing(WaterTest::on))
                .ifPresent(test -> findings.add(finding(
                        Severity.STOP,
                        "Copper was in this water on " + test.on() + ", " + test.value()
                                + " mg/L. It kills invertebrates, and rock and sand release it for months.",
                        Provenance.PRACTICE)));
    }

    private static Optional<Finding> partners(List<Fish> all, Invertebrate kind) {
        String names = all.stream()
                .filter(fish -> kind.isPartnerOf(fish.species()))
                .map(Fish::name)
                .distinct()
                .collect(Collectors.joining(", "));
        return names.isEmpty()
                ? Optional.empty()
                : Optional.of(finding(Severity.BENEFIT, "It can live with " + names + ".", kind.from()));
    }

    private static Optional<Finding> prey(List<Fish> all, Invertebrate kind, double below, LocalDate today) {
        String names = all.stream()
                .filter(fish -> !kind.isPartnerOf(fish.species()) && fish.lengthCmOn(today) < below)
                .map(Fish::name)
                .distinct()
                .collect(Collectors.joining(", "));
        return names.isEmpty()
                ? Optional.empty()
                : Optional.of(Finding.of(
                        "predation",
                        Severity.CAREFUL,
                        Sentence.of("It can catch a fish under ", Quantity.cm(below), ": " + names + "."),
                        kind.from(),
                        List.of(new Figure("catches fish shorter than", below, "cm", kind.from()))));
    }
}
