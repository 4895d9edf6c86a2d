package org.pelluna.core.shortlist;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.pelluna.core.finding.Figure;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.finding.Sentence;
import org.pelluna.core.finding.Severity;
import org.pelluna.core.headroom.Headroom;
import org.pelluna.core.headroom.InchRule;
import org.pelluna.core.headroom.Load;
import org.pelluna.core.plan.Approaches;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.units.Numbers;

/** Is there headroom for it beside the fish that live here, by the chosen approach? */
final class HeadroomRule implements ShortlistRule {
    static final String RULE = "headroom";

    @Override
    public String key() {
        return RULE;
    }

    @Override
    public String question() {
        return "Is there room for it?";
    }

    @Override
    public List<Finding> judge(Candidate candidate) {
        Approaches.Ceiling chosen = candidate.rules().approaches().ceiling();
        Map<Approaches.Ceiling, Load> loads = tightest(candidate);
        Load counts = Objects.requireNonNull(loads.get(chosen));
        Finding finding = chosen == Approaches.Ceiling.INCHES ? byInches(candidate) : byLoad(counts);
        boolean agreed = loads.values().stream().allMatch(load -> load.fits() == counts.fits());
        return List.of(
                agreed
                        ? finding
                        : finding.approaches(loads.entrySet().stream()
                                .map(approach -> Sentence.of(sentence(approach.getKey(), approach.getValue())))
                                .toList()));
    }

    private static Finding byLoad(Load load) {
        List<Figure> figures = List.of(
                new Figure(load.name() + ", all grown", load.used(), load.unit(), load.source()),
                Figure.measured("limit", load.limit(), load.unit()));
        String sentence = (load.fits() ? "There is room: " : "Too much: ") + "with it fully grown, " + load.name()
                + " reaches " + Numbers.plain(load.used(), 2) + " of "
                + (Numbers.plain(load.limit(), 2) + " " + load.unit()).strip() + ".";
        return load.fits()
                ? Finding.of(RULE, Severity.FINE, sentence, load.source(), figures)
                : Finding.of(RULE, Severity.STOP, sentence, load.source(), figures)
                        .remedy(
                                "Keep fewer or smaller fish, change more water, or change the limit in your house rules.");
    }

    /** Residents and wish together, all grown, by every approach. */
    private static Map<Approaches.Ceiling, Load> tightest(Candidate candidate) {
        List<Fish> fish = new ArrayList<>(candidate.stock().residents());
        for (int i = 0; i < candidate.wished().count(); i++) {
            fish.add(candidate.fish());
        }
        Headroom headroom = new Headroom(candidate.tank(), candidate.rules(), candidate.today());
        Map<Approaches.Ceiling, Load> loads = new EnumMap<>(Approaches.Ceiling.class);
        for (Approaches.Ceiling approach : Approaches.Ceiling.values()) {
            loads.put(
                    approach,
                    headroom.of(approach, fish, one -> one.growth().adultLengthCm())
                            .get(0));
        }
        return loads;
    }

    private static String sentence(Approaches.Ceiling approach, Load load) {
        String unit = load.unit().isEmpty() ? "" : " " + load.unit();
        int decimals = Numbers.decimalsToTell(load.used(), load.limit(), 2);
        return "By the " + approach.words() + ": " + (load.fits() ? "yes, " : "no, ")
                + Numbers.plain(load.used(), decimals) + " of " + Numbers.plain(load.limit(), decimals) + unit + " ("
                + load.name() + ").";
    }

    private static Finding byInches(Candidate candidate) {
        InchRule inches = new InchRule(candidate.tank(), candidate.rules());
        LocalDate today = candidate.today();
        double here = InchRule.inches(candidate.stock().residents());
        double adds = InchRule.inches(candidate.species()) * candidate.wished().count();
        double now = inches.ceilingInches(today);
        double mature = inches.matureCeilingInches();
        List<Figure> figures = List.of(
                Figure.measured("net water", inches.gallons(), "gal"),
                new Figure("needed for each inch today", inches.gallonsPerInch(today), "gal/in", InchRule.SOURCE),
                new Figure("limit today", now, "in", InchRule.SOURCE),
                new Figure(
                        "residents, adult",
                        here,
                        "in",
                        candidate.species().size().adultCm().from()),
                new Figure(
                        "this wish, adult",
                        adds,
                        "in",
                        candidate.species().size().adultCm().from()));
        String with = Numbers.plain(here + adds);
        if (here + adds <= now) {
            return Finding.of(
                    RULE,
                    Severity.FINE,
                    "There is room: with it, " + with + " of " + Numbers.plain(now) + " inches of adult fish.",
                    InchRule.SOURCE,
                    figures);
        }
        Optional<LocalDate> matureOn = inches.matureOn().filter(day -> day.isAfter(today));
        if (here + adds <= mature) {
            Finding waits = Finding.of(
                    RULE,
                    Severity.WAIT,
                    matureOn.map(day -> "Wait until " + day + ": the limit then rises to ")
                                    .orElse("Wait until the tank matures: the limit then rises to ")
                            + Numbers.plain(mature) + " inches of adult fish.",
                    InchRule.SOURCE,
                    figures);
            return matureOn.map(waits::until).orElse(waits);
        }
        return Finding.of(
                        RULE,
                        Severity.STOP,
                        "No room: with it, " + with + " inches of adult fish; the mature tank's limit is "
                                + Numbers.plain(mature) + ".",
                        InchRule.SOURCE,
                        figures)
                .remedy("Keep fewer or smaller fish, add water, or change the limit in your house rules.");
    }
}
