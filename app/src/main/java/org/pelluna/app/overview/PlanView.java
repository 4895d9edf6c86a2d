package org.pelluna.app.overview;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.pelluna.app.portrait.FishInReef;
import org.pelluna.app.portrait.Portraits;
import org.pelluna.app.svg.Svg;
import org.pelluna.app.web.FindingView;
import org.pelluna.app.web.Measures;
import org.pelluna.app.web.TankAnswers;
import org.pelluna.core.arrival.Arrival;
import org.pelluna.core.assess.Assessment;
import org.pelluna.core.assess.Headline;
import org.pelluna.core.finding.Explained;
import org.pelluna.core.id.WishId;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.units.Dates;
import org.pelluna.core.units.Numbers;

/**
 * A plan ready to print: to its keeper, or to whoever it is shown to.
 *
 * @param portraits the drawings that the others refer to
 * @param drawing the tank to scale with who lives in it today
 * @param next what comes first, when and why
 * @param hardest the hardest meeting to come; may be empty
 * @param howHard how the hardest meeting is computed; nothing if there is none
 * @param held what has no date, and why; may be empty
 * @param living who lives here
 * @param coming who comes, in order
 * @param without wishes without a date
 * @param chart the calendar of the arrivals; may be empty
 */
public record PlanView(
        Svg portraits,
        Svg drawing,
        String next,
        String hardest,
        @Nullable Explained howHard,
        String held,
        List<LivingView> living,
        List<ComingView> coming,
        List<HeldView> without,
        String chart) {
    /** Who lives here. */
    public record LivingView(String key, String name, String species, Svg portrait, String length) {}

    /** Who comes, and when; with the keys of its wishes. */
    public record ComingView(
            int place, String date, String away, String names, List<Svg> portraits, String box, List<String> keys) {
        /** The wish that stands for them all. */
        public String key() {
            return keys.get(0);
        }
    }

    /** A wish without a date. */
    public record HeldView(String key, String name, FindingView gate) {}

    /** The plan of a tank, in a keeper's measures. */
    public static PlanView of(TankAnswers answers, Measures measures) {
        Assessment assessment = answers.assessment();
        ResolvedPlan stock = assessment.stock();
        Headline headline = Headline.of(assessment);
        return new PlanView(
                Portraits.sheet(Stream.concat(
                                stock.residents().stream().map(Fish::species),
                                stock.wishes().stream().map(ResolvedPlan.Wished::species))
                        .toList()),
                FishInReef.today(stock, measures, 0),
                measures.sentence(headline.next()),
                headline.hardest().orElse(""),
                headline.howHard().orElse(null),
                headline.held().map(measures::sentence).orElse(""),
                stock.residents().stream()
                        .map(fish -> new LivingView(
                                fish.id().key(),
                                fish.name(),
                                fish.species().commonName(),
                                Portraits.use(fish.species()),
                                measures.lengthOf(fish.lengthCmOn(stock.plan().asOf()))))
                        .toList(),
                assessment.order().arrivals().stream()
                        .map(one -> coming(one, stock))
                        .toList(),
                assessment.order().held().stream()
                        .map(one -> new HeldView(one.wishId().key(), one.name(), FindingView.of(one.gate(), measures)))
                        .toList(),
                ArrivalChart.of(answers, Optional.empty(), Optional.empty()).toString());
    }

    private static ComingView coming(Arrival arrival, ResolvedPlan stock) {
        LocalDate today = stock.plan().asOf();
        boolean now = !arrival.date().isAfter(today);
        return new ComingView(
                arrival.place(),
                now ? "now" : arrival.date().toString(),
                now ? "as soon as you find a healthy one" : Dates.distance(arrival.date(), today),
                arrival.names(),
                stock.wishes().stream()
                        .filter(one -> arrival.wishIds().contains(one.wish().id()))
                        .map(one -> Portraits.use(one.species()))
                        .toList(),
                arrival.boxDays() > 0 ? Numbers.count(arrival.boxDays(), "day") + " in the acclimation box" : "",
                arrival.wishIds().stream().map(WishId::key).toList());
    }
}
